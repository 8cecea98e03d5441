import type { GarmentKind } from '../fit/garmentKind';
import type { SewnEdges } from '../fit/pieceShape';
import { endOf, lengthOf, pointAlong, startOf, type Path } from '../geometry/path';
import { minus, point, type Point } from '../geometry/point';
import { boundsOfPoints, flattened } from '../geometry/ring';
import type { NotchMark } from '../pieces/notches';
import { neighbours, pathOfEdge, roundPiece, type Outline, type Outlines } from '../pieces/outline';
import { namedEdge } from '../pieces/walk';

/** Where one piece meets another that the print has to run on into: a point of either, as their outlines lie. */
interface Met {
  readonly a: string;
  readonly b: string;
  readonly atA: Point;
  readonly atB: Point;
}

/** The notches of pieces, by piece. */
type Notches = Readonly<Record<string, readonly NotchMark[]>>;

/** Of the front of an armhole, from the underarm up, where its notch usually is (T). */
const NOTCH = 1 / 3;

/**
 * The point of every piece that lies on a repeat, from where its printed line begins, so that stripes run on: sides meet at
 * their lower end, a sleeve at the front notch of its armhole; across, the middle of each piece lies on one.
 */
export function matchedPoints(
  kind: Pick<GarmentKind, 'sewn'>,
  outlines: Outlines,
  notches: Notches = {},
): ReadonlyMap<string, Point> {
  const met = kind.sewn.flatMap((sewn) => meetingOf(sewn, outlines, notches) ?? []);
  const levels = new Map<string, number>();
  for (const [id, outline] of Object.entries(outlines)) {
    if (levels.has(id)) continue;
    levels.set(id, boundsOfPoints(flattened(roundPiece(outline))).bottom);
    runOn(met, levels);
  }
  return new Map(
    Object.entries(outlines).map(([id, outline]) => {
      const at = point(middleOf(outline), levels.get(id) ?? 0);
      const first = pathOfEdge(outline, outline.shape.edges[0]?.id ?? '');
      return [id, first ? minus(at, startOf(first)) : at];
    }),
  );
}

/** The level of every piece that meets one whose level is known. */
function runOn(met: readonly Met[], levels: Map<string, number>): void {
  for (let more = true; more;) {
    more = false;
    for (const { a, b, atA, atB } of met) {
      const [known, other, from, to] = levels.has(a) ? [a, b, atA, atB] : [b, a, atB, atA];
      const level = levels.get(known);
      if (level === undefined || levels.has(other)) continue;
      levels.set(other, level + to.y - from.y);
      more = true;
    }
  }
}

function middleOf(outline: Outline): number {
  const fold = outline.edges.find(({ of }) => of.fold);
  if (fold) return startOf(fold.path).x;
  const { left, right } = boundsOfPoints(flattened(roundPiece(outline)));
  return (left + right) / 2;
}

function meetingOf(sewn: SewnEdges, outlines: Outlines, notches: Notches): Met | undefined {
  const [a, b] = [sewn.a[0], sewn.b[0]].map((name) => namedEdge(outlines, name ?? ''));
  const [pathA, pathB] = [a, b].map((one) => one && pathOfEdge(one.outline, one.id));
  if (!a || !b || !pathA || !pathB || a.outline === b.outline) return undefined;
  const between = (atA: Point, atB: Point): Met => ({
    a: a.outline.shape.id,
    b: b.outline.shape.id,
    atA,
    atB,
  });
  if (sewn.a.length === 1 && sewn.b.length === 1)
    return runsDown(pathA) && runsDown(pathB) ? between(lowerEnd(pathA), lowerEnd(pathB)) : undefined;
  if (sewn.a.length !== 2 || sewn.b.length !== 1) return undefined;
  // A sleeve: at the front notch, which is a single one, where both have it.
  const [notchA, notchB] = [a, b].map(({ outline, id }) =>
    notches[outline.shape.id]?.find(({ edge, double }) => edge === id && !double),
  );
  if (notchA && notchB) return between(notchA.at, notchB.at);
  // Else as far from the underarm on either, on the side of the front.
  const far = NOTCH * lengthOf(pathA);
  const beginsAtFront = neighbourIsOf(b.outline, b.id, a.outline.shape.id);
  return between(
    pointAlong(pathA, lowerEnd(pathA) === endOf(pathA) ? lengthOf(pathA) - far : far),
    pointAlong(pathB, beginsAtFront ? far : lengthOf(pathB) - far),
  );
}

/** Whether the edge before another is the one that is named after a piece: the front’s underarm before a sleeve’s cap. */
function neighbourIsOf(outline: Outline, edge: string, piece: string): boolean {
  const nth = outline.edges.findIndex(({ of }) => of.id === edge);
  return neighbours(outline, nth).before.of.id.includes(piece);
}

const lowerEnd = (path: Path): Point => (endOf(path).y >= startOf(path).y ? endOf(path) : startOf(path));

/** Shoulders do not: no stripe runs on over them. */
function runsDown(path: Path): boolean {
  const { x, y } = minus(endOf(path), startOf(path));
  return Math.abs(y) > Math.abs(x);
}
