import type { Point } from '../geometry/point';

/**
 * Cells that a piece takes at one of its turns, counted from its own corner: rows run across the cloth. The spans of row
 * `r` are those from `starts[r]` up to `starts[r + 1]`, each from `from` up to `to`.
 */
export interface Mask {
  readonly rows: number;
  readonly columns: number;
  readonly starts: Int32Array;
  readonly from: Int32Array;
  readonly to: Int32Array;
}

/** Whether a cell counts where its middle is inside (`middle`), or where anything of it is (`whole`). */
export type Cover = 'middle' | 'whole';

/** So that what ends on a line between cells does not take the next, in cells. */
const HAIR = 1e-9;

/** The cells that a ring takes whose box begins at (0, 0). */
export function maskOf(ring: readonly Point[], cellMm: number, cover: Cover): Mask {
  const cells = ring.map(({ x, y }) => ({ x: x / cellMm, y: y / cellMm }));
  const columns = Math.max(1, Math.ceil(Math.max(...cells.map(({ x }) => x)) - HAIR));
  const rows = Math.max(1, Math.ceil(Math.max(...cells.map(({ y }) => y)) - HAIR));
  const crossings: number[][] = Array.from({ length: rows }, () => []);
  const touched: number[][] = Array.from({ length: rows }, () => []);
  let before = cells.at(-1) as Point;
  for (const one of cells) {
    const [up, down] = before.y < one.y ? [before, one] : [one, before];
    const slope = down.y > up.y ? (down.x - up.x) / (down.y - up.y) : 0;
    const first = Math.max(0, Math.ceil(up.y - 0.5));
    for (let row = first; row + 0.5 < down.y && row < rows; row += 1)
      crossings[row]?.push(up.x + (row + 0.5 - up.y) * slope);
    if (cover === 'whole') {
      const from = Math.max(0, Math.floor(up.y + HAIR));
      const to = Math.min(rows - 1, Math.ceil(down.y - HAIR) - 1);
      for (let row = from; row <= Math.max(from, to) && row < rows; row += 1) {
        const at = (y: number) =>
          down.y > up.y ? up.x + (Math.min(Math.max(y, up.y), down.y) - up.y) * slope : up.x;
        const [a, b] = down.y > up.y ? [at(row), at(row + 1)] : [up.x, down.x];
        touched[row]?.push(Math.min(a, b), Math.max(a, b));
      }
    }
    before = one;
  }
  const starts = new Int32Array(rows + 1);
  const from: number[] = [];
  const to: number[] = [];
  for (let row = 0; row < rows; row += 1) {
    for (const [a, b] of spansOf(crossings[row] ?? [], touched[row] ?? [], columns)) {
      from.push(a);
      to.push(b);
    }
    starts[row + 1] = from.length;
  }
  return { rows, columns, starts, from: Int32Array.from(from), to: Int32Array.from(to) };
}

/** Spans of a row without gaps or overlaps between them. */
function spansOf(crossings: number[], touched: readonly number[], columns: number): [number, number][] {
  crossings.sort((a, b) => a - b);
  const found: [number, number][] = [];
  for (let at = 0; at + 1 < crossings.length; at += 2) {
    const [a, b] = [
      Math.ceil((crossings[at] as number) - 0.5),
      Math.ceil((crossings[at + 1] as number) - 0.5),
    ];
    if (b > a) found.push([a, b]);
  }
  for (let at = 0; at < touched.length; at += 2) {
    const a = Math.floor((touched[at] as number) + HAIR);
    found.push([a, Math.max(a + 1, Math.ceil((touched[at + 1] as number) - HAIR))]);
  }
  found.sort((a, b) => a[0] - b[0]);
  const joined: [number, number][] = [];
  for (const [a, b] of found) {
    const last = joined.at(-1);
    if (last && a <= last[1]) last[1] = Math.max(last[1], b);
    else joined.push([a, b]);
  }
  return joined.map(([a, b]) => [Math.max(0, a), Math.min(columns, b)]);
}
