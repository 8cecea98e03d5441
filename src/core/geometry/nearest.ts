import { distance, type Point } from './point';
import { backwards, isClosed, joined, lengthOf, splitAlong, startOf, type Path } from './path';
import { isFlat } from './ring';
import { lengthOfSegment, parameterAt, partsUntil, pointOf, type Segment } from './segment';

/** The place of a path that lies nearest to a point: on which of its segments, how far along it all, how far off; mm. */
export interface NearestPlace {
  readonly nth: number;
  readonly at: Point;
  readonly alongMm: number;
  readonly offMm: number;
}

export function nearestOnPath(path: Path, to: Point): NearestPlace {
  let best: NearestPlace = { nth: 0, at: startOf(path), alongMm: 0, offMm: Infinity };
  let past = 0;
  for (const [nth, segment] of path.entries()) {
    const { at, alongMm } = nearestOnSegment(segment, to);
    const offMm = distance(at, to);
    if (offMm < best.offMm) best = { nth, at, alongMm: past + alongMm, offMm };
    past += lengthOfSegment(segment);
  }
  return best;
}

const COARSE_MM = 0.2;
function nearestOnSegment(segment: Segment, to: Point): Pick<NearestPlace, 'at' | 'alongMm'> {
  let [past, best]: [number, Pick<NearestPlace, 'at' | 'alongMm'> | undefined] = [0, undefined];
  for (const part of partsUntil((one) => isFlat(one, COARSE_MM), segment)) {
    const along = { x: part.to.x - part.from.x, y: part.to.y - part.from.y };
    const share =
      ((to.x - part.from.x) * along.x + (to.y - part.from.y) * along.y) / (along.x ** 2 + along.y ** 2 || 1);
    const long = lengthOfSegment(part);
    const mm = Math.min(Math.max(share, 0), 1) * long;
    const at = pointOf(part, parameterAt(part, mm));
    if (!best || distance(at, to) < distance(best.at, to)) best = { at, alongMm: past + mm };
    past += long;
  }
  return best ?? { at: segment.from, alongMm: 0 };
}

/**
 * The stretches of a path from one place on it to another, places as lengths along it, mm: run backwards where it has to
 * be; of a closed path both ways round. None between a place and itself.
 */
export function stretchesOf(path: Path, fromMm: number, toMm: number): readonly Path[] {
  const [low, high] = [Math.min(fromMm, toMm), Math.max(fromMm, toMm)];
  const inside = partOf(path, low, high);
  const run = (one: Path, ahead: boolean): Path => (ahead ? one : backwards(one));
  const runs = inside ? [run(inside, fromMm <= toMm)] : [];
  if (!isClosed(path)) return runs;
  const [first, ...rest] = [partOf(path, high, lengthOf(path)), partOf(path, 0, low)].filter(
    (one) => one !== undefined,
  );
  return first && inside ? [...runs, run(joined(first, ...rest), fromMm > toMm)] : runs;
}

function partOf(path: Path, from: number, to: number): Path | undefined {
  const [before] = splitAlong(path, to);
  return before && (from <= 0 ? before : splitAlong(before, from)[1]);
}
