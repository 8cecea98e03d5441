'use client';
import Button from '@mui/material/Button';
import { formatQuantity } from '@/core/explain/display';
import type { Fitting } from '@/core/facts/fitting';
import { hasSample, sewnOutOf } from '@/core/wear/sewnOut';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import wear from './Wear.module.css';

/** What finished edges tell of their elastics: kept as sewn samples, they count wherever that elastic is used next. */
export function SewnOut({ fitting }: { fitting: Fitting }) {
  const { garment, facts, plan } = useGarment();
  const records = useRecords();
  const { unit } = useUnit();
  return sewnOutOf(plan, garment, fitting).map(({ label, elasticId, sample }) => {
    const elastic = facts.elastics?.[elasticId];
    if (!elastic) return null;
    const length = (mm: number) => formatQuantity(mm, 'mm', unit);
    return (
      <div key={`${elasticId} ${label}`} className={wear.proposal}>
        <p>
          {label}: {elastic.name} was {length(sample.beforeMm)} and lies {length(sample.afterMm)}, sewn on.
        </p>
        <div className={styles.actions}>
          {hasSample(elastic, sample) ? (
            <span className="soft">Kept among its sewn samples; there it can be taken away again.</span>
          ) : (
            <Button
              size="small"
              variant="outlined"
              onClick={() =>
                records.set('elastic', elasticId, `Sewn sample of ${elastic.name}`, {
                  [`sewn.${crypto.randomUUID()}`]: sample,
                })
              }
            >
              Keep it as a sewn sample of {elastic.name}
            </Button>
          )}
        </div>
      </div>
    );
  });
}
