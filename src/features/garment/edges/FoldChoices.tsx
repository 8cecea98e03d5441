'use client';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { USUAL_EASE_IN } from '@/core/edges/fold/formulas';
import { edgeChoiceSpec } from '@/core/facts/garment';
import { NumberField } from '@/ui/NumberField';
import { useEdge } from './useEdge';

/** How a folded band is brought to lie on a curve: cut wider where it narrows, and by how much of the curve shorter. */
export function FoldChoices({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { choice, put, fault } = useEdge(plan);
  return (
    <>
      <label style={{ display: 'flex', gap: 10, alignItems: 'center', minHeight: 44, cursor: 'pointer' }}>
        <input
          type="checkbox"
          checked={choice.makeUpNarrowing ?? false}
          onChange={(event) => put('make up for narrowing', { makeUpNarrowing: event.target.checked })}
          style={{ width: 20, height: 20, accentColor: 'var(--capacity)' }}
        />
        Cut it wider, to make up for how it narrows when stretched on
      </label>
      {strip.rule === 'flat' && (
        <div style={{ maxWidth: 280 }}>
          <NumberField
            spec={edgeChoiceSpec.fields.easeIn}
            help="84 is usual; 100 is exactly flat, for a cloth that does not give."
            value={choice.easeIn ?? USUAL_EASE_IN}
            required
            onChange={(easeIn) => put('share of the curve', { easeIn })}
            fault={fault('easeIn')}
          />
        </div>
      )}
    </>
  );
}
