import { derivationOf } from './derivation';
import { formatExactly, formatQuantity, phraseText } from './display';
import type { Quantity } from './explained';
import { createLedger, getNumber, leaf, say } from './ledger';

describe('a number for reading', () => {
  test.each<[number, Quantity, string, string]>([
    [318.4, 'mm', '31.8 cm', '12 ½ in'],
    [6, 'mm', '6 mm', '¼ in'],
    [0.1928, 'share', '19 %', '19 %'],
    [0.0345, 'share', '3.5 %', '3.5 %'],
    [0.1, 'share', '10 %', '10 %'],
    [-0.05, 'share', '−5 %', '−5 %'],
    [0, 'share', '0 %', '0 %'],
    [4.886921905584122, 'rad', '280°', '280°'],
    [4, 'count', '4', '4'],
    [2.5, 'dialMm', '2.5', '2.5'],
    [1.3, 'ratio', '1.30', '1.30'],
    [12, 'minutes', '12 min', '12 min'],
    [190, 'gsm', '190 g/m²', '190 g/m²'],
  ])('%d as %s is %s, or %s', (value, quantity, cm, inches) => {
    expect([formatQuantity(value, quantity, 'cm'), formatQuantity(value, quantity, 'in')]).toEqual([
      cm,
      inches,
    ]);
  });
  test('exactly: enough decimals, never an exponent', () => {
    expect(formatExactly(318.4, 'mm', 'cm')).toBe('31.840 cm');
    expect(formatExactly(25.4, 'mm', 'in')).toBe('1.0000 in');
    expect(formatExactly(0.000000001, 'share', 'cm')).toBe('0');
    expect(formatExactly(1 / 3, 'ratio', 'cm')).toBe('0.3333333');
  });
});

describe('the ledger', () => {
  test('a name used twice and a number that is not finite are misuse, said at once', () => {
    const book = createLedger();
    book.given('a', 'a', 1, 'mm', 'T');
    expect(() => book.given('a', 'a', 1, 'mm', 'T')).toThrow(/expected a new number id, got "a" twice/);
    const half = {
      label: 'x',
      unit: 'mm',
      mark: 'D',
      formula: 'a / b',
      terms: { a: leaf('a', 1, 'mm', 'T'), b: leaf('b', 0, 'mm', 'T') },
    } as const;
    expect(() => book.work('b', { ...half })).toThrow(/expected a finite number for "b"/);
  });
  test('what moves it most is the term with the largest effect of one percent', () => {
    const number = createLedger().work('n', {
      label: 'n',
      unit: 'mm',
      mark: 'D',
      formula: 'a - b',
      terms: { a: leaf('the larger', 100, 'mm', 'T'), b: leaf('the smaller', 10, 'mm', 'T') },
    });
    expect(number.sensitivity).toEqual({ term: 'a', change: expect.closeTo(1, 9) as number });
    expect(derivationOf(number, 'cm')).toMatchObject({
      words: '[the larger] − [the smaller]',
      figures: '10.000 cm − 1.000 cm = 9.000 cm, shown as 9.0 cm',
      sensitivity: 'Most sensitive to the larger: one percent more of it makes this 1.0 mm larger.',
    });
  });
});

test('a number by its id; one that is not there is misuse', () => {
  const book = createLedger();
  const a = book.given('a', 'a', 1, 'mm', 'T');
  expect(getNumber(book.numbers, 'a')).toBe(a);
  expect(() => getNumber(book.numbers, 'b')).toThrow(/expected a number with id "b"/);
});
test('a formula that names what has no term is misuse, said by name', () => {
  const working = {
    label: 'x',
    unit: 'mm',
    mark: 'D',
    formula: 'a + b',
    terms: { a: leaf('a', 1, 'mm', 'T') },
  } as const;
  expect(() => createLedger().work('x', working)).toThrow(/"a \+ b" of "x", got none for b/);
});
test('of two terms that move it alike the first named is told, whichever rounding made larger', () => {
  const terms = {
    T: leaf('T', 40, 'nPerM', 'T'),
    mm: leaf('mm', 1000, 'count', 'D'),
    G: leaf('G', 800, 'mm', 'T'),
  };
  const number = createLedger().work('p', {
    label: 'p',
    unit: 'pa',
    mark: 'D',
    formula: 'T * mm / G',
    terms,
  });
  expect(number.sensitivity?.term).toBe('T');
});

describe('phrases', () => {
  const book = createLedger();
  const width = book.given('w', 'width', 52, 'mm', 'T');
  test('numbers follow the reader’s unit, names stay as typed, phrases nest', () => {
    const inner = say`of ${{ name: 'Rib 2' }}`;
    const phrase = say`Cut ${width} ${inner}`;
    expect(phraseText(phrase, book.numbers, 'cm')).toBe('Cut 5.2 cm of Rib 2');
    expect(phraseText(phrase, book.numbers, 'in')).toBe('Cut 2 1/16 in of Rib 2');
  });
  test('a number that is not in the plan is misuse', () => {
    expect(() => phraseText([{ n: 'gone' }], book.numbers, 'cm')).toThrow(/expected a number with id "gone"/);
  });
});
