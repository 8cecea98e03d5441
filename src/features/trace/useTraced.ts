'use client';
import { useState } from 'react';
import type { OutlineFacts } from '@/core/facts/outline';
import type { Pattern } from '@/core/facts/pattern';
import { useRecords } from '@/features/records/RecordsProvider';

export interface Traced {
  /** The pattern as it is with what is being dragged. */
  readonly pattern: Pattern;
  readonly outline: OutlineFacts | undefined;
  /** A point of it is being dragged. */
  readonly dragging: boolean;
  /** Keeps a step: it can be undone by itself. */
  readonly keep: (label: string, outline: OutlineFacts | undefined) => void;
  /** Shows an outline while it is dragged, and keeps nothing. */
  readonly show: (outline: OutlineFacts) => void;
}

/** The outline of one piece of a pattern as it is drawn, each step written as it is done. */
export function useTraced(id: string, stored: Pattern, size: string, piece: string): Traced {
  const records = useRecords();
  const [dragged, setDragged] = useState<
    { readonly of: OutlineFacts | undefined; readonly outline: OutlineFacts } | undefined
  >(undefined);
  const kept = stored.shapes?.[size]?.[piece];
  // What is dragged goes once what it was dragged from is no longer there: it was kept, or undone.
  const outline = dragged?.of === kept ? (dragged?.outline ?? kept) : kept;
  const pattern =
    outline === kept || !outline
      ? stored
      : {
          ...stored,
          shapes: { ...stored.shapes, [size]: { ...stored.shapes?.[size], [piece]: outline } },
        };
  return {
    pattern,
    outline,
    dragging: outline !== kept,
    keep: (label, next) => {
      setDragged(undefined);
      records.set('pattern', id, label, { [`shapes.${size}.${piece}`]: next });
      void records.flush();
    },
    show: (next) => setDragged({ of: kept, outline: next }),
  };
}
