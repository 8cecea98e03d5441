'use client';
import { useEffect, useState } from 'react';
import type { LayoutProblem } from '@/core/layout/problem';
import type { LengthReply, LengthsRequest } from '@/workers/lengths';

/** How long the cloth has to be for each of several layouts, mm, as it becomes known; nothing is worked out before they are asked. */
export function useLengths(
  problems: readonly LayoutProblem[] | undefined,
): ReadonlyMap<LayoutProblem, number> {
  const [lengths, setLengths] = useState<ReadonlyMap<LayoutProblem, number>>(new Map());
  useEffect(() => {
    if (!problems || problems.length === 0) return;
    const worker = new Worker(new URL('../../../workers/lengths.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.addEventListener('message', ({ data }: MessageEvent<LengthReply>) => {
      const problem = problems[data.nth];
      if (problem) setLengths((before) => new Map([...before, [problem, data.lengthMm]]));
    });
    worker.postMessage({ problems } satisfies LengthsRequest);
    return () => worker.terminate();
  }, [problems]);
  return lengths;
}
