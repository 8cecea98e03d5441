import { findFaults } from '../../facts/faults';
import { photographedKinds } from '../../facts/photos';
import { recordKinds, type RecordKind } from '../../facts/records';
import { choice, id, list, numberOf, record, text, type FactsOf } from '../../facts/spec';
import { FACTS_VERSION } from '../formerFacts';

/**
 * A household's copy: a zip of
 *
 * - `manifest.json`, as described here: what is in it, each thing with the SHA-256 of its bytes;
 * - `manifest.sha256`, the SHA-256 of the manifest;
 * - `records/<kind>/<id>.json`, the facts of a record, as described for its kind;
 * - `photos/<id>`, the bytes of a photo.
 *
 * Their JSON Schemas are docs/formats/household.json.
 */
const HOUSEHOLD_FORMAT = 'idle-stretch-household';
const HOUSEHOLD_VERSION = '1';

export const MANIFEST_NAME = 'manifest.json';
export const MANIFEST_SUM_NAME = 'manifest.sha256';
export const recordEntryName = (kind: RecordKind, recordId: string): string =>
  `records/${kind}/${recordId}.json`;
export const photoEntryName = (photoId: string): string => `photos/${photoId}`;

const MOST_RECORDS = 100_000;
const MOST_PHOTOS = 50_000;

const when = (label: string) => text(label, 10, 40);
const sum = text('SHA-256 of its bytes, hexadecimal', 64, 64);

const recordLineSpec = record('Record', {
  kind: choice('Kind', recordKinds),
  id: id('the record'),
  createdAt: when('Written first'),
  updatedAt: when('Written last'),
  sha256: sum,
});
export type RecordLine = FactsOf<typeof recordLineSpec>;

const photoLineSpec = record('Photo', {
  kind: choice('A photo of a', photographedKinds),
  id: id('the photo'),
  recordId: id('the record'),
  type: choice('Type', ['image/jpeg', 'image/png']),
  createdAt: when('Taken in'),
  sha256: sum,
});

export const manifestSpec = record('Manifest', {
  format: choice('Format', [HOUSEHOLD_FORMAT]),
  version: choice('Version', [HOUSEHOLD_VERSION]),
  facts: numberOf('count', 'Version of the facts', 1, FACTS_VERSION),
  madeAt: when('Made'),
  records: list('Records', recordLineSpec, 0, MOST_RECORDS),
  photos: list('Photos', photoLineSpec, 0, MOST_PHOTOS),
});
export type Manifest = FactsOf<typeof manifestSpec>;

export const newManifest = (
  madeAt: string,
  { records, photos }: Pick<Manifest, 'records' | 'photos'>,
): Manifest => ({
  format: HOUSEHOLD_FORMAT,
  version: HOUSEHOLD_VERSION,
  facts: FACTS_VERSION,
  madeAt,
  records,
  photos,
});

type ReadManifest =
  { readonly ok: true; readonly manifest: Manifest } | { readonly ok: false; readonly sentence: string };

const NOT_ONE = 'This file is not a household’s copy: choose a zip file that was saved here under Household.';
const NEWER =
  'This copy was made by a newer version of Idle Stretch than this one: bring this one up to date first, then bring the copy back.';

/** Reads a manifest's text; what is wrong is a sentence. */
export function readManifest(text: string): ReadManifest {
  const refused = (sentence: string): ReadManifest => ({ ok: false, sentence });
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return refused(NOT_ONE);
  }
  const { format, version, facts } = (value ?? {}) as Readonly<Record<string, unknown>>;
  if (format !== HOUSEHOLD_FORMAT) return refused(NOT_ONE);
  if (Number(version) > Number(HOUSEHOLD_VERSION) || Number(facts) > FACTS_VERSION) return refused(NEWER);
  const [fault] = findFaults(manifestSpec, value);
  if (fault) return refused(`This copy’s list of what is in it cannot be read: ${fault.sentence}`);
  const manifest = value as Manifest;
  const names = entryNames(manifest);
  if (new Set(names).size < names.length)
    return refused('This copy names the same thing twice: choose another copy.');
  return { ok: true, manifest };
}

/** Every entry that a copy with this manifest has beside the manifest and its sum. */
export const entryNames = ({ records, photos }: Pick<Manifest, 'records' | 'photos'>): readonly string[] => [
  ...records.map(({ kind, id: recordId }) => recordEntryName(kind, recordId)),
  ...photos.map(({ id: photoId }) => photoEntryName(photoId)),
];
