import { areaOfRings, shared, simplified, without } from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints, boxesMeet, rectangle, type Bounds } from '../geometry/ring';
import { OVERLAP_MM2 } from './check';
import type { Lying } from './keeps';
import {
  isSameTurn,
  mayLie,
  nameOf,
  ringAt,
  sideOf,
  type LayoutPiece,
  type LayoutProblem,
  type Placement,
} from './problem';
import { heldFurther, heldTo, onRepeat, type Held } from './repeat';
import { settled } from './settle';
import { boundTo, Shapes, type Shape } from './shapes';
import { travelOf, type Way } from './travel';

/** What a copy in the hand lies on, and whether part of it is beside the cloth. */
export interface Crossing {
  /** The names of copies. */
  readonly over: readonly string[];
  readonly outside: boolean;
}

export const isClear = ({ over, outside }: Crossing): boolean => over.length === 0 && !outside;

/** Up and left by turns, until it goes no further. */
const CLOSE_ROUNDS = 30;
/** What lies a little in others is pushed out of them in so many rounds, or not at all: a frame has no time for more. */
const PUSH_ROUNDS = 8;
/** How far an outline with fewer corners may lie off, and how deep in others what it was moved by may be left, mm. */
const THIN_MM = 0.5;
const NEARLY_MM = 2;
/** Less than this is no way, mm. */
const HAIR_MM = 1e-6;
/** No cloth is so long, mm. */
const ENDLESS_MM = 1e7;

/** Works out what a hand needs of a piece. That takes some milliseconds the first time: whoever drags should not wait for it. */
export const readyFor = (problem: LayoutProblem, piece: LayoutPiece): void =>
  void new Shapes({ ...problem, pieces: [piece], pinned: [], holes: [] });

/** One copy that is moved by hand among others that stay where they lie. Lengths in mm. */
export class Hand {
  private readonly shapes: Shapes;
  private readonly own: Shape;
  private readonly others: readonly Lying[];
  private readonly cut: readonly { readonly name: string; readonly ring: readonly Point[]; box: Bounds }[];
  private readonly ring: readonly Point[];
  private readonly wideMm: number;

  /** Throws where the held copy is none of the placements (misuse). */
  constructor(
    private readonly problem: LayoutProblem,
    placements: readonly Placement[],
    private readonly held: Placement,
  ) {
    this.shapes = new Shapes({ ...problem, pinned: placements });
    this.wideMm = problem.widthMm + this.shapes.edgeMm;
    const name = nameOf(held);
    const others: Lying[] = [];
    let own: Shape | undefined;
    for (const { piece, copy, shapes } of this.shapes.copies) {
      const [shape] = shapes;
      const corner = shape?.pinnedAt;
      if (!shape || !corner) continue;
      if (nameOf({ piece: piece.id, copy }) === name) own = { ...shape, pinnedAt: undefined };
      else others.push({ shape, ...corner });
    }
    if (!own) throw new Error(`expected ${name} among the placements, it is not`);
    const print = heldTo(problem, held);
    const corner = this.shapes.cornerOf(own, point(0, 0));
    this.own = { ...own, ...boundTo(undefined, print && heldFurther(print, corner)) };
    this.others = [...others, ...this.shapes.holes.map((shape) => ({ shape, ...(shape.pinnedAt as Point) }))];
    this.ring = ringAt(problem, { ...held, x: 0, y: 0 });
    this.cut = placements
      .filter((one) => nameOf(one) !== name)
      .map((one) => {
        const ring = ringAt(problem, one);
        return { name: nameOf(one), ring, box: boundsOfPoints(ring) };
      });
  }

  /** What it lies on where it is held at a place, by what is really cut: the gap is not counted. */
  crossing(at: Point): Crossing {
    const ring = this.ring.map(({ x, y }) => point(x + at.x, y + at.y));
    const box = boundsOfPoints(ring);
    const over = this.cut.filter(
      (other) => boxesMeet(box, other.box) && areaOfRings(shared([ring], [other.ring])) > OVERLAP_MM2,
    );
    const { widthMm } = this.problem;
    const inside = box.left >= -HAIR_MM && box.top >= -HAIR_MM && box.right <= widthMm + HAIR_MM;
    const outside = (!inside && this.isOutside(ring)) || this.isOverHole(ring);
    return { over: over.map(({ name }) => name), outside };
  }

  private isOverHole(ring: readonly Point[]): boolean {
    const { holes = [] } = this.problem;
    return holes.length > 0 && areaOfRings(shared([ring], holes)) > OVERLAP_MM2;
  }

  private isOutside(ring: readonly Point[]): boolean {
    return areaOfRings(without([ring], [rectangle(this.problem.widthMm, ENDLESS_MM)])) > OVERLAP_MM2;
  }

  /** As near to a place as it touches others, a gap away, where that is no further than `reachMm`; else the place itself. */
  snapped(at: Point, reachMm: number): Point {
    const printed = onRepeat(this.problem, { ...this.held, ...at });
    const from = this.withinCloth(this.shapes.cornerOf(this.own, printed), reachMm);
    const near = this.nearOnes(from, reachMm);
    let corner = this.pushedOut(from, near, reachMm);
    if (!corner) return point(printed.x, printed.y);
    // A neighbour that it touches stops it both ways.
    if (Math.hypot(corner.x - from.x, corner.y - from.y) <= HAIR_MM) {
      if (!this.own.held?.x) corner = this.touching(corner, near, ['left', 'right'], reachMm);
      if (!this.own.held?.y) corner = this.touching(corner, near, ['up', 'down'], reachMm);
    }
    // What lies deep in another has no side of it near: it stays where it is held.
    const place = this.shapes.placeOf(this.own, corner);
    return isClear(this.crossing(place)) ? place : point(printed.x, printed.y);
  }

  /** Out of others in which it lies a little: first by their outlines with fewer corners, then exactly. */
  private pushedOut(from: Point, near: readonly Lying[], reachMm: number): Point | undefined {
    const room = { wideMm: this.wideMm, longMm: ENDLESS_MM };
    const { apartMm } = this.shapes;
    const roughly = [{ shape: this.own, ...from }, ...near].map((one) => ({
      ...one,
      shape: thinned(one.shape),
    }));
    const rough = settled(roughly, room, { apartMm: THIN_MM, nearMm: reachMm, rounds: PUSH_ROUNDS });
    if (rough > NEARLY_MM) return undefined;
    const { x, y } = roughly[0] as Lying;
    const moved: Lying = { shape: this.own, x, y };
    const deep = settled([moved, ...near], room, { apartMm, nearMm: NEARLY_MM, rounds: PUSH_ROUNDS });
    const far = Math.hypot(moved.x - from.x, moved.y - from.y);
    return deep > apartMm || far > 1.5 * reachMm ? undefined : point(moved.x, moved.y);
  }

  private touching(corner: Point, near: readonly Lying[], ways: readonly [Way, Way], reachMm: number): Point {
    const [way, far] = ways
      .map((one) => [one, this.travel(corner, one, near)] as const)
      .toSorted((a, b) => a[1] - b[1])[0]!;
    return far <= reachMm ? along(corner, way, far) : corner;
  }

  /** A step on from a place: by as many repeats as that is, and at least one, where it is held to them. */
  stepped(from: Point, by: Point): Point {
    const step = (mm: number, every: Held['x']): number =>
      every && mm !== 0 ? Math.sign(mm) * Math.max(every.everyMm, wholeRepeats(Math.abs(mm), every)) : mm;
    return point(from.x + step(by.x, this.own.held?.x), from.y + step(by.y, this.own.held?.y));
  }

  /** Pushed one way until it touches; as it is held where it lies on something. */
  pushed(way: Way): Placement {
    if (!isClear(this.crossing(this.held))) return this.held;
    const corner = this.shapes.cornerOf(this.own, this.held);
    const far = this.travel(corner, way);
    return far >= ENDLESS_MM ? this.held : this.heldAt(along(corner, way, far));
  }

  /** Pushed up and to the left until it goes no further. */
  pushedClose(): Placement {
    if (!isClear(this.crossing(this.held))) return this.held;
    let corner = this.shapes.cornerOf(this.own, this.held);
    for (let round = 0; round < CLOSE_ROUNDS; round += 1) {
      const before = corner;
      for (const way of ['up', 'left'] as const) corner = along(corner, way, this.travel(corner, way));
      if (Math.hypot(corner.x - before.x, corner.y - before.y) <= HAIR_MM) break;
    }
    return this.heldAt(corner);
  }

  private heldAt(corner: Point): Placement {
    return { ...this.held, ...this.shapes.placeOf(this.own, corner) };
  }

  private travel(corner: Point, way: Way, among: readonly Lying[] = this.others): number {
    const walls = {
      left: corner.x,
      right: this.wideMm - corner.x - this.own.widthMm,
      up: corner.y,
      down: ENDLESS_MM,
    };
    const far = among.reduce(
      (least, { shape, x, y }) =>
        Math.min(least, travelOf(this.own.ring, shape.ring, { x: corner.x - x, y: corner.y - y, way })),
      Math.max(0, walls[way]),
    );
    return far >= ENDLESS_MM ? far : wholeRepeats(far, isAcross(way) ? this.own.held?.x : this.own.held?.y);
  }

  private withinCloth({ x, y }: Point, reachMm: number): Point {
    const most = this.wideMm - this.own.widthMm;
    const near = (value: number, bound: number): boolean => Math.abs(value - bound) <= reachMm;
    const inX = x < 0 && near(x, 0) ? 0 : x > most && near(x, most) ? most : x;
    return point(this.own.held?.x ? x : inX, !this.own.held?.y && y < 0 && near(y, 0) ? 0 : y);
  }

  private nearOnes({ x, y }: Point, reachMm: number): readonly Lying[] {
    const { widthMm, heightMm } = this.own;
    const box = {
      left: x - reachMm,
      top: y - reachMm,
      right: x + widthMm + reachMm,
      bottom: y + heightMm + reachMm,
    };
    return this.others
      .filter((one) =>
        boxesMeet(box, {
          left: one.x,
          top: one.y,
          right: one.x + one.shape.widthMm,
          bottom: one.y + one.shape.heightMm,
        }),
      )
      .map((one) => ({ ...one }));
  }
}

const isAcross = (way: Way): boolean => way === 'left' || way === 'right';

/** As far as goes in whole repeats, where it is held to one. */
const wholeRepeats = (mm: number, every: Held['x']): number =>
  every ? Math.floor((mm + HAIR_MM) / every.everyMm) * every.everyMm : mm;

const along = ({ x, y }: Point, way: Way, far: number): Point => {
  switch (way) {
    case 'left':
      return point(x - far, y);
    case 'right':
      return point(x + far, y);
    case 'up':
      return point(x, y - far);
    case 'down':
      return point(x, y + far);
    default:
      throw new Error(`expected a way, got ${JSON.stringify(way satisfies never)}`);
  }
};

const thin = new WeakMap<readonly Point[], readonly Point[]>();

/** A shape with fewer corners. */
function thinned(shape: Shape): Shape {
  const ring = thin.get(shape.ring) ?? simplified(shape.ring, THIN_MM);
  thin.set(shape.ring, ring);
  return { ...shape, ring };
}

/** With another copy in the place of one. */
export const withPlacement = (placements: readonly Placement[], changed: Placement): readonly Placement[] =>
  placements.map((one) => (nameOf(one) === nameOf(changed) ? changed : one));

/** Turned to the next turn it may have about the middle of its box, clockwise; as it is where it has but one. */
export function turnedOn(problem: LayoutProblem, one: Placement): Placement {
  const piece = problem.pieces.find(({ id }) => id === one.piece);
  const turns = (piece?.turns ?? [0]).filter((turn) => mayLie(problem, piece ?? {}, { ...one, turn }));
  const now = turns.findIndex((turn) => isSameTurn(turn, one.turn));
  const turn = turns[(now + 1) % turns.length] ?? one.turn;
  return centredAt(problem, { ...one, turn }, middleOf(problem, one));
}

/** Moved across the cloth until its edge lies on that of the cloth, where it has one that does. */
function onEdge(problem: LayoutProblem, one: Placement): Placement {
  const { edgeAtLeft } = problem.pieces.find(({ id }) => id === one.piece) ?? {};
  const side = edgeAtLeft === undefined ? undefined : sideOf(edgeAtLeft, one);
  if (!side) return one;
  const { left, right } = boundsOfPoints(ringAt(problem, one));
  return { ...one, x: one.x + (side === 'left' ? -left : problem.widthMm - right) };
}

/** Two copies with the middles of their boxes exchanged. */
export function exchanged(
  problem: LayoutProblem,
  placements: readonly Placement[],
  [a, b]: readonly [Placement, Placement],
): readonly Placement[] {
  const [middleA, middleB] = [middleOf(problem, a), middleOf(problem, b)];
  return withPlacement(
    withPlacement(placements, centredAt(problem, a, middleB)),
    centredAt(problem, b, middleA),
  );
}

function middleOf(problem: LayoutProblem, one: Placement): Point {
  const { left, top, right, bottom } = boundsOfPoints(ringAt(problem, one));
  return point((left + right) / 2, (top + bottom) / 2);
}

function centredAt(problem: LayoutProblem, one: Placement, { x, y }: Point): Placement {
  const middle = middleOf(problem, { ...one, x: 0, y: 0 });
  return onRepeat(problem, onEdge(problem, { ...one, x: x - middle.x, y: y - middle.y }));
}
