/** Where a value comes from; carried beside every value in plan, page and test. */
export type Mark =
  'S' | 'S, from memory' | 'T' | 'T, from memory' | 'D' | 'measured' | 'chosen' | 'default' | 'own record';

/** What a number counts: `mm` a length on the tape, `dialMm` a machine dial in mm in either unit system. */
export type Quantity =
  | 'mm'
  | 'share'
  | 'rad'
  | 'ratio'
  | 'count'
  | 'dialMm'
  | 'dial'
  | 'minutes'
  | 'gsm'
  | 'needle'
  | 'gram'
  | 'nPerM'
  | 'areaMm2'
  | 'newton'
  | 'pa';

/** One input of a formula: a leaf with its own mark, or another explained number named by `of`. */
export interface Term {
  readonly label: string;
  readonly value: number;
  readonly unit: Quantity;
  readonly mark?: Mark;
  readonly of?: string;
}

/** A computed number with everything needed to redo it on a calculator. */
export interface Explained {
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly unit: Quantity;
  /** An arithmetic expression over the names in `terms`; lengths in mm, angles in radians, shares as fractions. */
  readonly formula: string;
  readonly terms: Readonly<Record<string, Term>>;
  readonly mark: Mark;
  /** A published source or a word on why, where there is one. */
  readonly note?: string;
  /** The term that moves the value most when it is 1 % larger, and by how much; absent where nothing does. */
  readonly sensitivity?: { readonly term: string; readonly change: number };
}

/** A sentence with numbers in it: plain words, names a person typed, and numbers by id. Never a literal digit. */
export type Phrase = readonly (string | NumberPart | { readonly name: string })[];

/** A number in a sentence by its id; with a side it is rounded that way, so that what is advised still holds. */
export interface NumberPart {
  readonly n: string;
  /** Another number for readers in inches: a round figure of their tape. */
  readonly inch?: string;
  readonly side?: RoundTo;
}

/** `up` for the least that works, `down` for the most. */
export type RoundTo = 'up' | 'down';

/** The id of a number in `GarmentPlan.numbers`. */
export type NumberId = string;
