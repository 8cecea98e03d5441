import { isClosed, type Path } from './path';
import { cross, distance, minus, plus, point, times, type Point } from './point';
import { partsUntil, turnOfSegment, type Segment } from './segment';

/** How far a polygon may lie off the curve it stands for, mm. */
export const FLAT_MM = 0.02;

/** Points along a path so close that straight lines between them lie within `off` mm of it. */
export function flattened(path: Path, off = FLAT_MM): readonly Point[] {
  const parts = path.flatMap((segment) => partsUntil((part) => isFlat(part, off), segment));
  return [path[0].from, ...parts.map(({ to }) => to)];
}

/**
 * Whether a segment lies within `off` mm of its chord: a curve lies no further from it than three quarters of its handles
 * do (convex hull of the cubic).
 */
export function isFlat(segment: Segment, off: number): boolean {
  if (segment.kind === 'line') return true;
  const { from, c1, c2, to } = segment;
  const chord = minus(to, from);
  const long = Math.hypot(chord.x, chord.y);
  const far = (one: Point): number =>
    long > 0 ? Math.abs(cross(chord, minus(one, from))) / long : distance(one, from);
  return (
    0.75 * Math.max(far(c1), far(c2)) <= off && (long === 0 || Math.abs(turnOfSegment(segment)) < Math.PI / 2)
  );
}

/**
 * The area a closed path goes round, mm², positive where it goes clockwise as it is seen: Green’s theorem, exact for lines
 * and cubic curves. Throws where it is not closed (misuse).
 */
export function areaOf(path: Path): number {
  if (!isClosed(path)) throw new Error('expected a path that ends where it began, it does not');
  return path.reduce((sum, segment) => sum + underneath(segment), 0);
}

/** ½ ∮ (x dy − y dx) along one segment. */
function underneath(segment: Segment): number {
  const { from, to } = segment;
  if (segment.kind === 'line') return cross(from, to) / 2;
  const { c1, c2 } = segment;
  return (
    (3 * (2 * cross(from, c1) + cross(from, c2) + cross(c1, c2) + cross(c1, to) + 2 * cross(c2, to)) +
      cross(from, to)) /
    20
  );
}

/** Whether a point lies inside a ring of points (even and odd crossings); on its edge is either. */
export function contains(ring: readonly Point[], { x, y }: Point): boolean {
  let inside = false;
  let before = ring.at(-1) as Point;
  for (const point of ring) {
    if (point.y > y !== before.y > y) {
      const crossing = before.x + ((y - before.y) / (point.y - before.y)) * (point.x - before.x);
      if (x < crossing) inside = !inside;
    }
    before = point;
  }
  return inside;
}

export interface Bounds {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Whether two upright rectangles share more than an edge. */
export const boxesMeet = (a: Bounds, b: Bounds): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** The smallest upright rectangle round points, however many; inside out round none. */
export function boundsOfPoints(points: readonly Point[]): Bounds {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (const { x, y } of points) {
    box.left = Math.min(box.left, x);
    box.top = Math.min(box.top, y);
    box.right = Math.max(box.right, x);
    box.bottom = Math.max(box.bottom, y);
  }
  return box;
}

/** The smallest upright rectangle round a path, to within the flatness of its polygon. */
export const boundsOf = (path: Path): Bounds => boundsOfPoints(flattened(path));

/** Where a ring of points crosses itself; its neighbours’ shared ends are no crossing. Empty for a ring that does not. */
export function crossingsOf(ring: readonly Point[]): readonly Point[] {
  const corners = ring.filter((one, nth) => distance(one, ring.at(nth - 1) as Point) > 0);
  const sides = corners
    .map((from, nth) => ({ nth, from, to: corners[(nth + 1) % corners.length] as Point }))
    .map((side) => ({
      ...side,
      left: Math.min(side.from.x, side.to.x),
      right: Math.max(side.from.x, side.to.x),
    }))
    .toSorted((a, b) => a.left - b.left);
  const found: Point[] = [];
  let open: typeof sides = [];
  for (const side of sides) {
    open = open.filter(({ right }) => right >= side.left);
    for (const other of open) {
      const apart = Math.abs(side.nth - other.nth);
      const crossing = apart > 1 && apart < corners.length - 1 ? crossingOf(side, other) : undefined;
      if (crossing) found.push(crossing);
    }
    open.push(side);
  }
  return found;
}

interface Side {
  readonly from: Point;
  readonly to: Point;
}

/** Where two straight sides meet, ends included; nothing where they do not, or lie along each other. */
function crossingOf(a: Side, b: Side): Point | undefined {
  const [alongA, alongB, apart] = [minus(a.to, a.from), minus(b.to, b.from), minus(b.from, a.from)];
  const det = cross(alongA, alongB);
  if (det === 0) return undefined;
  const [onA, onB] = [cross(apart, alongB) / det, cross(apart, alongA) / det];
  const within = (share: number): boolean => share >= 0 && share <= 1;
  return within(onA) && within(onB) ? plus(a.from, times(alongA, onA)) : undefined;
}

/** An upright rectangle from (0, 0), clockwise as it is seen. */
export const rectangle = (wideMm: number, highMm: number): readonly Point[] => [
  point(0, 0),
  point(wideMm, 0),
  point(wideMm, highMm),
  point(0, highMm),
];
