import { areaOfRings, clockwise, type Rings } from '../geometry/clip';
import type { Point } from '../geometry/point';

/** Degrees. */
export const FULL_TURN = 360;
const HALF_TURN = FULL_TURN / 2;
/** Turns that differ by less are the same. */
const HAIR_DEGREES = 1e-6;

/** Whether copies lie as the ring is drawn, every second one face down (a left and a right), or either way. */
export const mirrorings = ['no', 'half', 'free'] as const;
export type Mirroring = (typeof mirrorings)[number];

/** A piece to lay on cloth. */
export interface LayoutPiece {
  readonly id: string;
  /** What is cut, a ring of points in mm: x across the cloth, y along it. */
  readonly ring: readonly Point[];
  readonly count: number;
  /** Degrees it may be turned by, clockwise as it is seen; as it is drawn where nothing is said. */
  readonly turns?: readonly number[];
  readonly mirrored?: Mirroring;
  /** Its left edge lies on the cloth’s left edge, which is a fold; turned by half only where it is mirrored too. */
  readonly onFold?: boolean;
  /** An edge of it lies on an edge of the cloth: on the left one once it is turned by so many degrees, face up. */
  readonly edgeAtLeft?: number;
  /** A point of it, or beside it, that lies on a repeat of the cloth; it may lie anywhere where none is given. */
  readonly held?: Point;
}

/** Where a copy lies: its ring mirrored in x = 0 where it is, then turned about (0, 0), then moved. */
export interface Placement {
  readonly piece: string;
  /** Counted from 1. */
  readonly copy: number;
  readonly x: number;
  readonly y: number;
  readonly turn: number;
  readonly mirrored: boolean;
}

/** A copy’s name among all. */
export const nameOf = ({ piece, copy }: Pick<Placement, 'piece' | 'copy'>): string => `${piece} ${copy}`;

/** How often a print or stripes repeat, mm: across the cloth, along it, or both. */
export interface Repeat {
  readonly acrossMm?: number | undefined;
  /** The first repeat begins so far from the left selvedge. */
  readonly fromMm?: number | undefined;
  readonly alongMm?: number | undefined;
}

/** Pieces on a strip of cloth that is so wide and as long as it has to be, mm. */
export interface LayoutProblem {
  readonly widthMm: number;
  /** Kept free between pieces, mm. */
  readonly gapMm: number;
  readonly pieces: readonly LayoutPiece[];
  /** The left edge is a fold: what does not lie on it keeps half a gap away. */
  readonly fold?: boolean;
  /** The edges of the cloth that pieces with such an edge may lie on; the left one where nothing is said. */
  readonly lacedEdges?: 'left' | 'both';
  /** Copies that stay where they lie. */
  readonly pinned?: readonly Placement[];
  /** The outlines of copies that are cut, by name, whatever their pieces are now. */
  readonly asCut?: ReadonlyMap<string, readonly Point[]> | undefined;
  /** How its print repeats. */
  readonly repeat?: Repeat | undefined;
  /** Where there is no cloth, rings without holes that run clockwise: what was cut from it before. */
  readonly holes?: Rings;
}

/** Pieces, and what they were when they were cut. */
type LaidPieces = Pick<LayoutProblem, 'pieces' | 'asCut'>;

/** The outline of a copy: as it was cut, or as its piece is now. */
export const outlineOf = (
  { pieces, asCut }: LaidPieces,
  one: Pick<Placement, 'piece' | 'copy'>,
): readonly Point[] => asCut?.get(nameOf(one)) ?? pieces.find(({ id }) => id === one.piece)?.ring ?? [];

/** The area of all copies together, mm². */
export const areaOfPieces = (pieces: readonly LayoutPiece[]): number =>
  pieces.reduce((sum, { ring, count }) => sum + count * Math.abs(areaOfRings([ring])), 0);

/** Where every copy lies, and how long the cloth has to be for it. */
export interface Layout {
  readonly placements: readonly Placement[];
  readonly lengthMm: number;
}

/** Every second copy lies face down where half of them do; `undefined` where it may lie either way. */
export function liesFaceDown({ mirrored }: LayoutPiece, copy: number): boolean | undefined {
  return mirrored === 'free' ? undefined : mirrored === 'half' && copy % 2 === 0;
}

/** What is cut of a copy where it lies, clockwise as it is seen; empty where there is no such piece. */
export const ringAt = (laid: LaidPieces, one: Placement): readonly Point[] =>
  clockwise(outlineOf(laid, one).map(placed(one)));

/** How long the cloth has to be for pieces where they lie, mm. */
export const lengthOf = (laid: LaidPieces, placements: readonly Placement[]): number =>
  placements.reduce((most, one) => Math.max(most, ...ringAt(laid, one).map(({ y }) => y)), 0);

/** Whether the edge that was at its left as it is drawn is there still. */
export const foldAtLeft = ({ turn, mirrored }: Pick<Placement, 'turn' | 'mirrored'>): boolean =>
  mirrored === (Math.abs(turn % FULL_TURN) === FULL_TURN / 2);

/** Whether two turns are the same but for whole ones. */
export function isSameTurn(a: number, b: number): boolean {
  const off = Math.abs(a - b) % FULL_TURN;
  return Math.min(off, FULL_TURN - off) <= HAIR_DEGREES;
}

/** The edge of the cloth that an edge of a piece lies on, as it is turned; nothing where it lies along neither. */
export function sideOf(
  edgeAtLeft: number,
  { turn, mirrored }: Pick<Placement, 'turn' | 'mirrored'>,
): 'left' | 'right' | undefined {
  const off = (mirrored ? -turn : turn) - edgeAtLeft;
  const halves = Math.round(off / HALF_TURN);
  if (Math.abs(off - halves * HALF_TURN) > HAIR_DEGREES) return undefined;
  return (halves % 2 === 0) === mirrored ? 'right' : 'left';
}

/** Whether a piece may lie so: one with an edge on the cloth’s only with that on one which is scalloped. */
export function mayLie(
  { lacedEdges }: Pick<LayoutProblem, 'lacedEdges'>,
  { edgeAtLeft }: Pick<LayoutPiece, 'edgeAtLeft'>,
  as: Pick<Placement, 'turn' | 'mirrored'>,
): boolean {
  if (edgeAtLeft === undefined) return true;
  const side = sideOf(edgeAtLeft, as);
  return side === 'left' || (side === 'right' && lacedEdges === 'both');
}

/** A point of a piece on the cloth. */
export function placed({ x, y, turn, mirrored }: Omit<Placement, 'piece' | 'copy'>): (one: Point) => Point {
  const [cos, sin] = cosAndSin(turn);
  const face = mirrored ? -1 : 1;
  return (one) => ({
    x: face * one.x * cos - one.y * sin + x,
    y: face * one.x * sin + one.y * cos + y,
  });
}

/** Exact where the turn is by quarters. */
function cosAndSin(degrees: number): readonly [number, number] {
  const quarters = degrees / 90;
  if (Number.isInteger(quarters)) {
    const at = ((quarters % 4) + 4) % 4;
    return [[1, 0, -1, 0][at] as number, [0, 1, 0, -1][at] as number];
  }
  const angle = (degrees * Math.PI) / 180;
  return [Math.cos(angle), Math.sin(angle)];
}
