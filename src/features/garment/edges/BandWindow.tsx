'use client';
import { edgeChoiceSpec } from '@/core/facts/garment';
import { neckbandOf, type BandSchool } from '@/core/facts/neckline';
import type { NeckbandPlan } from '@/core/edges/types';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { lengthScale } from '@/ui/lengthScale';
import { useNumbers, valueOf } from '@/ui/numbers';
import { ScaleChooser, type ScaleRegion } from '@/ui/ScaleChooser';
import { useUnit } from '@/ui/unit';
import table from '@/ui/table.module.css';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';

const { ownMm, finishedMm, printedCutMm } = edgeChoiceSpec.fields;

/** How long the neckband can be: every school against the limits, and the length chosen. */
export function BandWindow({ band }: { band: NeckbandPlan }) {
  const { garment, plan, set, fault } = useGarment();
  const neckband = neckbandOf(garment);
  const numbers = useNumbers();
  const { unit } = useUnit();
  const get = (id: string) => valueOf(numbers, id);
  const neck = plan.neckline ? get(plan.neckline.seamline) : 0;
  const shortest = get(band.shortest);
  const flat = band.liesFlat && get(band.liesFlat);
  const steam = band.wantsSteam && get(band.wantsSteam);
  const chosen = get(band.chosen);
  const { from, to, ticks } = lengthScale(
    Math.min(shortest, neck * 0.72, chosen) - 8,
    Math.max(neck, chosen) + 4,
    unit,
  );
  const head = get(band.shortestHead) >= get(band.shortestSewn);
  const regions = windowRegions(from, to, shortest, flat, steam, head);
  const step = unit === 'cm' ? 1 : MM_PER_INCH / 8;
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>How long the neckband can be</h2>
        <ExplainedNumber id={band.chosen} text={`Why ${formatLength(chosen, unit)}?`} />
      </div>
      <ScaleChooser
        label="Length of the neckband at the seamline"
        from={from}
        to={to}
        step={step}
        value={chosen}
        valueText={formatLength(chosen, unit)}
        regions={regions}
        marks={band.schools
          .filter(({ school }) => school !== 'own')
          .map((school) => ({
            value: get(school.length),
            label: school.label,
            ...(school.low && school.high
              ? { low: Math.max(get(school.low), from), high: get(school.high) }
              : {}),
          }))}
        ticks={ticks}
        onChange={(value) =>
          set('Neckband’s length', {
            'edges.neckline.school': 'own',
            'edges.neckline.ownMm': Math.max(value, ownMm.min),
          })
        }
      />
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Whose rule</th>
              <th className={table.num}>at the seamline</th>
              <th>on this neck</th>
            </tr>
          </thead>
          <tbody>
            {band.schools.map((school) => (
              <tr key={school.school}>
                <td>
                  <label
                    style={{
                      display: 'flex',
                      gap: 8,
                      alignItems: 'center',
                      minHeight: 24,
                      cursor: 'pointer',
                    }}
                  >
                    <input
                      type="radio"
                      name="band-school"
                      checked={band.school === school.school}
                      onChange={() =>
                        set('Neckband’s school', {
                          'edges.neckline.school': school.school satisfies BandSchool,
                        })
                      }
                    />
                    {school.label}
                    {school.school === 'flat' && (
                      <span className="soft small">default: it follows the band’s width</span>
                    )}
                  </label>
                </td>
                <td className={table.num}>
                  <ExplainedNumber id={school.length} />
                </td>
                <td>
                  {school.state}
                  {school.extreme && (
                    <span style={{ color: 'var(--demand)' }}>, extreme on a neck this small</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className={styles.fields}>
        <LengthField
          spec={finishedMm}
          valueMm={neckband.finishedMm}
          required
          help="What shows when it is worn."
          onChange={(mm) => set('Band’s width', { 'edges.neckline.finishedMm': mm })}
          fault={fault('edges.neckline.finishedMm')}
        />
        <LengthField
          spec={ownMm}
          label="Your own length"
          valueMm={neckband.ownMm}
          help="At the seamline, without the join’s allowances."
          onChange={(mm) =>
            set(
              'Neckband’s length',
              mm === undefined
                ? { 'edges.neckline.ownMm': null, 'edges.neckline.school': 'flat' }
                : { 'edges.neckline.ownMm': mm, 'edges.neckline.school': 'own' },
            )
          }
          fault={fault('edges.neckline.ownMm')}
        />
        <LengthField
          spec={printedCutMm}
          label="The pattern’s own band, as cut"
          valueMm={neckband.printedCutMm}
          help="From the pattern piece or its chart."
          onChange={(mm) =>
            set('Pattern’s own band', {
              'edges.neckline.printedCutMm': mm,
              ...(mm === undefined && neckband.school === 'pattern'
                ? { 'edges.neckline.school': 'flat' }
                : {}),
            })
          }
          fault={fault('edges.neckline.printedCutMm')}
        />
      </div>
    </section>
  );
}

/** The scale's parts: too short, lies flat, wants steam, stands up; only those that exist. */
function windowRegions(
  from: number,
  to: number,
  shortest: number,
  flat: number | undefined | '',
  steam: number | undefined | '',
  head: boolean,
): ScaleRegion[] {
  const short: ScaleRegion = {
    from,
    to: Math.min(shortest, to),
    kind: 'no',
    word: head ? 'head won’t pass' : 'won’t reach the seam',
  };
  if (!flat || !steam) return [short, { from: Math.min(shortest, to), to, kind: 'no', word: 'stands up' }];
  const good = Math.max(flat, shortest);
  const care = Math.max(steam, shortest);
  return [
    short,
    { from: shortest, to: good, kind: 'good', word: 'lies flat' },
    { from: good, to: care, kind: 'care', word: 'wants steam' },
    { from: care, to, kind: 'no', word: 'stands up' },
  ].filter((region): region is ScaleRegion => region.to > region.from);
}
