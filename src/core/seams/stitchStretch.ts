/** Share of a stitch's bound that is planned on (T). */
export const PLANNED_SHARE = 0.7;

/** Thickness of the plies in a tee's seam where the cloth's is not known, mm (handbook's check value). */
export const DEFAULT_PLIES_MM = 1;

/**
 * Upper bound of a lockstitch row's extension, (√(L² + W²) + t) / L − 1 (D: the path of its thread). All mm.
 */
export const lockstitchStretch = (lengthMm: number, widthMm: number, pliesMm: number): number =>
  (Math.sqrt(lengthMm ** 2 + widthMm ** 2) + pliesMm) / lengthMm - 1;

/**
 * Upper bound of an overlock or cover row's extension: needle thread per needle and length of seam, less 1
 * (S, from memory: industrial thread-consumption tables).
 */
export const needleThreadStretch = (threadRatio: number, needleShare: number, needles: number): number =>
  (threadRatio * needleShare) / needles - 1;
