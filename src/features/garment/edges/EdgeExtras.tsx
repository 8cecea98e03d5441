'use client';
import Alert from '@mui/material/Alert';
import { isAtMost } from '@/core/units/tolerance';
import { edgeChoiceSpec } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/edges/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PhraseText } from '@/ui/PhraseText';
import { useNumbers, valueOf } from '@/ui/numbers';
import styles from '../page/GarmentPage.module.css';
import { useEdge } from './useEdge';
import { Fold } from '@/ui/Fold';

const { fields } = edgeChoiceSpec;

/** A lettuce edge: how far it is stretched under the needle, and how it ripples. */
export function Ripple({ plan }: { plan: EdgePlan }) {
  const { choice, put, fault } = useEdge(plan);
  const numbers = useNumbers();
  const { ripple } = plan;
  if (!ripple) return null;
  const sewn = valueOf(numbers, ripple.sewnAt);
  const limits = [ripple.across, ripple.along]
    .filter((id) => id !== undefined)
    .map((id) => valueOf(numbers, id));
  const tooFar = limits.length > 0 && !isAtMost(sewn, Math.max(...limits));
  return (
    <section className={styles.stack}>
      <h2>How it ripples</h2>
      <dl className={styles.pairs} style={{ maxWidth: 460 }}>
        <dt>Stretched while it is overcast</dt>
        <dd>
          <ExplainedNumber id={ripple.sewnAt} />
        </dd>
        {ripple.fullnessAcross && (
          <>
            <dt>Edge for each length of cloth, where it runs across</dt>
            <dd>
              <ExplainedNumber id={ripple.fullnessAcross} />
            </dd>
          </>
        )}
        {ripple.fullnessAlong && (
          <>
            <dt>… and where it runs along the selvedge</dt>
            <dd>
              <ExplainedNumber id={ripple.fullnessAlong} />
            </dd>
          </>
        )}
      </dl>
      <p>
        <PhraseText phrase={ripple.least} />
      </p>
      {tooFar && (
        <Alert>
          The cloth does not go that far without harm: what is past its limit does not ripple more.
        </Alert>
      )}
      <div className={styles.fields}>
        <NumberField
          spec={fields.rippleShare}
          help="Empty: half of what the cloth may be stretched."
          value={choice.rippleShare}
          onChange={(rippleShare) => put('stretched while overcast', { rippleShare })}
          fault={fault('rippleShare')}
        />
      </div>
    </section>
  );
}

/** An edge that is fuller than what it is sewn to. */
export function Gathers({ plan }: { plan: EdgePlan }) {
  const { choice, put, fault } = useEdge(plan);
  const { gathers } = plan;
  return (
    <Fold summary="A fuller edge, gathered onto it" open={gathers !== undefined}>
      <div className={styles.stack}>
        <div className={styles.fields}>
          <LengthField
            spec={fields.gatheredFromMm}
            help="The fuller edge, at its seamline. Empty: nothing is gathered."
            valueMm={choice.gatheredFromMm}
            onChange={(gatheredFromMm) => put('edge before gathering', { gatheredFromMm })}
            fault={fault('gatheredFromMm')}
          />
        </div>
        <ChoiceRow
          legend="Gathered"
          value={choice.gatheredAt ?? 'evenly'}
          options={fields.gatheredAt.options.map((value) => ({ value, label: value }))}
          onChange={(gatheredAt) => put('where it is gathered', { gatheredAt })}
        />
        {gathers && (
          <p>
            <ExplainedNumber id={gathers.before} /> onto <ExplainedNumber id={gathers.after} />:{' '}
            <ExplainedNumber id={gathers.ratio} /> to one, <ExplainedNumber id={gathers.each} /> taken up{' '}
            {gathers.where === 'evenly' ? 'all round' : 'under each bust'}.
          </p>
        )}
      </div>
    </Fold>
  );
}

/** How far an extra strap comes down once the band draws it. */
export function Drop({ plan }: { plan: EdgePlan }) {
  const { choice, put, fault } = useEdge(plan);
  if (!plan.drop) return null;
  return (
    <section className={styles.stack}>
      <h2>Where it will sit</h2>
      <p>
        Place it on the body, then secure it. It sits high at first: the band draws it down by about{' '}
        <ExplainedNumber id={plan.drop} />.
      </p>
      <div className={styles.fields}>
        <NumberField
          spec={fields.lengthwise}
          help="Empty: 5 %, an estimate."
          value={choice.lengthwise}
          onChange={(lengthwise) => put('stretches lengthwise', { lengthwise })}
          fault={fault('lengthwise')}
        />
      </div>
    </section>
  );
}
