import { decodeTable, readSizeTable } from './sizeTable';

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
