import fc from 'fast-check';
import type { RecordKind } from '@/core/facts/records';
import type { Change } from '@/core/facts/change';
import { openDatabase, type Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { householdOps } from '@/demo/ops';
import { testDatabase } from '../../tests/testDatabase';
import { shoppingView, takenByOthers, usesOfElastic } from './rolls';
import { write } from './recordRoutes';
import { garmentLines, today } from './views';

const house = testDatabase();
const { db } = house;
/** Another program on the same household. */
const other = openDatabase(house.path);
afterAll(() => {
  other.$client.close();
  house.clear();
});
const { shelf, garments } = householdOps(today());
/** Few, so that after every write all of it can be worked out anew. */
const some = garments.filter(({ id }) => ['first-bra', 'lakeside', 'ring-toss', 'trinket'].includes(id));

beforeAll(() => {
  const done = write(db, { label: 'Demo', ops: [...shelf, ...some] });
  if (!done.ok) throw new Error(JSON.stringify(done));
});

const read = (from: Database) =>
  JSON.stringify([
    garmentLines(from),
    shoppingView(from),
    takenByOthers(from, 'ring-toss'),
    usesOfElastic(from, 'tide-strap'),
  ]);

/** The same read by a server that has kept nothing. */
function fresh(): string {
  const anew = openDatabase(house.path);
  const text = read(anew);
  anew.$client.close();
  return text;
}

function set(through: Database, kind: RecordKind, id: string, ...changes: Change[]): void {
  const baseRevision = findRecord(through, kind, id)?.revision ?? 0;
  write(through, { label: 'Change', ops: [{ op: 'set', kind, id, baseRevision, changes }] });
}
const turn = (through: Database, kind: RecordKind, id: string): void => {
  const record = findRecord(through, kind, id);
  if (!record) return;
  const op = record.removed ? 'restore' : 'remove';
  write(through, { label: op, ops: [{ op, kind, id, baseRevision: record.revision }] });
};

const writes: readonly ((through: Database, n: number) => unknown)[] = [
  (on, n) => set(on, 'elastic', 'tide-strap', { path: 'onHandMm', value: 500 + 700 * n }),
  (on, n) => set(on, 'elastic', 'tide-strap', { path: 'name', value: `Strap ${n}` }),
  (on, n) => set(on, 'cloth', 'loon-swim', { path: 'statedAcross', value: 0.4 + n / 10 }),
  (on, n) => set(on, 'wearer', 'odile', { path: 'name', value: `Odile ${n}` }),
  (on, n) => set(on, 'garment', 'ring-toss', { path: 'sewn.join', value: { on: today(), minutes: 5 + n } }),
  (on, n) => set(on, 'garment', 'first-bra', { path: 'name', value: `Bra ${n}` }),
  (on, n) => set(on, 'machine', 'two-in-one', { path: 'name', value: `Machine ${n}` }),
  (on) => turn(on, 'garment', 'trinket'),
  (on) => turn(on, 'garment', 'lakeside'),
];

test('what is kept is what is worked out anew, after writes by this program and by another', () => {
  read(db);
  let differed = 0;
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(writes.length - 1), fc.nat(6), fc.boolean()), { minLength: 1, maxLength: 8 }),
      (steps) => {
        for (const [which, n, elsewhere] of steps) {
          const before = read(db);
          writes[which]?.(elsewhere ? other : db, n);
          const after = read(db);
          if (before !== after) differed += 1;
          expect(after).toBe(fresh());
        }
      },
    ),
    { numRuns: 15, seed: 41 },
  );
  expect(differed).toBeGreaterThan(20);
});

test('nothing is worked out again while nothing it was worked out of has changed', () => {
  const of = (id: string) => garmentLines(db).lines.find((line) => line.id === id);
  const before = ['ring-toss', 'first-bra'].map(of);
  set(db, 'garment', 'first-bra', { path: 'name', value: 'Another name' });
  expect(of('ring-toss')).toBe(before[0]);
  expect(of('first-bra')).not.toBe(before[1]);
  expect(of('first-bra')?.name).toBe('Another name');
});

test('minutes that another garment of the kind took change what is left to sew', () => {
  const left = () => garmentLines(db).lines.find(({ id }) => id === 'ring-toss')?.minutesLeft ?? 0;
  const before = left();
  const tee = garments.find(({ id }) => id === 'overture');
  if (!tee || tee.op !== 'create') throw new Error('expected another tee in the demo');
  const steps = ['armhole', 'side', 'neckline-sew', 'neckline-press', 'sleeve-hem', 'hem', 'last-look'];
  const sewn = Object.fromEntries(steps.map((id) => [id, { doneOn: today(), minutes: 240 }]));
  const slow = (id: string) => ({ ...tee, id, facts: { ...tee.facts, sewn } as never });
  write(db, { label: 'Slow', ops: ['slow-1', 'slow-2', 'slow-3'].map(slow) });
  expect(left()).toBeGreaterThan(before);
});

test('on another day all of it is worked out again: ages count', () => {
  const of = () => garmentLines(db).lines.find(({ id }) => id === 'ring-toss');
  const before = of();
  jest.useFakeTimers({ now: Date.now() + 86_400_000 });
  const after = of();
  jest.useRealTimers();
  expect(after).not.toBe(before);
});
