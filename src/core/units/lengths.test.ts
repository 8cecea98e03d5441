import { formatArea } from './formatArea';
import fc from 'fast-check';
import { fraction, number, unit as mathUnit } from 'mathjs';
import { editableLength, formatInches, formatLength } from './formatLength';
import { parseLength } from './parseLength';
import { roundToStep, tapeStepMm } from './roundForTape';
import { likelyUnitSlip } from './unitSlip';

const mm = (text: string, field: 'cm' | 'in' | 'mm' = 'cm') => {
  const read = parseLength(text, field);
  return read.ok ? read.mm : read.code;
};

describe('reading a length', () => {
  // Spellings: the product's own list, and common practice, no source. Inch: S, international inch, 1959.
  test.each<[string, 'cm' | 'in', number]>([
    ['27 3/8', 'in', 27.375 * 25.4],
    ['27.375', 'in', 27.375 * 25.4],
    ['27⅜"', 'cm', 27.375 * 25.4],
    ['27 ⅜ in', 'cm', 27.375 * 25.4],
    ['27-3/8', 'cm', 27.375 * 25.4],
    ['3/8', 'cm', 0.375 * 25.4],
    ['69,5 cm', 'in', 695],
    ['69.5', 'cm', 695],
    ['695mm', 'in', 695],
    ['.5', 'cm', 5],
    ['5.', 'cm', 50],
    ['1,2 m', 'cm', 1200],
    ['2\' 3"', 'cm', 27 * 25.4],
    ['2’ 3 ½”', 'cm', 27.5 * 25.4],
    ['2 ft', 'cm', 24 * 25.4],
    ['2ft 3in', 'cm', 27 * 25.4],
    ['2 feet 3 1/2 inches', 'cm', 27.5 * 25.4],
    ['12 inches', 'cm', 12 * 25.4],
    ['1/2 cm', 'in', 5],
    ['7⁄16', 'in', (7 / 16) * 25.4],
    ['10\u00a0cm', 'in', 100],
    ['0', 'cm', 0],
  ])('%j in a field of %s', (text, field, wanted) => {
    expect(mm(text, field)).toBeCloseTo(wanted, 9);
  });

  test.each<[string, string]>([
    ['', 'empty'],
    ['   ', 'empty'],
    ['banana', 'not-a-length'],
    ['-5', 'negative'],
    ['−5 cm', 'negative'],
    ['1,234.5', 'separators'],
    ['3/0', 'fraction'],
    ['3/100', 'fraction'],
    ['12 parsecs', 'not-a-length'],
    ['🧵', 'not-a-length'],
    ['1e3', 'not-a-length'],
    ['5 5', 'not-a-length'],
    ["2' x", 'not-a-length'],
    ['Infinity', 'not-a-length'],
    ['9'.repeat(50), 'too-long'],
    ['x'.repeat(100000), 'too-long'],
  ])('%j is refused with a sentence', (text, code) => {
    const read = parseLength(text, 'cm');
    expect(read).toMatchObject({ ok: false, code });
    expect(read.ok ? '' : read.sentence).toMatch(/^[A-Z"].*[.]$/);
  });

  test.each<[string, 'cm' | 'in', number]>([
    ['-5', 'cm', -50],
    ['−1 1/2', 'in', -38.1],
    ['- 3 mm', 'cm', -3],
    ['2', 'cm', 20],
  ])('%j in a field of %s that may be less than nothing', (text, field, wanted) => {
    const read = parseLength(text, field, { signed: true });
    expect(read.ok ? read.mm : NaN).toBeCloseTo(wanted, 9);
  });

  test.each(['--5', '-', '- -', '-banana'])('%j is no length either way', (text) => {
    expect(parseLength(text, 'cm', { signed: true }).ok).toBe(false);
  });

  test('a bare fraction is inches in a metric field, and asks to be echoed', () => {
    expect(parseLength('3/8', 'cm')).toMatchObject({ readAs: 'in', echo: true });
    expect(parseLength('3/8', 'in')).toMatchObject({ readAs: 'in', echo: false });
    expect(parseLength('0.375', 'cm')).toMatchObject({ readAs: 'cm', echo: false });
    expect(parseLength('0.6', 'mm')).toMatchObject({ readAs: 'mm', mm: 0.6 });
  });
});

describe('against a general reference library for units and fractions (mathjs)', () => {
  test('every sixty-fourth up to a foot reads as the library does', () => {
    for (let top = 0; top <= 12 * 64; top += 1) {
      const value = fraction(top, 64);
      const whole = Math.floor(top / 64);
      const text = `${whole} ${top % 64}/64`;
      expect(mm(text, 'cm')).toBeCloseTo(mathUnit(number(value), 'inch').toNumber('mm'), 9);
    }
  });

  test.each(['cm', 'mm', 'm', 'inch'] as const)('decimals in %s convert as the library does', (name) => {
    for (const value of [0.1, 1, 3.25, 27.375, 99.9]) {
      expect(mm(`${value} ${name}`, 'in')).toBeCloseTo(mathUnit(value, name).toNumber('mm'), 9);
    }
  });
});

describe('writing a length', () => {
  test.each<[number, 'cm' | 'in', string]>([
    [695, 'cm', '69.5 cm'],
    [6, 'cm', '6 mm'],
    [7.5, 'cm', '7.5 mm'],
    [10, 'cm', '1.0 cm'],
    [27.375 * 25.4, 'in', '27 ⅜ in'],
    [25.4 / 4, 'in', '¼ in'],
    [25.4 * 0.4375, 'in', '7/16 in'],
    [0, 'in', '0 in'],
    [0, 'cm', '0 mm'],
    [25.4 * 12, 'in', '12 in'],
    [-25, 'cm', '−2.5 cm'],
    [-0.04, 'cm', '0 mm'],
    [-3.5, 'cm', '−3.5 mm'],
    [-25.4 * 2.5, 'in', '−2 ½ in'],
  ])('%d mm in %s is %s', (value, unit, text) => expect(formatLength(value, unit)).toBe(text));

  test('round trips: what is written is read back within half of the smallest step (fast-check)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.constantFrom('cm' as const, 'in' as const),
        (value, unit) => {
          const step = unit === 'cm' ? (value < 10 ? 0.1 : 1) : tapeStepMm(value, unit);
          const read = parseLength(formatLength(value, unit), unit);
          return read.ok && Math.abs(read.mm - value) <= step / 2 + 1e-9;
        },
      ),
      { seed: 20261, numRuns: 2000 },
    );
  });

  test('round trips: what a field holds for editing is the value itself to a twentieth of a millimetre', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.constantFrom('cm' as const, 'in' as const, 'mm' as const),
        (value, unit) => {
          const read = parseLength(editableLength(value, unit), unit);
          return read.ok && Math.abs(read.mm - value) <= 0.051;
        },
      ),
      { seed: 20262, numRuns: 2000 },
    );
  });

  test('every fraction is in its lowest terms', () => {
    for (let parts = 1; parts <= 256; parts += 1) {
      const text = formatInches((parts / 64) * 25.4, 64).replace(/^\d+ (?=\d)/, '');
      const found = /^(\d+)\/(\d+)$/.exec(text);
      if (found) expect(Number(fraction(Number(found[1]), Number(found[2])).d)).toBe(Number(found[2]));
    }
  });
});

test('rounding for the tape is to the step and never further than half of it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 3000, noNaN: true }),
      fc.constantFrom('cm' as const, 'in' as const),
      (value, unit) => {
        const step = tapeStepMm(value, unit);
        const rounded = roundToStep(value, step);
        return (
          Math.abs(rounded - value) <= step / 2 + 1e-9 &&
          Math.abs(rounded / step - Math.round(rounded / step)) < 1e-9
        );
      },
    ),
    { seed: 20263 },
  );
});

describe('a value 2.54 times off', () => {
  test('asks about inches typed as centimetres, and the other way', () => {
    expect(likelyUnitSlip(360, [450, 1400])).toBeCloseTo(914.4);
    expect(likelyUnitSlip(2300, [450, 1400])).toBeCloseTo(905.5, 1);
  });
  test('does not ask about what is usual, or what fits neither way', () => {
    expect(likelyUnitSlip(900, [450, 1400])).toBeUndefined();
    expect(likelyUnitSlip(10, [450, 1400])).toBeUndefined();
  });
});

test('an area to 10 cm², or to a square inch: 100 × 100 mm is 100 cm², 15.5 sq in', () => {
  expect(formatArea(10_000, 'cm')).toBe('100 cm²');
  expect(formatArea(123_400, 'cm')).toBe('1230 cm²');
  expect(formatArea(1_912_000, 'cm')).toBe('1.91 m²');
  expect(formatArea(10_000, 'in')).toBe('16 sq in');
});
