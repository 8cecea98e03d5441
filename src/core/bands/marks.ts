/** Necks from this long get eighths, smaller ones quarters (common practice, no source). */
export const EIGHTHS_FROM_MM = 450;

export type MarkDivision = 2 | 4 | 8;

/** How many marks: as chosen, else by the neck's length. Always even, and four or eight but for halves. */
export function markCount(
  choice: 'auto' | 'halves' | 'quarters' | 'eighths',
  necklineMm: number,
): MarkDivision {
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
 * How far a point of the neckline lies in front of the nearer shoulder seam, mm; behind when negative (D).
 * `alongMm` is counted along the seamline from centre back, `backHalfMm` from centre back to a shoulder seam.
 */
export const inFrontOfShoulder = (alongMm: number, necklineMm: number, backHalfMm: number): number =>
  Math.min(alongMm, necklineMm - alongMm) - backHalfMm;

/** Where a point of the neckline lies along the band from its join, the join being at `joinMm` from centre back (D). */
export const alongBand = (alongMm: number, necklineMm: number, bandMm: number, joinMm: number): number =>
  (((alongMm - joinMm + necklineMm) % necklineMm) * bandMm) / necklineMm;

/** How far a point lies from the nearer of centre back and centre front, mm (D). */
export const fromCentrePoint = (alongMm: number, necklineMm: number): number =>
  Math.min(alongMm, necklineMm - alongMm, Math.abs(necklineMm / 2 - alongMm));
