'use client';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import {
  bodyFields,
  bodyMeasures,
  wearerSpec,
  type BodyMeasure,
  type MeasurementSet,
  type Wearer,
} from '@/core/facts/wearer';
import type { StoredRecord } from '@/core/facts/records';
import { OLD_AFTER_DAYS, daysBetween } from '@/core/fit/latestMeasures';
import { tapeHabits, tapeTips } from '@/core/fit/tapeTips';
import { catalogue } from '@/core/garments/catalogue';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { LogLink } from '@/features/log/LogLink';
import { NextTimeNotes } from '@/features/log/NextTimeNotes';
import type { LogEntry } from '@/core/views/logViews';
import { RemoveButton } from '@/features/records/RemoveButton';
import { BodyDrawing } from '@/ui/BodyDrawing';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { Fits } from './Fits';
import { grownOptions } from './grownOptions';
import { Usuals } from './Usuals';
import styles from './WearerPage.module.css';

const History = dynamic(() => import('./History').then((module) => module.History), { ssr: false });

const { fields } = wearerSpec;

interface Props {
  readonly wearer: StoredRecord<'wearer'>;
  readonly nextTime: readonly LogEntry[];
  readonly today: string;
}

/** One wearer: who it is, and measurements by date, newest first. */
export function WearerPage({ wearer, nextTime, today }: Props) {
  return (
    <RecordsProvider records={[wearer]}>
      <Inside wearer={wearer} nextTime={nextTime} today={today} />
    </RecordsProvider>
  );
}

function Inside({ wearer: initial, nextTime, today }: Props) {
  const records = useRecords();
  const { id } = initial;
  const wearer = records.facts('wearer', id) ?? initial.facts;
  const sets = Object.entries(wearer.measurements).sort(([, a], [, b]) =>
    b.measuredOn.localeCompare(a.measuredOn),
  );
  const newest = sets[0]?.[1];
  const old = newest !== undefined && daysBetween(newest.measuredOn, today) > OLD_AFTER_DAYS[wearer.grown];
  const measureAgain = () => {
    const set: MeasurementSet = { measuredOn: today, how: 'measured', values: {} };
    records.set('wearer', id, 'Measure again', { [`measurements.${crypto.randomUUID()}`]: set });
  };
  const put = (key: keyof Wearer) => (value: string | undefined) =>
    records.set('wearer', id, fields[key].label, { [key]: value });
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <NameField
          label="Wearer’s name"
          value={wearer.name}
          fault={records.fault('wearer', id, 'name')}
          onChange={put('name')}
        />
        <LogLink of="wearer" id={id} />
        <RemoveButton kind="wearer" id={id} back="/wearers" />
      </div>
      <NextTimeNotes entries={nextTime} />
      <div className={styles.who}>
        <ChoiceRow legend="Grown" value={wearer.grown} options={grownOptions} onChange={put('grown')} />
        <RecordFields kind="wearer" id={id} without={['name', 'grown']} />
      </div>
      <div className={styles.head}>
        <h2>Measurements</h2>
        <Button variant={sets.length === 0 || old ? 'contained' : 'outlined'} onClick={measureAgain}>
          {sets.length === 0 ? 'Measure' : 'Measure again'}
        </Button>
      </div>
      <p className="soft">
        Snug, level, over what is worn underneath. A garment uses the newest of each; earlier ones stay.
        {old && <strong> The newest are old for this wearer.</strong>}
      </p>
      {sets.map(([setId, set], at) => (
        <SetOf key={setId} wearerId={id} setId={setId} set={set} open={at === 0} />
      ))}
      {sets.length > 1 && <History wearer={wearer} />}
      <Fits id={id} wearer={wearer} />
      <Usuals id={id} wearer={wearer} />
    </div>
  );
}

function SetOf({
  wearerId,
  setId,
  set,
  open,
}: {
  wearerId: string;
  setId: string;
  set: MeasurementSet;
  open: boolean;
}) {
  const records = useRecords();
  const [focused, setFocused] = useState<BodyMeasure>('bust');
  const base = `measurements.${setId}`;
  const count = Object.values(set.values).filter((mm) => mm !== undefined).length;
  return (
    <details className={styles.set} open={open} aria-label={`Measured on ${set.measuredOn}`}>
      <summary className={styles.summary}>
        <strong>{set.measuredOn}</strong>{' '}
        <span className="soft">
          {set.how}, {count} measurements{set.note ? `: ${set.note}` : ''}
        </span>
      </summary>
      <div className={styles.when}>
        <RecordFields kind="wearer" id={wearerId} path={base} only={['measuredOn', 'how']} />
        <Button
          size="small"
          onClick={() => records.set('wearer', wearerId, 'Take measurements away', { [base]: null })}
        >
          Take away
        </Button>
      </div>
      <div className={styles.taking}>
        <div className={styles.groups}>
          {measureGroups.map(({ label, measures }) => (
            <fieldset key={label} className={styles.group}>
              <legend>{label}</legend>
              <div className={styles.values}>
                {measures.map((measure) => (
                  <div key={measure} onFocus={() => setFocused(measure)}>
                    <FactField kind="wearer" id={wearerId} path={`${base}.values.${measure}`} />
                  </div>
                ))}
              </div>
            </fieldset>
          ))}
          <FactField kind="wearer" id={wearerId} path={`${base}.note`} />
        </div>
        <aside className={styles.tape}>
          <BodyDrawing chosen={focused} label={bodyFields[focused].label} />
          <p>
            <strong>{bodyFields[focused].label}.</strong> {tapeTips[focused]}
          </p>
          <p className="soft small">{tapeHabits}</p>
          <p className="soft small">Needed by: {neededBy(focused)}.</p>
        </aside>
      </div>
    </details>
  );
}

/** Measurements in the order a tape goes about them; what is in none of these groups comes last. */
const tapeGroups: readonly { readonly label: string; readonly measures: readonly BodyMeasure[] }[] = [
  { label: 'Height, head and neck', measures: ['stature', 'head', 'neck'] },
  {
    label: 'Upper body',
    measures: ['bust', 'highBust', 'underbust', 'cup', 'shoulder', 'strap', 'backLength'],
  },
  { label: 'Arms', measures: ['biceps', 'wrist', 'hand', 'armLength'] },
  {
    label: 'Waist and hips',
    measures: ['waist', 'hip', 'lowHip', 'rise', 'lowRise', 'bodyRise', 'pouch', 'loop'],
  },
  { label: 'Legs', measures: ['thigh', 'legTop', 'knee', 'calf', 'ankle', 'foot', 'inseam'] },
];
const others = bodyMeasures.filter((one) => !tapeGroups.some(({ measures }) => measures.includes(one)));
const measureGroups =
  others.length === 0 ? tapeGroups : [...tapeGroups, { label: 'Others', measures: others }];

/** The garments that want a measurement, in words. */
const neededBy = (measure: BodyMeasure): string =>
  Object.values(catalogue)
    .filter(({ needs }) => needs.some((need) => need.measure === measure))
    .map(({ label }) => label.toLowerCase())
    .join(', ') || 'pattern lengths only';
