import { createLedger, leaf } from '../explain/ledger';
import { bodyMeasures, type BodyMeasure } from '../facts/wearer';
import { catalogue } from '../garments/catalogue';
import { phraseText } from '../explain/display';
import { say } from '../explain/ledger';
import { createDrafter, type DrafterInputs } from './drafter';

const bench = (given: Partial<DrafterInputs> = {}) => {
  const book = createLedger();
  const made = createDrafter({
    book,
    kind: catalogue.tee,
    child: false,
    ageYears: undefined,
    body: {},
    measured: { bust: 900, hip: 960 },
    zones: [],
    values: {},
    asked: () => undefined,
    ...given,
  });
  return { book, ...made };
};

describe('a measure', () => {
  test('that was taken is entered as measured; one that nobody took is estimated and noted once', () => {
    const { drafter, notes } = bench();
    expect(drafter.body('bust')).toMatchObject({ value: 900, mark: 'measured' });
    expect(drafter.body('armLength').value).toBeCloseTo(0.33 * 1650, 9);
    drafter.body('armLength');
    expect(notes.estimated.map(({ measure }) => measure)).toEqual(['stature', 'armLength']);
    expect([drafter.measured('bust'), drafter.measured('armLength')]).toEqual([true, false]);
  });

  test.each([[['bust']], [['hip']], [['underbust']], [['waist']], [[]]] as [BodyMeasure[]][])(
    'whatever is known (%s), every other has an estimate that a body can have',
    (known) => {
      for (const child of [false, true])
        for (const measure of bodyMeasures) {
          const { drafter } = bench({
            child,
            measured: Object.fromEntries(known.map((one) => [one, child ? 560 : 820])),
          });
          const { value } = drafter.body(measure);
          expect([measure, child, value > 40 && value < 2300]).toEqual([measure, child, true]);
        }
    },
  );

  test('a child’s height goes by its age, or by its chest where that is not told', () => {
    const height = (ageYears: number | undefined) =>
      bench({ child: true, ageYears, measured: { bust: 600 } }).drafter.body('stature').value;
    expect(height(undefined)).toBeCloseTo(1.85 * 600, 9);
    expect(height(3)).toBe(956);
    expect(height(6.5)).toBeGreaterThan(height(6));
  });
});

describe('a girth', () => {
  const zone = (id: string, rest: string, body: string) =>
    ({ zone: id, rest, body }) as unknown as DrafterInputs['zones'][number];

  test('that is planned is the plan’s; another is in proportion to the first', () => {
    const { drafter, book } = bench({ zones: [zone('bust', 'rest', 'round')] });
    book.given('rest', 'garment', 810, 'mm', 'D');
    book.given('round', 'body', 900, 'mm', 'measured');
    expect(drafter.girth('bust', 'bust').value).toBe(810);
    expect(drafter.girth('hip', 'hip').value).toBeCloseTo(960 * 0.9, 9);
    expect([drafter.planned('bust'), drafter.planned('hip')]).toEqual([true, false]);
  });
});

describe('a choice', () => {
  const spec = { label: 'neck, depth in front', usual: 95, least: 20, most: 160 };

  test.each([
    [undefined, 95, false],
    [120, 120, true],
    [900, 160, true],
    [-3, 20, true],
  ] as const)('of %s is %s', (said, value, chosen) => {
    const { drafter, notes } = bench({ values: said === undefined ? {} : { neck: said } });
    expect(drafter.choose('neck', spec)).toBe(value);
    expect(notes.choices[0]).toMatchObject({ id: 'neck', chosen, leastMm: 20, mostMm: 160, usualMm: 95 });
    expect(drafter.isChosen('neck')).toBe(chosen);
  });

  test('of a child is the child’s usual one', () => {
    expect(bench({ child: true }).drafter.usual({ adult: 95, child: 60 })).toBe(60);
    expect(bench().drafter.usual(12)).toBe(12);
  });
});

test('what is solved is entered with its equation and both sides; where nothing solves it, nothing is', () => {
  const { drafter, notes, book } = bench();
  const wanted = drafter.work('wanted', {
    label: 'both armholes',
    unit: 'mm',
    formula: 'a + b',
    terms: { a: leaf('one', 190, 'mm', 'D'), b: leaf('other', 196, 'mm', 'D') },
  });
  const solving = {
    label: 'height',
    equation: 'the cap is as long as both armholes',
    low: 0,
    high: 400,
    drawn: (x: number) => 300 + x,
    drawnLabel: 'cap',
    wanted,
  };
  expect(drafter.solve('cap', solving)).toBeCloseTo(86, 6);
  const [solved] = notes.solved;
  expect(book.numbers[solved?.value ?? '']?.note).toBe('Solved so that the cap is as long as both armholes.');
  expect(book.numbers[solved?.left ?? '']?.value).toBeCloseTo(386, 6);
  expect(solved?.right).toBe(wanted.id);
  expect(drafter.solve('none', { ...solving, high: 10 })).toBeUndefined();
  expect(notes.solved).toHaveLength(1);
});

test('what cannot be, and what somebody should know, are told as they came', () => {
  const { drafter, notes, book } = bench();
  drafter.cannot(say`Measure ${drafter.body('bust')} again.`);
  drafter.note(say`Deeper than usual.`);
  expect(notes.faults.map((one) => phraseText(one, book.numbers, 'cm'))).toEqual(['Measure 90.0 cm again.']);
  expect(notes.notes).toHaveLength(1);
});
