import { createWriteStream } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { getTableName } from 'drizzle-orm';
import sharp from 'sharp';
import { recordKinds } from '@/core/facts/records';
import type { Database } from '@/data/database';
import type { Op } from '@/data/commands';
import { addPhoto, listPhotos } from '@/data/photos';
import { tables } from '@/data/records';
import { householdOps } from '@/demo/ops';
import { restoreHousehold } from '@/server/household/restore';
import { writeHousehold } from '@/server/household/writeHousehold';
import { write } from '@/server/recordRoutes';
import { TODAY } from './demoFacts';
import { testDatabase } from './testDatabase';

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
          `select ${id.name} as id, ${facts.name} as facts, ${createdAt.name} as at from ${getTableName(tables[kind])} where ${removedAt.name} is null`,
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

const houses: ReturnType<typeof testDatabase>[] = [];
afterAll(() => houses.splice(0).forEach(({ clear }) => clear()));

/** An empty household in a folder of its own, cleared away when the file's tests are over. */
export function emptyHouse(): ReturnType<typeof testDatabase> {
  const made = testDatabase();
  houses.push(made);
  return made;
}

/** Carries out a command, which has to be taken. */
export function run(db: Database, ...ops: readonly Op[]): number {
  const result = write(db, { label: 'x', ops });
  if (!result.ok) throw new Error(JSON.stringify(result));
  return result.commandId;
}

/** Brings a copy back, which has to be taken; `take` as `restoreHousehold` has it. */
export async function bringBack(db: Database, path: string, ...take: readonly string[]): Promise<number> {
  const restored = await restoreHousehold(db, path, new Set(take));
  if (!restored.ok || !restored.result.ok) throw new Error(JSON.stringify(restored));
  return restored.result.commandId;
}

/** The demo with a photo of a cloth and of a round. */
export async function demoWithPhotos() {
  const made = emptyHouse();
  const { shelf, garments } = householdOps(TODAY);
  run(made.db, ...shelf);
  run(made.db, ...garments);
  const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#d08' } })
    .jpeg()
    .toBuffer();
  const photo = { type: 'image/jpeg', bytes, small: null, createdAt: '2026-05-01T00:00:00Z' };
  addPhoto(made.db, { ...photo, id: 'of-cloth', kind: 'cloth', recordId: 'loon-swim' });
  addPhoto(made.db, { ...photo, id: 'of-round', kind: 'garment', recordId: 'ring-toss', type: 'image/png' });
  run(made.db, {
    op: 'set',
    kind: 'cloth',
    id: 'loon-swim',
    baseRevision: 1,
    changes: [{ path: 'photo', value: 'of-cloth' }],
  });
  return made;
}
