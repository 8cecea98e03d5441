'use client';
import { startTransition, useEffect, useState } from 'react';

/**
 * A value as it was at the last frame that was painted: what is drawn from it follows in the frame after, and never holds
 * up the one that shows what a hand does. What comes meanwhile takes its place.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => {
    if (Object.is(value, shown)) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => startTransition(() => setShown(value)));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value, shown]);
  return shown;
}
