'use client';
import Button from '@mui/material/Button';
import {
  bodyFields,
  bodyMeasures,
  measurementSetSpec,
  wearerSpec,
  type MeasurementSet,
  type Wearer,
} from '@/core/facts/wearer';
import type { StoredRecord } from '@/core/facts/records';
import { OLD_AFTER_DAYS, daysBetween } from '@/core/fit/latestMeasures';
import { NameField } from '@/features/records/NameField';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { grownOptions } from './grownOptions';
import styles from './WearerPage.module.css';

const { fields } = wearerSpec;

/** One wearer: who it is, and measurements by date, newest first. */
export function WearerPage({ wearer, today }: { wearer: StoredRecord<'wearer'>; today: string }) {
  return (
    <RecordsProvider records={[wearer]}>
      <Inside initial={wearer} today={today} />
    </RecordsProvider>
  );
}

function Inside({ initial, today }: { initial: StoredRecord<'wearer'>; today: string }) {
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
        <RemoveButton kind="wearer" id={id} back="/wearers" />
      </div>
      <div className={styles.who}>
        <ChoiceRow legend="Grown" value={wearer.grown} options={grownOptions} onChange={put('grown')} />
        <TextFactField
          spec={fields.bornOn}
          value={wearer.bornOn}
          onChange={put('bornOn')}
          fault={records.fault('wearer', id, 'bornOn')}
          help="For a head’s size where it is not measured."
        />
        <TextFactField
          spec={fields.notes}
          value={wearer.notes}
          onChange={put('notes')}
          fault={records.fault('wearer', id, 'notes')}
          multiline
        />
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
      {sets.map(([setId, set]) => (
        <SetOf key={setId} wearerId={id} setId={setId} set={set} />
      ))}
    </div>
  );
}

function SetOf({ wearerId, setId, set }: { wearerId: string; setId: string; set: MeasurementSet }) {
  const records = useRecords();
  const base = `measurements.${setId}`;
  const put = (key: string, label: string) => (value: string | number | undefined) =>
    records.set('wearer', wearerId, label, { [`${base}.${key}`]: value });
  const fault = (key: string) => records.fault('wearer', wearerId, `${base}.${key}`);
  return (
    <section className={styles.set} aria-label={`Measured on ${set.measuredOn}`}>
      <div className={styles.when}>
        <TextFactField
          spec={measurementSetSpec.fields.measuredOn}
          value={set.measuredOn}
          onChange={(day) => day && put('measuredOn', 'Measured on')(day)}
          fault={fault('measuredOn')}
        />
        <ChoiceRow
          legend="How"
          value={set.how}
          options={[
            { value: 'measured', label: 'measured' },
            { value: 'guessed', label: 'guessed' },
          ]}
          onChange={put('how', 'How it was measured')}
        />
        <Button
          size="small"
          onClick={() => records.set('wearer', wearerId, 'Take measurements away', { [base]: null })}
        >
          Take away
        </Button>
      </div>
      <div className={styles.values}>
        {bodyMeasures.map((measure) => (
          <LengthField
            key={measure}
            spec={bodyFields[measure]}
            valueMm={set.values[measure]}
            onChange={put(`values.${measure}`, `Measure: ${measure}`)}
            fault={fault(`values.${measure}`)}
          />
        ))}
        <TextFactField
          spec={measurementSetSpec.fields.note}
          value={set.note}
          onChange={put('note', 'Note')}
          fault={fault('note')}
        />
      </div>
    </section>
  );
}
