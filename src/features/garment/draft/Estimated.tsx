'use client';
import { useState } from 'react';
import { bodyFields, type BodyMeasure } from '@/core/facts/wearer';
import { tapeTips } from '@/core/fit/tapeTips';
import { setTodaysMeasure, todaysSet } from '@/features/wearers/todaysMeasure';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** Measures that the draft wants and nobody took: what they are taken for, and a field for each that Measure has none for. */
export function Estimated() {
  const { garment, facts, kind, plan, today } = useGarment();
  const records = useRecords();
  const now = plan.draft?.estimated ?? [];
  const isAsked = (measure: BodyMeasure) => kind.needs.some((need) => need.measure === measure);
  // A field stays where it is once it is filled in.
  const [fields, setFields] = useState<readonly BodyMeasure[]>([]);
  const missing = now.map(({ measure }) => measure).filter((one) => !isAsked(one) && !fields.includes(one));
  if (missing.length > 0) setFields([...fields, ...missing]);
  const { wearer } = facts;
  const { wearerId } = garment;
  if (!wearer || wearerId === undefined || (now.length === 0 && fields.length === 0)) return null;
  const set = todaysSet(wearer, today);
  const atMeasure = now.filter(({ measure }) => isAsked(measure));
  return (
    <Fold summary={wordsFor(now.length)}>
      {atMeasure.length > 0 && (
        <p>
          Has its field at Measure:{' '}
          {atMeasure.map(({ measure, value }, nth) => (
            <span key={measure}>
              {nth > 0 && '; '}
              {bodyFields[measure].label.toLowerCase()}, taken as <ExplainedNumber id={value} />
            </span>
          ))}
          .
        </p>
      )}
      <div className={styles.fields}>
        {fields.map((measure) => {
          const guess = now.find((one) => one.measure === measure);
          return (
            <div key={measure}>
              <LengthField
                spec={bodyFields[measure]}
                valueMm={set?.set.values[measure]}
                onChange={(mm) => setTodaysMeasure(records, wearerId, wearer, today, measure, mm)}
                fault={records.fault('wearer', wearerId, `measurements.${set?.id}.values.${measure}`)}
              />
              <p className="soft small">
                {tapeTips[measure]}{' '}
                {guess && (
                  <>
                    <ExplainedNumber id={guess.value} /> is assumed.
                  </>
                )}
              </p>
            </div>
          );
        })}
      </div>
    </Fold>
  );
}

const wordsFor = (count: number): string => {
  if (count === 0) return 'Nothing is estimated';
  return `Estimated: ${count === 1 ? 'one measure' : `${count} measures`} that nobody took`;
};
