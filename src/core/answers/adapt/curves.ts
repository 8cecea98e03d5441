import { distance, point, type Point } from '../../geometry/point';

/** Steps a curve is flattened into: a raglan line is then true to a hundredth of a millimetre. */
const CURVE_STEPS = 48;

/** A quadratic curve as points, both ends included. */
export const curve = (from: Point, control: Point, to: Point): readonly Point[] =>
  Array.from({ length: CURVE_STEPS + 1 }, (_, at) => {
    const t = at / CURVE_STEPS;
    const [a, b, c] = [(1 - t) ** 2, 2 * t * (1 - t), t * t];
    return point(a * from.x + b * control.x + c * to.x, a * from.y + b * control.y + c * to.y);
  });

/** A line from one point to another, bowed sideways: to the left of the way it runs where `bow` is positive. */
export function bowed(from: Point, to: Point, bow: number): readonly Point[] {
  const length = distance(from, to) || 1;
  const control = point(
    (from.x + to.x) / 2 + ((to.y - from.y) / length) * bow * 2,
    (from.y + to.y) / 2 - ((to.x - from.x) / length) * bow * 2,
  );
  return curve(from, control, to);
}
