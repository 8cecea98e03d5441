import type { Cloth } from '../facts/cloth';
import { newCloth } from '../facts/cloth';
import { newWearer, type BodyMeasure, type Wearer } from '../facts/wearer';

type Values = Partial<Readonly<Record<BodyMeasure, number>>>;

/** A body of a made size table: girths and lengths that go together (invented, in proportions from memory). */
const body = (grown: Wearer['grown'], name: string, values: Values, bornOn?: string): Wearer => ({
  ...newWearer(name, grown),
  ...(bornOn === undefined ? {} : { bornOn }),
  measurements: { now: { measuredOn: '2026-01-01', how: 'measured', values } },
});

const grownUp = (
  name: string,
  [bust, waist, hip, stature]: readonly [number, number, number, number],
  more: Values = {},
): Wearer =>
  body('adult', name, {
    bust,
    waist,
    hip,
    stature,
    underbust: bust * 0.86,
    lowHip: waist + 0.65 * (hip - waist),
    biceps: bust * 0.32,
    wrist: 120 + bust * 0.05,
    thigh: hip * 0.6,
    legTop: hip * 0.62,
    knee: 120 + hip * 0.26,
    calf: 110 + hip * 0.26,
    ankle: 90 + hip * 0.14,
    backLength: stature * 0.25,
    armLength: stature * 0.34,
    inseam: stature * 0.455,
    rise: 0.23 * stature + 0.32 * hip,
    lowRise: 0.23 * stature + 0.32 * hip - 0.155 * stature,
    loop: 0.7 * stature + 0.4 * hip,
    strap: bust * 0.38,
    head: 560,
    hand: 210,
    foot: 320,
    pouch: 160,
    ...more,
  });

const child = (
  name: string,
  bornOn: string,
  [bust, waist, hip, stature, head]: readonly [number, number, number, number, number],
): Wearer => ({
  ...grownUp(name, [bust, waist, hip, stature], {
    head,
    wrist: bust * 0.22,
    hand: 165,
    foot: 230,
    pouch: 100,
    knee: hip * 0.4,
    calf: hip * 0.36,
    ankle: hip * 0.26,
  }),
  grown: 'child',
  bornOn,
});

/** Twelve bodies, from a child of two to a bust of 1,500 mm: tall, short, straight, round, with the hip smaller than the waist. */
export const twelveBodies: readonly Wearer[] = [
  child('two years', '2024-01-01', [520, 500, 510, 864, 480]),
  child('four years', '2022-01-01', [560, 520, 570, 1030, 497]),
  child('seven years', '2019-01-01', [610, 550, 640, 1220, 515]),
  child('eleven years', '2015-01-01', [720, 610, 760, 1440, 535]),
  grownUp('small', [800, 620, 860, 1540]),
  grownUp('middle', [920, 740, 980, 1650]),
  grownUp('tall and thin', [840, 690, 890, 1900]),
  grownUp('short and round', [1120, 1010, 1130, 1480]),
  grownUp('straight', [1000, 960, 990, 1780], { underbust: 960 }),
  grownUp('hip under waist', [1180, 1150, 1090, 1720]),
  grownUp('large hips', [1080, 900, 1320, 1640]),
  grownUp('bust 1,500', [1500, 1380, 1480, 1680]),
];

/** A cloth that stretches so far across and along, and comes back. */
const cloth = (name: string, across: number, along: number): Cloth => {
  const pulled = (direction: 'across' | 'along', stretch: number) => ({
    direction,
    testedOn: '2026-01-01',
    restMm: 100,
    pulledMm: 100 * (1 + stretch),
    releasedMm: 100,
  });
  return { ...newCloth(name), tests: { across: pulled('across', across), along: pulled('along', along) } };
};

export const fiveCloths: readonly Cloth[] = [
  cloth('no stretch', 0, 0),
  cloth('a quarter', 0.25, 0.1),
  cloth('half', 0.5, 0.25),
  cloth('three quarters', 0.75, 0.5),
  cloth('all of it', 1, 0.8),
];
