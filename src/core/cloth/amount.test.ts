import { phraseText } from '../explain/display';
import type { Cloth } from '../facts/cloth';
import { newTee } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { KeptLayout } from '../facts/layout';
import { layoutBasis } from '../facts/layoutBasis';
import { catalogue } from '../garments/catalogue';
import { planGarment } from '../plan/planGarment';
import { measured, plan, stated, value } from '../../../tests/planned';
import { NAP_MM } from './amount';

/** The estimate done again by hand: rows of pieces below each other, turnings, nap, and what the wash takes. */
const body = { bust: 960, waist: 740, hip: 1000, biceps: 300, head: 560, backLength: 420, armLength: 600 };
const wearer = measured(body);
const { lengths, extraMm, across } = catalogue.tee.amount;
const needs = (cloth: Partial<Cloth>) =>
  value(plan('tee', { wearer, outer: { ...stated(0.5), widthMm: 1500, ...cloth } }), 'amount.length');
const once = lengths.reduce((sum, [measure, times]) => sum + times * body[measure as keyof typeof body], 0);
const girth = body[across as keyof typeof body];

test('once the measures, and the turnings, where all goes side by side', () =>
  expect(needs({})).toBeCloseTo(once + extraMm, 9));

test('a cloth as wide as the body takes one row; a hair narrower two', () => {
  expect(needs({ widthMm: girth })).toBeCloseTo(once + extraMm, 9);
  expect(needs({ widthMm: girth - 0.1 })).toBeCloseTo(2 * once + extraMm, 9);
});

const wash = { beforeAlongMm: 500, afterAlongMm: 475, beforeAcrossMm: 500, afterAcrossMm: 450 };

test('what shrinks 5 % in length takes 1 / 0.95 of it; what shrinks in width may need a row more (ISO 5077, its form)', () => {
  expect(needs({ wash })).toBeCloseTo((once + extraMm) / 0.95, 9);
  expect(needs({ wash, widthMm: girth / 0.9 + 0.1 })).toBeCloseTo((once + extraMm) / 0.95, 9);
  expect(needs({ wash, widthMm: girth / 0.9 - 0.1 })).toBeCloseTo((2 * once + extraMm) / 0.95, 9);
  expect(needs({ wash: { ...wash, afterAlongMm: 510 } })).toBeCloseTo((once + extraMm) / 1.02, 9);
});

test('washed already it changes no more', () =>
  expect(needs({ wash, washed: 'yes' })).toBeCloseTo(once + extraMm, 9));

test('a nap or one-way print takes a quarter of a yard more (T)', () => {
  expect(needs({ nap: 'one way' })).toBeCloseTo(once + extraMm + NAP_MM, 9);
  expect(needs({ nap: 'none' })).toBeCloseTo(once + extraMm, 9);
});

describe('laid out', () => {
  const outer: Cloth = { ...stated(0.5), widthMm: 1500, onHandMm: 1200, wash };
  const facts = (with_: Partial<GarmentFacts> = {}): GarmentFacts => ({
    garment: newTee('tee'),
    wearer,
    outer,
    ...with_,
  });
  const kept = (of: GarmentFacts, more: Partial<KeptLayout> = {}): GarmentFacts => ({
    ...of,
    garment: {
      ...of.garment,
      layouts: {
        outer: {
          keptOn: '2026-11-30',
          widthMm: 1500,
          cutWith: 'rotary',
          lengthMm: 950,
          apart: true,
          basis: layoutBasis(of),
          places: {},
          ...more,
        },
      },
    },
  });
  const planned = (of: GarmentFacts) => planGarment(of, { onDate: '2026-11-30' });
  const length = (of: GarmentFacts) => value(planned(of), 'amount.length');
  const estimate = length(facts());

  test('the length of the kept layout counts, before washing, and decides whether the cloth is enough', () => {
    expect(length(kept(facts()))).toBeCloseTo(950 / 0.95, 9);
    const of = planned(kept(facts()));
    const check = of.checks.find(({ id }) => id === 'check.amount');
    expect(check?.state).toBe('ok');
    expect(phraseText(check?.sentence ?? [], of.numbers, 'cm')).toBe(
      'It takes 100.0 cm, as it is laid out, and 120.0 cm is on hand.',
    );
    expect(length(kept(facts(), { lengthMm: 1300 }))).toBeCloseTo(1300 / 0.95, 9);
  });

  test.each([
    ['something lies on something', kept(facts(), { apart: false })],
    ['it is for another width', kept(facts(), { widthMm: 1400 })],
    ['the measures changed since', { ...kept(facts()), wearer: measured({ ...body, bust: 1000 }) }],
    ['the cloth changed since', { ...kept(facts()), outer: { ...outer, nap: 'one way' as const } }],
    [
      'the fit changed since',
      {
        ...kept(facts()),
        garment: { ...kept(facts()).garment, fit: { bust: { school: 'loose' as const, looseMm: 20 } } },
      },
    ],
  ])('where %s the estimate counts', (_, of) => {
    expect(length(of)).not.toBeCloseTo(1000, 3);
    expect(Math.abs(length(of) - estimate)).toBeLessThan(NAP_MM / 0.95 + 1e-9);
  });

  test('what pieces do not depend on changes nothing, nor does the order that fields were typed in', () => {
    const of = kept(facts());
    const { garment } = of;
    const noted = {
      ...of,
      garment: { ...garment, name: 'another', cuts: { front: { cutOn: '2026-11-30' } } },
    };
    expect(length(noted)).toBeCloseTo(1000, 9);
    const turned = Object.fromEntries(Object.entries(outer).toReversed()) as unknown as Cloth;
    expect(length({ ...of, outer: turned })).toBeCloseTo(1000, 9);
  });
});

test('just enough is enough, and how much more to get is what is missing', () => {
  const check = (onHandMm: number) => {
    const of = plan('tee', { wearer, outer: { ...stated(0.5), widthMm: 1500, onHandMm } });
    const found = of.checks.find(({ id }) => id === 'check.amount');
    return { state: found?.state, severity: found?.severity, of, found };
  };
  expect(check(once + extraMm).state).toBe('ok');
  const short = check(once + extraMm - 30);
  expect([short.state, short.severity]).toEqual(['short', 'look']);
  expect(value(short.of, 'amount.short')).toBeCloseTo(30, 9);
  expect(phraseText(short.found?.remedies[0] ?? [], short.of.numbers, 'cm')).toMatch(/^Get 3\.0 cm more/);
});
