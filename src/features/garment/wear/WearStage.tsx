'use client';
import { newestFirst } from '@/core/wear/rounds';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { BesideOneThatFits } from './BesideOneThatFits';
import { Round } from './Round';
import { SideBySide } from './SideBySide';
import { StillFits } from './StillFits';
import { TryOn } from './TryOn';

/** How it came out, place by place: what to do about it in this one, and what next time. */
export function WearStage() {
  const { garment } = useGarment();
  const rounds = newestFirst(garment.fittings);
  return (
    <div className={styles.stage}>
      <TryOn first={rounds.length === 0} />
      {rounds.length > 0 && (
        <section className={styles.stack}>
          <h2>Tried on</h2>
          {rounds.map(([id, fitting], nth) => (
            <Round key={id} id={id} fitting={fitting} newest={nth === 0} />
          ))}
          <SideBySide />
        </section>
      )}
      <BesideOneThatFits />
      <StillFits />
    </div>
  );
}
