import { MM_PER_INCH, type UnitSystem } from './constants';
import { usualFraction } from './formatLength';

/** The step a length is rounded to for the tape: 1 mm, or ⅛ in (¹⁄₁₆ in under 10 in) (T). */
export function tapeStepMm(mm: number, unit: UnitSystem): number {
  return unit === 'cm' ? 1 : MM_PER_INCH / usualFraction(mm);
}

/** A share of a step that is rounding of the machine and not of the tape: a length on a mark stays on it. */
export const HAIR = 1e-6;

/** `mm` rounded to a whole number of steps. */
export function roundToStep(mm: number, stepMm: number): number {
  return Math.round(mm / stepMm) * stepMm;
}

/** A measured length as it is kept: to a tenth of a millimetre. */
export const toTenth = (mm: number): number => Math.round(mm * 10) / 10;
