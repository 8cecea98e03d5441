import 'server-only';
import { and, asc, desc, eq, inArray, isNull, like, or, sql, type SQL } from 'drizzle-orm';
import type { SQLiteSelect } from 'drizzle-orm/sqlite-core';
import type { FactsByKind, RecordKind, StoredRecord } from '@/core/facts/records';
import type { StyleId } from '@/core/facts/wearer';
import type { ClothRole } from '@/core/facts/layout';
import type { Counted } from '@/core/log/figures';
import type { KindId } from '@/core/facts/kindIds';
import type { Database } from './database';
import { edgeRefFields, edgeRefs, threadRefFields, type Garment } from '@/core/facts/garment';
import {
  cloths,
  elastics,
  findings,
  garments,
  machineSets,
  machines,
  ownKinds,
  patterns,
  wearers,
} from './schema';

/** A record as stored, with when it was last written and whether it is removed. */
export interface Stored<K extends RecordKind = RecordKind> extends StoredRecord<K> {
  readonly updatedAt: string;
  readonly removed: boolean;
}

/** What can run a query: the database, or a transaction on it. */
export type Querier = Pick<Database, 'select' | 'insert' | 'update' | 'delete' | 'all'>;

export const tables = {
  wearer: wearers,
  cloth: cloths,
  elastic: elastics,
  finding: findings,
  pattern: patterns,
  ownKind: ownKinds,
  machine: machines,
  machineSet: machineSets,
  garment: garments,
} as const;

/** The record, removed or not; `undefined` when it never was. */
export function findRecord<K extends RecordKind>(db: Querier, kind: K, id: string): Stored<K> | undefined {
  const table = tables[kind];
  const row = db.select(stored(table)).from(table).where(eq(table.id, id)).get();
  return row && toStored(kind, row);
}

interface ListOptions {
  readonly limit: number;
  readonly offset?: number;
  /** Only names that contain this. */
  readonly query?: string;
  readonly order?: 'name' | 'updated';
}

/** A page of the records that are not removed. */
export const listRecords = <K extends RecordKind>(
  db: Querier,
  kind: K,
  options: ListOptions,
): readonly Stored<K>[] =>
  pageOf(kind, options, db.select(stored(tables[kind])).from(tables[kind]).$dynamic())
    .all()
    .map((row) => toStored(kind, row));

/** Every record of a kind that is here. */
export const listAll = <K extends RecordKind>(db: Querier, kind: K): readonly Stored<K>[] =>
  db
    .select(stored(tables[kind]))
    .from(tables[kind])
    .where(isNull(tables[kind].removedAt))
    .orderBy(asc(tables[kind].id))
    .all()
    .map((row) => toStored(kind, row));

/** The same page by id and name alone, where nothing more is wanted: facts are large. */
export const listNames = (
  db: Querier,
  kind: RecordKind,
  options: ListOptions,
): readonly { readonly id: string; readonly name: string }[] => {
  const { id, name } = tables[kind];
  return pageOf(kind, options, db.select({ id, name }).from(tables[kind]).$dynamic())
    .all()
    .map((row) => ({ id: row.id, name: row.name ?? '' }));
};

function pageOf<Q extends SQLiteSelect>(
  kind: RecordKind,
  { limit, offset = 0, query = '', order = 'name' }: ListOptions,
  rows: Q,
) {
  const table = tables[kind];
  const named = query === '' ? undefined : like(table.name, `%${escapeLike(query)}%`);
  const sorted = order === 'name' ? asc(table.name) : desc(table.updatedAt);
  return rows
    .where(and(isNull(table.removedAt), named))
    .orderBy(sorted, asc(table.id))
    .limit(limit)
    .offset(offset);
}

/** Garments, newest first, that are for this wearer or out of one of these cloths. */
export function garmentsSharing(
  db: Querier,
  { wearerId, clothIds, limit }: { wearerId?: string; clothIds: readonly string[]; limit: number },
): readonly Stored<'garment'>[] {
  const shares = [
    ...(wearerId ? [eq(garments.wearerId, wearerId)] : []),
    ...(clothIds.length > 0
      ? [
          inArray(garments.outerClothId, clothIds),
          inArray(garments.bandClothId, clothIds),
          inArray(garments.liningClothId, clothIds),
        ]
      : []),
  ];
  if (shares.length === 0) return [];
  return db
    .select(stored(garments))
    .from(garments)
    .where(and(isNull(garments.removedAt), or(...shares)))
    .orderBy(desc(garments.updatedAt), asc(garments.id))
    .limit(limit)
    .all()
    .map((row) => toStored('garment', row));
}

/** How many garments, and for a cloth also stacks, for a machine the sets, that are not removed use a record. */
export function countUses(db: Querier, kind: Exclude<RecordKind, 'garment'>, id: string): number {
  if (kind === 'machine') return countSets(db, id);
  const uses = {
    wearer: eq(garments.wearerId, id),
    cloth: or(eq(garments.outerClothId, id), eq(garments.bandClothId, id), eq(garments.liningClothId, id)),
    elastic: namedByEdge('elastic', id),
    finding: namedByEdge('finding', id),
    pattern: eq(garments.patternId, id),
    ownKind: eq(garments.ownKindId, id),
    machineSet: sql`json_extract(${garments.facts}, '$.machineSetId') = ${id}`,
  }[kind];
  const row = db
    .select({ uses: sql<number>`count(*)` })
    .from(garments)
    .where(and(isNull(garments.removedAt), uses))
    .get();
  return (row?.uses ?? 0) + (kind === 'cloth' ? countStacks(db, id) : 0);
}

/** Whether an edge of a garment names this elastic or finding. */
function namedByEdge(kind: 'elastic' | 'finding', id: string) {
  const named = edgeRefFields
    .filter((field) => edgeRefs[field] === kind)
    .map((field) => sql`json_extract(edge.value, ${`$.${field}`}) = ${id}`);
  const atEdge = sql`exists (select 1 from json_each(${garments.facts}, '$.edges') as edge where ${sql.join(named, sql` or `)})`;
  if (kind === 'elastic') return atEdge;
  const asThread = threadRefFields.map(
    (field) => sql`json_extract(${garments.facts}, ${`$.threads.${field}`}) = ${id}`,
  );
  return sql`(${sql.join([atEdge, ...asThread], sql` or `)})`;
}

function countStacks(db: Querier, clothId: string): number {
  const layer = sql`exists (select 1 from json_each(${cloths.facts}, '$.layers') as layer where json_extract(layer.value, '$.clothId') = ${clothId})`;
  const row = db
    .select({ uses: sql<number>`count(*)` })
    .from(cloths)
    .where(and(isNull(cloths.removedAt), layer))
    .get();
  return row?.uses ?? 0;
}

/** Machine sets that a machine is in. */
function countSets(db: Querier, machineId: string): number {
  const row = db
    .select({ uses: sql<number>`count(*)` })
    .from(machineSets)
    .where(
      and(
        isNull(machineSets.removedAt),
        sql`json_extract(${machineSets.facts}, ${`$.machines."${machineId}"`}) = 1`,
      ),
    )
    .get();
  return row?.uses ?? 0;
}

/** Garments whose minutes count: older ones tell of slower hands and other machines. */
const MAX_RUNS = 60;

/** What every step of the latest garments of a kind took, in minutes, wherever its clock ran. */
export function minutesTaken(
  db: Querier,
  kindId: string,
): readonly { readonly step: string; readonly minutes: number }[] {
  return db.all<{ step: string; minutes: number }>(
    sql`select sewn.key as step, json_extract(sewn.value, '$.minutes') as minutes
      from (
        select id, facts, created_at from garments
        where removed_at is null and json_extract(facts, '$.kind') = ${kindId}
        order by updated_at desc, id limit ${MAX_RUNS}
      ) as lately, json_each(lately.facts, '$.sewn') as sewn
      where json_extract(sewn.value, '$.minutes') is not null
      order by lately.created_at, lately.id`,
  );
}

/** The garments of a kind that a wearer has tried on, oldest first, with no more of them than that. */
export function triedOn(
  db: Querier,
  { wearerId, kind }: { readonly wearerId: string; readonly kind: KindId },
): readonly (Pick<Garment, 'name' | 'kind' | 'style' | 'fittings'> & { readonly id: string })[] {
  return db
    .all<{ id: string; name: string; style: StyleId; fittings: string }>(
      sql`select id, name, json_extract(facts, '$.style') as style, json_extract(facts, '$.fittings') as fittings from garments
        where removed_at is null and wearer_id = ${wearerId} and json_extract(facts, '$.kind') = ${kind}
          and json_extract(facts, '$.fittings') <> '{}'
        order by created_at, id`,
    )
    .map(({ id, name, style, fittings }) => ({
      id,
      name,
      kind,
      style,
      fittings: JSON.parse(fittings) as Garment['fittings'],
    }));
}

/** As much of every garment as the log's figures are made of. */
export function countedGarments(db: Querier): readonly Counted[] {
  const cut = (role: ClothRole, clothId: SQL) => sql`(
    select case when exists (
      select 1 from json_each(g.facts, ${`$.layouts.${role}.places`}) as place
      where json_extract(place.value, '$.cutOn') is not null
    ) then json_object(
      'cloth', c.name,
      'mm', coalesce(json_extract(g.facts, ${`$.layouts.${role}.shareMm`}), json_extract(g.facts, ${`$.layouts.${role}.lengthMm`}))
    ) end from cloths as c where c.id = ${clothId})`;
  const rows = db.all<{
    readonly counted: string;
    readonly outer: string;
    readonly lining: string;
    readonly band: string;
  }>(sql`
    select json_object(
      'fittings', json_extract(g.facts, '$.fittings'),
      'sewn', json_extract(g.facts, '$.sewn'),
      'wrong', json_extract(g.facts, '$.wrong')
    ) as counted,
    ${cut('outer', sql`g.outer_cloth_id`)} as outer,
    ${cut('lining', sql`g.lining_cloth_id`)} as lining,
    ${cut('band', sql`g.band_cloth_id`)} as band
    from garments as g where g.removed_at is null`);
  return rows.map(({ counted, ...cuts }) => {
    const { wrong, ...rest } = JSON.parse(counted) as Omit<Counted, 'cut' | 'wrong'> & {
      wrong: Counted['wrong'] | null;
    };
    const cut = Object.values(cuts).flatMap((one) =>
      one ? [JSON.parse(one) as Counted['cut'][number]] : [],
    );
    return { ...rest, ...(wrong ? { wrong } : {}), cut };
  });
}

type Table = (typeof tables)[RecordKind];

const stored = (table: Table) => ({
  id: table.id,
  revision: table.revision,
  facts: table.facts,
  updatedAt: table.updatedAt,
  removedAt: table.removedAt,
});

interface Row {
  readonly id: string;
  readonly revision: number;
  readonly facts: unknown;
  readonly updatedAt: string;
  readonly removedAt: string | null;
}

const toStored = <K extends RecordKind>(kind: K, row: Row): Stored<K> => ({
  kind,
  id: row.id,
  revision: row.revision,
  facts: row.facts as FactsByKind[K],
  updatedAt: row.updatedAt,
  removed: row.removedAt !== null,
});

/** `%` and `_` in a search are themselves; SQLite's LIKE has no escape character of its own, so they are dropped. */
const escapeLike = (query: string): string => query.replace(/[%_]/g, '');
