import type { GarmentKind } from '../../fit/garmentKind';
import { chopped, directionAlong, displaced, lengthOf, type Path } from '../../geometry/path';
import { outwardOf, times, point, type Point } from '../../geometry/point';
import type { Outline, Outlines, PieceEdge } from '../outline';
import { crossingEnds } from '../walk';
import { withRedrawn } from './redrawn';
import { walkAsBefore } from './walkAsBefore';

/** A kink that nobody sees is left, one that is taken out is taken out to this, radians. */
const SEEN_RAD = Math.PI / 180;
const SMOOTH_RAD = 0.2 * SEEN_RAD;
const MOST_ROUNDS = 8;
/** So far from the seam the edge is bent, mm, and no further than half of it. */
const REACH_MM = 80;
const PART_MM = 8;

/** A kink that was taken out, radians, and the edge that had it. */
export interface Smoothed {
  readonly at: string;
  readonly kinkRad: number;
}

/**
 * Pieces whose edges run on without a kink across one seam: on either side the edge is bent by half of it, near the seam,
 * where it ends as before. Seams walk as they did. No kink where there was none to be seen, or the seam joins more than two edges.
 */
export function smoothCrossings(
  { sewn }: Pick<GarmentKind, 'sewn'>,
  outlines: Outlines,
  seam: string,
): { readonly outlines: Outlines; readonly smoothed: readonly Smoothed[] } {
  const one = sewn.find(({ id }) => id === seam);
  if (!one) return { outlines, smoothed: [] };
  const kinked = crossingEnds(outlines, one).filter(({ kinkRad }) => Math.abs(kinkRad) > SEEN_RAD);
  let now = outlines;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const left = crossingEnds(now, one).filter(
      ({ at, kinkRad }) => Math.abs(kinkRad) > SMOOTH_RAD && kinked.some((was) => was.at === at),
    );
    if (left.length === 0) break;
    for (const { kinkRad, ends } of left)
      for (const { piece, nth, which } of ends)
        now = { ...now, [piece]: bentAtEnd(now[piece] as Outline, nth, which, kinkRad / 2) };
  }
  return {
    outlines: kinked.length === 0 ? outlines : walkAsBefore(sewn, outlines, now),
    smoothed: kinked.map(({ at, kinkRad }) => ({ at, kinkRad })),
  };
}

/** An edge bent near one of its ends, so that the angle inside the piece there is smaller by `rad`. */
function bentAtEnd(outline: Outline, nth: number, which: 'start' | 'end', rad: number): Outline {
  const { path } = outline.edges[nth] as PieceEdge;
  const long = lengthOf(path);
  const reach = Math.min(REACH_MM, long / 2);
  const along = directionAlong(path, which === 'start' ? 0 : long);
  // Out of the piece beside the edge: there it gives way, most a third of the reach from its end.
  const out = outwardOf(along);
  const by = (share: number): Point => {
    const x = (which === 'start' ? share : 1 - share) * long;
    return x >= reach ? point(0, 0) : times(out, -Math.tan(rad) * x * (1 - x / reach) ** 2);
  };
  const bent: Path = displaced(chopped(path, Math.min(PART_MM, reach / 4)), by);
  return withRedrawn(outline, new Map([[nth, bent]]));
}
