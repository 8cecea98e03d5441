import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { ZipFile } from 'yazl';
import { newCloth } from '@/core/facts/cloth';
import { newGarment, newTee } from '@/core/facts/garment';
import { findRecord } from '@/data/records';
import { bringBack, bytesHere, copyInto, demoWithPhotos, emptyHouse } from '../../../tests/householdOf';
import { readHousehold } from './readHousehold';
import { restoreHousehold } from './restore';
import { sha256 } from './writeHousehold';

/** A zip of these entries. */
async function zipOf(entries: Readonly<Record<string, string | Buffer>>): Promise<Buffer> {
  const zip = new ZipFile();
  for (const [name, bytes] of Object.entries(entries)) zip.addBuffer(Buffer.from(bytes), name);
  zip.end();
  return buffer(zip.outputStream);
}

describe('a copy that is not to be trusted is refused with a sentence, and nothing is brought back', () => {
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
    const { db, folder } = emptyHouse();
    const path = join(folder, 'bad.zip');
    writeFileSync(path, bytes);
    const restored = await restoreHousehold(db, path, new Set());
    expect(bytesHere(db)).toEqual([]);
    if (restored.ok && restored.result.ok) throw new Error('expected the copy to be refused, it was taken');
    return restored.ok ? JSON.stringify(restored.result) : restored.sentence;
  };

  test('the one they are made from is taken', async () => {
    const { db, folder } = emptyHouse();
    const path = join(folder, 'good.zip');
    writeFileSync(path, await zipOf(whole()));
    await bringBack(db, path);
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
    const { db, folder } = emptyHouse();
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
    const from = await demoWithPhotos();
    const bytes = readFileSync(await copyInto(from.db, from.folder));
    const at = bytes.indexOf(Buffer.from([0xff, 0xd8, 0xff]));
    bytes[at + 30] = (bytes[at + 30] ?? 0) ^ 1;
    expect(await refusalOf(bytes)).toMatch(/damaged or cut off/);
  });
});

test('an older copy is brought up to date as it is read', async () => {
  const { db, folder } = emptyHouse();
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
  const path = join(folder, 'old.zip');
  writeFileSync(
    path,
    await zipOf({
      'records/garment/tee.json': facts,
      'manifest.json': manifest,
      'manifest.sha256': sha256(manifest),
    }),
  );
  await bringBack(db, path);
  expect(findRecord(db, 'garment', 'tee')?.facts).toMatchObject({
    machineSetId: 'sewing-only',
    ways: { 'sleeve-hems': 'flat' },
  });
});
