'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { shortest, type Progress } from '@/core/layout/progress';
import type { Layout, LayoutProblem } from '@/core/layout/problem';
import type { LayoutRequest } from '@/workers/layout';

/** Two look for layouts, each with chances of its own, where the machine has room for both. */
const MOST_WORKERS = 2;
/** Where nothing shorter was found for so long, ms, nobody goes on looking unless asked to. */
const QUIET_MS = 20_000;

type State = 'looking' | 'paused' | 'stopped';

/** What is looked for, from a layout known before where there is one. */
interface Asked {
  readonly problem: LayoutProblem;
  readonly start?: Layout | undefined;
}

interface Run {
  readonly asked: Asked;
  readonly state: State;
  readonly best: Layout | undefined;
}

/**
 * The best layout of a problem so far. It is looked for at once, or, where one is `known`, when that is asked for; until it
 * is paused, stopped, can be no better, or was no better for a while.
 */
export function useLayout(problem: LayoutProblem | undefined, known: boolean) {
  const [run, setRun] = useState<Run | undefined>(undefined);
  const [again, setAgain] = useState<{ readonly of: LayoutProblem; readonly asked: Asked } | undefined>(
    undefined,
  );
  const atOnce = useMemo((): Asked | undefined => problem && { problem }, [problem]);
  const asked = again && again.of === problem ? again.asked : known ? undefined : atOnce;
  const workers = useRef<readonly Worker[]>([]);
  const stop = useCallback(() => {
    for (const worker of workers.current) worker.terminate();
    workers.current = [];
    setRun((now) => now && { ...now, state: 'stopped' });
  }, []);
  useEffect(() => {
    if (!asked) return;
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
      tell(worker, { ask: 'lay out', ...asked, seed: nth + 1 });
      return worker;
    });
    workers.current = own;
    setRun({ asked, state: 'looking', best: undefined });
    function show() {
      setRun((now) => {
        if (!now || now.asked !== asked || now.state === 'stopped') return now;
        const done = told.every((one) => one?.ended);
        const best = shortest([now.best, ...told.map((one) => one?.best)]);
        const state = done ? 'stopped' : now.state;
        return best === now.best && state === now.state ? now : { ...now, state, best };
      });
    }
    return () => {
      for (const worker of own) worker.terminate();
    };
  }, [asked]);
  const mine = run?.asked === asked ? run : undefined;
  const { state, best } = mine ?? {};
  useEffect(() => {
    if (state !== 'looking' || !best) return;
    const timer = setTimeout(stop, QUIET_MS);
    return () => clearTimeout(timer);
  }, [state, best, stop]);
  const pause = useCallback((paused: boolean) => {
    for (const worker of workers.current) tell(worker, { ask: paused ? 'pause' : 'go on' });
    setRun((now) => now && { ...now, state: paused ? 'paused' : 'looking' });
  }, []);
  const look = useCallback((next: Asked) => problem && setAgain({ of: problem, asked: next }), [problem]);
  /** What was looked for again is kept, or no longer wanted. */
  const done = useCallback(() => setAgain(undefined), []);
  return { run: mine, pause, stop, look, done };
}

const tell = (worker: Worker, request: LayoutRequest): void => worker.postMessage(request);
