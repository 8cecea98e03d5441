import { addedKnot, closedOutline } from '../../pieces/edits';
import { MOST_KNOTS, type Knot, type OutlineFacts } from '../../facts/outline';
import { nearestOnPath, stretchesOf, type NearestPlace } from '../../geometry/nearest';
import { endOf, isClosed, lengthOf, startOf, type Path } from '../../geometry/path';
import { distance, type Point } from '../../geometry/point';
import { boundsOfPoints } from '../../geometry/ring';
import { lengthOfSegment, type Segment } from '../../geometry/segment';
import { drawnBetween, handlesOf, isCorner } from '../../pieces/ring';

/** A place on one of the lines that lie under the table, and whether the line ends or turns there. */
interface OnLine {
  readonly line: Path;
  readonly place: NearestPlace;
  readonly corner: boolean;
}

/** A click lies on a line when it is no farther from it than this, mm: it was put there. */
const ON_IT_MM = 0.05;

/** Where a click comes to lie: on the end or corner of a line within reach, else on a line, mm. Nothing where none is. */
export function snappedTo(lines: readonly Path[], to: Point, reachMm: number): OnLine | undefined {
  const near = lines.filter((line) => mayPass(line, to, reachMm));
  const corners = near.flatMap((line) =>
    cornersAlong(line).flatMap((at): readonly OnLine[] =>
      distance(at, to) <= reachMm ? [{ line, place: { ...nearestOnPath(line, at), at }, corner: true }] : [],
    ),
  );
  return nearest(corners, to) ?? nearest(placesOn(near, to, reachMm), to);
}

const nearest = (places: readonly OnLine[], to: Point): OnLine | undefined =>
  places.toSorted((a, b) => distance(a.place.at, to) - distance(b.place.at, to))[0];

/** Every line that passes a point within reach, and where it does. */
function placesOn(lines: readonly Path[], at: Point, reachMm: number): readonly OnLine[] {
  return lines.flatMap((line) => {
    if (!mayPass(line, at, reachMm)) return [];
    const place = nearestOnPath(line, at);
    return place.offMm <= reachMm ? [{ line, place, corner: false }] : [];
  });
}

/** Whether a point lies in the box round a line’s points and handles, which holds the line. */
function mayPass(line: Path, { x, y }: Point, reachMm: number): boolean {
  const { left, right, top, bottom } = boundsOfPoints(
    line.flatMap((segment) =>
      segment.kind === 'line'
        ? [segment.from, segment.to]
        : [segment.from, segment.c1, segment.c2, segment.to],
    ),
  );
  return x >= left - reachMm && x <= right + reachMm && y >= top - reachMm && y <= bottom + reachMm;
}

function cornersAlong(line: Path): readonly Point[] {
  const inside = line.slice(1).flatMap((segment, nth) => {
    return isCorner(line[nth] as Segment, segment) ? [segment.from] : [];
  });
  const closes = isClosed(line) && !isCorner(line.at(-1) as Segment, line[0]);
  return closes ? inside : [startOf(line), ...inside, endOf(line)];
}

/**
 * One more point of an outline, clicked over lines: snapped to them within reach, and where the point before it lies on
 * the same line, all that lies between is followed with its curves. A point on a line is a corner where the line has one.
 */
export function clickedAlong(
  outline: OutlineFacts,
  lines: readonly Path[],
  click: Point & { readonly clickMm?: number },
  { reachMm, corner }: { readonly reachMm: number; readonly corner: boolean },
): OutlineFacts {
  const snap = snappedTo(lines, click, reachMm);
  if (!snap) return addedKnot(outline, click, corner);
  const { at } = snap.place;
  const last = outline.ring.at(-1);
  const run = last && runBetween(lines, outline.ring, last, at);
  // Where a line was followed it is as near as the drawing, not as the hand.
  return run
    ? followed(outline, run, snap.corner)
    : addedKnot(outline, { x: at.x, y: at.y, clickMm: 0 }, snap.corner);
}

/** The outline closed, along the line that its last and first points lie on where there is one. */
export function closedAlong(outline: OutlineFacts, lines: readonly Path[]): OutlineFacts {
  const [first, last] = [outline.ring[0], outline.ring.at(-1)];
  const run = first && last && first !== last ? runBetween(lines, outline.ring, last, first) : undefined;
  if (!run) return closedOutline(outline);
  const { ring } = followed(outline, run, true);
  const end = ring.at(-1);
  const start = ring[0] as Knot;
  const closed = [{ ...start, ...(end?.before ? { before: end.before } : {}) }, ...ring.slice(1, -1)];
  return closedOutline({ ...outline, ring: ring.length > outline.ring.length ? closed : ring });
}

/** The shortest stretch of a line from one point of an outline on, without passing over any other of its points. */
function runBetween(lines: readonly Path[], ring: readonly Knot[], from: Point, to: Point): Path | undefined {
  const ends = placesOn(lines, to, ON_IT_MM);
  const others = ring.filter((one) => distance(one, from) > ON_IT_MM && distance(one, to) > ON_IT_MM);
  return placesOn(lines, from, ON_IT_MM)
    .flatMap(({ line, place }) =>
      ends
        .filter((end) => end.line === line)
        .flatMap((end) => stretchesOf(line, place.alongMm, end.place.alongMm)),
    )
    .filter((run) => others.every((one) => placesOn([run], one, ON_IT_MM).length === 0))
    .toSorted((a, b) => lengthOf(a) - lengthOf(b))[0];
}

/** The outline run on along a stretch of a line; the same where it would have more points than it may. */
function followed(outline: OutlineFacts, run: Path, corner: boolean): OutlineFacts {
  const { ring } = outline;
  const segments = run.filter((one) => lengthOfSegment(one) > ON_IT_MM / 5);
  if (segments.length === 0 || ring.length + segments.length > MOST_KNOTS) return outline;
  const turns = [
    ...segments.map((one, nth) => nth === 0 || isCorner(segments[nth - 1] as Segment, one)),
    true,
  ];
  const drawn = drawnBetween(segments, turns);
  const knots = drawn.map((one, nth): Knot => {
    const isEnd = nth === drawn.length - 1;
    return {
      x: one.to.x,
      y: one.to.y,
      clickMm: 0,
      ...((isEnd ? corner : turns[nth + 1]) ? { corner: true } : {}),
      ...handlesOf(one, drawn[nth + 1]),
    };
  });
  const before = ring.map((knot, nth) =>
    nth === ring.length - 1 ? { ...knot, ...handlesOf(undefined, drawn[0]) } : knot,
  );
  return { ...outline, ring: [...before, ...knots] };
}
