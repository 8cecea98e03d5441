import { pathOf, type Path } from '../../geometry/path';
import { between, distance, outwardOf, plus, times, minus, type Point } from '../../geometry/point';
import { quadratic } from '../../geometry/segment';

/** A line from one point to another, bowed sideways: to the left of the way it runs where `bow` is positive. */
export function bowed(from: Point, to: Point, bow: number): Path {
  const sideways = times(outwardOf(minus(to, from)), (2 * bow) / (distance(from, to) || 1));
  return pathOf([quadratic(from, plus(between(from, to, 0.5), sideways), to)]);
}
