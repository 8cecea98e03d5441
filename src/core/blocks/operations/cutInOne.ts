import type { OperationOf } from '../../fit/drafting';
import { endOf, joined, polyline } from '../../geometry/path';
import { plus, point, times } from '../../geometry/point';
import type { DraftedPieces } from '../drafted';
import type { Drafter } from '../drafter';
import { arrives, curveTo, downThrough, squareToFold } from '../lines';
import { upperArm } from '../sleeve';
import { SIDES, type TopFrame } from '../topFrame';
import { levelsOf, neckPointOf, necklineOf } from '../topHalf';

const DOWN = point(0, 1);
/** A sleeve cut in one reaches beyond the side by this, mm, so that its underarm is a curve; and that curve is as deep. */
const BEYOND_MM = 18;
const CURVE_MM = 45;

/** Sleeves cut in one with the body: the shoulder runs on into the sleeve, the side curves out into its underarm. */
export function withSleevesCutInOne(
  d: Drafter,
  frame: TopFrame,
  { sleeve }: OperationOf<'cut-in-one'>,
): DraftedPieces {
  const along = point(Math.cos(frame.slopeRad), Math.sin(frame.slopeRad));
  const square = point(-along.y, along.x);
  const half = upperArm(d).value / 2;
  const [, first, ...rest] = frame.quarters;
  const least = (first.x + BEYOND_MM + half * Math.sin(frame.slopeRad) - frame.shoulderX) / along.x;
  const long = d.choose('sleeve-length', {
    label: 'sleeve, from the shoulder point',
    usual: Math.max(d.usual(sleeve), least),
    least: Math.max(least, 20),
    most: d.body('armLength').value + 20,
  });
  const neckPoint = neckPointOf(frame);
  const end = plus(neckPoint, times(along, (frame.shoulderX - neckPoint.x) / along.x + long));
  const under = plus(end, times(square, half));
  const bust = { ...first, y: Math.max(first.y, under.y + CURVE_MM) };
  const body = point(bust.x, bust.y);
  const underarm = curveTo(under, times(along, -1), body, DOWN, [0.45, 0.45]);
  const lower = rest.filter(({ y }) => y > bust.y + CURVE_MM && y < frame.hemY - 1);
  const at = rest.find(({ y }) => y >= frame.hemY - 1) ?? rest.at(-1) ?? first;
  const foot = point(at.x + frame.flareX, Math.max(frame.hemY, bust.y + CURVE_MM));
  const down = downThrough(
    [body, ...lower.map(({ x, y }) => point(x, y)), foot],
    frame.flareX === 0 ? 'both' : 'start',
  );
  const side = joined(underarm, down);
  const hem = squareToFold(foot, arrives(down));
  d.handle({ choice: 'sleeve-length', piece: 'front', at: end, way: along });
  d.handle({ choice: 'length', piece: 'front', at: endOf(hem), way: DOWN });
  return Object.fromEntries(
    SIDES.map((which) => {
      const neckline = necklineOf(frame, which);
      return [
        which,
        {
          edges: [
            neckline,
            polyline([neckPoint, end]),
            polyline([end, under]),
            side,
            hem,
            polyline([endOf(hem), neckline[0].from]),
          ],
          levels: levelsOf({ ...frame, quarters: [bust, bust, ...rest] }, { side }),
        },
      ];
    }),
  );
}
