'use client';
import { useState } from 'react';
import { NECK_TURN, USUAL_TURN, V_POINT_RAD } from '@/core/edges/turns';
import { edgeChoiceSpec, edgeMeasuredSpec, garmentSpec, type EdgeMeasured } from '@/core/facts/garment';
import type { EdgePlan } from '@/core/edges/types';
import { isNeck, openingAt } from '@/core/fit/garmentKind';
import { OnOutlines } from '@/features/pieces/OnOutlines';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { valueOf } from '@/ui/numbers';
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

const SHAPES = (['round', 'scoop', 'boat', 'V'] as const).map((value) => ({ value, label: value }));

type LengthKey = 'wholeMm' | 'frontMm' | 'backMm' | 'allowanceMm' | 'crossingAllowanceMm';

const EMPTY = 'Empty: that of the other seams.';

/** What was measured of an edge; its seamline follows. Without it the edge is as long as its zone. */
export function EdgeMeasure({ plan }: { plan: EdgePlan }) {
  const { kind, plan: whole } = useGarment();
  const { edge, use, choice, put, fault } = useEdge(plan);
  const { measured } = choice;
  const [chosen, setChosen] = useState<EdgeMeasured['as']>('pieces');
  const as = measured?.as ?? chosen;
  const measure = (what: string, key: keyof EdgeMeasured, value: number | undefined) =>
    put(what, { 'measured.as': as, [`measured.${key}`]: value });
  const field = (key: LengthKey, label: string, help: string) => (
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
  if (use.measured === 'shoulder seam') return <StayLength plan={plan} />;
  const pieces = as === 'pieces';
  // A neck is drawn on a front and a back piece, each measured by itself.
  const apart = pieces && isNeck(kind, edge);
  const run = whole.pieces.runs[plan.id];
  const turned = run?.turn === undefined ? undefined : valueOf(whole.numbers, run.turn);
  const typed = whole.pieces.apart.edges[plan.id] !== undefined;
  const halves = edge.seams?.length === 2 && !edge.sections;
  const tape = (
    <div className={styles.stack}>
      <ChoiceRow
        legend="What was measured"
        value={as}
        options={AS}
        onChange={(next) => {
          setChosen(next);
          if (measured) put('what was measured', { 'measured.as': next });
        }}
      />
      {isNeck(kind, edge) && (
        <ChoiceRow
          legend="Shape of the neck"
          value={choice.shape ?? 'round'}
          options={SHAPES}
          onChange={(shape) =>
            put('shape of the neck', {
              shape,
              'measured.as': as,
              'measured.turnRad': NECK_TURN[shape],
            })
          }
        />
      )}
      <MeasuredPicture as={as} />
      <div className={styles.fields}>
        {apart &&
          field(
            'frontMm',
            'Front piece, edge to edge',
            'The whole neck edge of the front, tape on its edge.',
          )}
        {apart && field('backMm', 'Back piece, edge to edge', 'The whole neck edge of the back.')}
        {field(
          'wholeMm',
          apart ? 'Or front and back in one' : pieces ? 'All its pieces, edge to edge' : 'All along',
          apart
            ? 'Counts where the two are not both given.'
            : edge.zone
              ? 'Empty: taken as long as its zone.'
              : 'On the pattern, tape on its edge.',
        )}
        {!apart && halves && field('backMm', 'Of that, the back', 'Between its seams.')}
        {as !== 'seamline' && field('allowanceMm', 'Seam allowance here', EMPTY)}
        {pieces && (
          <>
            <NumberField
              spec={fields.crossings}
              value={measured?.crossings ?? edge.seams?.length ?? 0}
              required
              help="Each swallows two allowances."
              onChange={(crossings) => measure('seams that cross it', 'crossings', crossings)}
              fault={fault('measured.crossings')}
            />
            {field('crossingAllowanceMm', 'Their seam allowance', EMPTY)}
          </>
        )}
        {edge.curve && (
          <NumberField
            spec={fields.turnRad}
            value={measured?.turnRad ?? turned ?? USUAL_TURN[edge.curve]}
            required
            help="How far the edge turns on its way round: straight is 0°, half a circle 180°, a round hole 360°. An estimate until measured."
            onChange={(turnRad) => measure('total turn', 'turnRad', turnRad)}
            fault={fault('measured.turnRad')}
          />
        )}
        {choice.shape === 'V' && (
          <NumberField
            spec={choices.pointRad}
            help="The band is mitred there: only the rest is eased."
            value={choice.pointRad ?? V_POINT_RAD}
            required
            onChange={(pointRad) => put('turn at the point', { pointRad })}
            fault={fault('pointRad')}
          />
        )}
      </div>
      {halves && plan.length && measured?.backMm === undefined && run?.back === undefined && (
        <BackAssumed plan={plan} />
      )}
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
    </div>
  );
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>The {plan.label.toLowerCase()} as measured</h2>
        {plan.length && (
          <span className="soft">
            seamline <ExplainedNumber id={plan.length} />
          </span>
        )}
      </div>
      <EdgeOnOutlines plan={plan} />
      {run && !typed ? <Fold summary="Go by a tape instead">{tape}</Fold> : tape}
    </section>
  );
}

/** What the outlines say of this edge; what was typed counts until it is taken away. */
function EdgeOnOutlines({ plan }: { plan: EdgePlan }) {
  const { garment, kind, plan: whole, set } = useGarment();
  const outlined = whole.pieces.edges[plan.id];
  if (outlined === undefined) return null;
  const opening = openingAt(kind, plan.id);
  const typed: Readonly<Record<string, unknown>> = {
    [`edges.${plan.id}.measured.wholeMm`]: garment.edges?.[plan.id]?.measured?.wholeMm,
    [`edges.${plan.id}.measured.frontMm`]: garment.edges?.[plan.id]?.measured?.frontMm,
    [`edges.${plan.id}.measured.backMm`]: garment.edges?.[plan.id]?.measured?.backMm,
    ...(opening ? { [`pattern.openings.${opening.id}`]: garment.pattern.openings?.[opening.id] } : {}),
    ...(opening?.at === 'sleeve-hem' ? { 'pattern.sleeveHemMm': garment.pattern.sleeveHemMm } : {}),
    ...(plan.id === 'shoulder' ? { 'pattern.shoulderMm': garment.pattern.shoulderMm } : {}),
  };
  const there = Object.keys(typed).filter((path) => typed[path] !== undefined);
  return (
    <OnOutlines
      outlined={outlined}
      apart={whole.pieces.apart.edges[plan.id]}
      onGoBy={() =>
        set(`${plan.label}: by the outline`, Object.fromEntries(there.map((path) => [path, null])))
      }
    />
  );
}

/** The back was not measured: where the seams are taken to lie. */
function BackAssumed({ plan }: { plan: EdgePlan }) {
  const seam = plan.strips[0]?.marking?.seams[0];
  if (!seam) return null;
  return (
    <p className="soft">
      The back was not measured: the {seam.label} is taken to lie <ExplainedNumber id={seam.at} /> from{' '}
      {plan.strips[0]?.marking?.start}.
    </p>
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

function StayLength({ plan }: { plan: EdgePlan }) {
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
      <EdgeOnOutlines plan={plan} />
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
