import { areaOf, boundsOf, contains, flattened } from '../../geometry/ring';
import type { Point } from '../../geometry/point';
import { isClosed, type Path } from '../../geometry/path';
import { isAtMost } from '../../units/tolerance';

/** A scale is right when a printed square is so near to what it says, a share (common practice, no source: ½ mm in 10 cm). */
const TRUE_SHARE = 0.005;

/** The sides of a square that was clicked, mm. */
export interface SquareSides {
  readonly wideMm: number;
  readonly highMm: number;
}

/** The smallest closed line round a point; nothing where none goes round it. */
export function squareAt(lines: readonly Path[], at: Point): SquareSides | undefined {
  const [smallest] = lines
    .filter((line) => isClosed(line) && contains(flattened(line), at))
    .toSorted((a, b) => Math.abs(areaOf(a)) - Math.abs(areaOf(b)));
  if (!smallest) return undefined;
  const { left, right, top, bottom } = boundsOf(smallest);
  return { wideMm: right - left, highMm: bottom - top };
}

/** What a test square says of the scale: right, to be made larger or smaller by `factor`, or no square at all. */
export type ScaleCheck =
  { readonly says: 'right' | 'off'; readonly factor: number } | { readonly says: 'no square' };

export function checkScale({ wideMm, highMm }: SquareSides, trueMm: number): ScaleCheck {
  if (!isAtMost(Math.abs(wideMm / highMm - 1), TRUE_SHARE)) return { says: 'no square' };
  const factor = trueMm / ((wideMm + highMm) / 2);
  return { says: isAtMost(Math.abs(factor - 1), TRUE_SHARE) ? 'right' : 'off', factor };
}
