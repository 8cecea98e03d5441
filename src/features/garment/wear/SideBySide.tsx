'use client';
import { photoRows } from '@/core/wear/photoRows';
import { Photo } from '@/features/photos/Photo';
import { useGarment } from '../page/useGarment';
import wear from './Wear.module.css';

/** The same view of every round side by side: what a change has done is seen at a glance. */
export function SideBySide() {
  const { garment } = useGarment();
  return photoRows(garment.fittings).map(({ view, photos }) => (
    <section key={view}>
      <h3>Round by round: {view}</h3>
      {/* Longer than the page on a telephone: it can be scrolled by keyboard too. */}
      <div className={wear.row} tabIndex={0} role="group" aria-label={`Round by round: ${view}`}>
        {photos.map(({ photo, triedOn, held }) => (
          <figure key={photo}>
            <Photo photo={photo} alt={`${view} on ${triedOn}`} />
            <figcaption className="small">
              {triedOn}
              {held ? `, ${held}` : ''}
            </figcaption>
          </figure>
        ))}
      </div>
    </section>
  ));
}
