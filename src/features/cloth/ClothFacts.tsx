'use client';
import { dimensionalChange, weightOfSquare } from '@/core/cloth/preWash';
import { formatQuantity } from '@/core/explain/display';
import { clothSpec, type Cloth } from '@/core/facts/cloth';
import type { ChoiceSpec } from '@/core/facts/spec';
import { useRecords } from '@/features/records/RecordsProvider';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useUnit } from '@/ui/unit';
import styles from './ClothPage.module.css';
import { ClothPhoto } from './ClothPhoto';
import { Fold } from '@/ui/Fold';

const { fields } = clothSpec;
type ChoiceKey = 'feel' | 'drape' | 'ravels' | 'curl' | 'dry' | 'wet' | 'nap' | 'pile' | 'swim';
const USUAL_SQUARE_MM = 100;

/** What is known of a cloth beside its tests. */
export function ClothFacts({ id, cloth }: { id: string; cloth: Cloth }) {
  const records = useRecords();
  const { unit } = useUnit();
  const set = (label: string, changes: Readonly<Record<string, unknown>>) =>
    records.set('cloth', id, label, changes);
  const field = (key: keyof Cloth) => ({
    onChange: (value: string | number | undefined) => set(fields[key].label, { [key]: value }),
    fault: records.fault('cloth', id, key),
  });
  const length = (key: 'widthMm' | 'onHandMm' | 'thicknessMm') => ({
    ...field(key),
    spec: fields[key],
    valueMm: cloth[key],
  });
  const number = (key: 'weightGsm' | 'statedAcross' | 'statedAlong') => ({
    ...field(key),
    spec: fields[key],
    value: cloth[key],
  });
  const words = (key: 'fibre' | 'notes' | 'rightSide') => ({
    ...field(key),
    spec: fields[key],
    value: cloth[key],
  });
  const choice = (key: ChoiceKey) => {
    const spec: ChoiceSpec = fields[key];
    return (
      <ChoiceRow
        legend={spec.label}
        value={cloth[key] as string | undefined}
        options={spec.options.map((option) => ({ value: option, label: option }))}
        onChange={field(key).onChange}
      />
    );
  };
  const weigh = (changed: { readonly weighedG?: number; readonly weighedSideMm?: number }) => {
    const { weighedG, weighedSideMm = USUAL_SQUARE_MM } = { ...cloth, ...changed };
    set('A square weighed', {
      ...changed,
      ...(weighedG === undefined ? {} : { weightGsm: Math.round(weightOfSquare(weighedG, weighedSideMm)) }),
    });
  };
  return (
    <aside className={styles.facts}>
      <h2>What is known of it</h2>
      <ClothPhoto clothId={id} photo={cloth.photo} />
      <TextFactField {...words('fibre')} />
      {!cloth.layers && (
        <>
          <ChoiceRow
            legend="Washed before cutting"
            value={cloth.washed}
            options={[
              { value: 'yes', label: 'Yes' },
              { value: 'no', label: 'Not yet' },
            ]}
            onChange={field('washed').onChange}
          />
          <LengthField {...length('widthMm')} />
          <LengthField {...length('onHandMm')} />
          <NumberField {...number('weightGsm')} />
          <Fold summary="Weigh a square">
            <div className={styles.inner}>
              <LengthField
                spec={fields.weighedSideMm}
                valueMm={cloth.weighedSideMm ?? USUAL_SQUARE_MM}
                {...field('weighedSideMm')}
                onChange={(mm) => weigh({ weighedSideMm: mm })}
                help="A 10 × 10 cm square of 2 g is 200 g/m²."
              />
              <NumberField
                spec={fields.weighedG}
                value={cloth.weighedG}
                onChange={(grams) => weigh({ weighedG: grams })}
                fault={records.fault('cloth', id, 'weighedG')}
              />
            </div>
          </Fold>
          <LengthField alwaysMm {...length('thicknessMm')} help="Two layers under a light finger, halved." />
          <Wash id={id} cloth={cloth} unit={unit} />
          {choice('feel')}
          {choice('drape')}
          {choice('ravels')}
          {choice('curl')}
          {choice('dry')}
          {choice('wet')}
          {choice('nap')}
          {choice('pile')}
          {choice('swim')}
          <ChoiceRow
            legend={fields.stable.label}
            value={cloth.stable ? 'yes' : 'no'}
            options={[
              { value: 'no', label: 'it stretches' },
              { value: 'yes', label: 'stable' },
            ]}
            onChange={(value) => set(fields.stable.label, { stable: value === 'yes' ? true : null })}
          />
          <TextFactField
            {...words('rightSide')}
            help="Columns of V stitches are the face of a jersey, bumps the back. Either may be used, always the same."
          />
          <NumberField {...number('statedAcross')} help="Used only until it is tested." />
          <NumberField {...number('statedAlong')} />
        </>
      )}
      <TextFactField {...words('notes')} multiline />
    </aside>
  );
}

const USUAL_WASH = {
  beforeAlongMm: 500,
  afterAlongMm: 500,
  beforeAcrossMm: 500,
  afterAcrossMm: 500,
} as const;

function Wash({ id, cloth, unit }: { id: string; cloth: Cloth; unit: 'cm' | 'in' }) {
  const records = useRecords();
  const { wash } = cloth;
  const spec = fields.wash.fields;
  const put = (key: keyof typeof USUAL_WASH) => (mm: number | undefined) =>
    records.set('cloth', id, 'Change when washed', {
      wash: mm === undefined ? null : { ...USUAL_WASH, ...wash, [key]: mm },
    });
  const lengthField = (key: keyof typeof USUAL_WASH) => (
    <LengthField
      spec={spec[key]}
      valueMm={wash?.[key]}
      onChange={put(key)}
      fault={records.fault('cloth', id, `wash.${key}`)}
    />
  );
  const show = (before: number, after: number) =>
    formatQuantity(dimensionalChange(before, after), 'share', unit);
  return (
    <Fold
      summary={
        <>
          Change when washed
          {wash &&
            `: ${show(wash.beforeAlongMm, wash.afterAlongMm)} along, ${show(wash.beforeAcrossMm, wash.afterAcrossMm)} across`}
        </>
      }
      open={wash !== undefined}
    >
      <div className={styles.inner}>
        <p className="soft small">
          Mark a square, 50 cm (20 in) a side, and wash it as the garment will be. Shrinking is added to the
          length to buy.
        </p>
        {lengthField('beforeAlongMm')}
        {lengthField('afterAlongMm')}
        {lengthField('beforeAcrossMm')}
        {lengthField('afterAcrossMm')}
      </div>
    </Fold>
  );
}
