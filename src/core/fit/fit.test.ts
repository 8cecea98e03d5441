import fc from 'fast-check';
import { newGarment } from '../facts/garment';
import { newPattern } from '../facts/pattern';
import { newWearer, type Wearer } from '../facts/wearer';
import {
  easeFromExtension,
  extensionFromEase,
  negativeEase,
  passingExtension,
  restGirth,
  wornExtension,
} from './ease';
import { MAX_WORN_EXTENSION } from './limits';
import { estimateFor } from './estimates';
import { ageOn, daysBetween, latestMeasures } from './latestMeasures';
import { patternAllowances } from './patternAllowances';
import { extensionByShare, looseGirth } from './schools';

const girth = fc.double({ min: 100, max: 2000, noNaN: true });
const extension = fc.double({ min: -0.3, max: 2, noNaN: true });

describe('the two percentages', () => {
  test('20 % smaller asks the cloth for 25 % (handbook 10, D)', () =>
    expect(extensionFromEase(0.2)).toBeCloseTo(0.25, 12));
  test('each is the other’s inverse, and both agree with the girths', () => {
    fc.assert(
      fc.property(girth, extension, (G, e) => {
        const g = restGirth(G, e);
        return (
          Math.abs(extensionFromEase(easeFromExtension(e)) - e) < 1e-9 &&
          Math.abs(wornExtension(G, g) - e) < 1e-9 &&
          Math.abs(negativeEase(G, g) - easeFromExtension(e)) < 1e-9
        );
      }),
      { seed: 81 },
    );
  });
});

describe('schools', () => {
  test('more stretch never asks for a larger garment by share of stretch', () => {
    fc.assert(
      fc.property(
        girth,
        fc.double({ min: 0, max: 2, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (G, S, more, share) => {
          return (
            restGirth(G, extensionByShare(S + more, share, MAX_WORN_EXTENSION)) <=
            restGirth(G, extensionByShare(S, share, MAX_WORN_EXTENSION)) + 1e-9
          );
        },
      ),
      { seed: 82 },
    );
  });
  test('the cap holds without a pull curve', () =>
    expect(extensionByShare(2, 0.6, MAX_WORN_EXTENSION)).toBe(0.3));
  test('looseness goes by girth', () => expect(looseGirth(300, 50, 1000)).toBeCloseTo(315));
});

describe('pull-on', () => {
  test('a 34 cm neck over a 49 cm head must give 44.1 % (handbook 10, D)', () =>
    expect(passingExtension(490, 340)).toBeCloseTo(0.441, 3));
  test('an opening that is large enough asks for nothing', () => expect(passingExtension(300, 340)).toBe(0));
});

describe('estimates', () => {
  // S, from memory: WHO child growth standards, medians; adult T.
  test.each([
    [2, 480],
    [3, 490],
    [5, 505],
    [18, 570],
    [undefined, 570],
  ])('head at %s years', (age, mm) => expect(estimateFor('head', 'child', age)?.mm).toBe(mm));
  test('it never shrinks with age, and is always marked', () => {
    let last = 0;
    for (let age = 0; age < 20; age += 0.25) {
      const estimate = estimateFor('head', 'child', age);
      expect(estimate?.mark).toBe('default');
      expect(estimate?.mm).toBeGreaterThanOrEqual(last);
      last = estimate?.mm ?? 0;
    }
  });
  test('a toddler’s hand is never a grown one, whatever the wearer was called', () => {
    expect(estimateFor('hand', 'adult', 2)?.mm).toBe(estimateFor('hand', 'child', 2)?.mm);
    expect(estimateFor('hand', 'adult', 10)?.mm).toBeGreaterThan(estimateFor('hand', 'child', 10)?.mm ?? 0);
  });
  test('a bust cannot be guessed', () => expect(estimateFor('bust', 'adult', 40)).toBeUndefined());
});

describe('measurements by date', () => {
  const wearer: Wearer = {
    ...newWearer('Test', 'child'),
    bornOn: '2020-02-29',
    measurements: {
      new: { measuredOn: '2026-05-01', how: 'measured', values: { bust: 600 } },
      old: { measuredOn: '2025-05-01', how: 'guessed', values: { bust: 570, hip: 590 } },
    },
  };
  test('the newest of each counts, whichever set it is in', () =>
    expect(latestMeasures(wearer)).toEqual({
      bust: { mm: 600, measuredOn: '2026-05-01', how: 'measured' },
      hip: { mm: 590, measuredOn: '2025-05-01', how: 'guessed' },
    }));
  test('days and ages', () => {
    expect(daysBetween('2026-02-28', '2026-03-01')).toBe(1);
    expect(ageOn(wearer, '2026-03-01')).toBeCloseTo(6, 1);
    expect(ageOn(wearer, '2019-01-01')).toBeUndefined();
  });
});

describe('a pattern’s allowances', () => {
  const garment = newGarment('Tee', 'tee');
  test('are taken to every place they stand in, and only where they differ', () => {
    const pattern = { ...newPattern('Bought', 'tee'), seamAllowanceMm: 10, hemAllowanceMm: 25 };
    expect(patternAllowances(pattern, garment)).toEqual({ 'pattern.seamAllowanceMm': 10 });
    const measured = { as: 'pieces', allowanceMm: 4, crossingAllowanceMm: 10 } as const;
    expect(patternAllowances(pattern, { ...garment, edges: { neckline: { measured } } })).toEqual({
      'pattern.seamAllowanceMm': 10,
      'edges.neckline.measured.allowanceMm': 10,
    });
  });
  test('a pattern that does not say changes nothing', () =>
    expect(patternAllowances(newPattern('Traced', 'tee'), garment)).toEqual({}));
});
