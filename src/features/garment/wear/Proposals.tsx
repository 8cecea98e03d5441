'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo } from 'react';
import type { Fitting } from '@/core/facts/fitting';
import type { Mend } from '@/core/facts/mend';
import { isAt, proposalsOf, type NowProposal, type PlaceProposal } from '@/core/wear/proposals';
import { fitsARound, nextMendId, takeBack, takeNow } from '@/core/wear/taking';
import { triedWords } from '@/core/wear/words';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { NextTime } from './NextTime';
import wear from './Wear.module.css';

interface Props {
  readonly fittingId: string;
  readonly fitting: Fitting;
}

/** What the newest round asks for: in this garment, as steps, and next time, as this wearer’s usual. */
export function Proposals({ fittingId, fitting }: Props) {
  const { plan, kind, garment } = useGarment();
  const proposals = useMemo(() => proposalsOf(plan, kind, garment, fitting), [plan, kind, garment, fitting]);
  const taken = Object.entries(garment.mends ?? {}).filter(([, mend]) => mend.fittingId === fittingId);
  const takenAt = (place: PlaceProposal) => taken.filter(([, mend]) => isAt(mend, place.place));
  const now = proposals.places.filter((place) => place.tried !== undefined || takenAt(place).length > 0);
  const next = proposals.places.filter((place) => place.next !== undefined);
  return (
    <NumbersProvider numbers={{ ...plan.numbers, ...proposals.numbers }}>
      {now.length > 0 && (
        <section className={styles.stack} aria-label="What to do now">
          <h3>What to do now, in this one</h3>
          {now.map((place) => (
            <NowAt key={place.place.id} place={place} taken={takenAt(place)} fittingId={fittingId} />
          ))}
        </section>
      )}
      {next.length > 0 && (
        <section className={styles.stack} aria-label="What to do next time">
          <h3>What to do next time</h3>
          {next.map(
            ({ place, next: proposed }) =>
              proposed && (
                <NextTime
                  key={place.id}
                  place={place}
                  proposed={proposed}
                  fittingId={fittingId}
                  fitting={fitting}
                />
              ),
          )}
        </section>
      )}
    </NumbersProvider>
  );
}

function NowAt({
  place: { place, tried, now },
  taken,
  fittingId,
}: {
  place: PlaceProposal;
  taken: readonly (readonly [string, Mend])[];
  fittingId: string;
}) {
  const { id, garment, plan, set, today } = useGarment();
  if (taken.length > 0)
    return (
      <div className={wear.proposal}>
        {taken.map(([mendId, mend]) => (
          <p key={mendId}>
            {place.label}: {DONE[mend.what]}. It stands in{' '}
            <Link href={`/garments/${id}?stage=sew`}>the sewing order</Link>
            {mend.what === 'cut-again' && (
              <>
                {' '}
                and, with its new length, on <Link href={`/garments/${id}?stage=cut`}>the ticket</Link>
              </>
            )}
            .{' '}
            <Button
              size="small"
              onClick={() => set('Take a change out of the order', takeBack(plan, mendId, mend))}
            >
              Take it out again
            </Button>
          </p>
        ))}
      </div>
    );
  const take = (one: NowProposal) =>
    set(
      `${place.label}: ${DONE[one.what]}`,
      takeNow(garment, one, { fittingId, mendId: nextMendId(garment), on: today }),
    );
  return (
    <>
      <div>
        {tried &&
          place.worn &&
          triedWords(tried, place.worn).map((phrase, nth) => (
            <p key={nth}>
              {nth === 0 && <strong>{place.label}. </strong>}
              <PhraseText phrase={phrase} />
            </p>
          ))}
      </div>
      {now.length === 0 && (
        <p className="soft">No seam along the body runs through it: it is for next time.</p>
      )}
      {now.map((one) => {
        const cannot = one.cannot !== undefined || !fitsARound(one);
        return (
          <div key={one.what} className={wear.proposal} data-cannot={cannot}>
            <p>
              <PhraseText phrase={one.sentence} />
            </p>
            {one.cannot && (
              <p className="soft">
                <PhraseText phrase={one.cannot} />
              </p>
            )}
            {!cannot && (
              <div>
                <Button size="small" variant="outlined" onClick={() => take(one)}>
                  {WORDS[one.what]}
                </Button>
              </div>
            )}
          </div>
        );
      })}
    </>
  );
}

const WORDS: Readonly<Record<Mend['what'], string>> = {
  'take-in': 'Put taking it in into the sewing order',
  'let-out': 'Put letting it out into the sewing order',
  'cut-again': 'Cut it again: into the ticket and the sewing order',
  'spread-again': 'Put spreading it anew into the sewing order',
  stay: 'Put a stay into the sewing order',
  'move-strap': 'Put moving it into the sewing order',
};

const DONE: Readonly<Record<Mend['what'], string>> = {
  'take-in': 'to be taken in',
  'let-out': 'to be let out',
  'cut-again': 'to be cut again',
  'spread-again': 'to be spread anew',
  stay: 'to be stayed',
  'move-strap': 'to be moved',
};
