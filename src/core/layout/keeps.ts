import type { Point } from '../geometry/point';
import type { Bounds } from '../geometry/ring';
import type { Shape } from './shapes';

/** A copy on the cloth: the corner of its box, mm. */
export interface Lying {
  readonly shape: Shape;
  x: number;
  y: number;
}

/** Corners kept off sides: by lists, two copies each, the direction out of the second, and how far out the first’s corner was, less where they lay. */
export interface Keeps {
  readonly a: number[];
  readonly b: number[];
  readonly nx: number[];
  readonly ny: number[];
  readonly out: number[];
  /** How deep the deepest corner lies, mm. */
  worst: number;
}

/** Which corners count: as near as this to another shape, mm; and all, or only those that point against the side, along which pieces lie. */
export interface Counting {
  readonly nearMm: number;
  readonly facing: boolean;
}

/** A corner that points against a side by no less than this, the cosine of the angle between them. */
const AGAINST = 0.8;

export function keepsOf(lying: readonly Lying[], counting: Counting): Keeps {
  const keeps: Keeps = { a: [], b: [], nx: [], ny: [], out: [], worst: 0 };
  const { nearMm } = counting;
  for (let a = 0; a < lying.length; a += 1) {
    for (let b = 0; b < lying.length; b += 1) {
      const [one, other] = [lying[a]!, lying[b]!];
      if (a === b || (one.shape.pinnedAt && other.shape.pinnedAt)) continue;
      const [x, y] = [one.x - other.x, one.y - other.y];
      if (x > other.shape.widthMm + nearMm || -x > one.shape.widthMm + nearMm) continue;
      if (y > other.shape.heightMm + nearMm || -y > one.shape.heightMm + nearMm) continue;
      cornersOff(keeps, { a, b, moving: one.shape, still: other.shape, x, y }, counting);
    }
  }
  return keeps;
}

/** Two copies of the lists; the second lies at (0, 0), the first at (x, y). */
interface Pair {
  readonly a: number;
  readonly b: number;
  readonly moving: Shape;
  readonly still: Shape;
  readonly x: number;
  readonly y: number;
}

function cornersOff(keeps: Keeps, { a, b, moving, still, x, y }: Pair, { nearMm, facing }: Counting): void {
  const sides = sidesNear(still, {
    left: x - nearMm,
    top: y - nearMm,
    right: x + moving.widthMm + nearMm,
    bottom: y + moving.heightMm + nearMm,
  });
  if (sides.length === 0) return;
  const { ring } = still;
  const count = ring.length;
  const corners = cornersOf(moving);
  for (let at = 0; at < corners.x.length; at += 1) {
    const px = corners.x[at]! + x;
    const py = corners.y[at]! + y;
    if (px < -nearMm || py < -nearMm || px > still.widthMm + nearMm || py > still.heightMm + nearMm) continue;
    let least = nearMm * nearMm;
    let side = -1;
    let share = 0;
    for (const one of sides) {
      const from = ring[one]!;
      const to = ring[one + 1 === count ? 0 : one + 1]!;
      const dx = to.x - from.x;
      const dy = to.y - from.y;
      const long = dx * dx + dy * dy;
      const t = Math.max(0, Math.min(1, ((px - from.x) * dx + (py - from.y) * dy) / long));
      const ex = px - from.x - t * dx;
      const ey = py - from.y - t * dy;
      const square = ex * ex + ey * ey;
      if (square >= least) continue;
      least = square;
      side = one;
      share = t;
    }
    if (side < 0) continue;
    const [nx, ny] = outOf(ring, side, share, px, py);
    if (facing && corners.outX[at]! * nx + corners.outY[at]! * ny > -AGAINST) continue;
    const from = ring[side]!;
    const to = ring[side + 1 === count ? 0 : side + 1]!;
    const off = nx * (px - from.x - share * (to.x - from.x)) + ny * (py - from.y - share * (to.y - from.y));
    keeps.a.push(a);
    keeps.b.push(b);
    keeps.nx.push(nx);
    keeps.ny.push(ny);
    keeps.out.push(off - nx * x - ny * y);
    if (-off > keeps.worst) keeps.worst = -off;
  }
}

/**
 * The direction out of a ring at the place on it nearest to a point: of its side; at a corner, of that of its two sides
 * which the point lies further outside of, or, where the corner points inwards, less.
 */
function outOf(
  ring: readonly Point[],
  side: number,
  share: number,
  px: number,
  py: number,
): readonly [number, number] {
  if (share > 0 && share < 1) return outward(ring, side);
  const count = ring.length;
  const [first, second] = share === 0 ? [(side + count - 1) % count, side] : [side, (side + 1) % count];
  const [a, b] = [outward(ring, first), outward(ring, second)];
  const corner = ring[second]!;
  const [outA, outB] = [a, b].map(([nx, ny]) => nx * (px - corner.x) + ny * (py - corner.y)) as [
    number,
    number,
  ];
  const pointsOut = a[0] * b[1] - a[1] * b[0] > 0;
  return outA > outB === pointsOut ? a : b;
}

/** Corners of a shape, and places between those that are further apart than `APART_MM`: where they are, and which way they point. */
interface Corners {
  readonly x: readonly number[];
  readonly y: readonly number[];
  readonly outX: readonly number[];
  readonly outY: readonly number[];
}

/** Two equal rectangles side by side may lie in each other though no corner of one is inside the other: places between tell, mm. */
const APART_MM = 25;

const known = new WeakMap<readonly Point[], Corners>();
function cornersOf({ ring }: Shape): Corners {
  const before = known.get(ring);
  if (before) return before;
  const [x, y, outX, outY]: [number[], number[], number[], number[]] = [[], [], [], []];
  ring.forEach((from, nth) => {
    const to = ring[(nth + 1) % ring.length]!;
    const [ax, ay] = outward(ring, (nth + ring.length - 1) % ring.length);
    const [bx, by] = outward(ring, nth);
    const parts = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / APART_MM));
    for (let part = 0; part < parts; part += 1) {
      x.push(from.x + ((to.x - from.x) * part) / parts);
      y.push(from.y + ((to.y - from.y) * part) / parts);
      outX.push(part === 0 ? (ax + bx) / 2 : bx);
      outY.push(part === 0 ? (ay + by) / 2 : by);
    }
  });
  const corners = { x, y, outX, outY };
  known.set(ring, corners);
  return corners;
}

/** Square to a side of a ring that runs clockwise as it is seen. */
function outward(ring: readonly Point[], side: number): readonly [number, number] {
  const from = ring[side]!;
  const to = ring[(side + 1) % ring.length]!;
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return [(to.y - from.y) / long, (from.x - to.x) / long];
}

/** Sides of a shape that reach into a box. */
function sidesNear({ ring }: Shape, { left, top, right, bottom }: Bounds): readonly number[] {
  const found: number[] = [];
  let from = ring[0]!;
  for (let nth = 0; nth < ring.length; nth += 1) {
    const to = ring[nth + 1 === ring.length ? 0 : nth + 1]!;
    const beside =
      (from.x < left && to.x < left) ||
      (from.x > right && to.x > right) ||
      (from.y < top && to.y < top) ||
      (from.y > bottom && to.y > bottom);
    if (!beside && (from.x !== to.x || from.y !== to.y)) found.push(nth);
    from = to;
  }
  return found;
}
