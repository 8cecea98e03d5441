import { formula } from '../../explain/formula';
import type { StitchModel } from './stitches';

/** Share of a stitch's bound that is planned on (T). */
export const PLANNED_SHARE = 0.7;

/** Thickness of the plies in a seam where the cloth's is not known, mm (handbook's check value). */
export const DEFAULT_PLIES_MM = 1;

/** Thicker cloth than this does not make a straight row stretch more, mm (T). */
export const STRAIGHT_PLIES_MM = 1.2;

/** Upper bound of a straight row's extension: length and plies of its thread, less 1 (D). All mm. */
export const straightStretch = formula('(min(t, most) + L) / L - 1', 't', 'most', 'L');

/** Upper bound of a zigzag's extension, (√(L² + W²) + t) / L − 1 (D: the path of its thread). All mm. */
export const zigzagStretch = formula('(sqrt(L ^ 2 + W ^ 2) + t) / L - 1', 'L', 'W', 't');

/** The same of a zigzag that takes `n` stitches to swing across its width. */
export const swungStretch = formula('(sqrt(L ^ 2 + (W / n) ^ 2) + t) / L - 1', 'L', 'W', 'n', 't');

/** Upper bound of a lockstitch row's extension: straight where it has no width. All mm. */
export const lockstitchStretch = (lengthMm: number, widthMm: number, pliesMm: number): number =>
  widthMm === 0
    ? straightStretch(pliesMm, STRAIGHT_PLIES_MM, lengthMm)
    : zigzagStretch(lengthMm, widthMm, pliesMm);

/**
 * Upper bound of an overlock or cover row's extension: needle thread per needle and length of seam, less 1
 * (S, from memory: industrial thread-consumption tables).
 */
export const needleThreadStretch = formula('thread * share / needles - 1', 'thread', 'share', 'needles');

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
 * How far a seam is stretched that runs at an angle θ to the lengthwise axis, in cloth worn with extensions across
 * and along, over skin that stretches: (1 + skin)·√((1 + eₓ)² sin²θ + (1 + e_y)² cos²θ) − 1 (D).
 */
export const seamStretch = formula(
  '(1 + skin) * sqrt(((1 + max(ex, 0)) * sin(angle)) ^ 2 + ((1 + max(ey, 0)) * cos(angle)) ^ 2) - 1',
  'skin',
  'ex',
  'ey',
  'angle',
);
