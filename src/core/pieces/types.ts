import type { NumberId, Phrase } from '../explain/explained';
import type { ZoneId } from '../facts/garment';
import type { Meeting } from '../fit/pieceShape';
import type { BetweenSizes } from './planOutlines';
import type { AlterationPlan } from './alter/planAltered';
import type { Verdict } from './walk';

/** One edge of a piece that has an outline, as long as it is on the outline, on one side of the body. */
export interface PieceEdgePlan {
  readonly id: string;
  readonly label: string;
  readonly length: NumberId;
}

/** A piece of the garment: measured where it has an outline, with what is wrong with that where something is. */
export interface PiecePlan {
  readonly id: string;
  readonly label: string;
  readonly outlined: boolean;
  readonly fault?: string;
  readonly edges: readonly PieceEdgePlan[];
  /** Where its notches are cut, as a person at the table is told. */
  readonly notches: readonly Phrase[];
  /** Edges of a piece drawn whole that are not as long on both its sides. */
  readonly unlike: readonly { readonly label: string; readonly a: NumberId; readonly b: NumberId }[];
}

/** A seam walked from end to end: both sides, how they compare, and how the edges that cross it run on. */
export interface SeamWalk {
  readonly id: string;
  readonly seam: string;
  readonly label: string;
  readonly meet: Meeting;
  readonly a: NumberId;
  readonly b: NumberId;
  /** How much longer the second side is; negative where it is shorter. */
  readonly longer: NumberId;
  readonly verdict: Verdict;
  readonly sentence: Phrase;
  readonly crossings: readonly {
    readonly at: string;
    readonly kink: NumberId;
    readonly smooth: boolean;
  }[];
  /** From notch to notch, where both sides have as many. */
  readonly stretches: readonly { readonly a: NumberId; readonly b: NumberId; readonly goesOn: boolean }[];
  /** What is wrong with its notches. */
  readonly notchFault?: string;
}

/** What was measured on the outlines of a garment’s pieces. */
export interface PiecesPlan {
  /** Every piece that is cut by an outline, whether it has one yet or not. */
  readonly pieces: readonly PiecePlan[];
  readonly seams: readonly SeamWalk[];
  /** Seamlines of the garment’s edges, all round; those on each side once. Only where all their pieces have outlines. */
  readonly edges: Readonly<Record<string, NumberId>>;
  /** What else the outlines tell of those edges. */
  readonly runs: Readonly<Record<string, OutlineRun>>;
  readonly girths: Readonly<Record<ZoneId, NumberId>>;
  /** How long one row of a seam is, by the seam. */
  readonly rows: Readonly<Record<string, NumberId>>;
  /** The garment’s alterations in their order, as they were made. */
  readonly alterations: readonly AlterationPlan[];
  /** Girths as drawn, where alterations may have changed them. */
  readonly drawnGirths: Readonly<Record<ZoneId, NumberId>>;
  readonly between?: BetweenSizes;
}

/** How an edge runs, read off the outlines. */
export interface OutlineRun {
  /** How far it turns, where it turns. */
  readonly turn?: NumberId;
  /** Its back, where that is a part of it. */
  readonly back?: NumberId;
  /** How long it is on each piece, by the piece’s id. */
  readonly onPieces: Readonly<Record<string, NumberId>>;
}
