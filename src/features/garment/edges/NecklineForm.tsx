'use client';
import { NECK_TURN, V_POINT_RAD } from '@/core/edges/turns';
import { edgeChoiceSpec, edgeMeasuredSpec, type EdgeMeasured } from '@/core/facts/garment';
import { neckbandOf, necklineOf, type NecklineMeasured } from '@/core/facts/neckline';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useUnit } from '@/ui/unit';
import { formatLength } from '@/core/units/formatLength';
import { MeasuredPicture } from './MeasuredPicture';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const { fields } = edgeMeasuredSpec;

const SHAPES = (['round', 'scoop', 'boat', 'V'] as const).map((value) => ({ value, label: value }));

const MEASURED_AS = [
  { value: 'pieces', label: 'the cut pieces' },
  { value: 'ring', label: 'the joined neck' },
  { value: 'seamline', label: 'the seamline itself' },
] as const;

type LengthKey = 'wholeMm' | 'frontMm' | 'backMm' | 'allowanceMm' | 'crossingAllowanceMm';

const BACK_LABELS: Readonly<Record<NecklineMeasured['as'], string>> = {
  pieces: 'Back piece, edge to edge',
  ring: 'Of that, the back',
  seamline: 'Of that, the back',
};

/** What was measured of the neckline; the seamline follows from it. */
export function NecklineForm() {
  const { garment, plan, set, fault } = useGarment();
  const { unit } = useUnit();
  const neckline = necklineOf(garment);
  const neckband = neckbandOf(garment);
  const measured = garment.edges?.neckline?.measured;
  const others = `that of the other seams, ${formatLength(garment.pattern.seamAllowanceMm, unit)}`;
  const measure = (what: string, key: keyof EdgeMeasured, value: unknown) =>
    set(what, { 'edges.neckline.measured.as': neckline.as, [`edges.neckline.measured.${key}`]: value });
  const field = (key: LengthKey, label: string, help: string) => (
    <LengthField
      spec={fields[key]}
      label={label}
      help={help}
      valueMm={measured?.[key]}
      onChange={(mm) => measure('Neckline', key, mm)}
      fault={fault(`edges.neckline.measured.${key}`)}
    />
  );
  const pieces = neckline.as === 'pieces';
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>The neckline as measured</h2>
        {plan.neckline && (
          <span className="soft">
            seamline <ExplainedNumber id={plan.neckline.seamline} />
          </span>
        )}
      </div>
      <ChoiceRow
        legend="What was measured"
        value={neckline.as}
        options={MEASURED_AS}
        onChange={(as) => measure('What was measured', 'as', as)}
      />
      <ChoiceRow
        legend="Shape of the neck"
        value={neckband.shape ?? 'round'}
        options={SHAPES}
        onChange={(shape) =>
          set('Shape of the neck', {
            'edges.neckline.shape': shape,
            'edges.neckline.measured.as': neckline.as,
            'edges.neckline.measured.turnRad': NECK_TURN[shape],
          })
        }
      />
      <MeasuredPicture as={neckline.as} />
      <div className={styles.fields}>
        {pieces
          ? field(
              'frontMm',
              'Front piece, edge to edge',
              'The whole neck edge of the front, tape on its edge.',
            )
          : field('wholeMm', 'All round', 'Tape on its edge, without pulling.')}
        {pieces && field('wholeMm', 'Or front and back in one', 'Counts where the two are not both given.')}
        {field(
          'backMm',
          BACK_LABELS[neckline.as],
          pieces ? 'The whole neck edge of the back.' : 'From shoulder seam to shoulder seam.',
        )}
        {neckline.as !== 'seamline' &&
          field('allowanceMm', 'Seam allowance at the neck', `Empty: ${others}.`)}
        {pieces &&
          field(
            'crossingAllowanceMm',
            'Seam allowance at the shoulder',
            `Empty: ${others}. The shoulder seams swallow four.`,
          )}
        <NumberField
          spec={fields.turnRad}
          label="Total turn of the neck"
          help="280° on sloped shoulders; 360° for a flat ring."
          value={neckline.turnRad}
          required
          onChange={(turnRad) => measure('Total turn', 'turnRad', turnRad)}
        />
        {neckband.shape === 'V' && (
          <NumberField
            spec={edgeChoiceSpec.fields.pointRad}
            help="The band is mitred there: only the rest is eased."
            value={neckband.pointRad ?? V_POINT_RAD}
            required
            onChange={(pointRad) => set('Turn at the point', { 'edges.neckline.pointRad': pointRad })}
            fault={fault('edges.neckline.pointRad')}
          />
        )}
      </div>
      {plan.neckline?.backAssumed && (
        <p className="soft small">
          The back is not measured, so the distances from the shoulder seams are a guess: half of it is taken
          as <ExplainedNumber id={plan.neckline.backHalf} />.
        </p>
      )}
    </section>
  );
}
