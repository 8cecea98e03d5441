import { phraseText } from '../explain/display';
import type { Cloth } from '../facts/cloth';
import { catalogue } from '../garments/catalogue';
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
