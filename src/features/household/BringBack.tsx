'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { formatBytes } from '@/core/units/bytes';
import type { CopyReport, CopySource, HouseholdView } from '@/core/views/householdViews';
import { request } from '@/features/records/api';
import { ChooseFile } from '@/ui/ChooseFile';
import { Done } from './Done';
import { Report } from './Report';
import { useAsking } from '@/features/records/useAsking';
import styles from './Household.module.css';

interface Looked {
  readonly source: CopySource;
  readonly report: CopyReport;
}

/** Brings a copy back: first what that would do, then, where it is wanted, all of it or nothing. */
export function BringBack({ copies }: Pick<HouseholdView, 'copies'>) {
  const router = useRouter();
  const { asking, trouble, ask } = useAsking();
  const [looked, setLooked] = useState<Looked | undefined>(undefined);
  const [done, setDone] = useState<number | undefined>(undefined);
  const look = (from: () => Promise<Looked>) =>
    ask(async () => {
      setDone(undefined);
      setLooked(undefined);
      setLooked(await from());
    });
  const bring = (take: readonly string[]) =>
    ask(async () => {
      const { commandId } = await request<{ commandId: number }>('POST', '/api/household/restore', {
        ...looked?.source,
        take,
      });
      setLooked(undefined);
      setDone(commandId);
      router.refresh();
    });
  return (
    <section className={styles.part}>
      <h2>Bring a copy back</h2>
      <p>
        Into an empty household or a full one. First it is shown what is new, what differs and what stays;
        nothing is changed by looking.
      </p>
      <div>
        <ChooseFile
          label="Choose a copy to look at"
          accept=".zip,application/zip"
          busy={asking}
          onFile={(file) => look(() => request<Looked>('POST', '/api/household/incoming', file))}
        />
      </div>
      {trouble && <Alert>{trouble}</Alert>}
      {done !== undefined && (
        <Done commandId={done} what="The copy is back." onUndone={() => setDone(undefined)} />
      )}
      {looked && (
        <Report report={looked.report} busy={asking} onBring={bring} onLeave={() => setLooked(undefined)} />
      )}
      {copies.length > 0 && (
        <ul className={styles.rows} aria-label="Dated copies">
          {copies.map(({ day, bytes }) => (
            <li key={day}>
              <span>
                {day} <span className="soft small">{formatBytes(bytes)}</span>
              </span>
              <span className={styles.actions}>
                <Button
                  size="small"
                  disabled={asking}
                  onClick={() => look(() => request<Looked>('POST', '/api/household/report', { copy: day }))}
                >
                  Look at {day}
                </Button>
                <Button size="small" component="a" href={`/api/household/copies/${day}`}>
                  Save {day}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
