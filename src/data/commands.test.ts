import { copyFileSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { newCloth } from '@/core/facts/cloth';
import { newTee } from '@/core/facts/garment';
import { testDatabase } from '../../tests/testDatabase';
import { runCommand, undoCommand, undoState, type Command } from './commands';
import { openDatabase } from './database';
import { migrateDatabase } from './migrate';
import { countUses, findRecord, garmentsSharing, listRecords } from './records';

const house = testDatabase();
const { db } = house;
afterAll(house.clear);

const context = { now: '2026-06-01T10:00:00.000Z', check: () => [] };
const run = (command: Command) => runCommand(db, command, context);
const undo = (id: number) => undoCommand(db, id, context);
let made = 0;
function makeCloth(name = 'Cloth'): string {
  made += 1;
  const id = `cloth-${made}`;
  const result = run({ label: 'Make', ops: [{ op: 'create', kind: 'cloth', id, facts: newCloth(name) }] });
  if (!result.ok) throw new Error(JSON.stringify(result));
  return id;
}
const revision = (id: string) => findRecord(db, 'cloth', id)?.revision ?? 0;
const facts = (id: string) => findRecord(db, 'cloth', id)?.facts;
function set(id: string, path: string, value: unknown): number {
  const result = run({
    label: path,
    ops: [{ op: 'set', kind: 'cloth', id, baseRevision: revision(id), changes: [{ path, value }] }],
  });
  if (!result.ok) throw new Error(JSON.stringify(result));
  return result.commandId;
}

describe('writing', () => {
  test('a command is all or nothing', () => {
    const id = makeCloth();
    const before = facts(id);
    const result = run({
      label: 'Both',
      ops: [
        { op: 'set', kind: 'cloth', id, baseRevision: 1, changes: [{ path: 'name', value: 'Changed' }] },
        {
          op: 'set',
          kind: 'cloth',
          id: 'nobody',
          baseRevision: 1,
          changes: [{ path: 'name', value: 'Changed' }],
        },
      ],
    });
    expect(result).toMatchObject({ ok: false, code: 'missing' });
    expect(facts(id)).toEqual(before);
  });
  test('a stale base is refused with the paths that changed', () => {
    const id = makeCloth();
    set(id, 'name', 'Theirs');
    set(id, 'fibre', 'linen');
    const result = run({
      label: 'x',
      ops: [{ op: 'set', kind: 'cloth', id, baseRevision: 1, changes: [{ path: 'name', value: 'Mine' }] }],
    });
    expect(result).toMatchObject({
      ok: false,
      code: 'stale',
      changed: ['name', 'fibre'],
      record: { facts: { name: 'Theirs' } },
    });
  });
  test('foreign keys hold: a garment cannot name a cloth that never was', () => {
    const garment = { ...newTee('Tee'), outerClothId: 'nobody' };
    expect(() =>
      run({ label: 'x', ops: [{ op: 'create', kind: 'garment', id: 'bad', facts: garment }] }),
    ).toThrow(/FOREIGN KEY/);
    expect(findRecord(db, 'garment', 'bad')).toBeUndefined();
  });
});

describe('undo', () => {
  test('is a new forward write, and undoing it puts the change back', () => {
    const id = makeCloth('Before');
    const command = set(id, 'name', 'After');
    const undone = undo(command);
    expect([facts(id)?.name, revision(id), undone.ok]).toEqual(['Before', 3, true]);
    const again = undo(undone.ok ? undone.commandId : 0);
    expect([facts(id)?.name, revision(id), again.ok]).toEqual(['After', 4, true]);
    expect(undo(command).ok).toBe(true);
    expect(facts(id)?.name).toBe('Before');
  });
  test('is refused with the path when a touched field has changed since, and goes through when another has', () => {
    const id = makeCloth('Before');
    const command = set(id, 'name', 'After');
    set(id, 'fibre', 'linen');
    set(id, 'name', 'Later');
    expect(undo(command)).toMatchObject({ ok: false, code: 'changed-since', paths: ['name'] });
    expect(facts(id)?.name).toBe('Later');
    set(id, 'name', 'After');
    expect(undo(command).ok).toBe(true);
    expect(facts(id)).toMatchObject({ name: 'Before', fibre: 'linen' });
  });
  test('the same command is not undone twice', () => {
    const id = makeCloth();
    const command = set(id, 'name', 'After');
    undo(command);
    expect(undo(command)).toEqual({ ok: false, code: 'unknown-command' });
  });
  test('removing is undone by bringing back, making by taking away', () => {
    const id = makeCloth();
    const result = run({ label: 'Remove', ops: [{ op: 'remove', kind: 'cloth', id, baseRevision: 1 }] });
    expect(findRecord(db, 'cloth', id)?.removed).toBe(true);
    expect(undoState(db, 'lists').undo).toMatchObject({ label: 'Remove' });
    undo(result.ok ? result.commandId : 0);
    expect(findRecord(db, 'cloth', id)?.removed).toBe(false);
  });
  test('a page offers its own records’ newest change, then the one before; then what was undone', () => {
    const [a, b] = [makeCloth(), makeCloth()];
    const scope = [{ kind: 'cloth' as const, id: a }];
    expect(undoState(db, scope)).toEqual({});
    const first = set(a, 'name', 'One');
    const second = set(a, 'fibre', 'linen');
    set(b, 'name', 'Other');
    expect(undoState(db, scope).undo?.commandId).toBe(second);
    undo(second);
    expect(undoState(db, scope)).toMatchObject({ undo: { commandId: first }, redo: { label: 'fibre' } });
    set(a, 'fibre', 'wool');
    expect(undoState(db, scope).redo).toBeUndefined();
  });
  test('any run of changes, undone newest first, ends where it began (fast-check)', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom('name', 'fibre', 'tests.a', 'tests.b', 'notes'),
            fc.option(fc.string({ minLength: 1, maxLength: 5 }), { nil: null }),
          ),
          { maxLength: 8 },
        ),
        (writes) => {
          const id = makeCloth('Start');
          const start = facts(id);
          const ids = writes.map(([path, value]) => set(id, path, path === 'name' ? (value ?? 'x') : value));
          for (const command of ids.toReversed()) if (!undo(command).ok) return false;
          return JSON.stringify(facts(id)) === JSON.stringify(start);
        },
      ),
      { seed: 31, numRuns: 40 },
    );
  });
});

describe('lists', () => {
  test('by name, in pages, without what is removed, and with % and _ as themselves', () => {
    makeCloth('Zebra 100% wool');
    makeCloth('Zebra plain');
    expect(listRecords(db, 'cloth', { limit: 1, query: 'zebra' }).length).toBe(1);
    expect(listRecords(db, 'cloth', { limit: 9, query: 'zebra' }).map(({ facts: one }) => one.name)).toEqual([
      'Zebra 100% wool',
      'Zebra plain',
    ]);
    expect(listRecords(db, 'cloth', { limit: 9, query: '%' }).length).toBe(9);
  });
  test('garments by wearer or cloth, and how many use one', () => {
    const cloth = makeCloth();
    run({
      label: 'x',
      ops: [
        { op: 'create', kind: 'garment', id: 'uses-it', facts: { ...newTee('Tee'), bandClothId: cloth } },
      ],
    });
    expect(garmentsSharing(db, { clothIds: [cloth], limit: 5 }).map(({ id }) => id)).toEqual(['uses-it']);
    expect([countUses(db, 'cloth', cloth), countUses(db, 'cloth', 'nobody')]).toEqual([1, 0]);
  });
});

describe('migrating', () => {
  test('what is up to date is left alone; a pending migration sets a whole copy aside first', () => {
    const own = testDatabase();
    try {
      expect(migrateDatabase(own.path, new Date(0))).toBeUndefined();
      runCommand(
        own.db,
        { label: 'x', ops: [{ op: 'create', kind: 'cloth', id: 'kept', facts: newCloth('Kept') }] },
        context,
      );
      const folder = join(own.folder, 'migrations');
      mkdirSync(join(folder, 'meta'), { recursive: true });
      const from = 'src/data/migrations';
      for (const file of readdirSync(from).filter((name) => name.endsWith('.sql')))
        copyFileSync(join(from, file), join(folder, file));
      const journal = JSON.parse(readFileSync(join(from, 'meta/_journal.json'), 'utf8')) as {
        entries: { idx: number; when: number; tag: string }[];
      };
      const last = journal.entries.at(-1);
      journal.entries.push({
        ...last,
        idx: journal.entries.length,
        when: (last?.when ?? 0) + 1,
        tag: '9999_later',
      } as never);
      writeFileSync(join(folder, 'meta/_journal.json'), JSON.stringify(journal));
      writeFileSync(join(folder, '9999_later.sql'), 'ALTER TABLE cloths ADD COLUMN later TEXT;');
      const copy = migrateDatabase(own.path, new Date('2026-06-01T10:00:00Z'), folder);
      expect(copy).toContain('before-2026-06-01T10-00-00-000Z.db');
      const aside = openDatabase(copy as string);
      expect(findRecord(aside, 'cloth', 'kept')?.facts.name).toBe('Kept');
      expect(() => aside.$client.prepare('select later from cloths')).toThrow();
      aside.$client.close();
      expect(own.db.$client.prepare('select later from cloths').all()).toHaveLength(1);
      expect(migrateDatabase(own.path, new Date(0), folder)).toBeUndefined();
    } finally {
      own.clear();
    }
  });
  test('every migration in the folder is in the journal, and the schema needs no further one', () => {
    const journal = JSON.parse(readFileSync('src/data/migrations/meta/_journal.json', 'utf8')) as {
      entries: { tag: string }[];
    };
    const files = readdirSync('src/data/migrations').filter((name) => name.endsWith('.sql'));
    expect(files.sort()).toEqual(journal.entries.map(({ tag }) => `${tag}.sql`).sort());
  });
});

describe('a write that carries its own id', () => {
  test('sent again, because its answer was lost, it is answered and not done twice', () => {
    const id = makeCloth();
    const command: Command = {
      label: 'Name',
      writeId: 'write-one-1',
      ops: [{ op: 'set', kind: 'cloth', id, baseRevision: 1, changes: [{ path: 'name', value: 'Once' }] }],
    };
    const first = run(command);
    const again = run(command);
    expect(first).toMatchObject({ ok: true, records: [{ revision: 2 }] });
    expect(again).toEqual(first);
    expect(revision(id)).toBe(2);
    // Another id with the same stale base is another write, and refused.
    expect(run({ ...command, writeId: 'write-two-2' })).toMatchObject({ ok: false, code: 'stale' });
  });
  test('a creation sent again makes nothing new, and an undo sent again undoes nothing more', () => {
    const create: Command = {
      label: 'Make',
      writeId: 'make-one-1',
      ops: [{ op: 'create', kind: 'cloth', id: 'made-once', facts: newCloth('Made once') }],
    };
    const made = run(create);
    expect(run({ ...create, ops: [{ ...create.ops[0], id: 'made-twice' }] as Command['ops'] })).toEqual(made);
    expect(findRecord(db, 'cloth', 'made-twice')).toBeUndefined();
    const commandId = set('made-once', 'name', 'Changed');
    const undone = undoCommand(db, commandId, context, 'undo-one-1');
    expect(undone).toMatchObject({ ok: true });
    expect(undoCommand(db, commandId, context, 'undo-one-1')).toEqual(undone);
    expect(facts('made-once')).toMatchObject({ name: 'Made once' });
  });
});

describe('undoing what others use', () => {
  const tee = (outerClothId: string) => ({ ...newTee('Tee'), outerClothId });
  test('an addition that is in use is not undone, and says so as plain removal does', () => {
    const made = run({
      label: 'Add',
      ops: [{ op: 'create', kind: 'cloth', id: 'worn', facts: newCloth('Worn') }],
    });
    run({ label: 'Start', ops: [{ op: 'create', kind: 'garment', id: 'tee-1', facts: tee('worn') }] });
    if (!made.ok) throw new Error('expected a cloth');
    expect(undo(made.commandId)).toMatchObject({ ok: false, code: 'in-use', uses: 1 });
    expect(findRecord(db, 'cloth', 'worn')?.removed).toBe(false);
    expect(
      run({ label: 'Remove', ops: [{ op: 'remove', kind: 'cloth', id: 'worn', baseRevision: 1 }] }),
    ).toMatchObject({ ok: false, code: 'in-use' });
  });
  test('an import is undone whole, or not at all where another garment has come to use a part of it', () => {
    const brought = (n: number): number => {
      const made = run({
        label: 'Bring in',
        ops: [
          { op: 'create', kind: 'cloth', id: `brought-${n}`, facts: newCloth('Brought') },
          { op: 'create', kind: 'garment', id: `garment-${n}`, facts: tee(`brought-${n}`) },
        ],
      });
      if (!made.ok) throw new Error('expected an import');
      return made.commandId;
    };
    expect(undo(brought(1))).toMatchObject({ ok: true });
    const second = brought(2);
    run({ label: 'Start', ops: [{ op: 'create', kind: 'garment', id: 'other', facts: tee('brought-2') }] });
    expect(undo(second)).toMatchObject({ ok: false, code: 'in-use' });
    expect(findRecord(db, 'garment', 'garment-2')?.removed).toBe(false);
  });
  test('on the table only a removal is taken back; on a list also what was made; each says on what', () => {
    run({ label: 'Add Last', ops: [{ op: 'create', kind: 'cloth', id: 'last', facts: newCloth('Last') }] });
    expect(undoState(db, 'lists').undo).toMatchObject({ label: 'Add Last', where: 'Last' });
    expect(undoState(db, 'table').undo?.label).not.toBe('Add Last');
    run({ label: 'Remove Last', ops: [{ op: 'remove', kind: 'cloth', id: 'last', baseRevision: 1 }] });
    expect(undoState(db, 'table').undo).toMatchObject({ label: 'Remove Last' });
  });
});
