'use client';
import { useCallback, useLayoutEffect, useRef } from 'react';

/** A handler that is always the same function and always does the latest thing, so that a memo holds. */
export function useStable<A extends readonly unknown[]>(handler: (...args: A) => void): (...args: A) => void {
  const latest = useRef(handler);
  useLayoutEffect(() => {
    latest.current = handler;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
