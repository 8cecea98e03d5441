import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { recordKinds } from '../../facts/records';
import { demoHousehold } from '../../../../tests/demoFacts';
import { householdSchema } from './householdSchema';
import { inOrderOfNaming } from './compareRecords';
import { keptCopies } from './keptCopies';
import { newManifest } from './manifest';

const MS_PER_DAY = 86_400_000;
const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(day) + days * MS_PER_DAY).toISOString().slice(0, 10);

describe('dated copies', () => {
  test('a year of days, each with its copy, as it was kept day by day', () => {
    let kept: readonly string[] = [];
    for (let day = 0; day < 400; day += 1) kept = keptCopies([...kept, dayAfter('2025-10-27', day)]);
    // Counted off a calendar: 2026-11-30 is a Monday.
    expect(kept).toEqual([
      '2026-11-30',
      '2026-11-29',
      '2026-11-28',
      '2026-11-27',
      '2026-11-26',
      '2026-11-25',
      '2026-11-24',
      '2026-11-22',
      '2026-11-15',
      '2026-10-31',
      '2026-09-30',
      '2026-08-31',
      '2026-07-31',
      '2026-06-30',
      '2026-05-31',
      '2026-04-30',
      '2026-03-31',
      '2026-02-28',
      '2026-01-31',
      '2025-12-31',
    ]);
  });
  test('a machine that runs now and then keeps as much: days, weeks and months that have a copy', () => {
    const days = ['2020-01-05', '2021-06-01', '2024-02-29', '2026-03-01'];
    expect(keptCopies(days)).toEqual(days.toReversed());
  });
  test('the same day twice is one copy', () =>
    expect(keptCopies(['2026-03-01', '2026-03-01'])).toHaveLength(1));
});

test('records come after those they name, also where a circle cannot', () => {
  const named: Readonly<Record<string, readonly string[]>> = {
    a: ['b', 'x'],
    b: ['c'],
    c: [],
    d: ['e'],
    e: ['d'],
  };
  const records = Object.keys(named).map((id) => ({ kind: 'cloth' as const, id }));
  const order = inOrderOfNaming(records, ({ id }) =>
    (named[id] ?? []).map((one) => ({ kind: 'cloth' as const, id: one })),
  ).map(({ id }) => id);
  expect(order).toEqual(['c', 'b', 'a', 'e', 'd']);
});

describe('the published JSON Schemas', () => {
  const published = JSON.parse(readFileSync('docs/formats/household.json', 'utf8')) as object;
  test('are what the specs say; write them anew with npm run schema', () =>
    expect(published).toEqual(householdSchema()));
  test('accept every record of the demo, and a manifest (reference library: ajv)', () => {
    const ajv = new Ajv({ strict: true, validateFormats: false });
    ajv.addSchema(published, 'household');
    const made = demoHousehold();
    const accepts = (name: string, value: unknown) => ajv.getSchema(`household#/$defs/${name}`)?.(value);
    for (const kind of recordKinds) {
      const records = Object.entries(made[`${kind}s` as keyof typeof made] ?? {});
      for (const [id, facts] of records) expect([kind, id, accepts(kind, facts)]).toEqual([kind, id, true]);
      expect([kind, accepts(kind, { name: '' })]).toEqual([kind, false]);
    }
    const manifest = newManifest('2026-06-01T10:00:00Z', { records: [], photos: [] });
    expect(accepts('manifest', manifest)).toBe(true);
    expect(accepts('manifest', { ...manifest, version: '2' })).toBe(false);
  });
});
