import type { RecordKind, StoredRecord } from '@/core/facts/records';
import { RecordWriter, type Batch, type Later, type SaveState, type Send } from './recordWriter';

type AnyWriter = RecordWriter<RecordKind>;

/** The writers of the records a page shows; a store whose version changes whenever any of them does. */
export class WriterSet {
  readonly #writers = new Map<string, AnyWriter>();
  readonly #listeners = new Set<() => void>();
  #version = 0;

  constructor(
    records: readonly StoredRecord[],
    private readonly send: Send,
    private readonly later: Later,
    private readonly newId: () => string,
  ) {
    for (const record of records) this.open(record);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getVersion = (): number => this.#version;

  find(kind: RecordKind, id: string): AnyWriter | undefined {
    return this.#writers.get(`${kind}:${id}`);
  }

  all(): readonly AnyWriter[] {
    return [...this.#writers.values()];
  }

  /** `kind:id` of every record, for asking what can be undone. */
  scope(): string {
    return [...this.#writers.keys()].join(',');
  }

  /** Takes a record in, or takes over its newer revision. */
  open(record: StoredRecord): void {
    const known = this.find(record.kind, record.id);
    if (known) return known.adopt(record);
    const writer = new RecordWriter(record, this.send, this.later, this.newId);
    writer.subscribe(() => this.#changed());
    this.#writers.set(`${record.kind}:${record.id}`, writer);
    this.#changed();
  }

  /** What no answer has come for yet, by `kind:id`. */
  unanswered(): Readonly<Record<string, readonly Batch[]>> {
    return Object.fromEntries(
      [...this.#writers].flatMap(([key, writer]) => {
        const batches = writer.unanswered();
        return batches.length === 0 ? [] : [[key, batches]];
      }),
    );
  }

  /** Takes up again what had no answer when the page went; answers what is of records that are not here. */
  recover(kept: Readonly<Record<string, readonly Batch[]>>): Readonly<Record<string, readonly Batch[]>> {
    return Object.fromEntries(
      Object.entries(kept).filter(([key, batches]) => {
        const writer = this.#writers.get(key);
        writer?.recover(batches);
        return writer === undefined;
      }),
    );
  }

  /** Sends everything that waits; resolves when all of it is settled. */
  async flush(closing = false): Promise<void> {
    await Promise.all(this.all().map((writer) => writer.flush({ closing })));
  }

  state(): SaveState {
    const states = this.all().map((writer) => writer.getSnapshot().state);
    if (states.includes('offline')) return 'offline';
    return states.includes('saving') ? 'saving' : 'saved';
  }

  #changed(): void {
    this.#version += 1;
    for (const listener of this.#listeners) listener();
  }
}
