'use client';
import Link from 'next/link';
import { phraseText } from '@/core/explain/display';
import { classLabels } from '@/core/cloth/stretchClass';
import type { ClothPlan, DirectionPlan } from '@/core/plan/types';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import table from '@/ui/table.module.css';
import styles from './GarmentPage.module.css';
import { NextButton } from './NextButton';
import { useGarment } from './useGarment';

/** The cloth for each part, what it gives, and what this garment asks of it. */
export function StretchStage() {
  const { garment, plan, cloths, set, fault } = useGarment();
  return (
    <div className={styles.stage}>
      <div className={styles.columns} style={{ gridTemplateColumns: 'repeat(2, minmax(0, 1fr))' }}>
        <section className={styles.stack}>
          <h2>Body and sleeves</h2>
          <PickField
            label="Cloth"
            value={garment.outerClothId ?? ''}
            options={cloths}
            empty="choose the cloth"
            fault={fault('outerClothId')}
            onChange={(id) => set('Cloth', { outerClothId: id || null })}
          />
          {plan.cloths.outer && <Reading cloth={plan.cloths.outer} id={garment.outerClothId} />}
        </section>
        <section className={styles.stack}>
          <h2>Neckband</h2>
          <PickField
            label="Cloth of the neckband"
            value={garment.bandClothId ?? ''}
            options={cloths}
            empty="choose the cloth"
            fault={fault('bandClothId')}
            onChange={(id) => set('Neckband’s cloth', { bandClothId: id || null })}
          />
          {plan.cloths.band && <Reading cloth={plan.cloths.band} id={garment.bandClothId} />}
          <ChoiceRow
            legend="The band’s length runs"
            value={garment.neckband.direction}
            options={[
              { value: 'across', label: 'across the cloth' },
              { value: 'along', label: 'along the selvedge' },
            ]}
            onChange={(direction) => set('Way the band is cut', { 'neckband.direction': direction })}
          />
        </section>
      </div>
      <section>
        <h2>What this tee asks, and what gives it</h2>
        {plan.openings.length === 0 && plan.zones.length === 0 ? (
          <p className="soft">This comes once wearer and cloth are known.</p>
        ) : (
          <div className={table.scroll}>
            <table className={table.table}>
              <thead>
                <tr>
                  <th>Where</th>
                  <th className={table.num}>asks</th>
                  <th className={table.num}>has or may use</th>
                  <th>so</th>
                </tr>
              </thead>
              <tbody>
                {plan.zones.map((zone) => (
                  <tr key={zone.zone}>
                    <td>{zone.label}, worn</td>
                    <td className={table.num}>
                      <ExplainedNumber id={zone.extension} />
                    </td>
                    <td className={table.num}>
                      <ExplainedNumber id={zone.limit} />
                    </td>
                    <td>{plan.problems.some(({ id }) => id === `zone-${zone.zone}`) ? <No /> : 'enough'}</td>
                  </tr>
                ))}
                {plan.openings.flatMap((opening) =>
                  opening.parts.map((part) => (
                    <tr key={`${opening.id}-${part.label}`}>
                      <td>
                        {opening.label} over {opening.passesWhat}: the {part.label}
                      </td>
                      <td className={table.num}>
                        <ExplainedNumber id={part.label === 'band' ? 'pullOn.band' : opening.needs} />
                      </td>
                      <td className={table.num}>
                        <ExplainedNumber id={part.gives} />
                      </td>
                      <td>{part.ok ? 'enough' : <No />}</td>
                    </tr>
                  )),
                )}
              </tbody>
            </table>
          </div>
        )}
      </section>
      <NextButton to="fit" />
    </div>
  );
}

const No = () => <strong style={{ color: 'var(--demand)' }}>not enough</strong>;

function Reading({ cloth, id }: { cloth: ClothPlan; id: string | undefined }) {
  const { plan } = useGarment();
  const { unit } = useUnit();
  return (
    <div className={styles.stack} style={{ gap: 8 }}>
      <dl className={styles.pairs}>
        {cloth.across && <Direction label="Across" reading={cloth.across} />}
        {cloth.along && <Direction label="Along" reading={cloth.along} />}
        {cloth.stretchClass && (
          <>
            <dt>Class</dt>
            <dd>{classLabels[cloth.stretchClass]}</dd>
          </>
        )}
      </dl>
      <p className="soft">{phraseText(cloth.verdictSentence, plan.numbers, unit)}</p>
      {id && (
        <Link href={`/cloth/${id}`}>
          {cloth.across || cloth.along ? 'Test it again' : 'Test it: two minutes with a ruler'}
        </Link>
      )}
    </div>
  );
}

function Direction({ label, reading }: { label: string; reading: DirectionPlan }) {
  return (
    <>
      <dt>
        {label}
        {reading.source === 'stated' ? ', as stated: untested' : ''}
      </dt>
      <dd>
        <ExplainedNumber id={reading.stretch} />
        {reading.recovery && (
          <>
            <span className="soft" style={{ fontWeight: 400 }}>
              , comes back{' '}
            </span>
            <ExplainedNumber id={reading.recovery} />
          </>
        )}
      </dd>
    </>
  );
}
