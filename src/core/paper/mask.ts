import { distance, type Point } from '../geometry/point';
import type { Rings } from '../geometry/clip';
import { INSET_MM } from './laid';

/** A row of cells that is taken, both ends included; cells are counted from the piece’s own top left corner. */
export interface Span {
  readonly row: number;
  readonly from: number;
  readonly to: number;
}

/** Cells of a sheet, mm. */
export interface Cell {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Cells that a piece takes. */
export interface Mask {
  /** Rows and columns of its box. */
  readonly rows: number;
  readonly columns: number;
  readonly spans: readonly Span[];
  /** The same with what must stay free round it, the longest first: that tells soonest that there is no room. */
  readonly wide: readonly Span[];
}

/** Boundaries are walked in steps of this, mm: no more than this may jut into a cell unseen. */
const STEP_MM = 1;

/** Which cells the insides of rings take that lie as `turnedToCorner` puts them, and which with `gapMm` kept free round them. */
export function maskOf(rings: Rings, cell: Cell, gapMm: number): Mask {
  const points = rings.flat();
  const wide = Math.max(...points.map(({ x }) => x));
  const high = Math.max(...points.map(({ y }) => y));
  const size = {
    columns: cellsIn(wide + INSET_MM, cell.widthMm),
    rows: cellsIn(high + INSET_MM, cell.heightMm),
  };
  return {
    ...size,
    spans: spansOf(rings, cell, 0, size),
    wide: spansOf(rings, cell, gapMm, size).toSorted((a, b) => b.to - b.from - (a.to - a.from)),
  };
}

const cellsIn = (mm: number, cellMm: number): number => Math.max(1, Math.ceil(mm / cellMm - 1e-6));

function spansOf(
  rings: Rings,
  cell: Cell,
  gapMm: number,
  { columns, rows }: { readonly columns: number; readonly rows: number },
): readonly Span[] {
  // With a gap cells beside the box are taken too; they are found and left out by who lays it at the sheet’s edge.
  const beside = { x: Math.ceil(gapMm / cell.widthMm), y: Math.ceil(gapMm / cell.heightMm) };
  const wide = columns + 2 * beside.x;
  const taken = Array.from({ length: rows + 2 * beside.y }, () => new Uint8Array(wide));
  const column = (x: number) => clamp(Math.floor(x / cell.widthMm) + beside.x, wide - 1);
  const row = (y: number) => clamp(Math.floor(y / cell.heightMm) + beside.y, taken.length - 1);
  for (const ring of rings) {
    for (const { x, y } of along(ring)) {
      const [left, right] = [column(x - gapMm + HAIR), column(x + gapMm - HAIR)];
      for (let at = row(y - gapMm + HAIR); at <= row(y + gapMm - HAIR); at += 1)
        taken[at]?.fill(1, left, right + 1);
    }
  }
  for (let at = 0; at < rows; at += 1) {
    for (const [from, to] of crossed(rings, (at + 0.5) * cell.heightMm))
      taken[at + beside.y]?.fill(1, column(from), column(to) + 1);
  }
  return taken.flatMap((cells, at) => runs(cells, at - beside.y, beside.x));
}
/** So that what ends on a line between cells does not take the next, mm. */
const HAIR = 1e-6;

const clamp = (at: number, most: number): number => Math.min(Math.max(at, 0), most);

function* along(ring: readonly Point[]): Generator<Point> {
  let from = ring.at(-1) as Point;
  for (const to of ring) {
    const steps = Math.max(1, Math.ceil(distance(from, to) / STEP_MM));
    for (let step = 1; step <= steps; step += 1)
      yield { x: from.x + ((to.x - from.x) * step) / steps, y: from.y + ((to.y - from.y) * step) / steps };
    from = to;
  }
}

/** Where a level line is inside each of the rings: from, to. */
const crossed = (rings: Rings, level: number): readonly (readonly [number, number])[] =>
  rings.flatMap((ring) => {
    const at: number[] = [];
    let from = ring.at(-1) as Point;
    for (const to of ring) {
      if (from.y > level !== to.y > level)
        at.push(from.x + ((level - from.y) / (to.y - from.y)) * (to.x - from.x));
      from = to;
    }
    at.sort((a, b) => a - b);
    return Array.from(
      { length: at.length >> 1 },
      (_, nth) => [at[2 * nth] as number, at[2 * nth + 1] as number] as const,
    );
  });

function runs(cells: Uint8Array, row: number, beside: number): Span[] {
  const found: Span[] = [];
  for (let at = 0; at < cells.length; at += 1) {
    if (!cells[at]) continue;
    const from = at;
    while (cells[at + 1]) at += 1;
    found.push({ row, from: from - beside, to: at - beside });
  }
  return found;
}
