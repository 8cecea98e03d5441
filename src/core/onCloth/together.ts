import type { Cut, Garment } from '../facts/garment';
import { clothRoles, type ClothRole, type KeptLayout } from '../facts/layout';
import { areaOfPieces, type Placement } from '../layout/problem';
import type { UnitSystem } from '../units/constants';
import type { ClothPiece } from './garmentPieces';
import { placeKey } from './keptLayout';

/** Another garment on the same cloth, by the order in which it was chosen. */
export interface Beside {
  readonly garmentId: string;
  readonly name: string;
  /** As which of its cloths. */
  readonly role: ClothRole;
  readonly basis: string;
  readonly pieces: readonly ClothPiece[];
  readonly copies: readonly CopyRow[];
}

/** A copy of a piece of another garment, and the row of that garment’s ticket that it is cut for. */
export interface CopyRow {
  readonly copy: string;
  readonly id: string;
  /** What is frozen of the row once it is cut, by the tape it is read on. */
  readonly frozen: Readonly<Record<UnitSystem, Omit<Cut, 'cutOn'>>>;
}

/** What another garment keeps of it. */
interface KeptBeside {
  readonly garmentId: string;
  readonly role: ClothRole;
  readonly kept: KeptLayout;
}

const prefixOf = (nth: number): string => `w${nth}_`;

/** A copy as it lies among all, and by its own garment’s name for it. */
export interface PlacedBeside {
  readonly placed: Placement;
  readonly own: Placement;
}

/** What is named by piece of the nth of the other garments, by its own names. */
function ownOf<T extends { readonly piece: string }>(
  all: readonly T[],
  nth: number,
): readonly (readonly [T, T])[] {
  const prefix = prefixOf(nth);
  return all
    .filter(({ piece }) => piece.startsWith(prefix))
    .map((one) => [one, { ...one, piece: one.piece.slice(prefix.length) }]);
}

/** The copies of the nth of the other garments. */
export const placedOf = (placements: readonly Placement[], nth: number): readonly PlacedBeside[] =>
  ownOf(placements, nth).map(([placed, own]) => ({ placed, own }));

/** Pieces of a garment and of others, each with an id of its own, the others’ with the name of their garment; those are on other tickets. */
export const joinedPieces = (own: readonly ClothPiece[], others: readonly Beside[]): readonly ClothPiece[] =>
  others.length === 0
    ? own
    : [
        ...own,
        ...others.flatMap(({ name, pieces }, nth) =>
          pieces.map((piece) => ({
            ...piece,
            id: `${prefixOf(nth)}${piece.id}`,
            label: `${piece.label} (${name})`,
            rows: [],
          })),
        ),
      ];

/**
 * A layout of several garments as each of them keeps it: the first all of it, every other its own pieces and where the
 * whole is. Each counts its share of the length, by the area of its pieces, so that the shares are the whole.
 */
export function keptByEach(
  whole: KeptLayout,
  {
    ownId,
    own,
    others,
  }: {
    readonly ownId: string;
    readonly own: readonly ClothPiece[];
    readonly others: readonly Beside[];
  },
): { readonly own: KeptLayout; readonly others: readonly KeptBeside[] } {
  if (others.length === 0) return { own: whole, others: [] };
  const areas = [own, ...others.map(({ pieces }) => pieces)].map(areaOfPieces);
  const allMm2 = areas.reduce((sum, area) => sum + area, 0);
  const shareOf = (nth: number): number => (whole.lengthMm * (areas[nth] ?? 0)) / allMm2;
  return {
    own: {
      ...whole,
      shareMm: shareOf(0),
      with: others.map(({ garmentId, basis }) => ({ garmentId, basis })),
    },
    others: others.map(({ garmentId, role, basis }, nth) => ({
      garmentId,
      role,
      kept: {
        ...whole,
        basis,
        shareMm: shareOf(nth + 1),
        within: ownId,
        places: Object.fromEntries(
          ownOf(Object.values(whole.places), nth).map(([, place]) => [placeKey(place), place]),
        ),
      },
    })),
  };
}

/** As which of its cloths a garment lies in the layout of another. */
export const rolesWithin = (
  { layouts = {} }: Pick<Garment, 'layouts'>,
  ownerId: string,
): readonly ClothRole[] => clothRoles.filter((role) => layouts[role]?.within === ownerId);
