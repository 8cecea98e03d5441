'use client';
import { phraseText } from '@/core/explain/display';
import type { GarmentPlan } from '@/core/plan/types';
import { useUnit } from '@/ui/unit';

/** What was done to each edge at the cutting table, on paper: added, trimmed, turned, folded, marked. */
export function EdgesOnPaper({ plan }: { plan: Pick<GarmentPlan, 'cutting' | 'numbers'> }) {
  const { unit } = useUnit();
  if (plan.cutting.length === 0) return null;
  return (
    <table>
      <colgroup>
        <col style={{ width: '26%' }} />
        <col />
      </colgroup>
      <thead>
        <tr>
          <th colSpan={2}>
            <strong>At the edges</strong>
          </th>
        </tr>
      </thead>
      <tbody>
        {plan.cutting.map(({ edge, label, lines }) => (
          <tr key={edge} data-edge={edge}>
            <td>
              <strong>{label}</strong>
            </td>
            <td>
              {lines.map((line, at) => (
                <div key={at}>{phraseText(line, plan.numbers, unit)}</div>
              ))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
