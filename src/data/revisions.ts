import 'server-only';
import type Sqlite from 'better-sqlite3';
import { asc, isNull } from 'drizzle-orm';
import { recordKinds, type RecordKind } from '@/core/facts/records';
import type { Database } from './database';
import { tables } from './records';

/** The revision of every record that is here, by kind and id; oldest first. */
export type Revisions = Readonly<Record<RecordKind, ReadonlyMap<string, number>>>;

interface Watch {
  readonly others: Sqlite.Statement;
  readonly own: Sqlite.Statement;
  state?: string;
  revisions?: Revisions;
}

const watches = new WeakMap<Database, Watch>();

function watchOf(db: Database): Watch {
  let watch = watches.get(db);
  if (!watch) {
    const [others, own] = ['pragma data_version', 'select total_changes()'] as const;
    watch = { others: db.$client.prepare(others).pluck(), own: db.$client.prepare(own).pluck() };
    watches.set(db, watch);
  }
  return watch;
}

/** The revisions as they are now: the same object until something is written, by this connection or another. */
export function revisionsOf(db: Database): Revisions {
  const watch = watchOf(db);
  const state = `${String(watch.others.get())} ${String(watch.own.get())}`;
  if (watch.state !== state || !watch.revisions) {
    watch.revisions = Object.fromEntries(
      recordKinds.map((kind) => [kind, readRevisions(db, kind)]),
    ) as unknown as Revisions;
    watch.state = state;
  }
  return watch.revisions;
}

/** How many records are here, of every kind. */
export const countRecords = (db: Database): number =>
  Object.values(revisionsOf(db)).reduce((sum, { size }: ReadonlyMap<string, number>) => sum + size, 0);

function readRevisions(db: Database, kind: RecordKind): ReadonlyMap<string, number> {
  const { id, revision, removedAt, createdAt } = tables[kind];
  const rows = db.select({ id, revision }).from(tables[kind]).where(isNull(removedAt));
  return new Map(rows.orderBy(asc(createdAt), asc(id)).values() as [string, number][]);
}
