import type { ZoneId } from '../facts/garment';
import type { BodyMeasure } from '../facts/wearer';

export interface NeededMeasure {
  readonly measure: BodyMeasure;
  /** Without it a part of the plan is missing; the others have a marked default or can be left out. */
  readonly required: boolean;
  /** Where the tape goes. */
  readonly how: string;
  /** What it is for in this garment. */
  readonly why: string;
}

export interface Zone {
  readonly id: ZoneId;
  readonly label: string;
  readonly measure: BodyMeasure;
  /** Seam edges a change of this girth is spread over: two for every vertical seam. */
  readonly seamEdges: number;
}

export interface Piece {
  readonly id: string;
  readonly label: string;
  readonly side?: 'left' | 'right';
  readonly cloth: 'outer' | 'band';
  /** Zones whose girth this piece helps to make; its changes are shown on it. */
  readonly zones: readonly ZoneId[];
  readonly onFold: boolean;
}

export interface Edge {
  readonly id: 'neckline' | 'sleeve-hem' | 'hem' | 'shoulder';
  readonly label: string;
  readonly finish: 'band' | 'hem' | 'stay';
}

export interface Seam {
  readonly id: string;
  readonly label: string;
  readonly direction: 'across' | 'along' | 'round';
  /** `stretch` goes with the body, `stay` must not grow, `still` asks for no real stretch. */
  readonly demand: 'stretch' | 'stay' | 'still';
}

/** One garment of the catalogue, all data. */
export interface GarmentKind {
  readonly kind: 'tee';
  readonly label: string;
  readonly needs: readonly NeededMeasure[];
  readonly zones: readonly Zone[];
  readonly pieces: readonly Piece[];
  readonly edges: readonly Edge[];
  readonly seams: readonly Seam[];
}
