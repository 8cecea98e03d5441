import type { Mask } from './mask';

/** Something about two pieces for every offset of the one’s corner from the other’s, cells: row by row from `y0`, each from `x0`. */
export interface OffsetMap {
  readonly x0: number;
  readonly y0: number;
  readonly wide: number;
  readonly high: number;
  readonly values: Float32Array;
  /** Where a row has values that are not 0: from, up to, counted from `x0`. */
  readonly rowFrom: Int32Array;
  readonly rowTo: Int32Array;
}

/** Offsets that are looked at, cells. */
export type Offsets = Pick<OffsetMap, 'x0' | 'y0' | 'wide' | 'high'>;

/** All offsets at which two masks meet or lie beside each other. */
export const allOffsets = (moving: Mask, still: Mask): Offsets => ({
  x0: -moving.columns - 4,
  y0: -moving.rows - 4,
  wide: moving.columns + still.columns + 9,
  high: moving.rows + still.rows + 9,
});

export function withRows(offsets: Offsets, values: Float32Array): OffsetMap {
  const { wide, high } = offsets;
  const rowFrom = new Int32Array(high);
  const rowTo = new Int32Array(high);
  for (let y = 0, at = 0; y < high; y += 1) {
    let [first, end] = [0, wide];
    while (first < wide && values[at + first] === 0) first += 1;
    while (end > first && values[at + end - 1] === 0) end -= 1;
    rowFrom[y] = first;
    rowTo[y] = end;
    at += wide;
  }
  return { ...offsets, values, rowFrom, rowTo };
}

/** The map as it is seen from the other piece; or with both turned by half, whose corners are then so many cells apart. */
export function reversed(map: OffsetMap, across: number, along: number): OffsetMap {
  const { x0, y0, wide, high, values } = map;
  const rowFrom = new Int32Array(high);
  const rowTo = new Int32Array(high);
  for (let y = 0; y < high; y += 1) {
    rowFrom[high - 1 - y] = wide - map.rowTo[y]!;
    rowTo[high - 1 - y] = wide - map.rowFrom[y]!;
  }
  return {
    x0: across - (x0 + wide - 1),
    y0: along - (y0 + high - 1),
    wide,
    high,
    values: values.slice().reverse(),
    rowFrom,
    rowTo,
  };
}

/** The value at an offset; 0 beyond the map. */
export function valueAt(
  { x0, y0, wide, high, values }: Omit<OffsetMap, 'rowFrom' | 'rowTo'>,
  x: number,
  y: number,
): number {
  const [column, row] = [x - x0, y - y0];
  if (column < 0 || row < 0 || column >= wide || row >= high) return 0;
  return values[row * wide + column]!;
}
