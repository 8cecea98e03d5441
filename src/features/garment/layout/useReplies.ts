'use client';
import { useEffect, useState } from 'react';

const NONE: readonly never[] = [];

/**
 * The replies of a worker to a request so far, in the order they came: it is asked anew for another request, and not at all
 * without one. `begin` makes the worker and stays the same.
 */
export function useReplies<Request, Reply>(
  begin: () => Worker,
  request: Request | undefined,
): readonly Reply[] {
  const [told, setTold] = useState<{ readonly to: Request; readonly replies: readonly Reply[] } | undefined>(
    undefined,
  );
  useEffect(() => {
    if (request === undefined) return;
    const worker = begin();
    worker.addEventListener('message', ({ data }: MessageEvent<Reply>) =>
      setTold((now) => ({ to: request, replies: [...(now?.to === request ? now.replies : NONE), data] })),
    );
    worker.postMessage(request);
    return () => worker.terminate();
  }, [begin, request]);
  return told && told.to === request ? told.replies : NONE;
}
