'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { edgeChoiceSpec } from '@/core/facts/garment';
import type { EdgePlan, StripPlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
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
      <TableContainer>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>Part</TableCell>
              <TableCell align="right">edge</TableCell>
              <TableCell align="right">elastic on it</TableCell>
              <TableCell align="right">for each length</TableCell>
              {byParts && <TableCell>your ratio</TableCell>}
              <TableCell>or your length less</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {strip.sections.map((section) => (
              <TableRow key={section.id}>
                <TableCell>{section.label}</TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={section.edge} />
                </TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={section.strip} />
                </TableCell>
                <TableCell align="right">
                  <ExplainedNumber id={section.ratio} />
                </TableCell>
                {byParts && (
                  <TableCell style={{ minWidth: 130 }}>
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
                  </TableCell>
                )}
                <TableCell style={{ minWidth: 130 }}>
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
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
      {!byParts && (
        <p className="soft small">
          Evenly spread. Type what is taken off a part, and each part has its own rule.
        </p>
      )}
    </section>
  );
}
