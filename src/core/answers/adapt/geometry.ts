/** A point of a pattern piece, mm; y runs down. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const point = (x: number, y: number): Point => ({ x, y });

/** Steps a curve is flattened into: a raglan line is then true to a hundredth of a millimetre. */
const CURVE_STEPS = 48;

/** A quadratic curve as points, both ends included. */
export const curve = (from: Point, control: Point, to: Point): readonly Point[] =>
  Array.from({ length: CURVE_STEPS + 1 }, (_, at) => {
    const t = at / CURVE_STEPS;
    const [a, b, c] = [(1 - t) ** 2, 2 * t * (1 - t), t * t];
    return point(a * from.x + b * control.x + c * to.x, a * from.y + b * control.y + c * to.y);
  });

export const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

/** Length along a line of points. */
export const lengthOf = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, to, at) => sum + distance(points[at] as Point, to), 0);

/** Area inside a closed line of points (the shoelace sum). */
export const areaOf = (points: readonly Point[]): number =>
  Math.abs(
    points.reduce((sum, a, at) => {
      const b = points[(at + 1) % points.length] as Point;
      return sum + a.x * b.y - b.x * a.y;
    }, 0),
  ) / 2;

/** The part of a line of points up to a distance from its start, and the rest; both hold the point between. */
export function splitAt(
  points: readonly Point[],
  along: number,
): readonly [readonly Point[], readonly Point[]] {
  let left = along;
  for (let at = 1; at < points.length; at += 1) {
    const [a, b] = [points[at - 1] as Point, points[at] as Point];
    const step = distance(a, b);
    if (left <= step) {
      const share = step === 0 ? 0 : left / step;
      const cut = point(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
      return [
        [...points.slice(0, at), cut],
        [cut, ...points.slice(at)],
      ];
    }
    left -= step;
  }
  const last = points.at(-1);
  return [points, last ? [last] : []];
}

/** A line from one point to another, bowed sideways: to the left of the way it runs where `bow` is positive. */
export function bowed(from: Point, to: Point, bow: number): readonly Point[] {
  const length = distance(from, to) || 1;
  const control = point(
    (from.x + to.x) / 2 + ((to.y - from.y) / length) * bow * 2,
    (from.y + to.y) / 2 - ((to.x - from.x) / length) * bow * 2,
  );
  return curve(from, control, to);
}
