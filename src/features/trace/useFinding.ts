'use client';
import { useEffect, useRef, useState } from 'react';
import type { Point } from '@/core/geometry/point';
import type { FoundOutline } from '@/core/pieces/found/findOutline';
import type { PhotoMap } from '@/core/pieces/sheets';
import { askOnce, type Asked } from '@/workers/askOnce';
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
  const asked = useRef<Asked<FoundOutline> | undefined>(undefined);
  useEffect(() => () => asked.current?.stop(), []);
  const stop = (sentence?: string) => {
    asked.current?.stop();
    asked.current = undefined;
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
      const own = askOnce<OutlineRequest, FoundOutline>(
        new Worker(new URL('../../workers/outline.worker.ts', import.meta.url), { type: 'module' }),
        { picture, photo, inside },
      );
      asked.current = own;
      own.answer.then(
        (found) => {
          stop(found.ok ? undefined : found.sentence);
          if (found.ok) onFound(found);
        },
        () => stop('The outline could not be looked for: click round the piece instead.'),
      );
    },
  };
}
