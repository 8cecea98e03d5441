'use client';
import type { Cut } from '@/core/facts/garment';
import { untickedRow } from '@/core/onCloth/untick';
import { frozenLengths } from '@/core/ticket/frozenLengths';
import type { TicketRow } from '@/core/ticket/types';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';

/** What is frozen of a row that is cut today: its lengths as they are rounded for the reader's tape. */
export function useFrozen(): (row: TicketRow) => Cut {
  const { plan, today } = useGarment();
  const { unit } = useUnit();
  return (row) => ({ cutOn: today, ...frozenLengths(row, plan.numbers, unit) });
}

/** Ticks a row as cut, freezing the lengths as they are rounded for the reader's tape, or takes the tick back. */
export function useCutTick(): (row: TicketRow, cut: boolean) => void {
  const { set, garment } = useGarment();
  const frozen = useFrozen();
  return (row, cut) => {
    const label = `${row.label}: ${cut ? 'cut' : 'not cut'}`;
    set(label, cut ? { [`cuts.${row.id}`]: frozen(row) } : untickedRow(garment, row.id));
  };
}
