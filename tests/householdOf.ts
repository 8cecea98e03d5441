import { createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { recordKinds } from '@/core/facts/records';
import type { Database } from '@/data/database';
import { listPhotos } from '@/data/photos';
import { tables } from '@/data/records';
import { writeHousehold } from '@/server/household/writeHousehold';

/** The day on which copies are made in tests. */
export const COPIED_ON = new Date('2026-06-01T10:00:00Z');

/** Writes a household's copy into a file. */
export async function copyInto(db: Database, folder: string, name = 'copy.zip'): Promise<string> {
  const path = join(folder, name);
  await pipeline(writeHousehold(db, COPIED_ON), createWriteStream(path));
  return path;
}

/** Everything that is here as it stands in the tables, byte for byte, without revisions; photos with their bytes. */
export function bytesHere(db: Database): readonly string[] {
  const records = recordKinds.flatMap((kind) => {
    const { id, facts, removedAt, createdAt } = tables[kind];
    return (
      db.$client
        .prepare(
          `select ${id.name} as id, ${facts.name} as facts, ${createdAt.name} as at from ${nameOf(kind)} where ${removedAt.name} is null`,
        )
        .all() as { id: string; facts: string; at: string }[]
    ).map((row) => `${kind} ${row.id} ${row.at} ${row.facts}`);
  });
  const photos = listPhotos(db).map(({ id }) => {
    const { bytes } = db.$client.prepare('select bytes from photos where id = ?').get(id) as {
      bytes: Buffer;
    };
    return `photo ${id} ${bytes.toString('hex')}`;
  });
  return [...records, ...photos].sort();
}

const nameOf = (kind: (typeof recordKinds)[number]): string =>
  ({ ownKind: 'own_kinds', machineSet: 'machine_sets' })[kind as string] ?? `${kind}s`;
