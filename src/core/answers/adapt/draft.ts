import type { Explained } from '../../explain/explained';
import type { Point } from '../../geometry/point';

/** A line drawn on a piece: where it was, where it is to be, or where it is folded. */
export interface DraftLine {
  readonly label: string;
  readonly kind: 'cut' | 'old' | 'mark';
  readonly points: readonly Point[];
}

/** A pattern piece drawn to scale, mm. */
export interface DraftPiece {
  readonly id: string;
  readonly label: string;
  readonly lines: readonly DraftLine[];
}

/** An adaptation worked out: its pieces and its numbers, in the order they are read out. */
export interface Draft {
  readonly pieces: readonly DraftPiece[];
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly shown: readonly string[];
}

export type Drafted =
  { readonly ok: true; readonly draft: Draft } | { readonly ok: false; readonly sentence: string };

export const refusedDraft = (sentence: string): Drafted => ({ ok: false, sentence });
