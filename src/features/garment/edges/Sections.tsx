'use client';
import { edgeChoiceSpec } from '@/core/facts/garment';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import table from '@/ui/table.module.css';
import styles from '../page/GarmentPage.module.css';
import { useEdge } from './useEdge';

const { of: RATIO } = edgeChoiceSpec.fields.ratios;
const { of: LESS } = edgeChoiceSpec.fields.less;

/** The parts of an edge and the elastic that goes on each; their ratios are followed where that rule is taken. */
export function Sections({ plan, strip }: { plan: EdgePlan; strip: StripPlan }) {
  const { choice, put, fault } = useEdge(plan);
  const numbers = useNumbers();
  if (strip.sections.length === 0) return null;
  const byParts = strip.rule === 'parts' || strip.rule === 'own-parts';
  return (
    <section className={styles.stack}>
      <h2>Part by part</h2>
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Part</th>
              <th className={table.num}>edge</th>
              <th className={table.num}>elastic on it</th>
              <th className={table.num}>for each length</th>
              {byParts && <th>your ratio</th>}
              <th>or your length less</th>
            </tr>
          </thead>
          <tbody>
            {strip.sections.map((section) => (
              <tr key={section.id}>
                <td>{section.label}</td>
                <td className={table.num}>
                  <ExplainedNumber id={section.edge} />
                </td>
                <td className={table.num}>
                  <ExplainedNumber id={section.strip} />
                </td>
                <td className={table.num}>
                  <ExplainedNumber id={section.ratio} />
                </td>
                {byParts && (
                  <td style={{ minWidth: 130 }}>
                    <NumberField
                      spec={RATIO}
                      label={`Ratio, ${section.label}`}
                      value={
                        choice.ratios?.[section.id] ?? Number(valueOf(numbers, section.ratio).toFixed(3))
                      }
                      onChange={(ratio) =>
                        put(`ratio of the ${section.label}`, { [`ratios.${section.id}`]: ratio })
                      }
                      fault={fault(`ratios.${section.id}`)}
                    />
                  </td>
                )}
                <td style={{ minWidth: 130 }}>
                  <LengthField
                    spec={LESS}
                    label={`Less, ${section.label}`}
                    valueMm={choice.less?.[section.id]}
                    onChange={(mm) =>
                      put(`less on the ${section.label}`, {
                        [`less.${section.id}`]: mm,
                        ...(mm === undefined ? {} : { school: 'own-parts' }),
                      })
                    }
                    fault={fault(`less.${section.id}`)}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {!byParts && (
        <p className="soft small">
          Evenly spread. Type what is taken off a part, and each part has its own rule.
        </p>
      )}
    </section>
  );
}
