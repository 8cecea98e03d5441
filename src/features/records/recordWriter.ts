import { applyChanges, keepingSame, pathsTouch, valueAt, type Change } from '@/core/facts/change';
import type { Fault } from '@/core/facts/faults';
import type { FactsByKind, RecordKind, StoredRecord } from '@/core/facts/records';

/** A named set of changes that is sent, and undone, as one. */
export interface Batch {
  readonly label: string;
  readonly changes: readonly Change[];
  /** Given as it is first sent: sent again because the answer was lost, it is the same write. */
  readonly writeId?: string;
}

export type SaveState = 'saved' | 'saving' | 'offline';

/** Another window has written meanwhile: its record, what it changed, and what waits here. */
export interface Conflict {
  readonly theirs: StoredRecord;
  readonly changed: readonly string[];
  readonly mine: readonly Change[];
}

interface WriterSnapshot<K extends RecordKind> {
  /**
   * What the person sees: the last acknowledged facts with everything typed since. What no change touched is the same
   * object, saved or not.
   */
  readonly facts: FactsByKind[K];
  readonly state: SaveState;
  readonly conflict: Conflict | undefined;
  /** What the server refused, by path, and what was typed there. */
  readonly refused: readonly Fault[];
}

export type SendResult =
  | { readonly kind: 'ok'; readonly record: StoredRecord }
  | { readonly kind: 'stale'; readonly record: StoredRecord; readonly changed: readonly string[] }
  | { readonly kind: 'refused'; readonly faults: readonly Fault[] }
  | { readonly kind: 'unreachable' };

/** Sends one batch based on a revision. `closing` asks for a request that outlives the page. */
export type Send = (record: StoredRecord, batch: Required<Batch>, closing: boolean) => Promise<SendResult>;

/** Runs a function after some milliseconds; returns how to call it off. */
export type Later = (run: () => void, ms: number) => () => void;

const SAVE_DELAY_MS = 250;
const RETRY_DELAY_MS = 2000;

/**
 * The one writer of one record in the browser: changes are gathered, one request is in flight, and the next is
 * based on the last acknowledged revision, so a fast typist is never stale against themselves.
 */
export class RecordWriter<K extends RecordKind> {
  #acknowledged: StoredRecord<K>;
  #inFlight: Batch | undefined;
  #waiting: readonly Batch[] = [];
  #conflict: Conflict | undefined;
  #refused: readonly Fault[] = [];
  #offline = false;
  #callOff: (() => void) | undefined;
  #snapshot: WriterSnapshot<K>;
  #idle: (() => void)[] = [];
  readonly #listeners = new Set<() => void>();

  constructor(
    record: StoredRecord<K>,
    private readonly send: Send,
    private readonly later: Later,
    private readonly newId: () => string,
  ) {
    this.#acknowledged = record;
    this.#snapshot = this.#look(record.facts);
  }

  get record(): StoredRecord<K> {
    return this.#acknowledged;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): WriterSnapshot<K> => this.#snapshot;

  /**
   * Makes changes at once on the page and sends them soon. Changes to one field before they are sent become one; what
   * is so already is no change.
   */
  set(label: string, wanted: readonly Change[]): void {
    const { facts } = this.#snapshot;
    const changes = wanted.filter(({ path, value }) => !same(valueAt(facts, path), value));
    if (changes.length === 0) return;
    const last = this.#waiting.at(-1);
    const gathered =
      last?.label === label && last.writeId === undefined
        ? [
            ...this.#waiting.slice(0, -1),
            {
              label,
              changes: [
                ...last.changes.filter((old) => !changes.some((one) => one.path === old.path)),
                ...changes,
              ],
            },
          ]
        : [...this.#waiting, { label, changes }];
    this.#waiting = gathered;
    this.#refused = this.#refused.filter(
      (fault) => !changes.some(({ path }) => pathsTouch(path, fault.path)),
    );
    this.#changed();
    this.#schedule(SAVE_DELAY_MS);
  }

  /** Sends what waits without waiting longer; resolves when all is acknowledged, refused or in conflict. */
  flush({ closing = false } = {}): Promise<void> {
    this.#callOff?.();
    this.#callOff = undefined;
    if (this.#settled()) return Promise.resolve();
    const settled = new Promise<void>((resolve) => this.#idle.push(resolve));
    void this.#next(closing);
    return settled;
  }

  /** What no answer has come for yet: to be kept while the page is away. */
  unanswered(): readonly Batch[] {
    return this.#inFlight ? [this.#inFlight, ...this.#waiting] : this.#waiting;
  }

  /** Takes up again what had no answer when the page went. */
  recover(batches: readonly Batch[]): void {
    this.#waiting = [...batches, ...this.#waiting];
    this.#changed();
    this.#schedule(0);
  }

  /** Takes the server's record as it is now, keeping what waits here. */
  adopt(record: StoredRecord<K>): void {
    if (record.revision < this.#acknowledged.revision) return;
    this.#acknowledged = record;
    this.#changed();
  }

  /** Ends a conflict: sends what was typed here over theirs, or lets theirs stand. */
  resolve(keep: 'mine' | 'theirs'): void {
    const conflict = this.#conflict;
    if (!conflict) return;
    this.#conflict = undefined;
    this.#acknowledged = conflict.theirs as StoredRecord<K>;
    if (keep === 'theirs') this.#waiting = [];
    this.#changed();
    this.#schedule(0);
  }

  async #next(closing: boolean): Promise<void> {
    const first = this.#waiting[0];
    if (this.#inFlight || this.#conflict || !first) return this.#wakeIfSettled();
    const batch = { ...first, writeId: first.writeId ?? this.newId() };
    this.#inFlight = batch;
    this.#waiting = this.#waiting.slice(1);
    this.#changed();
    const result = await this.send(this.#acknowledged, batch, closing);
    this.#inFlight = undefined;
    this.#offline = result.kind === 'unreachable';
    if (result.kind === 'ok') {
      this.#acknowledged = result.record as StoredRecord<K>;
    } else if (result.kind === 'refused') {
      this.#refused = [...this.#refused, ...result.faults];
    } else {
      this.#waiting = [batch, ...this.#waiting];
      if (result.kind === 'stale') {
        this.#conflict = {
          theirs: result.record,
          changed: result.changed,
          mine: this.#waiting.flatMap(({ changes }) => changes),
        };
      }
    }
    this.#changed();
    if (this.#offline) {
      this.#schedule(RETRY_DELAY_MS);
      return this.#wake();
    }
    return this.#next(closing);
  }

  #schedule(ms: number): void {
    this.#callOff?.();
    this.#callOff = this.later(() => {
      this.#callOff = undefined;
      void this.#next(false);
    }, ms);
  }

  #settled(): boolean {
    return !this.#inFlight && (this.#waiting.length === 0 || this.#conflict !== undefined);
  }

  #wakeIfSettled(): void {
    if (this.#settled()) this.#wake();
  }

  #wake(): void {
    for (const resolve of this.#idle.splice(0)) resolve();
  }

  #look(before: FactsByKind[K]): WriterSnapshot<K> {
    const batches = this.unanswered();
    const facts = batches.reduce((so, { changes }) => applyChanges(so, changes), this.#acknowledged.facts);
    return {
      facts: keepingSame(before, facts),
      state: this.#offline ? 'offline' : batches.length > 0 ? 'saving' : 'saved',
      conflict: this.#conflict,
      refused: this.#refused,
    };
  }

  #changed(): void {
    this.#snapshot = this.#look(this.#snapshot.facts);
    for (const listener of this.#listeners) listener();
  }
}

const same = (now: unknown, wanted: unknown): boolean =>
  JSON.stringify(now ?? null) === JSON.stringify(wanted ?? null);
