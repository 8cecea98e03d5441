'use client';
import { dimensionalChange } from '@/core/cloth/preWash';
import { formatQuantity } from '@/core/explain/display';
import type { Fitting } from '@/core/facts/fitting';
import { inWearOf, isKept } from '@/core/wear/inWear';
import { afterWords } from '@/core/wear/worn';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import { ToKeep } from './ToKeep';

/** What zones that were measured again tell of the cloth: kept with it, the next garment of it can be cut for that. */
export function InWear({ fitting }: { fitting: Fitting }) {
  const { garment, facts, plan, kind } = useGarment();
  const records = useRecords();
  const { unit } = useUnit();
  const { outerClothId } = garment;
  const cloth = facts.outer;
  if (!outerClothId || !cloth) return null;
  return inWearOf(plan, kind, garment, fitting).map((told) => {
    const grew = dimensionalChange(told.beforeMm, told.afterMm);
    const length = (mm: number) => formatQuantity(mm, 'mm', unit);
    return (
      <ToKeep
        key={told.of}
        text={`${told.of}: ${length(told.beforeMm)} as it was sewn, ${length(told.afterMm)} ${afterWords(told)}: ${grew < 0 ? 'shorter' : 'longer'} by ${formatQuantity(Math.abs(grew), 'share', unit)}.`}
        kept={
          isKept(cloth, told)
            ? 'Kept with its cloth; there it can be taken away again. The next garment of it can be cut for that, at Fit.'
            : undefined
        }
        label={`Keep it with ${cloth.name}`}
        onKeep={() =>
          records.set('cloth', outerClothId, `What wear did to ${cloth.name}`, {
            [`inWear.${crypto.randomUUID()}`]: told,
          })
        }
      />
    );
  });
}
