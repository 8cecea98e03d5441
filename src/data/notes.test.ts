import fc from 'fast-check';
import { newCloth } from '@/core/facts/cloth';
import { newGarment } from '@/core/facts/garment';
import { recordKinds, type RecordKind } from '@/core/facts/records';
import { newWearer } from '@/core/facts/wearer';
import { notesOf } from '@/core/log/notes';
import { readQuery } from '@/core/log/query';
import { MATCHED } from '@/core/views/logViews';
import { testDatabase } from '../../tests/testDatabase';
import { runCommand, undoCommand, type Op } from './commands';
import type { Database } from './database';
import { findNotes, keepAllNotes } from './notes';
import { findRecord, listRecords } from './records';
import { notes } from './schema';

const context = { now: '2026-06-01T10:00:00.000Z', check: () => [] };

function run(db: Database, ...ops: readonly Op[]): number {
  const result = runCommand(db, { label: 'x', ops }, context);
  if (!result.ok) throw new Error(JSON.stringify(result));
  return result.commandId;
}

const revision = (db: Database, kind: RecordKind, id: string) => findRecord(db, kind, id)?.revision ?? 0;

const set = (db: Database, kind: RecordKind, id: string, path: string, value: unknown): number =>
  run(db, { op: 'set', kind, id, baseRevision: revision(db, kind, id), changes: [{ path, value }] });

/** What the records that are here say, read without the tables of notes. */
const said = (db: Database) =>
  recordKinds
    .flatMap((kind) =>
      listRecords(db, kind, { limit: 500 }).flatMap(({ id, facts }) =>
        notesOf(kind, facts).map(({ path, text }) => [kind, id, facts.name, path, text]),
      ),
    )
    .map((note) => JSON.stringify(note))
    .sort();

const kept = (db: Database) =>
  findNotes(db, { limit: 10_000 })
    .map(({ kind, recordId, name, path, text }) => JSON.stringify([kind, recordId, name, path, text]))
    .sort();

function found(db: Database, typed: string): readonly string[] {
  const read = readQuery(typed);
  if (!read.ok) throw new Error(read.sentence);
  return findNotes(db, { match: read.match, limit: 500, plain: true }).map(({ text }) => text);
}

/** SQLite's own look at its index: throws where it is not what the notes say. */
const isWhole = (db: Database): void =>
  void db.$client.prepare("INSERT INTO notes_fts (notes_fts, rank) VALUES ('integrity-check', 1)").run();

const WORDS = ['gapes', 'Gäpes', 'hem', 'waves', 'soft', 'rolled'];

test('through edits, undo, removal and restoring the notes and their index are what the records say', () => {
  const step = fc.record({
    does: fc.constantFrom('create', 'set', 'set', 'clear', 'rename', 'remove', 'restore', 'undo'),
    at: fc.nat(1),
    words: fc.array(fc.constantFrom(...WORDS), { minLength: 1, maxLength: 3 }),
  });
  fc.assert(
    fc.property(fc.array(step, { minLength: 20, maxLength: 40 }), (steps) => {
      const { db, clear } = testDatabase();
      try {
        const done: number[] = [];
        for (const { does, at, words } of steps) {
          const [id, text] = [`g${at}`, words.join(' ')];
          const here = findRecord(db, 'garment', id);
          if (does === 'create' && !here)
            done.push(run(db, { op: 'create', kind: 'garment', id, facts: newGarment(`Tee ${at}`, 'tee') }));
          else if (does === 'undo') {
            const last = done.pop();
            if (last !== undefined) undoCommand(db, last, context);
          } else if (here && !here.removed) {
            if (does === 'set') done.push(set(db, 'garment', id, `stepNotes.s${words.length}`, { text }));
            if (does === 'clear') done.push(set(db, 'garment', id, `stepNotes.s${words.length}`, null));
            if (does === 'rename') done.push(set(db, 'garment', id, 'name', text));
            if (does === 'remove')
              done.push(run(db, { op: 'remove', kind: 'garment', id, baseRevision: here.revision }));
          } else if (here && does === 'restore')
            done.push(run(db, { op: 'restore', kind: 'garment', id, baseRevision: here.revision }));
          expect(kept(db)).toEqual(said(db));
        }
        isWhole(db);
        for (const word of ['gapes', 'hem', 'soft']) {
          const plain = (text: string) => text.toLowerCase().replaceAll('ä', 'a').split(' ').includes(word);
          const read = said(db).map((note) => JSON.parse(note) as string[]);
          const wanted = read.filter(([, , name = '', , text = '']) => plain(text) || plain(name));
          expect(found(db, word).toSorted()).toEqual(wanted.map(([, , , , text]) => text).toSorted());
        }
      } finally {
        clear();
      }
    }),
    { seed: 16, numRuns: 20, endOnFailure: true },
  );
});

describe('looking for something', () => {
  const { db, clear } = testDatabase();
  afterAll(clear);
  run(
    db,
    {
      op: 'create',
      kind: 'wearer',
      id: 'wren',
      facts: { ...newWearer('Wren', 'child'), notes: 'Ticklish at the néck.' },
    },
    {
      op: 'create',
      kind: 'cloth',
      id: 'heron',
      facts: { ...newCloth('Heron jersey'), notes: 'Curls; press the seam open.' },
    },
    {
      op: 'create',
      kind: 'garment',
      id: 'tee',
      facts: {
        ...newGarment('Overture', 'tee'),
        wearerId: 'wren',
        outerClothId: 'heron',
        stepNotes: { 'neckline-sew': { text: 'The seam popped open at the neckline.' } },
        wrong: { a: { on: '2026-03-02', step: 'neckline-sew', symptom: 'skipped', cause: 'needle-old' } },
        fittings: {
          f: {
            triedOn: '2026-03-04',
            outcomes: { hip: 'too tight', 'edge-hem': 'right' },
            next: 'A centimetre shorter',
          },
        },
      },
    },
  );

  test.each([
    ['neck', ['The seam popped open at the neckline.', 'Ticklish at the néck.']],
    ['NECK open', ['The seam popped open at the neckline.']],
    ['"seam open"', ['Curls; press the seam open.']],
    ['“seam open', ['Curls; press the seam open.']],
    ['open seam', ['Curls; press the seam open.', 'The seam popped open at the neckline.']],
    ['eck', []],
    ['hip tight', ['hip too tight, hem right.']],
    ['new', ['Skipped stitches. What helped: Put in a new one.']],
    ['heron', ['Curls; press the seam open.']],
    ['AND OR NOT', []],
    ['neck*', ['The seam popped open at the neckline.', 'Ticklish at the néck.']],
    ["neck' ) --", ['The seam popped open at the neckline.', 'Ticklish at the néck.']],
  ] as const)('%s', (typed, texts) => {
    expect([...found(db, typed)].sort()).toEqual([...texts].sort());
  });

  test('what matched is marked', () => {
    const [one] = findNotes(db, { match: '"popped"*', limit: 5 });
    expect(one?.text).toBe(`The seam ${MATCHED[0]}popped${MATCHED[1]} open at the neckline.`);
  });

  test('the newest first; by what it tells of, whom it is for, which days', () => {
    const texts = (query: Partial<Parameters<typeof findNotes>[1]>) =>
      findNotes(db, { limit: 50, ...query }).map(({ text }) => text);
    expect(texts({ what: 'next time' })).toEqual(['A centimetre shorter']);
    expect(texts({ what: 'went wrong' })).toEqual(['Skipped stitches. What helped: Put in a new one.']);
    expect(texts({ to: '2026-05-31' })).toEqual([
      'hip too tight, hem right.',
      'A centimetre shorter',
      'Skipped stitches. What helped: Put in a new one.',
    ]);
    expect(texts({ from: '2026-03-03', to: '2026-03-04' })).toHaveLength(2);
    expect(texts({ about: [[{ kind: 'wearer', id: 'wren' }]] })).toHaveLength(5);
    expect(
      texts({ about: [[{ kind: 'wearer', id: 'wren' }], [{ kind: 'cloth', id: 'heron' }]] }),
    ).toHaveLength(4);
    expect(
      texts({
        about: [
          [
            { kind: 'cloth', id: 'x' },
            { kind: 'cloth', id: 'heron' },
          ],
        ],
      }),
    ).toHaveLength(5);
    expect(texts({ about: [[{ kind: 'cloth', id: 'x' }]] })).toEqual([]);
    expect(texts({ garmentKind: 'tee' })).toHaveLength(4);
    expect(texts({ garmentKind: 'bra' })).toEqual([]);
    expect(texts({ limit: 2, offset: 1 })).toEqual(texts({}).slice(1, 3));
  });

  test('a note keeps the day it was first written down', () => {
    const later = { ...context, now: '2026-07-09T10:00:00.000Z' };
    const changes = [{ path: 'notes', value: 'Curls a little.' }];
    const baseRevision = revision(db, 'cloth', 'heron');
    runCommand(
      db,
      { label: 'x', ops: [{ op: 'set', kind: 'cloth', id: 'heron', baseRevision, changes }] },
      later,
    );
    expect(findNotes(db, { match: '"curls"*', limit: 5 })[0]?.at).toBe('2026-06-01');
  });

  test('a household from before there were notes gets them all', () => {
    const before = kept(db);
    db.delete(notes).run();
    expect(kept(db)).toEqual([]);
    db.transaction((tx) => keepAllNotes(tx));
    expect(kept(db)).toEqual(before);
    isWhole(db);
  });
});

test.each([
  ['', { ok: true }],
  ['  ', { ok: true }],
  ['.,;!', { ok: false, sentence: expect.stringContaining('no letter') }],
  ['""', { ok: false, sentence: expect.stringContaining('no letter') }],
  ['a'.repeat(10_000), { ok: false, sentence: expect.stringContaining('too long') }],
  ['a'.repeat(200), { ok: true, match: `"${'a'.repeat(200)}"*` }],
  ['neck "too tight" hip', { ok: true, match: '"neck"* "too tight" "hip"*' }],
  ['x"y', { ok: true, match: '"x"* "y"' }],
] as const)('asked for %s', (typed, read) => {
  expect(readQuery(typed)).toEqual(read);
});
