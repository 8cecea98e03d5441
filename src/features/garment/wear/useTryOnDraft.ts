'use client';
import { useState } from 'react';
import type { Fitting } from '@/core/facts/fitting';
import { keepOnDevice, readOnDevice } from '@/ui/onDevice';

/** A round that is being written, and how it is changed. */
export interface TryOnDraft {
  readonly draft: Fitting;
  readonly change: (changes: Partial<Fitting>) => void;
  /** Begins a new one. */
  readonly clear: () => void;
}

/** What was said so far is kept on the device: before a mirror the page is left, and come back to, more than once. */
export function useTryOnDraft(garmentId: string, today: string): TryOnDraft {
  const key = `try-on ${garmentId}`;
  const [draft, setDraft] = useState<Fitting>(() => ({ triedOn: today, outcomes: {}, ...kept(key) }));
  return {
    draft,
    change: (changes) => {
      const next = tidy({ ...draft, ...changes });
      setDraft(next);
      keepOnDevice(key, next);
    },
    clear: () => {
      setDraft({ triedOn: today, outcomes: {} });
      keepOnDevice(key, undefined);
    },
  };
}

/** Without what was emptied. */
const tidy = (draft: Fitting): Fitting =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined)) as Fitting;

function kept(key: string): Partial<Fitting> {
  const found = readOnDevice(key);
  return typeof found === 'object' ? (found as Partial<Fitting>) : {};
}
