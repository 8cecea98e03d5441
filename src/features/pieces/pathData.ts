import type { Path } from '@/core/geometry/path';
import { plus, point, times, type Point } from '@/core/geometry/point';

const number = (one: number): string => one.toFixed(1);

/** A point as SVG writes it. */
export const spotData = ({ x, y }: Point): string => `${number(x)} ${number(y)}`;

/** A path as SVG writes it, each of its points put where `place` says. */
export const pathData = (path: Path, place: (one: Point) => Point = (one) => one): string =>
  path
    .map((segment, nth) => {
      const spot = (one: Point): string => spotData(place(one));
      const start = nth === 0 ? `M${spot(segment.from)}` : '';
      return segment.kind === 'line'
        ? `${start}L${spot(segment.to)}`
        : `${start}C${spot(segment.c1)} ${spot(segment.c2)} ${spot(segment.to)}`;
    })
    .join('');

/** A notch as a stroke across its line, `long` in all, a double one as two; `out` is one long. */
export function notchData(at: Point, out: Point, double: boolean, long: number): string {
  const stroke = (aside: number): string => {
    const beside = plus(at, times(point(-out.y, out.x), aside * long));
    const [from, to] = [plus(beside, times(out, -0.4 * long)), plus(beside, times(out, 0.6 * long))];
    return `M${spotData(from)}L${spotData(to)}`;
  };
  return double ? stroke(-0.17) + stroke(0.17) : stroke(0);
}
