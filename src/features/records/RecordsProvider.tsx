'use client';
import dynamic from 'next/dynamic';
import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import type { FactsByKind, RecordKind, StoredRecord } from '@/core/facts/records';
import { afterMs, keepUnanswered, newWriteId, sendBatch, takeUnanswered } from './api';
import { UndoBar } from './UndoBar';
import { useUndo } from './useUndo';
import { WriterSet } from './writerSet';

const ConflictNote = dynamic(() => import('./ConflictNote').then((module) => module.ConflictNote));

interface Records {
  readonly facts: <K extends RecordKind>(kind: K, id: string) => FactsByKind[K] | undefined;
  readonly record: (kind: RecordKind, id: string) => StoredRecord | undefined;
  /** Sets fields of a record, at once on the page and soon on the disk. `null` or `undefined` clears a field. */
  readonly set: (
    kind: RecordKind,
    id: string,
    label: string,
    changes: Readonly<Record<string, unknown>>,
  ) => void;
  /** Adds a record to the page: one that was chosen or made while it is open. */
  readonly open: (record: StoredRecord) => void;
  /** The server's sentence for a field it refused. */
  readonly fault: (kind: RecordKind, id: string, path: string) => string | undefined;
  readonly flush: () => Promise<void>;
}

const RecordsContext = createContext<Records | undefined>(undefined);

export function useRecords(): Records {
  const records = useContext(RecordsContext);
  if (!records) throw new Error('expected a RecordsProvider above, got none; wrap the page in one');
  return records;
}

/** Takes a record that was just made into the page, where the page holds records. */
export function useOpenRecord(): Records['open'] {
  return useContext(RecordsContext)?.open ?? nowhere;
}

const nowhere = (): void => undefined;

/** Holds the writers of a page's records: their facts, saving, conflicts, and undo with its button and keys. */
export function RecordsProvider({
  records,
  lists = 'lists',
  children,
}: {
  records: readonly StoredRecord[];
  /** What can be undone where the page holds no record: whatever was made or removed; or, on the table, removals. */
  lists?: 'lists' | 'table';
  children: ReactNode;
}) {
  const [writers] = useState(() => new WriterSet(records, sendBatch, afterMs, newWriteId));
  const version = useSyncExternalStore(writers.subscribe, writers.getVersion, writers.getVersion);
  useEffect(() => {
    for (const record of records) writers.open(record);
  }, [records, writers]);
  useEffect(() => {
    keepUnanswered(writers.recover(takeUnanswered()));
    const leave = () => {
      // What is being typed counts when its field is left, and the page is.
      if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
      void writers.flush(true);
      keepUnanswered(writers.unanswered());
    };
    // The first comes before the next page is asked for, the second also where there is no first.
    window.addEventListener('beforeunload', leave);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('beforeunload', leave);
      window.removeEventListener('pagehide', leave);
      void writers.flush(true);
    };
  }, [writers]);

  const value = useMemo<Records>(() => {
    void version;
    return {
      facts: <K extends RecordKind>(kind: K, id: string) =>
        writers.find(kind, id)?.getSnapshot().facts as FactsByKind[K] | undefined,
      record: (kind, id) => writers.find(kind, id)?.record,
      set: (kind, id, label, changes) =>
        writers.find(kind, id)?.set(
          label,
          Object.entries(changes).map(([path, given]) => ({ path, value: given ?? null })),
        ),
      open: (record) => writers.open(record),
      fault: (kind, id, path) =>
        writers
          .find(kind, id)
          ?.getSnapshot()
          .refused.find((one) => one.path === path)?.sentence,
      flush: () => writers.flush(),
    };
  }, [version, writers]);

  const undo = useUndo(writers, version, lists);
  return (
    <RecordsContext value={value}>
      {children}
      {writers.all().map((writer) => {
        const { conflict } = writer.getSnapshot();
        return conflict ? (
          <ConflictNote
            key={writer.record.id}
            conflict={conflict}
            onResolve={(keep) => writer.resolve(keep)}
          />
        ) : null;
      })}
      <UndoBar
        state={writers.state()}
        undo={undo}
        several={writers.all().length > 1}
        refused={writers
          .all()
          .flatMap((writer) => writer.getSnapshot().refused.map(({ sentence }) => sentence))}
      />
    </RecordsContext>
  );
}
