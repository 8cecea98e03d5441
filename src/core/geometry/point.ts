/** A point or a vector on the flat cloth or paper, mm; x to the right, y downwards. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

export const point = (x: number, y: number): Point => ({ x, y });
export const plus = (a: Point, b: Point): Point => point(a.x + b.x, a.y + b.y);
export const minus = (a: Point, b: Point): Point => point(a.x - b.x, a.y - b.y);
export const times = (a: Point, by: number): Point => point(a.x * by, a.y * by);
export const dot = (a: Point, b: Point): number => a.x * b.x + a.y * b.y;
/** Positive where `b` lies clockwise of `a` as it is seen, y pointing downwards. */
export const cross = (a: Point, b: Point): number => a.x * b.y - a.y * b.x;
export const sizeOf = ({ x, y }: Point): number => Math.hypot(x, y);
export const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);
/** The point a share of the way from `a` to `b`. */
export const between = (a: Point, b: Point, share: number): Point =>
  point(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
/** The point on the other side of x = 0. */
export const mirrored = ({ x, y }: Point): Point => point(-x, y);
/** The same direction, one long; nothing for a vector without length. */
export function unitOf(a: Point): Point | undefined {
  const size = sizeOf(a);
  return size === 0 ? undefined : point(a.x / size, a.y / size);
}
/** A quarter turn counter-clockwise as it is seen: outwards of a ring that runs clockwise. */
export const outwardOf = ({ x, y }: Point): Point => point(y, -x);
/** The angle from `a` to `b`, −π to π, positive clockwise as it is seen. */
export const angleBetween = (a: Point, b: Point): number => Math.atan2(cross(a, b), dot(a, b));

/** Where two lines meet, each through a point in a direction; nothing where they run the same way. */
export function meetingOf(a: Point, alongA: Point, b: Point, alongB: Point): Point | undefined {
  const det = cross(alongA, alongB);
  if (Math.abs(det) < PARALLEL * sizeOf(alongA) * sizeOf(alongB)) return undefined;
  return plus(a, times(alongA, cross(minus(b, a), alongB) / det));
}
/** The sine of an angle below which two lines count as parallel: their meeting would be kilometres away. */
const PARALLEL = 1e-9;
