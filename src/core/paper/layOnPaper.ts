import { areaOfRings } from '../geometry/clip';
import { plus, point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import { INSET_MM, QUARTERS, turnedToCorner, type Laid, type Quarter, type ToLay } from './laid';
import { maskOf, type Cell, type Mask, type Span } from './mask';
import { insideOf, type PaperSheet } from './papers';

/** Kept free between pieces, mm: room for the scissors. */
const GAP_MM = 4;
/** Cells that pieces are moved by are about as large, mm. */
const CELL_MM = 5;

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
  const tries = orders.flatMap((order) =>
    (['down', 'across'] as const).map((grows) => laidInOrder(order, grid, grows)),
  );
  const best = tries.reduce((least, one) => (one.cost < least.cost ? one : least));
  return pieces.map(({ id }) => best.laid.find((one) => one.id === id) as Laid);
}
const OTHER_ORDERS = [1];

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
    return [{ quarter, move, mask, touches: touching(mask, grid) }];
  });
}

/** More sheets than ever lie beside and below each other. */
const SHEETS_ACROSS = 100;
const MOST_DOWN = 1000;
const sheetKey = (across: number, down: number): number => down * SHEETS_ACROSS + across;

const whole = Math.floor;

/** Sheets that are not joined are large: there the box of a piece tells. */
function touching(
  { spans, columns: wide, rows: high }: Mask,
  { columns, rows, apart }: Grid,
): Turned['touches'] {
  const known: (readonly number[] | undefined)[] = [];
  const box = [
    { row: 0, from: 0, to: wide - 1 },
    { row: high - 1, from: 0, to: wide - 1 },
  ];
  return (column, row) => {
    const place = row * columns + column;
    const before = known[place];
    if (before) return before;
    const found = new Set<number>();
    let [lastDown, lastFrom, lastTo] = [-1, -1, -1];
    for (const span of apart ? box : spans) {
      const down = whole((row + span.row) / rows);
      const from = whole((column + span.from) / columns);
      const to = whole((column + span.to) / columns);
      // Most rows of cells lie on the same sheets as the row above them.
      if (down === lastDown && from === lastFrom && to === lastTo) continue;
      [lastDown, lastFrom, lastTo] = [down, from, to];
      for (let across = from; across <= to; across += 1) found.add(sheetKey(across, down));
    }
    const sheets = [...found];
    known[place] = sheets;
    return sheets;
  };
}

/** What is taken so far: cells, with sums along each row, and sheets. */
interface Taken {
  readonly wide: number;
  readonly cells: Uint8Array[];
  /** Of the cells before each, by row. */
  readonly sums: Int32Array[];
  /** By their keys. */
  readonly sheets: Uint8Array;
}

function isFree({ wide, sums }: Taken, spans: readonly Span[], column: number, row: number): boolean {
  for (const span of spans) {
    const sum = sums[row + span.row];
    if (!sum) continue;
    const from = column + span.from < 0 ? 0 : column + span.from;
    const to = column + span.to < wide ? column + span.to : wide - 1;
    if (from <= to && sum[to + 1] !== sum[from]) return false;
  }
  return true;
}

function take({ wide, cells, sums }: Taken, spans: readonly Span[], column: number, row: number): void {
  for (const { row: at, from, to } of spans) {
    while (cells.length <= row + at) {
      cells.push(new Uint8Array(wide));
      sums.push(new Int32Array(wide + 1));
    }
    cells[row + at]?.fill(1, column + from, column + to + 1);
  }
  for (const at of new Set(spans.map((span) => row + span.row))) {
    const [taken, sum] = [cells[at], sums[at]];
    if (taken && sum)
      for (let nth = 0; nth < wide; nth += 1) sum[nth + 1] = (sum[nth] as number) + (taken[nth] as number);
  }
}

/** Lays one piece after the other; the cost is sheets, then rows of cells. */
function laidInOrder(
  order: readonly Ready[],
  grid: Grid,
  grows: Grows,
): { readonly laid: readonly Laid[]; readonly cost: number } {
  const { rows, cell, wide } = grid;
  const taken: Taken = { wide, cells: [], sums: [], sheets: new Uint8Array(SHEETS_ACROSS * MOST_DOWN) };
  const laid = order.map(({ id, turns }): Laid => {
    const { turn, column, row } = bestPlace(taken, turns, grid, grows);
    take(taken, turn.mask.spans, column, row);
    const corner = sheetKey(Math.floor(column / grid.columns), Math.floor(row / rows));
    for (const key of turn.touches(column % grid.columns, row % rows)) taken.sheets[corner + key] = 1;
    const at = point(column * cell.widthMm, row * cell.heightMm);
    return { id, quarter: turn.quarter, move: plus(turn.move, at) };
  });
  return {
    laid,
    cost: taken.sheets.reduce((sum, one) => sum + one, 0) * (rows + 1) * SHEETS_ACROSS + taken.sums.length,
  };
}

interface Place {
  readonly turn: Turned;
  readonly column: number;
  readonly row: number;
}

/** Whether what is laid grows downwards, as little as it can, or across. */
type Grows = 'down' | 'across';

/** Where a piece needs the fewest new sheets; then runs over the fewest; then ends highest, or leftmost. */
function bestPlace(taken: Taken, turns: readonly Turned[], grid: Grid, grows: Grows): Place {
  const { columns, rows: high, cell, wide } = grid;
  // Below all that lies there a piece is laid at once, or where the next sheet begins.
  const below = taken.sums.length;
  const lowest = below + Math.ceil(GAP_MM / cell.heightMm);
  const rows = [...Array.from({ length: lowest + 1 }, (_, row) => row), Math.ceil(below / high) * high];
  let best: (Place & { readonly cost: number; readonly end: number }) | undefined;
  for (const turn of turns) {
    const { mask, touches } = turn;
    const least = leastCost(turn, grid);
    for (const row of rows) {
      const inRow = row % high;
      const down = (row - inRow) / high;
      let [across, inColumn] = [0, 0];
      for (let column = 0; column + mask.columns <= wide; column += 1, inColumn += 1) {
        if (inColumn === columns) [across, inColumn] = [across + 1, 0];
        const end = grows === 'down' ? row + mask.rows : column + mask.columns;
        // Further on nothing is better than the best there can be.
        if (best && end >= best.end && best.cost <= least) break;
        const cost = costOf(taken, touches(inColumn, inRow), sheetKey(across, down), grid.apart);
        if (best && (cost > best.cost || (cost === best.cost && end >= best.end))) continue;
        if (isFree(taken, mask.wide, column, row)) best = { turn, column, row, cost, end };
      }
    }
  }
  if (!best) throw new Error('expected room below all other pieces, found none: see gridOf');
  return best;
}

/** No place costs less: no new sheet, and as few as the box needs. */
const leastCost = ({ mask }: Turned, { columns, rows, apart }: Grid): number =>
  Math.ceil(mask.columns / columns) * Math.ceil(mask.rows / rows) * (apart ? SHEETS_ACROSS : 0);

/**
 * What it costs to touch the sheets of these keys, from that of the corner. Joined: new ones count first. Not joined: a
 * piece is cut in two only where it must be.
 */
function costOf({ sheets }: Taken, keys: readonly number[], corner: number, apart: boolean): number {
  let fresh = 0;
  for (const key of keys) if (sheets[corner + key] !== 1) fresh += 1;
  return apart ? keys.length * SHEETS_ACROSS + fresh : fresh * SHEETS_ACROSS + keys.length;
}
