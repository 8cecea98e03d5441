'use client';
import { useEffect, useRef, useState } from 'react';
import type { LogPage } from '@/core/views/logViews';
import { request } from '@/features/records/api';

/** What is asked of the log, by the name of the parameter; absent where everything will do. */
export type Asked = Readonly<Record<string, string>>;

interface Log {
  readonly asked: Asked;
  readonly page: LogPage;
  readonly change: (name: string, value: string) => void;
  readonly more: () => void;
  /** The address of the same, as a file. */
  readonly file: (format: 'csv' | 'md') => string;
}

const address = (asked: Asked, more: Asked = {}): string =>
  new URLSearchParams({ ...asked, ...more }).toString();

/** The log as it is asked for: every key asks anew, and only the answer to the last counts. */
export function useLog(first: LogPage, given: Asked): Log {
  const [asked, setAsked] = useState(given);
  const [page, setPage] = useState(first);
  const last = useRef(0);
  const ask = (wanted: Asked, offset: number, before: LogPage['entries']) => {
    const nth = (last.current += 1);
    const url = `/api/log?${address(wanted, offset > 0 ? { offset: String(offset) } : {})}`;
    const put = (next: LogPage) => {
      if (nth === last.current) setPage({ ...next, entries: [...before, ...next.entries] });
    };
    request<LogPage>('GET', url).then(put, (error: unknown) =>
      put({ entries: [], more: false, sentence: error instanceof Error ? error.message : String(error) }),
    );
  };
  const change = (name: string, value: string) => {
    const others = Object.entries(asked).filter(([key]) => key !== name);
    const next = Object.fromEntries(value === '' ? others : [...others, [name, value]]);
    setAsked(next);
    ask(next, 0, []);
  };
  // The address says what is looked for, so that going back comes back to it.
  useEffect(() => {
    const query = address(asked);
    window.history.replaceState(window.history.state, '', query === '' ? '/log' : `/log?${query}`);
  }, [asked]);
  return {
    asked,
    page,
    change,
    more: () => ask(asked, page.entries.length, page.entries),
    file: (format) => `/api/log?${address(asked, { format })}`,
  };
}
