'use client';
import { RecordsProvider } from './RecordsProvider';

const NONE = [] as const;

/**
 * Undo on pages that list records: brings back what was removed, takes away what was just made. On the table it only
 * brings back.
 */
export function ListUndo({ of = 'lists' }: { of?: 'lists' | 'table' }) {
  return (
    <RecordsProvider records={NONE} lists={of}>
      {null}
    </RecordsProvider>
  );
}
