import { point, type Point } from '@/core/geometry/point';

/** How cloth is seen: upright, or on its side with its beginning at the left. */
export interface Facing {
  readonly onSide: boolean;
  /** A point of the cloth in the picture. */
  readonly seen: (on: Point) => Point;
  /** A move in the picture on the cloth. */
  readonly onCloth: (by: Point) => Point;
}

export const facing = (widthMm: number, onSide: boolean): Facing =>
  onSide
    ? {
        onSide,
        seen: ({ x, y }) => point(y, widthMm - x),
        onCloth: ({ x, y }) => point(-y, x),
      }
    : { onSide, seen: (on) => on, onCloth: (by) => by };
