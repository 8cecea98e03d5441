import { sql } from 'drizzle-orm';
import {
  blob,
  index,
  integer,
  primaryKey,
  sqliteTable,
  text,
  type AnySQLiteColumn,
} from 'drizzle-orm/sqlite-core';
import type { PhotographedKind } from '@/core/facts/photos';
import type { RecordKind } from '@/core/facts/records';
import type { NoteKind } from '@/core/log/notes';

/**
 * One table per kind of record: its facts as JSON, and what is searched or joined as columns generated from
 * them, so that there is one truth. A removed record stays, so that its removal can be undone.
 */
const recordColumns = () => ({
  id: text('id').primaryKey(),
  revision: integer('revision').notNull(),
  facts: text('facts', { mode: 'json' }).notNull(),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  removedAt: text('removed_at'),
  name: text('name').generatedAlwaysAs(sql`json_extract(facts, '$.name')`, { mode: 'virtual' }),
});

export const wearers = sqliteTable('wearers', recordColumns(), (table) => [
  index('wearers_name').on(table.name),
]);

export const cloths = sqliteTable('cloths', recordColumns(), (table) => [
  index('cloths_name').on(table.name),
]);

export const patterns = sqliteTable('patterns', recordColumns(), (table) => [
  index('patterns_name').on(table.name),
]);

export const elastics = sqliteTable('elastics', recordColumns(), (table) => [
  index('elastics_name').on(table.name),
]);

export const findings = sqliteTable('findings', recordColumns(), (table) => [
  index('findings_name').on(table.name),
]);

export const ownKinds = sqliteTable('own_kinds', recordColumns(), (table) => [
  index('own_kinds_name').on(table.name),
]);

export const machines = sqliteTable('machines', recordColumns(), (table) => [
  index('machines_name').on(table.name),
]);

export const machineSets = sqliteTable('machine_sets', recordColumns(), (table) => [
  index('machine_sets_name').on(table.name),
]);

/** Photos of cloths and of rounds of trying on, outside the undo: deleting one is asked first and is for good. */
export const photos = sqliteTable(
  'photos',
  {
    id: text('id').primaryKey(),
    kind: text('kind').$type<PhotographedKind>().notNull(),
    recordId: text('record_id').notNull(),
    type: text('type').notNull(),
    bytes: blob('bytes', { mode: 'buffer' }).notNull(),
    /** A small JPEG for lists; none of what was kept before there were any. */
    small: blob('small', { mode: 'buffer' }),
    createdAt: text('created_at').notNull(),
    /** The copy it is being brought back from: not here until that is done. */
    incoming: text('incoming'),
  },
  (table) => [index('photos_record').on(table.kind, table.recordId)],
);

export const garments = sqliteTable(
  'garments',
  {
    ...recordColumns(),
    wearerId: text('wearer_id')
      .generatedAlwaysAs(sql`json_extract(facts, '$.wearerId')`, { mode: 'stored' })
      .references((): AnySQLiteColumn => wearers.id),
    outerClothId: text('outer_cloth_id')
      .generatedAlwaysAs(sql`json_extract(facts, '$.outerClothId')`, { mode: 'stored' })
      .references((): AnySQLiteColumn => cloths.id),
    bandClothId: text('band_cloth_id')
      .generatedAlwaysAs(sql`json_extract(facts, '$.bandClothId')`, { mode: 'stored' })
      .references((): AnySQLiteColumn => cloths.id),
    liningClothId: text('lining_cloth_id').generatedAlwaysAs(sql`json_extract(facts, '$.liningClothId')`, {
      mode: 'virtual',
    }),
    patternId: text('pattern_id').generatedAlwaysAs(sql`json_extract(facts, '$.patternId')`, {
      mode: 'virtual',
    }),
    ownKindId: text('own_kind_id').generatedAlwaysAs(sql`json_extract(facts, '$.ownKindId')`, {
      mode: 'virtual',
    }),
  },
  (table) => [
    index('garments_lining_cloth').on(table.liningClothId),
    index('garments_pattern').on(table.patternId),
    index('garments_own_kind').on(table.ownKindId),
    index('garments_updated').on(table.removedAt, table.updatedAt),
    index('garments_wearer').on(table.wearerId),
    index('garments_outer_cloth').on(table.outerClothId),
    index('garments_band_cloth').on(table.bandClothId),
    index('garments_name').on(table.name),
  ],
);

/** What was written down anywhere, one row a note, written anew with the record it stands in. `notes_fts` indexes its text. */
export const notes = sqliteTable(
  'notes',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    kind: text('kind').$type<RecordKind>().notNull(),
    recordId: text('record_id').notNull(),
    /** Where it stands in the record's facts. */
    path: text('path').notNull(),
    what: text('what').$type<NoteKind>().notNull(),
    label: text('label').notNull(),
    text: text('text').notNull(),
    /** What the record is called. */
    name: text('name').notNull(),
    /** The day it is of, else the day it was first written down. */
    at: text('at').notNull(),
    /** The garment's kind, where it is one's. */
    garmentKind: text('garment_kind'),
  },
  (table) => [index('notes_record').on(table.kind, table.recordId), index('notes_at').on(table.at, table.id)],
);

/** What a note is about, so that it can be asked for by wearer, cloth, pattern, machine. */
export const noteThings = sqliteTable(
  'note_things',
  {
    noteId: integer('note_id')
      .notNull()
      .references((): AnySQLiteColumn => notes.id, { onDelete: 'cascade' }),
    kind: text('kind').$type<RecordKind>().notNull(),
    thingId: text('thing_id').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.noteId, table.kind, table.thingId] }),
    index('note_things_thing').on(table.kind, table.thingId),
  ],
);

/** Every command that was carried out, so that it can be undone. */
export const commands = sqliteTable('commands', {
  id: integer('id').primaryKey({ autoIncrement: true }),
  at: text('at').notNull(),
  label: text('label').notNull(),
  /** The writer's own name for this write: the same one again is the same write. */
  writeId: text('write_id').unique(),
  /** The command this one undoes. */
  undoes: integer('undoes').references((): AnySQLiteColumn => commands.id),
  /** The command that undid this one; empty again when that is itself undone. */
  undoneBy: integer('undone_by').references((): AnySQLiteColumn => commands.id),
});

/** What a command did to one record, and what puts it back. */
export const commandOps = sqliteTable(
  'command_ops',
  {
    id: integer('id').primaryKey({ autoIncrement: true }),
    commandId: integer('command_id')
      .notNull()
      .references(() => commands.id),
    op: text('op', { enum: ['create', 'set', 'remove', 'restore'] }).notNull(),
    kind: text('kind').$type<RecordKind>().notNull(),
    recordId: text('record_id').notNull(),
    /** The record's revision after this. */
    revision: integer('revision').notNull(),
    changes: text('changes', { mode: 'json' }).notNull(),
    inverse: text('inverse', { mode: 'json' }).notNull(),
  },
  (table) => [index('command_ops_record').on(table.kind, table.recordId, table.id)],
);
