import { cross, distance, minus, plus, point, type Point } from './point';

/** Nine numbers, row by row, of a projective map of the plane. */
export type Homography = readonly [number, number, number, number, number, number, number, number, number];

/** The corners of a quadrilateral in order. */
export type Corners = readonly [Point, Point, Point, Point];

/** Where a projective map takes a point; nothing where it goes beyond the horizon. */
export function projected(h: Homography, { x, y }: Point): Point | undefined {
  const w = h[6] * x + h[7] * y + h[8];
  if (Math.abs(w) < HORIZON) return undefined;
  return point((h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w);
}
const HORIZON = 1e-12;

/** Whether four corners, in order, make a quadrilateral without a dent or a crossing: only such a one is a sheet seen from above. */
export function isConvex(corners: Corners): boolean {
  const turns = corners.map((corner, nth) => {
    const next = corners[(nth + 1) % 4] as Point;
    const after = corners[(nth + 2) % 4] as Point;
    return cross(minus(next, corner), minus(after, next));
  });
  return turns.every((turn) => turn > 0) || turns.every((turn) => turn < 0);
}

/** The map of the unit square onto a quadrilateral (Heckbert, 1989: closed form). */
function fromSquare([p0, p1, p2, p3]: Corners): Homography {
  const [d1, d2, sum] = [minus(p1, p2), minus(p3, p2), plus(minus(p0, p1), minus(p2, p3))];
  const det = cross(d1, d2);
  const [g, h] = [cross(sum, d2) / det, cross(d1, sum) / det];
  return [
    p1.x - p0.x + g * p1.x,
    p3.x - p0.x + h * p3.x,
    p0.x,
    p1.y - p0.y + g * p1.y,
    p3.y - p0.y + h * p3.y,
    p0.y,
    g,
    h,
    1,
  ];
}

/** The inverse but for a factor, which a projective map does not have. */
function adjugate([a, b, c, d, e, f, g, h, i]: Homography): Homography {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

const product = (a: Homography, b: Homography): Homography =>
  [0, 3, 6].flatMap((row) =>
    [0, 1, 2].map(
      (column) =>
        (a[row] as number) * (b[column] as number) +
        (a[row + 1] as number) * (b[column + 3] as number) +
        (a[row + 2] as number) * (b[column + 6] as number),
    ),
  ) as unknown as Homography;

/** The map that takes four corners onto four others. Throws where either is not convex (misuse: ask `isConvex` first). */
export function homographyOf(from: Corners, onto: Corners): Homography {
  if (!isConvex(from) || !isConvex(onto)) throw new Error('expected four corners of a convex quadrilateral');
  return product(fromSquare(onto), adjugate(fromSquare(from)));
}

/** A step of a pixel so small that the map is straight over it. */
const STEP_PX = 1e-3;

const replaced = (corners: Corners, nth: number, by: Point): Corners =>
  corners.map((corner, at) => (at === nth ? by : corner)) as unknown as Corners;

/**
 * How far off a point of the paper may be, mm, where every click (the four corners and the point itself) is off by
 * `clickPx` in each coordinate: all ten errors carried through the map and added as squares. Nothing beyond the horizon.
 */
export function errorAt(photo: Corners, paper: Corners, pixel: Point, clickPx = 1): number | undefined {
  const map = homographyOf(photo, paper);
  const here = projected(map, pixel);
  if (!here) return undefined;
  const steps = [point(STEP_PX, 0), point(0, STEP_PX)];
  const moved = steps.flatMap((step) => [
    projected(map, plus(pixel, step)),
    ...photo.map((corner, nth) =>
      projected(homographyOf(replaced(photo, nth, plus(corner, step)), paper), pixel),
    ),
  ]);
  const squares = moved.map((one) => (one ? distance(one, here) ** 2 : 0));
  return (clickPx / STEP_PX) * Math.sqrt(squares.reduce((sum, one) => sum + one, 0));
}
