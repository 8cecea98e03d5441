'use client';
import { useEffect, useState } from 'react';
import type { LogEntry, LogPage } from '@/core/views/logViews';
import { request } from '@/features/records/api';
import { NextTimeNotes } from './NextTimeNotes';

const MOST = 6;

/** What the log is asked for, by the name of its parameter. */
type Asked = Readonly<Partial<Record<'wearer' | 'cloth' | 'pattern' | 'machine' | 'kind', string>>>;

/** What was noted for next time of each of these things, each note once, as they are chosen. */
export const NextTimeHere = ({ of }: { of: readonly Asked[] }) => <NextTimeNotes entries={useNextTime(of)} />;

function useNextTime(of: readonly Asked[]): readonly LogEntry[] {
  const [entries, setEntries] = useState<readonly LogEntry[]>([]);
  const asked = JSON.stringify(of.filter((one) => Object.values(one).some((id) => id !== '')));
  useEffect(() => {
    let wanted = true;
    const all = JSON.parse(asked) as readonly Asked[];
    Promise.all(
      all.map((one) =>
        request<LogPage>('GET', `/api/log?${new URLSearchParams({ ...one, what: 'next time' }).toString()}`),
      ),
    ).then(
      (pages) => {
        const found = new Map(pages.flatMap((page) => page.entries).map((entry) => [entry.id, entry]));
        if (wanted) setEntries([...found.values()].slice(0, MOST));
      },
      // A reminder that cannot be had stops nobody.
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [asked]);
  return entries;
}
