'use client';
import { formatQuantity, phraseText } from '@/core/explain/display';
import { stitches } from '@/core/machines/seams/stitches';
import { garmentSpec } from '@/core/facts/garment';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { ReachRule } from '@/ui/ReachRule';
import { useUnit } from '@/ui/unit';
import page from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import styles from './SewStage.module.css';
import { useSewing } from './useSewing';
import { Fold } from '@/ui/Fold';

const { fields } = garmentSpec.fields.seams.of;

/** Every row of the garment on one scale, the one with the least to spare first. */
export function PopCheck({ onOpen }: { onOpen: (id: string) => void }) {
  const { sewing } = useSewing();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const rows = sewing.pops.flatMap((id) => {
    const step = sewing.steps.find((one) => one.id === id);
    return step?.row ? [{ step, row: step.row }] : [];
  });
  if (rows.length === 0) return null;
  const full = Math.max(
    ...rows.map(({ row }) => Math.max(valueOf(numbers, row.gives), valueOf(numbers, row.needs))),
  );
  const share = (id: string) => formatQuantity(valueOf(numbers, id), 'share', unit);
  const unasked = rows.filter(({ row }) => !row.asked).length;
  const popping = rows.filter(({ row }) => !row.ok).length;
  return (
    <section className={page.stack} style={{ gap: 8 }}>
      <div className={page.between}>
        <h2>Will every seam stretch far enough?</h2>
        <span className="soft small">flag: must reach · bracket: can reach</span>
      </div>
      <p>
        {popping === 0
          ? unasked === 0
            ? 'Every row reaches as far as it must.'
            : `No row pops as far as is known: ${unasked} of ${rows.length} are asked only what such rows usually are, until the body and the edge are measured.`
          : `${popping === 1 ? 'One row' : `${popping} rows`} would pop: open the step and choose another stitch.`}
      </p>
      <div role="list" aria-label="Rows of stitches, the least to spare first">
        {rows.map(({ step, row }) => {
          const title = phraseText(step.title, numbers, unit);
          const name = step.stitch ? stitches[step.stitch].name : '';
          const text = row.ok
            ? `${title}: must reach ${share(row.needs)}, gives ${share(row.gives)}`
            : `${title}: will pop, must reach ${share(row.needs)}, gives ${share(row.gives)}`;
          return (
            <div role="listitem" key={step.id}>
              <button
                type="button"
                className={styles.pop}
                data-short={!row.ok}
                data-row={step.id}
                aria-label={text}
                onClick={() => onOpen(step.id)}
              >
                <span style={{ fontWeight: row.ok ? 400 : 650 }}>{title}</span>
                <span className="soft small">
                  {name}
                  {row.measured ? ', swatch' : ''}
                </span>
                <ReachRule
                  text={text}
                  needs={valueOf(numbers, row.needs)}
                  gives={valueOf(numbers, row.gives)}
                  full={full}
                />
                <span
                  className={styles.popFigure}
                  style={row.ok ? undefined : { color: 'var(--demand)', fontWeight: 650 }}
                >
                  {row.ok ? '' : 'pops: '}
                  {share(row.needs)} of {share(row.gives)}
                </span>
              </button>
            </div>
          );
        })}
      </div>
      <Seams />
    </section>
  );
}

/** What only the person knows of a seam: its length, and how far it is pulled while dressing. */
function Seams() {
  const { kind, garment, set, fault } = useGarment();
  return (
    <Fold summary="Lengths of seams, and how far they are pulled while dressing">
      <p className="soft small" style={{ margin: '8px 0' }}>
        Left empty, lengths are estimates and only count for thread; pulling is taken from the openings.
      </p>
      <div className={page.fields}>
        {kind.seams.map(({ id, label }) => (
          <div key={id} className={page.stack} style={{ gap: 10 }}>
            <LengthField
              spec={fields.lengthMm}
              label={`${label}: length of one`}
              valueMm={garment.seams?.[id]?.lengthMm}
              onChange={(mm) => set('Length of a seam', { [`seams.${id}.lengthMm`]: mm ?? null })}
              fault={fault(`seams.${id}.lengthMm`)}
            />
            <NumberField
              spec={fields.pulledOn}
              label={`${label}: pulled while dressing by`}
              value={garment.seams?.[id]?.pulledOn}
              onChange={(share) => set('Pulled while dressing', { [`seams.${id}.pulledOn`]: share ?? null })}
              fault={fault(`seams.${id}.pulledOn`)}
            />
          </div>
        ))}
      </div>
    </Fold>
  );
}
