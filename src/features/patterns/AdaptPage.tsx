'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { adaptationIds, adaptations, type AdaptationId } from '@/core/answers/adapt/adaptations';
import { refusedDraft } from '@/core/answers/adapt/draft';
import type { StoredRecord } from '@/core/facts/records';
import { usualValues } from '@/core/facts/usualValues';
import { latestMeasures } from '@/core/fit/latestMeasures';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { NumbersProvider } from '@/ui/numbers';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import styles from './AdaptPage.module.css';
import { MakePattern, Told, useOnPieces } from './AdaptOnPieces';
import { DraftDrawing, DraftTiles } from './DraftDrawing';

interface Props {
  readonly wearers: readonly StoredRecord<'wearer'>[];
  readonly patterns: readonly StoredRecord<'pattern'>[];
  readonly today: string;
}

/** Adaptations of a pattern: their measures, their numbers, and a drawing to scale that can be printed. */
export function AdaptPage(props: Props) {
  return (
    <RecordsProvider records={props.patterns}>
      <Inside {...props} />
    </RecordsProvider>
  );
}

type Values = Readonly<Record<string, number>>;

function Inside({ wearers, patterns, today }: Props) {
  const [which, setWhich] = useState<AdaptationId>('raglan');
  const [typed, setTyped] = useState<Readonly<Record<string, Values>>>({});
  const [wearerId, setWearer] = useState('');
  const adaptation = adaptations[which];
  const { unit } = useUnit();
  const on = useOnPieces(adaptation, patterns);
  const values: Values = useMemo(
    () => ({ ...usualValues(adaptation.usual, adaptation.fields, unit), ...typed[which], ...on.told }),
    [adaptation, typed, unit, which, on.told],
  );
  const drafted = useMemo(
    () =>
      on.fault
        ? refusedDraft(on.fault)
        : on.pieces
          ? adaptation.onPieces.draft(values, on.pieces.outlines, on.pieces.kind)
          : adaptation.draft(values),
    [adaptation, values, on],
  );
  const put = (changes: Values) => {
    const all = adaptation.follow?.(values, changes) ?? changes;
    setTyped({ ...typed, [which]: { ...typed[which], ...all } });
  };
  const fromWearer = (id: string) => {
    setWearer(id);
    const wearer = wearers.find((one) => one.id === id)?.facts;
    if (!wearer) return;
    const latest = latestMeasures(wearer);
    put(
      Object.fromEntries(
        Object.entries(adaptation.fromBody).flatMap(([field, measure]) => {
          const mm = latest[measure]?.mm;
          return mm === undefined ? [] : [[field, mm]];
        }),
      ),
    );
  };
  return (
    <>
      <div className={styles.screen}>
        <div className={styles.head}>
          <h1>Adapt a pattern</h1>
          <Link href="/patterns">Back to the patterns</Link>
        </div>
        <ChoiceRow
          legend="What to do"
          value={which}
          options={adaptationIds.map((id) => ({ value: id, label: adaptations[id].label }))}
          onChange={setWhich}
        />
        <p className="soft">{adaptation.about} Finished measures, without seam allowances.</p>
        <div className={styles.columns}>
          <div key={which} className={styles.fields}>
            {on.choices.length > 0 && (
              <PickField
                label="Draw it on"
                value={on.chosen}
                options={on.choices}
                empty="the measures below"
                onChange={on.choose}
              />
            )}
            {Object.keys(adaptation.fromBody).length > 0 && (
              <PickField
                label="Take the body’s measures from"
                value={wearerId}
                options={wearers.map(({ id, facts }) => ({ id, name: facts.name }))}
                empty="nobody: typed below"
                onChange={fromWearer}
              />
            )}
            <Told told={on.told} fields={adaptation.fields} />
            {Object.entries(adaptation.fields).map(([key, spec]) =>
              on.told[key] !== undefined ? null : spec.quantity === 'lengthMm' ? (
                <LengthField
                  live
                  key={key}
                  spec={spec}
                  valueMm={values[key]}
                  required
                  onChange={(mm) => mm !== undefined && put({ [key]: mm })}
                />
              ) : (
                <NumberField
                  live
                  key={key}
                  spec={spec}
                  value={values[key]}
                  required
                  onChange={(value) => value !== undefined && put({ [key]: value })}
                />
              ),
            )}
          </div>
          <div className={styles.result}>
            {drafted.ok ? (
              <NumbersProvider numbers={drafted.draft.numbers}>
                <DraftDrawing pieces={drafted.draft.pieces} />
                <dl className={styles.pairs}>
                  {drafted.draft.shown.map((id) => (
                    <div key={id}>
                      <dt>{drafted.draft.numbers[id]?.label}</dt>
                      <dd>
                        <ExplainedNumber id={id} />
                      </dd>
                    </div>
                  ))}
                </dl>
                <Stack direction="row" sx={{ gap: '12px', flexWrap: 'wrap' }}>
                  <Button variant="contained" onClick={() => window.print()}>
                    Print it to scale
                  </Button>
                  {drafted.draft.made && on.pieces && (
                    <MakePattern made={drafted.draft.made} from={on.pieces.pattern} />
                  )}
                </Stack>
                <Keep which={which} values={values} patterns={patterns} today={today} onTake={put} />
              </NumbersProvider>
            ) : (
              <Alert>{drafted.sentence}</Alert>
            )}
          </div>
        </div>
      </div>
      {drafted.ok && <DraftTiles title={adaptation.label} pieces={drafted.draft.pieces} />}
    </>
  );
}

/** Keeps an adaptation with its pattern, and takes a kept one up again. */
function Keep({
  which,
  values,
  patterns,
  today,
  onTake,
}: {
  which: AdaptationId;
  values: Values;
  patterns: readonly StoredRecord<'pattern'>[];
  today: string;
  onTake: (values: Values) => void;
}) {
  const records = useRecords();
  const [patternId, setPattern] = useState('');
  const pattern = records.facts('pattern', patternId);
  const kept = Object.entries(pattern?.adapted ?? {}).filter(([, one]) => one.what === which);
  const keep = () =>
    records.set('pattern', patternId, 'Keep an adaptation', {
      [`adapted.${which}-${crypto.randomUUID().slice(0, 8)}`]: { what: which, keptOn: today, values },
    });
  return (
    <div className={styles.keep}>
      <PickField
        label="Keep it with a pattern"
        value={patternId}
        options={patterns.map(({ id, facts }) => ({ id, name: facts.name }))}
        empty="choose the pattern"
        onChange={setPattern}
      />
      <Button variant="outlined" disabled={!pattern} onClick={keep}>
        Keep it
      </Button>
      {kept.map(([key, one]) => (
        <Button key={key} size="small" onClick={() => onTake(one.values)}>
          Take up the one of {one.keptOn}
        </Button>
      ))}
    </div>
  );
}
