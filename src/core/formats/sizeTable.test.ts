import fc from 'fast-check';
import { formatInches } from '../units/formatLength';
import { readSizeTable } from './sizeTable';
import { decodeTable } from './tables/rows';

const read = (text: string, unit: 'cm' | 'in' = 'cm') => readSizeTable(text, unit);
const sizes = (text: string, unit: 'cm' | 'in' = 'cm') => {
  const found = read(text, unit);
  if (!found.ok) throw new Error(found.faults.map(({ row, sentence }) => `${row}: ${sentence}`).join('\n'));
  return Object.values(found.sizes).map(({ label, values }) => [label, values]);
};
const faults = (text: string) => {
  const found = read(text);
  return found.ok ? [] : found.faults.map(({ row, sentence }) => `${row}: ${sentence}`);
};

describe('a size table is read', () => {
  test.each([
    ['commas', 'Size,Bust,Hip\nS,84,90\nM,88,94'],
    ['semicolons and decimal commas', 'Size;Bust;Hip\nS;84,0;90,0\nM;88,0;94,0'],
    ['tabs', 'Size\tBust\tHip\nS\t84\t90\nM\t88\t94'],
    ['units in the heading', 'Size,Bust (mm),Hip (mm)\nS,840,900\nM,880,940'],
    ['units in the cells, other words, spare lines', 'size,Chest,Full hip\n\nS,84 cm,900mm\nM,88,94 cm\n\n'],
    ['quotes, and line ends of another system', '"Size","Bust","Hip"\r\n"S","84","90"\r\n"M","88","94"\r\n'],
  ])('with %s', (_name, text) => {
    expect(sizes(text)).toEqual([
      ['S', { bust: 840, hip: 900 }],
      ['M', { bust: 880, hip: 940 }],
    ]);
  });
  test('in inches, with fractions', () => {
    expect(sizes('Size,Waist,Hip (in)\n8,27 1/2,37.5', 'in')).toEqual([['8', { waist: 698.5, hip: 952.5 }]]);
  });
  test('an empty cell is left out', () => {
    expect(sizes('Size,Bust,Hip\nS,84,')).toEqual([['S', { bust: 840 }]]);
  });
});

describe('what is wrong is reported row by row, and nothing is taken', () => {
  test.each([
    ['no table', 'hello', /^1: This is not a size table/],
    ['a heading alone', 'Size,Bust', /^1: This is not a size table/],
    ['an unknown column', 'Size,Bust,Colour\nS,84,90', /^1: “Colour” in column 3 is not a measurement/],
    ['a column twice', 'Size,Bust,Chest\nS,84,90', /^1: Bust or chest stands in two columns/],
    ['words for a number', 'Size,Bust\nS,84\nM,large', /^3: Bust or chest, “large”/],
    [
      'the wrong unit',
      'Size,Bust (in)\nS,84\nM,88',
      /^2: Bust or chest, “84”: that is out of range in inches: write the unit/,
    ],
    ['too few cells', 'Size,Bust,Hip\nS,84', /^2: This row has 2 cells and the heading 3/],
    ['a decimal comma between commas', 'Size,Bust,Hip\nS,84,5,90', /^2: This row has 4 cells/],
    ['a size without a name', 'Size,Bust\n,84', /^2: Give the size a name/],
    ['a size twice', 'Size,Bust\nS,84\nS,88', /^3: Size S stands in two rows/],
    ['a quote left open', 'Size,Bust\n"S,84\nM,88', /cannot be read|cells/],
  ])('%s', (_name, text, wanted) => {
    expect(faults(text).join('\n')).toMatch(wanted);
  });
  test('several faults come together, in order', () => {
    const found = faults('Size,Bust\nS,x\nM,y\nL,92');
    expect(found).toHaveLength(2);
    expect(found.map((line) => line.charAt(0))).toEqual(['2', '3']);
  });
  test('more sizes than a table has', () => {
    const rows = Array.from({ length: 61 }, (_, at) => `s${at},84`).join('\n');
    expect(faults(`Size,Bust\n${rows}`).join()).toMatch(/at most 60 sizes/);
  });
});

describe('letters', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  test('UTF-8, with a mark or without', () => {
    expect(sizes(decodeTable(bytes('\uFEFFSize,Bust\nÄ,84')) ?? '')).toEqual([['Ä', { bust: 840 }]]);
  });
  test('UTF-16 with its mark', () => {
    const units = Uint8Array.from([
      0xff,
      0xfe,
      ...[...'Size,Bust\nS,84'].flatMap((c) => [c.charCodeAt(0), 0]),
    ]);
    expect(sizes(decodeTable(units) ?? '')).toEqual([['S', { bust: 840 }]]);
  });
  test('anything else is refused, not guessed', () => {
    expect(decodeTable(Uint8Array.from([0x53, 0xe4, 0x20, 0xff]))).toBeUndefined();
  });
});

describe('written in any usual way, it reads the same', () => {
  const COLUMNS = ['Bust', 'Waist', 'Hip', 'Thigh'] as const;
  /** Girths in eighths of an inch, so that both tapes write them exactly. */
  const girths = fc.tuple(
    fc.integer({ min: 220, max: 400 }),
    fc.integer({ min: 180, max: 380 }),
    fc.integer({ min: 230, max: 420 }),
    fc.integer({ min: 140, max: 260 }),
  );
  const tables = fc.array(girths, { minLength: 1, maxLength: 12 });
  const mmOf = (eighths: number) => (eighths * 25.4) / 8;
  const wanted = (rows: readonly (readonly number[])[]) =>
    rows.map((row, at) => [
      String(at + 1),
      {
        bust: expect.closeTo(mmOf(row[0] ?? 0), 6),
        waist: expect.closeTo(mmOf(row[1] ?? 0), 6),
        hip: expect.closeTo(mmOf(row[2] ?? 0), 6),
        thigh: expect.closeTo(mmOf(row[3] ?? 0), 6),
      },
    ]);
  const write = (
    rows: readonly (readonly number[])[],
    between: string,
    heading: (name: string) => string,
    cell: (mm: number) => string,
  ) =>
    [
      ['Size', ...COLUMNS.map(heading)],
      ...rows.map((row, at) => [String(at + 1), ...row.map((eighths) => cell(mmOf(eighths)))]),
    ]
      .map((cells) => cells.join(between))
      .join('\n');
  const cases: readonly (readonly [
    string,
    'cm' | 'in',
    string,
    (name: string) => string,
    (mm: number) => string,
  ])[] = [
    ['mm in the heading, commas', 'in', ',', (name) => `${name} (mm)`, (mm) => mm.toFixed(4)],
    [
      'cm with decimal commas, semicolons',
      'cm',
      ';',
      (name) => name,
      (mm) => (mm / 10).toFixed(5).replace('.', ','),
    ],
    ['inches as fractions, tabs', 'in', '\t', (name) => name, (mm) => formatInches(mm, 8)],
    [
      'inches in each cell for a reader of cm',
      'cm',
      ',',
      (name) => name,
      (mm) => `${formatInches(mm, 8)} in`,
    ],
    ['other words, inches in the heading', 'cm', ';', (name) => `${name} [in]`, (mm) => String(mm / 25.4)],
  ];
  test.each(cases)('%s', (_name, unit, between, heading, cell) => {
    fc.assert(
      fc.property(tables, (rows) => {
        expect(sizes(write(rows, between, heading, cell), unit)).toEqual(wanted(rows));
      }),
      { seed: 41, numRuns: 40 },
    );
  });
  test('one bad cell anywhere, and nothing at all is taken, but its row is named', () => {
    fc.assert(
      fc.property(tables, fc.nat(), fc.nat(), (rows, row, column) => {
        const [atRow, atColumn] = [row % rows.length, column % COLUMNS.length];
        const lines = write(
          rows,
          ',',
          (name) => name,
          (mm) => (mm / 10).toFixed(2),
        ).split('\n');
        const cells = (lines[atRow + 1] ?? '').split(',');
        cells[atColumn + 1] = 'wide';
        lines[atRow + 1] = cells.join(',');
        const found = faults(lines.join('\n'));
        expect(found).toHaveLength(1);
        expect(found[0]).toMatch(new RegExp(`^${atRow + 2}: ${COLUMNS[atColumn]}`));
      }),
      { seed: 42, numRuns: 60 },
    );
  });
});
