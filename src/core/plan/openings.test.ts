import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { phraseText } from '../explain/display';
import { newCloth, type Cloth } from '../facts/cloth';
import { newGarment, type Garment } from '../facts/garment';
import { kindIds, type KindId } from '../facts/kindIds';
import { newWearer, type BodyMeasure, type Wearer } from '../facts/wearer';
import { estimateFor } from '../fit/estimates';
import { catalogue } from '../garments/catalogue';
import { planGarment } from './planGarment';
import type { GarmentPlan, OpeningPlan } from './types';

const cloth = (across: number, along = across): Cloth => ({
  ...newCloth('Cloth'),
  statedAcross: across,
  statedAlong: along,
});
const wearer = (values: Partial<Record<BodyMeasure, number>>, grown: Wearer['grown'] = 'adult'): Wearer => ({
  ...newWearer('Somebody', grown),
  measurements: { now: { measuredOn: TODAY, how: 'measured', values } },
});
const WHOLE = {
  bust: 900,
  underbust: 780,
  waist: 720,
  hip: 960,
  lowHip: 920,
  thigh: 560,
  legTop: 580,
  ankle: 230,
};
const plan = (
  kind: KindId,
  stretch: number,
  garment: Partial<Garment> = {},
  who: Wearer = wearer(WHOLE),
): GarmentPlan =>
  planGarment(
    {
      garment: { ...newGarment('x', kind), ...garment },
      wearer: who,
      outer: cloth(stretch),
      band: cloth(stretch),
    },
    { onDate: TODAY },
  );
const opening = (of: GarmentPlan, id: string): OpeningPlan => {
  const found = of.openings.find((one) => one.id === id);
  if (!found)
    throw new Error(`expected an opening ${id}, got ${of.openings.map((one) => one.id).join(', ')}`);
  return found;
};
const value = (of: GarmentPlan, id: string) => of.numbers[id]?.value ?? Number.NaN;
const measuredAs = (kind: KindId, id: string, mm: number): Partial<Garment> => ({
  pattern: { ...newGarment('x', kind).pattern, openings: { [id]: mm } },
});

/** What each kind of opening passes (T): the widest part on its way. */
const passes: readonly (readonly [KindId, opening: string, BodyMeasure])[] = [
  ['tee', 'hem', 'bust'],
  ['leggings', 'waist-edge', 'hip'],
  ['stretch-waist', 'waist-edge', 'hip'],
  ['lace-panties', 'waist-edge', 'hip'],
  ['leggings', 'leg', 'foot'],
  ['briefs', 'leg', 'foot'],
  ['boxer-briefs', 'leg', 'foot'],
  ['raglan', 'cuff', 'hand'],
  ['crop-top', 'lower-edge', 'bust'],
  ['one-shoulder-top', 'lower-edge', 'bust'],
  ['shelf-bra-top', 'lower-edge', 'bust'],
];

test.each(passes)('%s: the %s passes the %s, and must reach G / g − 1 (D)', (kind, id, measure) => {
  const who = wearer({ ...WHOLE, foot: 330, hand: 210, wrist: 160 });
  const of = plan(kind, 0.9, measuredAs(kind, id, 300), who);
  const one = opening(of, id);
  const girth = { ...WHOLE, foot: 330, hand: 210 }[measure as 'bust'];
  expect(value(of, one.passes)).toBe(girth);
  expect(value(of, one.needs)).toBeCloseTo(Math.max(girth / 300 - 1, 0), 12);
});

test('an opening passes exactly as far as the cloth gives, and not a hair further (T: 1.0 of its stretch)', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 1.2, noNaN: true }), (stretch) => {
      const just = 960 / (1 + stretch);
      const closed = (mm: number) => {
        const one = opening(
          plan('stretch-waist', stretch, measuredAs('stretch-waist', 'waist-edge', mm)),
          'waist-edge',
        );
        return one.parts.find(({ label }) => label === 'cloth')?.ok;
      };
      if (just < 80) return;
      expect([closed(just * 1.0001), closed(just * 0.9999)]).toEqual([true, false]);
    }),
    { seed: 31, numRuns: 50 },
  );
});

test('what would mend it does: the smallest girth it names passes', () => {
  const before = plan('leggings', 0.55, measuredAs('leggings', 'waist-edge', 560));
  const problem = before.problems.find(({ id }) => id === 'opening-waist-edge');
  expect(problem?.severity).toBe('stop');
  expect(phraseText(problem?.sentence ?? [], before.numbers, 'cm')).toMatch(
    /does not pass the hips.*short\.$/,
  );
  const wanted = value(before, 'problem.waist-edge.girth');
  const after = plan('leggings', 0.55, measuredAs('leggings', 'waist-edge', wanted + 0.01));
  expect(opening(after, 'waist-edge').ok).toBe(true);
});

describe('what nobody measured', () => {
  test.each([
    ['foot', 'adult'],
    ['foot', 'child'],
    ['hand', 'adult'],
    ['hand', 'child'],
    ['head', 'adult'],
    ['head', 'child'],
    ['hip', 'adult'],
    ['hip', 'child'],
  ] as const)('%s of a %s has a default that is marked as one', (measure, grown) => {
    const estimate = estimateFor(measure, grown, undefined);
    expect(estimate?.mark).toBe('default');
    expect(estimate?.note).toMatch(/measuring beats it/);
  });
  test('girths that set a size have none', () => {
    for (const measure of ['bust', 'waist', 'thigh', 'rise'] as const)
      expect(estimateFor(measure, 'adult', undefined)).toBeUndefined();
  });
  test('a default passes openings, and never sets a zone', () => {
    const rest = Object.fromEntries(Object.entries(WHOLE).filter(([measure]) => measure !== 'hip'));
    const of = plan('boxer-briefs', 0.9, {}, wearer(rest));
    expect(of.numbers['body.hip']?.mark).toBe('default');
    expect(value(of, opening(of, 'waist-edge').passes)).toBe(estimateFor('hip', 'adult', undefined)?.mm);
    expect(of.zones.map(({ zone }) => zone)).not.toContain('hip');
    expect(of.measures.find(({ measure }) => measure === 'hip')?.source).toBe('missing');
  });
});

test('toddler: a 34 cm neckline over a 49 cm head needs 44 % (handbook check value, D)', () => {
  const neckline = {
    ...newGarment('x', 'tee').pattern.neckline,
    measuredAs: 'seamline',
    wholeMm: 340,
  } as const;
  const pattern = { ...newGarment('x', 'tee').pattern, neckline };
  const of = plan('tee', 0.4, { pattern }, wearer({ bust: 540, hip: 560, head: 490 }, 'child'));
  const neck = opening(of, 'neckline');
  expect(value(of, neck.needs)).toBeCloseTo(0.441, 3);
  expect(neck.parts.find(({ label }) => label === 'cloth')?.ok).toBe(false);
});

describe.each(kindIds)('%s', (kind) => {
  test('every opening is checked once it is measured, and a closure takes it away', () => {
    const { openings } = catalogue[kind];
    for (const { id, closure, only, at } of openings) {
      if (at === 'neckline') continue;
      const start = { ...measuredAs(kind, id, 400), ...(only?.[0] ? { style: only[0] } : {}) };
      const closures = closure ? { closures: { [id]: false } } : {};
      const of = plan(kind, 0.6, { ...start, ...closures });
      expect(value(of, opening(of, id).opening)).toBe(400);
      const closed = plan(kind, 0.6, { ...start, closures: { [id]: true } });
      expect(closed.openings.map((one) => one.id)).not.toContain(id);
    }
  });
  test('everything along an opening says what it must give, and is held to that', () => {
    for (const style of catalogue[kind].styles) {
      const of = plan(kind, 0.45, { style: style.id });
      for (const one of of.openings) {
        expect(one.parts.length).toBeGreaterThan(0);
        for (const part of one.parts)
          expect([part.label, part.ok]).toEqual([part.label, value(of, part.gives) >= value(of, part.needs)]);
        expect(one.ok).toBe(one.parts.every(({ ok }) => ok));
        expect(of.problems.some(({ id }) => id === `opening-${one.id}`)).toBe(!one.ok);
      }
    }
  });
});
