import 'server-only';
import type { Database } from '@/data/database';
import { minutesTaken } from '@/data/records';

/** Minutes each step took before, in garments of that kind. */
export function runsOf(db: Database, kind: string): Readonly<Record<string, readonly number[]>> {
  const runs: Record<string, number[]> = {};
  for (const { step, minutes } of minutesTaken(db, kind)) (runs[step] ??= []).push(minutes);
  return runs;
}
