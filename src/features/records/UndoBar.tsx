'use client';
import Button from '@mui/material/Button';
import type { SaveState } from './recordWriter';
import type { Undoing } from './useUndo';
import styles from './UndoBar.module.css';

const STATE_WORDS: Readonly<Record<SaveState, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  offline: 'Not saved yet: the product does not answer. It is tried again until it does.',
};

/** The visible undo, what it would undo, and whether all is saved. */
export function UndoBar({ state, undo, refused }: { state: SaveState; undo: Undoing; refused: readonly string[] }) {
  const { available, message } = undo;
  return (
    <div className={styles.bar} role="status">
      <Button size="small" disabled={!available.undo && state === 'saved'} onClick={undo.undo} title="Ctrl+Z">
        Undo{available.undo ? `: ${available.undo.label}` : ''}
      </Button>
      {available.redo && (
        <Button size="small" onClick={undo.redo} title="Ctrl+Shift+Z">
          Put back
        </Button>
      )}
      {refused.length > 0 ? <span className={styles.refused}>{refused[0]}</span> : <span>{STATE_WORDS[state]}</span>}
      {message && <span>{message}</span>}
    </div>
  );
}
