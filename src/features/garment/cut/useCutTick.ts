'use client';
import type { TicketRow } from '@/core/ticket/types';
import { valueOf } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';

/** Ticks a row as cut, freezing the lengths as they are rounded for the reader's tape, or takes the tick back. */
export function useCutTick(): (row: TicketRow, cut: boolean) => void {
  const { plan, set, today } = useGarment();
  const { unit } = useUnit();
  return (row, cut) => {
    const label = `${row.label}: ${cut ? 'cut' : 'not cut'}`;
    if (!cut) return set(label, { [`cuts.${row.id}`]: null });
    set(label, {
      [`cuts.${row.id}`]: {
        cutOn: today,
        ...(row.length ? { lengthMm: valueOf(plan.numbers, row.length[unit]) } : {}),
        ...(row.width ? { widthMm: valueOf(plan.numbers, row.width[unit]) } : {}),
      },
    });
  };
}
