import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase, type Database } from '@/data/database';
import { migrateDatabase } from '@/data/migrate';

/** A new database in a folder of its own, and how to clear both away. */
export function testDatabase(): {
  readonly db: Database;
  readonly path: string;
  readonly folder: string;
  readonly clear: () => void;
} {
  const folder = mkdtempSync(join(tmpdir(), 'idle-stretch-'));
  const path = join(folder, 'test.db');
  migrateDatabase(path, new Date(0));
  const db = openDatabase(path);
  return {
    db,
    path,
    folder,
    clear: () => {
      db.$client.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
