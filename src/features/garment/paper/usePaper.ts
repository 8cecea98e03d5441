'use client';
import { useEffect, useRef, useState } from 'react';
import type { PaperReply, PaperRequest } from '@/workers/paper';
import { askOnce } from '@/workers/askOnce';

const FAILED: PaperReply = {
  ok: false,
  sentence: 'The sheets could not be laid out here: open the PDF, it is laid out again for it.',
};

/** The sheets of what is asked, worked out in a worker of its own; the last answer stays until the next is there. */
export function usePaper(request: PaperRequest | undefined): {
  readonly reply: PaperReply | undefined;
  readonly works: boolean;
} {
  const [answered, setAnswered] = useState<{ readonly to: string; readonly reply: PaperReply } | undefined>(
    undefined,
  );
  const latest = useRef(request);
  useEffect(() => {
    latest.current = request;
  });
  // The same question is a new object at every drawing of the page: it is asked again only where it says something else.
  const asked = request && JSON.stringify(request);
  useEffect(() => {
    const question = latest.current;
    if (asked === undefined || !question) return;
    const own = askOnce<PaperRequest, PaperReply>(
      new Worker(new URL('../../../workers/paper.worker.ts', import.meta.url), { type: 'module' }),
      question,
    );
    own.answer.then(
      (reply) => setAnswered({ to: asked, reply }),
      () => setAnswered({ to: asked, reply: FAILED }),
    );
    return own.stop;
  }, [asked]);
  return { reply: answered?.reply, works: asked !== undefined && answered?.to !== asked };
}
