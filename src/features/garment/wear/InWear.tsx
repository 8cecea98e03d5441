'use client';
import { useState } from 'react';
import { dimensionalChange } from '@/core/cloth/preWash';
import { formatQuantity } from '@/core/explain/display';
import { inWearSpec, type Cloth, type MeasuredInWear } from '@/core/facts/cloth';
import type { Fitting } from '@/core/facts/fitting';
import { inWearFault, inWearOf, isKept } from '@/core/wear/inWear';
import { afterWords } from '@/core/wear/worn';
import { useRecords } from '@/features/records/RecordsProvider';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { ToKeep } from './ToKeep';

/** What zones that were measured again tell of the cloth: kept with it, the next garment of it can be made for that. */
export function InWear({ fitting }: { fitting: Fitting }) {
  const { garment, facts, plan, kind } = useGarment();
  const { outerClothId } = garment;
  const cloth = facts.outer;
  if (!outerClothId || !cloth) return null;
  return inWearOf(plan, kind, garment, fitting).map((told) => (
    <Told key={told.of} told={told} clothId={outerClothId} cloth={cloth} />
  ));
}

interface ToldProps {
  readonly told: MeasuredInWear;
  readonly clothId: string;
  readonly cloth: Cloth;
}

/** One zone; what it was as it was sewn is by the plan, and can be corrected where it came out otherwise. */
function Told({ told, clothId, cloth }: ToldProps) {
  const records = useRecords();
  const { unit } = useUnit();
  const [beforeMm, setBefore] = useState<number | undefined>(told.beforeMm);
  const corrected = { ...told, beforeMm: beforeMm ?? told.beforeMm };
  const fault = beforeMm === undefined ? undefined : inWearFault(corrected);
  const grew = dimensionalChange(corrected.beforeMm, told.afterMm);
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const by = `${grew < 0 ? 'shorter' : 'longer'} by ${formatQuantity(Math.abs(grew), 'share', unit)}`;
  return (
    <ToKeep
      text={`${told.of}: ${length(corrected.beforeMm)} as it was sewn, ${length(told.afterMm)} ${afterWords(told)}: ${by}.`}
      kept={
        isKept(cloth, told)
          ? 'Kept with its cloth; there it can be taken away again. The next garment of it can be made for that, at Fit.'
          : undefined
      }
      label={`Keep it with ${cloth.name}`}
      disabled={beforeMm === undefined || fault !== undefined}
      onKeep={() =>
        records.set('cloth', clothId, `What wear did to ${cloth.name}`, {
          [`inWear.${crypto.randomUUID()}`]: corrected,
        })
      }
    >
      <div className={styles.fields}>
        <LengthField
          live
          required
          spec={inWearSpec.fields.beforeMm}
          help="By the plan of today; type what it was where it came out otherwise."
          valueMm={beforeMm}
          onChange={setBefore}
          fault={fault}
        />
      </div>
    </ToKeep>
  );
}
