'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { newGarment } from '@/core/facts/garment';
import type { StoredRecord } from '@/core/facts/records';
import { numberOf } from '@/core/facts/spec';
import { sizesInOrder } from '@/core/fit/patternSize';
import { planGarment } from '@/core/plan/planGarment';
import type { Choice } from '@/core/views/pageViews';
import { SizeTable } from '@/features/patterns/SizeTable';
import { RequestRefused, fetchRecord, setFacts } from '@/features/records/api';
import { NumberField } from '@/ui/NumberField';
import { NumbersProvider, valueOf } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { PickField } from '@/ui/PickField';
import styles from './SumsPage.module.css';

const STRETCH = numberOf('share', 'The cloth stretches', 0.01, 4);

interface Props {
  readonly patterns: readonly StoredRecord<'pattern'>[];
  readonly wearers: readonly StoredRecord<'wearer'>[];
  readonly garments: readonly Choice[];
}

/** Which size of a pattern to cut for a person in a cloth of some stretch, without a garment. */
export function SizeSum({ patterns, wearers, garments }: Props) {
  const [patternId, setPattern] = useState(patterns[0]?.id ?? '');
  const [wearerId, setWearer] = useState(wearers[0]?.id ?? '');
  const [stretch, setStretch] = useState<number | undefined>(0.6);
  const [garmentId, setGarment] = useState('');
  const [said, setSaid] = useState<string | undefined>(undefined);
  const pattern = patterns.find(({ id }) => id === patternId)?.facts;
  const wearer = wearers.find(({ id }) => id === wearerId)?.facts;
  const plan = useMemo(() => {
    if (!pattern || !wearer || stretch === undefined) return undefined;
    const outer = {
      name: 'This cloth',
      washed: 'yes',
      tests: {},
      statedAcross: stretch,
      statedAlong: stretch,
    } as const;
    const garment = newGarment('Size', pattern.kind);
    return planGarment({ garment, pattern, wearer, outer }, { onDate: '2000-01-01' });
  }, [pattern, stretch, wearer]);
  const size = plan?.size;
  const send = async () => {
    try {
      const garment = await fetchRecord('garment', garmentId);
      await setFacts(garment, 'Pattern size, from Sums', [
        { path: 'patternId', value: patternId },
        { path: 'sizeId', value: size?.cut ?? null },
      ]);
      setSaid('Sent.');
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setSaid(error.message);
    }
  };
  return (
    <>
      <p className="soft">Which size to cut, where to grade, and how much at each seam edge.</p>
      <div className={styles.columns}>
        <div className={styles.fields}>
          <PickField
            label="Pattern"
            value={patternId}
            options={patterns.map(({ id, facts }) => ({ id, name: facts.name }))}
            empty="choose a pattern"
            onChange={setPattern}
          />
          <PickField
            label="Wearer"
            value={wearerId}
            options={wearers.map(({ id, facts }) => ({ id, name: facts.name }))}
            empty="choose a wearer"
            onChange={setWearer}
          />
          <NumberField live spec={STRETCH} value={stretch} required onChange={setStretch} />
        </div>
        <Stack sx={{ gap: '14px', minWidth: 0 }}>
          {plan && size && pattern ? (
            <NumbersProvider numbers={plan.numbers}>
              <div className={styles.first}>
                <span className="soft">
                  Cut size, <PhraseText phrase={size.reason} />
                </span>
                <strong>{size.label}</strong>
              </div>
              <SizeTable
                pattern={pattern}
                cut={size.cut}
                targets={size.zones.map((zone) => ({
                  measure: zone.measure,
                  finishedMm: valueOf(plan.numbers, zone.finished),
                  targetMm: valueOf(plan.numbers, zone.target),
                }))}
              />
              <ul style={{ margin: 0, paddingLeft: 20 }}>
                {size.zones.map((zone) => (
                  <li key={zone.zone}>
                    <PhraseText phrase={zone.advice} />.
                  </li>
                ))}
                {size.adjustments.map((one) => (
                  <li key={one.id}>
                    <PhraseText phrase={one.sentence} />
                  </li>
                ))}
              </ul>
              <div className={styles.send}>
                <PickField
                  label="Send it to a garment"
                  value={garmentId}
                  options={garments}
                  empty="choose a garment"
                  onChange={setGarment}
                />
                <Button variant="outlined" disabled={!garmentId} onClick={() => void send()}>
                  Send
                </Button>
              </div>
              <p role="status">
                {said}{' '}
                {said === 'Sent.' && <Link href={`/garments/${garmentId}?stage=fit`}>Open the garment</Link>}
              </p>
            </NumbersProvider>
          ) : (
            <p className="soft">
              {pattern && sizesInOrder(pattern).length === 0
                ? 'This pattern has no size table yet: enter one at Patterns.'
                : 'It needs a pattern with a size table, and a wearer with the measurements it is graded by.'}
            </p>
          )}
        </Stack>
      </div>
    </>
  );
}
