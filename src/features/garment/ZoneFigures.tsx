'use client';
import type { ZonePlan } from '@/core/plan/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import styles from './GarmentPage.module.css';

/** One zone's numbers: ease both ways, the share in use, pressure, movement, drawing in. */
export function ZoneFigures({ zone }: { zone: ZonePlan }) {
  const numbers = useNumbers();
  const looser = valueOf(numbers, zone.extension) < -0.0005;
  return (
    <section>
      <dl className={styles.pairs} style={{ maxWidth: 460 }}>
        <dt>Body</dt>
        <dd>
          <ExplainedNumber id={zone.body} />
        </dd>
        <dt>Garment at rest</dt>
        <dd>
          <ExplainedNumber id={zone.rest} />
        </dd>
        <dt>Negative ease, of the body</dt>
        <dd>
          <ExplainedNumber id={zone.negativeEase} />
        </dd>
        <dt>Worn extension, of the cloth</dt>
        <dd>
          <ExplainedNumber id={zone.extension} />
        </dd>
        <dt>Of the stretch it has</dt>
        <dd>
          <ExplainedNumber id={zone.used} />
        </dd>
        {zone.pressure !== undefined && (
          <>
            <dt>Presses with</dt>
            <dd>
              <ExplainedNumber id={zone.pressure} />
            </dd>
          </>
        )}
        {zone.ofComfort !== undefined && (
          <>
            <dt>Of the comfort line</dt>
            <dd>
              <ExplainedNumber id={zone.ofComfort} />
            </dd>
          </>
        )}
        {zone.drawIn !== undefined && (
          <>
            <dt>Draws in lengthwise by</dt>
            <dd>
              <ExplainedNumber id={zone.drawIn} />
            </dd>
          </>
        )}
        {zone.withDrawIn !== undefined && (
          <>
            <dt>With the drawing in</dt>
            <dd>
              <ExplainedNumber id={zone.withDrawIn} />
            </dd>
          </>
        )}
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
