'use client';
import { useEffect, useState } from 'react';
import type { KindId } from '@/core/facts/kindIds';
import type { Verdict } from '@/core/answers/becoming';
import { RequestRefused, request } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';

/** A kind of garment and whether a cloth can become it. */
export interface Become {
  readonly kind: KindId;
  readonly label: string;
  readonly verdict: Verdict;
}

/** Changes of the cloth are gathered this long before it is asked again, ms. */
const SETTLE_MS = 150;

/** What a cloth can become, best first; for anybody where no wearer is named. */
export function fetchBecomings(clothId: string, wearerId: string): Promise<readonly Become[]> {
  const query = wearerId ? `?wearer=${encodeURIComponent(wearerId)}` : '';
  return request('GET', `/api/becoming/cloth/${clothId}${query}`);
}

/** What a cloth can become for somebody, best first; asked again when the cloth changes. */
export function useBecomings(
  clothId: string,
  wearerId: string,
): { readonly found?: readonly Become[]; readonly trouble?: string } {
  const { record, flush } = useRecords();
  const revision = record('cloth', clothId)?.revision;
  const [found, setFound] = useState<readonly Become[] | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  useEffect(() => {
    let left = false;
    const look = async () => {
      try {
        await flush();
        const next = await fetchBecomings(clothId, wearerId);
        if (left) return;
        setFound(next);
        setTrouble(undefined);
      } catch (error) {
        if (!(error instanceof RequestRefused)) throw error;
        if (!left) setTrouble(error.message);
      }
    };
    const timer = setTimeout(() => void look(), SETTLE_MS);
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, [clothId, flush, revision, wearerId]);
  return { ...(found ? { found } : {}), ...(trouble ? { trouble } : {}) };
}
