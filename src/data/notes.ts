import 'server-only';
import { and, eq, sql, type SQL } from 'drizzle-orm';
import type { Garment } from '@/core/facts/garment';
import { recordKinds, type FactsByKind, type RecordKind } from '@/core/facts/records';
import type { Ref } from '@/core/facts/refs';
import { notesOf, thingsOf, type NoteKind } from '@/core/log/notes';
import { MATCHED } from '@/core/views/logViews';
import { tables, type Querier } from './records';
import { noteThings, notes } from './schema';

interface Kept {
  readonly kind: RecordKind;
  readonly id: string;
  readonly facts: FactsByKind[RecordKind];
}

/**
 * Writes the notes of a record anew, in the transaction that writes the record: `before` as it was, absent where it is
 * new or was away; `after` as it is, absent where it goes. Notes that stay where they stood keep the day they were
 * first written down.
 */
export function keepNotes(
  tx: Querier,
  { kind, id }: Pick<Kept, 'kind' | 'id'>,
  {
    before,
    after,
    now,
  }: { readonly before?: Kept['facts']; readonly after?: Kept['facts']; readonly now: string },
): void {
  const [was, is] = [before, after].map((facts) => facts && whole({ kind, id, facts }));
  if (JSON.stringify(was) === JSON.stringify(is)) return;
  const ofRecord = and(eq(notes.kind, kind), eq(notes.recordId, id));
  const known = new Map(
    tx
      .select({ path: notes.path, at: notes.at })
      .from(notes)
      .where(ofRecord)
      .all()
      .map(({ path, at }) => [path, at]),
  );
  tx.delete(notes).where(ofRecord).run();
  if (!is) return;
  for (const { path, what, label, text, on } of is.notes) {
    const at = on ?? known.get(path) ?? now.slice(0, 10);
    const row = {
      kind,
      recordId: id,
      name: is.name,
      path,
      what,
      label,
      text,
      at,
      garmentKind: is.garmentKind,
    };
    const { noteId } = tx.insert(notes).values(row).returning({ noteId: notes.id }).get();
    tx.insert(noteThings)
      .values(is.things.map((thing) => ({ noteId, kind: thing.kind, thingId: thing.id })))
      .run();
  }
}

/** All of a record that its notes are written from. */
const whole = ({ kind, id, facts }: Kept) => ({
  name: facts.name,
  notes: notesOf(kind, facts),
  things: thingsOf(kind, id, facts),
  garmentKind: kind === 'garment' ? (facts as Garment).kind : null,
});

/** Writes the notes of every record that is here: once, where the tables of notes are new. */
export function keepAllNotes(tx: Querier): void {
  for (const kind of recordKinds) {
    const { id, facts, updatedAt, removedAt } = tables[kind];
    const rows = tx.select({ id, facts, updatedAt, removedAt }).from(tables[kind]).all();
    for (const row of rows)
      if (row.removedAt === null)
        keepNotes(
          tx,
          { kind, id: row.id },
          { after: row.facts as FactsByKind[RecordKind], now: row.updatedAt },
        );
  }
}

/** Which notes are asked for. */
export interface NoteQuery {
  /** For the index: see `readQuery`. */
  readonly match?: string | undefined;
  readonly what?: NoteKind | undefined;
  /** About one of these, and one of those, and so on. */
  readonly about?: readonly (readonly Ref[])[] | undefined;
  readonly garmentKind?: string | undefined;
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  /** Standing in this field of the facts. */
  readonly field?: string | undefined;
  readonly limit: number;
  /** Without what matched being marked. */
  readonly plain?: true;
  readonly offset?: number | undefined;
}

/** A note as it was found; what matched stands between the two signs of `MATCHED`. */
export interface FoundNote {
  readonly id: number;
  readonly kind: RecordKind;
  readonly recordId: string;
  readonly name: string;
  readonly path: string;
  readonly what: NoteKind;
  readonly label: string;
  readonly text: string;
  readonly at: string;
}

/** The notes that are asked for, the newest first. */
export function findNotes(db: Querier, query: NoteQuery): readonly FoundNote[] {
  const { match, limit, offset = 0, plain } = query;
  const from = match === undefined ? sql`notes n` : sql`notes_fts join notes n on n.id = notes_fts.rowid`;
  const page = sql`select n.id from ${from} where ${sql.join(conditions(query), sql` and `)}
    order by n.at desc, n.id desc limit ${limit} offset ${offset}`;
  const marked = match !== undefined && !plain;
  // What matched is marked on the page alone: of all that was found that would take long.
  return db.all<FoundNote>(sql`
    select n.id, n.kind, n.record_id as recordId, n.name, n.path, n.what, n.label, n.at,
      ${marked ? sql`highlight(notes_fts, 0, ${MATCHED[0]}, ${MATCHED[1]})` : sql`n.text`} as text
    from ${marked ? from : sql`notes n`}
    where ${marked ? sql`notes_fts match ${match} and n.id in (${page})` : sql`n.id in (${page})`}
    order by n.at desc, n.id desc`);
}

function conditions({ match, what, about = [], garmentKind, from, to, field }: NoteQuery): SQL[] {
  return [
    sql`true`,
    ...(match === undefined ? [] : [sql`notes_fts match ${match}`]),
    ...(what === undefined ? [] : [sql`n.what = ${what}`]),
    ...(garmentKind === undefined ? [] : [sql`n.garment_kind = ${garmentKind}`]),
    ...(field === undefined ? [] : [sql`n.path glob ${`${field}.*`}`]),
    ...(from === undefined ? [] : [sql`n.at >= ${from}`]),
    ...(to === undefined ? [] : [sql`n.at <= ${to}`]),
    ...about.map((things) => {
      const one = things.map(({ kind, id }) => sql`(t.kind = ${kind} and t.thing_id = ${id})`);
      return sql`exists (select 1 from note_things t where t.note_id = n.id and (${sql.join(one, sql` or `)}))`;
    }),
  ];
}
