import type { Pattern, PatternSize } from '../facts/pattern';
import type { BodyMeasure } from '../facts/wearer';
import { bodyMeasures } from '../facts/wearer';

/** A pattern's sizes from small to large, each with its id. */
export const sizesInOrder = ({ sizes }: Pattern): readonly (readonly [string, PatternSize])[] =>
  Object.entries(sizes).toSorted(([idA, a], [idB, b]) => a.order - b.order || idA.localeCompare(idB));

/** The measures a size table has a column for. */
export const tableColumns = (pattern: Pattern): readonly BodyMeasure[] =>
  bodyMeasures.filter((measure) =>
    Object.values(pattern.sizes).some(({ values }) => values[measure] !== undefined),
  );

/** Finished girth of a size: the table's own, or its body size less the pattern's negative ease (D). */
export const finishedGirth = (tableMm: number, tableOf: Pattern['tableOf'], negativeEase: number): number =>
  tableOf === 'finished garment' ? tableMm : tableMm * (1 - negativeEase);

/** The index of the value nearest to a target; of two as near, the first. Expects at least one value. */
export function nearestIndex(values: readonly number[], target: number): number {
  let best = 0;
  values.forEach((value, at) => {
    if (Math.abs(value - target) < Math.abs((values[best] as number) - target)) best = at;
  });
  return best;
}

/**
 * Where a target lies in a rising column, counted in rows: 1.5 is halfway from the second row to the third.
 * Beyond the ends it is held half a row outside. Expects at least one value.
 */
export function placeInColumn(values: readonly number[], target: number): number {
  const [first] = values;
  const last = values.at(-1);
  if (first === undefined || last === undefined) return 0;
  if (target < first) return -0.5;
  if (target > last) return values.length - 0.5;
  for (let at = 0; at < values.length - 1; at += 1) {
    const [a, b] = [values[at] as number, values[at + 1] as number];
    if (target >= a && target <= b) return b === a ? at : at + (target - a) / (b - a);
  }
  return values.length - 1;
}
