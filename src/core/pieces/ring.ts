import type { Knot } from '../facts/outline';
import { distance } from '../geometry/point';
import { pathOf, type Path } from '../geometry/path';
import { cubic, type Segment } from '../geometry/segment';
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
