import { phraseText } from '../explain/display';
import type { PatternSize } from '../facts/pattern';
import { newPattern, type Pattern } from '../facts/pattern';
import { catalogue } from '../garments/catalogue';
import { measured, plan, stated, value, zone } from '../../../tests/planned';
import { skinStretch } from './movement';

/** Where a verdict turns: at the number itself, and a little to either side. */

const body = {
  bust: 960,
  highBust: 905,
  waist: 740,
  hip: 1000,
  thigh: 580,
  knee: 380,
  rise: 640,
  inseam: 760,
};
const sized = (values: PatternSize['values'], more: Partial<Pattern> = {}): Pattern => ({
  ...newPattern('Table', 'leggings'),
  ...more,
  sizes: { one: { label: 'One', order: 0, values } },
});
const leggings = (values: PatternSize['values'], more: Partial<Pattern> = {}, wearer = measured(body)) =>
  plan('leggings', { wearer, outer: stated(0.8), pattern: sized(values, more) });
const words = (of: ReturnType<typeof plan>) =>
  of.size?.adjustments.map(({ sentence }) => phraseText(sentence, of.numbers, 'cm')) ?? [];

describe('a length is changed from 5 mm on (common practice, no source)', () => {
  test.each([
    [755.1, undefined],
    [764.9, undefined],
    [755, /^Inside leg: lengthen by 5 mm/],
    [765, /^Inside leg: shorten by 5 mm/],
  ])('drawn for %f mm, and 760 measured', (inseam, said) => {
    const found = words(leggings({ hip: 1000, inseam })).find((line) => /^Inside/.test(line));
    if (said) expect(found).toMatch(said);
    else expect(found).toBeUndefined();
  });
});

test('the ease a pattern does not say is the middle of what is usual for its kind', () => {
  const [low = 0, high = 0] = catalogue.leggings.styles[0]?.range ?? [];
  const of = leggings({ hip: 1000 });
  const hip = of.size?.zones.find((one) => one.zone === 'hip');
  expect(value(of, hip?.finished)).toBeCloseTo(1000 * (1 - (low + high) / 2), 9);
  const own = leggings({ hip: 1000 }, { easeAround: 0.2 });
  expect(value(own, own.size?.zones.find((one) => one.zone === 'hip')?.finished)).toBeCloseTo(800, 9);
});

test('a zone that the table has no column for does not govern, and is not compared', () => {
  const of = leggings({ hip: 1000, thigh: 580 });
  expect(of.size?.zones.map((one) => one.zone)).toEqual(['hip', 'thigh']);
  expect(phraseText(of.size?.reason ?? [], of.numbers, 'cm')).toBe('nearest at the hip, which governs');
});

test('every zone of the ticket changes as the size says for that zone', () => {
  const of = leggings({ waist: 700, hip: 1000, thigh: 580, rise: 600 });
  const said = of.size?.zones ?? [];
  expect(said.length).toBeGreaterThan(3);
  for (const one of said)
    expect([one.zone, zone(of, one.zone).pattern?.advice]).toEqual([one.zone, one.advice]);
});

describe('the bust against the cup a pattern was drafted for', () => {
  const top = (values: PatternSize['values'], bust: number, more: Partial<Pattern> = {}) =>
    plan('crop-top', {
      wearer: measured({ ...body, bust, underbust: 800 }),
      outer: stated(0.8),
      pattern: { ...sized(values, more), kind: 'crop-top' },
    });
  const ids = (of: ReturnType<typeof plan>) => of.size?.adjustments.map(({ id }) => id) ?? [];
  test.each([
    [905 + 50 + 11.9, false],
    [905 + 50 + 12, true],
    [905 + 50 - 11.9, false],
    [905 + 50 - 12, true],
  ])('%f mm on a high bust of 905, drafted for 50 more: an adjustment from 12 mm on (T)', (bust, wanted) => {
    const of = top({ bust: 960, highBust: 910 }, bust);
    expect(ids(of).includes('bust-volume')).toBe(wanted);
    expect(phraseText(of.size?.reason ?? [], of.numbers, 'cm')).toMatch(
      wanted ? /by the high bust/ : /governs/,
    );
  });
  test('a size without a high bust has the middle cup of the rows that say both', () => {
    const rows = {
      a: { label: 'A', order: 0, values: { bust: 900, highBust: 870 } },
      b: { label: 'B', order: 1, values: { bust: 960 } },
      c: { label: 'C', order: 2, values: { bust: 1000, highBust: 940 } },
      d: { label: 'D', order: 3, values: { bust: 1040, highBust: 950 } },
      e: { label: 'E', order: 4, values: { highBust: 990 } },
    };
    const of = plan(
      'crop-top',
      {
        wearer: measured({ ...body, bust: 1000, underbust: 800 }),
        outer: stated(0.8),
        pattern: { ...newPattern('Rows', 'crop-top'), sizes: rows },
      },
      { sizeId: 'b' },
    );
    // Cups of 30, 60 and 90: the middle one on 905 is 965.
    expect(value(of, 'size.bust.drafted')).toBe(905 + 60);
    expect(value(of, 'size.bust')).toBe(1000 - 965);
  });
});

describe('a pattern as measured', () => {
  const asked = (finished: Readonly<Record<string, number>>) => {
    const of = plan(
      'leggings',
      { wearer: measured(body), outer: stated(0.8) },
      { pattern: { ...plainPattern, finished }, fit: { hip: { school: 'set', extension: 0.25 } } },
    );
    return (id: string) => phraseText(zone(of, id).pattern?.advice ?? [], of.numbers, 'cm');
  };
  const plainPattern = { seamAllowanceMm: 6, sleeveHemAllowanceMm: 25, hemAllowanceMm: 25 };
  // 1000 worn at 25 % is 800 at rest; four seam edges.
  test.each([
    [800 - 3.9, 'Hip: the pattern fits as it is'],
    [800 - 4, 'Hip: add 1 mm at each seam edge'],
    [800 + 4, 'Hip: take 1 mm off each seam edge'],
    [800 + 3.9, 'Hip: the pattern fits as it is'],
  ])('%f mm at the hip', (girth, said) => expect(asked({ hip: girth })('hip')).toBe(said));
  test('a length is changed in one place, and it is said where', () => {
    expect(asked({ rise: 500 })('rise')).toMatch(
      /^Crotch length: lengthen by .* altogether, at the top of the back, nothing at the sides$/,
    );
    expect(asked({ rise: 700 })('rise')).toMatch(/^Crotch length: shorten by/);
  });
});

test('the skin in motion, the larger end of each range (S, from memory: Kirk and Ibrahim, 1966; handbook 03)', () => {
  const of = Object.entries(skinStretch).map(([id, skin]) => [
    id,
    'around' in skin ? skin.around : undefined,
    'along' in skin ? skin.along : undefined,
  ]);
  expect(of).toEqual([
    ['seat', 0.3, undefined],
    ['knee', 0.14, 0.45],
    ['elbow', 0.22, 0.4],
    ['back', 0.16, undefined],
    ['crotch', undefined, 0.15],
  ]);
});

test('a cloth that stretches just as the skin does may be worn there, at rest', () => {
  const of = plan('leggings', { wearer: measured(body), outer: stated(0.14, 0.1) });
  const knee = zone(of, 'knee').movement.find(({ label }) => !/lengthwise/.test(label));
  expect(value(of, knee?.most)).toBeCloseTo(0, 12);
  const less = plan('leggings', { wearer: measured(body), outer: stated(0.139, 0.1) });
  expect(zone(less, 'knee').movement.find(({ label }) => !/lengthwise/.test(label))?.most).toBeUndefined();
});
