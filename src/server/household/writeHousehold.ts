import 'server-only';
import { createHash } from 'node:crypto';
import { Readable } from 'node:stream';
import { ZipFile } from 'yazl';
import {
  MANIFEST_NAME,
  MANIFEST_SUM_NAME,
  newManifest,
  photoEntryName,
  recordEntryName,
  type Manifest,
} from '@/core/formats/household/manifest';
import type { Database } from '@/data/database';
import { openSnapshot } from '@/data/snapshot';

export const sha256 = (bytes: Uint8Array | string): string =>
  createHash('sha256').update(bytes).digest('hex');

/**
 * The whole household as a zip, a record or a photo at a time; see `manifest.ts` for what is in it. What is written
 * meanwhile is not in it. The stream is to be read to its end, or destroyed.
 */
export function writeHousehold(db: Database, now: Date): Readable {
  const snapshot = openSnapshot(db);
  const zip = new ZipFile();
  const out = zip.outputStream as Readable;
  out.once('close', snapshot.close);
  zip.on('error', (error: Error) => out.destroy(error));
  const records: Manifest['records'][number][] = [];
  const photos: Manifest['photos'][number][] = [];
  /** An entry whose bytes are made when their turn comes. */
  const add = (name: string, bytesOf: () => Buffer, compress = true) => {
    zip.addReadStreamLazy(name, { compress, mtime: now }, (give) => {
      try {
        give(null, Readable.from([bytesOf()]));
      } catch (error) {
        give(error, Readable.from([]));
      }
    });
  };
  for (const line of snapshot.records)
    add(recordEntryName(line.kind, line.id), () => {
      const bytes = Buffer.from(JSON.stringify(snapshot.facts(line.kind, line.id)));
      records.push({ ...line, sha256: sha256(bytes) });
      return bytes;
    });
  for (const line of snapshot.photos)
    add(
      photoEntryName(line.id),
      () => {
        const { bytes } = snapshot.photo(line.id);
        photos.push({
          ...line,
          type: line.type === 'image/png' ? 'image/png' : 'image/jpeg',
          sha256: sha256(bytes),
        });
        return bytes;
      },
      false,
    );
  let manifest = '';
  add(MANIFEST_NAME, () => {
    manifest = JSON.stringify(newManifest(now.toISOString(), { records, photos }));
    return Buffer.from(manifest);
  });
  add(MANIFEST_SUM_NAME, () => Buffer.from(sha256(manifest)));
  zip.end();
  return out;
}
