'use client';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { readClothOnce } from '@/core/cloth/readClothOnce';
import { createLedger } from '@/core/explain/ledger';
import type { ClothDirection } from '@/core/facts/cloth';
import type { StoredRecord } from '@/core/facts/records';
import { clothPlan } from '@/core/cloth/clothPlan';
import type { Choice } from '@/core/views/pageViews';
import { NameField } from '@/features/records/NameField';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { LogLink } from '@/features/log/LogLink';
import { NextTimeNotes } from '@/features/log/NextTimeNotes';
import type { LogEntry } from '@/core/views/logViews';
import { RemoveButton } from '@/features/records/RemoveButton';
import { NumbersProvider } from '@/ui/numbers';
import { Becoming } from './Becoming';
import { ClothFacts } from './ClothFacts';
import styles from './ClothPage.module.css';
import { Pulls, Result } from './ClothResult';
import { HandTest } from './HandTest';
import { InWear } from './InWear';
import { Layers } from './Layers';
import { Leftover } from './Leftover';
import { StackForm } from './StackForm';

const PullCurve = dynamic(() => import('./PullCurve').then((module) => module.PullCurve));

interface Props {
  readonly cloth: StoredRecord<'cloth'>;
  /** The other cloths of the shelf: layers for a stack. */
  readonly others: readonly StoredRecord<'cloth'>[];
  readonly wearers: readonly Choice[];
  readonly nextTime: readonly LogEntry[];
  readonly today: string;
}

/** One cloth: its test by hand, what the test says, how it pulls, and what it can become. */
export function ClothPage(props: Props) {
  return (
    <RecordsProvider records={[props.cloth]}>
      <Inside {...props} />
    </RecordsProvider>
  );
}

function Inside({ cloth: initial, others, wearers, nextTime, today }: Props) {
  const records = useRecords();
  const { id } = initial;
  const cloth = records.facts('cloth', id) ?? initial.facts;
  const { reading, numbers } = useMemo(() => {
    const book = createLedger();
    const find = (layer: string) => others.find((one) => one.id === layer)?.facts;
    return { reading: clothPlan(readClothOnce(book, 'cloth', cloth, find)), numbers: book.numbers };
  }, [cloth, others]);
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
            <LogLink of="cloth" id={id} />
            <RemoveButton kind="cloth" id={id} back="/cloth" />
          </div>
          <NextTimeNotes entries={nextTime} />
          {cloth.layers ? (
            <>
              <StackForm id={id} layers={cloth.layers} others={others} />
              <Layers cloth={reading} />
            </>
          ) : (
            <>
              <HandTest
                clothId={id}
                today={today}
                done={{ across: count('across'), along: count('along') }}
              />
              <Result reading={reading} />
              <Pulls id={id} cloth={cloth} reading={reading} />
              <InWear id={id} cloth={cloth} reading={reading} />
            </>
          )}
          <Leftover id={id} cloth={cloth} />
          <Becoming clothId={id} wearers={wearers} />
          {!cloth.layers && <PullCurve id={id} cloth={cloth} reading={reading} today={today} />}
        </div>
        <ClothFacts id={id} cloth={cloth} />
      </div>
    </NumbersProvider>
  );
}
