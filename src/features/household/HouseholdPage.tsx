'use client';
import Button from '@mui/material/Button';
import { formatBytes } from '@/core/units/bytes';
import type { HouseholdView } from '@/core/views/householdViews';
import { BringBack } from './BringBack';
import styles from './Household.module.css';
import { StrayPhotos } from './StrayPhotos';
import { Tables } from './Tables';

/** Where everything lies that was written down, and how it is copied, brought back and moved. */
export function HouseholdPage({ view }: { view: HouseholdView }) {
  const things = `${view.records} records and ${view.photos} photos (${formatBytes(view.photoBytes)})`;
  return (
    <div className={styles.page}>
      <div className={styles.left}>
        <h1>Household</h1>
        <section className={styles.part}>
          <h2>Save a copy</h2>
          <p>
            One file with all of it: {things}. Keep it on another disk or a stick. It holds body measurements
            and photos as anyone can read them: keep it where you would keep those.
          </p>
          <div>
            <Button component="a" href="/api/household" variant="contained" size="large">
              Save a copy
            </Button>
          </div>
        </section>
        <BringBack copies={view.copies} />
        <Tables />
      </div>
      <aside className={styles.aside}>
        <section>
          <h2>Where it lies</h2>
          <p>On this machine and nowhere else:</p>
          <p className={styles.where}>{view.path}</p>
          <p className="soft">
            To move to another machine: save a copy here, start Idle Stretch there, and bring the copy back.
          </p>
        </section>
        <section>
          <h2>Copies by itself</h2>
          <p>
            One of each day on which it runs: of the last seven such days, four weeks and twelve months. They
            lie on the same disk, so they do not help when that is lost:
          </p>
          <p className={styles.where}>{view.copiesFolder}</p>
        </section>
        <StrayPhotos photos={view.strayPhotos} />
      </aside>
    </div>
  );
}
