import { household } from '@/demo/household';
import { TODAY } from '../../../tests/demoFacts';
import { phraseText } from '../explain/display';
import { newCloth, type Cloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import type { Wearer } from '../facts/wearer';
import { judge } from '../answers/becoming';
import { planGarment } from './planGarment';
import type { CheckPlan } from '../cloth/types';
import type { GarmentPlan } from './types';

const { wearers } = household(TODAY);
const odile = wearers.odile as Wearer;
/** Odile with her arm measured too, which the length of cloth for sleeves goes by. */
const measured: Wearer = {
  ...odile,
  measurements: {
    ...odile.measurements,
    arm: { measuredOn: TODAY, how: 'measured', values: { armLength: 590 } },
  },
};
const base: Cloth = {
  ...newCloth('Cloth'),
  washed: 'yes',
  widthMm: 1500,
  onHandMm: 4000,
  weightGsm: 200,
  drape: 'medium',
  ravels: 'holds',
  dry: 'opaque',
  wet: 'opaque',
  swim: 'yes',
  tests: {
    across: { direction: 'across', testedOn: TODAY, restMm: 100, pulledMm: 180, releasedMm: 101 },
    along: { direction: 'along', testedOn: TODAY, restMm: 100, pulledMm: 160, releasedMm: 101 },
  },
};
const plan = (
  kind: KindId,
  cloth: Partial<Cloth>,
  { lining, ...garment }: Partial<Garment> & { lining?: Cloth } = {},
): GarmentPlan =>
  planGarment(
    {
      garment: { ...newGarment('x', kind), ...garment },
      wearer: measured,
      outer: { ...base, ...cloth },
      ...(lining ? { lining } : {}),
    },
    { onDate: TODAY },
  );
const check = (of: GarmentPlan, id: string): CheckPlan | undefined => of.checks.find((one) => one.id === id);
const words = (of: GarmentPlan, id: string) => phraseText(check(of, id)?.sentence ?? [], of.numbers, 'cm');

type Case = readonly [
  name: string,
  kind: KindId,
  cloth: Partial<Cloth>,
  id: string,
  state: CheckPlan['state'] | 'absent',
  severity?: CheckPlan['severity'],
];

/** One property of a cloth after the other: the check it belongs to, and whether it holds, is short or unknown. */
const cases: readonly Case[] = [
  ['a good cloth stretches enough', 'briefs', {}, 'check.outer.around', 'ok'],
  ['and lengthwise', 'briefs', {}, 'check.outer.along', 'ok'],
  ['a tee asks nothing lengthwise', 'tee', {}, 'check.outer.along', 'absent'],
  ['a cloth of usual weight', 'briefs', { weightGsm: 190 }, 'check.weight', 'ok'],
  ['too light', 'briefs', { weightGsm: 90 }, 'check.weight', 'short', 'look'],
  ['too heavy', 'briefs', { weightGsm: 400 }, 'check.weight', 'short', 'look'],
  [
    'sturdy cloth for a slinky pullover',
    'collar-pullover',
    { drape: 'sturdy' },
    'check.hang',
    'short',
    'look',
  ],
  ['slinky cloth for it', 'collar-pullover', { drape: 'slinky' }, 'check.hang', 'ok'],
  ['a little see-through when wet', 'briefs', { wet: 'a little' }, 'check.opaque', 'short', 'look'],
  ['see-through when wet', 'briefs', { wet: 'see-through' }, 'check.opaque', 'short', 'stop'],
  ['see-through when wet matters not to a dry tee', 'tee', { wet: 'see-through' }, 'check.opaque', 'ok'],
  ['see-through dry does', 'tee', { dry: 'see-through' }, 'check.opaque', 'short', 'stop'],
  ['no chlorine in swimwear', 'briefs', { swim: 'no' }, 'check.swim', 'short', 'stop'],
  ['nor asked of a tee', 'tee', { swim: 'no' }, 'check.swim', 'absent'],
  [
    'a cloth that runs, at a lettuce edge',
    'lettuce-top',
    { ravels: 'runs' },
    'check.edge.lower-edge',
    'short',
    'stop',
  ],
  ['one that sheds there', 'lettuce-top', { ravels: 'sheds' }, 'check.edge.lower-edge', 'short', 'look'],
  ['one that holds there', 'lettuce-top', { ravels: 'holds' }, 'check.edge.lower-edge', 'absent'],
  ['one that runs, at a hem', 'tee', { ravels: 'runs' }, 'check.edge.hem', 'absent'],
  ['enough of it', 'tee', {}, 'check.amount', 'ok'],
  ['too little of it', 'tee', { onHandMm: 300 }, 'check.amount', 'short', 'look'],
  ['no lining chosen for swimwear', 'briefs', {}, 'check.lined', 'unknown', 'look'],
  ['a tee asks for no lining', 'tee', {}, 'check.lined', 'absent'],
];

for (const [name, kind, cloth, id, state, severity] of cases) {
  test(name, () => {
    const found = check(plan(kind, cloth), id);
    expect(found?.state ?? 'absent').toBe(state);
    if (severity) expect(found?.severity).toBe(severity);
  });
}

test.each([
  ['how much there is of it', 'onHandMm', /^It takes about \d+\.\d cm\.$/],
  ['how wide it is', 'widthMm', /^Measure the width of Cloth/],
] as const)('nobody said %s', (_name, field, wanted) => {
  const rest = Object.fromEntries(Object.entries(base).filter(([key]) => key !== field)) as unknown as Cloth;
  const of = planGarment(
    { garment: newGarment('x', 'tee'), wearer: measured, outer: rest },
    { onDate: TODAY },
  );
  expect(check(of, 'check.amount')?.state).toBe('unknown');
  expect(words(of, 'check.amount')).toMatch(wanted);
});

test('what could still make it a no is asked, not taken for granted', () => {
  const rest = Object.fromEntries(
    Object.entries(base).filter(([key]) => key !== 'swim' && key !== 'wet'),
  ) as unknown as Cloth;
  const facts = { garment: newGarment('x', 'briefs'), wearer: measured, outer: rest };
  const of = planGarment(facts, { onDate: TODAY });
  expect([check(of, 'check.swim')?.state, check(of, 'check.opaque')?.state]).toEqual(['unknown', 'unknown']);
  const { answer, mind, numbers } = judge(facts, { onDate: TODAY, shelf: [] });
  expect(answer).toBe('yes');
  expect(mind.map((phrase) => phraseText(phrase, numbers, 'cm'))).toEqual([
    'Hold a wet swatch of Cloth to the light and say whether it covers.',
    'Find out whether Cloth stands chlorine and salt.',
  ]);
});

test('a measurement the length of cloth goes by is asked for by name', () => {
  const of = planGarment(
    { garment: newGarment('x', 'tee'), wearer: wearers.odile as Wearer, outer: base },
    { onDate: TODAY },
  );
  expect(words(of, 'check.amount')).toBe('Measure arm length: then the length of cloth it takes is known.');
});

describe('what a lining mends', () => {
  const lining: Cloth = { ...base, name: 'Lining' };
  test('what is seen through, where it covers; and what bags, where it comes back', () => {
    const seen = plan('briefs', { wet: 'see-through' }, { lining });
    expect(check(seen, 'check.opaque')?.state).toBe('ok');
    const bagging: Partial<Cloth> = {
      tests: {
        across: { direction: 'across', testedOn: TODAY, restMm: 100, pulledMm: 180, releasedMm: 108 },
        along: { direction: 'along', testedOn: TODAY, restMm: 100, pulledMm: 160, releasedMm: 104 },
      },
    };
    expect(words(plan('briefs', bagging), 'check.recovery')).toMatch(/comes back 90 %.* 95 % .*: 5 % short/);
    expect(check(plan('briefs', bagging, { lining }), 'check.recovery')?.state).toBe('ok');
  });
  test('not a stretch that is missing: each layer is tested by itself', () => {
    const firm: Partial<Cloth> = { tests: {}, statedAcross: 0.3, statedAlong: 0.3 };
    const of = plan('briefs', firm, { lining });
    expect(check(of, 'check.outer.around')?.state).toBe('short');
    expect(check(of, 'check.lining.around')?.state).toBe('ok');
    expect(check(of, 'check.lined')?.state).toBe('ok');
  });
  test('two a little see-through layers cover together', () => {
    const little: Cloth = { ...lining, wet: 'a little' };
    expect(check(plan('briefs', { wet: 'a little' }, { lining: little }), 'check.opaque')?.state).toBe('ok');
  });
});

test.each([
  ['runs', /^Cloth runs from a cut edge, and the lower edge is only overcast\.$/],
  ['sheds', /^Cloth sheds from a cut edge, and the lower edge is only overcast\.$/],
] as const)('a cloth that %s, in words', (ravels, wanted) =>
  expect(words(plan('lettuce-top', { ravels }), 'check.edge.lower-edge')).toMatch(wanted),
);

test('an edge finished otherwise may be cut from a cloth that runs', () => {
  const edges = { 'lower-edge': { use: 'turned' } } as const;
  expect(check(plan('lettuce-top', { ravels: 'runs' }, { edges }), 'check.edge.lower-edge')).toBeUndefined();
});

describe('the length of cloth', () => {
  const needs = (cloth: Partial<Cloth>) => {
    const of = plan('tee', cloth);
    return of.numbers[check(of, 'check.amount')?.needs ?? '']?.value ?? Number.NaN;
  };
  test('its margin is what is there over what it takes', () => {
    const of = plan('tee', { onHandMm: 3000 });
    const found = check(of, 'check.amount');
    expect(of.numbers[found?.margin ?? '']?.value).toBeCloseTo(3000 / needs({}), 9);
  });
});

test('every check that holds or falls short has its margin or its words', () => {
  for (const kind of ['tee', 'briefs', 'leggings', 'one-shoulder-top', 'lettuce-top'] as const) {
    const of = plan(kind, { weightGsm: 90, wet: 'see-through', ravels: 'sheds', onHandMm: 200 });
    for (const one of of.checks) {
      expect(phraseText(one.sentence, of.numbers, 'in')).toMatch(/^[A-Z\d].*\.$/);
      if (one.state === 'short' && one.severity === 'stop') expect(one.remedies.length).toBeGreaterThan(0);
      if (one.margin !== undefined && one.needs && one.has)
        expect(of.numbers[one.margin]?.value).toBeCloseTo(
          (of.numbers[one.has]?.value ?? 0) / (of.numbers[one.needs]?.value ?? 1),
          9,
        );
    }
  }
});
