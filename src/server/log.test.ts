import { newCloth } from '@/core/facts/cloth';
import { newGarment } from '@/core/facts/garment';
import { newMachine, newMachineSet } from '@/core/facts/machine';
import { newPattern } from '@/core/facts/pattern';
import { newWearer } from '@/core/facts/wearer';
import type { Op } from '@/data/commands';
import { findRecord } from '@/data/records';
import { testDatabase } from '../../tests/testDatabase';
import { ENTRIES_A_PAGE, logFigures, logFile, logPage, nextTimeFor, nextTimeOf, notedAtSteps } from './log';
import { write } from './recordRoutes';

const { db, clear } = testDatabase();
afterAll(clear);

const round = (triedOn: string, outcomes: Record<string, 'right' | 'too tight'>, next?: string) => ({
  triedOn,
  outcomes,
  ...(next ? { next } : {}),
});

/** A layout whose one piece is cut, or is not. */
const laid = (cutOn?: string) => ({
  keptOn: '2026-05-01',
  widthMm: 1500,
  cutWith: 'rotary',
  lengthMm: 900,
  shareMm: 700,
  basis: 'x',
  places: { a: { piece: 'front', copy: 1, xMm: 0, yMm: 0, turn: 0, ...(cutOn ? { cutOn } : {}) } },
});

const create = (kind: Op['kind'], id: string, facts: object): Op => ({ op: 'create', kind, id, facts }) as Op;

beforeAll(() => {
  const step = (minutes: number) => ({ doneOn: '2026-05-01', minutes });
  const result = write(db, {
    label: 'x',
    ops: [
      create('wearer', 'wren', newWearer('Wren', 'child')),
      create('cloth', 'heron', { ...newCloth('Heron jersey'), notes: '=SUM(1,2)' }),
      create('pattern', 'p', { ...newPattern('Sleeve & co', 'tee'), next: '*Longer* sleeves' }),
      create('machine', 'serger', { ...newMachine('Old green', 'serger'), notes: '@home it sticks' }),
      create('machineSet', 'set', { ...newMachineSet('At home'), machines: { serger: true } }),
      create('garment', 'first', {
        ...newGarment('First', 'tee'),
        wearerId: 'wren',
        outerClothId: 'heron',
        machineSetId: 'set',
        fittings: {
          a: round('2026-05-01', { hip: 'too tight' }, 'Wider at the hip'),
          b: round('2026-05-02', { hip: 'right' }),
        },
        sewn: { side: step(10), 'm1-side': step(5), 'neckline-sew': step(50) },
        layouts: { outer: laid('2026-05-01') },
        wrong: { w: { on: '2026-05-01', step: 'side', symptom: 'popping' } },
      }),
      create('garment', 'second', {
        ...newGarment('Second', 'tee'),
        fittings: { a: round('2026-05-03', { bust: 'too tight' }, 'Second’s next') },
        stepNotes: { side: { text: 'Clips left of the knife' } },
      }),
      create('garment', 'third', { ...newGarment('Third', 'tee'), wearerId: 'wren', patternId: 'p' }),
      create('garment', 'other', {
        ...newGarment('Other', 'bra'),
        outerClothId: 'heron',
        layouts: { outer: laid() },
      }),
    ],
  });
  if (!result.ok) throw new Error(JSON.stringify(result));
});

const page = (asked: Record<string, string>) => logPage(db, new URLSearchParams(asked));
const names = (asked: Record<string, string>) => page(asked).entries.map(({ name }) => name);

test('of a machine also what was noted of garments sewn on a set it is in', () => {
  expect(new Set(names({ machine: 'serger' }))).toEqual(new Set(['Old green', 'First']));
  expect(names({ machine: 'other' })).toEqual([]);
});

test('an entry leads to the place that it is about', () => {
  const href = (q: string) => page({ q }).entries[0]?.href;
  expect(href('wider')).toBe('/garments/first?stage=wear');
  expect(href('pop')).toBe('/garments/first?stage=sew');
  expect(href('longer')).toBe('/patterns/p');
  expect(href('sticks')).toBe('/machines/serger');
});

test.each([
  [{ q: '?!' }, /no letter/],
  [{ q: 'x'.repeat(10_000) }, /at most 200/],
  [{ from: '1.5.2026' }, /year, month and day/],
  [{ from: '2026-05-02', to: '2026-05-01' }, /after the last/],
])('%j is answered with a sentence', (asked, sentence) => {
  expect(page(asked as Record<string, string>)).toMatchObject({
    entries: [],
    more: false,
    sentence: expect.stringMatching(sentence),
  });
});

test('what is not known is not asked for, and an offset that is none is none', () => {
  const all = page({}).entries.length;
  expect(page({ what: 'nonsense', kind: 'hat', offset: '-4' }).entries).toHaveLength(all);
  expect(page({ offset: '1' }).entries).toHaveLength(all - 1);
  expect(all).toBeLessThan(ENTRIES_A_PAGE);
});

describe('as a file', () => {
  const text = async (asked: Record<string, string>, format: 'csv' | 'md') =>
    logFile(db, new URLSearchParams(asked), format).text();

  test('cells that a spreadsheet would take for a formula are kept from that', async () => {
    const csv = await text({}, 'csv');
    expect(csv).toContain('"\'=SUM(1,2)"');
    expect(csv).toContain("'@home it sticks");
    expect(csv.split('\r\n')[0]).toBe('day,what,name,of,label,text');
    expect(csv.split('\r\n')).toHaveLength(page({}).entries.length + 2);
  });

  test('what stands for something in Markdown is taken as it is written; nothing is marked', async () => {
    expect(await text({ q: 'longer' }, 'md')).toMatch(
      /^# Log\n\n- .*, Sleeve & co, next time \(next time\): \\\*Longer\\\* sleeves\n$/,
    );
  });

  test('a search that is none is refused', () => {
    expect(logFile(db, new URLSearchParams({ q: '...' }), 'csv').status).toBe(400);
  });
});

test('for next time: of its wearer, its pattern and its kind, never its own', () => {
  const next = (id: string) => {
    const found = findRecord(db, 'garment', id);
    if (!found) throw new Error(`expected ${id}, got none`);
    return nextTimeFor(db, found).map(({ text }) => text);
  };
  expect(new Set(next('third'))).toEqual(new Set(['*Longer* sleeves', 'Wider at the hip', 'Second’s next']));
  expect(next('first')).toEqual(['Second’s next']);
  expect(next('other')).toEqual(['Wider at the hip']);
});

test('of one thing: a machine’s too, through the sets it is in', () => {
  const texts = (kind: 'cloth' | 'machine' | 'pattern', id: string) =>
    nextTimeOf(db, kind, id).map(({ text }) => text);
  expect([texts('cloth', 'heron'), texts('machine', 'serger'), texts('pattern', 'p')]).toEqual([
    ['Wider at the hip'],
    ['Wider at the hip'],
    ['*Longer* sleeves'],
  ]);
});

test('at a step: what was noted there in other garments of its kind, never its own', () => {
  const noted = (id: string) => {
    const found = findRecord(db, 'garment', id);
    if (!found) throw new Error(`expected ${id}, got none`);
    return notedAtSteps(db, found);
  };
  expect(noted('first')).toEqual({
    side: [expect.objectContaining({ garment: 'Second', text: 'Clips left of the knife' })],
  });
  expect([noted('second'), noted('other')]).toEqual([{}, {}]);
});

test('figures: the last try-on counts, steps of a change with the step, troubles by name', () => {
  expect(logFigures(db)).toEqual({
    tried: 2,
    right: 1,
    off: [
      { what: 'bust too tight', count: 1 },
      { what: 'hip too tight', count: 1 },
    ],
    wrong: [{ what: 'The thread pops', count: 1 }],
    minutes: 65,
    steps: [
      { what: 'neckline sew', count: 50 },
      { what: 'side', count: 15 },
    ],
    cloths: [{ what: 'Heron jersey', count: 700 }],
  });
});
