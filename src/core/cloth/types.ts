import type { RecoveryVerdict } from './recoveryVerdict';
import type { StretchClass } from './stretchClass';
import type { Phrase, NumberId } from '../explain/explained';
import type { ClothDirection } from '../facts/cloth';

export interface DirectionPlan {
  readonly stretch: NumberId;
  readonly repeats: readonly NumberId[];
  readonly growth?: NumberId;
  readonly recovery?: NumberId;
  readonly neckIn?: NumberId;
  readonly inWear?: NumberId;
  readonly source: 'tested' | 'stated';
  readonly counts: 'median' | 'lowest';
  /** Tension at its comfortable stretch and how steeply it stiffens, where it has a pull curve. */
  readonly tension?: NumberId;
  readonly k?: NumberId;
  readonly curveFault?: string;
}

export interface ClothPlan {
  readonly name: string;
  readonly across?: DirectionPlan;
  readonly along?: DirectionPlan;
  readonly around?: ClothDirection;
  readonly stretchClass?: StretchClass;
  readonly verdict: RecoveryVerdict;
  readonly verdictSentence: Phrase;
  readonly refused: readonly { readonly testId: string; readonly sentence: string }[];
  /** Of a stack: each layer's stretch and its part of the pull, and the crude rule's answer. */
  readonly layers?: readonly {
    readonly name: string;
    readonly stretch: NumberId;
    readonly share: NumberId;
  }[];
  readonly least?: NumberId;
}

/** One thing the garment asks of its cloth. `margin` is how many times over it is there. */
export interface CheckPlan {
  readonly id: string;
  readonly label: string;
  readonly state: 'ok' | 'short' | 'unknown';
  /** What it means when it is short: it cannot work, or it can with care. */
  readonly severity: 'stop' | 'look';
  readonly needs?: NumberId;
  readonly has?: NumberId;
  readonly margin?: NumberId;
  readonly sentence: Phrase;
  readonly remedies: readonly Phrase[];
}
