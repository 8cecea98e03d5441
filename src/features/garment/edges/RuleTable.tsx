'use client';
import type { StripPlan, StripRulePlan } from '@/core/edges/types';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import table from '@/ui/table.module.css';

interface Props {
  readonly strip: StripPlan;
  readonly onPick: (rule: string) => void;
  readonly words: (rule: StripRulePlan) => string;
}

/** Whose rule gives what, and what comes of it; one of them is taken. */
export function RuleTable({ strip, onPick, words }: Props) {
  return (
    <div className={table.scroll}>
      <table className={table.table}>
        <thead>
          <tr>
            <th>Whose rule</th>
            <th className={table.num}>at the seamline</th>
            <th>on this edge</th>
          </tr>
        </thead>
        <tbody>
          {strip.rules.map((rule, at) => (
            <tr key={rule.id}>
              <td>
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
                  {at === 0 && <span className="soft small">default</span>}
                </label>
              </td>
              <td className={table.num}>
                <ExplainedNumber id={rule.length} />
                {rule.low && rule.high && (
                  <p className="soft small">
                    <ExplainedNumber id={rule.low} /> to <ExplainedNumber id={rule.high} />
                  </p>
                )}
              </td>
              <td>
                {words(rule)}
                {rule.extreme && (
                  <span style={{ color: 'var(--on-demand-tint)' }}>, extreme: more than a quarter off</span>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
