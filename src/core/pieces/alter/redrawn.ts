import { createMemory } from '../../explain/remember';
import type { ShapeEdge } from '../../fit/pieceShape';
import {
  bentTo,
  chopped,
  displaced,
  endOf,
  lengthOf,
  mapped,
  pinned,
  startOf,
  type Path,
} from '../../geometry/path';
import { between, distance, minus, plus, point, type Point } from '../../geometry/point';
import type { Outline, PieceEdge } from '../outline';

/** Where a move of points differs from place to place, lines are bent in parts no longer than this, mm. */
const PART_MM = 20;
/** A move smaller than this is none, mm. */
export const STILL_MM = 1e-9;

const recallParts = createMemory<Path>();
/** Moves a path by what `move` says of each place; straight lines stay whole where all of it moves alike. */
export function movedBy(path: Path, move: (at: Point) => Point): Path {
  const parts = recallParts([path], () => chopped(path, PART_MM));
  const first = move(startOf(path));
  const moves = parts.map(({ to }) => move(to));
  if (moves.every((one) => distance(one, first) < STILL_MM))
    return distance(first, point(0, 0)) < STILL_MM ? path : mapped(path, (one) => plus(one, first));
  return mapped(parts, (one) => plus(one, move(one)));
}

/** Whether an edge keeps its length while its ends move: one that is sewn to another piece. */
const keepsLength = ({ seam, fold }: ShapeEdge): boolean => seam !== undefined && !fold;

/**
 * The outline with some of its edges redrawn; those beside them follow with their ends. A seam among those keeps its
 * length, as far as bending more or less can keep it, so that it still goes onto what it is sewn to.
 */
export function withRedrawn(outline: Outline, redrawn: ReadonlyMap<number, Path>): Outline {
  const count = outline.edges.length;
  const pathAt = (nth: number): Path =>
    redrawn.get(nth) ?? (outline.edges[(nth + count) % count] as PieceEdge).path;
  const edges = outline.edges.map((edge, nth): PieceEdge => {
    const before = (nth - 1 + count) % count;
    const after = (nth + 1) % count;
    const own = pathAt(nth);
    const from = redrawn.has(before) ? endOf(pathAt(before)) : startOf(own);
    const to = redrawn.has(after) && !redrawn.has(nth) ? startOf(pathAt(after)) : endOf(own);
    const joined = endsAt(own, from, to);
    const drawn =
      joined !== own && !redrawn.has(nth) && keepsLength(edge.of)
        ? (bentTo(joined, lengthOf(edge.path)) ?? joined)
        : joined;
    const path = pinned(drawn, from, to);
    return path === edge.path ? edge : { of: edge.of, path };
  });
  return { ...outline, edges };
}

/** A path drawn to new ends: each of its points goes along by its share of the way. The same where they are its own. */
export function endsAt(path: Path, from: Point, to: Point): Path {
  const [first, last] = [minus(from, startOf(path)), minus(to, endOf(path))];
  if (distance(from, startOf(path)) < STILL_MM && distance(to, endOf(path)) < STILL_MM) return path;
  return displaced(path, (share) => between(first, last, share));
}
