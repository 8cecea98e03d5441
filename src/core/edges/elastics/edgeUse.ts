import type { ClothDirection } from '../../facts/cloth';
import type { ElasticKind } from '../../facts/elastic';
import type { Finish, UseId } from '../../facts/edgeUses';
import type { Mark } from '../../explain/explained';

/** How a rule gets from what was measured to a length. Ratios are strip ÷ what it is taken of. */
export type LengthRule =
  | { readonly by: 'edge'; readonly ratio: number; readonly low?: number; readonly high?: number }
  | { readonly by: 'body'; readonly ratio: number; readonly low?: number; readonly high?: number }
  /** Each part of the edge at its own ratio; parts that are not named lie at rest. */
  | { readonly by: 'sections'; readonly ratios: Readonly<Record<string, number>> }
  /**
   * A fixed length off the edge; `asCut` where the rule speaks of the cut length, joins in it. With a range it is no
   * rule for an edge that is shorter than what it takes off most: `low` of the shortest strip.
   */
  | {
      readonly by: 'edge-less';
      readonly mm: number;
      readonly asCut?: true;
      readonly low?: number;
      readonly high?: number;
    }
  /** As a folded strip lies flat on the curve, by its width. */
  | { readonly by: 'fold' }
  /** A share of the edge that goes by how far the strip stretches. */
  | { readonly by: 'own-stretch' }
  /** A wanted resting length, the body less a fixed length: what it grows as it is sewn comes off. */
  | { readonly by: 'body-less'; readonly mm: number; readonly unmeasuredGrowthMm: number }
  /** Snug on the body by a share of the strip's own stretch. */
  | { readonly by: 'share'; readonly share: number }
  /** The body's measure as it is worn, and room to adjust. */
  | { readonly by: 'body-and-room' }
  | { readonly by: 'fixed'; readonly mm: number };

export interface RuleOfThumb {
  readonly id: string;
  readonly label: string;
  readonly mark: Mark;
  readonly rule: LengthRule;
}

export type Join = 'butted' | 'overlapped' | 'seamed' | 'open';

/** One strip that a use takes: of the band's cloth, of the garment's own, or an elastic. */
export interface StripSpec {
  readonly of: 'band' | 'outer' | 'elastic';
  readonly label: string;
  /** The first is the default. */
  readonly rules: readonly [RuleOfThumb, ...RuleOfThumb[]];
  /** Why that default. */
  readonly why: string;
  readonly join: Join;
  /** The overlap, or the allowance of the seam; absent: the garment's seam allowance. */
  readonly joinMm?: number;
  readonly tailMm?: number;
  /** It goes round the body and holds by being shorter than it. */
  readonly holds?: true;
  /** Cut longer than needed and trimmed as it is sewn. */
  readonly spareMm?: number;
  /** How its fold lies on the curve says what is too long. */
  readonly lies?: true;
  /** Which way of its cloth it runs until told; absent: the greatest stretch. */
  readonly way?: ClothDirection;
  /** Id of its row on the ticket, where that is not made from its edge. */
  readonly row?: string;
  readonly width: 'elastic' | 'folded' | 'waistband' | 'casing' | 'binding' | 'facing' | 'strap';
}

/** What is sewn to an edge and how. */
export interface EdgeUse {
  readonly id: UseId;
  readonly finish: Finish;
  readonly label: string;
  readonly about: string;
  readonly strips: readonly StripSpec[];
  /** Elastics that suit it, the usual first, with the widths it takes, mm. */
  readonly kinds?: readonly [ElasticKind, ...ElasticKind[]];
  readonly widthsMm?: readonly [number, number];
  readonly usualWidthMm?: number;
  /** Finished width of its cloth, until one is chosen, mm (common practice, no source). */
  readonly finishedMm?: number;
  /** Lies against the skin: plush or picot, no stiff weave. */
  readonly onSkin?: true;
  /** What its length comes from where that is not the edge itself. */
  readonly measured?: 'between rings' | 'shoulder seam' | 'not at all';
  /**
   * What it takes of the pattern's allowance, where that is told: turned over the elastic (its width and a little),
   * that of a seam, or none.
   */
  readonly allowance?: 'turned' | 'seam' | 'none';
  /** Parts its cloth is cut in until told. */
  readonly parts?: number;
  /** Laid into a seam to hold it at rest; not marked, not joined. */
  readonly stays?: true;
  /** Basted and tried on in rounds before it is sewn. */
  readonly triedOn?: true;
  /** Band and elastic are basted together before they go on. */
  readonly basted?: true;
  /** A band at the waist: pressed to the legs, held down by a second row where that is wanted. */
  readonly atWaist?: true;
  /** Has room to adjust, and a tab for its ring. */
  readonly adjusts?: true;
  /** Cups may be sewn in above it. */
  readonly cups?: true;
  /** Its edge ripples: it is overcast while it is stretched. */
  readonly ripples?: true;
  /** Its edge is turned up and hemmed. */
  readonly turnsUp?: true;
  /** The garment's edge is gathered onto its strip, not onto the edge's own length. */
  readonly gathersOntoStrip?: true;
  /** A strap: its second end is held only once it was tried on. */
  readonly heldLast?: true;
  /** It comes down once the band under it draws. */
  readonly comesDown?: true;
  /** Rings and sliders for each strip. */
  readonly hardware?: { readonly rings: number; readonly sliders: number };
  readonly hook?: true;
  /** Shown where the strip is planned. */
  readonly caution?: string;
}
