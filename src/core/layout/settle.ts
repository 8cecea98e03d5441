import type { Point } from '../geometry/point';
import type { Shape } from './shapes';

/** A copy on the cloth: the corner of its box, mm. */
export interface Lying {
  readonly shape: Shape;
  x: number;
  y: number;
}

/** The strip that they lie on, from (0, 0), mm. */
export interface Room {
  readonly wideMm: number;
  readonly longMm: number;
}

/** Rounds of lines taken anew, and of corners moved for each; how often what is left is looked at, and what share of it is worth going on for. */
const ROUNDS = 60;
const SWEEPS = 12;
const LOOK = 8;
const BETTER = 0.97;

export interface Settling {
  /** How deep two shapes may lie in each other at the end, mm. */
  readonly apartMm: number;
  /** Corners as near as this to another shape are kept off it, mm: no deeper may they lie in each other at first. */
  readonly nearMm: number;
}

/**
 * Moves copies that lie in each other a little until they lie apart: every corner near a side of another shape is kept
 * outside of the line along it, one after the other, again and again (a projected Gauss–Seidel method), and the lines are
 * taken anew. Changes `lying`. Gives how deep the deepest corner still lies.
 */
export function settled(lying: readonly Lying[], room: Room, { apartMm, nearMm }: Settling): number {
  let worst = Infinity;
  let before = Infinity;
  putIn(lying, room);
  for (let round = 0; round < ROUNDS; round += 1) {
    const keeps = keepsOf(lying, nearMm);
    worst = keeps.worst;
    if (worst <= apartMm) return worst;
    if (round % LOOK === LOOK - 1) {
      if (worst > BETTER * before) return worst;
      before = worst;
    }
    for (let sweep = 0; sweep < SWEEPS; sweep += 1) {
      if (!swept(lying, keeps)) break;
      putIn(lying, room);
    }
  }
  return worst;
}

/** How near two edges lie that are drawn together, as shares of the first distance, one round after the other. */
const DRAWN = [1, 1, 0.6, 0.6, 0.4, 0.4, 0.2, 0.2, 0.1, 0.1, 0.05, 0.05, 0.02, 0.02];

/**
 * Draws copies together whose edges lie along each other within `nearMm`, and apart where they overlap: pieces that fit
 * each other come to lie as they fit. Changes `lying`.
 */
export function drawnTogether(lying: readonly Lying[], room: Room, nearMm: number): void {
  for (const share of DRAWN) draw(lying, room, share * nearMm, 0.5, 40);
}

/** The same for copies that lie as they fit but for rounding: over many small moves each corner has as much say as another. */
export function evened(lying: readonly Lying[], room: Room): void {
  for (let round = 0; round < 4; round += 1) draw(lying, room, 0.02, 0.5 ** (2 * round + 1), 40);
}

function draw(lying: readonly Lying[], room: Room, nearMm: number, part: number, sweeps: number): void {
  const keeps = keepsOf(lying, nearMm, true);
  for (let sweep = 0; sweep < sweeps; sweep += 1) {
    swept(lying, keeps, part);
    putIn(lying, room);
  }
}

function putIn(lying: readonly Lying[], room: Room): void {
  for (const one of lying) {
    one.x = one.shape.onFold ? 0 : within(one.x, room.wideMm - one.shape.widthMm);
    one.y = within(one.y, room.longMm - one.shape.heightMm);
  }
}

const within = (at: number, most: number): number => Math.max(0, Math.min(at, most));

/** Corners kept off sides: by lists, two copies each, the direction out of the second, and how far out the first’s corner was when they lay where `x` and `y` say. */
interface Keeps {
  readonly a: number[];
  readonly b: number[];
  readonly nx: number[];
  readonly ny: number[];
  readonly out: number[];
  worst: number;
}

/** One round over all; whether anything was moved. */
function swept(lying: readonly Lying[], { a, b, nx, ny, out }: Keeps, draw = 0): boolean {
  const part = draw || 1;
  let moved = false;
  for (let at = 0; at < a.length; at += 1) {
    const [one, other] = [lying[a[at]!]!, lying[b[at]!]!];
    const off = part * (out[at]! + nx[at]! * (one.x - other.x) + ny[at]! * (one.y - other.y));
    if (!draw && off >= -1e-7) continue;
    moved = true;
    one.x -= (nx[at]! * off) / 2;
    one.y -= (ny[at]! * off) / 2;
    other.x += (nx[at]! * off) / 2;
    other.y += (ny[at]! * off) / 2;
  }
  return moved;
}

function keepsOf(lying: readonly Lying[], nearMm: number, drawn = false): Keeps {
  const keeps: Keeps = { a: [], b: [], nx: [], ny: [], out: [], worst: 0 };
  for (let a = 0; a < lying.length; a += 1) {
    for (let b = 0; b < lying.length; b += 1) {
      const [one, other] = [lying[a]!, lying[b]!];
      if (a === b) continue;
      const [x, y] = [one.x - other.x, one.y - other.y];
      if (x > other.shape.widthMm + nearMm || -x > one.shape.widthMm + nearMm) continue;
      if (y > other.shape.heightMm + nearMm || -y > one.shape.heightMm + nearMm) continue;
      cornersOff(keeps, a, b, one.shape, other.shape, x, y, nearMm, drawn);
    }
  }
  return keeps;
}

/** Corners of a shape that are near another, which lies at (0, 0). */
function cornersOff(
  keeps: Keeps,
  a: number,
  b: number,
  moving: Shape,
  still: Shape,
  x: number,
  y: number,
  nearMm: number,
  drawn: boolean,
): void {
  const sides = sidesNear(
    still,
    x - nearMm,
    y - nearMm,
    x + moving.widthMm + nearMm,
    y + moving.heightMm + nearMm,
  );
  if (sides.length === 0) return;
  const ring = still.ring;
  const count = ring.length;
  const facing = drawn ? outs(moving) : undefined;
  for (let at = 0; at < moving.ring.length; at += 1) {
    const corner = moving.ring[at]!;
    const nth = 2 * at;
    const px = corner.x + x;
    const py = corner.y + y;
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
    if (facing && facing[nth]! * nx + facing[nth + 1]! * ny > -0.8) continue;
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

const outsOf = new WeakMap<Shape, Float64Array>();
/** Which way every corner of a shape points: x, y, one after the other. */
function outs(shape: Shape): Float64Array {
  const known = outsOf.get(shape);
  if (known) return known;
  const { ring } = shape;
  const found = new Float64Array(2 * ring.length);
  ring.forEach((_, nth) => {
    const [ax, ay] = outward(ring, (nth + ring.length - 1) % ring.length);
    const [bx, by] = outward(ring, nth);
    found[2 * nth] = (ax + bx) / 2;
    found[2 * nth + 1] = (ay + by) / 2;
  });
  outsOf.set(shape, found);
  return found;
}

/** Square to a side of a ring that runs clockwise as it is seen. */
function outward(ring: readonly Point[], side: number): readonly [number, number] {
  const from = ring[side]!;
  const to = ring[(side + 1) % ring.length]!;
  const long = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return [(to.y - from.y) / long, (from.x - to.x) / long];
}

const found: number[] = [];
/** Sides of a shape that reach into a box. */
function sidesNear(
  { ring }: Shape,
  left: number,
  top: number,
  right: number,
  bottom: number,
): readonly number[] {
  found.length = 0;
  let from = ring[0]!;
  for (let nth = 0; nth < ring.length; nth += 1) {
    const to = ring[nth + 1 === ring.length ? 0 : nth + 1]!;
    if (
      !(
        (from.x < left && to.x < left) ||
        (from.x > right && to.x > right) ||
        (from.y < top && to.y < top) ||
        (from.y > bottom && to.y > bottom)
      ) &&
      (from.x !== to.x || from.y !== to.y)
    )
      found.push(nth);
    from = to;
  }
  return found;
}
