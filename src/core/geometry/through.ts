import { distance, plus, times, minus, type Point } from './point';
import { pathOf, type Path } from './path';
import { cubic, line, type Segment } from './segment';

/** A point an outline was clicked through: a curve runs on smoothly there, a corner does not. */
export interface Clicked extends Point {
  readonly corner?: boolean | undefined;
}

/** Centripetal: the root of the distance stands for the time between two points (Yuksel, Schaefer and Keyser, 2011). */
const CENTRIPETAL = 0.5;

/**
 * A smooth path through points: between corners a centripetal Catmull–Rom spline as cubic Bézier curves, which makes no
 * loops or cusps of its own; two corners are joined by a straight line. Throws for fewer than two points that differ (misuse).
 */
export function pathThrough(clicked: readonly Clicked[]): Path {
  const points = clicked.filter((one, nth) => nth === 0 || distance(one, clicked[nth - 1] as Point) > 0);
  const segments: Segment[] = [];
  for (const [nth, to] of points.entries()) {
    const from = points[nth - 1];
    if (!from) continue;
    const before = isSmooth(points, nth - 1) ? points[nth - 2] : undefined;
    const after = isSmooth(points, nth) ? points[nth + 1] : undefined;
    segments.push(before || after ? smooth(before, from, to, after) : line(from, to));
  }
  return pathOf(segments);
}

/** Whether the path runs on smoothly at a point: one between others that is no corner. */
const isSmooth = (points: readonly Clicked[], nth: number): boolean =>
  nth > 0 && nth < points.length - 1 && points[nth]?.corner !== true;

/** One span of the spline. At a corner its neighbour is mirrored, so that the curve runs out freely. */
function smooth(before: Point | undefined, from: Point, to: Point, after: Point | undefined): Segment {
  const p0 = before ?? minus(times(from, 2), to);
  const p3 = after ?? minus(times(to, 2), from);
  const time = (a: Point, b: Point): number => distance(a, b) ** CENTRIPETAL;
  const [d1, d2, d3] = [time(p0, from), time(from, to), time(to, p3)];
  const handle = (far: Point, near: Point, on: Point, d: number, e: number): Point => {
    // Barry and Goldman’s pyramid, written as a Bézier handle.
    const weight = 3 * d * (d + e);
    const sum = plus(plus(times(on, d * d), times(far, -e * e)), times(near, 2 * d * d + 3 * d * e + e * e));
    return times(sum, 1 / weight);
  };
  return cubic(from, handle(p0, from, to, d1, d2), handle(p3, to, from, d3, d2), to);
}
