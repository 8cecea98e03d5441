'use client';
import { useState } from 'react';
import { garmentSpec } from '@/core/facts/garment';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { BandWindow } from './BandWindow';
import { BandMarks } from './BandMarks';
import { BandOutcome } from './BandOutcome';
import styles from './GarmentPage.module.css';
import { NecklineForm } from './NecklineForm';
import { NextButton } from './NextButton';
import { TeeDrawing } from './TeeDrawing';
import { useGarment } from './useGarment';

type EdgeId = 'neckline' | 'sleeve-hem' | 'hem' | 'shoulder';

const pattern = garmentSpec.fields.pattern.fields;

/** Every edge of the tee and what finishes it; the neckband with its window. */
export function BandsStage() {
  const { garment, plan, set } = useGarment();
  const { unit } = useUnit();
  const numbers = useNumbers();
  const [edge, setEdge] = useState<EdgeId>('neckline');
  const show = (mm: number) => formatLength(mm, unit);
  const edges: readonly { id: EdgeId; label: string; value: string }[] = [
    {
      id: 'neckline',
      label: 'Neckline',
      value: plan.neckband ? show(valueOf(numbers, plan.neckband.chosen)) : 'to measure',
    },
    { id: 'sleeve-hem', label: 'Sleeve hems', value: `turned ${show(garment.pattern.sleeveHemAllowanceMm)}` },
    { id: 'hem', label: 'Hem', value: `turned ${show(garment.pattern.hemAllowanceMm)}` },
    {
      id: 'shoulder',
      label: 'Shoulders',
      value:
        garment.stay === 'none'
          ? 'no stay'
          : garment.pattern.shoulderMm === undefined
            ? 'to measure'
            : `stay ${show(garment.pattern.shoulderMm)}`,
    },
  ];
  return (
    <div className={styles.stage}>
      <div className={styles.columns}>
        <div className={styles.stack}>
          <TeeDrawing
            parts={edges.map(({ id }) => id)}
            chosen={edge}
            onChoose={(part) => setEdge(part as EdgeId)}
          />
          <ul className={styles.list}>
            {edges.map(({ id, label, value }) => (
              <li key={id}>
                <button
                  type="button"
                  className={styles.pick}
                  aria-pressed={id === edge}
                  onClick={() => setEdge(id)}
                >
                  <span>{label}</span>
                  <span>{value}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
        <div className={styles.stack}>
          {edge === 'neckline' && <Neckline />}
          {(edge === 'sleeve-hem' || edge === 'hem') && <Hem edge={edge} />}
          {edge === 'shoulder' && <Shoulder />}
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

function Hem({ edge }: { edge: 'sleeve-hem' | 'hem' }) {
  const { garment, set, fault } = useGarment();
  const key = edge === 'hem' ? 'hemAllowanceMm' : 'sleeveHemAllowanceMm';
  return (
    <section className={styles.stack}>
      <h2>{edge === 'hem' ? 'Hem of the body' : 'Sleeve hems'}</h2>
      <div className={styles.fields}>
        <LengthField
          spec={pattern[key]}
          valueMm={garment.pattern[key]}
          required
          help="Small tees usually 1.3 cm (½ in), others 2.5 cm (1 in)."
          onChange={(mm) => set('Hem', { [`pattern.${key}`]: mm })}
          fault={fault(`pattern.${key}`)}
        />
        {edge === 'sleeve-hem' && (
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
