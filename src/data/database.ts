import 'server-only';
import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import Sqlite from 'better-sqlite3';
import { drizzle, type BetterSQLite3Database } from 'drizzle-orm/better-sqlite3';
import * as schema from './schema';

export type Database = BetterSQLite3Database<typeof schema> & { readonly $client: Sqlite.Database };

/** Where the household's data lives unless `IDLE_STRETCH_DB` says otherwise. */
export const databasePath = (): string =>
  resolve(/* turbopackIgnore: true */ process.env.IDLE_STRETCH_DB ?? 'var/idle-stretch.db');

/** Opens a database so that what is acknowledged is on the disk: WAL, foreign keys, `synchronous = FULL`. */
export function openDatabase(path: string): Database {
  if (path !== ':memory:') mkdirSync(dirname(path), { recursive: true });
  const client = new Sqlite(path);
  client.pragma('journal_mode = WAL');
  client.pragma('synchronous = FULL');
  client.pragma('foreign_keys = ON');
  client.pragma('busy_timeout = 5000');
  return drizzle(client, { schema });
}

const shared = globalThis as { idleStretchDatabase?: Database };

/** The server's one connection, opened when it is first asked for. */
export function getDatabase(): Database {
  shared.idleStretchDatabase ??= openDatabase(databasePath());
  return shared.idleStretchDatabase;
}
