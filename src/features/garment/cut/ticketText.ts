import { formatQuantity, phraseText } from '@/core/explain/display';
import type { Phrase } from '@/core/explain/explained';
import type { GarmentPlan } from '@/core/plan/types';
import type { TapeLength } from '@/core/edges/types';
import type { TicketGroup, TicketRow } from '@/core/ticket/types';
import type { UnitSystem } from '@/core/units/constants';

/** A row's size as it is read off the ticket: `32.0 cm × 4.2 cm`, or the count. */
export function rowSize(plan: GarmentPlan, row: TicketRow, unit: UnitSystem): string {
  const show = (id: string) => {
    const number = plan.numbers[id];
    return number ? formatQuantity(number.value, number.unit, unit) : '';
  };
  const one = (length: TapeLength, asCut: string | undefined) => show(asCut ?? length[unit]);
  if (!row.length) return show(row.count);
  const length = one(row.length, row.cut?.length);
  const count = plan.numbers[row.count]?.value ?? 1;
  const each = row.width ? `${length} × ${one(row.width, row.cut?.width)}` : length;
  return count > 1 ? `${each}, ${show(row.count)} of` : each;
}

/** What stands over a group's rows: its notes and how the cloth lies. */
export const headLines = ({ notes, lies }: TicketGroup): readonly Phrase[] => [
  ...notes,
  ...(lies ? [lies] : []),
];

/** The whole ticket as plain text, for the clipboard. */
export function ticketText(plan: GarmentPlan, unit: UnitSystem): string {
  const groups = plan.ticket.map((group) => {
    const rows = group.rows.map((row) => {
      const details = row.details.map((detail) => `    ${phraseText(detail, plan.numbers, unit)}`);
      return [`${row.cut ? '[x]' : '[ ]'} ${row.label}: ${rowSize(plan, row, unit)}`, ...details].join('\n');
    });
    const head = [group.material, ...headLines(group)].map((phrase) =>
      phraseText(phrase, plan.numbers, unit),
    );
    return [...head, ...rows].join('\n');
  });
  const edges = plan.cutting.map(({ label, lines }) =>
    [label, ...lines.map((line) => `    ${phraseText(line, plan.numbers, unit)}`)].join('\n'),
  );
  const atEdges = edges.length > 0 ? [['At the edges', ...edges].join('\n')] : [];
  return [plan.name, ...groups, ...atEdges].join('\n\n');
}
