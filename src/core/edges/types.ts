import type { Join } from './elastics/edgeUse';
import type { Finish, UseId } from '../facts/edgeUses';
import type { Phrase, NumberId } from '../explain/explained';
import type { ClothDirection } from '../facts/cloth';
import type { MarkChoice } from '../facts/garment';
import type { LearnedAt } from '../learn/learned';

export interface EdgePlan {
  readonly id: string;
  readonly label: string;
  readonly finish: Finish;
  readonly use: UseId;
  readonly length?: NumberId;
  readonly strips: readonly StripPlan[];
  /** What its construction asks of the allowance, against what is drawn. */
  readonly allowance?: {
    readonly wanted: NumberId;
    readonly drawn: NumberId;
    readonly add: NumberId;
    /** How much longer the opening gets where nothing is added. */
    readonly grows?: NumberId;
  };
  readonly ripple?: RipplePlan;
  readonly gathers?: GathersPlan;
  readonly hem?: { readonly depth: NumberId; readonly seamline?: NumberId };
  /** How far an asymmetric top's extra strap comes down once the band draws it. */
  readonly drop?: NumberId;
  /** Why something chosen for it does not go together. */
  readonly mismatches: readonly Phrase[];
  /** What is missing before it can be worked out, as something to do; without a full stop. */
  readonly missing?: Phrase;
  /** The opening it makes, and whether that is closed and so has to pass something. */
  readonly opening?: string;
  readonly closed: boolean;
}

/** What a lettuce edge makes of its stretch. */
interface RipplePlan {
  readonly sewnAt: NumberId;
  /** Most the edge may be stretched as it is overcast, across and along the cloth. */
  readonly across?: NumberId;
  readonly along?: NumberId;
  /** Edge once overcast, for each length of cloth: across, and where it runs along. */
  readonly fullnessAcross?: NumberId;
  readonly fullnessAlong?: NumberId;
  readonly least: Phrase;
}

/** An edge gathered onto something shorter. */
interface GathersPlan {
  readonly before: NumberId;
  readonly after: NumberId;
  readonly ratio: NumberId;
  /** What is gathered in each place: all round, or under each bust. */
  readonly each: NumberId;
  readonly where: 'evenly' | 'under each bust';
}

export interface OpeningPlan {
  readonly id: string;
  readonly label: string;
  readonly passesWhat: string;
  readonly opening: NumberId;
  readonly passes: NumberId;
  readonly needs: NumberId;
  /** Everything along it that must follow: what it must give, and what it does. */
  readonly parts: readonly OpeningPart[];
  readonly ok: boolean;
}

/** Cloth, a band or elastic, or a row of stitches along an opening. */
export interface OpeningPart {
  readonly kind: 'cloth' | 'strip' | 'stitch';
  readonly label: string;
  readonly needs: NumberId;
  readonly gives: NumberId;
  readonly ok: boolean;
}

/** A length to cut: as computed, and rounded for either tape. */
export interface TapeLength {
  readonly exact: NumberId;
  readonly cm: NumberId;
  readonly in: NumberId;
}

export interface BandMark {
  readonly label: string;
  readonly side: 'left' | 'right' | 'middle';
  readonly alongEdge: NumberId;
  readonly alongBand: NumberId;
  /** Past each seam that crosses the edge, the shorter way; before it when negative. */
  readonly fromSeams: readonly { readonly label: string; readonly mm: NumberId }[];
  /** From the nearer of the edge's start and its half. */
  readonly fromCentre: NumberId;
}

/** Marks on an edge and its band. */
export interface MarksPlan {
  readonly marks: readonly BandMark[];
  readonly markCount: NumberId;
  readonly edgeSegment: NumberId;
  readonly bandSegment: NumberId;
  /** The same band between any two marks. */
  readonly even: boolean;
  readonly start: string;
  readonly middle: string;
  readonly open: boolean;
  /** Seams that cross the edge, from its start. */
  readonly seams: readonly { readonly label: string; readonly at: NumberId }[];
}

export type StripState =
  'too short' | 'works' | 'eased' | 'does not hold' | 'lies flat' | 'wants steam' | 'stands up';

/** One rule's length for a strip. */
export interface StripRulePlan {
  readonly id: string;
  readonly label: string;
  readonly length: NumberId;
  readonly low?: NumberId;
  readonly high?: NumberId;
  readonly state: StripState;
  /** It takes off more than a quarter of what it is taken of. */
  readonly extreme: boolean;
  /** What it was learned from. */
  readonly learned?: LearnedAt;
}

/** A length that a strip may not go past, and why. */
export interface StripLimit {
  readonly id: 'sewn' | 'passes' | 'worn' | 'edge' | 'body' | 'flat' | 'steam';
  readonly label: string;
  readonly at: NumberId;
}

/** How the fold of a folded strip lies on a curved edge. */
export interface FoldPlan {
  /** Finished width as wished for; as it comes out once the strip is stretched on; how far inside the cut edge it lies. */
  readonly width: NumberId;
  readonly finished: NumberId;
  readonly inside: NumberId;
  /** Absent where the strip is too wide to lie at all. */
  readonly lies?: {
    readonly edge: NumberId;
    readonly flat: NumberId;
    readonly steam: NumberId;
    readonly slack: NumberId;
  };
}

/** A part of an edge with the strip that goes on it. */
export interface StripSection {
  readonly id: string;
  readonly label: string;
  readonly edge: NumberId;
  readonly ratio: NumberId;
  readonly strip: NumberId;
}

/** A band, binding, facing or elastic sewn to an edge. */
export interface StripPlan {
  readonly id: string;
  readonly edge: string;
  readonly label: string;
  readonly of: 'band' | 'outer' | 'elastic';
  readonly elasticId?: string;
  /** Which way of its cloth it runs. */
  readonly way?: ClothDirection;
  readonly material: Phrase;
  /** The elastic was not chosen, or nobody pulled it: what is usual stands in. */
  readonly assumed?: Phrase;
  /** The edge's seamline it goes on, or the strip it is as long as. */
  readonly on: NumberId;
  readonly onWhat: string;
  readonly rules: readonly StripRulePlan[];
  readonly rule: string;
  readonly why: string;
  readonly chosen: NumberId;
  readonly state: StripState;
  readonly stretch?: NumberId;
  readonly shortestBy: readonly StripLimit[];
  readonly longestBy: readonly StripLimit[];
  readonly shortest?: NumberId;
  readonly longest?: NumberId;
  /** As it is sewn: the chosen length, or as cut less its join. */
  readonly sewn: NumberId;
  /** How far it is stretched while it is sewn, under zero where the edge is stretched onto it; not of straps. */
  readonly sewnStretch?: NumberId;
  readonly growth?: NumberId;
  /** Its resting length once sewn on, and how it is worn. */
  readonly resting?: NumberId;
  readonly body?: NumberId;
  readonly worn?: NumberId;
  readonly pressure?: NumberId;
  readonly force?: NumberId;
  readonly shorter?: { readonly exact: NumberId; readonly cm: NumberId; readonly in: NumberId };
  readonly join: Join;
  readonly adds: NumberId;
  readonly cutLength: TapeLength;
  readonly cutWidth?: TapeLength;
  readonly fold?: FoldPlan;
  /** How its fold lies says what is too long, not its edge. */
  readonly byFold?: true;
  /** Where its ends meet, of a band on a neck; and that they lie in the seam there instead of being joined. */
  readonly meetsAt?: string;
  readonly endsInSeam?: true;
  /** Cut in this many parts each. */
  readonly parts: NumberId;
  /** The ticket's rows for it, one for each side. */
  readonly rows: readonly string[];
  readonly sections: readonly StripSection[];
  /** How it is marked; the marks themselves come from `marksOf`, when they are looked at. */
  readonly marking?: MarkingPlan;
}

/** What an edge and its strip are marked by. */
export interface MarkingPlan {
  readonly choice: MarkChoice;
  readonly start: string;
  readonly middle: string;
  readonly open: boolean;
  readonly seams: readonly { readonly label: string; readonly at: NumberId }[];
  /** Where its join lies on the edge, where that is not the edge’s start. */
  readonly join?: NumberId;
  /** Parts of the edge, where the strip is not spread evenly. */
  readonly parts?: readonly { readonly edge: NumberId; readonly band: NumberId }[];
}
