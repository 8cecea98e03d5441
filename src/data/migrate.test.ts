import { newTee } from '@/core/facts/garment';
import { testDatabase } from '../../tests/testDatabase';
import { undoState } from './commands';
import { openDatabase } from './database';
import { migrateDatabase } from './migrate';
import { findNotes } from './notes';
import { findPhoto } from './photos';
import { findRecord } from './records';
import { notes } from './schema';
import { write } from '@/server/recordRoutes';

test('garments of before version 2 become as they are now, once, with a copy set aside', () => {
  const house = testDatabase();
  const { db, path } = house;
  try {
    const set = (baseRevision: number, label: string, at: string, value: unknown) =>
      write(db, {
        label,
        ops: [{ op: 'set', kind: 'garment', id: 'tee', baseRevision, changes: [{ path: at, value }] }],
      });
    write(db, { label: 'Make', ops: [{ op: 'create', kind: 'garment', id: 'tee', facts: newTee('Tee') }] });
    set(1, 'Name', 'name', 'Old tee');
    set(2, 'Hems', 'ways.sleeve-hems', 'flat');
    db.$client.exec(`
      UPDATE garments SET facts = json_set(json_remove(facts, '$.ways'), '$.sleeveHems', 'flat', '$.machines',
        'sewing-only', '$.topstitch', 'none', '$.finishes', json('{"hem":{"finish":"lettuce"}}'));
      UPDATE command_ops SET changes = replace(changes, 'ways.sleeve-hems', 'sleeveHems');
      PRAGMA user_version = 0;
    `);
    db.$client.close();
    const copy = migrateDatabase(path, new Date('2026-06-01T10:00:00Z'));
    const now = openDatabase(path);
    const before = openDatabase(copy ?? '');
    expect(findRecord(now, 'garment', 'tee')?.facts).toEqual({
      ...newTee('Old tee'),
      machineSetId: 'sewing-only',
      ways: { 'sleeve-hems': 'flat' },
      edges: { hem: { use: 'lettuce' } },
    });
    expect(findRecord(before, 'garment', 'tee')?.facts).toHaveProperty('sleeveHems', 'flat');
    expect(undoState(now, [{ kind: 'garment', id: 'tee' }]).undo?.label).toBe('Name');
    expect(migrateDatabase(path, new Date(0))).toBeUndefined();
    now.$client.close();
    before.$client.close();
  } finally {
    house.clear();
  }
});

test('a household of version 2 gets its notes, once', () => {
  const house = testDatabase();
  const { db, path } = house;
  try {
    const facts = { ...newTee('Tee'), stepNotes: { shoulder: { text: 'The stay was too short.' } } };
    write(db, { label: 'Make', ops: [{ op: 'create', kind: 'garment', id: 'tee', facts }] });
    db.delete(notes).run();
    db.$client.pragma('user_version = 2');
    db.$client.close();
    migrateDatabase(path, new Date('2026-06-01T10:00:00Z'));
    const now = openDatabase(path);
    expect(findNotes(now, { match: '"stay"*', limit: 5, plain: true }).map(({ text }) => text)).toEqual([
      'The stay was too short.',
    ]);
    now.$client.close();
    expect(migrateDatabase(path, new Date(0))).toBeUndefined();
  } finally {
    house.clear();
  }
});

test('a photo of a cloth stays through the table being made anew for those of garments', () => {
  const house = testDatabase();
  const { db, path } = house;
  try {
    db.$client.exec(`
      DROP TABLE photos;
      CREATE TABLE photos (id text PRIMARY KEY NOT NULL, cloth_id text NOT NULL REFERENCES cloths(id),
        type text NOT NULL, bytes blob NOT NULL, created_at text NOT NULL);
      INSERT INTO cloths (id, revision, facts, created_at, updated_at) VALUES ('loon', 1, '{"name":"Loon"}', '', '');
      INSERT INTO photos VALUES ('p', 'loon', 'image/png', x'89504e47', '2026-01-01');
      DELETE FROM __drizzle_migrations WHERE created_at >= 1796116321249;
    `);
    db.$client.close();
    migrateDatabase(path, new Date('2026-06-01T10:00:00Z'));
    const now = openDatabase(path);
    expect(findPhoto(now, 'p')).toMatchObject({
      kind: 'cloth',
      recordId: 'loon',
      type: 'image/png',
      bytes: Buffer.from('89504e47', 'hex'),
      small: null,
      createdAt: '2026-01-01',
    });
    now.$client.close();
  } finally {
    house.clear();
  }
});
