import { minus, plus, point, times, unitOf, type Point } from '../geometry/point';
import type { PaperLine, PaperPiece } from './paperPiece';

/** How long the arrow of the grain is at most, and the heads of arrows are, mm (common practice, no source). */
const GRAIN_MM = 240;
const HEAD_MM = 5;
/** How much of the room inside the arrows take, and where they stand beside the words. */
const SHARE = 0.7;
const ASIDE = 0.8;

/** The grain, upright, and the way of the greatest stretch, square to it: arrows beside a piece’s words. */
export function arrows(ring: readonly Point[], { at, radiusMm }: PaperPiece['room']): readonly PaperLine[] {
  const x = at.x - ASIDE * radiusMm;
  const [top, foot] = uprightIn(ring, point(x, at.y));
  const half = Math.min((SHARE * (foot - top)) / 2, GRAIN_MM / 2);
  const middle = (top + foot) / 2;
  const low = at.y + ASIDE * radiusMm;
  const aside = SHARE * Math.sqrt(1 - ASIDE ** 2) * radiusMm;
  return [
    { kind: 'grain', points: arrow(point(x, middle + half), point(x, middle - half)), text: 'grain' },
    {
      kind: 'stretch',
      points: arrow(point(at.x - aside, low), point(at.x + aside, low)),
      text: 'greatest stretch',
    },
  ];
}

/** How far a level or upright line through a point inside runs up and down before it leaves the ring. */
function uprightIn(ring: readonly Point[], { x, y }: Point): readonly [number, number] {
  let [top, foot] = [-Infinity, Infinity];
  let from = ring.at(-1) as Point;
  for (const to of ring) {
    if (from.x > x !== to.x > x) {
      const at = from.y + ((x - from.x) / (to.x - from.x)) * (to.y - from.y);
      if (at <= y) top = Math.max(top, at);
      else foot = Math.min(foot, at);
    }
    from = to;
  }
  return [Number.isFinite(top) ? top : y, Number.isFinite(foot) ? foot : y];
}

/** A line with a head at both its ends, drawn in one go. */
function arrow(from: Point, to: Point): readonly Point[] {
  const along = unitOf(minus(to, from));
  if (!along) return [from, to];
  const side = times(point(-along.y, along.x), HEAD_MM / 3);
  const [up, down] = [plus(from, times(along, HEAD_MM)), minus(to, times(along, HEAD_MM))];
  return [plus(up, side), from, minus(up, side), from, to, plus(down, side), to, minus(down, side)];
}
