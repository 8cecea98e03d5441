import { formula } from '../../explain/formula';
import type { MarkChoice } from '../../facts/garment';

/** Edges from this long get eighths, shorter ones quarters (common practice, no source). */
export const EIGHTHS_FROM_MM = 450;
/** Long bands get sixteenths (common practice, no source). */
const SIXTEENTHS_FROM_MM = 1200;

type MarkDivision = 2 | 4 | 8 | 16;

/** How many marks: as chosen, else by the edge's length. Always even, and a multiple of four but for halves. */
export function markCount(choice: MarkChoice, edgeMm: number): MarkDivision {
  switch (choice) {
    case 'halves':
      return 2;
    case 'quarters':
      return 4;
    case 'eighths':
      return 8;
    case 'sixteenths':
      return 16;
    case 'auto':
    case 'curve':
      if (edgeMm >= SIXTEENTHS_FROM_MM) return 16;
      return edgeMm >= EIGHTHS_FROM_MM ? 8 : 4;
    default:
      throw new Error(`expected a mark division, got ${String(choice satisfies never)}; add it to markCount`);
  }
}

/** How far past a seam a point lies along a ring, mm; negative before it. The shorter way round (D). */
export const pastSeam = (alongMm: number, seamMm: number, ringMm: number): number => {
  const half = ringMm / 2;
  return ((((alongMm - seamMm + half) % ringMm) + ringMm) % ringMm) - half;
};

/**
 * How far the quarter mark lies in front of the shoulder seam, mm; behind when negative (D). `backHalfMm` is from
 * centre back to a shoulder seam.
 */
export const quarterInFront = formula('N / 4 - b', 'N', 'b');

/** How far a point lies from the nearer of an edge's start and its half, mm (D). */
export const fromCentrePoint = formula('min(x, N - x, abs(N / 2 - x))', 'x', 'N');
