'use client';
import Stack from '@mui/material/Stack';
import Link from 'next/link';
import { useMemo } from 'react';
import { readElastic } from '@/core/edges/elastics/elasticReading';
import { verdictSentences } from '@/core/cloth/recoveryVerdict';
import { createLedger } from '@/core/explain/ledger';
import type { Elastic } from '@/core/facts/elastic';
import type { StoredRecord } from '@/core/facts/records';
import { formatLength } from '@/core/units/formatLength';
import { HangWeights } from '@/features/cloth/HangWeights';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from '@/features/cloth/ClothPage.module.css';
import { ElasticTests } from './ElasticTests';
import { Fold } from '@/ui/Fold';

interface Props {
  readonly elastic: StoredRecord<'elastic'>;
  readonly uses: readonly { readonly garmentId: string; readonly name: string; readonly mm: number }[];
  readonly today: string;
}

/** One elastic: pulled against a ruler, sewn as a sample, and what is planned on its roll. */
export function ElasticPage(props: Props) {
  return (
    <RecordsProvider records={[props.elastic]}>
      <Inside {...props} />
    </RecordsProvider>
  );
}

function Inside({ elastic: initial, uses, today }: Props) {
  const records = useRecords();
  const { id } = initial;
  const elastic = records.facts('elastic', id) ?? initial.facts;
  const { read, numbers } = useMemo(() => {
    const book = createLedger();
    return { read: readElastic(book, 'elastic', elastic), numbers: book.numbers };
  }, [elastic]);
  const { reading, assumed, growth, verdict } = read;
  const curve = reading.parts[0]?.curve;
  return (
    <NumbersProvider numbers={numbers}>
      <div className={styles.page}>
        <div className={styles.work}>
          <div className={styles.head}>
            <NameField
              label="Elastic’s name"
              value={elastic.name}
              fault={records.fault('elastic', id, 'name')}
              onChange={(name) => records.set('elastic', id, 'Name', { name })}
            />
            <RemoveButton kind="elastic" id={id} back="/elastics" />
          </div>
          <section className={styles.result}>
            <div>
              <p className={styles.big}>
                <ExplainedNumber id={reading.stretch.id} />
              </p>
              <p>
                <strong>stretches</strong>
                {assumed && ', as usual for its kind: not pulled yet'}
              </p>
            </div>
            {growth && (
              <div>
                <p className={styles.big}>
                  <ExplainedNumber id={growth.id} />
                </p>
                <p>
                  <strong>grows</strong> as it is sewn on
                </p>
              </div>
            )}
            <div>
              <h3>
                {reading.recovery ? verdictSentences[verdict] : 'Let it go once: then its recovery is known.'}
              </h3>
              {reading.recovery && (
                <p className="soft">
                  It comes back <ExplainedNumber id={reading.recovery.id} />.
                </p>
              )}
              {curve && (
                <p className="soft">
                  At its comfortable stretch it pulls with <ExplainedNumber id={curve.tS.id} />.
                </p>
              )}
            </div>
          </section>
          <ElasticTests id={id} elastic={elastic} today={today} />
          <Fold summary="How hard it pulls: weights on a length of it">
            <div>
              <HangWeights
                kind="elastic"
                clothId={id}
                direction="along"
                today={today}
                stripWidthMm={elastic.widthMm}
              />
            </div>
          </Fold>
          <Roll elastic={elastic} uses={uses} />
        </div>
        <Facts id={id} elastic={elastic} />
      </div>
    </NumbersProvider>
  );
}

/** What garments take of the roll. */
function Roll({ elastic, uses }: { elastic: Elastic; uses: Props['uses'] }) {
  const { unit } = useUnit();
  const taken = uses.reduce((sum, { mm }) => sum + mm, 0);
  const left = elastic.onHandMm === undefined ? undefined : elastic.onHandMm - taken;
  return (
    <Stack component="section" sx={{ gap: '8px' }}>
      <h2>On the roll</h2>
      {uses.length === 0 ? (
        <p className="soft">
          No garment takes of it. Choose it at an edge, at Bands, and it is kept for that garment.
        </p>
      ) : (
        <ul style={{ listStyle: 'none', margin: 0, padding: 0 }}>
          {uses.map(({ garmentId, name, mm }) => (
            <li
              key={garmentId}
              style={{
                display: 'flex',
                justifyContent: 'space-between',
                borderTop: '1px solid var(--line)',
                padding: '8px 0',
              }}
            >
              <Link href={`/garments/${garmentId}?stage=bands`}>{name}</Link>
              <span>{formatLength(mm, unit)}</span>
            </li>
          ))}
        </ul>
      )}
      {left !== undefined && (
        <p>
          {left >= 0 ? (
            <>
              <strong>{formatLength(left, unit)}</strong> is free.
            </>
          ) : (
            <>
              <strong style={{ color: 'var(--on-demand-tint)' }}>{formatLength(-left, unit)} short</strong>{' '}
              for what is planned.
            </>
          )}
        </p>
      )}
    </Stack>
  );
}

function Facts({ id, elastic }: { id: string; elastic: Elastic }) {
  const latex = (
    <>
      <FactField kind="elastic" id={id} path="latex" />
      {elastic.latex === 'yes' && <p className="soft small">Some skins do not bear latex: ask the wearer.</p>}
    </>
  );
  return (
    <aside className={styles.facts}>
      <RecordFields kind="elastic" id={id} without={['name']} parts={{ latex }} />
    </aside>
  );
}
