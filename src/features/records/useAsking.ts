'use client';
import { useState } from 'react';
import { RequestRefused } from '@/features/records/api';

/** One request at a time: whether it is under way, and the sentences it was refused with. */
export function useAsking(): {
  readonly asking: boolean;
  readonly trouble: string | undefined;
  /** What was wrong row by row, where that is known. */
  readonly rows: readonly string[];
  readonly ask: (work: () => Promise<void>) => Promise<void>;
} {
  const [asking, setAsking] = useState(false);
  const [refused, setRefused] = useState<RequestRefused | undefined>(undefined);
  const ask = async (work: () => Promise<void>) => {
    setAsking(true);
    setRefused(undefined);
    try {
      await work();
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setRefused(error);
    } finally {
      setAsking(false);
    }
  };
  return {
    asking,
    trouble: refused?.message,
    rows: refused?.faults.map(({ sentence }) => sentence) ?? [],
    ask,
  };
}
