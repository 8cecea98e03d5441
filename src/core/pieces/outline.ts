import type { Knot, OutlineFacts } from '../facts/outline';
import type { PieceShape, ShapeEdge } from '../fit/pieceShape';
import { angleBetween, minus, mirrored, point, type Point } from '../geometry/point';
import { backwards, endOf, joined, mapped, pathOf, startOf, turnedAbout, type Path } from '../geometry/path';
import { areaOf, boundsOf, boundsOfPoints, crossingsOf, flattened, type Bounds } from '../geometry/ring';
import { joinedOffsets } from './offsets';
import { knotsApart, ringPath } from './ring';

/** One edge of an outline as it is sewn: its seamline. */
export interface PieceEdge {
  readonly of: ShapeEdge;
  readonly path: Path;
}

/**
 * A piece as it lies right side up, its grain upright, its edges in the order of its kind, clockwise: what it was traced
 * like (turned, face down) is taken out. Seamlines, mm.
 */
export interface Outline {
  readonly shape: PieceShape;
  readonly edges: readonly PieceEdge[];
  /** It is half of what is cut. */
  readonly folded: boolean;
  /** How it lay when it was traced. */
  readonly lay: Lay;
}

interface Lay {
  readonly turnedOver: boolean;
  readonly turnedRad: number;
  readonly about: Point;
}

/** Outlines by the piece they are of. */
export type Outlines = Readonly<Record<string, Outline>>;

/** Where a point of an outline was when it was traced. */
export function asTraced({ lay: { turnedOver, turnedRad, about } }: Outline): (one: Point) => Point {
  const back = turnedAbout(about, -turnedRad);
  return (one) => (turnedOver ? mirrored(back(one)) : back(one));
}
/** Where a place of the table is on the outline as it lies upright. */
export function asUpright({ lay: { turnedOver, turnedRad, about } }: Outline): (one: Point) => Point {
  const turn = turnedAbout(about, turnedRad);
  return (one) => turn(turnedOver ? mirrored(one) : one);
}

/** What is wrong with an outline, as a sentence that says what to do. */
export interface OutlineFault {
  readonly code: 'unfinished' | 'unnamed' | 'no-area' | 'crosses';
  readonly sentence: string;
  /** Where it is, where it is somewhere. */
  readonly at?: readonly Point[];
}

export type ReadOutline =
  { readonly ok: true; readonly outline: Outline } | { readonly ok: false; readonly fault: OutlineFault };

/** Smaller than any piece that can be sewn, mm². */
const LEAST_AREA_MM2 = 25;

/** What is wrong with a ring of points before its edges are looked at; nothing where it is fine. */
export function ringFault(ring: readonly Knot[]): OutlineFault | undefined {
  const path = ringPath(ring);
  const at = path ? crossingsOf(flattened(path)) : [];
  if (at.length > 0)
    return {
      code: 'crosses',
      sentence: 'The outline crosses itself: drag the points apart where it is marked.',
      at,
    };
  return path && Math.abs(areaOf(path)) >= LEAST_AREA_MM2
    ? undefined
    : {
        code: 'no-area',
        sentence: 'This outline goes round nothing: click at least three points round the piece.',
      };
}

/** An outline out of its facts; each edge’s allowance is asked for where the cut line was traced. */
export function readOutline(
  shape: PieceShape,
  facts: OutlineFacts,
  allowanceOf: (edge: ShapeEdge) => number,
): ReadOutline {
  if (facts.unfinished)
    return {
      ok: false,
      fault: { code: 'unfinished', sentence: 'This outline is not closed yet: click on to its first point.' },
    };
  const fault = ringFault(facts.ring);
  if (fault) return { ok: false, fault };
  const traced = edgesOf(shape, facts.ring);
  if (!traced) {
    const missing = unnamed(shape, facts.ring);
    return {
      ok: false,
      fault: {
        code: 'unnamed',
        sentence:
          missing.length === 0
            ? 'Its edges are out of order: name them again, one after the other round the piece.'
            : `Say where these edges begin: ${missing.join(', ')}.`,
      },
    };
  }
  const seamlines =
    facts.drawn === 'seamline'
      ? traced.edges
      : joinedOffsets(traced.edges.map(({ of, path }) => ({ of, path, mm: of.fold ? 0 : -allowanceOf(of) })));
  const levelled = withLevels(shape, facts.levels);
  return { ok: true, outline: upright(levelled, seamlines, traced.turnedOver, facts.grainRad) };
}

/** A shape whose zones lie where an outline says, where it says so: the others lie nowhere on it then. */
export const withLevels = (shape: PieceShape, levels: OutlineFacts['levels']): PieceShape =>
  levels === undefined
    ? shape
    : {
        ...shape,
        levels: Object.fromEntries(
          Object.entries(levels).map(([zone, { edge, share }]) => [zone, [edge, share] as const]),
        ),
      };

/** Labels of the edges that no point of the ring begins. A piece drawn whole has no fold. */
export function unnamed(shape: PieceShape, ring: readonly Knot[]): readonly string[] {
  const named = new Set(ring.map(({ edge }) => edge));
  return shape.edges.filter(({ id, fold }) => !named.has(id) && !fold).map(({ label }) => label);
}

/** The edges of a ring, clockwise and in the kind’s order; nothing where one is missing or out of order. */
function edgesOf(
  shape: PieceShape,
  ring: readonly Knot[],
): { readonly edges: readonly PieceEdge[]; readonly turnedOver: boolean } | undefined {
  const path = ringPath(ring);
  if (!path || unnamed(shape, ring).length > 0) return undefined;
  const knots = knotsApart(ring);
  const starts = knots.flatMap(({ edge }, nth) => (edge === undefined ? [] : [nth]));
  const edges = starts.flatMap((from, nth) => {
    const of = shape.edges.find(({ id }) => id === knots[from]?.edge);
    const to = starts[nth + 1] ?? (starts[0] as number) + path.length;
    const segments = Array.from({ length: to - from }, (_, step) => path[(from + step) % path.length]);
    return of ? [{ of, path: pathOf(segments.filter((one) => one !== undefined)) }] : [];
  });
  const clockwise = areaOf(path) > 0 ? edges : againstOrder(edges);
  if (isInOrder(shape, clockwise)) return { edges: clockwise, turnedOver: false };
  const over = againstOrder(clockwise.map(({ of, path: one }) => ({ of, path: mapped(one, mirrored) })));
  return isInOrder(shape, over) ? { edges: over, turnedOver: true } : undefined;
}

/** The same ring run through the other way round. */
const againstOrder = (edges: readonly PieceEdge[]): readonly PieceEdge[] =>
  edges.map(({ of, path }) => ({ of, path: backwards(path) })).toReversed();

/**
 * The edges of a piece that is drawn whole instead of by its half, clockwise: each but those that cross its fold line comes
 * twice, once in order and once against it. Nothing where the kind has it whole anyway.
 */
export function wholeOrder({ edges }: PieceShape): readonly string[] | undefined {
  const open = edges.filter(({ fold }) => !fold).map(({ id }) => id);
  return open.length === edges.length ? undefined : [...open, ...open.slice(1, -1).toReversed()];
}

/** Whether edges follow each other as the kind has them, on a half or on the whole. */
function isInOrder(shape: PieceShape, found: readonly PieceEdge[]): boolean {
  const ids = found.map(({ of }) => of.id);
  const isHalf = shape.edges.some(({ id, fold }) => fold && ids.includes(id));
  const wanted = (isHalf ? undefined : wholeOrder(shape)) ?? shape.edges.map(({ id }) => id);
  return rotations(ids).some((one) => one.join() === wanted.join());
}

const rotations = (ids: readonly string[]): readonly (readonly string[])[] =>
  ids.map((_, nth) => [...ids.slice(nth), ...ids.slice(0, nth)]);

/** The piece turned so that its grain is upright and its first edge on top. */
function upright(shape: PieceShape, edges: readonly PieceEdge[], turnedOver: boolean, grainRad = 0): Outline {
  const fold = edges.find(({ of }) => of.fold);
  const [first, ...rest] = edges.map(({ path }) => path);
  const whole = joined(first as Path, ...rest);
  const centre = middleOf(whole);
  const by = fold
    ? angleBetween(minus(endOf(fold.path), startOf(fold.path)), UP)
    : turnWithFirstOnTop(edges, shape, centre, turnedOver ? grainRad : -grainRad);
  const turn = turnedAbout(centre, by);
  return {
    shape,
    edges: edges.map(({ of, path }) => ({ of, path: mapped(path, turn) })),
    folded: fold !== undefined,
    lay: { turnedOver, turnedRad: by, about: centre },
  };
}
const UP = point(0, -1);

function turnWithFirstOnTop(
  edges: readonly PieceEdge[],
  shape: PieceShape,
  centre: Point,
  by: number,
): number {
  const top = edges.find(({ of }) => of.id === shape.edges[0]?.id);
  if (!top) return by;
  const turned = mapped(top.path, turnedAbout(centre, by));
  return middleOf(turned).y > centre.y ? by + Math.PI : by;
}

function middleOf(path: Path): Point {
  const { left, right, top, bottom } = boundsOf(path);
  return point((left + right) / 2, (top + bottom) / 2);
}

/** The closed path round a piece. */
export const roundPiece = ({ edges }: Outline): Path => pathOf(edges.flatMap(({ path }) => path));

/** A box round an outline, and round what it was before where it was another. */
export const boundsOfBoth = (outline: Outline, other: Outline = outline): Bounds =>
  boundsOfPoints([outline, other].flatMap((one) => flattened(roundPiece(one))));

/** Whether an outline is drawn as its kind has it: a piece drawn whole has its edges twice, and no end at the fold. */
export const isAsItsKind = ({ folded, shape }: Outline): boolean =>
  folded || !shape.edges.some(({ fold }) => fold);

/** The seamline of an edge where it is found first, from its start, clockwise. */
export const pathOfEdge = ({ edges }: Outline, id: string): Path | undefined =>
  edges.find(({ of }) => of.id === id)?.path;

/** The edges before and after one of an outline. */
export function neighbours(
  { edges }: Outline,
  nth: number,
): { readonly before: PieceEdge; readonly after: PieceEdge } {
  return {
    before: edges.at(nth - 1) as PieceEdge,
    after: edges[(nth + 1) % edges.length] as PieceEdge,
  };
}
