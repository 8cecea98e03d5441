'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Fitting } from '@/core/facts/fitting';
import { numberOf } from '@/core/facts/spec';
import { likingScales } from '@/core/learn/scales';
import { likedOf, withLiked, isUsual } from '@/core/wear/liked';
import type { TryPlace } from '@/core/wear/places';
import type { NextProposal } from '@/core/wear/proposals';
import { keepHere } from '@/core/wear/taking';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumberField } from '@/ui/NumberField';
import { PhraseText } from '@/ui/PhraseText';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { Forget } from './Forget';
import wear from './Wear.module.css';

interface Props {
  readonly place: TryPlace;
  readonly proposed: NextProposal;
  readonly fittingId: string;
  readonly fitting: Fitting;
}

/** A usual that this wearer could have from now on: taken, changed first, or refused. */
export function NextTime({ place, proposed, fittingId, fitting }: Props) {
  const { garment, facts, plan, set } = useGarment();
  const records = useRecords();
  const [own, setOwn] = useState<number | undefined>(undefined);
  const [changing, setChanging] = useState(false);
  const { wearerId } = garment;
  const { wearer } = facts;
  if (wearerId === undefined || !wearer) return null;
  const { learned } = proposed;
  const scale = likingScales[learned.scale];
  const field = `fittings.${fittingId}.refused.${place.id}`;
  const refused = fitting.refused?.[place.id] === true;
  const same = isUsual(wearer, proposed);
  const take = () => {
    const kept = place.worn ? keepHere(plan, place.worn, garment) : {};
    if (Object.keys(kept).length > 0) set(`${place.label}: this one stays as it is`, kept);
    const path = `${proposed.of === 'zone' ? 'usual' : 'usualLengths'}.${proposed.key}`;
    records.set('wearer', wearerId, `Usual at the ${place.label.toLowerCase()}`, {
      [path]: own === undefined ? proposed.usual : withLiked(proposed, own),
    });
    setChanging(false);
    setOwn(undefined);
  };
  return (
    <div className={wear.proposal} data-cannot={refused}>
      <p>
        <PhraseText phrase={proposed.sentence} />
      </p>
      <p className="soft small">
        It rests on {learned.rests}: most likely from <ExplainedNumber id={learned.between[0]} /> to{' '}
        <ExplainedNumber id={learned.between[1]} />.
      </p>
      {same ? (
        <p>
          This is {wearer.name}’s usual from now on. <Forget place={place.id} />
        </p>
      ) : refused ? (
        <p>
          Not taken.{' '}
          <Button size="small" onClick={() => set('Offer it again', { [field]: null })}>
            Offer it again
          </Button>
        </p>
      ) : (
        <>
          {changing && (
            <div className={styles.fields}>
              <NumberField
                live
                spec={numberOf(
                  learned.scale === 'curve' ? 'ratio' : 'share',
                  scale.label,
                  scale.low,
                  scale.high,
                )}
                value={own ?? likedOf(proposed)}
                required
                onChange={setOwn}
              />
            </div>
          )}
          <div className={styles.actions}>
            <Button size="small" variant="outlined" onClick={take}>
              Make it {wearer.name}’s usual
            </Button>
            {!changing && (
              <Button size="small" onClick={() => setChanging(true)}>
                Change it first
              </Button>
            )}
            <Button size="small" onClick={() => set('Not next time', { [field]: true })}>
              Not next time
            </Button>
            <Forget place={place.id} />
          </div>
        </>
      )}
    </div>
  );
}
