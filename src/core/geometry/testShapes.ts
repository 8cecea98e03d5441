import fc from 'fast-check';
import { pathOf, type Path } from './path';
import { point } from './point';
import { cubic } from './segment';

/** Shapes for tests. */

/** The handle of a quarter of a circle: 4/3 · (√2 − 1); the radius is then off by 0.027 % at most (closed form). */
const QUARTER = (4 / 3) * (Math.SQRT2 - 1);

/** An ellipse about the origin as four cubic curves, clockwise as it is seen. */
export function ellipse(a: number, b: number): Path {
  const quarter = (c: number, s: number) => {
    const at = (along: number, across: number) =>
      point(a * (along * c - across * s), b * (along * s + across * c));
    return cubic(at(1, 0), at(1, QUARTER), at(QUARTER, 1), at(0, 1));
  };
  return pathOf([quarter(1, 0), quarter(0, 1), quarter(-1, 0), quarter(0, -1)]);
}
export const circle = (radius: number): Path => ellipse(radius, radius);

const coordinate = fc.integer({ min: -4000, max: 4000 }).map((tenths) => tenths / 10);
export const anyPoint = fc.record({ x: coordinate, y: coordinate });
export const anyCurve = fc
  .tuple(anyPoint, anyPoint, anyPoint, anyPoint)
  .map(([from, c1, c2, to]) => cubic(from, c1, c2, to));
