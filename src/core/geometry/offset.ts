import type { Path } from './path';
import { angleBetween, meetingOf, minus, outwardOf, plus, sizeOf, times, unitOf, type Point } from './point';
import { FLAT_MM, isFlat } from './ring';
import { endDirection, partsUntil, startDirection, turnOfSegment, type Segment } from './segment';

/** A curve is cut until each part turns less than this, radians: on 45 mm of allowance that is true to 0.02 mm. */
const STEP_RAD = 0.06;
/** A mitre is kept to this many times the allowance, then it is cut square (handbook of the trade, common practice). */
export const MITRE = 2.5;

/**
 * The line that runs `mm` to the left of a path, as points: outside of an outline that runs clockwise as it is seen, inside
 * where `mm` is negative. At an outward corner the lines meet in a point, up to the mitre’s limit; where the path turns in
 * more sharply than the line can follow, the line crosses itself there (see `united`).
 */
export function offset(path: Path, mm: number): readonly Point[] {
  const points: Point[] = [];
  path.forEach((segment, nth) => {
    const before = path[nth - 1];
    if (before) points.push(...cornerPoints(before, segment, mm));
    for (const part of partsUntil(isStraightEnough, segment)) points.push(...besides(part, mm));
  });
  return points;
}

const isStraightEnough = (part: Segment): boolean =>
  isFlat(part, FLAT_MM) && Math.abs(turnOfSegment(part)) <= STEP_RAD;

/** The point that lies `mm` to the left of a point of a path that runs in this direction. */
const beside = (at: Point, along: Point, mm: number): Point =>
  plus(at, times(outwardOf(unitOf(along) ?? along), mm));

/** The two ends of what runs beside a part; nothing beside one without length. */
function besides(part: Segment, mm: number): readonly Point[] {
  const [start, end] = [startDirection(part), endDirection(part)];
  return start && end ? [beside(part.from, start, mm), beside(part.to, end, mm)] : [];
}

/** What fills the gap at an outward corner: the point of the mitre; nothing where it would be too long, or turns inwards. */
function cornerPoints(before: Segment, after: Segment, mm: number): readonly Point[] {
  const [into, out] = [endDirection(before), startDirection(after)];
  if (!into || !out || angleBetween(into, out) * mm <= 0) return [];
  const point = meetingOf(beside(before.to, into, mm), into, beside(after.from, out, mm), out);
  if (!point || sizeOf(minus(point, after.from)) > MITRE * Math.abs(mm)) return [];
  return [point];
}
