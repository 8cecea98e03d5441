import type { Fault } from '@/core/facts/faults';
import type { PhotographedKind } from '@/core/facts/photos';
import type { FactsByKind, RecordKind, StoredRecord } from '@/core/facts/records';
import type { Batch, Later, Send, SendResult } from './recordWriter';

/** A request that was refused, with the sentence to show. */
export class RequestRefused extends Error {
  constructor(
    sentence: string,
    readonly code: string,
    readonly faults: readonly Fault[] = [],
  ) {
    super(sentence);
  }
}

/** What a photo is of. */
export interface Photographed {
  readonly kind: PhotographedKind;
  readonly id: string;
}

interface Written {
  readonly commandId: number;
  readonly records: readonly StoredRecord[];
}

interface RefusalBody {
  readonly code?: string;
  readonly sentence?: string;
  readonly faults?: readonly Fault[];
  readonly record?: StoredRecord;
  readonly changed?: readonly string[];
}

const UNREACHABLE = 'The product does not answer: is it still running? What you typed is kept here.';

/** Sends JSON and returns the answer. Throws `RequestRefused` with a sentence for the person. */
export async function request<T>(method: string, url: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(url, {
      method,
      ...(body === undefined
        ? {}
        : {
            body: typeof body === 'string' || body instanceof Blob ? body : JSON.stringify(body),
            headers: {
              'content-type': body instanceof Blob ? 'application/octet-stream' : 'application/json',
            },
          }),
    });
  } catch {
    throw new RequestRefused(UNREACHABLE, 'unreachable');
  }
  const answer = (await response.json().catch(() => ({}))) as RefusalBody & T;
  if (response.ok) return answer;
  throw new RequestRefused(
    answer.sentence ?? 'That could not be done: try again.',
    answer.code ?? 'fault',
    answer.faults,
  );
}

/** The browser's way to send a writer's batch. */
export const sendBatch: Send = async (record, { label, changes, writeId }, closing): Promise<SendResult> => {
  try {
    const response = await fetch(`/api/records/${record.kind}/${record.id}`, {
      method: 'PATCH',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ writeId, label, baseRevision: record.revision, changes }),
      keepalive: closing,
    });
    const body = (await response.json()) as RefusalBody & Partial<Written>;
    const written = body.records?.[0];
    if (response.ok && written) return { kind: 'ok', record: written };
    if (body.code === 'stale' && body.record)
      return { kind: 'stale', record: body.record, changed: body.changed ?? [] };
    if (response.status >= 500) return { kind: 'unreachable' };
    const faults = body.faults ?? [
      { code: 'rule', path: changes[0]?.path ?? '', sentence: body.sentence ?? 'That could not be kept.' },
    ];
    return { kind: 'refused', faults };
  } catch {
    return { kind: 'unreachable' };
  }
};

export const newWriteId = (): string => crypto.randomUUID();

/** A write by itself: once more, as the same write, where its answer was lost on the way. */
async function writeOnce<T>(method: string, url: string, body: object): Promise<T> {
  const named = { ...body, writeId: newWriteId() };
  try {
    return await request<T>(method, url, named);
  } catch (error) {
    if (!(error instanceof RequestRefused) || error.code !== 'unreachable') throw error;
    return request<T>(method, url, named);
  }
}

const UNANSWERED = 'unanswered';

/** Keeps, on this device and for this window, what was sent as the page went and had no answer yet. */
export function keepUnanswered(batches: Readonly<Record<string, readonly Batch[]>>): void {
  const kept = { ...takeUnanswered(), ...batches };
  if (Object.keys(kept).length > 0) sessionStorage.setItem(UNANSWERED, JSON.stringify(kept));
}

/** What was kept as an earlier page went; it is handed out once. */
export function takeUnanswered(): Readonly<Record<string, readonly Batch[]>> {
  const kept = sessionStorage.getItem(UNANSWERED);
  sessionStorage.removeItem(UNANSWERED);
  return kept === null ? {} : (JSON.parse(kept) as Record<string, readonly Batch[]>);
}

export const afterMs: Later = (run, ms) => {
  const timer = setTimeout(run, ms);
  return () => clearTimeout(timer);
};

export const createRecord = <K extends RecordKind>(
  kind: K,
  facts: FactsByKind[K],
  label: string,
): Promise<Written> => writeOnce<Written>('POST', `/api/records/${kind}`, { label, facts });

export const removeRecord = (record: StoredRecord): Promise<Written> =>
  writeOnce<Written>('DELETE', `/api/records/${record.kind}/${record.id}`, { baseRevision: record.revision });

export const fetchRecord = async <K extends RecordKind>(kind: K, id: string): Promise<StoredRecord<K>> =>
  (await request<{ record: StoredRecord<K> }>('GET', `/api/records/${kind}/${id}`)).record;

/** Sets fields of a record that no writer on this page holds. */
export const setFacts = async <K extends RecordKind>(
  record: StoredRecord<K>,
  label: string,
  changes: readonly { readonly path: string; readonly value: unknown }[],
): Promise<StoredRecord<K>> => {
  const written = await writeOnce<Written>('PATCH', `/api/records/${record.kind}/${record.id}`, {
    label,
    baseRevision: record.revision,
    changes,
  });
  return (written.records[0] ?? record) as StoredRecord<K>;
};

export const sendPhoto = (of: Photographed, picture: Blob): Promise<{ id: string }> =>
  request<{ id: string }>('POST', `/api/photos?kind=${of.kind}&of=${of.id}`, picture);

export const undoCommand = (commandId: number): Promise<Written> =>
  writeOnce<Written>('POST', '/api/undo', { commandId });

interface Undoable {
  readonly commandId: number;
  readonly label: string;
  /** The name of the record it was done to. */
  readonly where: string;
}

/** What a command did, and to what: a whole record's name is in its label already. */
export const whatAndWhere = ({ label, where }: Undoable): string =>
  where === '' || label.includes(where) ? label : `${label}, ${where}`;

export interface UndoState {
  readonly undo?: Undoable;
  readonly redo?: Undoable;
}

export const fetchUndoState = (scope: string): Promise<UndoState> =>
  request<UndoState>('GET', `/api/undo?scope=${encodeURIComponent(scope)}`);
