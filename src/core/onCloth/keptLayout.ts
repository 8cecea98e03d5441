import type { CutWith, KeptLayout, Place } from '../facts/layout';
import { layoutFaults } from '../layout/check';
import type { Using } from './laidOn';
import { lengthOf, nameOf, type Layout, type LayoutProblem, type Placement } from '../layout/problem';

/** What a layout is kept with. */
export interface Keeping {
  readonly keptOn: string;
  /** As the cloth is sold, not as it is laid on. */
  readonly widthMm: number;
  readonly cutWith: CutWith;
  readonly unmatched?: boolean | undefined;
  /** Where it is folded, from the left selvedge. */
  readonly foldMm?: number | undefined;
  /** See `layoutBasis`. */
  readonly basis: string;
}

/** How the cloth of a kept layout is used. */
export const usingOf = ({ widthMm, cutWith, unmatched, shelvedOn }: KeptLayout): Using => ({
  widthMm,
  cutWith,
  unmatched,
  shelved: shelvedOn !== undefined,
});

/** A place’s name among the facts. */
export const placeKey = ({ piece, copy }: Pick<Placement, 'piece' | 'copy'>): string => `${piece}-${copy}`;

/** So fine that along metres of an edge nothing comes to lie beside the cloth by it, mm. */
const FINEST_MM = 1e-6;
const kept = (mm: number): number => Math.round(mm / FINEST_MM) * FINEST_MM;

/** A layout as facts; `pinned` are the names of copies that stay where they lie, `before` what was kept until now: what is cut stays so. */
export function factsOfLayout(
  problem: LayoutProblem,
  placements: readonly Placement[],
  {
    pinned,
    before,
    foldMm,
    unmatched,
    ...keeping
  }: Keeping & { readonly pinned: ReadonlySet<string>; readonly before?: KeptLayout | undefined },
): KeptLayout {
  const places = placements.map((one): readonly [string, Place] => [
    placeKey(one),
    {
      piece: one.piece,
      copy: one.copy,
      xMm: kept(one.x),
      yMm: kept(one.y),
      turn: one.turn,
      ...(one.mirrored ? { faceDown: true } : {}),
      ...(pinned.has(nameOf(one)) ? { pinned: true } : {}),
      ...cutOf(before?.places[placeKey(one)]),
    },
  ]);
  const lengthMm = Math.max(1, lengthOf(problem, placements));
  const apart = layoutFaults(problem, { placements, lengthMm }).length === 0;
  return {
    ...keeping,
    ...(unmatched ? { unmatched } : {}),
    ...(foldMm === undefined ? {} : { foldMm }),
    ...(before?.shelvedOn === undefined ? {} : { shelvedOn: before.shelvedOn }),
    lengthMm,
    ...(apart ? { apart } : {}),
    places: Object.fromEntries(places),
  };
}

const cutOf = (before: Place | undefined): Pick<Place, 'cutOn' | 'cutFor' | 'outline'> =>
  before?.cutOn === undefined
    ? {}
    : {
        cutOn: before.cutOn,
        ...(before.cutFor ? { cutFor: before.cutFor } : {}),
        ...(before.outline ? { outline: before.outline } : {}),
      };

const placementOf = ({ piece, copy, xMm, yMm, turn, faceDown = false }: Place): Placement => ({
  piece,
  copy,
  x: xMm,
  y: yMm,
  turn,
  mirrored: faceDown,
});

/**
 * A problem in which what is cut stays as it was cut and where: with the outlines that were kept then, whatever its pieces
 * have become since. The same problem where nothing is cut.
 */
export function withCut(problem: LayoutProblem, kept: Pick<KeptLayout, 'places'> | undefined): LayoutProblem {
  const known = new Map(problem.pieces.map(({ id, count }) => [id, count]));
  const cut = Object.values(kept?.places ?? {}).filter(
    ({ piece, copy, outline = [] }) => outline.length > 2 && copy <= (known.get(piece) ?? 0),
  );
  if (cut.length === 0) return problem;
  return {
    ...problem,
    asCut: new Map(cut.map((place) => [nameOf(place), place.outline ?? []])),
    pinned: cut.map(placementOf),
  };
}

/** A kept layout of the pieces there are now, and the names of those that stay; nothing where some of them have no place in it. */
export function keptPlacements(
  problem: LayoutProblem,
  { places }: KeptLayout,
): { readonly layout: Layout; readonly pinned: ReadonlySet<string> } | undefined {
  const found = problem.pieces.flatMap(({ id, count }) =>
    Array.from({ length: count }, (_, nth) => places[placeKey({ piece: id, copy: nth + 1 })]),
  );
  if (found.length === 0 || found.some((one) => !one)) return undefined;
  const placements = (found as readonly Place[]).map(placementOf);
  const pinned = (found as readonly Place[]).filter((one) => one.pinned).map((one) => nameOf(one));
  return {
    layout: { placements, lengthMm: lengthOf(problem, placements) },
    pinned: new Set(pinned),
  };
}
