'use client';
import { useState } from 'react';
import { projectionOf, type GridMatch } from '@/core/paper/projection';

/** The grid as it was matched on this device: it belongs to its projector and its table, not to the household. */
const KEY = 'projector-grid';

/** What is kept here, where it is a match at all. */
function kept(): GridMatch | undefined {
  try {
    const match = JSON.parse(localStorage.getItem(KEY) ?? 'null') as GridMatch | null;
    return match && projectionOf(match) ? match : undefined;
  } catch {
    return undefined;
  }
}

/** The match of this device’s projector, kept from one time to the next. In the browser only. */
export function useMatch(): readonly [GridMatch | undefined, (match: GridMatch) => void] {
  const [match, setMatch] = useState(kept);
  return [
    match,
    (next) => {
      setMatch(next);
      localStorage.setItem(KEY, JSON.stringify(next));
    },
  ];
}
