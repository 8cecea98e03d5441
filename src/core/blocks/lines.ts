import { interpolateThrough } from '../geometry/monotone';
import { pathOf, type Path } from '../geometry/path';
import { distance, minus, plus, point, times, unitOf, type Point } from '../geometry/point';
import { cubic, endDirection, quadratic, startDirection, type Segment } from '../geometry/segment';

/** Lines that blocks are drawn with. Lengths mm, y downwards. */

/**
 * A side edge downwards through points with rising y: monotone between each and the next. `plumb` at its start or end: it sets
 * out, or arrives, straight down. From the point `leaving` on it leaves its way as soon as a smooth curve can.
 */
export function downThrough(
  points: readonly Point[],
  plumb: 'start' | 'both' | 'end' | 'no' = 'no',
  leaving = -1,
): Path {
  const { slopes } = interpolateThrough(points.map(({ x, y }) => ({ x: y, y: x })));
  const slope = (nth: number): number =>
    (nth === 0 && (plumb === 'start' || plumb === 'both')) ||
    (nth === points.length - 1 && (plumb === 'end' || plumb === 'both'))
      ? 0
      : (slopes[nth] as number);
  return pathOf(
    points.slice(1).map((to, nth) => {
      const from = points[nth] as Point;
      const high = to.y - from.y;
      const [first, last] = nth === leaving ? [LEAVES * high, RUNS_OUT * high] : [high / 3, high / 3];
      return cubic(
        from,
        point(from.x + slope(nth) * first, from.y + first),
        point(to.x - slope(nth + 1) * last, to.y - last),
        to,
      );
    }),
  );
}

/** Handles of a stretch that leaves its way at once, as parts of its height. */
const LEAVES = 0.1;
const RUNS_OUT = 0.5;

const UP_TO = 1e-9;
const along = (direction: Point | undefined): Point => unitOf(direction ?? DOWN) ?? DOWN;
const DOWN = point(0, 1);

/** Which way a path sets out, and arrives, one long. */
export const setsOut = (path: Path): Point => along(startDirection(path[0]));
export const arrives = (path: Path): Point => along(endDirection(path.at(-1) as Segment));

/** A quarter turn clockwise as it is seen: to the left of somebody who comes down. */
export const clockwise = ({ x, y }: Point): Point => point(-y, x);
export const opposite = ({ x, y }: Point): Point => point(-x, -y);

/** A curve that leaves one point and arrives at another in given directions, its handles a share of the way between. */
export function curveTo(
  from: Point,
  leaving: Point,
  to: Point,
  arriving: Point,
  shares: readonly [number, number] = [1 / 3, 1 / 3],
): Path {
  const far = distance(from, to);
  return pathOf([
    cubic(
      from,
      plus(from, times(along(leaving), shares[0] * far)),
      minus(to, times(along(arriving), shares[1] * far)),
      to,
    ),
  ]);
}

/**
 * An edge from the end of a side to the fold at x = 0: square to the side where it begins, level at the fold, so that the
 * opened edge and the next piece run on without a kink. `down` is the way the side runs there.
 */
export function squareToFold(from: Point, down: Point): Path {
  const across = clockwise(along(down));
  const reach = Math.abs(across.x) < UP_TO ? from.x / 2 : from.x / 2 / -across.x;
  const control = plus(from, times(across, reach));
  return pathOf([quadratic(from, control, point(0, control.y))]);
}

/** An edge between two sides, square to both: from the end of the one on the right to that on the left. */
export const squareBetween = (right: Point, downRight: Point, left: Point, downLeft: Point): Path =>
  curveTo(right, clockwise(along(downRight)), left, clockwise(along(downLeft)));
