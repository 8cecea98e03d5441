import type { StitchModel } from './stitches';

/** Share of a stitch's bound that is planned on (T). */
export const PLANNED_SHARE = 0.7;

/** Thickness of the plies in a seam where the cloth's is not known, mm (handbook's check value). */
export const DEFAULT_PLIES_MM = 1;

/**
 * Upper bound of a lockstitch row's extension, (√(L² + W²) + t) / L − 1 (D: the path of its thread). All mm.
 * A three-step zigzag takes a third of its width.
 */
export const lockstitchStretch = (lengthMm: number, widthMm: number, pliesMm: number): number =>
  (Math.sqrt(lengthMm ** 2 + widthMm ** 2) + pliesCountedMm(widthMm, pliesMm)) / lengthMm - 1;

/** Thicker cloth than this does not make a straight row stretch more, mm (T). */
export const STRAIGHT_PLIES_MM = 1.2;

/** The thickness that counts in a row: all of it under a zigzag, up to a limit under a straight row. */
const pliesCountedMm = (widthMm: number, pliesMm: number): number =>
  widthMm === 0 ? Math.min(pliesMm, STRAIGHT_PLIES_MM) : pliesMm;

/**
 * Upper bound of an overlock or cover row's extension: needle thread per needle and length of seam, less 1
 * (S, from memory: industrial thread-consumption tables).
 */
export const needleThreadStretch = (threadRatio: number, needleShare: number, needles: number): number =>
  (threadRatio * needleShare) / needles - 1;

/** What is planned on of a stitch that was not swatched, as a share: seven tenths of its bound, or as stated. */
export function plannedStretch(model: StitchModel, pliesMm = DEFAULT_PLIES_MM): number {
  switch (model.kind) {
    case 'lockstitch':
      return PLANNED_SHARE * lockstitchStretch(model.lengthMm, model.widthMm / (model.swings ?? 1), pliesMm);
    case 'looped':
      return PLANNED_SHARE * needleThreadStretch(model.threadRatio, model.needleShare, model.needles);
    case 'stated':
      return model.plannedShare;
    default:
      throw new Error(`expected a stitch model, got ${JSON.stringify(model satisfies never)}`);
  }
}

/**
 * How far a seam is stretched that runs at an angle θ to the lengthwise axis, in cloth worn with extensions
 * across and along: √((1 + eₓ)² sin²θ + (1 + e_y)² cos²θ) − 1 (D).
 */
export const seamStretch = (across: number, along: number, angleRad: number): number =>
  Math.sqrt(((1 + across) * Math.sin(angleRad)) ** 2 + ((1 + along) * Math.cos(angleRad)) ** 2) - 1;
