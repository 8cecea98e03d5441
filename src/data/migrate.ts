import 'server-only';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { migrate } from 'drizzle-orm/better-sqlite3/migrator';
import type Sqlite from 'better-sqlite3';
import { FACTS_VERSION, bringUp } from '@/core/formats/formerFacts';
import { FORMER_FIELDS } from '@/core/formats/formerGarment';
import { openDatabase } from './database';
import { keepAllNotes } from './notes';

const FOLDER = resolve('src/data/migrations');

/**
 * Brings a database up to date. Where something is to change, a dated copy is set aside first (`VACUUM INTO`,
 * which takes in what is still in the WAL), and foreign keys are off meanwhile and checked before they are on.
 * Returns the copy's path, or `undefined` when there was nothing to change or nothing to keep.
 * Throws when the checked keys do not hold; the copy is then the way back.
 */
export function migrateDatabase(path: string, now: Date, folder: string = FOLDER): string | undefined {
  const isNew = !existsSync(path);
  const database = openDatabase(path);
  const { $client: client } = database;
  try {
    const wanted = journalLength(folder);
    if (appliedCount(client) >= wanted && factsVersion(client) >= FACTS_VERSION) return undefined;
    const copy = isNew
      ? undefined
      : join(dirname(path), `before-${now.toISOString().replace(/[:.]/g, '-')}.db`);
    if (copy) client.prepare('VACUUM INTO ?').run(copy);
    client.pragma('foreign_keys = OFF');
    migrate(database, { migrationsFolder: folder });
    const version = factsVersion(client);
    if (version < FACTS_VERSION)
      client.transaction(() => {
        if (version < 2) bringGarmentsUp(client, version);
        keepAllNotes(database);
        client.pragma(`user_version = ${FACTS_VERSION}`);
      })();
    const broken = client.pragma('foreign_key_check') as unknown[];
    if (broken.length > 0) {
      throw new Error(
        `expected whole references after migrating, got ${broken.length} broken; restore ${copy ?? 'an empty file'}`,
      );
    }
    client.pragma('foreign_keys = ON');
    return copy;
  } finally {
    client.close();
  }
}

/** The version of what is in the tables' facts, kept beside them by SQLite itself; tables have their own journal. */
const factsVersion = (client: Sqlite.Database): number =>
  client.pragma('user_version', { simple: true }) as number;

/**
 * Garments as they were before version 2 become as they are now. What was written to a field that is no longer there
 * cannot be undone any more.
 */
function bringGarmentsUp(client: Sqlite.Database, version: number): void {
  const rows = client.prepare('SELECT id, facts FROM garments').all() as { id: string; facts: string }[];
  const put = client.prepare('UPDATE garments SET facts = ? WHERE id = ?');
  for (const { id, facts } of rows)
    put.run(JSON.stringify(bringUp('garment', JSON.parse(facts), version)), id);
  const gone = FORMER_FIELDS.map((field) => `change.value ->> 'path' GLOB '${field}*'`).join(' OR ');
  client.exec(`UPDATE commands SET undone_by = id WHERE undone_by IS NULL AND id IN (
    SELECT command_id FROM command_ops AS op, json_each(op.changes) AS change
    WHERE op.kind = 'garment' AND op.op = 'set' AND (${gone}))`);
}

function journalLength(folder: string): number {
  const journal = JSON.parse(readFileSync(join(folder, 'meta/_journal.json'), 'utf8')) as {
    entries: unknown[];
  };
  return journal.entries.length;
}

function appliedCount(client: { prepare(sql: string): { get(): unknown } }): number {
  const table = client.prepare("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'").get();
  if (!table) return 0;
  return (client.prepare('SELECT count(*) AS applied FROM __drizzle_migrations').get() as { applied: number })
    .applied;
}
