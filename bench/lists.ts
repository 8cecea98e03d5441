import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newTee } from '../src/core/facts/garment';
import { openDatabase, type Database } from '../src/data/database';
import { migrateDatabase } from '../src/data/migrate';
import { write } from '../src/server/recordRoutes';
import { garmentLines } from '../src/server/views';
import { household } from '../src/demo/household';
import { householdOps } from '../src/demo/ops';
import { TODAY } from '../tests/demoFacts';
import { copyGarments } from './copies';

const RUNS = 60;
const FULL_PAGE = 20;

/** Time to list a database of 2,000 garments over that of 20, the same twenty lines shown. */
export function listRatio(): number {
  const folder = mkdtempSync(join(tmpdir(), 'idle-stretch-bench-'));
  const timeOf = (count: number): number => {
    const path = join(folder, `${count}.db`);
    migrateDatabase(path, new Date(0));
    const db = openDatabase(path);
    fill(db, count);
    const list = () => garmentLines(db, { limit: FULL_PAGE });
    for (let at = 0; at < 10; at += 1) list();
    const times = Array.from({ length: RUNS }, () => {
      const start = performance.now();
      list();
      return performance.now() - start;
    }).sort((a, b) => a - b);
    db.$client.close();
    return times[RUNS / 2] as number;
  };
  const ratio = timeOf(2000) / timeOf(20);
  rmSync(folder, { recursive: true, force: true });
  return ratio;
}

function fill(db: Database, count: number): void {
  const made = write(db, { label: 'Shelf', ops: householdOps(TODAY).shelf });
  if (!made.ok) throw new Error(`expected the bench's shelf to be taken, got ${made.code}`);
  copyGarments(db, [household(TODAY).garments['ring-toss'] ?? newTee('Tee')], count);
}
