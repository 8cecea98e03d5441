'use client';
import { garmentSpec } from '@/core/facts/garment';
import { lengthMm } from '@/core/facts/spec';
import type { EdgePlan } from '@/core/plan/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import styles from './GarmentPage.module.css';
import { useGarment } from './useGarment';

const finishes = garmentSpec.fields.finishes.of.fields.finish.options;
const OPENING = lengthMm('This opening on the pattern, all round', 80, 2500);

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
      {edge.length === undefined && (
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

/** How an edge is finished, whether it has a closure, and its length where it was measured. */
export function EdgeChoices({ edge }: { edge: EdgePlan }) {
  const { garment, kind, set, fault } = useGarment();
  const own = kind.edges.find(({ id }) => id === edge.id)?.finish;
  const { opening } = edge;
  const planned = kind.openings.find(({ id }) => id === opening);
  return (
    <div className={styles.stack}>
      <ChoiceRow
        legend="This edge is finished with"
        value={edge.finish}
        options={finishes
          .filter((finish) => finish !== 'stay')
          .map((finish) => ({ value: finish, label: finish === own ? `${finish} (usual here)` : finish }))}
        onChange={(finish) =>
          set(`Finish of the ${edge.label.toLowerCase()}`, {
            [`finishes.${edge.id}`]: finish === own ? null : { finish },
          })
        }
      />
      {opening !== undefined && (
        <ChoiceRow
          legend="A closure, such as a zip, a placket or hooks"
          value={edge.closed ? 'none' : 'closure'}
          options={[
            { value: 'none', label: 'none: it is pulled on' },
            { value: 'closure', label: 'it opens' },
          ]}
          onChange={(value) =>
            set(`Closure at the ${edge.label.toLowerCase()}`, {
              [`closures.${opening}`]:
                (value === 'closure') === (planned?.closure ?? false) ? null : value === 'closure',
            })
          }
        />
      )}
      {opening !== undefined && planned?.at !== 'neckline' && planned?.at !== 'sleeve-hem' && (
        <div className={styles.fields}>
          <LengthField
            spec={OPENING}
            valueMm={garment.pattern.openings?.[opening]}
            help={
              planned?.at === 'pattern'
                ? 'Measure it on the pattern: only then is it known whether it can be pulled on.'
                : 'Empty: taken as long as its zone.'
            }
            onChange={(mm) => set(`Opening: ${edge.label}`, { [`pattern.openings.${opening}`]: mm })}
            fault={fault(`pattern.openings.${opening}`)}
          />
        </div>
      )}
    </div>
  );
}
