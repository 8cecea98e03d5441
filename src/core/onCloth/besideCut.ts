import type { Garment } from '../facts/garment';
import { nameOf, type Placement } from '../layout/problem';
import type { GarmentPlan } from '../plan/types';
import { frozenLengths } from '../ticket/frozenLengths';
import type { UnitSystem } from '../units/constants';
import { cutCopies, rowsOfCopies, tickChanges, type Cutting } from './cutCopies';
import type { ClothPiece } from './garmentPieces';
import { placedOf, type Beside, type CopyRow, type PlacedBeside } from './together';

/** The rows that the copies of a garment’s pieces are cut for, as another garment’s page needs them. */
export function copyRows(
  pieces: readonly ClothPiece[],
  plan: Pick<GarmentPlan, 'ticket' | 'numbers' | 'zones' | 'pieces'>,
): readonly CopyRow[] {
  return [...rowsOfCopies(pieces, plan)].map(([copy, row]) => ({
    copy,
    id: row.id,
    frozen: { cm: frozenLengths(row, plan, 'cm'), in: frozenLengths(row, plan, 'in') },
  }));
}

/** The facts of a garment that lies beside, as they are now. */
type GarmentOf = (id: string) => Garment | undefined;

/** The cutting of one of the garments beside, in its own names. */
function cuttingOf(
  { role, copies, garmentId }: Beside,
  theirs: readonly PlacedBeside[],
  garmentOf: GarmentOf,
): Cutting<CopyRow> | undefined {
  const garment = garmentOf(garmentId);
  const placements = theirs.map(({ own }) => own);
  return garment && { garment, role, placements, rows: new Map(copies.map((row) => [row.copy, row])) };
}

/** The names, in the layout of all, of copies of other garments that are cut: ticked there, or by their rows. */
export const cutBeside = (
  placements: readonly Placement[],
  others: readonly Beside[],
  garmentOf: GarmentOf,
): ReadonlySet<string> =>
  new Set(
    others.flatMap((one, nth) => {
      const theirs = placedOf(placements, nth);
      const cutting = cuttingOf(one, theirs, garmentOf);
      const cut = cutting ? cutCopies(cutting) : new Set<string>();
      return theirs.filter(({ own }) => cut.has(nameOf(own))).map(({ placed }) => nameOf(placed));
    }),
  );

/** What a tick in the layout of all changes in the garment that the copy is of; nothing where it is of the first. */
export function tickedBeside(
  placements: readonly Placement[],
  copy: Placement,
  {
    others,
    garmentOf,
    cut,
    cutOn,
    unit,
  }: {
    readonly others: readonly Beside[];
    readonly garmentOf: GarmentOf;
    readonly cut: boolean;
    readonly cutOn: string;
    readonly unit: UnitSystem;
  },
): { readonly garmentId: string; readonly changes: Readonly<Record<string, unknown>> } | undefined {
  for (const [nth, one] of others.entries()) {
    const theirs = placedOf(placements, nth);
    const own = theirs.find(({ placed }) => placed === copy)?.own;
    const cutting = own && cuttingOf(one, theirs, garmentOf);
    if (!cutting) continue;
    const changes = tickChanges(cutting, own, {
      cut,
      cutOn,
      frozen: (row) => row.frozen[unit],
      laid: { pieces: one.pieces },
    });
    return { garmentId: one.garmentId, changes };
  }
  return undefined;
}
