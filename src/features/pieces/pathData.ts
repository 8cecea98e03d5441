import type { Path } from '@/core/geometry/path';
import type { Point } from '@/core/geometry/point';

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
