'use client';
import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { RequestRefused, fetchUndoState, undoCommand, whatAndWhere, type UndoState } from './api';
import { isTyping } from '@/ui/isTyping';
import type { WriterSet } from './writerSet';

export interface Undoing {
  readonly available: UndoState;
  /** What the last undo did; a new object each time. */
  readonly message: { readonly text: string } | undefined;
  readonly undo: () => void;
  readonly redo: () => void;
}

/**
 * Undo and its reverse, by button, Ctrl+Z and Ctrl+Shift+Z: for a page's records, or for whole records made and
 * removed where the page shows none. `version` is the store's, `lists` what is undone where the page holds no record. In a
 * field the keys are the field's own.
 */
export function useUndo(writers: WriterSet, version: number, lists: 'lists' | 'table'): Undoing {
  const router = useRouter();
  const [available, setAvailable] = useState<UndoState>({});
  const [message, setMessage] = useState<Undoing['message']>(undefined);
  const saved = writers.state() === 'saved';
  const scope = writers.scope() || lists;
  useEffect(() => {
    if (!saved) return;
    let dropped = false;
    fetchUndoState(scope).then(
      (next) => !dropped && setAvailable(next),
      () => undefined,
    );
    return () => {
      dropped = true;
    };
  }, [saved, scope, version]);

  const run = useCallback(
    async (which: 'undo' | 'redo') => {
      await writers.flush();
      try {
        const target = (await fetchUndoState(scope))[which];
        if (!target)
          return setMessage({
            text: which === 'undo' ? 'There is nothing to undo here.' : 'There is nothing to put back here.',
          });
        const written = await undoCommand(target.commandId);
        for (const record of written.records) writers.find(record.kind, record.id)?.adopt(record);
        setMessage({ text: `${which === 'undo' ? 'Undone' : 'Put back'}: ${whatAndWhere(target)}` });
        router.refresh();
      } catch (error) {
        setMessage({
          text:
            error instanceof RequestRefused
              ? error.message
              : 'That could not be undone: reload the page and try again.',
        });
      }
    },
    [router, scope, writers],
  );

  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (isTyping(event.target)) return;
      event.preventDefault();
      void run(event.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [run]);

  return { available, message, undo: () => void run('undo'), redo: () => void run('redo') };
}
