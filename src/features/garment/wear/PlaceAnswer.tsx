'use client';
import Button from '@mui/material/Button';
import { createLedger } from '@/core/explain/ledger';
import { fittingSpec, type Fitting, type Outcome } from '@/core/facts/fitting';
import { answers, isRight } from '@/core/learn/scales';
import type { TryPlace } from '@/core/wear/places';
import { answerAt } from '@/core/wear/proposals';
import { planTried } from '@/core/wear/tried';
import { triedWords } from '@/core/wear/words';
import { wasWorn } from '@/core/wear/worn';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import type { TryOnDraft } from './useTryOnDraft';

const { pinched: PINCHED, measured: MEASURED, marks: MARKS } = fittingSpec.fields;

interface Props {
  readonly place: TryPlace;
  readonly tryOn: TryOnDraft;
  readonly fault: string | undefined;
}

/** How it sits at one place, and what a pinch there comes to. */
export function PlaceAnswer({ place, tryOn, fault }: Props) {
  const { draft, change } = tryOn;
  const { id, label, outcomes } = place;
  const outcome = draft.outcomes[id];
  const at = <K extends 'pinched' | 'measured' | 'marks'>(field: K, value: number | undefined) =>
    change({ [field]: withAt(draft[field], id, value) });
  const answer = (next: Outcome | undefined) =>
    change({
      outcomes: withAt(draft.outcomes, id, next) ?? {},
      ...(next === undefined || isRight(next) ? { pinched: withAt(draft.pinched, id, undefined) } : {}),
    });
  const tight = outcome !== undefined && answers[outcome].shift < 0;
  const round = place.worn?.of === 'zone' && place.worn.zone.axis === 'around' ? ', all round' : '';
  const off = outcome !== undefined && !isRight(outcome);
  const worn = wasWorn(draft);
  return (
    <section className={styles.stack} aria-label={label}>
      <div className={styles.between}>
        <h3>{label}</h3>
        {outcome && (
          <Button size="small" onClick={() => answer(undefined)}>
            Take the answer back
          </Button>
        )}
      </div>
      <ChoiceRow
        legend="How it sits there"
        value={outcome}
        options={outcomes.map((option) => ({ value: option, label: option }))}
        onChange={answer}
      />
      {tight && (
        <p className="soft small">
          Marks that stay, numbness or tingling: take it off. A tighter one is no remedy, and this is never
          medical compression.
        </p>
      )}
      {off && place.worn && (
        <div className={styles.fields}>
          <LengthField
            live
            spec={PINCHED.of}
            label={`${tight ? 'Wants more, under zero' : 'Pinched out'}${round}`}
            help={
              tight
                ? 'How much more it wants, such as −2; empty if you do not know.'
                : 'All that is pinched away, both layers of each pinch; empty if you do not know.'
            }
            valueMm={draft.pinched?.[id]}
            onChange={(mm) => at('pinched', mm)}
            fault={fault}
          />
        </div>
      )}
      {outcome && !fault && <Comes place={place} draft={draft} outcome={outcome} />}
      {(off || (outcome && worn)) && place.worn && (
        <div className={styles.fields}>
          <LengthField
            live
            spec={MEASURED.of}
            label={`As it measures now${round}`}
            help={
              worn
                ? 'Flat and doubled: what wear did to its cloth or its elastic is learned from it.'
                : 'Only where it came out otherwise than planned: flat and doubled.'
            }
            valueMm={draft.measured?.[id]}
            onChange={(mm) => at('measured', mm)}
          />
          {tight && (
            <NumberField
              live
              spec={MARKS.of}
              label="Marks stayed for, minutes"
              value={draft.marks?.[id]}
              onChange={(minutes) => at('marks', minutes)}
            />
          )}
        </div>
      )}
    </section>
  );
}

/** What it comes to, before anything is unpicked. */
function Comes({ place, draft, outcome }: { place: TryPlace; draft: Fitting; outcome: Outcome }) {
  const { plan, garment } = useGarment();
  if (!place.worn) return null;
  const book = createLedger();
  const tried = planTried(book, plan, place.worn, garment, answerAt(draft, place.id, outcome));
  if (!tried) return null;
  return (
    <NumbersProvider numbers={{ ...plan.numbers, ...book.numbers }}>
      {triedWords(tried, place.worn).map((phrase, nth) => (
        <p key={nth}>
          <PhraseText phrase={phrase} />
        </p>
      ))}
    </NumbersProvider>
  );
}

/** A map with an entry set or taken out; `undefined` where nothing is left. */
function withAt<V>(
  map: Readonly<Record<string, V>> | undefined,
  id: string,
  value: V | undefined,
): Readonly<Record<string, V>> | undefined {
  const others = Object.entries(map ?? {}).filter(([key]) => key !== id);
  const all = value === undefined ? others : [...others, [id, value] as const];
  return all.length > 0 ? Object.fromEntries(all) : undefined;
}
