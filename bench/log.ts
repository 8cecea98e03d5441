import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newTee } from '../src/core/facts/garment';
import { randomFrom } from '../src/core/layout/random';
import { openDatabase } from '../src/data/database';
import { migrateDatabase } from '../src/data/migrate';
import { logPage } from '../src/server/log';
import { write } from '../src/server/recordRoutes';

const NOTES = 10_000;
const A_GARMENT = 40;

/** Words as they come up in notes: few often, many seldom. */
const WORDS =
  'band hem neck wavy sleeve differential tension stretch rib popped soft edge quarter press pull seam'.split(
    ' ',
  );

/** Median time until a page of a log of 10,000 notes is there, for a key typed after a key, ms. */
export function logMs(): number {
  const folder = mkdtempSync(join(tmpdir(), 'idle-stretch-bench-'));
  const path = join(folder, 'log.db');
  migrateDatabase(path, new Date(0));
  const db = openDatabase(path);
  const random = randomFrom(16);
  const word = () => WORDS[Math.floor(random() ** 2 * WORDS.length)] ?? 'band';
  for (let at = 0; at < NOTES / A_GARMENT; at += 1) {
    const stepNotes = Object.fromEntries(
      Array.from({ length: A_GARMENT }, (_, nth) => [
        `s${nth}`,
        { text: Array.from({ length: 12 }, word).join(' ') },
      ]),
    );
    const facts = { ...newTee(`Tee ${at}`), stepNotes };
    const made = write(db, { label: 'x', ops: [{ op: 'create', kind: 'garment', id: `g${at}`, facts }] });
    if (!made.ok) throw new Error(`expected the bench's notes to be taken, got ${made.code}`);
  }
  const times = ['neck band rib', 'hem sleeve soft', 'tension pull seam'].flatMap((typed) =>
    Array.from(typed, (_, nth) => {
      const start = performance.now();
      logPage(db, new URLSearchParams({ q: typed.slice(0, nth + 1) }));
      return performance.now() - start;
    }),
  );
  db.$client.close();
  rmSync(folder, { recursive: true, force: true });
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Infinity;
}
