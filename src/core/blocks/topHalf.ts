import { say } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import { endOf, lengthOf, pathOf, polyline, type Path } from '../geometry/path';
import { minus, plus, point, times, type Point } from '../geometry/point';
import { cubic } from '../geometry/segment';
import type { Drafter } from './drafter';
import { arrives, downThrough, squareToFold } from './lines';
import { LEAST_SHOULDER_MM, SIDES, deepest, type Quarter, type Side, type TopFrame } from './topFrame';

/** The edges of a half, each named as a kind names them. */
export interface TopHalf {
  readonly neckline: Path;
  readonly shoulder: Path;
  readonly armhole: Path;
  readonly side: Path;
  readonly hem: Path;
  readonly centre: Path;
}

/** Where the neckline meets the shoulder. */
export const neckPointOf = ({ neckX, neck, slopeRad }: TopFrame): Point =>
  point(neckX + neck.wider, neck.wider * Math.tan(slopeRad));

const shoulderEnd = ({ neckX, shoulderX, slopeRad }: TopFrame): Point =>
  point(shoulderX, (shoulderX - neckX) * Math.tan(slopeRad));

/** Square to the shoulder, towards the body: so the two halves run on over the seam without a kink. */
const squareToShoulder = ({ slopeRad }: TopFrame): Point => point(-Math.sin(slopeRad), Math.cos(slopeRad));

/** From the centre to the neck point. A round one is level at the centre; a V comes down to its point nearly straight. */
export function necklineOf(frame: TopFrame, side: Side): Path {
  const { neck } = frame;
  const depth = neck[side];
  const to = neckPointOf(frame);
  const from = point(0, depth);
  const rise = Math.max(depth - to.y, 1);
  const into = times(squareToShoulder(frame), Math.min(0.45 * rise, to.x * 0.8));
  const last = plus(to, into);
  if (neck.shape === 'V' && side === 'front') {
    const first = point(0.34 * to.x, depth - 0.38 * rise);
    return pathOf([cubic(from, first, last, to)]);
  }
  return pathOf([cubic(from, point(0.55 * to.x, depth), last, to)]);
}

/** From the shoulder’s end over the across point, plumb there, level into the underarm. */
export function armholeOf(frame: TopFrame, side: Side): Path {
  const from = shoulderEnd(frame);
  const { x, y } = frame.quarters[0];
  const across = point(
    Math.min(from.x - frame.inset[side], x * MOST_ACROSS),
    from.y + ACROSS_SHARE * (y - from.y),
  );
  const inset = Math.max(from.x - across.x, 0.5);
  const leave = Math.min((across.y - from.y) / 3, (0.8 * inset) / Math.sin(frame.slopeRad));
  const [dx, dy] = [x - across.x, y - across.y];
  return pathOf([
    cubic(
      from,
      plus(from, times(squareToShoulder(frame), leave)),
      minus(across, point(0, 0.4 * (across.y - from.y))),
      across,
    ),
    cubic(across, plus(across, point(0, 0.58 * dy)), minus(point(x, y), point(0.58 * dx, 0)), point(x, y)),
  ]);
}
/** The armhole crosses the body this part of the way down (T, from memory). */
const ACROSS_SHARE = 0.62;
/** The armhole comes no nearer to the side than this share of its width. */
const MOST_ACROSS = 0.93;

/** The side from the underarm to the hem: through every quarter above it, plumb at both ends unless the hem flares. */
function sideOf({ quarters, hemY, flareX, lowerMm }: TopFrame): Path {
  const above = quarters.filter(
    ({ y }, nth) => nth === 0 || (lowerMm === undefined && y < hemY - NEAR_HEM_MM),
  );
  const foot = point(lowerMm ?? quarterAt(quarters, hemY) + flareX, hemY);
  return downThrough([...above.map(({ x, y }) => point(x, y)), foot], flareX === 0 ? 'both' : 'start');
}
const NEAR_HEM_MM = 0.5;

/** The quarter at any height: straight between those that are known, as wide as the last below it. */
export function quarterAt(quarters: readonly Quarter[], y: number): number {
  const nth = quarters.findIndex((one) => one.y >= y);
  if (nth === -1) return quarters.at(-1)?.x ?? 0;
  const [a, b] = [quarters[nth - 1], quarters[nth] as Quarter];
  return a ? a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y) : b.x;
}

/** The lower part of a half: side, hem and centre. */
export function lowerOf(frame: TopFrame, centreTop: Point): Pick<TopHalf, 'side' | 'hem' | 'centre'> {
  const side = sideOf(frame);
  const hem = squareToFold(endOf(side), arrives(side));
  return { side, hem, centre: polyline([endOf(hem), centreTop]) };
}

/** One half of a top. */
export function topHalf(frame: TopFrame, side: Side): TopHalf {
  const neckline = necklineOf(frame, side);
  return {
    neckline,
    shoulder: polyline([neckPointOf(frame), shoulderEnd(frame)]),
    armhole: armholeOf(frame, side),
    ...lowerOf(frame, neckline[0].from),
  };
}

/** Where the zones of a half lie, as shares of the height of its side. */
export function levelsOf(
  frame: TopFrame,
  { side }: Pick<TopHalf, 'side'>,
  edge = 'side',
): Readonly<Record<ZoneId, readonly [string, number]>> {
  const [top, foot] = [side[0].from.y, side.at(-1)?.to.y ?? 0];
  return Object.fromEntries(
    frame.quarters.flatMap(({ zone, y }) => {
      const share = (y - top) / (foot - top);
      return zone === undefined || share > 1 + 1e-9
        ? []
        : [[zone, [edge, Math.min(Math.max(share, 0), 1)] as const]];
    }),
  );
}

/** The neck lowered and widened until its seamline goes round what is asked; as it is where somebody set it by hand. */
export function withNeckAsked(d: Drafter, frame: TopFrame, edge = 'neckline'): TopFrame {
  const asked = d.asked(edge);
  if (!asked || NECK_CHOICES.some((id) => d.isChosen(id))) return frame;
  const grown = (mm: number): TopFrame => neckGrown(frame, mm);
  const round = (mm: number): number =>
    2 * SIDES.reduce((sum, side) => sum + lengthOf(necklineOf(grown(mm), side)), 0);
  if (round(0) >= asked.value) return frame;
  const by = d.solve('neck', {
    label: 'neck lowered by',
    equation: 'the neckline goes round what has to pass it',
    low: 0,
    high: frame.levels.waist,
    drawn: round,
    drawnLabel: 'neckline, at the seamline',
    wanted: asked,
  });
  if (by === undefined) {
    d.note(
      say`The neckline cannot be drawn as long as ${asked}, which it takes to be pulled on: a stretchier band, or an opening.`,
    );
    return frame;
  }
  return grown(by);
}
export const NECK_CHOICES = ['neck-width', 'neck-front', 'neck-back'] as const;

/** Lower by so much in front, wider by two fifths and lower behind by a tenth of that. */
export function neckGrown(frame: TopFrame, mm: number): TopFrame {
  const most = frame.shoulderX - frame.neckX - LEAST_SHOULDER_MM;
  const { neck } = frame;
  return {
    ...frame,
    neck: {
      ...neck,
      wider: Math.max(Math.min(neck.wider + 0.4 * mm, most), neck.wider),
      front: Math.max(Math.min(neck.front + mm, deepest(frame)), neck.front),
      back: Math.max(Math.min(neck.back + 0.1 * mm, deepest(frame)), neck.back),
    },
  };
}

/** The points by which a top is shaped by hand. */
export function topHandles(d: Drafter, frame: TopFrame, hasShoulder: boolean): void {
  const neckPoint = neckPointOf(frame);
  d.handle({ choice: 'neck-front', piece: 'front', at: point(0, frame.neck.front), way: point(0, 1) });
  d.handle({ choice: 'neck-back', piece: 'back', at: point(0, frame.neck.back), way: point(0, 1) });
  if (!hasShoulder) return;
  d.handle({ choice: 'neck-width', piece: 'front', at: neckPoint, way: point(1, Math.tan(frame.slopeRad)) });
}
