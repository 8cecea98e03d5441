'use client';
import { Fragment } from 'react';
import type { ZonePlan } from '@/core/fit/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import styles from '../page/GarmentPage.module.css';

const ROWS: readonly (readonly [string, (zone: ZonePlan) => string | undefined])[] = [
  ['Body', (zone) => zone.body],
  ['Garment at rest', (zone) => zone.rest],
  ['Negative ease, of the body', (zone) => zone.negativeEase],
  ['Worn extension, of the cloth', (zone) => zone.extension],
  ['Of the stretch it has', (zone) => zone.used],
  ['Presses with', (zone) => zone.pressure],
  ['Of the comfort line', (zone) => zone.ofComfort],
  ['Draws in lengthwise by', (zone) => zone.drawIn],
  ['With the drawing in', (zone) => zone.withDrawIn],
];

/** One zone's numbers: ease both ways, the share in use, pressure, movement, drawing in. */
export function ZoneFigures({ zone }: { zone: ZonePlan }) {
  const numbers = useNumbers();
  const looser = valueOf(numbers, zone.extension) < -0.0005;
  return (
    <section>
      <dl className={styles.pairs} style={{ maxWidth: 460 }}>
        {ROWS.map(([label, idOf]) => {
          const id = idOf(zone);
          return id === undefined ? null : (
            <Fragment key={label}>
              <dt>{label}</dt>
              <dd>
                <ExplainedNumber id={id} />
              </dd>
            </Fragment>
          );
        })}
      </dl>
      {zone.movement.length > 0 && (
        <div style={{ maxWidth: 460, marginTop: 10 }}>
          <h3>In motion</h3>
          {zone.movement.map((one) => (
            <p key={one.label}>
              {one.label}: asks <ExplainedNumber id={one.needs} />, the cloth has{' '}
              <ExplainedNumber id={one.has} />{' '}
              {one.ok ? 'enough' : <strong style={{ color: 'var(--demand)' }}>short</strong>}
            </p>
          ))}
        </div>
      )}
      <p className="soft small" style={{ maxWidth: 520, marginTop: 8 }}>
        {looser
          ? 'Larger than the body here, so nothing is asked of the cloth.'
          : 'Negative ease is how much smaller it is, as a share of the body; worn extension is how far the cloth is stretched by that, as a share of the garment.'}
      </p>
      {!looser && (zone.pressure !== undefined || valueOf(numbers, zone.used) >= 0.3) && (
        <p className="small" style={{ marginTop: 6 }}>
          {zone.pressure !== undefined && 'Comfort falls off somewhere from 6 to 10 kPa. '}Marks that stay,
          numbness or tingling mean too tight: loosen it. This is not medical compression; after surgery, with
          poor circulation, swelling, diabetes or pregnancy ask a clinician.
        </p>
      )}
    </section>
  );
}
