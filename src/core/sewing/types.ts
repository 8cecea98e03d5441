import type { EdgePlan, OpeningPlan } from '../edges/types';
import type { ZonePlan } from '../fit/types';
import type { DiagramId, Place } from './assembly/step';
import type { JobId } from '../machines/seams/jobs';
import type { Explained, Phrase } from '../explain/explained';
import type { DialField } from '../machines/dials';
import type { Setup } from '../facts/setup';
import type { StitchId } from '../facts/stitchIds';
import type { ChecklistItem, SetupChange } from '../machines/changeover';
import type { NumberId } from '../explain/explained';
import type { WayCost } from './ordering';

/** What sewing takes of a garment’s plan. */
export interface PlanToSew {
  readonly numbers: Readonly<Record<NumberId, Explained>>;
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
  readonly openings: readonly OpeningPlan[];
  /** How long one row of a seam is on the outlines, by the seam. */
  readonly pieces: { readonly rows: Readonly<Record<string, NumberId>> };
}

/** A sewing step by itself: everything else about it comes from `planSewing`, when sewing is looked at. */
export interface StepSummary {
  readonly id: string;
  readonly done: boolean;
}

/** A row of stitches against what it must reach. */
interface RowPlan {
  readonly needs: NumberId;
  readonly gives: NumberId;
  readonly margin: NumberId;
  readonly ok: boolean;
  /** By a swatch of one's own, not by the model. */
  readonly measured: boolean;
  readonly askedBy: Phrase;
  /** Whether the body told what it must reach; else it is what such rows usually are asked. */
  readonly asked: boolean;
}

/** Another stitch for a step, with what it gives and costs. */
export interface OtherStitch {
  readonly stitch: StitchId;
  readonly name: string;
  readonly machineId?: string;
  readonly machine: string;
  readonly gives: NumberId;
  readonly ok: boolean;
  /** Margin in shares of stretch, and minutes more or less: passes, and a setup nothing else here wants. */
  readonly margin: NumberId;
  readonly minutes: NumberId;
}

export interface StepPlan {
  readonly id: string;
  readonly title: Phrase;
  readonly lines: readonly Phrase[];
  /** How it lies, which way it goes, how it ends: one line each. */
  readonly tells: readonly { readonly label: string; readonly text: Phrase }[];
  readonly check: Phrase;
  readonly cautions: readonly string[];
  readonly minutes: NumberId;
  /** Of how many runs the minutes are the median, and from the shortest to the longest. */
  readonly learned?: { readonly runs: NumberId; readonly least: NumberId; readonly most: NumberId };
  readonly place: Place;
  readonly station: string;
  readonly job?: JobId;
  readonly stitch?: StitchId;
  readonly machineId?: string;
  /** The setup it is sewn with, of `setups`. */
  readonly setup?: string;
  readonly pinned: boolean;
  readonly row?: RowPlan;
  readonly others: readonly OtherStitch[];
  readonly diagram?: DiagramId;
  readonly tryOn: boolean;
  /** What must come before, by id. */
  readonly after: readonly string[];
  readonly passes: readonly string[];
  readonly takesOut?: string;
  readonly temporary: boolean;
  readonly done: boolean;
  /** What has to be changed on its machine when it is sewn in this order. */
  readonly change: readonly ChecklistItem[];
  readonly changeMinutes: number;
}

export interface SetupPlan {
  readonly id: string;
  readonly machineId: string;
  readonly machine: string;
  readonly stitch: StitchId;
  readonly name: string;
  readonly iso?: string;
  readonly setup: Setup;
  /** Its dials that count, in the order in which they are read. */
  readonly dials: readonly { readonly field: DialField; readonly at: NumberId }[];
  readonly gives: NumberId;
  /** A card of one's own is what it follows. */
  readonly card?: { readonly id: string; readonly sewnOn: string };
  readonly note?: string;
}

export interface ThreadPlan {
  readonly id: string;
  readonly label: string;
  readonly needs: NumberId;
  readonly spools: NumberId;
  readonly each: NumberId;
  readonly thread?: string;
  readonly onHand?: NumberId;
  readonly enough?: boolean;
}

export interface OrderPlan {
  readonly ids: readonly string[];
  readonly changeMinutes: NumberId;
  readonly changes: NumberId;
  readonly moves: NumberId;
  readonly provedChanges: boolean;
  readonly provedMoves: boolean;
  readonly leastMoves: number;
}

export interface SewingPlan {
  readonly numbers: Readonly<Record<NumberId, Explained>>;
  /** In the order to sew: what is done first. */
  readonly steps: readonly StepPlan[];
  /** The order that is followed, the best one, and that of the sheet. */
  readonly order: OrderPlan;
  readonly best: OrderPlan;
  readonly written: OrderPlan;
  /** Pairs of step ids that the order followed breaks: the first should come before the second. */
  readonly broken: readonly (readonly [string, string])[];
  readonly own: boolean;
  readonly minutesLeft: NumberId;
  readonly setups: readonly SetupPlan[];
  /** Rows of stitches, the one with the least margin first, by step id. */
  readonly pops: readonly string[];
  readonly threads: readonly ThreadPlan[];
  readonly ways: readonly WayCost[];
  /** What has to go back on each machine when all is sewn. */
  readonly putBack: readonly {
    readonly machineId: string;
    readonly machine: string;
    readonly changes: readonly SetupChange[];
  }[];
  readonly helps: readonly string[];
  readonly needle: string;
  /** Where each machine and place is, in words, by station. */
  readonly stations: Readonly<Record<string, string>>;
}
