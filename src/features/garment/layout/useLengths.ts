'use client';
import { useMemo } from 'react';
import type { Layout, LayoutProblem } from '@/core/layout/problem';
import type { LengthReply, LengthsRequest } from '@/workers/lengths';
import { useReplies } from './useReplies';

const begin = () =>
  new Worker(new URL('../../../workers/lengths.worker.ts', import.meta.url), { type: 'module' });

/** A layout of each of several problems, as they become known; nothing is worked out before they are asked. */
export function useLengths(
  problems: readonly LayoutProblem[] | undefined,
  steps?: number,
): ReadonlyMap<LayoutProblem, Layout> {
  const request = useMemo((): LengthsRequest | undefined => {
    if (!problems || problems.length === 0) return undefined;
    return { problems, ...(steps ? { steps } : {}) };
  }, [problems, steps]);
  const replies = useReplies<LengthsRequest, LengthReply>(begin, request);
  return useMemo(() => {
    const found = new Map<LayoutProblem, Layout>();
    for (const { nth, layout } of replies) {
      const problem = problems?.[nth];
      if (problem) found.set(problem, layout);
    }
    return found;
  }, [problems, replies]);
}
