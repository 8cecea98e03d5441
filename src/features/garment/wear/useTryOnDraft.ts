'use client';
import { useState } from 'react';
import type { Fitting } from '@/core/facts/fitting';

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
      localStorage.setItem(key, JSON.stringify(next));
    },
    clear: () => {
      setDraft({ triedOn: today, outcomes: {} });
      localStorage.removeItem(key);
    },
  };
}

/** Without what was emptied. */
const tidy = (draft: Fitting): Fitting =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined)) as Fitting;

function kept(key: string): Partial<Fitting> {
  try {
    const found = JSON.parse(localStorage.getItem(key) ?? 'null') as Partial<Fitting> | null;
    return typeof found === 'object' && found !== null ? found : {};
  } catch {
    return {};
  }
}
