'use client';
import { useState } from 'react';
import { garmentSpec, type Garment } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/plan/types';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { GarmentDrawing } from '@/ui/GarmentDrawing';
import { LengthField } from '@/ui/LengthField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { BandWindow } from './BandWindow';
import { BandMarks } from './BandMarks';
import { EdgeChoices, EdgeFigures } from './EdgePanel';
import { BandOutcome } from './BandOutcome';
import styles from './GarmentPage.module.css';
import { NecklineForm } from './NecklineForm';
import { NextButton } from './NextButton';
import { useGarmentDrawing } from './useGarmentDrawing';
import { useGarment } from './useGarment';

const pattern = garmentSpec.fields.pattern.fields;

/** Every edge of the garment and what finishes it; the neckband with its window. */
export function BandsStage() {
  const { garment, kind, plan, set } = useGarment();
  const { unit } = useUnit();
  const numbers = useNumbers();
  const [picked, setEdge] = useState<string | undefined>(undefined);
  const edge = plan.edges.find(({ id }) => id === picked) ?? plan.edges[0];
  const drawing = useGarmentDrawing();
  const show = (mm: number) => formatLength(mm, unit);
  const value = ({ id, finish, length }: EdgePlan): string => {
    if (id === 'neckline' && finish === 'band') {
      return plan.neckband ? show(valueOf(numbers, plan.neckband.chosen)) : 'to measure';
    }
    if (finish === 'hem') {
      return `turned ${show(id === 'sleeve-hem' ? garment.pattern.sleeveHemAllowanceMm : garment.pattern.hemAllowanceMm)}`;
    }
    if (finish === 'stay') return stayWords(garment, show);
    return length === undefined ? finish : `${finish}, on ${show(valueOf(numbers, length))}`;
  };
  if (!edge) return <p className="soft">This garment has no edges left: put one back in its kind.</p>;
  return (
    <div className={styles.stage}>
      <div className={styles.columns}>
        <div className={styles.stack}>
          <GarmentDrawing
            drawing={drawing}
            parts={plan.edges.map(({ id, label }) => ({ part: `edge-${id}`, label }))}
            chosen={`edge-${edge.id}`}
            onChoose={(part) => setEdge(part.slice('edge-'.length))}
          />
          <ul className={styles.list}>
            {plan.edges.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  className={styles.pick}
                  aria-pressed={one.id === edge.id}
                  onClick={() => setEdge(one.id)}
                >
                  <span>{one.label}</span>
                  <span>{value(one)}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
        <div className={styles.stack}>
          {edge.id === 'neckline' && edge.finish === 'band' && <Neckline />}
          {edge.finish === 'hem' && <Hem edge={edge} />}
          {edge.finish === 'stay' && <Shoulder />}
          {!(edge.id === 'neckline' && edge.finish === 'band') && <EdgeFigures edge={edge} />}
          {edge.finish !== 'stay' && <EdgeChoices edge={edge} />}
          {!(edge.id === 'neckline' && edge.finish === 'band') &&
            kind.openings.some((one) => one.edge === edge.id && one.at === 'neckline') && <NecklineForm />}
        </div>
      </div>
      <NextButton
        to="cut"
        words="This is right: on to Cut"
        onAgree={() => set('Bands agreed', { 'agreed.bands': true })}
      />
    </div>
  );
}

const stayWords = ({ stay, pattern: { shoulderMm } }: Garment, show: (mm: number) => string): string => {
  if (stay === 'none') return 'no stay';
  return shoulderMm === undefined ? 'to measure' : `stay ${show(shoulderMm)}`;
};

function Neckline() {
  const { plan } = useGarment();
  if (!plan.neckband) return <NecklineForm />;
  return (
    <>
      <BandWindow band={plan.neckband} />
      <BandMarks band={plan.neckband} />
      <BandOutcome band={plan.neckband} />
      <NecklineForm />
    </>
  );
}

function Hem({ edge }: { edge: EdgePlan }) {
  const { garment, set, fault } = useGarment();
  const sleeve = edge.id === 'sleeve-hem';
  const key = sleeve ? 'sleeveHemAllowanceMm' : 'hemAllowanceMm';
  return (
    <section className={styles.stack}>
      <h2>{edge.id === 'hem' ? 'Hem of the body' : edge.label}</h2>
      <div className={styles.fields}>
        <LengthField
          spec={pattern[key]}
          valueMm={garment.pattern[key]}
          required
          help="Small tees usually 1.3 cm (½ in), others 2.5 cm (1 in)."
          onChange={(mm) => set('Hem', { [`pattern.${key}`]: mm })}
          fault={fault(`pattern.${key}`)}
        />
        {sleeve && (
          <LengthField
            spec={pattern.sleeveHemMm}
            valueMm={garment.pattern.sleeveHemMm}
            help="Finished, on the pattern. Empty: taken as wide as the sleeve."
            onChange={(mm) => set('Sleeve hem', { 'pattern.sleeveHemMm': mm })}
            fault={fault('pattern.sleeveHemMm')}
          />
        )}
        <LengthField
          spec={pattern.seamAllowanceMm}
          valueMm={garment.pattern.seamAllowanceMm}
          required
          help="Of the other seams."
          onChange={(mm) => set('Seam allowance', { 'pattern.seamAllowanceMm': mm })}
          fault={fault('pattern.seamAllowanceMm')}
        />
      </div>
    </section>
  );
}

function Shoulder() {
  const { garment, set, fault } = useGarment();
  return (
    <section className={styles.stack}>
      <h2>Shoulder stay</h2>
      <p className="soft">
        Sewn in at rest, as long as the pattern’s shoulder, so that the sleeves’ weight cannot stretch it.
      </p>
      <ChoiceRow
        legend="Stay"
        value={garment.stay}
        options={[
          { value: 'clear-elastic', label: 'Clear elastic' },
          { value: 'knit-tape', label: 'Knit tape' },
          { value: 'none', label: 'None' },
        ]}
        onChange={(stay) => set('Shoulder stay', { stay })}
      />
      <div className={styles.fields}>
        <LengthField
          spec={pattern.shoulderMm}
          valueMm={garment.pattern.shoulderMm}
          help="On the pattern, from neck seam to sleeve seam."
          onChange={(mm) => set('Shoulder seam', { 'pattern.shoulderMm': mm })}
          fault={fault('pattern.shoulderMm')}
        />
      </div>
    </section>
  );
}
