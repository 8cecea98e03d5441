import type { Rings } from '../geometry/clip';
import type { Point } from '../geometry/point';

/** What a printed line is. */
export type LineKind = 'cut' | 'seam' | 'fold' | 'grain' | 'stretch' | 'notch' | 'mark' | 'inside';

/** A line of a piece at true scale, mm, y downwards: straight from point to point, no further than 0.02 mm off its curve. */
export interface PaperLine {
  readonly kind: LineKind;
  readonly points: readonly Point[];
  /** What stands beside it. */
  readonly text?: string;
}

/** A piece in one size: what is drawn of it. */
export interface PaperSize {
  readonly label: string;
  /** Where it is cut, a ring, clockwise. */
  readonly ring: readonly Point[];
  readonly lines: readonly PaperLine[];
}

/** A piece as it is printed, in one size or several on each other. Lengths in mm, its grain upright. */
export interface PaperPiece {
  readonly id: string;
  readonly label: string;
  readonly sizes: readonly PaperSize[];
  /** What is written in it, a line each: how many are cut, of what. */
  readonly words: readonly string[];
  /** Where its words stand: the middle of the largest circle inside its smallest size, how large that is, how wide they may be, mm. */
  readonly room: { readonly at: Point; readonly radiusMm: number; readonly wideMm: number };
}

/** A closed ring as a line that ends where it began. */
export const closedLine = (ring: readonly Point[]): readonly Point[] => [...ring, ring[0] as Point];

/** The rings of all its sizes: what it takes of the paper. */
export const ringsOf = ({ sizes }: Pick<PaperPiece, 'sizes'>): Rings => sizes.map(({ ring }) => ring);
