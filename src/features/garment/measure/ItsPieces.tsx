'use client';
import { isToLookAt } from '@/core/pieces/walk';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { newPattern } from '@/core/facts/pattern';
import { useMakePattern } from '@/features/patterns/useMakePattern';
import { useRecords } from '@/features/records/RecordsProvider';
import { SeamWalks } from '@/features/pieces/SeamWalks';
import { Fold } from '@/ui/Fold';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { AsOneThatFits } from './AsOneThatFits';

/** The outlines of the garment’s pieces: how many there are, how their seams agree, and the way to the tracing table. */
export function ItsPieces() {
  const { id, garment, kind, plan, set } = useGarment();
  const records = useRecords();
  const router = useRouter();
  const { make, trouble } = useMakePattern();
  const { pieces, seams, between } = plan.pieces;
  if (pieces.length === 0) return null;
  const outlined = pieces.filter((piece) => piece.outlined).length;
  const table = (pattern: string) => `/patterns/${pattern}/trace?for=${id}`;
  const begin = async () => {
    const pattern = await make(
      { ...newPattern(`${garment.name}, traced`.slice(0, 60), garment.kind), source: 'traced' },
      'Pattern to trace',
    );
    if (!pattern) return;
    records.open(pattern);
    set('Pattern', { patternId: pattern.id });
    await records.flush();
    router.push(table(pattern.id));
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
          {kind.drafting && garment.patternId === undefined
            ? 'No pattern? Its pieces can be drafted for exactly this body and this cloth. Or trace paper pieces, or a garment that fits, from a photo.'
            : 'Trace the paper pieces, or a garment that fits, from a photo: every edge, seam and girth is then measured by itself.'}
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
          <div className={styles.actions}>
            {kind.drafting && (
              <Button variant="contained" onClick={() => set('Draft its pieces', { draft: {} })}>
                Draft its pieces from these measures
              </Button>
            )}
            <Button variant="outlined" onClick={() => void begin()}>
              Trace its pieces
            </Button>
          </div>
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
