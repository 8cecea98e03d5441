import type { Finding, FindingKind } from '@/core/facts/finding';
import type { UnitSystem } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';

/** What the size of each kind of finding measures. */
export const SIZE_LABELS: Readonly<Record<FindingKind, string>> = {
  ring: 'Inner width, as wide as its strap',
  slider: 'Inner width, as wide as its strap',
  'hook-and-eye': 'Height, as high as its band',
  cups: 'Width of a cup',
  tape: 'Width',
  thread: 'Thickness',
  needles: 'Length',
};

export const sizeText = ({ kind, sizeMm, needleNm }: Finding, unit: UnitSystem): string => {
  if (kind === 'needles') return needleNm === undefined ? '' : String(Math.round(needleNm));
  return sizeMm === undefined ? '' : formatLength(sizeMm, unit);
};

export const stockText = ({ onHand, lengthMm }: Finding, unit: UnitSystem): string => {
  if (lengthMm !== undefined) return rollText(lengthMm, unit);
  return onHand === undefined ? '' : String(Math.round(onHand));
};

const MM_PER_YARD = 914.4;

/** A length on a roll as it is sold: metres or yards. */
export const rollText = (mm: number, unit: UnitSystem): string =>
  unit === 'cm'
    ? `${(mm / 1000).toFixed(mm < 100_000 ? 2 : 0)} m`
    : `${(mm / MM_PER_YARD).toFixed(mm < 100_000 ? 2 : 0)} yd`;
