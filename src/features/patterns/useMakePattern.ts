'use client';
import { useState } from 'react';
import type { Pattern } from '@/core/facts/pattern';
import type { StoredRecord } from '@/core/facts/records';
import { createRecord, RequestRefused } from '@/features/records/api';

/** Makes a pattern of the facts given; where it is refused, `trouble` says why and nothing comes of it. */
export function useMakePattern(): {
  readonly trouble: string | undefined;
  readonly make: (facts: Pattern, label: string) => Promise<StoredRecord | undefined>;
} {
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  return {
    trouble,
    make: async (facts, label) => {
      try {
        setTrouble(undefined);
        return (await createRecord('pattern', facts, label)).records[0];
      } catch (error) {
        if (!(error instanceof RequestRefused)) throw error;
        setTrouble(error.message);
        return undefined;
      }
    },
  };
}
