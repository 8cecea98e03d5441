'use client';
import Alert from '@mui/material/Alert';
import { edgeUses } from '@/core/edges/elastics/uses';
import { finishIds, useIds, type UseId } from '@/core/facts/edgeUses';
import { usualUse } from '@/core/edges/useOf';
import { edgeChoiceSpec, garmentSpec } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/edges/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useEdge } from './useEdge';
import { Fold } from '@/ui/Fold';

const { fields } = edgeChoiceSpec;

/** Ways of sewing that are for straps alone: an edge is no strap, and a strap no edge. */
const STRAPS: ReadonlySet<UseId> = new Set(['strap', 'side-strap', 'extra-strap']);

/** How an edge is finished and sewn, how its ends meet, and whether it opens. */
export function EdgeWays({ plan }: { plan: EdgePlan }) {
  const { garment, kind, set } = useGarment();
  const { edge, use, choice, put, fault } = useEdge(plan);
  const opening = kind.openings.find(({ id }) => id === plan.opening);
  const uses = useIds.filter(
    (id) => edgeUses[id].finish === plan.finish && STRAPS.has(id) === STRAPS.has(edge.use ?? 'turned'),
  );
  const strip = plan.strips[0];
  const cloth = use.strips.some(({ of }) => of !== 'elastic');
  const hasOwnWidth = cloth || use.strips.some(({ width }) => width === 'elastic') || use.hook;
  return (
    <Fold
      summary="How it is finished and joined"
      open={plan.strips.length === 0 && plan.missing === undefined}
    >
      <div className={styles.stack}>
        {plan.finish !== 'stay' && (
          <ChoiceRow
            legend="This edge is finished with"
            value={plan.finish}
            options={finishIds
              .filter((finish) => finish !== 'stay')
              .map((finish) => ({
                value: finish,
                label: finish === edge.finish ? `${finish} (usual here)` : finish,
              }))}
            onChange={(finish) =>
              put('how it is finished', {
                use: finish === edge.finish ? undefined : usualUse(edge, finish),
                school: undefined,
                finishedMm: undefined,
              })
            }
          />
        )}
        {uses.length > 1 && plan.id !== 'neckline' && (
          <ChoiceRow
            legend="How it is sewn"
            value={plan.use}
            options={uses
              .filter((id) => id !== 'neckband')
              .map((id) => ({ value: id, label: edgeUses[id].label }))}
            onChange={(next) => put('how it is sewn', { use: next, school: undefined })}
          />
        )}
        <p className="soft small">{use.about}</p>
        {opening && (
          <ChoiceRow
            legend="A closure, such as a zip, a placket or hooks"
            value={plan.closed ? 'none' : 'closure'}
            options={[
              { value: 'none', label: 'none: it is pulled on' },
              { value: 'closure', label: 'it opens' },
            ]}
            onChange={(value) =>
              set(`Closure at the ${plan.label.toLowerCase()}`, {
                [`closures.${opening.id}`]:
                  (value === 'closure') === (opening.closure ?? false) ? null : value === 'closure',
              })
            }
          />
        )}
        {strip && !strip.byFold && (
          <ChoiceRow
            legend="How its ends meet"
            value={strip.join}
            options={fields.join.options.map((join) => ({ value: join, label: join }))}
            onChange={(join) => put('how its ends meet', { join })}
          />
        )}
        <div className={styles.fields}>
          {strip && !strip.byFold && (strip.join === 'overlapped' || strip.join === 'seamed') && (
            <LengthField
              spec={fields.joinMm}
              label={strip.join === 'seamed' ? 'Allowance of its seam' : 'Overlap'}
              help="Empty: as usual here."
              valueMm={choice.joinMm}
              onChange={(joinMm) => put('its join', { joinMm })}
              fault={fault('joinMm')}
            />
          )}
          {strip?.join === 'open' && (
            <LengthField
              spec={fields.tailMm}
              help="Turned in, or round a ring. Empty: as usual here."
              valueMm={choice.tailMm}
              onChange={(tailMm) => put('its tails', { tailMm })}
              fault={fault('tailMm')}
            />
          )}
          {hasOwnWidth && !strip?.byFold && plan.finish !== 'left as it is' && (
            <LengthField
              spec={fields.finishedMm}
              label={cloth || use.hook ? 'Finished width' : 'Cut narrower, to'}
              help={cloth || use.hook ? 'Empty: as usual here.' : 'Only elastics made to be cut.'}
              valueMm={choice.finishedMm}
              onChange={(finishedMm) => put('its width', { finishedMm })}
              fault={fault('finishedMm')}
            />
          )}
          {use.adjusts && (
            <LengthField
              spec={fields.adjustMm}
              help="Usually 8 to 10 cm (3 to 4 in)."
              valueMm={choice.adjustMm}
              onChange={(adjustMm) => put('room to adjust', { adjustMm })}
              fault={fault('adjustMm')}
            />
          )}
          {cloth && strip && (
            <NumberField
              spec={fields.parts}
              help="Where the cloth is short: put the joins where they hide."
              value={choice.parts}
              onChange={(parts) => put('its parts', { parts })}
              fault={fault('parts')}
            />
          )}
          {plan.finish !== 'hem' && (
            <LengthField
              spec={garmentSpec.fields.pattern.fields.seamAllowanceMm}
              valueMm={garment.pattern.seamAllowanceMm}
              required
              help="Of the garment’s other seams."
              onChange={(mm) => set('Seam allowance', { 'pattern.seamAllowanceMm': mm })}
            />
          )}
          {use.allowance && (
            <LengthField
              spec={fields.drawnAllowanceMm}
              help="Empty: that of the other seams."
              valueMm={choice.drawnAllowanceMm}
              onChange={(drawnAllowanceMm) => put('allowance drawn here', { drawnAllowanceMm })}
              fault={fault('drawnAllowanceMm')}
            />
          )}
        </div>
        {strip?.of === 'band' && !strip.byFold && (
          <ChoiceRow
            legend="Its length runs"
            value={choice.direction ?? 'auto'}
            options={[
              { value: 'auto', label: 'along the greatest stretch' },
              { value: 'across', label: 'across the cloth' },
              { value: 'along', label: 'along the selvedge' },
            ]}
            onChange={(direction) =>
              put('which way it is cut', { direction: direction === 'auto' ? undefined : direction })
            }
          />
        )}
      </div>
    </Fold>
  );
}

/** How much to add for the construction chosen, or how much the opening grows where nothing is added. */
export function AllowanceNote({ plan }: { plan: EdgePlan }) {
  const numbers = useNumbers();
  const { allowance } = plan;
  if (!allowance) return null;
  const add = valueOf(numbers, allowance.add);
  return (
    <Alert severity="warning" role="note">
      Drawn with <ExplainedNumber id={allowance.drawn} /> allowance; this construction takes{' '}
      <ExplainedNumber id={allowance.wanted} />.{' '}
      {add > 0 ? (
        <>
          Add <ExplainedNumber id={allowance.add} /> to this edge before cutting
          {allowance.grows && (
            <>
              , or the opening grows by <ExplainedNumber id={allowance.grows} />
            </>
          )}
          .
        </>
      ) : (
        <>Trim the difference away before it is sewn.</>
      )}
    </Alert>
  );
}
