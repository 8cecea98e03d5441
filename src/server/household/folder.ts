import 'server-only';
import { basename, dirname, join } from 'node:path';
import type { Database } from '@/data/database';

/** The folder of a household's copies, beside its database. */
export function copiesFolder(db: Database): string {
  const path = db.$client.name;
  return join(dirname(path), `${basename(path, '.db')}-copies`);
}

/** Where the copy of a day is. */
export const copyPath = (db: Database, day: string): string => join(copiesFolder(db), `${day}.zip`);

/** Where a copy is that was sent by a browser and not brought back yet. */
export const incomingPath = (db: Database, id: string): string =>
  join(copiesFolder(db), `incoming-${id}.zip`);
