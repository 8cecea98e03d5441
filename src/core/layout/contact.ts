import type { Mask } from './mask';
import type { Offsets } from './offsets';

/** An offset at which two pieces lie along each other for longer than at those beside it, cells. */
export interface Peak {
  readonly x: number;
  readonly y: number;
}

/** For how long two pieces lie along each other at every offset, cells. */
export interface ContactMap extends Offsets {
  readonly values: Float32Array;
  readonly peaks: readonly Peak[];
}

/** At such offsets two pieces overlap by more than rounding to cells explains. */
export const BLOCKED = -1;
/** How far from a piece another still lies along it, cells. */
export const BESIDE = 2;
/** Of the length along which pieces that fit each other lie, rounding to cells makes overlap up to this share. */
const ROUNDING = 0.45;
const HAIR = 2;
/** Shorter contact than this is a touch, cells. */
const TOUCH = 4;
const MOST_PEAKS = 10;

/** `grown` is the moving mask with `BESIDE` more on every side. */
export function contactMap(
  { moving, grown, still }: { readonly moving: Mask; readonly grown: Mask; readonly still: Mask },
  offsets: Offsets,
): ContactMap {
  const { x0, y0, wide, high } = offsets;
  const values = new Float32Array(wide * high);
  const near = new Shared(wide);
  const over = new Shared(wide);
  for (let v = 0; v < high; v += 1) {
    near.begin(grown, still, x0 - BESIDE, y0 + v - BESIDE);
    if (near.first >= near.end) continue;
    over.begin(moving, still, x0, y0 + v);
    let [nearValue, nearSlope, overValue, overSlope] = [0, 0, 0, 0];
    const row = v * wide;
    for (let x = near.first; x < near.end; x += 1) {
      nearValue += nearSlope;
      nearSlope += near.kinks[x]!;
      overValue += overSlope;
      overSlope += over.kinks[x]!;
      if (nearValue <= 0) continue;
      const along = (nearValue - overValue) / BESIDE;
      values[row + x] =
        overValue > ROUNDING * along + HAIR ? BLOCKED : Math.max(0, along - overValue / BESIDE);
    }
  }
  return { ...offsets, values, peaks: peaksOf(offsets, values) };
}

/**
 * How many cells two masks share as the one moves across the other: along a row, the overlap of two spans is a trapezoid
 * of where the one begins, so that its second differences are four numbers. Offsets must begin before they meet.
 */
class Shared {
  readonly kinks: Int32Array;
  /** Where they share cells: from, up to. */
  first = 0;
  end = 0;

  constructor(private readonly wide: number) {
    this.kinks = new Int32Array(wide);
  }

  /** `y` rows off, at offsets from `x0`. */
  begin(moving: Mask, still: Mask, x0: number, y: number): void {
    const { kinks, wide } = this;
    kinks.fill(0);
    let [first, end] = [wide, 0];
    const last = Math.min(moving.rows, still.rows - y);
    for (let row = Math.max(0, -y); row < last; row += 1) {
      const other = row + y;
      const endOther = still.starts[other + 1]!;
      for (let m = moving.starts[row]!; m < moving.starts[row + 1]!; m += 1) {
        const from = moving.from[m]! + x0;
        const to = moving.to[m]! + x0;
        for (let k = still.starts[other]!; k < endOther; k += 1) {
          const begins = still.from[k]!;
          const ends = still.to[k]!;
          kinks[begins - to]! += 1;
          kinks[begins - from]! -= 1;
          kinks[ends - to]! -= 1;
          kinks[ends - from]! += 1;
          if (begins - to < first) first = begins - to;
          if (ends - from > end) end = ends - from;
        }
      }
    }
    this.first = first;
    this.end = Math.min(end + 1, wide);
  }
}

/** The longest contacts that are longer than at the offsets round them. */
function peaksOf({ x0, y0, wide, high }: Offsets, values: Float32Array): readonly Peak[] {
  const found: { readonly x: number; readonly y: number; readonly along: number }[] = [];
  for (let v = 1; v < high - 1; v += 1) {
    for (let x = 1; x < wide - 1; x += 1) {
      const at = v * wide + x;
      const along = values[at]!;
      if (along < TOUCH || along <= values[at - 1]! || along < values[at + 1]!) continue;
      const [up, down] = [at - wide, at + wide];
      if (along <= values[up - 1]! || along <= values[up]! || along <= values[up + 1]!) continue;
      if (along < values[down - 1]! || along < values[down]! || along < values[down + 1]!) continue;
      found.push({ x: x + x0, y: v + y0, along });
    }
  }
  return found.toSorted((a, b) => b.along - a.along).slice(0, MOST_PEAKS);
}
