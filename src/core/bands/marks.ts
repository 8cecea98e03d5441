/** Necks from this long get eighths, smaller ones quarters (common practice, no source). */
export const EIGHTHS_FROM_MM = 450;

export type MarkDivision = 2 | 4 | 8;

/** How many marks: as chosen, else by the neck's length. Always even, and four or eight but for halves. */
export function markCount(choice: 'auto' | 'halves' | 'quarters' | 'eighths', necklineMm: number): MarkDivision {
  switch (choice) {
    case 'halves':
      return 2;
    case 'quarters':
      return 4;
    case 'eighths':
      return 8;
    case 'auto':
      return necklineMm >= EIGHTHS_FROM_MM ? 8 : 4;
    default:
      throw new Error(`expected a mark division, got ${String(choice satisfies never)}; add it to markCount`);
  }
}

/**
 * How far mark `at` of `count` lies in front of the nearer shoulder seam, mm; behind when negative.
 * Marks are counted from centre back; `backHalfMm` is the seamline from centre back to a shoulder seam (D).
 */
export function inFrontOfShoulder(necklineMm: number, count: number, at: number, backHalfMm: number): number {
  const along = (necklineMm * at) / count;
  return Math.min(along, necklineMm - along) - backHalfMm;
}

/** Where a mark lies along the band from its join, mm, the join being `joinMm` along the neckline from centre back. */
export function alongBand(necklineMm: number, bandMm: number, count: number, at: number, joinMm: number): number {
  const along = ((necklineMm * at) / count - joinMm + necklineMm) % necklineMm;
  return (along * bandMm) / necklineMm;
}
