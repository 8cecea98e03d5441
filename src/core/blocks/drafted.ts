import type { ZoneId } from '../facts/garment';
import type { Path } from '../geometry/path';
import type { DraftedNotches } from './drafter';

/** A drafted piece: its edges in the order in which its kind has them, clockwise, and where zones lie on it. */
export interface DraftedPiece {
  readonly edges: readonly Path[];
  /** Shares of the height of an edge. */
  readonly levels?: Readonly<Record<ZoneId, readonly [string, number]>>;
}

export type DraftedPieces = Readonly<Record<string, DraftedPiece>>;

export interface DraftedBlock {
  readonly pieces: DraftedPieces;
  /** Notches by `piece.edge`. */
  readonly notches?: DraftedNotches;
}
