'use client';
import { useState } from 'react';
import { USUAL_TURN } from '@/core/edges/turns';
import { edgeChoiceSpec, edgeMeasuredSpec, garmentSpec, type EdgeMeasured } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/edges/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { MeasuredPicture } from './MeasuredPicture';
import { useEdge } from './useEdge';

const { fields } = edgeMeasuredSpec;
const choices = edgeChoiceSpec.fields;

const AS = [
  { value: 'pieces', label: 'the cut pieces' },
  { value: 'ring', label: 'the joined edge' },
  { value: 'seamline', label: 'the seamline itself' },
] as const;

/** What was measured of an edge; its seamline follows. Without it the edge is as long as its zone. */
export function EdgeMeasure({ plan }: { plan: EdgePlan }) {
  const { edge, use, choice, put, fault } = useEdge(plan);
  const { measured } = choice;
  const [chosen, setChosen] = useState<EdgeMeasured['as']>('pieces');
  const as = measured?.as ?? chosen;
  const measure = (what: string, key: keyof EdgeMeasured, value: number | undefined) =>
    put(what, { 'measured.as': as, [`measured.${key}`]: value });
  const field = (key: 'backMm' | 'allowanceMm' | 'crossingAllowanceMm', label: string, help: string) => (
    <LengthField
      spec={fields[key]}
      label={label}
      help={help}
      valueMm={measured?.[key]}
      onChange={(mm) => measure('as measured', key, mm)}
      fault={fault(`measured.${key}`)}
    />
  );
  if (use.measured === 'between rings') return <Rings plan={plan} />;
  if (use.measured === 'shoulder seam') return <StayLength />;
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>The edge as measured</h2>
        {plan.length && (
          <span className="soft">
            seamline <ExplainedNumber id={plan.length} />
          </span>
        )}
      </div>
      <ChoiceRow
        legend="What was measured"
        value={as}
        options={AS}
        onChange={(next) => {
          setChosen(next);
          if (measured) put('what was measured', { 'measured.as': next });
        }}
      />
      <MeasuredPicture as={as} />
      <div className={styles.fields}>
        <LengthField
          spec={fields.wholeMm}
          label={as === 'pieces' ? 'All its pieces, edge to edge' : 'All along'}
          help={edge.zone ? 'Empty: taken as long as its zone.' : 'On the pattern, tape on its edge.'}
          valueMm={measured?.wholeMm}
          onChange={(mm) => measure('as measured', 'wholeMm', mm)}
          fault={fault('measured.wholeMm')}
        />
        {edge.seams?.length === 2 &&
          !edge.sections &&
          field('backMm', 'Of that, the back', 'Between its seams.')}
        {as !== 'seamline' && field('allowanceMm', 'Seam allowance here', 'Empty: that of the other seams.')}
        {as === 'pieces' && (
          <>
            <NumberField
              spec={fields.crossings}
              value={measured?.crossings ?? edge.seams?.length ?? 0}
              required
              help="Each swallows two allowances."
              onChange={(crossings) => measure('seams that cross it', 'crossings', crossings)}
              fault={fault('measured.crossings')}
            />
            {field('crossingAllowanceMm', 'Their seam allowance', 'Empty: that of the other seams.')}
          </>
        )}
        {as !== 'seamline' && edge.curve && (
          <NumberField
            spec={fields.turnRad}
            value={measured?.turnRad ?? USUAL_TURN[edge.curve]}
            required
            help="How far the edge turns on its way round: straight is 0°, half a circle 180°, a round hole 360°. An estimate until measured."
            onChange={(turnRad) => measure('total turn', 'turnRad', turnRad)}
            fault={fault('measured.turnRad')}
          />
        )}
      </div>
      {edge.sections && (
        <div className={styles.fields}>
          {edge.sections.map((section) => (
            <LengthField
              key={section.id}
              spec={choices.sections.of}
              label={`Of it, ${section.label}`}
              help="Empty: its usual part."
              valueMm={choice.sections?.[section.id]}
              onChange={(mm) => put(section.label, { [`sections.${section.id}`]: mm })}
              fault={fault(`sections.${section.id}`)}
            />
          ))}
        </div>
      )}
    </section>
  );
}

/** The panels of panties, ring to ring: only then are the side straps known. */
function Rings({ plan }: { plan: EdgePlan }) {
  const { choice, put, fault } = useEdge(plan);
  return (
    <section className={styles.stack}>
      <h2>The panels, ring to ring</h2>
      <div className={styles.fields}>
        {(['frontRingsMm', 'backRingsMm'] as const).map((key) => (
          <LengthField
            key={key}
            spec={choices[key]}
            help="Along the top edge, where the rings sit."
            valueMm={choice[key]}
            onChange={(mm) => put(choices[key].label, { [key]: mm })}
            fault={fault(key)}
          />
        ))}
      </div>
    </section>
  );
}

function StayLength() {
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
          spec={garmentSpec.fields.pattern.fields.shoulderMm}
          valueMm={garment.pattern.shoulderMm}
          help="On the pattern, from neck seam to sleeve seam."
          onChange={(mm) => set('Shoulder seam', { 'pattern.shoulderMm': mm })}
          fault={fault('pattern.shoulderMm')}
        />
      </div>
    </section>
  );
}
