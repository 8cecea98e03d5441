import type { TensionPart } from '../../cloth/tensionNumbers';
import type { EdgeUse, StripSpec } from '../elastics/edgeUse';
import type { Explained, Phrase } from '../../explain/explained';
import type { Ledger } from '../../explain/ledger';
import type { ClothDirection } from '../../facts/cloth';
import type { EdgeChoice } from '../../facts/garment';
import type { Edge, GarmentKind } from '../../fit/garmentKind';
import type { EdgeFacts } from '../edgeInputs';

/** What one strip of an edge is planned from. */
export interface StripInputs {
  readonly book: Ledger;
  /** Prefix of the strip's ids. */
  readonly id: string;
  readonly facts: EdgeFacts;
  readonly kind: GarmentKind;
  readonly edge: Edge;
  readonly use: EdgeUse;
  readonly spec: StripSpec;
  readonly choice: EdgeChoice | undefined;
  /** It lies in or on the edge's first strip. */
  readonly second: boolean;
  /** The use has an elastic beside its cloth. */
  readonly hasElastic: boolean;
  readonly ring: boolean;
  /** Width of the elastic in or on it, mm: its own, or as usual here. */
  readonly elasticMm: number;
  /** The size that is cut, for what the pattern prints. */
  readonly size: string | undefined;
  /** It goes on while a seam that crosses the edge is open: its ends lie in that seam. */
  readonly endsInSeam: boolean;
  readonly passes: { readonly girth: Explained; readonly what: string } | undefined;
}

/** What a strip is made of, as numbers. */
export interface StripMaterial {
  readonly words: Phrase;
  readonly elasticId?: string;
  readonly way?: ClothDirection;
  readonly assumed?: Phrase;
  readonly stretch?: Explained;
  /** By what share of its extension its cloth draws in. */
  readonly neckIn?: Explained;
  readonly growth?: Explained;
  readonly parts: readonly TensionPart[];
  readonly widthMm: number;
}
