'use client';
import { isToLookAt } from '@/core/pieces/walk';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { newPattern } from '@/core/facts/pattern';
import { createRecord, RequestRefused } from '@/features/records/api';
import { useRecords } from '@/features/records/RecordsProvider';
import { SeamWalks } from '@/features/pieces/SeamWalks';
import { Fold } from '@/ui/Fold';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { AsOneThatFits } from './AsOneThatFits';

/** The outlines of the garment’s pieces: how many there are, how their seams agree, and the way to the tracing table. */
export function ItsPieces() {
  const { id, garment, plan, set } = useGarment();
  const records = useRecords();
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const { pieces, seams, between } = plan.pieces;
  if (pieces.length === 0) return null;
  const outlined = pieces.filter((piece) => piece.outlined).length;
  const table = (pattern: string) => `/patterns/${pattern}/trace?for=${id}`;
  const begin = async () => {
    try {
      const facts = {
        ...newPattern(`${garment.name}, traced`.slice(0, 60), garment.kind),
        source: 'traced' as const,
      };
      const { records: made } = await createRecord('pattern', facts, 'Pattern to trace');
      const [pattern] = made;
      if (!pattern) return;
      records.open(pattern);
      set('Pattern', { patternId: pattern.id });
      await records.flush();
      router.push(table(pattern.id));
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <section className={styles.stack} style={{ gap: 10 }}>
      <div className={styles.between}>
        <h2>Its pieces</h2>
        <span className="soft">
          {outlined} of {pieces.length} have an outline
        </span>
      </div>
      {outlined === 0 && (
        <p className="soft">
          Trace the paper pieces, or a garment that fits, from a photo: every edge, seam and girth is then
          measured by itself.
        </p>
      )}
      {between && between.pieces.length > 0 && (
        <p>
          {between.beyond
            ? `Drawn a step beyond the sizes ${between.sizes.join(' and ')}: look the pieces over before you cut.`
            : `Drawn between the sizes ${between.sizes.join(' and ')}, whose outlines are there.`}
        </p>
      )}
      <div>
        {garment.patternId === undefined ? (
          <Button variant="outlined" onClick={() => void begin()}>
            Trace its pieces
          </Button>
        ) : (
          <Button variant="outlined" component={Link} href={table(garment.patternId)}>
            {outlined === 0 ? 'Trace its pieces' : 'To the tracing table'}
          </Button>
        )}
      </div>
      {trouble && <Alert>{trouble}</Alert>}
      <AsOneThatFits />
      {seams.length > 0 && (
        <Fold
          summary={`Seams, walked: ${seams.filter(isToLookAt).length} to look at`}
          open={seams.some(isToLookAt)}
        >
          <SeamWalks seams={seams} />
        </Fold>
      )}
    </section>
  );
}
