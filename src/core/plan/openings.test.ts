import fc from 'fast-check';
import { TODAY } from '../../../tests/demoFacts';
import { plan, stated, value, wearers } from '../../../tests/planned';
import { phraseText } from '../explain/display';
import { newGarment, type Garment } from '../facts/garment';
import { kindIds, type KindId } from '../facts/kindIds';
import { newWearer, type BodyMeasure, type Wearer } from '../facts/wearer';
import { estimateFor } from '../fit/estimates';
import { catalogue } from '../garments/catalogue';
import type { GarmentPlan } from './types';
import type { OpeningPlan } from '../edges/types';

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
/** A garment for somebody in a cloth of that stretch, bands of the same. */
const made = (
  kind: KindId,
  stretch: number,
  garment: Partial<Garment> = {},
  who: Wearer = wearer(WHOLE),
): GarmentPlan => plan(kind, { wearer: who, outer: stated(stretch), band: stated(stretch) }, garment);
const opening = (of: GarmentPlan, id: string): OpeningPlan => {
  const found = of.openings.find((one) => one.id === id);
  if (!found)
    throw new Error(`expected an opening ${id}, got ${of.openings.map((one) => one.id).join(', ')}`);
  return found;
};
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
  const of = made(kind, 0.9, measuredAs(kind, id, 300), who);
  const one = opening(of, id);
  const girth = { ...WHOLE, foot: 330, hand: 210 }[measure as 'bust'];
  expect(value(of, one.passes)).toBe(girth);
  expect(value(of, one.needs)).toBeCloseTo(Math.max(girth / 300 - 1, 0), 12);
});

test('an opening that is exactly as long as its limit passes, and a shorter one does not (T: 1.0 of its stretch)', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 1.2, noNaN: true }), (stretch) => {
      const just = 960 / (1 + stretch);
      const closed = (mm: number) => {
        const one = opening(
          made('stretch-waist', stretch, measuredAs('stretch-waist', 'waist-edge', mm)),
          'waist-edge',
        );
        return one.parts.find(({ label }) => label === 'cloth')?.ok;
      };
      if (just < 80) return;
      expect([closed(just), closed(just - 0.6)]).toEqual([true, false]);
    }),
    { seed: 31, numRuns: 50 },
  );
});

test('what would mend it does: the smallest girth it names passes', () => {
  const before = made('leggings', 0.55, measuredAs('leggings', 'waist-edge', 560));
  const problem = before.problems.find(({ id }) => id === 'opening-waist-edge');
  expect(problem?.severity).toBe('stop');
  expect(phraseText(problem?.sentence ?? [], before.numbers, 'cm')).toMatch(
    /does not pass the hips.*short\.$/,
  );
  const wanted = value(before, 'problem.waist-edge.girth');
  const after = made('leggings', 0.55, measuredAs('leggings', 'waist-edge', wanted + 0.01));
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
    const of = made('boxer-briefs', 0.9, {}, wearer(rest));
    expect(of.numbers['body.hip']?.mark).toBe('default');
    expect(value(of, opening(of, 'waist-edge').passes)).toBe(estimateFor('hip', 'adult', undefined)?.mm);
    expect(of.zones.map(({ zone }) => zone)).not.toContain('hip');
    expect(of.measures.find(({ measure }) => measure === 'hip')?.source).toBe('missing');
  });
});

test('toddler: a 34 cm neckline over a 49 cm head needs 44 % (handbook check value, D)', () => {
  const neck340 = { edges: { neckline: { measured: { as: 'seamline', wholeMm: 340 } } } } as const;
  const of = made('tee', 0.4, neck340, wearer({ bust: 540, hip: 560, head: 490 }, 'child'));
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
      const of = made(kind, 0.6, { ...start, ...closures });
      expect(value(of, opening(of, id).opening)).toBe(400);
      const closed = made(kind, 0.6, { ...start, closures: { [id]: true } });
      expect(closed.openings.map((one) => one.id)).not.toContain(id);
    }
  });
  test('everything along an opening says what it must give, and is held to that', () => {
    for (const style of catalogue[kind].styles) {
      const of = made(kind, 0.45, { style: style.id });
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

describe('bands, closures and styles', () => {
  const passing = (of: GarmentPlan, id: string) => of.openings.find((one) => one.id === id);
  test('a foot and a hip that were not measured are marked defaults', () => {
    const bare: Wearer = {
      ...newWearer('Bare', 'adult'),
      measurements: { a: { measuredOn: TODAY, how: 'measured', values: { waist: 760, thigh: 560 } } },
    };
    const of = plan('boxer-briefs', { wearer: bare, outer: stated(0.9) });
    expect(of.numbers['body.foot']?.mark).toBe('default');
    expect(of.numbers['body.hip']?.mark).toBe('default');
    expect(of.zones.map((one) => one.zone)).toEqual(['waist', 'thigh']);
    expect(of.needs.length).toBeGreaterThan(0);
  });
  test('a closure takes the demand away', () => {
    const outer = stated(0.2);
    expect(passing(plan('leggings', { outer }), 'waist-edge')?.ok).toBe(false);
    expect(
      passing(plan('leggings', { outer }, { closures: { 'waist-edge': true } }), 'waist-edge'),
    ).toBeUndefined();
  });
  test('a waistband has to pass the hips too: a firm one does not, whatever the cloth', () => {
    const of = plan('leggings', { outer: stated(0.8), band: stated(0.2) });
    const waist = passing(of, 'waist-edge');
    expect(waist?.parts.map(({ label, ok }) => [label, ok])).toEqual([
      ['cloth', true],
      ['band', false],
      ['elastic', true],
      ['seam', true],
    ]);
    const problem = of.problems.find(({ id }) => id === 'opening-waist-edge');
    expect(phraseText(problem?.sentence ?? [], of.numbers, 'cm')).toMatch(/the band gives 20 %/);
    expect(plan('leggings', { outer: stated(0.8), band: stated(0.8) }).openings.every(({ ok }) => ok)).toBe(
      true,
    );
  });
  test('a sleeve is eased onto its cuff, so that only the cuff has to give, unless it is hemmed', () => {
    const facts = { outer: stated(0.1), band: stated(1), wearer: wearers.bram as Wearer };
    const labels = (of: GarmentPlan) => passing(of, 'cuff')?.parts.map(({ label }) => label);
    const wrist = { fit: { wrist: { school: 'share', share: 0 } } } as const;
    expect(labels(plan('raglan', facts, wrist))).toEqual(['band', 'seam']);
    const hemmed = { ...wrist, edges: { cuff: { use: 'hem' } } } as const;
    expect(labels(plan('raglan', facts, hemmed))).toEqual(['cloth', 'hem stitch']);
  });
  test('a bralette hooks up, so nothing passes its band, unless it is made without the hooks', () => {
    const outer = stated(0.3);
    expect(plan('bralette', { outer }).openings).toEqual([]);
    const pulled = plan('bralette', { outer }, { closures: { 'lower-edge': false } });
    expect(passing(pulled, 'lower-edge')?.passesWhat).toMatch(/bust/);
  });
  test('a swimsuit goes over the hips, a tank of the same kind over the head', () => {
    const edges = { neckline: { measured: { as: 'seamline', wholeMm: 640 } } } as const;
    const swim = plan('shelf-bra-top', { outer: stated(0.7) }, { edges });
    const tank = plan('shelf-bra-top', { outer: stated(0.7) }, { edges, style: 'fitted' });
    expect(swim.openings.map(({ id }) => id)).toEqual(['neckline', 'lower-edge', 'leg']);
    expect(value(swim, passing(swim, 'neckline')?.passes)).toBe(1020);
    expect(tank.openings.map(({ id }) => id)).toEqual(['neckline-head', 'lower-edge', 'hem']);
    expect(tank.zones.map((one) => one.zone)).not.toContain('loop');
    expect(swim.edges.map(({ id }) => id)).toContain('leg');
    expect(tank.edges.map(({ id }) => id)).not.toContain('leg');
  });
  test('a sleeve edge that no zone gives is asked about only once it is measured', () => {
    const outer = stated(0.5);
    expect(passing(plan('bound-tee', { outer }), 'sleeve-hem')).toBeUndefined();
    const base = newGarment('x', 'bound-tee').pattern;
    const of = plan('bound-tee', { outer }, { pattern: { ...base, openings: { 'sleeve-hem': 200 } } });
    expect(value(of, passing(of, 'sleeve-hem')?.opening)).toBe(200);
  });
  test('what was measured on the pattern beats the zone', () => {
    const base = newGarment('x', 'leggings').pattern;
    const of = plan(
      'leggings',
      { outer: stated(0.7) },
      { pattern: { ...base, openings: { 'waist-edge': 900 } } },
    );
    expect(value(of, passing(of, 'waist-edge')?.opening)).toBe(900);
  });
});
