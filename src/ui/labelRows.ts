/** A label on a scale: where it points, and its text. */
export interface ScaleLabel {
  readonly x: number;
  readonly text: string;
}

/** Average width of a character of the scale's labels, px. */
const CHAR_PX = 6.6;
const GAP_PX = 10;

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
