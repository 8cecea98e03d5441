import { distance, dot, minus, plus, point, times, unitOf, type Point } from './point';
import {
  asCubic,
  cornerBetween,
  cubic,
  cutAt,
  lengthOfSegment,
  line,
  parameterAt,
  partsUntil,
  pointOf,
  reversed,
  startDirection,
  turnOfSegment,
  velocityOf,
  type Segment,
} from './segment';

/** Segments that follow each other, each beginning where the one before it ends. Never empty. */
export type Path = readonly [Segment, ...Segment[]];

/** Ends closer than this meet, mm. */
const MEETS_MM = 0.01;

/** A path of these segments. Throws where there are none or two do not meet (misuse). */
export function pathOf(segments: readonly Segment[]): Path {
  const [first, ...rest] = segments;
  if (!first) throw new Error('expected at least one segment, got none');
  segments.forEach((segment, nth) => {
    const before = segments[nth - 1];
    if (before && distance(before.to, segment.from) > MEETS_MM)
      throw new Error(`expected segment ${nth + 1} to begin where the one before it ends, it does not`);
  });
  return [first, ...rest];
}

/** Straight lines from point to point. Throws for fewer than two points (misuse). */
export const polyline = (points: readonly Point[]): Path =>
  pathOf(points.slice(1).map((to, nth) => line(points[nth] as Point, to)));

export const startOf = (path: Path): Point => path[0].from;
export const endOf = (path: Path): Point => (path.at(-1) as Segment).to;
/** Whether it ends where it began. */
export const isClosed = (path: Path): boolean => distance(startOf(path), endOf(path)) <= MEETS_MM;

export const backwards = (path: Path): Path => pathOf(path.map(reversed).toReversed());
export const joined = (...paths: readonly Path[]): Path => pathOf(paths.flat());

/** Length, mm. */
export const lengthOf = (path: Path): number =>
  path.reduce((sum, segment) => sum + lengthOfSegment(segment), 0);

/** Total turn Θ: along its curves and over its corners, radians, positive clockwise as it is seen. */
export const turnOf = (path: Path): number =>
  path.reduce(
    (sum, segment, nth) =>
      sum + turnOfSegment(segment) + (nth === 0 ? 0 : cornerBetween(path[nth - 1] as Segment, segment)),
    0,
  );

/** Where a path is once it is that long: the segment, its parameter. Beyond its ends it is at them. */
function placeAt(path: Path, mm: number): { readonly nth: number; readonly t: number } {
  let left = mm;
  for (const [nth, segment] of path.entries()) {
    const length = lengthOfSegment(segment);
    if (left <= length) return { nth, t: parameterAt(segment, left) };
    left -= length;
  }
  return { nth: path.length - 1, t: 1 };
}

/** The point that far along it, mm. */
export function pointAlong(path: Path, mm: number): Point {
  const { nth, t } = placeAt(path, mm);
  return pointOf(path[nth] as Segment, t);
}

/** The direction it has that far along it, one long; the x axis where it has none. */
export function directionAlong(path: Path, mm: number): Point {
  const { nth, t } = placeAt(path, mm);
  const segment = path[nth] as Segment;
  return unitOf(velocityOf(segment, t)) ?? unitOf(startDirection(segment) ?? X_AXIS) ?? X_AXIS;
}
const X_AXIS = point(1, 0);

/** The parts of a path before and after a place along it, mm; a part without length is nothing. */
export function splitAlong(path: Path, mm: number): readonly [Path | undefined, Path | undefined] {
  const { nth, t } = placeAt(path, mm);
  const segment = path[nth] as Segment;
  const [a, b] = cutAt(segment, t);
  const some = (parts: readonly Segment[]): Path | undefined => {
    const kept = parts.filter((part) => lengthOfSegment(part) > 0);
    return kept.length > 0 ? pathOf(kept) : undefined;
  };
  return [some([...path.slice(0, nth), a]), some([b, ...path.slice(nth + 1)])];
}

/** The same path as curves no longer than `mm` each, so that it can be bent anywhere. */
export const chopped = (path: Path, mm: number): Path =>
  pathOf(path.flatMap((segment) => partsUntil((part) => lengthOfSegment(part) <= mm, segment)).map(asCubic));

/** The same path with its ends at these points exactly: where they were but for rounding. */
export function pinned(path: Path, from: Point, to: Point): Path {
  if (isAt(startOf(path), from) && isAt(endOf(path), to)) return path;
  const last = path.length - 1;
  return pathOf(
    path.map((segment, nth) => ({
      ...segment,
      from: nth === 0 ? from : segment.from,
      to: nth === last ? to : segment.to,
    })),
  );
}
const isAt = (a: Point, b: Point): boolean => a.x === b.x && a.y === b.y;

/** Moves each point and handle of a path by what `by` says of its share of the way along. */
export function displaced(path: Path, by: (share: number) => Point): Path {
  const lengths = path.map(lengthOfSegment);
  const whole = lengths.reduce((sum, one) => sum + one, 0) || 1;
  let past = 0;
  return pathOf(
    path.map((segment, nth) => {
      const [from, long] = [past / whole, (lengths[nth] as number) / whole];
      past += lengths[nth] as number;
      // The last end is at 1 exactly, so that what begins there still meets it.
      const at = (share: number) => by(nth === path.length - 1 && share === 1 ? 1 : from + share * long);
      const move = (one: Point, share: number) => plus(one, at(share));
      return segment.kind === 'line'
        ? line(move(segment.from, 0), move(segment.to, 1))
        : cubic(move(segment.from, 0), move(segment.c1, 1 / 3), move(segment.c2, 2 / 3), move(segment.to, 1));
    }),
  );
}

/**
 * A path between the same ends, bent more or less until it is `mm` long: every point’s distance from the straight line
 * between the ends grows alike. Nothing where that line is longer already, or it would have to bend more than threefold.
 */
export function bentTo(path: Path, mm: number): Path | undefined {
  const [from, to] = [startOf(path), endOf(path)];
  const along = unitOf(minus(to, from));
  if (!along) return undefined;
  const bent = (by: number): Path =>
    mapped(path, (one) => {
      const on = dot(minus(one, from), along);
      const foot = plus(from, times(along, on));
      return plus(foot, times(minus(one, foot), by));
    });
  const over = (by: number): number => lengthOf(bent(by)) - mm;
  let [low, high] = [0, MOST_BEND];
  let [short, long] = [over(low), over(high)];
  if (short > 0 || long < 0) return undefined;
  let by = 1;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const off = over(by);
    if (Math.abs(off) < BENT_MM) break;
    if (off > 0) [high, long] = [by, off];
    else [low, short] = [by, off];
    // The length grows nearly as the square of the bend: so does the step towards it.
    const share = -short / (long - short);
    by = round % 3 < 2 ? Math.sqrt(low * low + share * (high * high - low * low)) : (low + high) / 2;
  }
  return bent(by);
}
const MOST_BEND = 3;
const MOST_ROUNDS = 40;
/** Lengths are met this closely, mm. */
const BENT_MM = 1e-5;

/** A path whose end runs `mm` further straight on, or stops that much before; nothing where nothing is left of it. */
export function endMoved(path: Path, mm: number): Path | undefined {
  if (mm === 0) return path;
  if (mm < 0) return splitAlong(path, lengthOf(path) + mm)[0];
  const to = endOf(path);
  return joined(path, pathOf([line(to, plus(to, times(directionAlong(path, lengthOf(path)), mm)))]));
}

/** Moves every point and handle of a path. Straight lines stay straight only under what keeps lines (an affine map). */
export const mapped = (path: Path, move: (one: Point) => Point): Path =>
  pathOf(
    path.map((segment) =>
      segment.kind === 'line'
        ? line(move(segment.from), move(segment.to))
        : cubic(move(segment.from), move(segment.c1), move(segment.c2), move(segment.to)),
    ),
  );

/** The point on the other side of the line through two points. Throws where they are one (misuse). */
export function mirroredIn(a: Point, b: Point): (one: Point) => Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const square = dx * dx + dy * dy;
  if (square === 0) throw new Error('expected a line to mirror in, got a point');
  return ({ x, y }) => {
    const share = ((x - a.x) * dx + (y - a.y) * dy) / square;
    return point(2 * (a.x + share * dx) - x, 2 * (a.y + share * dy) - y);
  };
}

/** The point turned about another by an angle, radians, clockwise as it is seen. */
export const turnedAbout =
  (centre: Point, angle: number) =>
  ({ x, y }: Point): Point => {
    const [dx, dy] = [x - centre.x, y - centre.y];
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    return point(centre.x + dx * c - dy * s, centre.y + dx * s + dy * c);
  };
