'use client';
import { useState } from 'react';
import { hemFieldOf } from '@/core/fit/garmentKind';
import { edgeUses } from '@/core/edges/elastics/uses';
import { garmentSpec } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/edges/types';
import { formatLength } from '@/core/units/formatLength';
import { GarmentDrawing } from '@/ui/GarmentDrawing';
import { LengthField } from '@/ui/LengthField';
import { useRecords } from '@/features/records/RecordsProvider';
import { useNumbers, valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { EdgeWork } from './EdgeWork';
import styles from '../page/GarmentPage.module.css';
import { NextButton } from '../page/NextButton';
import { useGarmentDrawing } from '../page/useGarmentDrawing';
import { useGarment } from '../page/useGarment';
import { useEdge } from './useEdge';

const pattern = garmentSpec.fields.pattern.fields;

/** Every edge of the garment and what finishes it; each with its window. */
export function BandsStage() {
  const { garment, kind, plan, set } = useGarment();
  const { unit } = useUnit();
  const numbers = useNumbers();
  const [picked, setEdge] = useState<string | undefined>(undefined);
  const edge = plan.edges.find(({ id }) => id === picked) ?? plan.edges[0];
  const drawing = useGarmentDrawing();
  const show = (mm: number) => formatLength(mm, unit);
  const value = ({ use, finish, length, strips, id }: EdgePlan): string => {
    if (edgeUses[use].stays) {
      if (garment.stay === 'none') return 'no stay';
      return length === undefined ? 'to measure' : `stay ${show(valueOf(numbers, length))}`;
    }
    const own = kind.edges.find((one) => one.id === id);
    if (finish === 'hem' && own) return `turned ${show(garment.pattern[hemFieldOf(own)])}`;
    const last = strips.at(-1)?.of === 'elastic' ? strips.at(-1) : strips[0];
    if (last) return show(valueOf(numbers, last.chosen));
    if (edgeUses[use].strips.length > 0) return 'to measure';
    return length === undefined ? finish : `${finish}, ${show(valueOf(numbers, length))}`;
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
          {edge.finish === 'hem' && <Hem plan={edge} />}
          <EdgeWork key={edge.id} plan={edge} />
          <StripsLinks />
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

/** Marking strips for every band and elastic of the garment, as a PDF at true scale. */
function StripsLinks() {
  const { id, plan } = useGarment();
  const { unit } = useUnit();
  const records = useRecords();
  const marked = plan.edges.some(({ strips }) => strips.some((one) => one.marking));
  if (!marked) return null;
  const link = (paper: 'a4' | 'letter', edges: boolean) => ({
    href: `/api/garments/${id}/strips?paper=${paper}&unit=${unit}${edges ? '&edges=yes' : ''}`,
    target: '_blank',
    rel: 'noopener',
    onClick: () => void records.flush(),
  });
  return (
    <section className={styles.stack} style={{ gap: 8 }}>
      <h2>Marking strips to print</h2>
      <p className="soft">
        One strip at true scale for every band and elastic here, with its marks: lay it along and mark, no
        measuring. Print at 100 %.
      </p>
      <p className={styles.actions}>
        <a {...link('a4', false)}>A4</a>
        <a {...link('letter', false)}>Letter</a>
        <a {...link('a4', true)}>A4, with the edges</a>
        <a {...link('letter', true)}>Letter, with the edges</a>
      </p>
    </section>
  );
}

function Hem({ plan }: { plan: EdgePlan }) {
  const { garment, set, fault } = useGarment();
  const { edge } = useEdge(plan);
  const key = hemFieldOf(edge);
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
        {edge.sleeveHem && (
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
