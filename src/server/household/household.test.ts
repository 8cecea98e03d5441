import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import fc from 'fast-check';
import sharp from 'sharp';
import { ZipFile } from 'yazl';
import { newCloth } from '@/core/facts/cloth';
import { newGarment, newTee } from '@/core/facts/garment';
import { recordKinds, recordSpecs, type FactsByKind, type RecordKind } from '@/core/facts/records';
import { newWearer } from '@/core/facts/wearer';
import type { Op } from '@/data/commands';
import { undoCommand } from '@/data/commands';
import type { Database } from '@/data/database';
import { addPhoto, findPhoto, strayPhotos } from '@/data/photos';
import { findRecord } from '@/data/records';
import { findNotes } from '@/data/notes';
import { householdOps } from '@/demo/ops';
import { TODAY } from '../../../tests/demoFacts';
import { bytesHere, copyInto } from '../../../tests/householdOf';
import { testDatabase } from '../../../tests/testDatabase';
import { leastFacts, wholeFacts } from '../../../tests/wholeFacts';
import { checkRecord } from '../checkRecord';
import { write } from '../recordRoutes';
import { readHousehold } from './readHousehold';
import { reportOf, restoreHousehold } from './restore';
import { sha256 } from './writeHousehold';

const houses: ReturnType<typeof testDatabase>[] = [];
const house = () => {
  const made = testDatabase();
  houses.push(made);
  return made;
};
afterAll(() => houses.forEach(({ clear }) => clear()));

function run(db: Database, ...ops: readonly Op[]): number {
  const result = write(db, { label: 'x', ops });
  if (!result.ok) throw new Error(JSON.stringify(result));
  return result.commandId;
}
const set = (db: Database, kind: RecordKind, id: string, path: string, value: unknown): number =>
  run(db, {
    op: 'set',
    kind,
    id,
    baseRevision: findRecord(db, kind, id)?.revision ?? 0,
    changes: [{ path, value }],
  });

const NOTHING: ReadonlySet<string> = new Set();
async function restore(db: Database, path: string, take = NOTHING): Promise<number> {
  const restored = await restoreHousehold(db, path, take);
  if (!restored.ok || !restored.result.ok) throw new Error(JSON.stringify(restored));
  return restored.result.commandId;
}
async function report(db: Database, path: string) {
  const read = await readHousehold(path);
  if (!read.ok) throw new Error(read.sentence);
  return reportOf(db, read.household);
}

/** The demo with a photo of a cloth and of a round. */
async function demo() {
  const made = house();
  const { shelf, garments } = householdOps(TODAY);
  run(made.db, ...shelf);
  run(made.db, ...garments);
  const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#d08' } })
    .jpeg()
    .toBuffer();
  const photo = { type: 'image/jpeg', bytes, small: null, createdAt: '2026-05-01T00:00:00Z' };
  addPhoto(made.db, { ...photo, id: 'of-cloth', kind: 'cloth', recordId: 'loon-swim' });
  addPhoto(made.db, { ...photo, id: 'of-round', kind: 'garment', recordId: 'ring-toss', type: 'image/png' });
  set(made.db, 'cloth', 'loon-swim', 'photo', 'of-cloth');
  return made;
}

describe('a household is copied and brought back', () => {
  test('into an empty one: every fact, day and photo byte for byte, and its notes are found', async () => {
    const from = await demo();
    const path = await copyInto(from.db, from.folder);
    const { db } = house();
    expect(await report(db, path)).toMatchObject({
      differing: [],
      same: 0,
      onlyHere: 0,
      photos: 2,
      madeAt: '2026-06-01T10:00:00.000Z',
    });
    await restore(db, path);
    expect(bytesHere(db)).toEqual(bytesHere(from.db));
    expect(findPhoto(db, 'of-cloth')?.small).toBeInstanceOf(Buffer);
    const texts = (of: Database) =>
      findNotes(of, { limit: 10_000 })
        .map(({ text }) => text)
        .sort();
    expect(texts(db)).toEqual(texts(from.db));
    expect(await report(db, path)).toMatchObject({ fresh: [], differing: [], photos: 0 });
  });

  test('as one change, that can be undone', async () => {
    const from = await demo();
    const path = await copyInto(from.db, from.folder);
    const { db } = house();
    const done = await restore(db, path);
    const context = { now: '2026-06-02T00:00:00Z', check: checkRecord };
    expect(undoCommand(db, done, context).ok).toBe(true);
    expect(bytesHere(db).filter((line) => !line.startsWith('photo'))).toEqual([]);
    expect(strayPhotos(db)).toHaveLength(2);
    await restore(db, path);
    expect(bytesHere(db)).toEqual(bytesHere(from.db));
  });

  test('into a full one: what is here stays, but for what is taken from the copy', async () => {
    const { db, folder } = await demo();
    const path = await copyInto(db, folder);
    const before = bytesHere(db);
    run(db, { op: 'create', kind: 'wearer', id: 'new-one', facts: newWearer('Wick', 'adult') });
    set(db, 'cloth', 'loon-swim', 'name', 'Loon, renamed');
    set(db, 'cloth', 'loon-swim', 'fibre', 'bamboo');
    set(db, 'cloth', 'heron-jersey', 'name', 'Heron, renamed');
    const gone = findRecord(db, 'garment', 'ring-toss');
    set(db, 'garment', 'ring-toss', 'name', 'Going');
    run(db, { op: 'remove', kind: 'garment', id: 'ring-toss', baseRevision: (gone?.revision ?? 0) + 1 });
    const told = await report(db, path);
    expect(told).toMatchObject({
      fresh: [{ kind: 'garment', name: gone?.facts.name }],
      onlyHere: 1,
      photos: 0,
    });
    expect(told.differing.map(({ id, name, fields }) => [id, name, fields]).sort()).toEqual([
      ['heron-jersey', 'Heron, renamed', ['Name']],
      ['loon-swim', 'Loon, renamed', ['Name', 'Fibre']],
    ]);
    const done = await restore(db, path, new Set(['cloth loon-swim']));
    expect(findRecord(db, 'cloth', 'heron-jersey')?.facts.name).toBe('Heron, renamed');
    expect(findRecord(db, 'wearer', 'new-one')?.removed).toBe(false);
    await restore(db, path, new Set(['cloth heron-jersey']));
    expect(bytesHere(db).filter((line) => !line.includes('new-one'))).toEqual(before);
    // The garment came back under its old name: two changes of one record, undone as one.
    const undone = undoCommand(db, done, { now: '2026-06-02T00:00:00Z', check: checkRecord });
    expect(undone.ok).toBe(true);
    expect([
      findRecord(db, 'garment', 'ring-toss')?.removed,
      findRecord(db, 'garment', 'ring-toss')?.facts.name,
    ]).toEqual([true, 'Going']);
  });

  test('what was taken away but is still named comes along; what nothing names does not', async () => {
    const { db, folder } = house();
    run(
      db,
      { op: 'create', kind: 'cloth', id: 'named', facts: newCloth('Named') },
      { op: 'create', kind: 'cloth', id: 'gone', facts: newCloth('Gone') },
      { op: 'create', kind: 'garment', id: 'tee', facts: { ...newTee('Tee'), outerClothId: 'named' } },
    );
    const away = run(db, { op: 'remove', kind: 'garment', id: 'tee', baseRevision: 1 });
    run(
      db,
      { op: 'remove', kind: 'cloth', id: 'named', baseRevision: 1 },
      { op: 'remove', kind: 'cloth', id: 'gone', baseRevision: 1 },
    );
    undoCommand(db, away, { now: '2026-06-02T00:00:00Z', check: checkRecord });
    const path = await copyInto(db, folder);
    const other = house();
    await restore(other.db, path);
    expect(bytesHere(other.db).map((line) => line.split(' ').slice(0, 2).join(' '))).toEqual([
      'cloth named',
      'garment tee',
    ]);
  });

  test('what is written while a copy is made is not in it', async () => {
    const { db, folder } = await demo();
    const before = bytesHere(db);
    const making = copyInto(db, folder);
    set(db, 'cloth', 'loon-swim', 'name', 'Later');
    const path = await making;
    const other = house();
    await restore(other.db, path);
    expect(bytesHere(other.db)).toEqual(before);
  });

  test('any household of every kind of record (property test)', async () => {
    const words = fc
      .string({ unit: 'grapheme', minLength: 1, maxLength: 12 })
      .filter((one) => /\S/.test(one));
    const made = fc.record({
      kind: fc.constantFrom(...recordKinds),
      whole: fc.boolean(),
      name: words,
      cloth: fc.nat(),
      removed: fc.integer({ min: 0, max: 4 }),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(made, { minLength: 1, maxLength: 24 }), async (records) => {
        const from = testDatabase();
        const into = testDatabase();
        try {
          const cloths: string[] = [];
          records.forEach(({ kind, whole, name, cloth, removed }, nth) => {
            const id = `r${nth}`;
            const layer = cloths[cloth % Math.max(cloths.length, 1)];
            const facts = {
              ...((whole && kind !== 'cloth' ? wholeFacts(kind) : leastFacts(recordSpecs[kind])) as object),
              name,
              ...(kind === 'garment' && layer ? { outerClothId: layer } : {}),
              ...(kind === 'cloth' && layer && whole
                ? { layers: { a: { clothId: layer, turned: false }, b: { clothId: layer, turned: true } } }
                : {}),
            } as FactsByKind[RecordKind];
            run(from.db, { op: 'create', kind, id, facts });
            if (kind === 'cloth' && !whole) cloths.push(id);
            // A cloth that something names is not removed; anything else now and then.
            if (removed === 0 && kind !== 'cloth') run(from.db, { op: 'remove', kind, id, baseRevision: 1 });
          });
          const path = await copyInto(from.db, from.folder);
          await restore(into.db, path);
          expect(bytesHere(into.db)).toEqual(bytesHere(from.db));
          expect(await report(from.db, path)).toMatchObject({ fresh: [], differing: [], onlyHere: 0 });
        } finally {
          from.clear();
          into.clear();
        }
      }),
      { seed: 16, numRuns: 12, endOnFailure: true },
    );
  });
});

describe('a copy that is not to be trusted is refused with a sentence, and nothing is brought back', () => {
  /** A zip of these entries, and what its manifest would be for a cloth that is in it. */
  async function zipOf(entries: Readonly<Record<string, string | Buffer>>): Promise<Buffer> {
    const zip = new ZipFile();
    for (const [name, bytes] of Object.entries(entries)) zip.addBuffer(Buffer.from(bytes), name);
    zip.end();
    return buffer(zip.outputStream);
  }
  const CLOTH = JSON.stringify(newCloth('Loon'));
  const manifestOf = (changes: object = {}, line: object = {}) =>
    JSON.stringify({
      format: 'idle-stretch-household',
      version: '1',
      facts: 3,
      madeAt: '2026-06-01T10:00:00Z',
      records: [
        {
          kind: 'cloth',
          id: 'loon',
          createdAt: '2026-06-01T10:00:00Z',
          updatedAt: '2026-06-01T10:00:00Z',
          sha256: sha256(CLOTH),
          ...line,
        },
      ],
      photos: [],
      ...changes,
    });
  const whole = (manifest = manifestOf(), more: Readonly<Record<string, string>> = {}) => ({
    'records/cloth/loon.json': CLOTH,
    'manifest.json': manifest,
    'manifest.sha256': sha256(manifest),
    ...more,
  });
  const refusalOf = async (bytes: Buffer): Promise<string> => {
    const { db, folder } = house();
    const path = join(folder, 'bad.zip');
    writeFileSync(path, bytes);
    const restored = await restoreHousehold(db, path, NOTHING);
    expect(bytesHere(db)).toEqual([]);
    if (restored.ok && restored.result.ok) throw new Error('expected the copy to be refused, it was taken');
    return restored.ok ? JSON.stringify(restored.result) : restored.sentence;
  };

  test('the one they are made from is taken', async () => {
    const { db, folder } = house();
    const path = join(folder, 'good.zip');
    writeFileSync(path, await zipOf(whole()));
    await restore(db, path);
    expect(findRecord(db, 'cloth', 'loon')?.facts).toEqual(newCloth('Loon'));
  });

  const later = (changes: object) => zipOf(whole(manifestOf(changes)));
  const named = (name: string) => async () => {
    // The library would not write such a name: as long a one is put in its place.
    const bytes = await zipOf(whole(undefined, { ['x'.repeat(name.length)]: 'boo' }));
    return Buffer.from(bytes.toString('latin1').replaceAll('x'.repeat(name.length), name), 'latin1');
  };
  test.each<readonly [string, () => Promise<Buffer>, RegExp]>([
    ['not a zip', async () => Buffer.from('Dear diary, today I sewed a leotard.'), /damaged or cut off/],
    ['nothing at all', async () => Buffer.alloc(0), /damaged or cut off/],
    ['a zip of something else', () => zipOf({ 'letter.txt': 'Dear diary' }), /damaged or cut off/],
    [
      'another list',
      () => zipOf({ 'manifest.json': '{"a":1}', 'manifest.sha256': sha256('{"a":1}') }),
      /not a household’s copy/,
    ],
    ['a newer version', () => later({ version: '2' }), /newer version/],
    ['newer facts', () => later({ facts: 99 }), /newer version/],
    ['one that climbs out of its folder', named('../../../etc/evil'), /damaged or cut off/],
    ['one with a path of its own', named('/etc/passwords'), /damaged or cut off/],
    [
      'more than it lists',
      () => zipOf(whole(undefined, { 'records/cloth/more.json': CLOTH })),
      /more in this file/,
    ],
    [
      'less than it lists',
      () => {
        const less = Object.entries(whole()).filter(([name]) => name !== 'records/cloth/loon.json');
        return zipOf(Object.fromEntries(less));
      },
      /damaged or cut off/,
    ],
    ['a record with another sum', () => zipOf(whole(manifestOf({}, { sha256: sha256('x') }))), /damaged/],
    [
      'a record that no form would take',
      () => {
        const facts = JSON.stringify({ ...newCloth('Loon'), widthMm: -4 });
        const manifest = manifestOf({}, { sha256: sha256(facts) });
        return zipOf({ ...whole(manifest), 'records/cloth/loon.json': facts });
      },
      /A cloth in this copy cannot be taken/,
    ],
    [
      'a record that is no JSON',
      () =>
        zipOf({
          ...whole(manifestOf({}, { sha256: sha256('{') })),
          'records/cloth/loon.json': '{',
        }),
      /damaged or cut off/,
    ],
    [
      'an id that is a path',
      () => later({ records: [{ ...JSON.parse(manifestOf()).records[0], id: '../up' }] }),
      /cannot be read/,
    ],
    [
      'the same thing twice',
      () => {
        const [line] = (JSON.parse(manifestOf()) as { records: object[] }).records;
        return later({ records: [line, line] });
      },
      /same thing twice/,
    ],
    [
      'a garment whose cloth is nowhere',
      () => {
        const facts = JSON.stringify({ ...newGarment('Tee', 'tee'), outerClothId: 'nobody' });
        const manifest = manifestOf({}, { kind: 'garment', id: 'tee', sha256: sha256(facts) });
        return zipOf({
          'records/garment/tee.json': facts,
          'manifest.json': manifest,
          'manifest.sha256': sha256(manifest),
        });
      },
      /no longer here/,
    ],
  ])('%s', async (_name, make, words) => {
    expect(await refusalOf(await make())).toMatch(words);
  });

  test('one that lies about its size', async () => {
    const bytes = await zipOf(whole());
    // The size before compression stands in the central directory, 24 bytes after each of its signatures.
    const lie = (says: number) => {
      const lying = Buffer.from(bytes);
      const at = lying.indexOf(Buffer.from('504b0102', 'hex'));
      lying.writeUInt32LE(says, at + 24);
      return lying;
    };
    for (const says of [1, CLOTH.length - 1, CLOTH.length + 1, 0x7fffffff])
      expect(await refusalOf(lie(says))).toMatch(/damaged or cut off/);
  });

  test('one that is cut off, wherever that is', async () => {
    const bytes = await zipOf(whole());
    for (let at = 1; at < bytes.length; at += 37)
      expect(await refusalOf(bytes.subarray(0, at))).toMatch(/damaged or cut off/);
  });

  test('one byte changed, wherever it is: refused, or of no account to what is brought back', async () => {
    const bytes = await zipOf(whole());
    const { db, folder } = house();
    const path = join(folder, 'changed.zip');
    writeFileSync(path, bytes);
    const good = await readHousehold(path);
    let refused = 0;
    for (let at = 0; at < bytes.length; at += 1) {
      const changed = Buffer.from(bytes);
      changed[at] = (changed[at] ?? 0) ^ 0x21;
      writeFileSync(path, changed);
      const read = await readHousehold(path);
      if (!read.ok) refused += 1;
      else expect([at, read]).toEqual([at, good]);
    }
    expect(refused).toBeGreaterThan(bytes.length / 2);
    expect(bytesHere(db)).toEqual([]);
  });

  test('a list that was changed, with what it lists', async () => {
    const [was, is] = [manifestOf(), manifestOf({ madeAt: '2026-06-02T10:00:00Z' })];
    const bytes = await zipOf({ ...whole(is), 'manifest.sha256': sha256(was) });
    expect(await refusalOf(bytes)).toMatch(/damaged or cut off/);
  });

  test('a photo that was changed', async () => {
    const from = await demo();
    const bytes = readFileSync(await copyInto(from.db, from.folder));
    const at = bytes.indexOf(Buffer.from([0xff, 0xd8, 0xff]));
    bytes[at + 30] = (bytes[at + 30] ?? 0) ^ 1;
    expect(await refusalOf(bytes)).toMatch(/damaged or cut off/);
  });
});

test('an older copy is brought up to date as it is read', async () => {
  const { db, folder } = house();
  const facts = JSON.stringify({
    ...newTee('Old tee'),
    ways: undefined,
    sleeveHems: 'flat',
    machines: 'sewing-only',
  });
  const manifest = JSON.stringify({
    format: 'idle-stretch-household',
    version: '1',
    facts: 1,
    madeAt: '2026-06-01T10:00:00Z',
    records: [
      {
        kind: 'garment',
        id: 'tee',
        createdAt: '2026-06-01T10:00:00Z',
        updatedAt: '2026-06-01T10:00:00Z',
        sha256: sha256(facts),
      },
    ],
    photos: [],
  });
  const zip = new ZipFile();
  zip.addBuffer(Buffer.from(facts), 'records/garment/tee.json');
  zip.addBuffer(Buffer.from(manifest), 'manifest.json');
  zip.addBuffer(Buffer.from(sha256(manifest)), 'manifest.sha256');
  zip.end();
  const path = join(folder, 'old.zip');
  writeFileSync(path, await buffer(zip.outputStream));
  await restore(db, path);
  expect(findRecord(db, 'garment', 'tee')?.facts).toMatchObject({
    machineSetId: 'sewing-only',
    ways: { 'sleeve-hems': 'flat' },
  });
});
