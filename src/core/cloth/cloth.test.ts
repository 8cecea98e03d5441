import fc from 'fast-check';
import { createLedger } from '../explain/ledger';
import { newCloth, type Cloth, type ClothTest } from '../facts/cloth';
import { growthOf, neckInOf, readingFault, recoveryOf, stretchOf } from './handTest';
import { readCloth } from './readCloth';
import { recoveryVerdict } from './recoveryVerdict';
import { stretchClass } from './stretchClass';

const pull = (
  restMm: number,
  pulledMm: number,
  releasedMm?: number,
  rest: Partial<ClothTest> = {},
): ClothTest => ({
  direction: 'across',
  testedOn: '2026-01-01',
  restMm,
  pulledMm,
  ...(releasedMm === undefined ? {} : { releasedMm }),
  ...rest,
});
const clothWith = (...tests: readonly ClothTest[]): Cloth => ({
  ...newCloth('Test'),
  tests: Object.fromEntries(tests.map((test, at) => [`t${at}`, test])),
});
const read = (...tests: readonly ClothTest[]) => readCloth(createLedger(), 'outer', clothWith(...tests));

describe('one pull', () => {
  test('10, 17.8, 10.1 cm (handbook 10, D and S: ASTM D2594)', () => {
    expect(stretchOf(100, 178)).toBeCloseTo(0.78, 12);
    expect(growthOf(100, 101)).toBeCloseTo(0.01, 12);
    expect(recoveryOf(100, 178, 101)).toBeCloseTo(0.987, 3);
  });
  test('neck-in is the width lost over the length gained (D)', () =>
    expect(neckInOf(100, 150, 50, 40)).toBeCloseTo(0.4, 12));
  test('a release within the reading error is no growth, and a whole recovery', () => {
    expect(growthOf(100, 99.5)).toBe(0);
    expect(recoveryOf(100, 150, 99.5)).toBe(1);
  });
  test('stretch is all either growth or recovery: growth = stretch × (1 − recovery) (D)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 200, noNaN: true }),
        fc.double({ min: 0.01, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rest, by, back) => {
          const pulled = rest * (1 + by);
          const released = pulled - (pulled - rest) * back;
          return (
            Math.abs(
              growthOf(rest, released) - stretchOf(rest, pulled) * (1 - recoveryOf(rest, pulled, released)),
            ) < 1e-9
          );
        },
      ),
      { seed: 71 },
    );
  });
});

describe('impossible readings are refused with what to do', () => {
  test.each<[string, ClothTest, string]>([
    ['rest under 1 cm', pull(9, 12), 'restMm'],
    ['stretched shorter than rest', pull(100, 90), 'pulledMm'],
    ['released shorter than rest by more than the reading error', pull(100, 150, 98), 'releasedMm'],
    ['released longer than stretched', pull(100, 150, 160), 'releasedMm'],
    ['stretch over 400 %', pull(100, 501), 'pulledMm'],
    ['one width alone', pull(100, 150, 100, { restWidthMm: 50 }), 'pulledWidthMm'],
    ['wider while pulled', pull(100, 150, 100, { restWidthMm: 50, pulledWidthMm: 60 }), 'pulledWidthMm'],
  ])('%s', (_name, test, path) => {
    const fault = readingFault(test);
    expect(fault).toMatchObject({ code: 'rule', path });
    expect(fault?.sentence).toMatch(/[.]$/);
    expect(read(test)).toMatchObject({ refused: [{ testId: 't0' }] });
  });
  test('the limits themselves are allowed', () => {
    for (const fine of [pull(10, 10), pull(100, 500, 100), pull(100, 150, 99), pull(100, 150, 150)])
      expect(readingFault(fine)).toBeUndefined();
  });
});

describe('repeats', () => {
  test('the median counts', () =>
    expect(read(pull(100, 177), pull(100, 178), pull(100, 180)).across?.stretch.value).toBeCloseTo(0.78));
  test('half-way of an even number', () =>
    expect(read(pull(100, 170), pull(100, 174)).across?.stretch.value).toBeCloseTo(0.72));
  test('more than ten points apart: the lowest, and it says so', () =>
    expect(read(pull(100, 150), pull(100, 158), pull(100, 161)).across).toMatchObject({
      counts: 'lowest',
      stretch: { value: 0.5 },
    }));
  test('no stretch: growth, recovery and neck-in are absent, never NaN', () => {
    const { across } = read(pull(100, 100, 100, { restWidthMm: 50, pulledWidthMm: 50 }));
    expect(across?.stretch.value).toBe(0);
    expect([across?.growth, across?.recovery, across?.neckIn]).toEqual([undefined, undefined, undefined]);
  });
  test('a stated percentage is used and marked as untested', () =>
    expect(readCloth(createLedger(), 'outer', { ...newCloth('Lace'), statedAcross: 0.5 })).toMatchObject({
      verdict: 'untested',
      across: { source: 'stated', stretch: { value: 0.5, mark: 'default' } },
    }));
  test('the greatest stretch goes around, whichever way it lies', () =>
    expect(read(pull(100, 120), pull(100, 160, 101, { direction: 'along' })).around).toBe('along'));
});

describe('classes and verdicts (T, from memory)', () => {
  test.each<[number, number | undefined, string]>([
    [0, 0, 'stable'],
    [0.199, 0.1, 'stable'],
    [0.2, 0.1, 'moderate'],
    [0.35, 0.1, 'stretchy'],
    [0.749, 0.7, 'stretchy'],
    [0.78, 0.56, 'super-stretch'],
    [0.78, 0.1, 'stretchy'],
    [1, 0.3, 'rib'],
    [1.1, undefined, 'rib'],
    [1.1, 0.8, 'super-stretch'],
  ])('%d one way and %s the other is %s', (most, other, wanted) =>
    expect(stretchClass(most, other)).toBe(wanted),
  );
  test.each([
    [1, 'holds'],
    [0.95, 'holds'],
    [0.949, 'tops-only'],
    [0.85, 'tops-only'],
    [0.849, 'no-negative-ease'],
    [undefined, 'untested'],
  ] as const)('recovery %s: %s', (recovery, wanted) => expect(recoveryVerdict(recovery)).toBe(wanted));
});
