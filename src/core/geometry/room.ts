import polylabel from 'polylabel';
import { point, type Point } from './point';

/** The largest circle inside a ring, mm, as closely as is asked: where there is most room for what is written on a piece. */
export function roomIn(
  ring: readonly Point[],
  closeMm: number,
): { readonly at: Point; readonly radiusMm: number } {
  const found = polylabel([ring.map(({ x, y }) => [x, y])], closeMm);
  return { at: point(found[0] as number, found[1] as number), radiusMm: found.distance };
}
