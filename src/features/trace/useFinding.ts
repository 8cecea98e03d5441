'use client';
import { useEffect, useRef, useState } from 'react';
import type { Point } from '@/core/geometry/point';
import type { FoundOutline } from '@/core/pieces/found/findOutline';
import type { PhotoMap } from '@/core/pieces/sheets';
import type { OutlineRequest } from '@/workers/outline';

/** An outline that is looked for by itself: asked for a place on the piece, then at work. */
export interface Finding {
  readonly now: 'asks' | 'works' | undefined;
  readonly trouble: string | undefined;
  readonly ask: () => void;
  readonly stop: () => void;
  readonly find: (picture: Blob, photo: PhotoMap, inside: Point) => void;
}

/** Looks for outlines in a worker of their own; what is found is handed on. */
export function useFinding(onFound: (found: FoundOutline & { readonly ok: true }) => void): Finding {
  const [now, setNow] = useState<Finding['now']>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const worker = useRef<Worker | undefined>(undefined);
  useEffect(() => () => worker.current?.terminate(), []);
  const stop = (sentence?: string) => {
    worker.current?.terminate();
    worker.current = undefined;
    setNow(undefined);
    setTrouble(sentence);
  };
  return {
    now,
    trouble,
    ask: () => {
      setTrouble(undefined);
      setNow('asks');
    },
    stop: () => stop(),
    find: (picture, photo, inside) => {
      setNow('works');
      const own = new Worker(new URL('../../workers/outline.worker.ts', import.meta.url), { type: 'module' });
      worker.current = own;
      own.addEventListener('message', ({ data }: MessageEvent<FoundOutline>) => {
        stop(data.ok ? undefined : data.sentence);
        if (data.ok) onFound(data);
      });
      own.addEventListener('error', () =>
        stop('The outline could not be looked for: click round the piece instead.'),
      );
      own.postMessage({ picture, photo, inside } satisfies OutlineRequest);
    },
  };
}
