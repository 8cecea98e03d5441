'use client';
import { untickedRow } from '@/core/onCloth/untick';
import { frozenLengths } from '@/core/ticket/frozenLengths';
import type { TicketRow } from '@/core/ticket/types';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';

/** Ticks a row as cut, freezing the lengths as they are rounded for the reader's tape, or takes the tick back. */
export function useCutTick(): (row: TicketRow, cut: boolean) => void {
  const { set, garment, plan, today } = useGarment();
  const { unit } = useUnit();
  return (row, cut) => {
    const label = `${row.label}: ${cut ? 'cut' : 'not cut'}`;
    const frozen = { cutOn: today, ...frozenLengths(row, plan, unit) };
    set(label, cut ? { [`cuts.${row.id}`]: frozen } : untickedRow(garment, row.id));
  };
}
