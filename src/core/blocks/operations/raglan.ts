import { leaf, say, type Input, type Working } from '../../explain/ledger';
import { MM_PER_INCH } from '../../units/constants';
import {
  backwards,
  endOf,
  joined,
  lengthOf,
  mapped,
  splitAlong,
  startOf,
  type Path,
} from '../../geometry/path';
import { minus, mirrored, point, type Point } from '../../geometry/point';
import type { DraftedPieces } from '../drafted';
import type { Drafter } from '../drafter';
import { curveTo, downThrough, setsOut } from '../lines';
import { endBetween, upperArm } from '../sleeve';
import { rootBetween } from '../solve';
import { SIDES, type Side, type TopFrame } from '../topFrame';
import { levelsOf, lowerOf, topHalf } from '../topHalf';

/** An adult’s raglan point lies this far from the shoulder, 2½ in, on this chest (T); scaled by size. */
export const RAGLAN_POINT = { mm: 2.5 * MM_PER_INCH, onChestMm: 920 } as const;
/** How far from the shoulder the raglan points are marked along the neckline, by the chest. */
export const raglanPoint = (chest: Input): Working => ({
  label: 'raglan points from the shoulder, along the neckline',
  unit: 'mm',
  mark: 'T',
  note: '2½ in on an adult, scaled by size.',
  formula: 'adult * chest / usual',
  terms: {
    adult: leaf('on an adult', RAGLAN_POINT.mm, 'mm', 'T'),
    chest,
    usual: leaf('an adult’s chest', RAGLAN_POINT.onChestMm, 'mm', 'T'),
  },
});
/** As much of the neckline stays on the body at least. */
const LEAST_ON_BODY = 0.4;

/** A point of the body seen from the sleeve: the shoulder line turned to run straight down from the neck point. */
export function ontoSleeve(at: Point, neckPoint: Point, slope: number): Point {
  const [dx, dy] = [at.x - neckPoint.x, at.y - neckPoint.y];
  const along = dx * Math.cos(slope) + dy * Math.sin(slope);
  const aside = -dx * Math.sin(slope) + dy * Math.cos(slope);
  return point(-aside, along);
}

interface BodySide {
  readonly neck: Path;
  readonly raglan: Path;
  /** The neck edge that goes with the sleeve, from the neck point to the raglan point, as it lies on the sleeve’s left. */
  readonly neckOnSleeve: Path;
  /** Which way the raglan line leaves the neck there. */
  readonly leaving: Point;
}

const LEVEL_RIGHT = point(1, 0);
const LEVEL_LEFT = point(-1, 0);
/** Handles of a raglan line, as shares of its chord: it leaves the neck straight and comes in level under the arm. */
const HANDLES = [0.34, 0.22] as const;

/** A half cut from the neckline to the underarm, and what of its neck goes with the sleeve. */
function bodySide(frame: TopFrame, side: Side, pointMm: number): BodySide {
  const half = topHalf(frame, side);
  const neckPoint = endOf(half.neckline);
  const onSleeveMm = Math.min(pointMm, (1 - LEAST_ON_BODY) * lengthOf(half.neckline));
  const [neck, taken] = splitAlong(half.neckline, lengthOf(half.neckline) - onSleeveMm) as [Path, Path];
  const [from, to] = [endOf(neck), endOf(half.armhole)];
  const raglan = curveTo(from, minus(to, from), to, LEVEL_RIGHT, HANDLES);
  const moved = (at: Point): Point => ontoSleeve(at, neckPoint, frame.slopeRad);
  const turned = (way: Point): Point => minus(moved(way), moved(point(0, 0)));
  return {
    neck,
    raglan,
    neckOnSleeve: mapped(backwards(taken), moved),
    leaving: turned(setsOut(raglan)),
  };
}

/**
 * Front, back and sleeve of a raglan: the shoulder goes with the sleeve. Each raglan line of the sleeve leaves the neck as the
 * body’s does, comes in level under the arm, and is as long; its underarms lie at one height, as far apart as the arm is round.
 */
export function asRaglan(d: Drafter, frame: TopFrame): DraftedPieces {
  const mm = d.work('raglan.point', raglanPoint(d.body('bust')));
  const front = bodySide(frame, 'front', mm.value);
  const back = bodySide(frame, 'back', mm.value);
  const shoulderMm = (frame.shoulderX - frame.neckX - frame.neck.wider) / Math.cos(frame.slopeRad);
  const { y, frontX, backX } = placed(d, front, back);
  const long = d.choose('sleeve-length', {
    label: 'sleeve, from the shoulder point',
    usual: d.body('armLength').value,
    least: y - shoulderMm + 20,
    most: d.body('armLength').value * 1.3 + y,
  });
  const endY = shoulderMm + long;
  const cuff = d.girth('wrist', 'wrist').value;
  const shift = (frontX - backX) / 2;
  const right = downThrough([point(backX, y), point(cuff / 2 - shift, endY)], 'both');
  const left = downThrough([point(-frontX, y), point(-cuff / 2 - shift, endY)], 'both');
  d.handle({ choice: 'sleeve-length', piece: 'sleeve', at: point(-shift, endY), way: point(0, 1) });
  const bodies = SIDES.map((side, nth) => {
    const { neck, raglan } = nth === 0 ? front : back;
    const { side: down, hem, centre } = lowerOf(frame, startOf(neck));
    return [
      side,
      { edges: [neck, raglan, down, hem, centre], levels: levelsOf(frame, { side: down }) },
    ] as const;
  });
  return {
    ...Object.fromEntries(bodies),
    sleeve: {
      edges: [
        joined(backwards(front.neckOnSleeve), mapped(back.neckOnSleeve, mirrored)),
        mapped(onSleeve(back, backX, y), mirrored),
        right,
        endBetween(right, left),
        backwards(left),
        backwards(onSleeve(front, frontX, y)),
      ],
      levels: { biceps: ['back-underarm', 0], wrist: ['back-underarm', 1] },
    },
  };
}

/** A raglan line on the left of the sleeve, down to the underarm at that place. */
const onSleeve = ({ neckOnSleeve, leaving }: BodySide, x: number, y: number): Path =>
  curveTo(endOf(neckOnSleeve), leaving, point(-x, y), LEVEL_LEFT, HANDLES);

/** Where the underarms of the sleeve lie: at one height, each raglan line as long as the body’s, as far apart as asked. */
function placed(
  d: Drafter,
  front: BodySide,
  back: BodySide,
): { readonly y: number; readonly frontX: number; readonly backX: number } {
  const wide = upperArm(d);
  const reach = (one: BodySide, y: number): number | undefined => {
    const long = lengthOf(one.raglan);
    return rootBetween((x) => lengthOf(onSleeve(one, x, y)) - long, -endOf(one.neckOnSleeve).x, long * 1.4);
  };
  const longest = Math.min(lengthOf(front.raglan), lengthOf(back.raglan));
  const top = Math.max(endOf(front.neckOnSleeve).y, endOf(back.neckOnSleeve).y);
  const width = (y: number): number => (reach(front, y) ?? 0) + (reach(back, y) ?? 0);
  const y = d.solve('raglan', {
    label: 'underarm of the sleeve below the neck',
    equation: 'both raglan lines are as long as the body’s, and the sleeve as wide as the arm asks',
    low: top + 0.05 * longest,
    high: top + 0.985 * longest,
    drawn: width,
    drawnLabel: 'sleeve at the underarm, all round',
    wanted: wide,
  });
  if (y === undefined) {
    d.cannot(
      say`No raglan sleeve ${wide} round the upper arm joins this armhole: measure the upper arm and the bust again, or make one of them closer.`,
    );
    return { y: top + longest * 0.7, frontX: wide.value / 2, backX: wide.value / 2 };
  }
  return { y, frontX: reach(front, y) ?? wide.value / 2, backX: reach(back, y) ?? wide.value / 2 };
}
