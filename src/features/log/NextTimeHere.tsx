'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import type { LogEntry, LogPage } from '@/core/views/logViews';
import { request } from '@/features/records/api';

const MOST = 6;

/** What the log is asked for, by the name of its parameter. */
type Asked = Readonly<Partial<Record<'wearer' | 'cloth' | 'pattern' | 'machine' | 'kind', string>>>;

/** What was noted for next time of each of these things, each note once: in sight where one of them is chosen. */
export function NextTimeHere({ of }: { of: readonly Asked[] }) {
  const entries = useNextTime(of);
  if (entries.length === 0) return null;
  return (
    <section
      aria-label="Noted for next time"
      style={{ borderLeft: '4px solid var(--capacity)', paddingLeft: 14, display: 'grid', gap: 4 }}
    >
      {entries.map(({ id, href, name, text }) => (
        <p key={id}>
          <span className="soft">
            Next time, from <Link href={href}>{name}</Link>:
          </span>{' '}
          <strong>{text}</strong>
        </p>
      ))}
    </section>
  );
}

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
