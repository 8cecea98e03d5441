'use client';
import type { StageId } from '@/core/explain/problem';
import { notesAt } from '@/core/log/notesAt';
import { useGarment } from './useGarment';

/** What was noted of the things that are used at this stage: their names in sight, the notes on asking. */
export function NotesHere({ stage }: { stage: StageId }) {
  const { facts } = useGarment();
  const notes = notesAt(stage, facts);
  if (notes.length === 0) return null;
  const names = [...new Set(notes.map(({ name }) => name))];
  return (
    <details>
      <summary className="small">Noted of {names.join(', ')}</summary>
      {notes.map(({ name, about, text }) => (
        <p key={`${name} ${about ?? ''}`}>
          {name}
          {about ? `, ${about}` : ''}: {text}
        </p>
      ))}
    </details>
  );
}
