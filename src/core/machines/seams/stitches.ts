import type { Setup } from '../../facts/setup';
import type { StitchId } from '../../facts/stitchIds';
import type { Mark } from '../../explain/explained';
export type { StitchId };

export type MachineRole = 'serger' | 'coverstitch' | 'sewing machine' | 'hand';

/** How the stitch's stretch is bounded: by the path of a lockstitch, by thread consumption, or as stated. */
export type StitchModel =
  | { readonly kind: 'lockstitch'; readonly lengthMm: number; readonly widthMm: number; readonly swings?: 3 }
  | {
      readonly kind: 'looped';
      readonly threadRatio: number;
      readonly needleShare: number;
      readonly needles: number;
    }
  /** Weak: a figure to plan on until it is swatched. */
  | { readonly kind: 'stated'; readonly plannedShare: number };

/** A path of thread through the machine. */
export type ThreadPath = 'needle' | 'looper' | 'bobbin';

export interface Stitch {
  readonly id: StitchId;
  readonly name: string;
  /** ISO 4915 stitch type; absent where the standard has no single number for it. */
  readonly iso?: string;
  readonly machine: MachineRole;
  readonly model: StitchModel;
  /** How many needle and looper (or bobbin) threads run. */
  readonly threads: readonly (readonly [ThreadPath, number])[];
  /** Thread for each length of seam, all paths; lockstitches by geometry. */
  readonly threadRatio?: number;
  /** What a machine must have for it. */
  readonly wants: StitchWants;
  /** The settings to start from, as the machine's dials have them. */
  readonly start: Setup;
  readonly mark: Mark;
  /** What to know of this setup before sewing with it. */
  readonly note?: string;
}

interface StitchWants {
  readonly threads?: number;
  readonly needles?: number;
  readonly twin?: true;
  readonly topCover?: true;
  readonly knifeLifts?: true;
  /** A pattern that simple machines lack. */
  readonly pattern?: true;
}

const lockstitchPaths = [
  ['needle', 1],
  ['bobbin', 1],
] as const;

const sewing = (
  id: StitchId,
  name: string,
  iso: string | undefined,
  lengthMm: number,
  widthMm: number,
  rest: Partial<Stitch> = {},
): Stitch => ({
  id,
  name,
  ...(iso === undefined ? {} : { iso }),
  machine: 'sewing machine',
  model: { kind: 'lockstitch', lengthMm, widthMm },
  threads: lockstitchPaths,
  wants: {},
  mark: 'T',
  ...rest,
  start: {
    needles: 'one',
    stitch: id,
    tensionNeedle: 4,
    length: lengthMm,
    width: widthMm,
    foot: 'standard',
    pressure: 'normal',
    ...rest.start,
  },
});

const overlock = (
  id: StitchId,
  name: string,
  needleThreads: 1 | 2,
  start: Setup,
  rest: Partial<Stitch> = {},
): Stitch => ({
  id,
  name,
  iso: needleThreads === 2 ? '514' : '504',
  machine: 'serger',
  model:
    needleThreads === 2
      ? { kind: 'looped', threadRatio: 18, needleShare: 0.25, needles: 2 }
      : { kind: 'looped', threadRatio: 14, needleShare: 0.2, needles: 1 },
  threadRatio: needleThreads === 2 ? 18 : 14,
  threads: [
    ['needle', needleThreads],
    ['looper', 2],
  ],
  wants: { threads: needleThreads + 2 },
  mark: 'T',
  ...rest,
  start: {
    mode: 'serger',
    finger: 'on',
    knife: 'cutting',
    loopers: 'both',
    stitch: id,
    tensionUpper: 4,
    tensionLower: 4,
    foot: 'standard',
    pressure: 'normal',
    ...start,
  },
});

const cover = (
  id: StitchId,
  name: string,
  iso: string,
  model: StitchModel,
  threadRatio: number,
  start: Setup,
  rest: Partial<Stitch> = {},
): Stitch => ({
  id,
  name,
  iso,
  machine: 'coverstitch',
  model,
  threadRatio,
  threads: [
    ['needle', 2],
    ['looper', 1],
  ],
  wants: { needles: 2 },
  mark: 'T',
  ...rest,
  start: {
    mode: 'coverstitch',
    topLooper: 'out',
    stitch: id,
    tensionLeft: 4,
    tensionRight: 4,
    tensionLower: 4,
    length: 3,
    differential: 1.2,
    foot: 'standard',
    pressure: 'normal',
    ...start,
  },
});

const looped406 = { kind: 'looped', threadRatio: 18, needleShare: 0.3, needles: 2 } as const;
const pattern = { wants: { pattern: true } } as const;

/**
 * Stitch types are ISO 4915 (S); thread ratios and the needles' shares S, from memory: industrial
 * thread-consumption tables; dials T, starting points to test on scrap, until a person's own card wins.
 */
export const stitches: Readonly<Record<StitchId, Stitch>> = {
  'straight-top': sewing('straight-top', 'straight topstitch', '301', 2.5, 0),
  'straight-seam': sewing('straight-seam', 'straight seam', '301', 2.5, 0),
  basting: sewing('basting', 'basting', '301', 5, 0, { start: { tensionNeedle: 2 } }),
  gathering: sewing('gathering', 'gathering row', '301', 4.5, 0, {
    start: { tensionNeedle: 1 },
    note: 'Two parallel rows; pull both bobbin threads together.',
  }),
  'zigzag-seam': sewing('zigzag-seam', 'zigzag seam', '304', 2.5, 1.5),
  'zigzag-close': sewing('zigzag-close', 'closer zigzag seam', '304', 2, 2),
  'zigzag-neck': sewing('zigzag-neck', 'short zigzag', '304', 1.5, 1.5),
  'zigzag-hem': sewing('zigzag-hem', 'zigzag hem', '304', 2, 2),
  'zigzag-baste': sewing('zigzag-baste', 'long zigzag basting', '304', 4, 4, { start: { tensionNeedle: 2 } }),
  'zigzag-picot': sewing('zigzag-picot', 'zigzag beside the loops', '304', 2.5, 2.5),
  'zigzag-elastic': sewing('zigzag-elastic', 'zigzag as wide as the elastic', '304', 3, 6, {
    wants: { pattern: true },
  }),
  'zigzag-lettuce': sewing('zigzag-lettuce', 'lettuce zigzag', '304', 0.3, 4, {
    note: 'The right swing falls off the folded edge; pull the cloth in front and behind.',
  }),
  'zigzag-bar': sewing('zigzag-bar', 'zigzag bar', '304', 0.5, 3),
  'three-step': sewing('three-step', 'three-step zigzag', undefined, 1.5, 6, {
    model: { kind: 'lockstitch', lengthMm: 1.5, widthMm: 6, swings: 3 },
    ...pattern,
  }),
  'triple-straight': sewing('triple-straight', 'triple straight stitch', undefined, 2.5, 0, {
    model: { kind: 'stated', plannedShare: 0.35 },
    ...pattern,
  }),
  lightning: sewing('lightning', 'lightning stitch', undefined, 2.5, 1, {
    model: { kind: 'stated', plannedShare: 0.45 },
    ...pattern,
  }),
  overcast: sewing('overcast', 'overcast', undefined, 2.5, 5, {
    model: { kind: 'stated', plannedShare: 0.6 },
    ...pattern,
  }),
  feather: sewing('feather', 'feather stitch', undefined, 2.5, 4, {
    model: { kind: 'stated', plannedShare: 0.6 },
    ...pattern,
  }),
  twin: sewing('twin', 'twin needle', undefined, 3, 0, {
    threads: [
      ['needle', 2],
      ['bobbin', 1],
    ],
    wants: { twin: true },
    start: { needles: 'twin', needleKind: 'stretch', tensionNeedle: 3 },
    note: 'A stretch twin needle, four millimetres apart; textured thread on the bobbin stretches more.',
  }),
  overlock3: overlock('overlock3', 'three-thread overlock, wide', 1, {
    needles: 'left',
    tensionLeft: 4,
    length: 2.5,
    width: 6,
    differential: 1.3,
  }),
  'overlock3-narrow': overlock('overlock3-narrow', 'three-thread overlock, narrow', 1, {
    needles: 'right',
    tensionRight: 4,
    length: 2,
    width: 4,
    differential: 1.2,
  }),
  overlock4: overlock('overlock4', 'four-thread overlock', 2, {
    needles: 'both',
    tensionLeft: 4,
    tensionRight: 4,
    length: 2.5,
    width: 6,
    differential: 1.3,
  }),
  flatlock: overlock(
    'flatlock',
    'three-thread flatlock, pulled flat',
    1,
    {
      needles: 'left',
      tensionLeft: 2,
      tensionUpper: 4,
      tensionLower: 7,
      length: 4.5,
      width: 6,
      differential: 1,
    },
    { note: 'The fold lies just under the needle; pull the row open afterwards.' },
  ),
  rolled: overlock(
    'rolled',
    'rolled lettuce edge',
    1,
    {
      needles: 'right',
      finger: 'off',
      knife: 'up',
      tensionRight: 4,
      tensionUpper: 4,
      tensionLower: 7,
      length: 1.2,
      width: 3,
      differential: 0.7,
    },
    {
      mark: 'T, from memory',
      wants: { threads: 3, knifeLifts: true },
      note: 'On an edge already cut. Pull the cloth along its greatest stretch while it runs.',
    },
  ),
  ripple: overlock(
    'ripple',
    'flat lettuce ripple',
    1,
    {
      needles: 'right',
      finger: 'off',
      tensionRight: 4,
      tensionUpper: 4,
      tensionLower: 1,
      length: 2.5,
      width: 4,
      differential: 0.7,
    },
    {
      note: 'The lowest differential stretches the edge by itself and evenly; the highest with a hard pull by hand is the other school: test both.',
    },
  ),
  chain: cover(
    'chain',
    'chainstitch',
    '401',
    { kind: 'stated', plannedShare: 0.45 },
    5.5,
    {
      needles: 'one',
      tensionRight: 4,
      differential: 1,
    },
    {
      threads: [
        ['needle', 1],
        ['looper', 1],
      ],
      wants: { needles: 1 },
      note: 'It pulls out from the end of the chain.',
    },
  ),
  cover2: cover('cover2', 'two-needle coverstitch', '406', looped406, 18, { needles: 'two wide' }),
  'cover2-narrow': cover('cover2-narrow', 'narrow two-needle coverstitch', '406', looped406, 18, {
    needles: 'two narrow',
  }),
  cover3: cover(
    'cover3',
    'three-needle coverstitch',
    '407',
    looped406,
    18,
    { needles: 'three' },
    {
      threads: [
        ['needle', 3],
        ['looper', 1],
      ],
      wants: { needles: 3 },
      note: 'Its stretch is taken as that of two needles.',
    },
  ),
  'top-cover': cover(
    'top-cover',
    'top-and-bottom cover',
    '602',
    { kind: 'looped', threadRatio: 25, needleShare: 0.2, needles: 2 },
    25,
    { needles: 'two wide', topLooper: 'in', tensionUpper: 4 },
    {
      threads: [
        ['needle', 2],
        ['looper', 2],
      ],
      wants: { needles: 2, topCover: true },
    },
  ),
  'by-hand': {
    id: 'by-hand',
    name: 'by hand, small backstitches',
    machine: 'hand',
    // Backstitches of 2 mm, the thread lying once on one side and twice on the other: as a straight row (an estimate).
    model: { kind: 'lockstitch', lengthMm: 2.5, widthMm: 0 },
    threads: [['needle', 1]],
    threadRatio: 3,
    wants: {},
    start: { stitch: 'by-hand' },
    mark: 'default',
    note: 'A loose backstitch, one small stitch back for each two forward; no machine here has a stitch for it.',
  },
};
