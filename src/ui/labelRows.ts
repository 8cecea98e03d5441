/** A label on a scale: where it points, and its text. */
interface ScaleLabel {
  readonly x: number;
  readonly text: string;
}

/** Average width of a character of the scale's labels, px. */
const CHAR_PX = 6.6;
const GAP_PX = 10;
const STAFF_GAP_PX = 4;

/**
 * Puts labels into rows so that none overlaps another: each goes into the lowest row where it fits.
 * Returns a row number for each label, in the order given.
 */
export function labelRows(labels: readonly ScaleLabel[]): number[] {
  const order = labels.map((_, at) => at).sort((a, b) => (labels[a]?.x ?? 0) - (labels[b]?.x ?? 0));
  const ends: number[] = [];
  const rows: number[] = [];
  for (const at of order) {
    const { x, text } = labels[at] as ScaleLabel;
    const half = (text.length * CHAR_PX) / 2;
    const free = ends.findIndex((end) => end + GAP_PX <= x - half);
    const row = free === -1 ? ends.length : free;
    ends[row] = x + half;
    rows[at] = row;
  }
  return rows;
}

/** A flag on a scale: where its staff stands, where its text starts, and the row it flies in. */
export interface Flag {
  readonly staffX: number;
  readonly x: number;
  readonly row: number;
}

/**
 * Flies a flag for each label, its text to the right of its staff, so that no text lies on another and no staff
 * runs through the text of one to its left. A text that would leave the scale starts further left, and one that
 * would lie across `clearOfX` ends at its staff instead where there is room. In the order given.
 */
export function flagRows(labels: readonly ScaleLabel[], widthPx: number, clearOfX?: number): Flag[] {
  const order = labels.map((_, at) => at).sort((a, b) => (labels[b]?.x ?? 0) - (labels[a]?.x ?? 0));
  const flags: Flag[] = [];
  const flown: {
    readonly from: number;
    readonly to: number;
    readonly staffX: number;
    readonly row: number;
  }[] = [];
  for (const at of order) {
    const { x: staffX, text } = labels[at] as ScaleLabel;
    const wide = text.length * CHAR_PX;
    const right = Math.max(Math.min(staffX + STAFF_GAP_PX, widthPx - wide), 0);
    const left = staffX - STAFF_GAP_PX - wide;
    const across = clearOfX !== undefined && staffX < clearOfX && clearOfX < right + wide;
    const from = across && left >= 0 ? left : right;
    const to = from + wide + GAP_PX;
    const below = flown.filter(
      (one) => (one.from < to && one.to > from) || (one.staffX < to && one.staffX > from),
    );
    const row = Math.max(-1, ...below.map((one) => one.row)) + 1;
    flown.push({ from, to, staffX, row });
    flags[at] = { staffX, x: from, row };
  }
  return flags;
}
