'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { shortest, type Progress } from '@/core/layout/progress';
import type { Layout, LayoutProblem } from '@/core/layout/problem';
import type { LayoutRequest } from '@/workers/layout';

/** Two look for layouts, each with chances of its own, where the machine has room for both. */
const MOST_WORKERS = 2;

type State = 'looking' | 'paused' | 'stopped';

interface Run {
  readonly problem: LayoutProblem;
  readonly state: State;
  readonly best: Layout | undefined;
  readonly steps: number;
}

/** The best layout of a problem so far. It goes on until it is paused, stopped, or can be no better. */
export function useLayout(problem: LayoutProblem | undefined) {
  const [run, setRun] = useState<Run | undefined>(undefined);
  const workers = useRef<readonly Worker[]>([]);
  const stop = useCallback(() => {
    for (const worker of workers.current) worker.terminate();
    workers.current = [];
    setRun((now) => now && { ...now, state: 'stopped' });
  }, []);
  useEffect(() => {
    if (!problem) return;
    const many = Math.max(1, Math.min(MOST_WORKERS, navigator.hardwareConcurrency - 1 || 1));
    const told: (Progress | undefined)[] = Array.from({ length: many });
    const own = told.map((_, nth) => {
      const worker = new Worker(new URL('../../../workers/layout.worker.ts', import.meta.url), {
        type: 'module',
      });
      const ended = () => {
        told[nth] = { best: told[nth]?.best, steps: told[nth]?.steps ?? 0, ended: true };
        show();
      };
      worker.addEventListener('message', ({ data }: MessageEvent<Progress>) => {
        told[nth] = data;
        show();
      });
      // One that dies leaves what it had found; the other goes on.
      worker.addEventListener('error', ended);
      tell(worker, { ask: 'lay out', problem, seed: nth + 1 });
      return worker;
    });
    workers.current = own;
    setRun({ problem, state: 'looking', best: undefined, steps: 0 });
    function show() {
      setRun((now) => {
        if (!now || now.problem !== problem || now.state === 'stopped') return now;
        const done = told.every((one) => one?.ended);
        return {
          ...now,
          state: done ? 'stopped' : now.state,
          best: shortest([now.best, ...told.map((one) => one?.best)]),
          steps: told.reduce((sum, one) => sum + (one?.steps ?? 0), 0),
        };
      });
    }
    return () => {
      for (const worker of own) worker.terminate();
    };
  }, [problem]);
  const pause = useCallback((paused: boolean) => {
    for (const worker of workers.current) tell(worker, { ask: paused ? 'pause' : 'go on' });
    setRun((now) => now && { ...now, state: paused ? 'paused' : 'looking' });
  }, []);
  return { run: run?.problem === problem ? run : undefined, pause, stop };
}

const tell = (worker: Worker, request: LayoutRequest): void => worker.postMessage(request);
