import type { Knot, OutlineFacts } from '../facts/outline';
import { angleBetween, distance } from '../geometry/point';
import { pathOf, type Path } from '../geometry/path';
import { asCubic, cubic, endDirection, startDirection, type Segment } from '../geometry/segment';
import { pathThrough, type Clicked } from '../geometry/through';

/** Points closer than this are one, mm. */
const SAME_MM = 0.01;

/**
 * The closed path through the points of an outline, one segment from each point to the next, in order: smooth between
 * corners (see `pathThrough`), by its handles where a point has them. Nothing for fewer than three points that differ.
 */
export function ringPath(ring: readonly Knot[]): Path | undefined {
  const knots = knotsApart(ring);
  if (knots.length < 3) return undefined;
  const first = Math.max(
    knots.findIndex(({ corner }) => corner),
    0,
  );
  const turned = [...knots.slice(first), ...knots.slice(0, first)];
  const closed = [...turned, turned[0] as Knot];
  const clicked = closed.map(({ x, y, corner }, nth): Clicked => ({
    x,
    y,
    ...(corner || nth === 0 || nth === closed.length - 1 ? { corner: true } : {}),
  }));
  const segments = pathThrough(clicked).map((segment, nth) =>
    byHandles(segment, closed[nth] as Knot, closed[nth + 1] as Knot),
  );
  // Back to where the ring began, so that segment and point go together.
  const start = segments.length - first;
  return pathOf([...segments.slice(start), ...segments.slice(0, start)]);
}

const byHandles = (segment: Segment, { after }: Knot, { before }: Knot): Segment =>
  after || before ? cubic(segment.from, after ?? segment.from, before ?? segment.to, segment.to) : segment;

/** The points of an outline without those that lie on the one before them: what `ringPath` runs through. */
export const knotsApart = (ring: readonly Knot[]): readonly Knot[] =>
  ring.filter((one, nth) => distance(one, ring.at(nth - 1) as Knot) > SAME_MM);

/** A line turns a corner there, radians: sharper than any curve of a piece between two of its points (from memory). */
const CORNER_RAD = (20 * Math.PI) / 180;
/** The points of segments that close a ring, mm, with the handles of their curves: the nth begins the nth segment. */
export function knotsRound(segments: readonly Segment[]): readonly Knot[] {
  const corners = segments.map((segment, nth) => isCorner(segments.at(nth - 1) as Segment, segment));
  const smooth = drawnBetween(segments, corners);
  return smooth.map((segment, nth) => ({
    ...segment.from,
    ...(corners[nth] ? { corner: true } : {}),
    ...handlesOf(smooth.at(nth - 1), segment),
  }));
}

/**
 * Segments as they are drawn between points: a straight stretch that runs on smoothly at an end is a curve with its handles
 * on the line. `corners` says so of the beginning of each; of an open run also of its end.
 */
export const drawnBetween = (segments: readonly Segment[], corners: readonly boolean[]): readonly Segment[] =>
  segments.map((segment, nth) =>
    corners[nth] && corners[(nth + 1) % corners.length] ? segment : asCubic(segment),
  );

/** The handles of a point that one segment ends at and the next begins at. */
export const handlesOf = (
  before: Segment | undefined,
  after: Segment | undefined,
): Pick<Knot, 'before' | 'after'> => ({
  ...(before?.kind === 'cubic' ? { before: before.c2 } : {}),
  ...(after?.kind === 'cubic' ? { after: after.c1 } : {}),
});

export function isCorner(before: Segment, after: Segment): boolean {
  const [into, out] = [endDirection(before), startDirection(after)];
  if (!into || !out) return true;
  const turn = Math.abs(angleBetween(into, out));
  if (turn > CORNER_RAD) return true;
  // Straight stretches stand for a curve only where they hardly leave it.
  const straight = [before, after].filter(({ kind }) => kind === 'line');
  const short = Math.min(...straight.map(({ from, to }) => distance(from, to)));
  return straight.length === 2 && short * turn > 8 * SAMPLED_MM;
}
/** A curve written as straight stretches lies this near them, mm (from memory); a stretch of `l` that turns by θ leaves it by lθ/8 (D). */
const SAMPLED_MM = 0.25;

/** An outline out of its edges’ seamlines, which close a ring. */
export function outlineAlong(
  edges: readonly { readonly id: string; readonly path: Path }[],
  from: OutlineFacts['from'],
): OutlineFacts {
  const begins = new Map<Segment, string>(edges.map(({ id, path }) => [path[0], id]));
  const segments = edges.flatMap(({ path }) => path);
  const ring = knotsRound(segments).map((knot, nth): Knot => {
    const edge = begins.get(segments[nth] as Segment);
    return edge === undefined ? knot : { ...knot, corner: true, edge };
  });
  return { ring, drawn: 'seamline', from };
}
