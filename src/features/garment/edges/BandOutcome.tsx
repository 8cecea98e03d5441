'use client';
import { neckbandOf } from '@/core/facts/neckline';
import type { NeckbandPlan } from '@/core/edges/types';
import { edgeChoiceSpec } from '@/core/facts/garment';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { UsualButton } from './UsualButton';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

/** What becomes of the chosen band: what to cut, how it sits, whether it goes over the head. */
export function BandOutcome({ band }: { band: NeckbandPlan }) {
  const { garment, plan, set, fault } = useGarment();
  const neckband = neckbandOf(garment);
  const { unit } = useUnit();
  const numbers = useNumbers();
  const neckline = plan.openings.find(({ id }) => id === 'neckline');
  const quarter = band.marked.marks.find(({ label }) => label === 'quarter')?.fromSeams[0];
  return (
    <section className={styles.stack}>
      <div className={styles.fields} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(170px, 1fr))' }}>
        <div>
          <p className="soft">Cut</p>
          <p>
            <ExplainedNumber id={band.cutLength[unit]} /> × <ExplainedNumber id={band.cutWidth[unit]} />
          </p>
          <p className="soft small">
            really <ExplainedNumber id={band.reduction[unit]} /> shorter than the neckline
          </p>
        </div>
        {quarter && band.quarter && (
          <div>
            <p className="soft">Quarter mark</p>
            <p>
              <ExplainedNumber id={band.quarter} />{' '}
              {valueOf(numbers, quarter.mm) >= 0 ? 'in front of' : 'behind'} each shoulder seam
            </p>
          </div>
        )}
        {neckline && (
          <div>
            <p className="soft">Over the head</p>
            <p>
              the neckline must give <ExplainedNumber id={neckline.needs} />,{' '}
              {neckline.parts.map((part, at) => (
                <span key={part.label}>
                  {at > 0 ? ', ' : ''}
                  {part.label} gives <ExplainedNumber id={part.gives} />
                  {part.ok ? '' : ': too little'}
                </span>
              ))}
            </p>
          </div>
        )}
        <div>
          <p className="soft">Finished</p>
          <p>
            <ExplainedNumber id={band.expectedWidth ?? band.finishedWidth} /> wide, opening{' '}
            <ExplainedNumber id={band.openingInside} /> inside the cut edge
          </p>
          {band.slack && (
            <p className="soft small">
              fold’s slack <ExplainedNumber id={band.slack} />: {band.state}
            </p>
          )}
        </div>
      </div>
      {plan.neckline && (
        <div>
          <UsualButton
            edge={{ id: 'neckline', label: 'Neckline' }}
            of="edge"
            sewnMm={valueOf(numbers, band.sewn)}
            onMm={valueOf(numbers, plan.neckline.seamline)}
          />
        </div>
      )}
      <label style={{ display: 'flex', gap: 10, alignItems: 'center', minHeight: 44, cursor: 'pointer' }}>
        <input
          type="checkbox"
          checked={neckband.makeUpNarrowing}
          onChange={(event) =>
            set('Make up for narrowing', { 'edges.neckline.makeUpNarrowing': event.target.checked })
          }
          style={{ width: 20, height: 20, accentColor: 'var(--capacity)' }}
        />
        Cut it wider, to make up for how it narrows when stretched on
      </label>
      {neckband.school === 'flat' && (
        <div style={{ maxWidth: 280 }}>
          <NumberField
            spec={edgeChoiceSpec.fields.easeIn}
            help="84 is usual; 100 is exactly flat, for a cloth that does not give."
            value={neckband.easeIn}
            required
            onChange={(easeIn) => set('Share of the curve', { 'edges.neckline.easeIn': easeIn })}
            fault={fault('edges.neckline.easeIn')}
          />
        </div>
      )}
    </section>
  );
}
