'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { StripPlan, StripRulePlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';

interface Props {
  readonly strip: StripPlan;
  readonly onPick: (rule: string) => void;
  readonly words: (rule: StripRulePlan) => string;
}

/** Whose rule gives what, and what comes of it; one of them is taken. */
export function RuleTable({ strip, onPick, words }: Props) {
  const usual = (strip.rules.find(({ id }) => id === 'usual') ?? strip.rules[0])?.id;
  return (
    <TableContainer>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>Whose rule</TableCell>
            <TableCell align="right">at the seamline</TableCell>
            <TableCell>on this edge</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {strip.rules.map((rule) => (
            <TableRow key={rule.id}>
              <TableCell>
                <label
                  style={{ display: 'flex', gap: 8, alignItems: 'center', minHeight: 24, cursor: 'pointer' }}
                >
                  <input
                    type="radio"
                    name={`rule-${strip.id}`}
                    checked={strip.rule === rule.id}
                    onChange={() => onPick(rule.id)}
                  />
                  {rule.label}
                  {rule.id === usual && <span className="soft small">default</span>}
                </label>
              </TableCell>
              <TableCell align="right">
                <ExplainedNumber id={rule.length} />
                {rule.low && rule.high && (
                  <p className="soft small">
                    <ExplainedNumber id={rule.low} /> to <ExplainedNumber id={rule.high} />
                  </p>
                )}
              </TableCell>
              <TableCell>
                {words(rule)}
                {rule.extreme && (
                  <span style={{ color: 'var(--on-demand-tint)' }}>, extreme: more than a quarter off</span>
                )}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </TableContainer>
  );
}
