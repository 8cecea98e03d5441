import type { Explained } from '../../explain/explained';
import type { KindId } from '../../facts/kindIds';
import type { Shapes } from '../../facts/outline';
import type { Path } from '../../geometry/path';
import type { Point } from '../../geometry/point';
import { flattened } from '../../geometry/ring';
import { isAsItsKind, pathOfEdge, type Outlines } from '../../pieces/outline';

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

/** Outlines that an adaptation made, fit to be kept as a pattern of a kind. */
export interface MadePieces {
  readonly kind: KindId;
  readonly shapes: Shapes;
}

/** An adaptation worked out: its pieces and its numbers, in the order they are read out. */
export interface Draft {
  readonly pieces: readonly DraftPiece[];
  readonly numbers: Readonly<Record<string, Explained>>;
  readonly shown: readonly string[];
  /** Where it was drawn on real outlines, and gives pieces of a kind. */
  readonly made?: MadePieces;
}

export type Drafted =
  { readonly ok: true; readonly draft: Draft } | { readonly ok: false; readonly sentence: string };

export const refusedDraft = (sentence: string): Drafted => ({ ok: false, sentence });

/** A line out of paths that follow each other. */
export const lineAlong = (label: string, kind: DraftLine['kind'], ...paths: readonly Path[]): DraftLine => ({
  label,
  kind,
  points: paths.flatMap((path, nth) => flattened(path).slice(nth === 0 ? 0 : 1)),
});

/** How an adaptation is drawn on the outlines of a pattern. */
export interface OnPieces<F> {
  /** Kinds of garment whose pieces it works on. */
  readonly kinds: readonly KindId[];
  /** What the outlines tell, which nobody types then, mm and radians; a sentence where a piece is missing. */
  readonly measure: (outlines: Outlines, kind: KindId) => Partial<F> | string;
  readonly draft: (facts: F, outlines: Outlines, kind: KindId) => Drafted;
}

/** An edge of a piece by its id. Throws where the piece has none (misuse). */
export function edgePath(outlines: Outlines, piece: string, id: string): Path {
  const outline = outlines[piece];
  const path = outline && pathOfEdge(outline, id);
  if (!path) throw new Error(`expected the edge "${id}" of "${piece}", got none`);
  return path;
}

/** A sentence where an outline is missing, or was drawn whole. */
export function missing(outlines: Outlines, pieces: readonly string[]): string | undefined {
  const lacking = pieces.filter((id) => outlines[id] === undefined);
  if (lacking.length > 0) return `Trace these pieces first: ${lacking.join(', ')}.`;
  const whole = pieces.filter((id) => {
    const outline = outlines[id];
    return outline && !isAsItsKind(outline);
  });
  return whole.length > 0 ? `Trace half of the ${whole.join(' and the ')}, with its fold.` : undefined;
}
