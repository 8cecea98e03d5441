import type { Phrase, NumberId } from '../explain/explained';
import type { EaseSchool, ZoneId } from '../facts/garment';
import type { Axis } from './garmentKind';
import type { Offered } from './schools';
import type { LearnedAt } from '../learn/learned';
import type { BodyMeasure } from '../facts/wearer';

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

export interface ZoneSchool {
  readonly school: EaseSchool | Offered;
  readonly label: string;
  readonly extension: NumberId;
  readonly rest: NumberId;
  readonly low?: NumberId;
  readonly high?: NumberId;
  /** What it was learned from. */
  readonly learned?: LearnedAt;
  /** How much its cloth grows in wear. */
  readonly inWear?: NumberId;
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
  /** What it asks of the cloth as it is; absent where its girth comes out of a size table. */
  readonly extension?: NumberId;
  readonly advice: Phrase;
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
