'use client';
import Button from '@mui/material/Button';
import { formatQuantity } from '@/core/explain/display';
import type { Fitting } from '@/core/facts/fitting';
import { tryPlaces } from '@/core/wear/places';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { InWear } from './InWear';
import { OnTheShelf } from './OnTheShelf';
import { Proposals } from './Proposals';
import { RoundPhotos } from './RoundPhotos';
import { SewnOut } from './SewnOut';
import wear from './Wear.module.css';

/** One round of trying on as it was kept; of the newest also what follows from it. */
export function Round({ id, fitting, newest }: { id: string; fitting: Fitting; newest: boolean }) {
  const { plan, kind, garment, set } = useGarment();
  const { unit } = useUnit();
  const said = tryPlaces(plan, kind, garment).flatMap(({ id: place, label }) => {
    const outcome = fitting.outcomes[place];
    if (outcome === undefined) return [];
    const pinched = fitting.pinched?.[place];
    const marks = fitting.marks?.[place];
    const more = [
      pinched === undefined
        ? undefined
        : pinched < 0
          ? `wants ${formatQuantity(-pinched, 'mm', unit)} more`
          : `${formatQuantity(pinched, 'mm', unit)} pinched out`,
      marks === undefined ? undefined : `marks stayed ${marks} minutes`,
    ].filter(Boolean);
    return [{ place, text: `${label}: ${[outcome, ...more].join(', ')}` }];
  });
  const moves = Object.entries(fitting.moves ?? {}).map(([move, how]) => `${move}: ${how}`);
  const how = [
    fitting.held,
    fitting.over && `over ${fitting.over}`,
    fitting.wears && `worn ${fitting.wears} times`,
    fitting.washes && `washed ${fitting.washes} times`,
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <article className={wear.round} aria-label={`Tried on ${fitting.triedOn}`}>
      <div className={styles.between}>
        <h3>
          {fitting.triedOn}
          {how && <span className="soft"> {how}</span>}
        </h3>
        <Button size="small" onClick={() => set('Take a try-on away', { [`fittings.${id}`]: null })}>
          Take away
        </Button>
      </div>
      {said.length > 0 ? (
        <ul className={wear.answers}>
          {said.map(({ place, text }) => (
            <li key={place}>{text}</li>
          ))}
        </ul>
      ) : (
        <p>No zone noted.</p>
      )}
      {moves.length > 0 && <p className="soft">{moves.join(' · ')}</p>}
      {fitting.note && <p>{fitting.note}</p>}
      {fitting.next && (
        <p>
          <strong>Next time: {fitting.next}</strong>
        </p>
      )}
      <RoundPhotos
        photos={fitting.photos}
        of={`the try-on of ${fitting.triedOn}`}
        onAdd={(photo, view) => set('Add a photo', { [`fittings.${id}.photos.${photo}`]: view })}
        onView={(photo, view) => set('What a photo shows', { [`fittings.${id}.photos.${photo}`]: view })}
        onDeleted={(photo) => set('Photo deleted', { [`fittings.${id}.photos.${photo}`]: null })}
      />
      {newest && <Proposals fittingId={id} fitting={fitting} />}
      <SewnOut fitting={fitting} />
      <InWear fitting={fitting} />
      <OnTheShelf fitting={fitting} />
    </article>
  );
}
