import type { Phrase, NumberId } from '../explain/explained';
import type { TapeLength } from '../edges/types';

/** What the cutting table has to know of an edge: allowances, turnings, folds, marks. */
export interface EdgeCutting {
  readonly edge: string;
  readonly label: string;
  readonly lines: readonly Phrase[];
}

export interface TicketRow {
  readonly id: string;
  readonly label: string;
  readonly count: NumberId;
  readonly length?: TapeLength;
  readonly width?: TapeLength;
  readonly details: readonly Phrase[];
  /** Left on the roll once this is cut; negative where it is short. */
  readonly left?: NumberId;
  readonly cut?: {
    readonly on: string;
    readonly length?: NumberId;
    readonly width?: NumberId;
    readonly changed?: Phrase;
  };
}

export interface TicketGroup {
  readonly id: string;
  readonly role: 'outer' | 'lining' | 'band' | 'elastic' | 'stay' | 'findings';
  readonly material: Phrase;
  /** What is on the roll, what other garments take of it, and what is left once all this is cut. */
  readonly roll?: {
    readonly elasticId: string;
    /** What this garment takes of the roll, and what others do. */
    readonly takes: NumberId;
    readonly onHand?: NumberId;
    readonly taken?: NumberId;
    readonly left?: NumberId;
    readonly short?: NumberId;
  };
  /** How the cloth has to lie under every piece. */
  readonly lies?: Phrase;
  /** What holds for all pieces of it: the pattern's size, girths to reach. */
  readonly notes: readonly Phrase[];
  readonly rows: readonly TicketRow[];
}
