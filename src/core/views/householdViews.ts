import type { RecordKind } from '../facts/records';

/** Where a copy is that is to be looked at or brought back: sent by the browser, or one of the dated ones. */
export type CopySource = { readonly incoming: string } | { readonly copy: string };

/** A record that is in a copy and here, and not the same. */
export interface Differing {
  readonly kind: RecordKind;
  readonly id: string;
  readonly name: string;
  /** What it is called in the copy. */
  readonly nameThere: string;
  readonly changedHere: string;
  readonly changedThere: string;
  /** What the fields are called that differ. */
  readonly fields: readonly string[];
}

/** What bringing a copy back would do. */
export interface CopyReport {
  readonly madeAt: string;
  /** What is not here: it comes back. */
  readonly fresh: readonly { readonly kind: RecordKind; readonly name: string }[];
  readonly differing: readonly Differing[];
  /** Records that are the same in both. */
  readonly same: number;
  /** Records that are only here: they stay. */
  readonly onlyHere: number;
  readonly photos: number;
}

/** Where the household lies and what copies there are. */
export interface HouseholdView {
  readonly path: string;
  readonly copiesFolder: string;
  readonly records: number;
  readonly photos: number;
  readonly photoBytes: number;
  readonly strayPhotos: number;
  /** The newest first. */
  readonly copies: readonly { readonly day: string; readonly bytes: number }[];
}

/** What bringing a table in would do. */
export interface TableReport {
  readonly fresh: readonly string[];
  readonly changed: readonly { readonly name: string; readonly labels: readonly string[] }[];
  /** Rows that say what is here already. */
  readonly same: number;
}
