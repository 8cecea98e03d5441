import polylabel from 'polylabel';
import { point, type Point } from './point';

/** Found to this closely, mm. */
const CLOSE_MM = 1;

/** The largest circle inside a ring, mm, to a millimetre: where there is most room for what is written on a piece. */
export function roomIn(ring: readonly Point[]): { readonly at: Point; readonly radiusMm: number } {
  const found = polylabel([ring.map(({ x, y }) => [x, y])], CLOSE_MM);
  return { at: point(found[0] as number, found[1] as number), radiusMm: found.distance };
}
