'use client';
import { useEffect, useState } from 'react';
import type { Layout, LayoutProblem } from '@/core/layout/problem';
import type { LengthReply, LengthsRequest } from '@/workers/lengths';

/** A layout of each of several problems, as they become known; nothing is worked out before they are asked. */
export function useLengths(
  problems: readonly LayoutProblem[] | undefined,
  steps?: number,
): ReadonlyMap<LayoutProblem, Layout> {
  const [layouts, setLayouts] = useState<ReadonlyMap<LayoutProblem, Layout>>(new Map());
  useEffect(() => {
    if (!problems || problems.length === 0) return;
    const worker = new Worker(new URL('../../../workers/lengths.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.addEventListener('message', ({ data }: MessageEvent<LengthReply>) => {
      const problem = problems[data.nth];
      if (problem) setLayouts((before) => new Map([...before, [problem, data.layout]]));
    });
    worker.postMessage({ problems, ...(steps ? { steps } : {}) } satisfies LengthsRequest);
    return () => worker.terminate();
  }, [problems, steps]);
  return layouts;
}
