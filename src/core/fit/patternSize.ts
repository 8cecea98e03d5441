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
 * Where a target lies in a rising column, counted in rows: 1.5 is halfway from the second row to the third. Rows
 * without a value are passed over. Beyond the ends it is held half a row outside; 0 for a column without values.
 */
export function placeInColumn(column: readonly (number | undefined)[], target: number): number {
  const known = column.flatMap((value, row) => (value === undefined ? [] : [{ value, row }]));
  const [first] = known;
  const last = known.at(-1);
  if (!first || !last) return 0;
  if (target < first.value) return first.row - 0.5;
  if (target > last.value) return last.row + 0.5;
  const next = known.findIndex(({ value }) => target <= value);
  const [a, b] = [known[next - 1], known[next] ?? last];
  return a ? a.row + ((target - a.value) / (b.value - a.value)) * (b.row - a.row) : b.row;
}
