import 'server-only';
import { asc, eq } from 'drizzle-orm';
import { refsOf } from '@/core/facts/refs';
import { recordKinds, type FactsByKind, type RecordKind } from '@/core/facts/records';
import { openDatabase, type Database } from './database';
import { findPhoto, listPhotos, type Photo, type PhotoLine } from './photos';
import { findRecord, tables, type Stored } from './records';

/** A record in a snapshot: when it was written, without its facts. */
export interface SnapshotLine {
  readonly kind: RecordKind;
  readonly id: string;
  readonly createdAt: string;
  readonly updatedAt: string;
}

/** The whole household as it was at one moment, whatever is written meanwhile. To be closed. */
export interface Snapshot {
  /** What is here, and what was taken away but is still named by something that is here. */
  readonly records: readonly SnapshotLine[];
  readonly photos: readonly PhotoLine[];
  /** A record's facts. Throws where there is none. */
  readonly facts: (kind: RecordKind, id: string) => FactsByKind[RecordKind];
  /** A photo with its bytes. Throws where there is none. */
  readonly photo: (id: string) => Photo;
  readonly close: () => void;
}

/** Opens a snapshot: a connection of its own in a transaction that only reads, so that nobody waits for it. */
export function openSnapshot(db: Database): Snapshot {
  const own = openDatabase(db.$client.name);
  own.$client.exec('BEGIN');
  const get = <T>(found: T | undefined, what: string): T => {
    if (found === undefined)
      throw new Error(`expected ${what} in the snapshot, got none; ask for what it lists`);
    return found;
  };
  const records = linesOf(own);
  const listed = new Set(records.map(({ kind, id }) => `${kind} ${id}`));
  return {
    records,
    photos: listPhotos(own).filter(({ kind, recordId }) => listed.has(`${kind} ${recordId}`)),
    facts: (kind, id) => get(findRecord(own, kind, id), `${kind} ${id}`).facts,
    photo: (id) => get(findPhoto(own, id), `photo ${id}`),
    close: () => {
      if (own.$client.open) own.$client.close();
    },
  };
}

function linesOf(db: Database): readonly SnapshotLine[] {
  const taken = new Map<string, SnapshotLine>();
  const take = (kind: RecordKind, id: string) => {
    const record = taken.has(`${kind} ${id}`) ? undefined : lineOf(db, kind, id);
    if (!record) return;
    taken.set(`${kind} ${id}`, record.line);
    for (const ref of refsOf(kind, record.facts)) take(ref.kind, ref.id);
  };
  for (const kind of recordKinds) {
    const { id, removedAt } = tables[kind];
    for (const row of db.select({ id, removedAt }).from(tables[kind]).orderBy(asc(id)).all())
      if (row.removedAt === null) take(kind, row.id);
  }
  return [...taken.values()];
}

function lineOf(
  db: Database,
  kind: RecordKind,
  id: string,
): { readonly line: SnapshotLine; readonly facts: Stored['facts'] } | undefined {
  const { createdAt, updatedAt, facts, ...table } = tables[kind];
  const row = db.select({ createdAt, updatedAt, facts }).from(tables[kind]).where(eq(table.id, id)).get();
  if (!row) return undefined;
  const line = { kind, id, createdAt: row.createdAt, updatedAt: row.updatedAt };
  return { line, facts: row.facts as Stored['facts'] };
}
