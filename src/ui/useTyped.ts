'use client';
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useStable } from './useStable';

/** What is the page's own and not stored follows the typing after a pause this long. */
const PAUSE_MS = 250;

export interface Typed {
  /** What stands in the field: as typed, or what is stored. */
  readonly text: string;
  /** Whether something was typed that does not count yet. */
  readonly typing: boolean;
  /** Whether it was left as it is, so that what is wrong with it may be said. */
  readonly left: boolean;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
}

interface Options {
  /** What is stored, as text. */
  readonly stored: string;
  /** Counts what was typed; answers whether it could be read. What could not stays as typed. */
  readonly take: (text: string) => boolean;
  /** What it sets is not stored but the page's own: it follows the typing, after a pause. */
  readonly live?: boolean;
}

/**
 * The text of a field whose value counts when the field is left, on Enter, or when the page goes: until then it stays
 * exactly as typed and nothing else hears of it, so that half a number is never taken for a whole one.
 */
export function useTyped({ stored, take, live = false }: Options): Typed {
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const [left, setLeft] = useState(false);
  const waiting = useRef<string | undefined>(undefined);
  const latest = useStable((text: string) => {
    if (take(text)) setTyped(undefined);
  });
  const preview = useStable((text: string) => void take(text));
  const onType = useCallback((text: string) => {
    waiting.current = text;
    setTyped(text);
    setLeft(false);
  }, []);
  const onLeave = useCallback(() => {
    setLeft(true);
    const text = waiting.current;
    waiting.current = undefined;
    if (text !== undefined) latest(text);
  }, [latest]);
  useEffect(() => {
    if (!live || typed === undefined) return;
    const timer = setTimeout(() => preview(typed), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [live, preview, typed]);
  // A field that goes away is left: what was typed in it still counts.
  useLayoutEffect(() => onLeave, [onLeave]);
  return { text: typed ?? stored, typing: typed !== undefined, left, onType, onLeave };
}
