'use client';
import { edgeUses } from '@/core/edges/elastics/uses';
import type { EdgePlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** An edge's numbers: how long it is at rest, what it passes, and whether everything along it follows. */
export function EdgeFigures({ edge }: { edge: EdgePlan }) {
  const { plan } = useGarment();
  const opening = plan.openings.find(({ id }) => id === edge.opening);
  return (
    <section className={styles.stack} style={{ gap: 10 }}>
      <h2>{edge.label}</h2>
      <dl className={styles.pairs} style={{ maxWidth: 460 }}>
        <dt>Finished with</dt>
        <dd>{edge.finish}</dd>
        {edge.length !== undefined && (
          <>
            <dt>Length at rest, all round</dt>
            <dd>
              <ExplainedNumber id={edge.length} />
            </dd>
          </>
        )}
        {opening && (
          <>
            <dt>Must stretch, to pass {opening.passesWhat}</dt>
            <dd>
              <ExplainedNumber id={opening.needs} />
            </dd>
            {opening.parts.map((part) => (
              <PartRow key={part.label} label={part.label} gives={part.gives} ok={part.ok} />
            ))}
          </>
        )}
      </dl>
      {edge.length === undefined && !edge.missing && !edgeUses[edge.use].hook && (
        <p className="soft">Its length is on the pattern: no zone of the body gives it.</p>
      )}
    </section>
  );
}

function PartRow({ label, gives, ok }: { label: string; gives: string; ok: boolean }) {
  return (
    <>
      <dt>The {label} gives</dt>
      <dd>
        <ExplainedNumber id={gives} />{' '}
        {ok ? 'enough' : <strong style={{ color: 'var(--demand)' }}>not enough</strong>}
      </dd>
    </>
  );
}
