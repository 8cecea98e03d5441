'use client';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { CLASS_FROM, classLabels } from '@/core/cloth/stretchClass';
import { readCloth } from '@/core/cloth/readCloth';
import { createLedger } from '@/core/explain/ledger';
import { formatQuantity } from '@/core/explain/display';
import { clothSpec, type Cloth, type ClothDirection } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { clothPlan } from '@/core/plan/clothPlan';
import type { ClothPlan, DirectionPlan } from '@/core/plan/types';
import { formatLength } from '@/core/units/formatLength';
import { NameField } from '@/features/records/NameField';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';
import styles from './ClothPage.module.css';
import { HandTest } from './HandTest';

const { fields } = clothSpec;

/** One cloth: its test by hand, what the test says, and what is known of it. */
export function ClothPage({ cloth, today }: { cloth: StoredRecord<'cloth'>; today: string }) {
  return (
    <RecordsProvider records={[cloth]}>
      <Inside initial={cloth} today={today} />
    </RecordsProvider>
  );
}

function Inside({ initial, today }: { initial: StoredRecord<'cloth'>; today: string }) {
  const records = useRecords();
  const { id } = initial;
  const cloth = records.facts('cloth', id) ?? initial.facts;
  const { reading, numbers } = useMemo(() => {
    const book = createLedger();
    return { reading: clothPlan(readCloth(book, 'cloth', cloth)), numbers: book.numbers };
  }, [cloth]);
  const count = (direction: ClothDirection) =>
    Object.values(cloth.tests).filter((test) => test.direction === direction).length;
  return (
    <NumbersProvider numbers={numbers}>
      <div className={styles.page}>
        <div className={styles.work}>
          <div className={styles.head}>
            <NameField
              label="Cloth’s name"
              value={cloth.name}
              fault={records.fault('cloth', id, 'name')}
              onChange={(name) => records.set('cloth', id, 'Name', { name })}
            />
            <RemoveButton kind="cloth" id={id} back="/cloth" />
          </div>
          <HandTest clothId={id} today={today} done={{ across: count('across'), along: count('along') }} />
          <Result reading={reading} />
          <Pulls id={id} cloth={cloth} reading={reading} />
        </div>
        <Facts id={id} cloth={cloth} />
      </div>
    </NumbersProvider>
  );
}

function Result({ reading }: { reading: ClothPlan }) {
  const { unit } = useUnit();
  if (!reading.across && !reading.along) {
    return (
      <p className="soft">
        What it can do comes with the first pull. A stretch that is only stated, on a label, can be typed on
        the right; it counts as untested.
      </p>
    );
  }
  const bounds = `stable under ${show(CLASS_FROM.moderate)}, moderate to ${show(CLASS_FROM.stretchy)}, stretchy to ${show(CLASS_FROM.superStretch)}, super-stretch above in both directions, rib from ${show(CLASS_FROM.rib)} in one`;
  function show(share: number) {
    return formatQuantity(share, 'share', unit);
  }
  return (
    <section className={styles.result}>
      {reading.across && <Direction name="across" reading={reading.across} />}
      {reading.along && <Direction name="along" reading={reading.along} />}
      <div>
        <h3>
          <PhraseText phrase={reading.verdictSentence} />
        </h3>
        {reading.stretchClass && (
          <p className="soft" style={{ marginTop: 6 }}>
            Class: <strong>{classLabels[reading.stretchClass]}</strong>.{' '}
            <span className="small">({bounds}; textbook classes, from memory.)</span>
          </p>
        )}
        {reading.around && (
          <p className="soft">The greatest stretch, {reading.around}, goes around the body.</p>
        )}
      </div>
    </section>
  );
}

function Direction({ name, reading }: { name: string; reading: DirectionPlan }) {
  return (
    <div>
      <p className={styles.big}>
        <ExplainedNumber id={reading.stretch} />
      </p>
      <p>
        <strong>{name}</strong>
        {reading.source === 'stated' && ', as stated: untested'}
      </p>
      <p className="soft small">
        {reading.repeats.length === 1 && 'one pull: two more would make it sure'}
        {reading.repeats.length > 1 && (
          <>
            {reading.repeats.map((repeat, at) => (
              <span key={repeat}>
                {at > 0 ? ', ' : ''}
                <ExplainedNumber id={repeat} />
              </span>
            ))}
            : {countsWords(reading)}
          </>
        )}
      </p>
      {reading.recovery && (
        <p>
          comes back <ExplainedNumber id={reading.recovery} />
        </p>
      )}
      {reading.growth && (
        <p>
          stays longer <ExplainedNumber id={reading.growth} />
        </p>
      )}
      {reading.neckIn && (
        <p>
          narrows at <ExplainedNumber id={reading.neckIn} /> of its stretch
        </p>
      )}
    </div>
  );
}

function countsWords({ counts, repeats }: DirectionPlan): string {
  if (counts === 'lowest') return 'more than ten points apart, so the lowest counts';
  return repeats.length % 2 === 1 ? 'the middle one counts' : 'half-way between the middle two counts';
}

function Pulls({ id, cloth, reading }: { id: string; cloth: Cloth; reading: ClothPlan }) {
  const records = useRecords();
  const { unit } = useUnit();
  const tests = Object.entries(cloth.tests).sort(([, a], [, b]) => b.testedOn.localeCompare(a.testedOn));
  if (tests.length === 0) return null;
  const show = (mm: number | undefined) => (mm === undefined ? '—' : formatLength(mm, unit));
  return (
    <details>
      <summary style={{ cursor: 'pointer', minHeight: 28 }}>Every pull kept ({tests.length})</summary>
      <ul className={styles.pulls}>
        {tests.map(([testId, test]) => (
          <li key={testId}>
            <span>
              {test.testedOn}, {test.direction}: {show(test.restMm)} → {show(test.pulledMm)} →{' '}
              {show(test.releasedMm)}
              {reading.refused.find((one) => one.testId === testId)?.sentence}
            </span>
            <Button
              size="small"
              onClick={() => records.set('cloth', id, 'Take a pull away', { [`tests.${testId}`]: null })}
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}

function Facts({ id, cloth }: { id: string; cloth: Cloth }) {
  const records = useRecords();
  const field = (key: keyof Cloth) => ({
    onChange: (value: string | number | undefined) =>
      records.set('cloth', id, fields[key].label, { [key]: value }),
    fault: records.fault('cloth', id, key),
  });
  const length = (key: 'widthMm' | 'onHandMm' | 'thicknessMm') => ({
    ...field(key),
    spec: fields[key],
    valueMm: cloth[key],
  });
  const number = (key: 'weightGsm' | 'statedAcross' | 'statedAlong') => ({
    ...field(key),
    spec: fields[key],
    value: cloth[key],
  });
  const words = (key: 'fibre' | 'notes') => ({ ...field(key), spec: fields[key], value: cloth[key] });
  return (
    <aside className={styles.facts}>
      <h2>What is known of it</h2>
      <TextFactField {...words('fibre')} />
      <ChoiceRow
        legend="Washed before cutting"
        value={cloth.washed}
        options={[
          { value: 'yes', label: 'Yes' },
          { value: 'no', label: 'Not yet' },
        ]}
        onChange={field('washed').onChange}
      />
      <LengthField {...length('widthMm')} />
      <LengthField {...length('onHandMm')} />
      <NumberField {...number('weightGsm')} />
      <LengthField alwaysMm {...length('thicknessMm')} help="Two layers under a light finger, halved." />
      <NumberField {...number('statedAcross')} help="Used only until it is tested." />
      <NumberField {...number('statedAlong')} />
      <TextFactField {...words('notes')} multiline />
    </aside>
  );
}
