'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { readingFault, stretchOf } from '@/core/cloth/handTest';
import { sewnFault } from '@/core/edges/elastics/elasticReading';
import { sewnGrowth } from '@/core/edges/elastics/lengths';
import { formatQuantity } from '@/core/explain/display';
import { elasticTestSpec, sewnSampleSpec, type Elastic } from '@/core/facts/elastic';
import { formatLength } from '@/core/units/formatLength';
import { useRecords } from '@/features/records/RecordsProvider';
import { USUAL_STRIP_MM } from '@/features/cloth/usualStrip';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from '@/features/cloth/ClothPage.module.css';

type Lengths<K extends string> = Partial<Record<K, number>>;
const grid = {
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(170px, 1fr))',
  gap: 12,
} as const;

/** Pulls against a ruler and sewn samples: kept whole or not at all, and taken back one by one. */
export function ElasticTests({ id, elastic, today }: { id: string; elastic: Elastic; today: string }) {
  return (
    <>
      <Pull id={id} elastic={elastic} today={today} />
      <Sample id={id} elastic={elastic} today={today} />
    </>
  );
}

function Pull({ id, elastic, today }: { id: string; elastic: Elastic; today: string }) {
  const records = useRecords();
  const { unit } = useUnit();
  const [draft, setDraft] = useState<Lengths<'restMm' | 'pulledMm' | 'releasedMm'>>({
    restMm: USUAL_STRIP_MM[unit].rest,
  });
  const form = useRef<HTMLDivElement>(null);
  const { restMm, pulledMm, releasedMm } = draft;
  const fault =
    restMm === undefined || pulledMm === undefined
      ? undefined
      : readingFault({ restMm, pulledMm, ...(releasedMm === undefined ? {} : { releasedMm }) });
  const whole = restMm !== undefined && pulledMm !== undefined && !fault;
  const keep = () => {
    records.set('elastic', id, 'Pull', {
      [`tests.${crypto.randomUUID()}`]: { testedOn: today, ...draft },
    });
    setDraft({ restMm });
    form.current?.querySelectorAll('input')[1]?.focus();
  };
  return (
    <Stack component="section" sx={{ gap: '12px' }}>
      <h2>Pull it along a ruler</h2>
      <p className="soft small">
        Pull as far as it goes easily, before it fights back. Let go, wait a minute, read it again. Three
        pulls read best.
      </p>
      <div style={grid} ref={form}>
        {(['restMm', 'pulledMm', 'releasedMm'] as const).map((key) => (
          <LengthField
            live
            key={key}
            spec={elasticTestSpec.fields[key]}
            valueMm={draft[key]}
            onChange={(mm) => setDraft((before) => ({ ...before, [key]: mm }))}
            fault={fault?.path === key ? fault.sentence : undefined}
          />
        ))}
      </div>
      <div>
        <Button variant="contained" disabled={!whole} onClick={keep}>
          Keep this pull
        </Button>
      </div>
      <ul className={styles.pulls}>
        {Object.entries(elastic.tests).map(([key, test]) => (
          <li key={key}>
            <span>
              {formatLength(test.restMm, unit)} to {formatLength(test.pulledMm, unit)}:{' '}
              {formatQuantity(stretchOf(test.restMm, test.pulledMm), 'share', unit)}
            </span>
            <Button
              size="small"
              onClick={() => records.set('elastic', id, 'Discard a pull', { [`tests.${key}`]: null })}
            >
              Discard
            </Button>
          </li>
        ))}
      </ul>
    </Stack>
  );
}

function Sample({ id, elastic, today }: { id: string; elastic: Elastic; today: string }) {
  const records = useRecords();
  const { unit } = useUnit();
  const [draft, setDraft] = useState<Lengths<'beforeMm' | 'afterMm'>>({});
  const form = useRef<HTMLDivElement>(null);
  const { beforeMm, afterMm } = draft;
  const sentence =
    beforeMm === undefined || afterMm === undefined ? undefined : sewnFault({ beforeMm, afterMm });
  const keep = () => {
    records.set('elastic', id, 'Sewn sample', {
      [`sewn.${crypto.randomUUID()}`]: { sewnOn: today, beforeMm, afterMm },
    });
    setDraft({});
    form.current?.querySelector('input')?.focus();
  };
  return (
    <Stack component="section" sx={{ gap: '12px' }}>
      <h2>Sew a sample</h2>
      <p className="soft small">
        Sewing opens elastic out. Measure a piece, sew it as you will on the garment, let it lie, measure
        again. Where a wanted length is given, it is cut shorter by that.
      </p>
      <div style={grid} ref={form}>
        {(['beforeMm', 'afterMm'] as const).map((key) => (
          <LengthField
            live
            key={key}
            spec={sewnSampleSpec.fields[key]}
            valueMm={draft[key]}
            onChange={(mm) => setDraft((before) => ({ ...before, [key]: mm }))}
            fault={key === 'afterMm' ? sentence : undefined}
          />
        ))}
      </div>
      <div>
        <Button
          variant="outlined"
          disabled={beforeMm === undefined || afterMm === undefined || sentence !== undefined}
          onClick={keep}
        >
          Keep this sample
        </Button>
      </div>
      <ul className={styles.pulls}>
        {Object.entries(elastic.sewn).map(([key, sample]) => (
          <li key={key}>
            <span>
              {formatLength(sample.beforeMm, unit)} to {formatLength(sample.afterMm, unit)}:{' '}
              {formatQuantity(sewnGrowth(sample.beforeMm, sample.afterMm), 'share', unit)}
            </span>
            <Button
              size="small"
              onClick={() => records.set('elastic', id, 'Discard a sample', { [`sewn.${key}`]: null })}
            >
              Discard
            </Button>
          </li>
        ))}
      </ul>
    </Stack>
  );
}
