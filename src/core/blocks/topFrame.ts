import { leaf, say } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { TrunkLevel, OperationOf } from '../fit/drafting';
import type { Drafter } from './drafter';

/** A height of the trunk with the quarter of the garment’s girth there. */
export interface Quarter {
  readonly zone?: ZoneId;
  readonly x: number;
  readonly y: number;
}

/** What a top is drawn from, before it is drawn: half of it, the fold at x = 0, the neck point’s height at y = 0; mm. */
export interface TopFrame {
  /** From the centre to the base of the neck, and to the end of the shoulder. */
  readonly neckX: number;
  readonly shoulderX: number;
  readonly slopeRad: number;
  readonly neck: {
    readonly shape: 'round' | 'V';
    readonly wider: number;
    readonly front: number;
    readonly back: number;
  };
  /** The underarm, the bust, and what lies below them. */
  readonly quarters: readonly [Quarter, Quarter, ...Quarter[]];
  readonly levels: Readonly<Record<TrunkLevel, number>>;
  readonly hemY: number;
  /** A quarter of what the hem is wider by. */
  readonly flareX: number;
  /** How far inside the shoulder’s end the armhole runs across the body. */
  readonly inset: { readonly front: number; readonly back: number };
  /** The lower edge of a half is this long: its side ends there. */
  readonly lowerMm?: number;
}

export type Side = 'front' | 'back';
export const SIDES = ['front', 'back'] as const;

/** Usual measures of a top (T, from memory). */
const USUAL = {
  slopeRad: (20 * Math.PI) / 180,
  neckX: 85,
  childNeckX: 65,
  backNeck: { adult: 20, child: 15 },
  frontNeck: { adult: 95, child: 60 },
  inset: { front: 16, back: 8 },
  underbustShare: 0.42,
  hipOfHeight: 0.12,
} as const;
/** An adult’s bust that those lengths are for, mm. */
const FOR_BUST_MM = 920;
/** A body this short between underarm and waist is none, mm. */
const LEAST_TRUNK_MM = 30;

/** The frame of a tee, from measures and the garment’s girths. */
export function topFrame(d: Drafter): TopFrame {
  const bust = d.body('bust');
  const g = d.girth('bust', 'bust');
  const neckX = d.work('neck', {
    label: 'half the neck’s width, at its base',
    unit: 'mm',
    mark: 'T, from memory',
    ...(d.child && d.measured('neck')
      ? {
          formula: 'N / 6 + plus',
          terms: { N: d.body('neck'), plus: leaf('and', 15, 'mm', 'T, from memory') },
        }
      : {
          formula: 'x',
          terms: {
            x: leaf('usual', d.child ? USUAL.childNeckX : USUAL.neckX, 'mm', 'T, from memory'),
          },
        }),
  });
  const slope = leaf('slope of the shoulder', USUAL.slopeRad, 'rad', 'T, from memory');
  const shoulder = d.work('shoulder', {
    label: 'half the width across the shoulders',
    unit: 'mm',
    mark: 'T, from memory',
    ...(d.measured('shoulder')
      ? { formula: 'neck + s * cos(slope)', terms: { neck: neckX, s: d.body('shoulder'), slope } }
      : {
          formula: 'part * B + plus',
          terms: {
            part: leaf('of the bust', 0.17, 'ratio', 'T, from memory'),
            B: bust,
            plus: leaf('and', d.child ? 35 : 38, 'mm', 'T, from memory'),
          },
        }),
  });
  const close = d.work('closeness', {
    label: 'drawn this much of the body’s width, where it is smaller than the body',
    unit: 'ratio',
    formula: 'min(g / B, 1)',
    terms: { g, B: bust },
  });
  const underarm = d.work('underarm', {
    label: 'underarm below the neck point',
    unit: 'mm',
    mark: 'T, from memory',
    formula: 'g / 6 + plus',
    terms: { g, plus: leaf('and', 55, 'mm', 'T, from memory') },
  });
  const waist = d.work('waist', {
    label: 'waist below the neck point',
    unit: 'mm',
    formula: 'back + nape',
    terms: {
      back: d.body('backLength'),
      nape: leaf('the nape lies lower by', d.usual(USUAL.backNeck), 'mm', 'T, from memory'),
    },
  });
  const hip = d.work('hip', {
    label: 'hip below the neck point',
    unit: 'mm',
    mark: 'T, from memory',
    formula: 'waist + part * H',
    terms: {
      waist,
      part: leaf('of the height', USUAL.hipOfHeight, 'ratio', 'T, from memory'),
      H: d.body('stature'),
    },
  });
  const size = Math.min(bust.value / FOR_BUST_MM, 1.3);
  const base: TopFrame = {
    neckX: neckX.value * close.value,
    shoulderX: shoulder.value * close.value,
    slopeRad: USUAL.slopeRad,
    neck: {
      shape: 'round',
      wider: 0,
      front: d.usual(USUAL.frontNeck),
      back: d.usual(USUAL.backNeck),
    },
    quarters: quartersAt(g.value / 4, underarm.value, waist.value),
    levels: {
      underarm: underarm.value,
      underbust: underarm.value + USUAL.underbustShare * (waist.value - underarm.value),
      waist: waist.value,
      hip: hip.value,
    },
    hemY: hip.value,
    flareX: 0,
    inset: { front: USUAL.inset.front * size, back: USUAL.inset.back * size },
  };
  if (waist.value - underarm.value < LEAST_TRUNK_MM)
    d.cannot(
      say`The waist would lie ${waist} below the neck and the underarm ${underarm}: measure the back length and the bust again.`,
    );
  return withQuarters(d, base);
}

/** The underarm, and the bust a little below it, the side plumb between them. */
const quartersAt = (x: number, underarm: number, waist: number): TopFrame['quarters'] => [
  { x, y: underarm },
  { zone: 'bust', x, y: underarm + BUST_SHARE * (waist - underarm) },
];
/** The bust lies this part of the way from the underarm to the waist (T, from memory). */
const BUST_SHARE = 0.14;

/** The zones of the trunk below the underarm, where the kind has them and they are planned. */
const BELOW = ['underbust', 'waist', 'hip'] as const;

/** The frame with a quarter of the garment at every height that its kind has a zone at. */
function withQuarters(d: Drafter, frame: TopFrame): TopFrame {
  const [underarm, bust] = frame.quarters;
  // An inner shelf has a zone of its own: only what lies on the back counts.
  const lies = d.kind.shapes.find(({ id }) => id === 'back')?.levels ?? {};
  const below = BELOW.flatMap((zone): readonly Quarter[] =>
    lies[zone] && d.planned(zone) ? [{ zone, x: d.girth(zone, zone).value / 4, y: frame.levels[zone] }] : [],
  );
  // Where nobody planned the hip, the garment hangs on from the bust.
  const hip = below.some(({ zone }) => zone === 'hip')
    ? []
    : [{ x: below.at(-1)?.x ?? bust.x, y: frame.levels.hip }];
  return { ...frame, quarters: [underarm, bust, ...below, ...hip] };
}

/** Scooped, widened, or a V: chosen by hand within what is sensible. */
export function withNeck(
  d: Drafter,
  frame: TopFrame,
  { shape, wider, front, back }: OperationOf<'neck'>,
): TopFrame {
  const room = Math.max(frame.shoulderX - frame.neckX - LEAST_SHOULDER_MM, 0);
  const neckWider = d.choose('neck-width', {
    label: 'neck wider on each side by',
    usual: d.usual(wider),
    least: 0,
    most: room,
  });
  const depth = (id: string, label: string, usual: number, most: number) =>
    d.choose(id, { label, usual, least: 8, most: Math.max(most, 12) });
  return {
    ...frame,
    neck: {
      shape,
      wider: neckWider,
      front: depth('neck-front', 'neck, depth in front', d.usual(front), deepest(frame)),
      back: depth('neck-back', 'neck, depth behind', d.usual(back), deepest(frame)),
    },
  };
}
/** A neckline stays above the bust: below it the girth planned there would be cut away. */
export const deepest = ({ quarters }: TopFrame): number =>
  (quarters.find(({ zone }) => zone === 'bust') ?? quarters[1]).y - ABOVE_BUST_MM;
const ABOVE_BUST_MM = 4;
/** Less of a shoulder cannot be sewn, mm. */
export const LEAST_SHOULDER_MM = 18;

/** Shoulders as wide as somebody likes them: dropped, or cut in. */
export function withShoulders(d: Drafter, frame: TopFrame): TopFrame {
  const least = frame.neckX + 2 * LEAST_SHOULDER_MM;
  const shoulderX = d.choose('shoulder-width', {
    label: 'half the width across the shoulders',
    usual: frame.shoulderX,
    least,
    most: Math.max(Math.min(1.3 * frame.shoulderX, frame.quarters[0].x - 2), least),
  });
  return { ...frame, shoulderX };
}

/** The underarm lower, for room over a layer, or higher, without sleeves. */
export function withUnderarm(d: Drafter, frame: TopFrame, { lower }: OperationOf<'underarm'>): TopFrame {
  const { underarm, waist } = frame.levels;
  const by = d.choose('underarm', {
    label: 'underarm lower by',
    usual: d.usual(lower),
    least: -25,
    most: Math.max((waist - underarm) * 0.4, -25),
  });
  return underarmAt(frame, underarm + by);
}

export function underarmAt(frame: TopFrame, y: number): TopFrame {
  const [{ x }, , ...rest] = frame.quarters;
  const { waist } = frame.levels;
  const underbust = y + USUAL.underbustShare * (waist - y);
  const [underarm, bust] = quartersAt(x, y, waist);
  return {
    ...frame,
    quarters: [
      underarm,
      bust,
      ...rest.map((one) => (one.zone === 'underbust' ? { ...one, y: underbust } : one)),
    ],
    levels: { ...frame.levels, underarm: y, underbust },
  };
}

/** Cropped or lengthened: the hem at a height of the body, or so far below it. */
export function withLength(d: Drafter, frame: TopFrame, { to, longer }: OperationOf<'length'>): TopFrame {
  const usual = frame.levels[to] + d.usual(longer);
  const least = frame.levels.underarm + LEAST_SIDE_MM;
  const hemY = d.choose('length', {
    label: 'length, from the neck point',
    usual,
    least,
    most: Math.max(frame.levels.hip + d.body('stature').value * 0.42, least),
  });
  return { ...frame, hemY };
}
const LEAST_SIDE_MM = 35;

export function withFlare(d: Drafter, frame: TopFrame, { by }: OperationOf<'flare'>): TopFrame {
  const flare = d.choose('hem-width', {
    label: 'hem wider, all round, by',
    usual: d.usual(by),
    least: 0,
    most: 900,
  });
  return { ...frame, flareX: flare / 4 };
}

/** The shoulder cut to a strap, from the neck outwards. */
export function withStraps(d: Drafter, frame: TopFrame, { wide }: OperationOf<'straps'>): TopFrame {
  const inner = frame.neckX + frame.neck.wider;
  const room = frame.shoulderX - inner;
  const strap = d.choose('strap-width', {
    label: 'strap, wide at the shoulder',
    usual: d.usual(wide),
    least: Math.min(12, room),
    most: Math.max(room, 12),
  });
  return { ...frame, shoulderX: inner + strap * Math.cos(frame.slopeRad), inset: { front: 2, back: 2 } };
}

export function withLowerEdge(d: Drafter, frame: TopFrame, { zone }: OperationOf<'lower-edge'>): TopFrame {
  const measure = d.kind.zones.find(({ id }) => id === zone)?.measure ?? 'underbust';
  const quarter = d.girth(zone, measure).value / 4;
  return {
    ...frame,
    lowerMm: quarter,
    quarters: taperedFrom(frame.quarters),
  };
}

/** The quarters of a side that tapers all the way from the underarm: its bust is measured there. */
export const taperedFrom = ([{ x, y }]: TopFrame['quarters']): TopFrame['quarters'] => [
  { zone: 'bust', x, y },
  { x, y: y + TAPER_MM },
];
const TAPER_MM = 1;
