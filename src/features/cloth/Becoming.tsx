'use client';
import Alert from '@mui/material/Alert';
import { useState } from 'react';
import type { Choice } from '@/core/views/pageViews';
import { PickField } from '@/ui/PickField';
import styles from './Becoming.module.css';
import { BecomingList } from './BecomingList';
import { useBecomings } from './useBecomings';

/** What this cloth can become, best first; each *no* says why, each *yes if* what it takes. */
export function Becoming({ clothId, wearers }: { clothId: string; wearers: readonly Choice[] }) {
  const [wearerId, setWearer] = useState(wearers[0]?.id ?? '');
  const { found, trouble } = useBecomings(clothId, wearerId);
  return (
    <section className={styles.section}>
      <div className={styles.head}>
        <h2>What it can become</h2>
        <div style={{ width: 220 }}>
          <PickField label="For" value={wearerId} options={wearers} empty="anybody" onChange={setWearer} />
        </div>
      </div>
      {trouble && <Alert>{trouble}</Alert>}
      {!found && !trouble && <p className="soft">Planning every garment with it…</p>}
      {found && <BecomingList found={found} clothId={clothId} wearerId={wearerId} />}
      <p className="soft small">
        The number is how many times over the scarcest thing is there, with what it takes: 1.00× is just
        enough.
      </p>
    </section>
  );
}
