'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import type { KindId } from '@/core/facts/kindIds';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import type { Verdict } from '@/core/plan/becoming';
import type { Choice } from '@/core/views/pageViews';
import { RequestRefused, request } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { FrontDrawing } from '@/ui/GarmentDrawing';
import { PickField } from '@/ui/PickField';
import styles from './Becoming.module.css';
import { Answer, VerdictText, marginText } from './VerdictText';

interface Become {
  readonly kind: KindId;
  readonly label: string;
  readonly verdict: Verdict;
}

/** What this cloth can become, best first; each *no* says why, each *yes if* what it takes. */
export function Becoming({ clothId, wearers }: { clothId: string; wearers: readonly Choice[] }) {
  const records = useRecords();
  const [wearerId, setWearer] = useState(wearers[0]?.id ?? '');
  const [found, setFound] = useState<readonly Become[] | undefined>(undefined);
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const revision = records.record('cloth', clothId)?.revision;
  const { flush } = records;
  const look = useCallback(async () => {
    try {
      await flush();
      const query = wearerId ? `?wearer=${encodeURIComponent(wearerId)}` : '';
      setFound(await request<readonly Become[]>('GET', `/api/becoming/cloth/${clothId}${query}`));
      setTrouble(undefined);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  }, [clothId, flush, wearerId]);
  useEffect(() => {
    const timer = setTimeout(() => void look(), 150);
    return () => clearTimeout(timer);
  }, [look, revision]);
  return (
    <section className={styles.section}>
      <div className={styles.head}>
        <h2>What it can become</h2>
        <div style={{ width: 220 }}>
          <PickField label="For" value={wearerId} options={wearers} empty="anybody" onChange={setWearer} />
        </div>
      </div>
      {trouble && <p role="alert">{trouble}</p>}
      {!found && !trouble && <p className="soft">Planning every garment with it…</p>}
      {found && (
        <ul className={styles.list} aria-label="What it can become">
          {found.map(({ kind, label, verdict }) => (
            <li key={kind} data-kind={kind} data-answer={verdict.answer}>
              <FrontDrawing drawing={drawGarment(kind, {})} heightPx={46} />
              <div>
                <strong>{label}</strong>
                <VerdictText verdict={verdict} />
              </div>
              <div className={styles.answer}>
                <Answer answer={verdict.answer} />
                <span className="soft small">{marginText(verdict)}</span>
                {(verdict.answer === 'yes' || verdict.answer === 'yes if') && (
                  <Button
                    size="small"
                    component={Link}
                    href={`/garments/new?kind=${kind}&cloth=${clothId}${wearerId ? `&wearer=${wearerId}` : ''}`}
                  >
                    Start one
                  </Button>
                )}
              </div>
            </li>
          ))}
        </ul>
      )}
      <p className="soft small">
        The number is how many times over the scarcest thing is there: 1.00× is just enough.
      </p>
    </section>
  );
}
