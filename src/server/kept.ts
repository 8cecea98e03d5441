import 'server-only';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { RecordKind } from '@/core/facts/records';
import { gatherFacts, type FindFacts } from '@/core/plan/gatherFacts';
import type { Database } from '@/data/database';
import { findRecord, type Stored } from '@/data/records';
import { revisionsOf, type Revisions } from '@/data/revisions';
import { finderIn, present } from './present';
import { runsOf } from './runs';
import { today } from './today';

/** One garment, and all that what is worked out of it may ask for. */
interface Asked {
  readonly record: Stored<'garment'>;
  readonly facts: GarmentFacts;
  readonly onDate: string;
  /** Minutes each step took before, in garments of its kind. */
  readonly runs: () => ReturnType<typeof runsOf>;
}

/** What answers are read from. */
interface Now {
  readonly db: Database;
  readonly onDate: string;
  readonly revisions: Revisions;
}

/** Something that was asked for, as a value that stays equal while the answer stays as it is. */
interface Answer {
  readonly was: unknown;
  readonly read: (now: Now) => unknown;
}
interface Kept {
  readonly answers: readonly Answer[];
  readonly value: unknown;
  /** When the answers were last known to be what they were. */
  seenAt: Now;
}

/** Pages and what runs at the start are built apart: what is kept is kept once for the whole server. */
const shared = globalThis as { idleStretchKept?: WeakMap<Database, Map<string, Kept>> };

function keptIn(db: Database): Map<string, Kept> {
  shared.idleStretchKept ??= new WeakMap();
  let kept = shared.idleStretchKept.get(db);
  if (!kept) shared.idleStretchKept.set(db, (kept = new Map()));
  return kept;
}

/** The household as it is now, for many questions in one go. */
export const nowOf = (db: Database): Now => ({ db, onDate: today(), revisions: revisionsOf(db) });

/**
 * Works something out of garments and keeps it under a name of its own, for as long as the day and the revision of
 * every record it was worked out of stay as they are. `undefined` for a garment that is not here.
 */
export function keptOf<T>(name: string, work: (asked: Asked) => T) {
  return (now: Now, id: string): T | undefined => {
    const kept = keptIn(now.db);
    const key = `${name} ${id}`;
    const before = kept.get(key);
    if (before && stands(before, now)) return before.value as T;
    kept.delete(key);
    const answers: Answer[] = [];
    const asked = askedOf(now, id, (read) => answers.push({ read, was: read(now) }));
    if (!asked) return undefined;
    const value = work(asked);
    kept.set(key, { answers, value, seenAt: now });
    return value;
  };
}

/** Whether every answer is what it was; not asked again while nothing at all was written. */
function stands(kept: Kept, now: Now): boolean {
  if (isSame(kept.seenAt, now)) return true;
  if (!kept.answers.every(({ read, was }) => read(now) === was)) return false;
  kept.seenAt = now;
  return true;
}

const isSame = (one: Now, other: Now): boolean =>
  one.revisions === other.revisions && one.onDate === other.onDate;

/** Works something out of the whole household and keeps it until anything at all is written, or the day is over. */
export function keptWhole<T>(work: (now: Now) => T): (db: Database) => T {
  const last = new WeakMap<Database, { readonly seenAt: Now; readonly value: T }>();
  return (db) => {
    const now = nowOf(db);
    const before = last.get(db);
    if (before && isSame(before.seenAt, now)) return before.value;
    const value = work(now);
    last.set(db, { seenAt: now, value });
    return value;
  };
}

function askedOf(now: Now, id: string, ask: (read: Answer['read']) => void): Asked | undefined {
  const { db, onDate } = now;
  const record = present(findRecord(db, 'garment', id));
  if (!record) return undefined;
  const revision = (kind: RecordKind, named: string) => ask(({ revisions }) => revisions[kind].get(named));
  ask((at) => at.onDate);
  revision('garment', id);
  const found = finderIn(db);
  const find: FindFacts = (kind, named) => {
    revision(kind, named);
    return found(kind, named);
  };
  return {
    record,
    facts: gatherFacts(record.facts, find),
    onDate,
    runs: () => {
      ask((at) => JSON.stringify(runsOf(at.db, record.facts.kind)));
      return runsOf(db, record.facts.kind);
    },
  };
}
