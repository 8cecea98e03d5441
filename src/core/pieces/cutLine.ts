import type { CornerKind } from '../facts/outline';
import type { ShapeEdge } from '../fit/pieceShape';
import { largestOf, united } from '../geometry/clip';
import { backwards, endOf, mirroredIn, startOf, turnOf, type Path } from '../geometry/path';
import { minus, plus, unitOf, type Point } from '../geometry/point';
import { MITRE, offset } from '../geometry/offset';
import { endDirection, startDirection, type Segment } from '../geometry/segment';
import { crossing, mitred, runOn } from './offsets';
import type { Outline } from './outline';

export interface CutLineOptions {
  /** The allowance of an edge, mm; a fold gets none, whatever it says. */
  readonly allowanceOf: (edge: ShapeEdge) => number;
  readonly cornersOf: (edge: ShapeEdge) => CornerKind;
}

interface Side {
  readonly of: ShapeEdge;
  readonly path: Path;
  readonly mm: number;
  readonly corners: CornerKind;
}

/**
 * The line a piece is cut along: each seamline offset by its own allowance, corner by corner. A hem’s corners are mirrored in
 * the hem, so that it lies flush when it is turned up; the end of a seam is square to it, so that two pieces end level; else
 * the lines simply meet. Clockwise points, mm; nothing where the piece is too small for its allowances.
 */
export function cutLine(
  { edges }: Outline,
  { allowanceOf, cornersOf }: CutLineOptions,
): readonly Point[] | undefined {
  const sides = edges.map(({ of, path }): Side => ({
    of,
    path,
    mm: of.fold ? 0 : allowanceOf(of),
    corners: cornersOf(of),
  }));
  const lines: (readonly Point[])[] = sides.map(({ path, mm }) => offset(path, mm));
  const between: (readonly Point[])[] = [];
  sides.forEach((side, nth) => {
    const next = (nth + 1) % sides.length;
    const [a, points, b] = corner(side, sides[next] as Side, lines[nth] ?? [], lines[next] ?? []);
    lines[nth] = a;
    lines[next] = b;
    between[nth] = points;
  });
  return largestOf(united([lines.flatMap((line, nth) => [...line, ...(between[nth] ?? [])])]));
}

type Turned = readonly [readonly Point[], readonly Point[], readonly Point[]];

/** The corner between two sides: their lines, cut off or run on, and what lies between. */
function corner(a: Side, b: Side, lineA: readonly Point[], lineB: readonly Point[]): Turned {
  const at = endOf(a.path);
  if (a.of.fold || b.of.fold) return plainCorner(a, b, lineA, lineB, at);
  if (b.corners === 'mirrored') return hemCorner(at, startWay(b.path), lineA, lineB);
  if (a.corners === 'mirrored') {
    return turnedBack(hemCorner(at, endWay(a.path), lineB.toReversed(), lineA.toReversed()));
  }
  return squared(a, b, lineA, lineB, at) ?? plainCorner(a, b, lineA, lineB, at);
}

function squared(
  a: Side,
  b: Side,
  lineA: readonly Point[],
  lineB: readonly Point[],
  at: Point,
): Turned | undefined {
  const mostMm = Math.max(a.mm, b.mm);
  const [squareA, squareB] = [a.corners === 'square', b.corners === 'square'];
  if (squareA && (!squareB || straighter(a, b)))
    return squareCorner(a, at, endWay(a.path), lineA, lineB, mostMm);
  if (!squareB) return undefined;
  const turned = { ...b, path: backwards(b.path) };
  const found = squareCorner(turned, at, startWay(b.path), lineB.toReversed(), lineA.toReversed(), mostMm);
  return found && turnedBack(found);
}

const turnedBack = ([back, points, on]: Turned): Turned => [
  on.toReversed(),
  points.toReversed(),
  back.toReversed(),
];

const straighter = (a: Side, b: Side): boolean => Math.abs(turnOf(a.path)) <= Math.abs(turnOf(b.path));
const endWay = (path: Path): Point =>
  endDirection(path.at(-1) as Segment) ?? minus(endOf(path), startOf(path));
const startWay = (path: Path): Point => startDirection(path[0]) ?? minus(endOf(path), startOf(path));

function plainCorner(a: Side, b: Side, lineA: readonly Point[], lineB: readonly Point[], at: Point): Turned {
  const [cutA, cutB] = mitred(lineA, lineB, at, Math.max(a.mm, b.mm));
  return [cutA, [], cutB];
}

/**
 * The other line runs as far as the seamline, run on; from there the allowance ends square to the seam. Nothing where it
 * would reach too far: the lines then simply meet.
 */
function squareCorner(
  seam: Side,
  at: Point,
  way: Point,
  line: readonly Point[],
  other: readonly Point[],
  mostMm: number,
): Turned | undefined {
  const ahead = scaled(way, MITRE * mostMm);
  const found = crossing([minus(at, ahead), plus(at, ahead)], runOn(other.toReversed(), mostMm * MITRE));
  if (!found) return undefined;
  const end = plus(found.at, minus(line.at(-1) as Point, endOf(seam.path)));
  return [[...line, end], [], [found.at, ...other.slice(found.ofB)]];
}

/** Lines are run on so far to find where they meet: further than any hem is deep, mm. */
const REACH_MM = 200;

/** The side’s line, reflected in the hem from where it reaches it, out to the hem’s cut edge. */
function hemCorner(at: Point, hemWay: Point, sideLine: readonly Point[], hemLine: readonly Point[]): Turned {
  const flip = mirroredIn(at, plus(at, hemWay));
  const long = runOn(sideLine, REACH_MM);
  const hem = [minus(at, scaled(hemWay, REACH_MM)), plus(at, scaled(hemWay, REACH_MM))];
  const fold = crossing(long, hem);
  if (!fold) return [sideLine, [], hemLine];
  const above = [...sideLine.slice(0, sideLine.length - fold.ofA), fold.at];
  const below = above.toReversed().map(flip);
  const end = crossing(runOn(below, REACH_MM), runOn(hemLine.toReversed(), REACH_MM));
  if (!end) return [above, [], hemLine];
  return [above, [...below.slice(1, below.length - end.ofA), end.at], hemLine.slice(end.ofB)];
}

const scaled = (way: Point, mm: number): Point => {
  const unit = unitOf(way) ?? way;
  return { x: unit.x * mm, y: unit.y * mm };
};
