import { MOST_KNOTS, type Knot, type OutlineFacts } from '../facts/outline';
import type { PieceShape } from '../fit/pieceShape';
import { distance, type Point } from '../geometry/point';
import { nearestOnPath } from '../geometry/nearest';
import { areaOf } from '../geometry/ring';
import { wholeOrder } from './outline';
import { knotsApart, ringPath } from './ring';

/** What one hand does to an outline; each gives the outline as it then is. Points are counted from 0. */

export const newOutline = (drawn: OutlineFacts['drawn'], from: OutlineFacts['from']): OutlineFacts => ({
  ring: [],
  unfinished: true,
  drawn,
  from,
});

const withRing = (outline: OutlineFacts, ring: readonly Knot[]): OutlineFacts => ({ ...outline, ring });

/** A point moved; its handles go with it. */
export function movedKnot(
  outline: OutlineFacts,
  nth: number,
  to: Pick<Knot, 'x' | 'y' | 'clickMm'>,
): OutlineFacts {
  return withRing(
    outline,
    outline.ring.map((knot, at) => (at === nth ? knotMoved(knot, to) : knot)),
  );
}

function knotMoved(
  { before, after, ...knot }: Knot,
  { x, y, clickMm }: Pick<Knot, 'x' | 'y' | 'clickMm'>,
): Knot {
  const shifted = (handle: Point): Point => ({ x: handle.x + x - knot.x, y: handle.y + y - knot.y });
  return {
    ...knot,
    x,
    y,
    ...(clickMm === undefined ? {} : { clickMm }),
    ...(before ? { before: shifted(before) } : {}),
    ...(after ? { after: shifted(after) } : {}),
  };
}

/** One more point at the end of an outline that is not closed. The same outline where it has as many as it may. */
export const addedKnot = (
  outline: OutlineFacts,
  { x, y, clickMm }: Pick<Knot, 'x' | 'y' | 'clickMm'>,
  corner: boolean,
): OutlineFacts =>
  outline.ring.length >= MOST_KNOTS
    ? outline
    : withRing(outline, [
        ...outline.ring,
        { x, y, ...(clickMm === undefined ? {} : { clickMm }), ...(corner ? { corner: true } : {}) },
      ]);

/** A point put between one and the next; none where it would lie on either. */
export function insertedKnot(outline: OutlineFacts, after: number, { x, y }: Point): OutlineFacts {
  const { ring } = outline;
  const beside = [ring[after], ring[(after + 1) % ring.length]];
  const lies = beside.some((knot) => knot && distance(knot, { x, y }) < APART_MM);
  if (lies || ring.length >= MOST_KNOTS) return outline;
  return withRing(outline, ring.toSpliced(after + 1, 0, { x, y }));
}
/** Points of an outline are at least so far apart, mm. */
const APART_MM = 1;

/** A point taken away; the edge that began there begins at the next one. A closed outline keeps three. */
export function removedKnot(outline: OutlineFacts, nth: number): OutlineFacts {
  const { ring, unfinished } = outline;
  const gone = ring[nth];
  if (!gone || ring.length <= (unfinished ? 1 : 3)) return outline;
  const next = (nth + 1) % ring.length;
  return withRing(
    outline,
    ring
      .map((knot, at) =>
        at === next && gone.edge !== undefined && !knot.edge ? { ...knot, edge: gone.edge } : knot,
      )
      .filter((_, at) => at !== nth),
  );
}

export const turnedKnot = (outline: OutlineFacts, nth: number): OutlineFacts =>
  withRing(
    outline,
    outline.ring.map(({ corner, ...knot }, at) =>
      at === nth
        ? { ...knot, ...(corner ? {} : { corner: true }) }
        : { ...knot, ...(corner ? { corner } : {}) },
    ),
  );

/** An outline that is closed runs clockwise as it is seen, whichever way it was clicked. */
export function closedOutline({ unfinished, ...outline }: OutlineFacts): OutlineFacts {
  const path = ringPath(outline.ring);
  if (!unfinished || !path) return { ...outline, ...(unfinished ? { unfinished } : {}) };
  if (areaOf(path) >= 0) return outline;
  const ring = outline.ring
    .map(({ before, after, ...knot }) => ({
      ...knot,
      ...(after ? { before: after } : {}),
      ...(before ? { after: before } : {}),
    }))
    .toReversed();
  return { ...outline, ring };
}

/** Says which edge begins at a point; it begins nowhere else. */
export function namedEdgeAt(outline: OutlineFacts, nth: number, edge: string | undefined): OutlineFacts {
  return withRing(
    outline,
    outline.ring.map(({ edge: was, ...knot }, at) => {
      const now = at === nth ? edge : was === edge ? undefined : was;
      return {
        ...knot,
        ...(now === undefined ? {} : { edge: now }),
        ...(at === nth && edge ? { corner: true } : {}),
      };
    }),
  );
}

/** Where the corners of an outline are. */
export const cornersOf = ({ ring }: OutlineFacts): readonly number[] =>
  ring.flatMap(({ corner }, nth) => (corner ? [nth] : []));

/** The edges that the corners of an outline stand for, in order: those of its half, or of it all where it is drawn whole. */
export function edgesByCorners(outline: OutlineFacts, shape: PieceShape): readonly string[] | undefined {
  const half = shape.edges.map(({ id }) => id);
  const count = cornersOf(outline).length;
  return [half, wholeOrder(shape)].find((order) => order?.length === count);
}

/**
 * Names all edges of a piece that has as many corners, in order: the first begins at a corner; clockwise as the piece lies,
 * or the other way round for one that lies face down. Nothing where corners and edges are not as many.
 */
export function namedInOrder(
  outline: OutlineFacts,
  shape: PieceShape,
  first: number,
  way: 'clockwise' | 'the other way',
): OutlineFacts | undefined {
  const corners = cornersOf(outline);
  const start = corners.indexOf(first);
  const order = edgesByCorners(outline, shape);
  if (start === -1 || !order) return undefined;
  const count = order.length;
  const names = new Map(
    order.map((id, nth) => {
      // Run against the order, an edge begins where in order it ends.
      const at = way === 'clockwise' ? start + nth : start - nth - 1 + count;
      return [corners[at % count] as number, id];
    }),
  );
  return withRing(
    outline,
    outline.ring.map(({ edge: _, ...knot }, nth) => {
      const edge = names.get(nth);
      return edge === undefined ? knot : { ...knot, edge };
    }),
  );
}

/** Where on the outline a point lies nearest: after which of its points, how far from it, and the place itself. */
export function nearestOn(
  { ring }: OutlineFacts,
  to: Point,
): { readonly after: number; readonly at: Point; readonly mm: number } | undefined {
  const path = ringPath(ring);
  if (!path) return undefined;
  const { nth, at, offMm } = nearestOnPath(path, to);
  return { after: ring.indexOf(knotsApart(ring)[nth] as Knot), at, mm: offMm };
}

/** The outline with something said of an edge; what is undefined is no longer said. */
export function withEdgeSaid(
  outline: OutlineFacts,
  edge: string,
  said: { readonly [K in keyof EdgeSaid]?: EdgeSaid[K] | undefined },
): OutlineFacts {
  const all = Object.entries({ ...outline.edges?.[edge], ...said });
  const now: EdgeSaid = Object.fromEntries(all.filter(([, value]) => value !== undefined));
  return { ...outline, edges: { ...outline.edges, [edge]: now } };
}
type EdgeSaid = NonNullable<OutlineFacts['edges']>[string];
