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

/**
 * `mm` rounded to a whole number of steps, but not out of what works: never under `leastMm` where it was not under it
 * before, nor over `mostMm` where it was not over it; where both cannot be, not under.
 */
export function roundWithin(mm: number, stepMm: number, leastMm: number, mostMm: number): number {
  const most = Math.floor(Math.max(mostMm, mm) / stepMm + HAIR) * stepMm;
  const least = Math.ceil(Math.min(leastMm, mm) / stepMm - HAIR) * stepMm;
  return Math.max(Math.min(roundToStep(mm, stepMm), most), least);
}
