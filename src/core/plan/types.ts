import type { DraftPlan } from '../blocks/planDraft';
import type { ChangedEdge } from './refashion';
import type { StepSummary } from '../sewing/types';
import type { Explained, Phrase, NumberId } from '../explain/explained';
import type { StageId, StageState, Problem, Need } from '../explain/problem';
import type { ClothPlan, CheckPlan } from '../cloth/types';
import type { MeasurePlan, ZonePlan, SizePlan } from '../fit/types';
import type { EdgePlan, OpeningPlan } from '../edges/types';
import type { PiecesAndTyped } from '../pieces/apart';
import type { EdgeCutting, TicketGroup } from '../ticket/types';

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
  readonly edges: readonly EdgePlan[];
  /** Measured on the outlines of its pieces. */
  readonly pieces: PiecesAndTyped;
  readonly size?: SizePlan;
  /** How its pieces were drafted from measures, where they are. */
  readonly draft?: DraftPlan;
  readonly openings: readonly OpeningPlan[];
  /** What becomes of each edge that changes, of a garment that is made already. */
  readonly changed?: readonly ChangedEdge[];
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

export const PLAN_SCHEMA = 'idle-stretch-plan-2';
