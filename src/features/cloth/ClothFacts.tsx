'use client';
import { dimensionalChange, weightOfSquare } from '@/core/cloth/preWash';
import { formatQuantity } from '@/core/explain/display';
import { clothSpec, type Cloth } from '@/core/facts/cloth';
import { RecordFields } from '@/features/records/RecordFields';
import { useRecords } from '@/features/records/RecordsProvider';
import { Fold } from '@/ui/Fold';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useUnit } from '@/ui/unit';
import styles from './ClothPage.module.css';
import { ClothPhoto } from './ClothPhoto';

const { fields } = clothSpec;
const USUAL_SQUARE_MM = 100;

/** Of a stack all else is told by its layers. */
const OF_A_STACK = ['photo', 'fibre', 'notes'];

/** What is known of a cloth beside its tests. */
export function ClothFacts({ id, cloth }: { id: string; cloth: Cloth }) {
  return (
    <aside className={styles.facts}>
      <h2>What is known of it</h2>
      <RecordFields
        kind="cloth"
        id={id}
        {...(cloth.layers ? { only: OF_A_STACK } : {})}
        without={['name', 'weighedSideMm']}
        parts={{
          photo: <ClothPhoto clothId={id} photo={cloth.photo} />,
          weighedG: <WeighedSquare id={id} cloth={cloth} />,
          wash: <Wash id={id} cloth={cloth} />,
        }}
      />
    </aside>
  );
}

/** A square cut and weighed: the cloth's weight follows from it. */
function WeighedSquare({ id, cloth }: { id: string; cloth: Cloth }) {
  const records = useRecords();
  const weigh = (changed: { readonly weighedG?: number; readonly weighedSideMm?: number }) => {
    const { weighedG, weighedSideMm = USUAL_SQUARE_MM } = { ...cloth, ...changed };
    records.set('cloth', id, 'A square weighed', {
      ...changed,
      ...(weighedG === undefined ? {} : { weightGsm: Math.round(weightOfSquare(weighedG, weighedSideMm)) }),
    });
  };
  return (
    <Fold summary="Weigh a square">
      <div className={styles.inner}>
        <LengthField
          spec={fields.weighedSideMm}
          valueMm={cloth.weighedSideMm ?? USUAL_SQUARE_MM}
          onChange={(mm) => weigh({ weighedSideMm: mm })}
          fault={records.fault('cloth', id, 'weighedSideMm')}
          help={fields.weighedSideMm.help}
        />
        <NumberField
          spec={fields.weighedG}
          value={cloth.weighedG}
          onChange={(grams) => weigh({ weighedG: grams })}
          fault={records.fault('cloth', id, 'weighedG')}
        />
      </div>
    </Fold>
  );
}

const USUAL_WASH = {
  beforeAlongMm: 500,
  afterAlongMm: 500,
  beforeAcrossMm: 500,
  afterAcrossMm: 500,
} as const;

function Wash({ id, cloth }: { id: string; cloth: Cloth }) {
  const records = useRecords();
  const { unit } = useUnit();
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
