import type { Garment } from '../facts/garment';

/** A part that only some styles of a kind have: a tank has no leg edges, a swimsuit no hem. */
export interface StyledPart {
  /** Styles that have it; every style where this is absent. */
  readonly only?: readonly Garment['style'][];
}
