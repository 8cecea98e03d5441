import 'server-only';
import type { Database } from '@/data/database';
import { minutesTaken } from '@/data/records';
import { revisionsOf, type Revisions } from '@/data/revisions';

type Runs = Readonly<Record<string, readonly number[]>>;

const read = new WeakMap<Revisions, Map<string, Runs>>();

/** Minutes each step took before, in garments of that kind; read again only after something was written. */
export function runsOf(db: Database, kind: string): Runs {
  const revisions = revisionsOf(db);
  const byKind = read.get(revisions) ?? new Map<string, Runs>();
  read.set(revisions, byKind);
  const known = byKind.get(kind) ?? readRuns(db, kind);
  byKind.set(kind, known);
  return known;
}

function readRuns(db: Database, kind: string): Runs {
  const runs: Record<string, number[]> = {};
  for (const { step, minutes } of minutesTaken(db, kind)) (runs[step] ??= []).push(minutes);
  return runs;
}
