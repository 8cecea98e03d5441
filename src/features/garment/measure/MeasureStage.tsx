'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useState } from 'react';
import { bodyFields, type BodyMeasure } from '@/core/facts/wearer';
import { daysBetween } from '@/core/fit/latestMeasures';
import { tapeHabits } from '@/core/fit/tapeTips';
import { styleOf } from '@/core/fit/garmentKind';
import type { MeasurePlan } from '@/core/fit/types';
import { useRecords } from '@/features/records/RecordsProvider';
import { PickWearer } from '@/features/records/PickRecord';
import { BodyDrawing } from '@/ui/BodyDrawing';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { valueOf } from '@/ui/numbers';
import { setTodaysMeasure, todaysSet } from '@/features/wearers/todaysMeasure';
import styles from '../page/GarmentPage.module.css';
import { NextButton } from '../page/NextButton';
import { useGarment } from '../page/useGarment';
import { ItsPieces } from './ItsPieces';
import { MadeAlready } from './MadeAlready';

/** Only garments that are drafted need them. */
const DraftTable = dynamic(() => import('../draft/DraftTable').then((module) => module.DraftTable));
const OnFigure = dynamic(() => import('../figure/OnFigure').then((module) => module.OnFigure), {
  ssr: false,
});

/** Who it is for, and the measurements this garment needs of them. */
export function MeasureStage() {
  const { garment, kind, facts, plan, wearers, set, fault } = useGarment();
  const [picked, setChosen] = useState<BodyMeasure | undefined>(undefined);
  const chosen = picked ?? kind.needs[0]?.measure ?? 'bust';
  const label = bodyFields[chosen].label;
  return (
    <div className={styles.stage}>
      <div className={styles.columns}>
        <div className={styles.stack}>
          <PickWearer
            label="For"
            value={garment.wearerId ?? ''}
            options={wearers}
            empty="choose who it is for"
            fault={fault('wearerId')}
            onChange={(id) => set('Wearer', { wearerId: id || null })}
          />
          {kind.styles.length > 1 && (
            <ChoiceRow
              legend="How it is meant to sit"
              value={styleOf(kind, garment.style).id}
              options={kind.styles.map(({ id, label: words }) => ({ value: id, label: words }))}
              onChange={(style) => set('How it sits', { style })}
            />
          )}
          <BodyDrawing chosen={chosen} label={label} />
        </div>
        <div className={styles.stack}>
          {garment.refashion && <MadeAlready />}
          <div className={styles.between}>
            <h2>
              {facts.wearer ? `What this garment needs of ${facts.wearer.name}` : 'What this garment needs'}
            </h2>
            {garment.wearerId && <Link href={`/wearers/${garment.wearerId}`}>All measurements</Link>}
          </div>
          {facts.wearer ? (
            <div className={styles.stack}>
              <p className="soft small">{tapeHabits}</p>
              {plan.measures.map((measure) => (
                <Measure key={measure.measure} measure={measure} onFocus={() => setChosen(measure.measure)} />
              ))}
            </div>
          ) : (
            <p className="soft">
              Choose who it is for on the left. Nobody there yet? Add a wearer: it takes a name and a tape.
            </p>
          )}
          {!plan.draft && !garment.refashion && <ItsPieces />}
          {!plan.draft && <NextButton to="stretch" />}
        </div>
      </div>
      {plan.draft && (
        <>
          <DraftTable />
          <OnFigure />
          <NextButton to="stretch" />
        </>
      )}
    </div>
  );
}

function Measure({ measure, onFocus }: { measure: MeasurePlan; onFocus: () => void }) {
  const { garment, facts, plan, today } = useGarment();
  const records = useRecords();
  const { wearerId } = garment;
  if (wearerId === undefined || !facts.wearer) return null;
  const now = todaysSet(facts.wearer, today);
  const typedToday = now?.set.values[measure.measure];
  const estimate = plan.draft?.estimated.find((one) => one.measure === measure.measure);
  const known = measure.source === 'measured' || measure.source === 'guessed';
  const value = typedToday ?? (known && measure.value ? valueOf(plan.numbers, measure.value) : undefined);
  return (
    <div
      onFocus={onFocus}
      style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 200px) minmax(0, 1fr)', gap: 16 }}
    >
      <LengthField
        spec={bodyFields[measure.measure]}
        valueMm={value}
        onChange={(mm) => setTodaysMeasure(records, wearerId, facts.wearer, today, measure.measure, mm)}
        fault={records.fault('wearer', wearerId, `measurements.${now?.id}.values.${measure.measure}`)}
      />
      <div>
        <p>{measure.how}</p>
        <p className="soft small">
          For {measure.why}.{' '}
          {measure.source === 'default' && measure.value ? (
            <>
              Not measured: <ExplainedNumber id={measure.value} /> is assumed.
            </>
          ) : measure.measuredOn ? (
            `${measure.source === 'guessed' ? 'Guessed' : 'Measured'} ${age(measure.measuredOn, today)}.`
          ) : estimate ? (
            <>
              Not measured: <ExplainedNumber id={estimate.value} /> is assumed in the draft.
            </>
          ) : measure.required ? (
            'Still to measure.'
          ) : (
            'Can be left out.'
          )}
          {measure.old && <strong> That is old for this wearer: measure again.</strong>}
        </p>
      </div>
    </div>
  );
}

function age(day: string, today: string): string {
  const days = daysBetween(day, today);
  if (days <= 0) return 'today';
  if (days < 60) return days === 1 ? 'yesterday' : `${days} days ago`;
  return `${Math.round(days / 30.4)} months ago`;
}
