'use client';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { whatAndWhere } from './api';
import type { SaveState } from './recordWriter';
import styles from './UndoBar.module.css';
import type { Undoing } from './useUndo';

const STATE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  offline: 'Not saved yet',
};
const OFFLINE = 'The product does not answer. What you typed is kept here and sent again until it does.';
const MESSAGE_MS = 6000;

/** The visible undo, what it would undo, and whether all is saved. */
export function UndoBar({
  state,
  undo,
  several,
  refused,
}: {
  state: SaveState;
  undo: Undoing;
  /** Whether the page holds more than one record, so that the button has to say which. */
  several: boolean;
  refused: readonly string[];
}) {
  const { available, message } = undo;
  const shown = useBriefly(message);
  const words = available.undo && (several ? whatAndWhere(available.undo) : available.undo.label);
  const notes = [
    ...refused.map((sentence) => `Not kept: ${sentence}`),
    ...(state === 'offline' ? [OFFLINE] : []),
  ];
  return (
    <div className={styles.bar} role="status">
      <span>{STATE_WORDS[state]}</span>
      <Button
        size="small"
        disabled={!available.undo && state === 'saved'}
        onClick={undo.undo}
        title={available.undo ? `${whatAndWhere(available.undo)} (Ctrl+Z)` : 'Ctrl+Z'}
        sx={{ minWidth: 0, overflow: 'hidden' }}
      >
        <span className={styles.label}>Undo{words && `: ${words}`}</span>
      </Button>
      {available.redo && (
        <Button size="small" onClick={undo.redo} title="Ctrl+Shift+Z" sx={{ minWidth: 0, flexShrink: 0 }}>
          Put back
        </Button>
      )}
      {(notes.length > 0 || shown) && (
        <div className={styles.message}>
          {notes.map((note) => (
            <p key={note} className={styles.refused}>
              {note}
            </p>
          ))}
          {shown && <p>{shown}</p>}
        </div>
      )}
    </div>
  );
}

/** A message for as long as it takes to read. */
function useBriefly(message: Undoing['message']): string | undefined {
  const [gone, setGone] = useState<Undoing['message']>(undefined);
  useEffect(() => {
    if (!message) return;
    const timer = setTimeout(() => setGone(message), MESSAGE_MS);
    return () => clearTimeout(timer);
  }, [message]);
  return message && message !== gone ? message.text : undefined;
}
