'use client';
import Button from '@mui/material/Button';
import { dimensionalChange } from '@/core/cloth/preWash';
import type { ClothPlan } from '@/core/cloth/types';
import { formatQuantity } from '@/core/explain/display';
import type { Cloth } from '@/core/facts/cloth';
import { formatLength } from '@/core/units/formatLength';
import { afterWords } from '@/core/wear/worn';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from './ClothPage.module.css';

/** What garments of a cloth did in wear and wash, as they were measured again; each can be taken away. */
export function InWear({ id, cloth, reading }: { id: string; cloth: Cloth; reading: ClothPlan }) {
  const records = useRecords();
  const { unit } = useUnit();
  const numbers = useNumbers();
  const percent = (share: number) => formatQuantity(Math.abs(share), 'share', unit);
  const all = Object.entries(cloth.inWear ?? {}).toSorted(([, a], [, b]) =>
    b.measuredOn.localeCompare(a.measuredOn),
  );
  if (all.length === 0) return null;
  const means = (['across', 'along'] as const).flatMap((way) => {
    const inWear = reading[way]?.inWear;
    return inWear ? [{ way, inWear, grew: valueOf(numbers, inWear) }] : [];
  });
  return (
    <section className={styles.inner}>
      <h2>What wear did to it</h2>
      {means.map(({ way, inWear, grew }) => (
        <p key={way}>
          It {grew < 0 ? 'shrinks' : 'grows'} {way} by <ExplainedNumber id={inWear} text={percent(grew)} /> in
          wear. At Fit the next garment of it can be cut for that.
        </p>
      ))}
      <ul className={styles.pulls}>
        {all.map(([key, told]) => (
          <li key={key}>
            <span>
              {told.of}, {told.direction}: {formatLength(told.beforeMm, unit)} as it was sewn,{' '}
              {formatLength(told.afterMm, unit)} {afterWords(told)}:{' '}
              {formatQuantity(dimensionalChange(told.beforeMm, told.afterMm), 'share', unit)}
            </span>
            <Button
              size="small"
              onClick={() => records.set('cloth', id, 'Take away what wear did', { [`inWear.${key}`]: null })}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
