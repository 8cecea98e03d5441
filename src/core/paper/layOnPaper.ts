import { areaOfRings } from '../geometry/clip';
import { plus, point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { INSET_MM, QUARTERS, turnedToCorner, type Laid, type Quarter, type ToLay } from './laid';
import { maskOf, type Cell, type Mask, type Span } from './mask';
import { insideOf, type PaperSheet } from './papers';

/** Kept free between pieces, mm: room for the scissors. */
export const GAP_MM = 4;
/** Cells that pieces are moved by are about as large, mm. */
const CELL_MM = 10;

/** A piece as it can be laid at one of its turns. */
interface Turned {
  readonly quarter: Quarter;
  readonly move: Point;
  readonly mask: Mask;
  /** Keys of the sheets it touches, from that of its corner, by where in that sheet the corner lies. */
  readonly touches: (column: number, row: number) => readonly number[];
}

interface Grid {
  readonly cell: Cell;
  /** Cells of a sheet. */
  readonly columns: number;
  readonly rows: number;
  /** Cells side by side on all sheets. */
  readonly wide: number;
  /** Sheets are not joined. */
  readonly apart: boolean;
}

/** The sheets that pieces are joined on: cells that fill a sheet exactly, as many side by side as the widest piece needs. */
function gridOf(sheet: PaperSheet, pieces: readonly ToLay[]): Grid {
  const { widthMm, heightMm } = insideOf(sheet);
  const columns = Math.max(1, Math.round(widthMm / CELL_MM));
  const rows = Math.max(1, Math.round(heightMm / CELL_MM));
  const needed = pieces.map(({ rings }) => {
    const { left, top, right, bottom } = boundsOfPoints(rings.flat());
    return Math.ceil((Math.min(right - left, bottom - top) + 2 * INSET_MM) / widthMm);
  });
  return {
    cell: { widthMm: widthMm / columns, heightMm: heightMm / rows },
    columns,
    rows,
    wide: columns * Math.max(sheet.columns, ...needed),
    apart: sheet.apart,
  };
}

/**
 * Lays pieces on as few sheets as it finds: each in its turn where it needs the fewest that are not used yet, turned by
 * quarters, the largest first; then the same in a few other orders, and the best is taken. Where sheets are joined a
 * piece may run over several; a gap stays between pieces. Deterministic.
 */
export function layOnPaper(pieces: readonly ToLay[], sheet: PaperSheet): readonly Laid[] {
  const grid = gridOf(sheet, pieces);
  const ready = pieces
    .map((piece) => ({ id: piece.id, area: areaOfRings(piece.rings), turns: turnsOf(piece, grid) }))
    .toSorted((a, b) => b.area - a.area);
  const orders = [ready, ...OTHER_ORDERS.map((seed) => shuffled(ready, seed))];
  const tries = orders.map((order) => laidInOrder(order, grid));
  const best = tries.reduce((least, one) => (one.cost < least.cost ? one : least));
  return pieces.map(({ id }) => best.laid.find((one) => one.id === id) as Laid);
}
const OTHER_ORDERS = [1, 2, 3, 4, 5];

interface Ready {
  readonly id: string;
  readonly area: number;
  readonly turns: readonly Turned[];
}

/** The order with some neighbours changed about. */
function shuffled(order: readonly Ready[], seed: number): readonly Ready[] {
  const found = [...order];
  let state = seed;
  for (let at = found.length - 1; at > 0; at -= 1) {
    state = (state * 48_271) % 2_147_483_647;
    if (state % 3 === 0) found.splice(at - 1, 2, found[at] as Ready, found[at - 1] as Ready);
  }
  return found;
}

function turnsOf({ rings }: ToLay, grid: Grid): readonly Turned[] {
  const known = new Set<string>();
  return QUARTERS.flatMap((quarter) => {
    const { rings: about, move } = turnedToCorner(rings, quarter);
    const mask = maskOf(about, grid.cell, GAP_MM);
    // A rectangle turned by half takes the same cells again.
    const cells = JSON.stringify(mask.spans);
    if (mask.columns > grid.wide || known.has(cells)) return [];
    known.add(cells);
    return [{ quarter, move, mask, touches: touching(mask.spans, grid) }];
  });
}

const SHEETS_ACROSS = 1000;
const sheetKey = (across: number, down: number): number => down * SHEETS_ACROSS + across;

function touching(spans: readonly Span[], { columns, rows }: Grid): Turned['touches'] {
  const known = new Map<number, readonly number[]>();
  return (column, row) => {
    const place = row * columns + column;
    const before = known.get(place);
    if (before) return before;
    const found = new Set<number>();
    for (const span of spans) {
      const down = Math.floor((row + span.row) / rows);
      const last = Math.floor((column + span.to) / columns);
      for (let across = Math.floor((column + span.from) / columns); across <= last; across += 1)
        found.add(sheetKey(across, down));
    }
    const sheets = [...found];
    known.set(place, sheets);
    return sheets;
  };
}

/** What is taken so far: cells, with sums along each row, and sheets. */
interface Taken {
  readonly wide: number;
  readonly sums: Int32Array[];
  readonly sheets: Set<number>;
}

function isFree({ wide, sums }: Taken, spans: readonly Span[], column: number, row: number): boolean {
  for (const span of spans) {
    const sum = sums[row + span.row];
    if (!sum) continue;
    const from = Math.max(column + span.from, 0);
    const to = Math.min(column + span.to, wide - 1);
    if (from <= to && sum[to + 1] !== sum[from]) return false;
  }
  return true;
}

function take(taken: Taken, spans: readonly Span[], column: number, row: number): void {
  const rows = new Map<number, Span[]>();
  for (const span of spans) rows.set(row + span.row, [...(rows.get(row + span.row) ?? []), span]);
  for (const [at, found] of rows) {
    while (taken.sums.length <= at) taken.sums.push(new Int32Array(taken.wide + 1));
    const sum = taken.sums[at] as Int32Array;
    const cells = Array.from(
      { length: taken.wide },
      (_, nth) => (sum[nth + 1] as number) - (sum[nth] as number),
    );
    for (const { from, to } of found) cells.fill(1, column + from, column + to + 1);
    cells.forEach((cell, nth) => {
      sum[nth + 1] = (sum[nth] as number) + cell;
    });
  }
}

/** Lays one piece after the other; the cost is sheets, then rows of cells. */
function laidInOrder(
  order: readonly Ready[],
  grid: Grid,
): { readonly laid: readonly Laid[]; readonly cost: number } {
  const { rows, cell, wide } = grid;
  const taken: Taken = { wide, sums: [], sheets: new Set() };
  const laid = order.map(({ id, turns }): Laid => {
    const { turn, column, row } = bestPlace(taken, turns, grid);
    take(taken, turn.mask.spans, column, row);
    const corner = cornerKey(column, row, grid);
    for (const key of touchedFrom(turn, column, row, grid)) taken.sheets.add(corner + key);
    const at = point(column * cell.widthMm, row * cell.heightMm);
    return { id, quarter: turn.quarter, move: plus(turn.move, at) };
  });
  return { laid, cost: taken.sheets.size * (rows + 1) * SHEETS_ACROSS + taken.sums.length };
}

interface Place {
  readonly turn: Turned;
  readonly column: number;
  readonly row: number;
}

/** Where a piece needs the fewest new sheets; then runs over the fewest; then lies highest, then leftmost. */
function bestPlace(taken: Taken, turns: readonly Turned[], grid: Grid): Place {
  // Below all that lies there a piece is laid at once, or where the next sheet begins.
  const below = taken.sums.length;
  const rows = [
    ...Array.from({ length: below + 1 }, (_, row) => row),
    Math.ceil(below / grid.rows) * grid.rows,
  ];
  let best: (Place & { readonly cost: number; readonly foot: number }) | undefined;
  for (const turn of turns) {
    const { mask } = turn;
    for (const row of rows) {
      const foot = row + mask.rows;
      for (let column = 0; column + mask.columns <= grid.wide; column += 1) {
        const cost = costOf(taken, turn, column, row, grid);
        if (best && (cost > best.cost || (cost === best.cost && foot >= best.foot))) continue;
        if (isFree(taken, mask.wide, column, row)) best = { turn, column, row, cost, foot };
      }
    }
  }
  if (!best) throw new Error('expected room below all other pieces, found none: see gridOf');
  return best;
}

/** The key of the sheet that a piece’s corner lies on, and from that those of all it touches. */
const cornerKey = (column: number, row: number, { columns, rows }: Grid): number =>
  sheetKey(Math.floor(column / columns), Math.floor(row / rows));
const touchedFrom = ({ touches }: Turned, column: number, row: number, { columns, rows }: Grid) =>
  touches(column % columns, row % rows);

/** Sheets that are joined: new ones count first. Sheets that are not: a piece is cut in two only where it must be. */
function costOf({ sheets }: Taken, turn: Turned, column: number, row: number, grid: Grid): number {
  const corner = cornerKey(column, row, grid);
  const keys = touchedFrom(turn, column, row, grid);
  let fresh = 0;
  for (const key of keys) if (!sheets.has(corner + key)) fresh += 1;
  return grid.apart ? keys.length * SHEETS_ACROSS + fresh : fresh * SHEETS_ACROSS + keys.length;
}
