import { getNumber } from '../explain/ledger';
import type { Cut, Garment } from '../facts/garment';
import type { ClothRole } from '../facts/layout';
import { simplified } from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints, type Bounds } from '../geometry/ring';
import { nameOf, outlineOf, ringAt, type LayoutProblem, type Placement } from '../layout/problem';
import type { GarmentPlan } from '../plan/types';
import type { TicketRow } from '../ticket/types';
import type { ClothPiece } from './garmentPieces';
import { placeKey } from './keptLayout';
import { notCut } from './untick';

/** The ticket’s row that every copy of a piece is cut for, by the copy’s name: a left and a right by turns. */
export function rowsOfCopies(
  pieces: readonly ClothPiece[],
  { ticket, numbers }: Pick<GarmentPlan, 'ticket' | 'numbers'>,
): ReadonlyMap<string, TicketRow> {
  const rows = new Map(ticket.flatMap((group) => group.rows.map((row) => [row.id, row])));
  const found = new Map<string, TicketRow>();
  for (const { id, rows: mine } of pieces) {
    const left = mine.flatMap((row) => {
      const one = rows.get(row);
      return one ? [{ row: one, count: getNumber(numbers, one.count).value }] : [];
    });
    let copy = 0;
    while (left.some(({ count }) => count > 0)) {
      for (const one of left) {
        if (one.count <= 0) continue;
        one.count -= 1;
        copy += 1;
        found.set(nameOf({ piece: id, copy }), one.row);
      }
    }
  }
  return found;
}

/** A garment that is cut from its layout, with the row of its ticket for every copy. */
export interface Cutting<Row extends { readonly id: string } = { readonly id: string }> {
  readonly garment: Pick<Garment, 'layouts' | 'cuts'>;
  readonly role: ClothRole;
  readonly placements: readonly Placement[];
  readonly rows: ReadonlyMap<string, Row>;
}

/** The day that a copy was ticked on by itself. */
const tickedOn = ({ garment, role }: Cutting, one: Placement): string | undefined =>
  garment.layouts?.[role]?.places[placeKey(one)]?.cutOn;

/** The names of the copies that are cut, of those that have a row: ticked one by one, or by that. */
export const cutCopies = (cutting: Cutting): ReadonlySet<string> =>
  new Set(
    cutting.placements
      .filter((one) => {
        const row = cutting.rows.get(nameOf(one));
        if (!row) return false;
        return cutting.garment.cuts[row.id] !== undefined || tickedOn(cutting, one) !== undefined;
      })
      .map((one) => nameOf(one)),
  );

/**
 * The changes of a garment that tick a copy as cut, or take its tick back. Its row is ticked with the last of its copies.
 */
export function tickChanges<Row extends { readonly id: string }>(
  cutting: Cutting<Row>,
  copy: Placement,
  {
    cut,
    cutOn,
    frozen,
    laid,
  }: {
    readonly cut: boolean;
    readonly cutOn: string;
    /** What is frozen of a row beside the day. */
    readonly frozen: (row: Row) => Omit<Cut, 'cutOn'>;
    /** What is laid out: outlines are kept as they are cut. */
    readonly laid: Pick<LayoutProblem, 'pieces' | 'asCut'>;
  },
): Readonly<Record<string, unknown>> {
  const { garment, role, placements, rows } = cutting;
  const row = rows.get(nameOf(copy));
  const before = cutCopies(cutting);
  // Copies of other garments have no row here: each is ticked by itself.
  const mine = row ? placements.filter((one) => rows.get(nameOf(one))?.id === row.id) : [copy];
  const isCut = (one: Placement): boolean => (one === copy ? cut : before.has(nameOf(one)));
  const whole = row !== undefined && mine.every(isCut);
  const ticks = mine.flatMap((one): readonly (readonly [string, unknown])[] => {
    const at = `layouts.${role}.places.${placeKey(one)}`;
    if (!isCut(one)) return notCut(role, placeKey(one));
    const known = tickedOn(cutting, one);
    if (known !== undefined) return [];
    return [
      [`${at}.cutOn`, cutOn],
      [`${at}.cutFor`, row?.id],
      [`${at}.outline`, keptOutline(outlineOf(laid, one))],
    ];
  });
  const known = row && garment.cuts[row.id] !== undefined;
  return {
    ...Object.fromEntries(ticks),
    ...(whole && !known ? { [`cuts.${row.id}`]: { cutOn, ...frozen(row) } } : {}),
    ...(row && known && !whole ? { [`cuts.${row.id}`]: null } : {}),
  };
}

/** Of an outline that is kept, how far a corner may lie off, and to what its corners are rounded, mm. */
const OFF_MM = 0.05;
const FINEST_MM = 0.01;

const keptOutline = (ring: readonly Point[]): readonly Point[] =>
  simplified(ring, OFF_MM).map(({ x, y }) =>
    point(Math.round(x / FINEST_MM) * FINEST_MM, Math.round(y / FINEST_MM) * FINEST_MM),
  );

/** Pieces that begin so near to each other along the cloth are cut from left to right, mm. */
const SAME_ROW_MM = 50;

/** In the order they are cut: from the beginning of the cloth on, from the left edge to the right. */
export function inCuttingOrder(
  laid: Pick<LayoutProblem, 'pieces' | 'asCut'>,
  placements: readonly Placement[],
): readonly Placement[] {
  const corner = new Map(placements.map((one) => [one, boundsOfPoints(ringAt(laid, one))]));
  const of = (one: Placement) => corner.get(one) as Bounds;
  const row = (one: Placement): number => Math.round(of(one).top / SAME_ROW_MM);
  return placements.toSorted((a, b) => row(a) - row(b) || of(a).left - of(b).left);
}

/** What to write on the label of a copy: its row of the ticket, that it lies face down, that nobody drew it here. */
export function labelOf(
  one: Placement,
  { pieces, rows }: { readonly pieces: readonly ClothPiece[]; readonly rows: ReadonlyMap<string, TicketRow> },
): string {
  const piece = pieces.find(({ id }) => id === one.piece);
  return [
    rows.get(nameOf(one))?.label ?? piece?.label ?? one.piece,
    ...(one.mirrored ? ['face down'] : []),
    ...(piece?.standsIn ? ['by your own pattern'] : []),
  ].join(', ');
}
