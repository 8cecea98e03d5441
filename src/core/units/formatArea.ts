import { MM_PER_INCH, type UnitSystem } from './constants';

const MM2_PER_CM2 = 100;
/** An area is said to this much, cm². */
const STEP_CM2 = 10;

/** An area of cloth: to 10 cm², or to a square inch. */
export function formatArea(mm2: number, unit: UnitSystem): string {
  if (unit === 'in') return `${Math.round(mm2 / MM_PER_INCH ** 2)} sq in`;
  return `${STEP_CM2 * Math.round(mm2 / MM2_PER_CM2 / STEP_CM2)} cm²`;
}
