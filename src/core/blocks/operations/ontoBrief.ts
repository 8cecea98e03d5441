import { leaf, say } from '../../explain/ledger';
import { endOf, lengthOf, polyline, startOf, type Path } from '../../geometry/path';
import { point } from '../../geometry/point';
import type { DraftedPieces } from '../drafted';
import type { Drafter } from '../drafter';
import {
  FULL,
  backLeg,
  coverageHandle,
  coverageOf,
  frontLeg,
  solvedFrontLeg,
  usualLegStart,
  type LegEnds,
} from '../legEdge';
import { arrives, downThrough } from '../lines';
import { SIDES, type Side, type TopFrame } from '../topFrame';
import { levelsOf, quarterAt, topHalf, type TopHalf } from '../topHalf';

/** The crotch seam lies this far in front of the middle of the loop, mm, and is so wide (T, from memory). */
const FORWARD_MM = { adult: 30, child: 20 } as const;
const CROTCH_MM = { adult: 70, child: 50 } as const;
/** Between the hip and the crotch there is at least so much, mm. */
const LEAST_LEG_MM = 35;
/** The leg edge begins no higher than this below the waist, mm. */
const BELOW_WAIST_MM = 15;
const NEAR_MM = 0.5;

/** A top drawn on down to the crotch: its lengths so that the loop over the shoulder and between the legs is as planned. */
export function ontoBrief(d: Drafter, frame: TopFrame): DraftedPieces {
  const loop = d.girth('loop', 'loop');
  const leg = d.girth('leg', 'legTop');
  const forward = d.usual(FORWARD_MM);
  const half = d.usual(CROTCH_MM) / 2;
  const depth = (which: string, sign: string) =>
    d.work(`crotch.${which}`, {
      label: `${which}, from the neck point to the crotch seam`,
      unit: 'mm',
      formula: `loop / 2 ${sign} forward`,
      terms: { loop, forward: leaf('the crotch seam lies forward by', forward, 'mm', 'T, from memory') },
    });
  const crotch = { front: depth('front', '-'), back: depth('back', '+') };
  const shorter = d.work('body.shorter', {
    label: 'lengths of the body are drawn at this part',
    unit: 'ratio',
    formula: 'loop / body',
    terms: { loop, body: d.body('loop') },
  });
  const waistY = frame.levels.waist * shorter.value;
  const hipY = frame.levels.hip * shorter.value;
  const most = crotch.front.value - LEAST_LEG_MM;
  const least = waistY + BELOW_WAIST_MM;
  if (most < least)
    d.cannot(
      say`The torso loop, ${loop}, is too short for the back length: the crotch would lie ${crotch.front} below the neck. Measure both again.`,
    );
  const [underarm, bust, ...rest] = frame.quarters;
  const quarters: TopFrame['quarters'] = [
    underarm,
    bust,
    ...rest.map((one) => ({ ...one, y: one.zone === 'waist' ? waistY : hipY })),
  ];
  const seat = coverageOf(d);
  const sideTo = (y: number): Path => {
    const above = quarters.filter((one, nth) => nth === 0 || one.y < y - NEAR_MM);
    return downThrough(
      [...above.map((one) => point(one.x, one.y)), point(quarterAt(quarters, y), y)],
      'both',
    );
  };
  const ends = (side: Path, which: Side): LegEnds => ({
    from: endOf(side),
    down: arrives(side),
    to: point(half, crotch[which].value),
  });
  const around = (y: number): number => {
    const side = sideTo(y);
    return lengthOf(frontLeg(ends(side, 'front'), FULL.usual)) + lengthOf(backLeg(ends(side, 'back'), seat));
  };
  const start = usualLegStart((y) => around(y) - leg.value, least, Math.max(most, least));
  const legY = d.choose('leg-height', {
    label: 'top of the leg edge below the neck point',
    usual: Math.min(start, hipY, most),
    least,
    most,
  });
  const side = sideTo(legY);
  const backEdge = backLeg(ends(side, 'back'), seat);
  const frontEdge = solvedFrontLeg(d, ends(side, 'front'), { back: backEdge, others: 0, wanted: leg });
  coverageHandle(d, 'back', backEdge);
  d.handle({ choice: 'leg-height', piece: 'front', at: endOf(side), way: point(0, 1) });
  const [front, back] = SIDES.map((which) => topHalf(frame, which)) as [TopHalf, TopHalf];
  const levels = levelsOf({ ...frame, quarters }, { side });
  return Object.fromEntries(
    SIDES.map((which) => {
      const { neckline, shoulder, armhole } = which === 'front' ? front : back;
      const edge = which === 'front' ? frontEdge : backEdge;
      const foot = point(0, crotch[which].value);
      return [
        which,
        {
          edges: [
            neckline,
            shoulder,
            armhole,
            side,
            edge,
            polyline([endOf(edge), foot]),
            polyline([foot, startOf(neckline)]),
          ],
          levels,
        },
      ];
    }),
  );
}
