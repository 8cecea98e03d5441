import Papa from 'papaparse';
import { newCloth, type Cloth } from '../../facts/cloth';
import { newElastic } from '../../facts/elastic';
import { newWearer, type Wearer } from '../../facts/wearer';
import { MM_PER_INCH, type UnitSystem } from '../../units/constants';
import { demoHousehold } from '../../../../tests/demoFacts';
import { readTable } from './readTable';
import { shelfTableIds, shelfTables, type ShelfTableId } from './shelfTables';
import { withoutGuard, writeTable } from './writeTable';

type Here = Parameters<typeof readTable>[2];

const read = (of: ShelfTableId, text: string, here: Here = [], unit: UnitSystem = 'cm') => {
  let made = 0;
  return readTable(shelfTables[of], text, here, { unit, newId: () => `new-${(made += 1)}` });
};
const written = (of: ShelfTableId, here: Here, unit: UnitSystem = 'cm') =>
  writeTable(shelfTables[of], shelfTables[of].rows(here), unit);
const sentences = (result: ReturnType<typeof read>) =>
  result.ok ? [] : result.faults.map(({ row, sentence }) => `${row} ${sentence}`);

const demo = demoHousehold();
const of: Readonly<Record<ShelfTableId, Here>> = {
  cloths: Object.entries(demo.cloths).map(([id, facts]) => ({ id, facts })),
  elastics: Object.entries(demo.elastics).map(([id, facts]) => ({ id, facts })),
  measurements: Object.entries(demo.wearers).map(([id, facts]) => ({ id, facts })),
};

describe.each(shelfTableIds)('%s', (id) => {
  test.each<UnitSystem>(['cm', 'in'])('written in %s and read again, nothing changes', (unit) => {
    const rows = shelfTables[id].rows(of[id]);
    expect(rows.length).toBeGreaterThan(3);
    // Read by somebody who has the other unit: the headings say theirs.
    for (const reader of ['cm', 'in'] as const)
      expect(read(id, written(id, of[id], unit), of[id], reader)).toEqual({
        ok: true,
        changes: [],
        same: rows.length,
      });
  });

  test('every row can be told without its ids, or it is said that it cannot', () => {
    const { data } = Papa.parse<string[]>(written(id, of[id]).trim());
    const [heading = []] = data;
    const keep = heading.map((words) => !/\bid$/i.test(words));
    const without = Papa.unparse(data.map((row) => row.filter((_, nth) => keep[nth])));
    expect(read(id, without, of[id])).toMatchObject({ ok: true, changes: [] });
  });

  test('into an empty household, it is all new, or whose it is is asked for', () => {
    const result = read(id, written(id, of[id]));
    if (id === 'measurements') expect(sentences(result)[0]).toMatch(/Nobody here is called/);
    else
      expect(result.ok && result.changes.map((change) => [change.does, change.name])).toEqual(
        shelfTables[id].rows(of[id]).map(({ name }) => ['new', name]),
      );
  });
});

const loon: Cloth = { ...newCloth('Loon'), widthMm: 1500, fibre: 'cotton', ravels: 'sheds', stable: false };
const shelf: Here = [{ id: 'loon', facts: loon }];

test('lengths, shares, thin things and choices are written as they are spoken of', () => {
  const [row] = Papa.parse<Record<string, string>>(
    written('cloths', [{ id: 'loon', facts: { ...loon, statedAcross: 0.45, thicknessMm: 0.6 } }], 'in'),
    { header: true },
  ).data;
  expect(row).toMatchObject({
    Name: 'Loon',
    'Width (in)': '59.0551',
    'Stretch across, as stated (%)': '45',
    'Thickness of one layer (mm)': '0.6',
    'When a corner is snipped and tugged': 'sheds',
    'Does not stretch: interfacing, tape, net': 'it stretches',
    Id: 'loon',
  });
});

test.each<readonly [string, string, object]>([
  ['a width in the unit of its heading', 'Name,Width (in)\nLoon,60', { widthMm: 1524 }],
  ['a fraction, as anywhere', 'Name,Width (cm)\nLoon,58 1/2"', { widthMm: 58.5 * MM_PER_INCH }],
  ['semicolons and a decimal comma', 'Name;Width (cm)\nLoon;148,5', { widthMm: 1485 }],
  ['a percentage', 'name,"Stretch along, as stated (%)"\nloon,35 %', { statedAlong: 0.35 }],
  ['a choice in capitals', 'Name,When a corner is snipped and tugged\nLoon,RUNS', { ravels: 'runs' }],
  ['an answer', 'Name,"Does not stretch: interfacing, tape, net"\nLoon,stable', { stable: true }],
])('%s changes the cloth that is called so', (_name, text, changed) => {
  const result = read('cloths', text, shelf);
  const [change] = result.ok ? result.changes : [];
  if (change?.does !== 'set') throw new Error(JSON.stringify(result));
  expect(change.id).toBe('loon');
  expect(Object.fromEntries(change.changes.map(({ path, value }) => [path, value]))).toEqual(
    Object.fromEntries(Object.entries(changed).map(([key, value]) => [key, value as unknown])),
  );
});

test('an empty cell leaves what is here', () =>
  expect(read('cloths', 'Name,Fibre\nLoon,', shelf)).toEqual({ ok: true, changes: [], same: 1 }));

test('by its id a cloth is given another name', () => {
  const result = read('cloths', 'Name,Id\nLoon deluxe,loon', shelf);
  expect(result.ok && result.changes).toEqual([
    {
      does: 'set',
      id: 'loon',
      name: 'Loon deluxe',
      changes: [{ path: 'name', value: 'Loon deluxe' }],
      labels: ['Name'],
    },
  ]);
});

test('a new set of measurements goes to whom it is of; one of the same day is that one', () => {
  const wren: Wearer = {
    ...newWearer('Wren', 'child'),
    measurements: { spring: { measuredOn: '2026-03-01', how: 'measured', values: { waist: 560 } } },
  };
  const text = 'Wearer,Measured on,Waist (cm),Hip (cm)\nWren,2026-03-01,57,\nWren,2026-09-01,58,70.5';
  const result = read('measurements', text, [{ id: 'wren', facts: wren }]);
  expect(result.ok && result.changes).toEqual([
    {
      does: 'set',
      id: 'wren',
      name: 'Wren',
      labels: ['Waist', 'a new set of measurements'],
      changes: [
        { path: 'measurements.spring.values.waist', value: 570 },
        {
          path: 'measurements.new-1',
          value: { how: 'measured', values: { waist: 580, hip: 705 }, measuredOn: '2026-09-01' },
        },
      ],
    },
  ]);
});

test.each<readonly [string, ShelfTableId, string, RegExp]>([
  ['no rows', 'cloths', 'Name', /^1 There are no rows/],
  [
    'an unknown column',
    'cloths',
    'Name,Colour\nLoon,blue',
    /^1 “Colour” in column 2 is not something cloths/,
  ],
  ['a column twice', 'cloths', 'Name,Fibre,fibre\nLoon,a,b', /^1 “fibre” stands in two columns/],
  ['a row that is too short', 'cloths', 'Name,Fibre\nLoon', /^2 This row has 1 cells/],
  ['not a length', 'cloths', 'Name,Width (cm)\nLoon,wide', /^2 Width, “wide”/],
  ['out of range', 'cloths', 'Name,Width (cm)\nLoon,9999', /^2 Width, “9999”/],
  ['an unknown choice', 'cloths', 'Name,How it pulls\nLoon,gently', /Choose one of these/],
  ['no name', 'cloths', 'Name,Fibre\n,cotton', /^2 Write something for name/],
  ['an elastic without a width', 'elastics', 'Name,Kind\nWide one,braided', /^2 Width is missing/],
  ['a set without a day', 'measurements', 'Wearer,Waist (cm)\nWren,57', /Measured on is missing|no day/i],
  ['one row twice', 'cloths', 'Name,Fibre\nLoon,a\nLoon,b', /^3 This row is of the same cloth/],
])('%s is refused with its row, and nothing is taken', (_name, table, text, words) => {
  const here: Here = table === 'measurements' ? [{ id: 'wren', facts: newWearer('Wren', 'child') }] : shelf;
  expect(sentences(read(table, text, here))[0]).toMatch(words);
});

test('two of one name cannot be told apart by it', () => {
  const two: Here = [...shelf, { id: 'loon-2', facts: newCloth('Loon') }];
  expect(sentences(read('cloths', 'Name,Fibre\nLoon,silk', two))[0]).toMatch(
    /2 cloths that this row can mean/,
  );
});

describe('cells that a spreadsheet would take for a formula', () => {
  const names = [
    '=1+1',
    '+cmd',
    '-2',
    '@SUM(A1)',
    "'=x",
    "it's",
    "'tis",
    '\tx',
    '"quoted", with, commas\nand lines',
  ];
  test('are kept from that, and come back as they were', () => {
    const here: Here = names.map((name, nth) => ({
      id: `e${nth}`,
      facts: { ...newElastic('Roll'), notes: name },
    }));
    const text = written('elastics', here);
    const cells = Papa.parse<string[]>(text.trim()).data.slice(1).flat();
    expect(cells.filter((cell) => /^[=+\-@\t\r]/.test(cell))).toEqual([]);
    expect(read('elastics', text, here)).toEqual({ ok: true, changes: [], same: names.length });
    expect(names.map((name) => withoutGuard(/^['=+\-@\t\r]/.test(name) ? `'${name}` : name))).toEqual(names);
  });
});
