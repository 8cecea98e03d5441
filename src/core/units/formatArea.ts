import { MM_PER_INCH, type UnitSystem } from './constants';

const MM2_PER_CM2 = 100;
/** An area is said to this much, cm². */
const STEP_CM2 = 10;

/** From so much on it is said in square metres. */
const METRES_FROM_CM2 = 10_000;

/** An area of cloth: to 10 cm² or 100 cm² of a square metre, or to a square inch. */
export function formatArea(mm2: number, unit: UnitSystem): string {
  if (unit === 'in') return `${Math.round(mm2 / MM_PER_INCH ** 2)} sq in`;
  const cm2 = mm2 / MM2_PER_CM2;
  if (cm2 >= METRES_FROM_CM2) return `${(cm2 / METRES_FROM_CM2).toFixed(2)} m²`;
  return `${STEP_CM2 * Math.round(cm2 / STEP_CM2)} cm²`;
}
