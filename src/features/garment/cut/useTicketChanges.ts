'use client';
import { useRef } from 'react';
import { formatQuantity } from '@/core/explain/display';
import type { Explained } from '@/core/explain/explained';
import type { GarmentPlan } from '@/core/plan/types';
import type { UnitSystem } from '@/core/units/constants';

/** Changes closer together than this are one change. */
const BURST_MS = 2500;
const MAX_SHOWN = 5;

/** What the last burst of changes did to the lengths on the ticket and the girths behind it. */
export function useTicketChanges(plan: GarmentPlan, unit: UnitSystem): readonly string[] {
  const seen = useRef<{ start: GarmentPlan; last: GarmentPlan; at: number }>({
    start: plan,
    last: plan,
    at: 0,
  });
  if (seen.current.last !== plan) {
    const now = performance.now();
    const start = now - seen.current.at > BURST_MS ? seen.current.last : seen.current.start;
    seen.current = { start, last: plan, at: now };
  }
  return changesBetween(seen.current.start, plan, unit);
}

/** `Neckband, cut length 33.0 cm → 32.4 cm` for each watched number that reads differently. */
export function changesBetween(before: GarmentPlan, after: GarmentPlan, unit: UnitSystem): readonly string[] {
  if (before === after) return [];
  const watched = [
    ...after.zones.map((zone): [string, string] => [zone.label, zone.rest]),
    ...after.ticket.flatMap((group) =>
      group.rows.flatMap((row): [string, string][] => [
        ...(row.length ? [[`${row.label}, length`, row.length.exact] as [string, string]] : []),
        ...(row.width ? [[`${row.label}, width`, row.width.exact] as [string, string]] : []),
      ]),
    ),
  ];
  const show = (number: Explained) => formatQuantity(number.value, number.unit, unit);
  return watched
    .flatMap(([label, id]) => {
      const [was, is] = [before.numbers[id], after.numbers[id]];
      return was && is && show(was) !== show(is) ? [`${label} ${show(was)} → ${show(is)}`] : [];
    })
    .slice(0, MAX_SHOWN);
}
