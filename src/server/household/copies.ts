import 'server-only';
import { createWriteStream } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { setTimeout as wait } from 'node:timers/promises';
import { keptCopies } from '@/core/formats/household/keptCopies';
import type { Database } from '@/data/database';
import { dropIncoming } from '@/data/photos';
import { countRecords } from '@/data/revisions';
import { getDatabase } from '../database';
import { today } from '../today';
import { copiesFolder, copyPath } from './folder';
import { clearSent } from './incoming';
import { writeHousehold } from './writeHousehold';

/** How often it is looked whether a day has no copy yet, ms. */
const LOOK_EVERY_MS = 600_000;

const DATED = /^(\d{4}-\d{2}-\d{2})\.zip$/;

/** The days of which there is a copy, the newest first, with its size. */
export async function listCopies(
  db: Database,
): Promise<readonly { readonly day: string; readonly bytes: number }[]> {
  const folder = copiesFolder(db);
  const names = await readdir(folder).catch((): string[] => []);
  const days = names.flatMap((name) => DATED.exec(name)?.[1] ?? []);
  const found = await Promise.all(
    days.map(async (day) => ({ day, bytes: (await stat(join(folder, `${day}.zip`))).size })),
  );
  return found.sort((a, b) => b.day.localeCompare(a.day));
}

/**
 * Makes the copy of a day that has none, and removes those that are too old to be kept. A copy has its name only once it
 * is whole. A household with nothing in it is not copied.
 */
export async function keepCopy(db: Database, now: Date): Promise<void> {
  const day = today(now);
  const copies = await listCopies(db);
  if (copies.some((copy) => copy.day === day) || countRecords(db) === 0) return;
  await mkdir(copiesFolder(db), { recursive: true });
  const unfinished = `${copyPath(db, day)}.unfinished`;
  await pipeline(writeHousehold(db, now), createWriteStream(unfinished, { flush: true }));
  await rename(unfinished, copyPath(db, day));
  const days = [day, ...copies.map((copy) => copy.day)];
  const kept = new Set(keptCopies(days));
  for (const old of days) if (!kept.has(old)) await rm(copyPath(db, old), { force: true });
}

async function keepHouse(db: Database, now: Date): Promise<void> {
  await clearSent(db, now);
  await keepCopy(db, now);
}

/** Keeps a dated copy of every day on which the server runs, and clears away what was sent and left. */
export async function keepCopies(): Promise<never> {
  // What a restore had brought in when the server was stopped.
  dropIncoming(getDatabase());
  for (;;) {
    await keepHouse(getDatabase(), new Date()).catch((error: unknown) =>
      console.error('The dated copy could not be made:', error),
    );
    await wait(LOOK_EVERY_MS, undefined, { ref: false });
  }
}
