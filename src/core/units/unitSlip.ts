import { MM_PER_INCH } from './constants';

/**
 * The length probably meant when a value is 2.54 times off what is usual: cm typed for in, or in for cm.
 * Returns millimetres, or `undefined` when the value is usual or the other unit would not be usual either.
 */
export function likelyUnitSlip(mm: number, usualMm: readonly [number, number]): number | undefined {
  const [low, high] = usualMm;
  if (mm >= low && mm <= high) return undefined;
  const ratio = MM_PER_INCH / 10;
  return [mm * ratio, mm / ratio].find((other) => other >= low && other <= high);
}
