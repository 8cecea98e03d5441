import type { Explained, Phrase } from '../explain/explained';
import type { ClothDirection } from '../facts/cloth';
import type { RecoveryVerdict } from './recoveryVerdict';
import type { StretchClass } from './stretchClass';
import type { TensionPart } from './tensionNumbers';

/** What one layer contributes to a stack around the body. */
export interface LayerShare {
  readonly name: string;
  readonly stretch: Explained;
  /** Its part of the tension when the stack is at its comfortable limit. */
  readonly share: Explained;
}

/** What the pulls in one direction say. Number fields are ledger entries; absent where nothing was read. */
export interface DirectionReading {
  readonly stretch: Explained;
  /** Entries for each repeat's stretch, oldest first; empty for a stated percentage. */
  readonly repeats: readonly Explained[];
  readonly growth?: Explained;
  readonly recovery?: Explained;
  readonly neckIn?: Explained;
  /** How much garments of it have grown that way in wear and wash, the mean; less than nothing where they shrank. */
  readonly inWear?: Explained;
  readonly source: 'tested' | 'stated';
  /** Whether the middle repeat counts, or the lowest because they differ too much. */
  readonly counts: 'median' | 'lowest';
  /** How it pulls: one part for a cloth, one for each layer of a stack. */
  readonly parts: readonly TensionPart[];
  /** Why the pulls that were recorded give no curve. */
  readonly curveFault?: string;
}

export interface ClothReading {
  readonly name: string;
  readonly across?: DirectionReading;
  readonly along?: DirectionReading;
  /** The direction of greatest stretch, which goes around the body. */
  readonly around?: ClothDirection;
  readonly stretchClass?: StretchClass;
  readonly verdict: RecoveryVerdict;
  readonly verdictSentence: Phrase;
  readonly refused: readonly { readonly testId: string; readonly sentence: string }[];
  /** Of a stack: what each layer contributes around the body, and the crude rule's answer. */
  readonly layers?: readonly LayerShare[];
  readonly least?: Explained;
}
