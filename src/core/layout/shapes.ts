import { areaOfRings, clockwise, grown } from '../geometry/clip';
import { point, type Point } from '../geometry/point';
import { boundsOfPoints } from '../geometry/ring';
import {
  foldAtLeft,
  FULL_TURN,
  liesFaceDown,
  mayLie,
  outlineOf,
  placed,
  sideOf,
  type LayoutPiece,
  type LayoutProblem,
  type Placement,
} from './problem';
import { heldFurther, heldTo, type Held } from './repeat';

/** A piece at one of its turns, the corner of its box at (0, 0), with half the gap round it. */
export interface Shape {
  readonly id: number;
  readonly ring: readonly Point[];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly areaMm2: number;
  readonly roundMm: number;
  readonly turn: number;
  readonly mirrored: boolean;
  /** The side of the cloth that it lies on: a fold is its left one. */
  readonly side: 'left' | 'right' | undefined;
  /** The corner of its box lies no nearer to the cloth’s left edge than this. */
  readonly fromLeftMm: number;
  /** Where the corner of its box stays, of a copy that is pinned. */
  readonly pinnedAt: Point | undefined;
  /** Where the corner of its box may lie, of a piece that is held to a repeat. */
  readonly held: Held | undefined;
  /** 1 where it may be moved across, and along, the cloth; 0 where it is pinned or held. */
  readonly givesX: 0 | 1;
  readonly givesY: 0 | 1;
  /** No piece, but where there is no cloth. */
  readonly isHole: boolean;
  /** From the corner of its box to where the piece’s own (0, 0) comes to lie. */
  readonly origin: Point;
  /** The same shape turned by half, where it is one of the shapes. */
  half: Shape | undefined;
}

/** A copy of a piece, with the shapes it may have. */
export interface Copy {
  readonly piece: LayoutPiece;
  /** Counted from 1. */
  readonly copy: number;
  readonly shapes: readonly Shape[];
}

/** Points of a ring that lie this near the line between others say nothing, mm. */
const SMOOTH_MM = 0.02;
/** Without a gap shapes lie on each other’s edges but for this, mm: along 2 m that is 0.01 mm². */
const TOUCH_MM = 4e-6;

/** The shapes of pieces and the copies that are to be laid. Gaps are kept by half of one round every shape. */
export class Shapes {
  readonly all: Shape[] = [];
  readonly copies: readonly Copy[];
  readonly holes: readonly Shape[];
  /** What the cloth is wider and longer by than it is, for the halves of gaps at its edges. */
  readonly edgeMm: number;
  /** How deep shapes may lie in each other so that what is cut still lies apart, mm. */
  readonly apartMm: number;

  constructor(private readonly problem: LayoutProblem) {
    const { gapMm } = problem;
    this.edgeMm = gapMm > 0 ? gapMm + 2 * SMOOTH_MM : 0;
    this.apartMm = gapMm > 0 ? 0.75 * SMOOTH_MM : TOUCH_MM;
    this.copies = problem.pieces.flatMap((piece) => this.copiesOf(piece));
    this.holes = (problem.holes ?? []).map((ring) => this.hole(ring));
  }

  private hole(ring: readonly Point[]): Shape {
    const as: Placement = { piece: '', copy: 1, x: 0, y: 0, turn: 0, mirrored: false };
    const hole = { ...this.shape({ id: '', ring, count: 1 }, as, as), isHole: true };
    this.all[hole.id] = hole;
    return hole;
  }

  /** Where a shape lies on the strip, with the halves of gaps at its edges, of a placement on the cloth; and the other way round. */
  cornerOf({ origin }: Pick<Shape, 'origin'>, { x, y }: Point): Point {
    return point(x - origin.x + this.edgeMm / 2, y - origin.y + this.edgeMm / 2);
  }
  placeOf({ origin }: Pick<Shape, 'origin'>, { x, y }: Point): Point {
    return point(x + origin.x - this.edgeMm / 2, y + origin.y - this.edgeMm / 2);
  }

  private copiesOf(piece: LayoutPiece): readonly Copy[] {
    const turns = [
      ...new Set((piece.turns ?? [0]).map((turn) => ((turn % FULL_TURN) + FULL_TURN) % FULL_TURN)),
    ];
    const drawn = this.shapesOf(piece, turns, false);
    const over = piece.mirrored && piece.mirrored !== 'no' ? this.shapesOf(piece, turns, true) : [];
    const all = piece.mirrored === 'free' ? distinct([...drawn, ...over]) : [];
    const either = piece.onFold ? all.filter((one) => foldAtLeft(one)) : all;
    return Array.from({ length: piece.count }, (_, nth) => {
      const copy = nth + 1;
      const pinned = this.problem.pinned?.find((one) => one.piece === piece.id && one.copy === copy);
      if (pinned) {
        const ring = outlineOf(this.problem, pinned);
        return { piece, copy, shapes: [this.shape({ ...piece, ring }, pinned, pinned)] };
      }
      const faceDown = liesFaceDown(piece, copy);
      const shapes = faceDown === undefined ? either : faceDown ? over : drawn;
      return { piece, copy, shapes };
    });
  }

  private shapesOf(piece: LayoutPiece, turns: readonly number[], mirrored: boolean): readonly Shape[] {
    const allowed = turns.filter((turn) => mayLie(this.problem, piece, { turn, mirrored }));
    const found = distinct(allowed.map((turn) => this.shape(piece, { turn, mirrored })));
    // What is held lies at places of its own in its cells, either way round.
    for (const one of found)
      one.half =
        one.held || one.side
          ? undefined
          : found.find(({ turn }) => Math.abs(turn - one.turn) === FULL_TURN / 2);
    return found;
  }

  private shape(
    piece: LayoutPiece,
    { turn, mirrored }: Pick<Placement, 'turn' | 'mirrored'>,
    pinned?: Point,
  ): Shape {
    const base = baseOf(piece.ring, this.problem.gapMm, turn, mirrored);
    const { edgeAtLeft } = piece;
    const ownSide = edgeAtLeft === undefined ? undefined : sideOf(edgeAtLeft, { turn, mirrored });
    const held = heldTo(this.problem, { piece: piece.id, copy: 1, x: 0, y: 0, turn, mirrored });
    const shape: Shape = {
      ...base,
      id: this.all.length,
      side: piece.onFold ? 'left' : ownSide,
      fromLeftMm: this.problem.fold && !piece.onFold ? this.problem.gapMm / 2 : 0,
      ...boundTo(
        pinned && this.cornerOf(base, pinned),
        held && heldFurther(held, this.cornerOf(base, point(0, 0))),
      ),
      isHole: false,
      half: undefined,
    };
    this.all.push(shape);
    return shape;
  }
}

/** Where a shape may lie, and whether it may be moved from there: what is pinned is held to nothing else. */
export const boundTo = (
  pinnedAt: Point | undefined,
  held: Held | undefined,
): Pick<Shape, 'pinnedAt' | 'held' | 'givesX' | 'givesY'> => ({
  pinnedAt,
  held: pinnedAt ? undefined : held,
  givesX: pinnedAt || held?.x ? 0 : 1,
  givesY: pinnedAt || held?.y ? 0 : 1,
});

/** What of a shape follows from its outline alone. */
type Base = Omit<
  Shape,
  'id' | 'side' | 'fromLeftMm' | 'pinnedAt' | 'held' | 'givesX' | 'givesY' | 'isHole' | 'half'
>;

const known = new WeakMap<readonly Point[], Map<string, Base>>();

function baseOf(ring: readonly Point[], gapMm: number, turn: number, mirrored: boolean): Base {
  const own = known.get(ring) ?? new Map<string, Base>();
  known.set(ring, own);
  const key = `${gapMm} ${turn} ${mirrored}`;
  const base = own.get(key) ?? workedOut(ring, gapMm, turn, mirrored);
  own.set(key, base);
  return base;
}

function workedOut(outline: readonly Point[], gapMm: number, turn: number, mirrored: boolean): Base {
  const about = outline.map(placed({ x: 0, y: 0, turn, mirrored }));
  // With half the gap round it, and a little for the rounding of its corners.
  const round = gapMm > 0 ? grown(about, gapMm / 2 + SMOOTH_MM, SMOOTH_MM) : clockwise(about);
  const { left, top, right, bottom } = boundsOfPoints(round);
  const ring = round.map(({ x, y }) => point(x - left, y - top));
  return {
    ring,
    widthMm: right - left,
    heightMm: bottom - top,
    areaMm2: areaOfRings([ring]),
    roundMm: ring.reduce((sum, { x, y }, nth) => {
      const before = ring.at(nth - 1) as Point;
      return sum + Math.hypot(x - before.x, y - before.y);
    }, 0),
    turn,
    mirrored,
    origin: point(-left, -top),
  };
}

/** Without those that are the same as one before: a rectangle turned by half. */
function distinct(shapes: readonly Shape[]): readonly Shape[] {
  const known = new Set<string>();
  return shapes.filter(({ ring }) => {
    const key = ring
      .map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`)
      .toSorted()
      .join();
    return !known.has(key) && known.add(key);
  });
}
