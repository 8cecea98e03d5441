import type { Explained, Phrase } from '../explain/explained';
import type { Fitting, Tried } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { OwnKind } from '../facts/ownKind';
import type { StoredRecord } from '../facts/records';
import type { ClothRole } from '../facts/layout';
import type { ClothPiece } from '../onCloth/garmentPieces';
import type { CopyRow } from '../onCloth/together';
import type { NoteAtStep } from '../log/notesAt';
import type { LogEntry } from './logViews';
import type { StageId, StageState } from '../explain/problem';

/** What the server hands to a page: types only, so that browser and server agree on them. */

/** A garment in a list: where it stands and what to do next, computed from its facts. */
export interface GarmentLine {
  readonly id: string;
  readonly name: string;
  /** The garment's kind in words. */
  readonly kind: string;
  readonly wearer: string | undefined;
  readonly cloths: readonly string[];
  readonly stages: Readonly<Record<StageId, StageState>>;
  readonly nextStage: StageId;
  readonly next: Phrase;
  /** The numbers `next` speaks of. */
  readonly numbers: Readonly<Record<string, Explained>>;
  /** Stages at which it cannot work as planned. */
  readonly blockedAt: readonly StageId[];
  readonly finished: boolean;
  /** The machine setup the next step wants, in words; absent when it wants none. */
  readonly setup: string | undefined;
  /** Steps sewn and steps in all. */
  readonly sewn: readonly [number, number];
  readonly minutesLeft: number;
  readonly lastNote: string | undefined;
  readonly updatedAt: string;
}

/** The garment a pattern is traced for: its style and its own kind say which pieces there are. */
export interface TracedFor {
  readonly id: string;
  readonly name: string;
  readonly style: Garment['style'];
  readonly ownKind?: OwnKind | undefined;
  /** The size that was chosen for it. */
  readonly sizeId?: string | undefined;
}

export interface Choice {
  readonly id: string;
  readonly name: string;
}

/** What came out of an earlier garment, shown again when the next is planned. */
export interface EarlierFitting {
  readonly garmentId: string;
  readonly garment: string;
  readonly sameWearer: boolean;
  readonly sameCloth: boolean;
  readonly fitting: Fitting;
}

export interface GarmentView {
  readonly garment: StoredRecord<'garment'>;
  /** Every record the garment names, and the cloths of the stacks among them. */
  readonly records: readonly StoredRecord[];
  readonly wearers: readonly Choice[];
  readonly cloths: readonly Choice[];
  readonly patterns: readonly Choice[];
  readonly elastics: readonly StoredRecord<'elastic'>[];
  readonly findings: readonly StoredRecord<'finding'>[];
  /** Every machine and set of machines of the household. */
  readonly machines: readonly StoredRecord<'machine'>[];
  readonly machineSets: readonly StoredRecord<'machineSet'>[];
  /** Other garments, to be sewn together with it. */
  readonly garments: readonly Choice[];
  /** Minutes each step took before, in garments of this kind. */
  readonly runs: Readonly<Record<string, readonly number[]>>;
  /** What other garments take of each elastic, mm. */
  readonly takenMm: Readonly<Record<string, number>>;
  /** What its wearer answered of other garments of its kind. */
  readonly tried: Tried | undefined;
  readonly earlier: readonly EarlierFitting[];
  /** What was noted for next time of its wearer, cloths, pattern, machines, and of its kind. */
  readonly nextTime: readonly LogEntry[];
  /** What was noted at the steps of other garments of its kind, by the step. */
  readonly notedAtSteps: Readonly<Record<string, readonly NoteAtStep[]>>;
  readonly today: string;
}

/** A garment with what is cut of it from cloth. */
export interface GarmentOnCloth {
  readonly record: StoredRecord<'garment'>;
  /** See `layoutBasis`. */
  readonly basis: string;
  readonly cloths: readonly {
    readonly role: ClothRole;
    readonly pieces: readonly ClothPiece[];
    /** How many of its pieces have neither an outline nor a size. */
    readonly unknown: number;
    /** The rows of its ticket that copies of the pieces are cut for. */
    readonly copies: readonly CopyRow[];
  }[];
}

/** A place or record the jump box can go to. */
export interface JumpTarget {
  readonly href: string;
  readonly label: string;
  readonly what: string;
}

/** Something small that would make a plan safer. */
export interface WorthAMinute {
  readonly sentence: string;
  readonly action: string;
  readonly href: string;
}
