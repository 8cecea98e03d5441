import 'server-only';
import { randomUUID } from 'node:crypto';
import Joi from 'joi';
import type { Change } from '@/core/facts/change';
import {
  recordKinds,
  recordNames,
  type FactsByKind,
  type RecordKind,
  type StoredRecord,
} from '@/core/facts/records';
import {
  runCommand,
  undoCommand,
  undoState,
  type Command,
  type CommandResult,
  type Op,
  type UndoResult,
} from '@/data/commands';
import type { Database } from '@/data/database';
import { findRecord } from '@/data/records';
import { checkRecord } from './checkRecord';
import { faultsRefusal, readJson, refusal, usablePath } from './http';

const MAX_CHANGES = 200;

/** What every body that writes may carry: its own name, so that the same write again is not done twice. */
interface Named {
  readonly writeId?: string;
}

const label = Joi.string()
  .max(120)
  .required()
  .messages({ '*': 'Give the change a name of at most 120 characters.' });
const revision = Joi.number()
  .integer()
  .min(0)
  .required()
  .messages({ '*': 'Say which revision this is based on: reload the page.' });

const body = (keys: Joi.SchemaMap): Joi.ObjectSchema =>
  Joi.object(keys).messages({
    'object.base': 'The request is not what is expected here: reload the page and try again.',
  });

const writeId = Joi.string()
  .pattern(/^[A-Za-z0-9-]{8,60}$/)
  .messages({ '*': 'A write is named with 8 to 60 letters, digits or dashes.' });

/** The bodies of the routes that write, by name; the bad-input tests walk this list. */
export const bodySchemas = {
  create: body({
    writeId,
    label,
    facts: Joi.object().required().messages({ '*': 'Send the facts of the new record.' }),
  }),
  change: body({
    writeId,
    label,
    baseRevision: revision,
    changes: Joi.array()
      .min(1)
      .max(MAX_CHANGES)
      .required()
      .items(
        Joi.object({
          path: Joi.string()
            .max(200)
            .required()
            .custom(usablePath)
            .messages({ '*': 'That is not a field of this record.' }),
          value: Joi.any().required().messages({ '*': 'Send a value, or null to clear the field.' }),
        }),
      )
      .messages({ '*': `Send 1 to ${MAX_CHANGES} changes.` }),
  }),
  remove: body({ writeId, baseRevision: revision }),
  undo: body({
    writeId,
    commandId: Joi.number().integer().min(1).required().messages({ '*': 'Say which change to undo.' }),
  }),
} as const;

/** What each `RecordKind` in a URL is, or a refusal. */
export function kindOf(text: string): RecordKind | undefined {
  return recordKinds.find((kind) => kind === text);
}

const noKind = (): Response => refusal(404, 'missing', 'There is no such kind of record.');

export async function createRecord(db: Database, kindText: string, request: Request): Promise<Response> {
  const kind = kindOf(kindText);
  if (!kind) return noKind();
  const sent = await readJson<Named & { label: string; facts: FactsByKind[RecordKind] }>(
    request,
    bodySchemas.create,
  );
  if (!sent.ok) return sent.response;
  const { facts, label: name, writeId: named } = sent.value;
  return commandResponse(
    write(db, { label: name, writeId: named, ops: [{ op: 'create', kind, id: randomUUID(), facts }] }),
    201,
  );
}

export function readRecord(db: Database, kindText: string, id: string): Response {
  const kind = kindOf(kindText);
  if (!kind) return noKind();
  const record = findRecord(db, kind, id);
  return record && !record.removed ? Response.json({ record: wire(record) }) : gone(kind);
}

export async function changeRecord(
  db: Database,
  kindText: string,
  id: string,
  request: Request,
): Promise<Response> {
  const kind = kindOf(kindText);
  if (!kind) return noKind();
  const sent = await readJson<Named & { label: string; baseRevision: number; changes: Change[] }>(
    request,
    bodySchemas.change,
  );
  if (!sent.ok) return sent.response;
  const { label: name, writeId: named, baseRevision, changes } = sent.value;
  return commandResponse(
    write(db, { label: name, writeId: named, ops: [{ op: 'set', kind, id, baseRevision, changes }] }),
  );
}

export async function removeRecord(
  db: Database,
  kindText: string,
  id: string,
  request: Request,
): Promise<Response> {
  const kind = kindOf(kindText);
  if (!kind) return noKind();
  const sent = await readJson<Named & { baseRevision: number }>(request, bodySchemas.remove);
  if (!sent.ok) return sent.response;
  const record = findRecord(db, kind, id);
  if (!record) return gone(kind);
  const { writeId: named, baseRevision } = sent.value;
  const ops: Op[] = [{ op: 'remove', kind, id, baseRevision }];
  return commandResponse(write(db, { label: `Remove ${record.facts.name}`, writeId: named, ops }));
}

export async function undo(db: Database, request: Request): Promise<Response> {
  const sent = await readJson<Named & { commandId: number }>(request, bodySchemas.undo);
  if (!sent.ok) return sent.response;
  return undoResponse(undoCommand(db, sent.value.commandId, context(), sent.value.writeId));
}

/** `scope` is `kind:id,kind:id`, the records the page shows, or `lists`, or `table`. */
export function readUndoState(db: Database, scope: string): Response {
  if (scope === 'lists' || scope === 'table') return Response.json(undoState(db, scope));
  const records = scope
    .split(',')
    .slice(0, 20)
    .flatMap((entry) => {
      const [kindText = '', id = ''] = entry.split(':');
      const kind = kindOf(kindText);
      return kind && id !== '' ? [{ kind, id }] : [];
    });
  return Response.json(undoState(db, records));
}

/** Carries out a command with the server's clock and checks. */
export const write = (db: Database, command: Command): CommandResult => runCommand(db, command, context());

const context = () => ({ now: new Date().toISOString(), check: checkRecord });

export const wire = ({ kind, id, revision: at, facts }: StoredRecord): StoredRecord => ({
  kind,
  id,
  revision: at,
  facts,
});

const gone = (kind: RecordKind): Response =>
  refusal(
    404,
    'missing',
    `This ${recordNames[kind]} is no longer here: go back to the list, or undo its removal.`,
  );

export function commandResponse(result: CommandResult, status = 200): Response {
  if (result.ok)
    return Response.json({ commandId: result.commandId, records: result.records.map(wire) }, { status });
  switch (result.code) {
    case 'missing':
      return gone(result.kind);
    case 'stale':
      return refusal(
        409,
        'stale',
        'This was changed in another window meanwhile. Nothing of yours is lost: choose which to keep.',
        {
          record: wire(result.record),
          changed: result.changed,
        },
      );
    case 'in-use': {
      const what = result.uses === 1 ? 'A garment uses' : `${result.uses} garments use`;
      return refusal(409, 'in-use', `${what} this ${recordNames[result.kind]}: change or remove them first.`);
    }
    case 'faults':
      return faultsRefusal(result.faults);
    default:
      throw new Error(`expected a known refusal, got ${JSON.stringify(result satisfies never)}`);
  }
}

function undoResponse(result: UndoResult): Response {
  if (result.ok) return commandResponse(result);
  if (result.code === 'unknown-command') {
    return refusal(404, 'missing', 'That change is already undone: reload the page to see how things stand.');
  }
  if (result.code === 'changed-since') {
    return refusal(
      409,
      'changed-since',
      'That was changed again since, so it is not undone. Undo the later change first.',
      {
        record: wire(result.record),
        changed: result.paths,
      },
    );
  }
  return commandResponse(result);
}
