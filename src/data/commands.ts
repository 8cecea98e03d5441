import 'server-only';
import { and, desc, eq, gt, inArray, isNotNull, isNull, ne, or } from 'drizzle-orm';
import { applyChanges, inverseOf, pathsTouch, valueAt, type Change } from '@/core/facts/change';
import type { Fault } from '@/core/facts/faults';
import type { FactsByKind, RecordKind } from '@/core/facts/records';
import type { Database } from './database';
import { keepNotes } from './notes';
import { countUses, findRecord, tables, type Querier, type Stored } from './records';
import { commandOps, commands } from './schema';

/** One thing done to one record. `baseRevision` is what the writer last saw. */
export type Op =
  | {
      readonly op: 'create';
      readonly kind: RecordKind;
      readonly id: string;
      readonly facts: FactsByKind[RecordKind];
      /** When it was written elsewhere, where it comes from a copy. */
      readonly since?: { readonly createdAt: string; readonly updatedAt: string };
    }
  | {
      readonly op: 'set';
      readonly kind: RecordKind;
      readonly id: string;
      readonly baseRevision: number;
      readonly changes: readonly Change[];
    }
  | {
      readonly op: 'remove' | 'restore';
      readonly kind: RecordKind;
      readonly id: string;
      readonly baseRevision: number;
    };

export interface Command {
  /** What it is called beside the undo button. */
  readonly label: string;
  readonly ops: readonly Op[];
  /** The writer's own name for this write. Sent again, because its answer was lost, it is answered and not done twice. */
  readonly writeId?: string | undefined;
}

export type CommandResult =
  | { readonly ok: true; readonly commandId: number; readonly records: readonly Stored[] }
  | { readonly ok: false; readonly code: 'missing'; readonly kind: RecordKind }
  | {
      readonly ok: false;
      readonly code: 'stale';
      readonly record: Stored;
      readonly changed: readonly string[];
    }
  | { readonly ok: false; readonly code: 'in-use'; readonly kind: RecordKind; readonly uses: number }
  | { readonly ok: false; readonly code: 'faults'; readonly faults: readonly Fault[] };

/**
 * Decides whether facts may be stored. Runs inside the transaction, on the facts as they would be. `touched` are the
 * paths that are written; without it all of them are.
 */
export type Check = (
  kind: RecordKind,
  facts: unknown,
  db: Querier,
  id: string,
  touched?: readonly string[],
) => readonly Fault[];

interface Context {
  readonly now: string;
  readonly check: Check;
}

class Refused extends Error {
  constructor(readonly result: CommandResult & { ok: false }) {
    super(result.code);
  }
}

/** Carries out a command and stores its inverse, all in one transaction; nothing is written when any part is refused. */
export function runCommand(db: Database, command: Command, context: Context): CommandResult {
  return transact(db, (tx) => answered(tx, command.writeId) ?? carryOut(tx, command, context));
}

/** What a write that was carried out before is answered with: its records as they are now. */
function answered(tx: Querier, writeId: string | undefined): (CommandResult & { ok: true }) | undefined {
  if (writeId === undefined) return undefined;
  const known = tx.select({ id: commands.id }).from(commands).where(eq(commands.writeId, writeId)).get();
  if (!known) return undefined;
  const ops = tx
    .select({ kind: commandOps.kind, recordId: commandOps.recordId })
    .from(commandOps)
    .where(eq(commandOps.commandId, known.id))
    .orderBy(commandOps.id)
    .all();
  const records = ops.flatMap(({ kind, recordId }) => findRecord(tx, kind, recordId) ?? []);
  return { ok: true, commandId: known.id, records };
}

export type UndoResult =
  | CommandResult
  | { readonly ok: false; readonly code: 'unknown-command' }
  | {
      readonly ok: false;
      readonly code: 'changed-since';
      readonly record: Stored;
      readonly paths: readonly string[];
    };

/**
 * Undoes a command by a new forward write. Refused, with the paths, where a field it touched has changed since.
 * Undoing an undo puts the change back.
 */
export function undoCommand(db: Database, commandId: number, context: Context, writeId?: string): UndoResult {
  const before = answered(db, writeId);
  if (before) return before;
  const command = db.select().from(commands).where(eq(commands.id, commandId)).get();
  if (!command || command.undoneBy !== null) return { ok: false, code: 'unknown-command' };
  const done = db
    .select()
    .from(commandOps)
    .where(eq(commandOps.commandId, commandId))
    .orderBy(desc(commandOps.id))
    .all();
  for (const op of done) {
    const record = findRecord(db, op.kind, op.recordId);
    if (!record) return { ok: false, code: 'missing', kind: op.kind };
    const paths = changedSince(record, op.op, op.changes as Change[]);
    if (paths.length > 0) return { ok: false, code: 'changed-since', record, paths };
  }
  return transact(db, (tx) => {
    const next = new Map<string, number>();
    const ops = done.map((op): Op => {
      const { kind, recordId: id } = op;
      const key = `${kind} ${id}`;
      const baseRevision = next.get(key) ?? findRecord(tx, kind, id)?.revision ?? 0;
      next.set(key, baseRevision + 1);
      if (op.op === 'set') return { op: 'set', kind, id, baseRevision, changes: op.inverse as Change[] };
      return { op: op.op === 'remove' ? 'restore' : 'remove', kind, id, baseRevision };
    });
    const result = carryOut(tx, { label: command.label, ops, writeId }, context, commandId);
    tx.update(commands).set({ undoneBy: result.commandId }).where(eq(commands.id, commandId)).run();
    if (command.undoes !== null)
      tx.update(commands).set({ undoneBy: null }).where(eq(commands.id, command.undoes)).run();
    return result;
  });
}

/** A command that can be undone or put back: what it is called, and on which record it was done. */
export interface Undoable {
  readonly commandId: number;
  readonly label: string;
  readonly where: string;
}

export interface UndoState {
  /** The newest command on these records that can be undone. */
  readonly undo?: Undoable;
  /** The newest undo that nothing has followed, so that it can be put back. */
  readonly redo?: Undoable;
}

/**
 * The records a page shows; `lists`, for pages where whole records come and go; or `table`, where a removal can be taken
 * back but nothing that was made is taken away.
 */
type UndoScope = 'lists' | 'table' | readonly { readonly kind: RecordKind; readonly id: string }[];

const inScope = (scope: UndoScope) => {
  if (scope === 'lists') return ne(commandOps.op, 'set');
  if (scope === 'table') return inArray(commandOps.op, ['remove', 'restore']);
  return and(
    eq(commandOps.op, 'set'),
    or(...scope.map(({ kind, id }) => and(eq(commandOps.kind, kind), eq(commandOps.recordId, id)))),
  );
};

/** What can be undone and put back on a page: changes to its records' fields, or records made and removed. */
export function undoState(db: Querier, scope: UndoScope): UndoState {
  if (scope.length === 0) return {};
  const within = inScope(scope);
  const newest = (which: 'done' | 'undone'): Undoable | undefined => {
    const found = db
      .select({
        commandId: commands.id,
        label: commands.label,
        kind: commandOps.kind,
        recordId: commandOps.recordId,
      })
      .from(commands)
      .innerJoin(commandOps, eq(commandOps.commandId, commands.id))
      .where(
        and(
          within,
          isNull(commands.undoneBy),
          which === 'done' ? isNull(commands.undoes) : isNotNull(commands.undoes),
        ),
      )
      .orderBy(desc(commands.id))
      .limit(1)
      .get();
    if (!found) return undefined;
    const { commandId, label, kind, recordId } = found;
    return { commandId, label, where: findRecord(db, kind, recordId)?.facts.name ?? '' };
  };
  const undo = newest('done');
  const redo = newest('undone');
  const followed =
    redo &&
    db
      .select({ id: commands.id })
      .from(commands)
      .innerJoin(commandOps, eq(commandOps.commandId, commands.id))
      .where(and(within, isNull(commands.undoes), gt(commands.id, redo.commandId)))
      .limit(1)
      .get();
  return { ...(undo ? { undo } : {}), ...(redo && !followed ? { redo } : {}) };
}

function carryOut(
  tx: Querier,
  command: Command,
  context: Context,
  undoes?: number,
): CommandResult & { ok: true } {
  const row = tx
    .insert(commands)
    .values({
      at: context.now,
      label: command.label,
      writeId: command.writeId ?? null,
      undoes: undoes ?? null,
    })
    .returning({ id: commands.id })
    .get();
  const records = command.ops.map((op) => carryOutOp(tx, op, row.id, context));
  return { ok: true, commandId: row.id, records };
}

function carryOutOp(tx: Querier, op: Op, commandId: number, { now, check }: Context): Stored {
  const table = tables[op.kind];
  const record = findRecord(tx, op.kind, op.id);
  if (op.op === 'create') {
    if (record) throw new Error(`expected a new id for a ${op.kind}, got one in use; make another`);
    refuseFaults(check(op.kind, op.facts, tx, op.id));
    const { createdAt, updatedAt } = op.since ?? { createdAt: now, updatedAt: now };
    tx.insert(table).values({ id: op.id, revision: 1, facts: op.facts, createdAt, updatedAt }).run();
    keepNotes(tx, op, { after: op.facts, now: updatedAt });
    log(tx, commandId, op, 1, [], []);
    return findRecord(tx, op.kind, op.id) as Stored;
  }
  if (!record) throw new Refused({ ok: false, code: 'missing', kind: op.kind });
  if (op.op === 'remove' && record.removed) throw new Refused({ ok: false, code: 'missing', kind: op.kind });
  if (record.revision !== op.baseRevision) {
    const changed = pathsSince(tx, op.kind, op.id, op.baseRevision);
    throw new Refused({ ok: false, code: 'stale', record, changed });
  }
  const revision = record.revision + 1;
  if (op.op === 'set') {
    if (record.removed) throw new Refused({ ok: false, code: 'missing', kind: op.kind });
    const facts = applyChanges(record.facts, op.changes);
    const touched = op.changes.map(({ path }) => path);
    refuseFaults(check(op.kind, facts, tx, op.id, touched));
    tx.update(table).set({ facts, revision, updatedAt: now }).where(eq(table.id, op.id)).run();
    keepNotes(tx, op, { before: record.facts, after: facts, now });
    log(tx, commandId, op, revision, op.changes, inverseOf(record.facts, op.changes));
  } else {
    if (op.op === 'remove' && op.kind !== 'garment') {
      const uses = countUses(tx, op.kind, op.id);
      if (uses > 0) throw new Refused({ ok: false, code: 'in-use', kind: op.kind, uses });
    }
    const removedAt = op.op === 'remove' ? now : null;
    keepNotes(tx, op, { [op.op === 'remove' ? 'before' : 'after']: record.facts, now });
    tx.update(table).set({ removedAt, revision, updatedAt: now }).where(eq(table.id, op.id)).run();
    log(tx, commandId, op, revision, [], []);
  }
  return findRecord(tx, op.kind, op.id) as Stored;
}

function log(
  tx: Querier,
  commandId: number,
  op: Op,
  revision: number,
  changes: readonly Change[],
  inverse: readonly Change[],
): void {
  tx.insert(commandOps)
    .values({ commandId, op: op.op, kind: op.kind, recordId: op.id, revision, changes, inverse })
    .run();
}

/** The fields other writers have set since a revision. */
function pathsSince(tx: Querier, kind: RecordKind, id: string, revision: number): string[] {
  const rows = tx
    .select({ changes: commandOps.changes })
    .from(commandOps)
    .where(
      and(eq(commandOps.kind, kind), inArray(commandOps.recordId, [id]), gt(commandOps.revision, revision)),
    )
    .all();
  return [...new Set(rows.flatMap((row) => (row.changes as Change[]).map(({ path }) => path)))];
}

/** The paths on which a record no longer holds what the command wrote there. */
function changedSince(record: Stored, op: Op['op'], changes: readonly Change[]): string[] {
  if (op === 'remove') return record.removed ? [] : ['removed'];
  if (op !== 'set') return record.removed ? ['removed'] : [];
  return changes
    .filter((change, at) => !changes.slice(at + 1).some((later) => pathsTouch(later.path, change.path)))
    .filter(
      ({ path, value }) => JSON.stringify(valueAt(record.facts, path) ?? null) !== JSON.stringify(value),
    )
    .map(({ path }) => path);
}

function refuseFaults(faults: readonly Fault[]): void {
  if (faults.length > 0) throw new Refused({ ok: false, code: 'faults', faults });
}

function transact<R extends { ok: boolean }>(
  db: Database,
  work: (tx: Querier) => R,
): R | (CommandResult & { ok: false }) {
  try {
    return db.transaction((tx) => work(tx as unknown as Querier), { behavior: 'immediate' });
  } catch (error) {
    if (error instanceof Refused) return error.result;
    throw error;
  }
}
