'use client';
import { useMemo, useState } from 'react';
import type { StoredRecord } from '@/core/facts/records';
import { usualValues } from '@/core/facts/usualValues';
import type { Sum, SumRule, SumValues } from '@/core/answers/sums/sum';
import { bandSums } from '@/core/answers/sums/bandSums';
import { elasticSums } from '@/core/answers/sums/elasticSums';
import { stitchSums } from '@/core/answers/sums/stitchSums';
import { sumIds, sums, type SumId } from '@/core/answers/sums/sums';
import type { Choice } from '@/core/views/pageViews';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { NumbersProvider } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { StretchRule } from '@/ui/StretchRule';
import { SendResult } from './SendResult';
import { SizeSum } from './SizeSum';
import styles from './SumsPage.module.css';

interface Props {
  readonly garments: readonly Choice[];
  readonly patterns: readonly StoredRecord<'pattern'>[];
  readonly wearers: readonly StoredRecord<'wearer'>[];
}

type Which = SumId | 'size';
const isBand = (id: SumId) => id in bandSums || id in elasticSums;
const isStitch = (id: SumId) => id in stitchSums;
const labels = (ids: readonly SumId[]): readonly { value: Which; label: string }[] =>
  ids.map((id) => ({ value: id, label: sums[id].label }));
const GROUPS: readonly {
  readonly legend: string;
  readonly options: readonly { readonly value: Which; readonly label: string }[];
}[] = [
  {
    legend: 'Stretch and fit',
    options: [
      ...labels(sumIds.filter((id) => !isBand(id) && !isStitch(id))),
      { value: 'size', label: 'Pattern size' },
    ],
  },
  { legend: 'Bands, elastics, straps', options: labels(sumIds.filter(isBand)) },
  { legend: 'Seams and machines', options: labels(sumIds.filter(isStitch)) },
];

/** Single calculations without a garment; each can hand its answer to one. */
export function SumsPage({ garments, patterns, wearers }: Props) {
  const [which, setWhich] = useState<Which>('stretch');
  return (
    <div className={styles.page}>
      <h1>Sums</h1>
      {GROUPS.map(({ legend, options }) => (
        <ChoiceRow key={legend} legend={legend} value={which} options={options} onChange={setWhich} />
      ))}
      {which === 'size' ? (
        <SizeSum patterns={patterns} wearers={wearers} garments={garments} />
      ) : (
        <OneSum key={which} id={which} garments={garments} />
      )}
    </div>
  );
}

/** The answer drawn as the product draws every length that stretches. */
function Rule({ label, rule }: { label: string; rule: SumRule }) {
  const { restMm, wornMm = 0, limitMm = 0 } = rule;
  return (
    <div>
      <StretchRule label={label} fullMm={Math.max(restMm, wornMm, limitMm)} {...rule} />
      <p className="soft small">
        Solid: at rest.{rule.wornMm === undefined ? '' : ' Hatched: worn.'}
        {rule.limitMm === undefined ? '' : ' Bracket: where the easy stretch ends.'}
      </p>
    </div>
  );
}

function OneSum({ id, garments }: { id: SumId; garments: readonly Choice[] }) {
  const sum: Sum = sums[id];
  const { unit } = useUnit();
  const [typed, setTyped] = useState<SumValues>({});
  const values = useMemo(
    () => ({ ...usualValues(sum.usual, sum.fields, unit), ...typed }),
    [sum, typed, unit],
  );
  const worked = useMemo(() => sum.work(values), [sum, values]);
  const put = (key: string) => (value: number | undefined) =>
    setTyped((before) => ({ ...before, [key]: value }));
  return (
    <>
      <p className="soft">{sum.about}</p>
      <div className={styles.columns}>
        <div className={styles.fields}>
          {Object.entries(sum.fields).map(([key, spec]) => {
            const optional = sum.optional.includes(key);
            const label = optional ? `${spec.label} (optional)` : spec.label;
            return spec.quantity === 'lengthMm' ? (
              <LengthField
                live
                key={key}
                spec={spec}
                label={label}
                valueMm={values[key]}
                required={!optional}
                onChange={put(key)}
              />
            ) : (
              <NumberField
                live
                key={key}
                spec={spec}
                label={label}
                value={values[key]}
                required={!optional}
                onChange={put(key)}
              />
            );
          })}
        </div>
        <div className={styles.result} aria-live="polite">
          {worked.ok ? (
            <NumbersProvider numbers={worked.numbers}>
              {worked.shown.map((shown, at) => (
                <div key={shown} className={at === 0 ? styles.first : styles.other}>
                  <span className="soft">{worked.numbers[shown]?.label}</span>
                  <strong>
                    <ExplainedNumber id={shown} />
                  </strong>
                </div>
              ))}
              {worked.rule && <Rule label={sum.label} rule={worked.rule} />}
              {worked.says && <p>{worked.says}</p>}
              {worked.result && <SendResult result={worked.result} garments={garments} sum={sum.label} />}
            </NumbersProvider>
          ) : (
            <p className="soft">{worked.sentence}</p>
          )}
        </div>
      </div>
    </>
  );
}
