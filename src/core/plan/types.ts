import type { RecoveryVerdict } from '../cloth/recoveryVerdict';
import type { StretchClass } from '../cloth/stretchClass';
import type { Explained, Phrase } from '../explain/explained';
import type { Cloth, ClothDirection } from '../facts/cloth';
import type { BandSchool, EaseSchool, Finish, Garment, ZoneId } from '../facts/garment';
import type { OwnKind } from '../facts/ownKind';
import type { Pattern } from '../facts/pattern';
import type { Axis } from '../garments/garmentKind';
import type { BodyMeasure, Wearer } from '../facts/wearer';
import type { MachineRole, StitchId } from '../seams/stitches';

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
  readonly length?: NumberId;
  /** The opening it makes, and whether that is closed and so has to pass something. */
  readonly opening?: string;
  readonly closed: boolean;
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
  readonly parts: readonly {
    readonly label: string;
    readonly needs: NumberId;
    readonly gives: NumberId;
    readonly ok: boolean;
  }[];
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
  readonly alongNeck: NumberId;
  readonly alongBand: NumberId;
  /** In front of the nearer shoulder seam; behind when negative. */
  readonly fromShoulder: NumberId;
  /** From the nearer of centre back and centre front. */
  readonly fromCentre: NumberId;
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
  readonly marks: readonly BandMark[];
  readonly markCount: NumberId;
  readonly neckSegment: NumberId;
  readonly bandSegment: NumberId;
}

export interface TicketRow {
  readonly id: string;
  readonly label: string;
  readonly count: NumberId;
  readonly length?: TapeLength;
  readonly width?: TapeLength;
  readonly details: readonly Phrase[];
  readonly cut?: {
    readonly on: string;
    readonly length?: NumberId;
    readonly width?: NumberId;
    readonly changed?: Phrase;
  };
}

export interface TicketGroup {
  readonly role: 'outer' | 'lining' | 'band' | 'stay';
  readonly material: Phrase;
  /** What holds for every piece of it: girths to reach, direction. */
  readonly notes: readonly Phrase[];
  readonly rows: readonly TicketRow[];
}

export interface SetupPlan {
  readonly stitch: StitchId;
  readonly name: string;
  readonly iso: string;
  readonly machine: MachineRole;
  readonly settings: readonly { readonly label: string; readonly value?: NumberId; readonly word?: string }[];
  readonly gives: NumberId;
}

export interface StepPlan {
  readonly id: string;
  readonly title: Phrase;
  readonly lines: readonly Phrase[];
  readonly check: Phrase;
  readonly cautions: readonly string[];
  readonly minutes: NumberId;
  readonly stitch?: StitchId;
  /** What the seam must reach, and whether its stitch does; absent where nothing is asked of it. */
  readonly seam?: { readonly needs: NumberId; readonly gives: NumberId; readonly ok: boolean };
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
  readonly setups: readonly SetupPlan[];
  readonly steps: readonly StepPlan[];
  readonly problems: readonly Problem[];
  readonly needs: readonly Need[];
  readonly stages: Readonly<Record<StageId, StageState>>;
  readonly next: { readonly stage: StageId; readonly sentence: Phrase };
}

export const PLAN_SCHEMA = 'idle-stretch-plan-1';
