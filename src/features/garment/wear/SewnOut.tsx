'use client';
import { formatQuantity } from '@/core/explain/display';
import type { Fitting } from '@/core/facts/fitting';
import { hasSample, sewnOutOf } from '@/core/wear/sewnOut';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import { ToKeep } from './ToKeep';

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
      <ToKeep
        key={`${elasticId} ${label}`}
        text={`${label}: ${elastic.name} was ${length(sample.beforeMm)} and lies ${length(sample.afterMm)}, sewn on.`}
        kept={
          hasSample(elastic, sample)
            ? 'Kept among its sewn samples; there it can be taken away again.'
            : undefined
        }
        label={`Keep it as a sewn sample of ${elastic.name}`}
        onKeep={() =>
          records.set('elastic', elasticId, `Sewn sample of ${elastic.name}`, {
            [`sewn.${crypto.randomUUID()}`]: sample,
          })
        }
      />
    );
  });
}
