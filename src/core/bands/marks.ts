import type { MarkChoice } from '../facts/garment';

/** Edges from this long get eighths, shorter ones quarters (common practice, no source). */
export const EIGHTHS_FROM_MM = 450;
/** Long bands get sixteenths (common practice, no source). */
export const SIXTEENTHS_FROM_MM = 1200;

export type MarkDivision = 2 | 4 | 8 | 16;

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

/** A stretch of an edge and how much band goes on each length of it. */
export interface Stretch {
  readonly lengthMm: number;
  readonly ratio: number;
}

/** Where a point of the edge lies on the band, mm from the edge's start: part by part, each at its own ratio (D). */
export function onBand(parts: readonly Stretch[], alongMm: number): number {
  let left = alongMm;
  let band = 0;
  for (const { lengthMm, ratio } of parts) {
    const within = Math.min(left, lengthMm);
    band += within * ratio;
    left -= within;
    if (left <= 0) break;
  }
  return band;
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
export const quarterInFront = (necklineMm: number, backHalfMm: number): number => necklineMm / 4 - backHalfMm;

/** How far a point lies from the nearer of an edge's start and its half, mm (D). */
export const fromCentrePoint = (alongMm: number, edgeMm: number): number =>
  Math.min(alongMm, edgeMm - alongMm, Math.abs(edgeMm / 2 - alongMm));

/** Band for a part of an edge by its curvature: length − c·turn·w (D: local ratio 1 − c·κ·w, κ = turn / length). */
export const bandOfCurve = (lengthMm: number, turnRad: number, finishedMm: number, easeIn: number): number =>
  lengthMm - easeIn * turnRad * finishedMm;
