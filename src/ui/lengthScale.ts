import { tickStep } from 'd3-array';
import { MM_PER_INCH, type UnitSystem } from '@/core/units/constants';
import { formatInches } from '@/core/units/formatLength';

/** About so many figures stand along a scale. */
const TICKS = 7;
/** The finest line of an inch tape. */
const FINEST_IN = 1 / 16;

/** A scale of lengths: its ends and the figures along it, mm, in round steps of the reader's tape. */
export interface LengthScale {
  readonly from: number;
  readonly to: number;
  readonly ticks: readonly { readonly value: number; readonly label: string }[];
}

/** The scale that shows all from `low` to `high`, mm: tenths, halves and whole centimetres, or halves of halves of inches. */
export function lengthScale(low: number, high: number, unit: UnitSystem): LengthScale {
  const mmPerUnit = unit === 'cm' ? 10 : MM_PER_INCH;
  const ends = [low / mmPerUnit, high / mmPerUnit] as const;
  const usual = tickStep(...ends, TICKS);
  // Tenths are no inches: the nearest half of a half stands for the step.
  const step = unit === 'cm' ? usual : Math.max(2 ** Math.round(Math.log2(usual)), FINEST_IN);
  const from = Math.max(0, Math.floor(ends[0] / step));
  const to = Math.ceil(ends[1] / step);
  const ticks = Array.from({ length: to - from + 1 }, (_, at) => (from + at) * step).map((value) => ({
    value: value * mmPerUnit,
    label: unit === 'cm' ? String(Number(value.toFixed(2))) : formatInches(value * mmPerUnit, 16),
  }));
  return { from: from * step * mmPerUnit, to: to * step * mmPerUnit, ticks };
}
