import type { Join } from '../elastics/edgeUse';
import type { UseId } from '../facts/edgeUses';
import type { RecoveryVerdict } from '../cloth/recoveryVerdict';
import type { StretchClass } from '../cloth/stretchClass';
import type { Explained, Phrase } from '../explain/explained';
import type { Cloth, ClothDirection } from '../facts/cloth';
import type { Elastic } from '../facts/elastic';
import type { Finding } from '../facts/finding';
import type { BandSchool, EaseSchool, Finish, Garment, MarkChoice, ZoneId } from '../facts/garment';
import type { Machine, MachineSet } from '../facts/machine';
import type { OwnKind } from '../facts/ownKind';
import type { Pattern } from '../facts/pattern';
import type { Axis } from '../garments/garmentKind';
import type { BodyMeasure, Wearer } from '../facts/wearer';

/** Everything a plan is computed from; self-contained. */
export interface GarmentFacts {
  readonly garment: Garment;
  readonly wearer?: Wearer;
  readonly outer?: Cloth;
  readonly band?: Cloth;
  readonly lining?: Cloth;
  /** The cloths that stacks among these are made of, by id. */
  readonly layerCloths?: Readonly<Record<string, Cloth>>;
  readonly pattern?: Pattern;
  readonly ownKind?: OwnKind;
  /** The elastics and findings that its edges name, by id. */
  readonly elastics?: Readonly<Record<string, Elastic>>;
  readonly findings?: Readonly<Record<string, Finding>>;
  /** The set of machines it is sewn on, and those machines, by id. */
  readonly machineSet?: MachineSet;
  readonly machines?: Readonly<Record<string, Machine>>;
  /** Minutes that each step took before, in garments of this kind. */
  readonly runs?: Readonly<Record<string, readonly number[]>>;
  /** What other garments take of those elastics, by id, mm. */
  readonly takenMm?: Readonly<Record<string, number>>;
}

/** The id of a number in `GarmentPlan.numbers`. */
export type NumberId = string;

export const stageIds = ['measure', 'stretch', 'fit', 'bands', 'cut', 'sew', 'wear'] as const;
export type StageId = (typeof stageIds)[number];
export type StageState = 'done' | 'next' | 'attention' | 'open';

export interface MeasurePlan {
  readonly measure: BodyMeasure;
  readonly label: string;
  readonly how: string;
  readonly why: string;
  readonly required: boolean;
  readonly source: 'measured' | 'guessed' | 'default' | 'missing';
  readonly value?: NumberId;
  readonly measuredOn?: string;
  /** Older than is safe for this wearer. */
  readonly old: boolean;
}

export interface DirectionPlan {
  readonly stretch: NumberId;
  readonly repeats: readonly NumberId[];
  readonly growth?: NumberId;
  readonly recovery?: NumberId;
  readonly neckIn?: NumberId;
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

export interface ZoneSchool {
  readonly school: EaseSchool;
  readonly label: string;
  readonly extension: NumberId;
  readonly rest: NumberId;
  readonly low?: NumberId;
  readonly high?: NumberId;
}

/** Whether the cloth follows the skin under a zone in motion. */
export interface MovementPlan {
  readonly label: string;
  readonly needs: NumberId;
  readonly has: NumberId;
  readonly ok: boolean;
  /** Most the zone may be worn at to follow; absent where wearing it looser cannot mend it. */
  readonly most?: NumberId;
}

export interface ZonePlan {
  readonly zone: ZoneId;
  readonly label: string;
  readonly axis: Axis;
  readonly school: EaseSchool;
  /** Why this school and no other. */
  readonly reason: Phrase;
  readonly body: NumberId;
  readonly rest: NumberId;
  readonly smallerBy: NumberId;
  readonly negativeEase: NumberId;
  readonly extension: NumberId;
  readonly stretch: NumberId;
  readonly used: NumberId;
  /** How many times over the cloth has it; absent when nothing is asked. */
  readonly margin?: NumberId;
  readonly limit: NumberId;
  /** The share the slider stands at; absent when the zone is looser than the body. */
  readonly schools: readonly ZoneSchool[];
  readonly stops: readonly { readonly label: string; readonly extension: NumberId }[];
  /** Absent where the cloth's pull is not known, or nothing is asked. */
  readonly pressure?: NumberId;
  /** The pressure as a share of where comfort falls off. */
  readonly ofComfort?: NumberId;
  readonly movement: readonly MovementPlan[];
  readonly drawIn?: NumberId;
  /** Of a one-piece’s loop: its worn extension once the cloth around it draws in. */
  readonly withDrawIn?: NumberId;
  readonly pattern?: PatternPlan;
}

/** A pattern's girth at a zone, and what to change. */
export interface PatternPlan {
  readonly girth: NumberId;
  readonly perSeamEdge: NumberId;
  readonly advice: Phrase;
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

/** What the cutting table has to know of an edge: allowances, turnings, folds, marks. */
export interface EdgeCutting {
  readonly edge: string;
  readonly label: string;
  readonly lines: readonly Phrase[];
}

/** What a lettuce edge makes of its stretch. */
export interface RipplePlan {
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
export interface GathersPlan {
  readonly before: NumberId;
  readonly after: NumberId;
  readonly ratio: NumberId;
  /** What is gathered in each place: all round, or under each bust. */
  readonly each: NumberId;
  readonly where: 'evenly' | 'under each bust';
}

/** A change to the pattern apart from its girths. */
export interface AdjustmentPlan {
  readonly id: string;
  readonly sentence: Phrase;
}

/** The pattern size to cut and what to change. */
export interface SizePlan {
  /** Id and label of the size to cut. */
  readonly cut: string;
  readonly label: string;
  readonly chosen: boolean;
  readonly reason: Phrase;
  readonly zones: readonly {
    readonly zone: ZoneId;
    readonly label: string;
    readonly measure: BodyMeasure;
    readonly nearest: string;
    readonly target: NumberId;
    readonly finished: NumberId;
    readonly perSeamEdge: NumberId;
    readonly advice: Phrase;
  }[];
  readonly adjustments: readonly AdjustmentPlan[];
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

export interface NecklinePlan {
  readonly seamline: NumberId;
  readonly backHalf: NumberId;
  /** The back part was not measured; the shoulder distances are a guess. */
  readonly backAssumed: boolean;
}

export type BandState = 'too short' | 'lies flat' | 'wants steam' | 'stands up';

export interface BandSchoolPlan {
  readonly school: BandSchool;
  readonly label: string;
  readonly length: NumberId;
  readonly low?: NumberId;
  readonly high?: NumberId;
  readonly state: BandState;
  /** The rule takes off more than a quarter of this neckline. */
  readonly extreme: boolean;
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

export interface NeckbandPlan {
  readonly school: BandSchool;
  readonly chosen: NumberId;
  readonly state: BandState;
  /** What is sewn: the chosen length, or the length as cut once it is cut. */
  readonly sewn: NumberId;
  readonly bandStretch: NumberId;
  readonly shortestSewn: NumberId;
  readonly shortestHead: NumberId;
  readonly shortest: NumberId;
  /** Absent where the band is too wide to lie at all. */
  readonly fold?: NumberId;
  readonly liesFlat?: NumberId;
  readonly wantsSteam?: NumberId;
  readonly slack?: NumberId;
  readonly schools: readonly BandSchoolPlan[];
  readonly sewnStretch: NumberId;
  readonly finishedWidth: NumberId;
  /** Finished width to expect once it is stretched on; absent where neck-in is not known. */
  readonly expectedWidth?: NumberId;
  readonly openingInside: NumberId;
  readonly cutLength: TapeLength;
  readonly cutWidth: TapeLength;
  readonly reduction: { readonly exact: NumberId; readonly cm: NumberId; readonly in: NumberId };
  /** How far a quarter mark lies from the shoulder seam it is nearest to. */
  readonly quarter?: NumberId;
  /** Where its ends meet, and whether they lie in the shoulder seam there instead of being joined. */
  readonly join: 'centre back' | 'left shoulder';
  readonly open: boolean;
  /** What each end has beyond the seamline. */
  readonly endAllowance: NumberId;
  readonly marked: MarksPlan;
  /** From its join to the first mark; absent where a mark lies at the join. */
  readonly firstMark?: NumberId;
}

export type StripState = 'too short' | 'works' | 'eased' | 'does not hold';

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
}

/** A length that a strip may not go past, and why. */
export interface StripLimit {
  readonly id: 'sewn' | 'passes' | 'worn' | 'edge' | 'body';
  readonly label: string;
  readonly at: NumberId;
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
  /** Parts of the edge, where the strip is not spread evenly. */
  readonly parts?: readonly { readonly edge: NumberId; readonly band: NumberId }[];
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
  /** What holds for every piece of it: girths to reach, direction. */
  readonly notes: readonly Phrase[];
  readonly rows: readonly TicketRow[];
}

/** A sewing step by itself: everything else about it comes from `planSewing`, when sewing is looked at. */
export interface StepSummary {
  readonly id: string;
  readonly done: boolean;
}

export interface Problem {
  readonly id: string;
  readonly stage: StageId;
  /** `stop`: it cannot work as planned; `look`: it can, with care. */
  readonly severity: 'stop' | 'look';
  readonly sentence: Phrase;
  readonly remedies: readonly Phrase[];
}

/** Something that has to be filled in before a part of the plan exists. */
export interface Need {
  readonly stage: StageId;
  readonly sentence: Phrase;
}

/** The whole plan. Every number in it is an entry of `numbers`; everything else names entries by id. */
export interface GarmentPlan {
  readonly schema: string;
  readonly name: string;
  readonly numbers: Readonly<Record<NumberId, Explained>>;
  readonly measures: readonly MeasurePlan[];
  /** The garment's kind in words. */
  readonly kind: string;
  /** `body` is what goes round the body: the outer cloth, or outer and lining together. */
  readonly cloths: {
    readonly outer?: ClothPlan;
    readonly lining?: ClothPlan;
    readonly body?: ClothPlan;
    readonly band?: ClothPlan;
  };
  readonly checks: readonly CheckPlan[];
  readonly zones: readonly ZonePlan[];
  readonly neckline?: NecklinePlan;
  readonly neckband?: NeckbandPlan;
  readonly edges: readonly EdgePlan[];
  readonly size?: SizePlan;
  readonly openings: readonly OpeningPlan[];
  readonly ticket: readonly TicketGroup[];
  /** What is done at each edge as it is cut and marked. */
  readonly cutting: readonly EdgeCutting[];
  /** In written order, for its usual ways of going about it. */
  readonly steps: readonly StepSummary[];
  readonly problems: readonly Problem[];
  readonly needs: readonly Need[];
  readonly stages: Readonly<Record<StageId, StageState>>;
  readonly next: { readonly stage: StageId; readonly sentence: Phrase };
}

export const PLAN_SCHEMA = 'idle-stretch-plan-1';
