'use client';
import Alert from '@mui/material/Alert';
import Link from 'next/link';
import { BecomingList } from '@/features/cloth/BecomingList';
import { useBecomings } from '@/features/cloth/useBecomings';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** So many of the best are shown here; the cloth's own page has them all. */
const SHOWN = 4;

/** Where the cloth is not suitable for this garment: what it could become instead, for the same person. */
export function BecomeInstead({ clothId, name }: { clothId: string; name: string }) {
  const { garment } = useGarment();
  const wearerId = garment.wearerId ?? '';
  const { found, trouble } = useBecomings(clothId, wearerId);
  const others = found?.filter(
    ({ kind, verdict }) => kind !== garment.kind && verdict.answer.startsWith('yes'),
  );
  return (
    <section className={styles.stack} style={{ gap: 8 }}>
      <div className={styles.between}>
        <h2>What {name} could become instead</h2>
        <Link href={`/cloth/${clothId}`}>All of it, on the cloth’s page</Link>
      </div>
      {trouble && <Alert>{trouble}</Alert>}
      {!found && !trouble && <p className="soft">Planning every garment with it…</p>}
      {others && others.length === 0 && (
        <p className="soft">Nothing here, for this person: another cloth will do.</p>
      )}
      {others && others.length > 0 && (
        <BecomingList found={others.slice(0, SHOWN)} clothId={clothId} wearerId={wearerId} />
      )}
    </section>
  );
}
