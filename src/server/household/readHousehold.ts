import 'server-only';
import { buffer } from 'node:stream/consumers';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { ruleFaults } from '@/core/edges/readingFaults';
import { findFaults } from '@/core/facts/faults';
import { recordNames, recordSpecs, type FactsByKind, type RecordKind } from '@/core/facts/records';
import { bringUp } from '@/core/formats/formerFacts';
import {
  MANIFEST_NAME,
  MANIFEST_SUM_NAME,
  entryNames,
  photoEntryName,
  readManifest,
  recordEntryName,
  type Manifest,
  type RecordLine,
} from '@/core/formats/household/manifest';
import { sha256 } from './writeHousehold';

/** Largest entries that are read, bytes: a zip can say of itself what it likes. */
const MAX_BYTES = { manifest: 40_000_000, record: 40_000_000, photo: 30_000_000 } as const;
const MOST_ENTRIES = 200_000;

/** A record of a copy, its facts as they are written today. */
export interface CopiedRecord extends RecordLine {
  readonly facts: FactsByKind[RecordKind];
}

/** A copy that was read and found whole, but for its photos, which are read one at a time. */
export interface CopiedHousehold {
  readonly madeAt: string;
  readonly records: readonly CopiedRecord[];
  readonly photos: Manifest['photos'];
}

type ReadHousehold =
  | { readonly ok: true; readonly household: CopiedHousehold }
  | { readonly ok: false; readonly sentence: string };

/** What is wrong with a copy, in a sentence. */
class Unreadable extends Error {}

const DAMAGED =
  'This file is damaged or cut off, so nothing was brought back: choose another copy, or copy it here once more.';
const FOREIGN =
  'There is more in this file than a household’s copy has, so nothing was brought back: choose another copy.';

/** What is done with each photo as it is read. */
type TakePhoto = (line: Manifest['photos'][number], bytes: Buffer) => Promise<void> | void;

/**
 * Reads a household's copy whole: every byte is held against its sum and every record against its schema, before
 * anything is taken. No name in it is ever a path here. `takePhoto` gets the photos one by one, once all records are
 * good.
 */
export async function readHousehold(
  path: string,
  takePhoto: TakePhoto = () => undefined,
): Promise<ReadHousehold> {
  let zip: ZipFile | undefined;
  try {
    zip = await ofZip(openPromise(path, { autoClose: false, lazyEntries: true, strictFileNames: true }));
    return { ok: true, household: await readZip(zip, takePhoto) };
  } catch (error) {
    if (error instanceof Unreadable) return { ok: false, sentence: error.message };
    throw error;
  } finally {
    zip?.close();
  }
}

/** Whatever goes wrong while the zip itself is read is the file's fault. */
async function ofZip<T>(reading: Promise<T>): Promise<T> {
  try {
    return await reading;
  } catch (cause) {
    throw new Unreadable(DAMAGED, { cause });
  }
}

async function readZip(zip: ZipFile, takePhoto: TakePhoto): Promise<CopiedHousehold> {
  const entries = await ofZip(entriesOf(zip));
  const bytesOf = (name: string, most: number): Promise<Buffer> => readEntry(zip, entries.get(name), most);
  const text = (await bytesOf(MANIFEST_NAME, MAX_BYTES.manifest)).toString('utf8');
  const sum = (await bytesOf(MANIFEST_SUM_NAME, 64)).toString('utf8');
  const read = readManifest(text);
  if (!read.ok) throw new Unreadable(read.sentence);
  if (sum !== sha256(text)) throw new Unreadable(DAMAGED);
  const { manifest } = read;
  const names = entryNames(manifest);
  if (names.some((name) => !entries.has(name))) throw new Unreadable(DAMAGED);
  if (entries.size > names.length + 2) throw new Unreadable(FOREIGN);
  const records: CopiedRecord[] = [];
  for (const line of manifest.records) {
    const bytes = await bytesOf(recordEntryName(line.kind, line.id), MAX_BYTES.record);
    records.push({ ...line, facts: factsOf(line, bytes, manifest.facts) });
  }
  for (const line of manifest.photos) {
    const bytes = await bytesOf(photoEntryName(line.id), MAX_BYTES.photo);
    if (sha256(bytes) !== line.sha256) throw new Unreadable(DAMAGED);
    await takePhoto(line, bytes);
  }
  return { madeAt: manifest.madeAt, records, photos: manifest.photos };
}

async function entriesOf(zip: ZipFile): Promise<ReadonlyMap<string, Entry>> {
  const entries = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) {
    if (entries.has(entry.fileName) || entries.size > MOST_ENTRIES || !entry.canDecodeFileData())
      throw new Error(`expected every entry once and open, got ${entry.fileName}`);
    entries.set(entry.fileName, entry);
  }
  return entries;
}

/** An entry's bytes; one that is more than it says, or more than such an entry is, is not read. */
async function readEntry(zip: ZipFile, entry: Entry | undefined, most: number): Promise<Buffer> {
  if (!entry || entry.uncompressedSize > most) throw new Unreadable(DAMAGED);
  return ofZip(zip.openReadStreamPromise(entry).then(buffer));
}

/** A record's facts as they are written today, once they were held against their sum and their schema. */
function factsOf(line: RecordLine, bytes: Buffer, version: number): FactsByKind[RecordKind] {
  if (sha256(bytes) !== line.sha256) throw new Unreadable(DAMAGED);
  const facts = bringUp(line.kind, parsed(bytes), version);
  const faults = findFaults(recordSpecs[line.kind], facts);
  const [fault] = faults.length > 0 ? faults : ruleFaults(line.kind, facts as FactsByKind[RecordKind]);
  if (fault)
    throw new Unreadable(
      `A ${recordNames[line.kind]} in this copy cannot be taken, so nothing was brought back: ${fault.sentence}`,
    );
  return facts as FactsByKind[RecordKind];
}

function parsed(bytes: Buffer): unknown {
  try {
    return JSON.parse(bytes.toString('utf8'));
  } catch (cause) {
    throw new Unreadable(DAMAGED, { cause });
  }
}
