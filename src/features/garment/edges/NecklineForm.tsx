'use client';
import { NECK_TURN, V_POINT_RAD } from '@/core/edges/turns';
import { garmentSpec, type NecklineMeasured } from '@/core/facts/garment';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { MeasuredPicture } from './MeasuredPicture';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const { fields } = garmentSpec.fields.pattern.fields.neckline;

const SHAPES = (['round', 'scoop', 'boat', 'V'] as const).map((value) => ({ value, label: value }));

const MEASURED_AS = [
  { value: 'pieces', label: 'the cut pieces' },
  { value: 'ring', label: 'the joined neck' },
  { value: 'seamline', label: 'the seamline itself' },
] as const;

type LengthKey = 'wholeMm' | 'frontMm' | 'backMm' | 'allowanceMm' | 'shoulderAllowanceMm';

const BACK_LABELS: Readonly<Record<NecklineMeasured['measuredAs'], string>> = {
  pieces: 'Back piece, edge to edge',
  ring: 'Of that, the back',
  seamline: 'Of that, the back',
};

/** What was measured of the neckline; the seamline follows from it. */
export function NecklineForm() {
  const { garment, plan, set, fault } = useGarment();
  const { neckline } = garment.pattern;
  const field = (key: LengthKey, label: string, help: string) => (
    <LengthField
      spec={fields[key]}
      label={label}
      help={help}
      valueMm={neckline[key]}
      onChange={(mm) => set('Neckline', { [`pattern.neckline.${key}`]: mm })}
      fault={fault(`pattern.neckline.${key}`)}
      required={key === 'allowanceMm' || key === 'shoulderAllowanceMm'}
    />
  );
  const pieces = neckline.measuredAs === 'pieces';
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
        value={neckline.measuredAs}
        options={MEASURED_AS}
        onChange={(measuredAs) => set('What was measured', { 'pattern.neckline.measuredAs': measuredAs })}
      />
      <ChoiceRow
        legend="Shape of the neck"
        value={garment.neckband.shape ?? 'round'}
        options={SHAPES}
        onChange={(shape) =>
          set('Shape of the neck', {
            'neckband.shape': shape,
            'pattern.neckline.turnRad': NECK_TURN[shape],
          })
        }
      />
      <MeasuredPicture as={neckline.measuredAs} />
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
          BACK_LABELS[neckline.measuredAs],
          pieces ? 'The whole neck edge of the back.' : 'From shoulder seam to shoulder seam.',
        )}
        {neckline.measuredAs !== 'seamline' &&
          field('allowanceMm', 'Seam allowance at the neck', 'From cut edge to stitching.')}
        {pieces &&
          field(
            'shoulderAllowanceMm',
            'Seam allowance at the shoulder',
            'The shoulder seams swallow four of these.',
          )}
        <NumberField
          spec={fields.turnRad}
          label="Total turn of the neck"
          help="280° on sloped shoulders; 360° for a flat ring."
          value={neckline.turnRad}
          required
          onChange={(turnRad) => set('Total turn', { 'pattern.neckline.turnRad': turnRad })}
        />
        {garment.neckband.shape === 'V' && (
          <NumberField
            spec={garmentSpec.fields.neckband.fields.pointRad}
            help="The band is mitred there: only the rest is eased."
            value={garment.neckband.pointRad ?? V_POINT_RAD}
            required
            onChange={(pointRad) => set('Turn at the point', { 'neckband.pointRad': pointRad })}
            fault={fault('neckband.pointRad')}
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
