import type { Explained } from '../explain/explained';
import type { NumberSpec } from '../facts/spec';

/** What a sum hands on: a worn extension to a garment's zone, a stretch to its cloth, a length to one of its edges. */
export type SumResult =
  | { readonly kind: 'extension'; readonly value: number }
  | { readonly kind: 'stretch'; readonly value: number }
  | { readonly kind: 'length'; readonly mm: number };

/** The sum as the product's own picture: a length at rest, worn, and where its easy stretch ends, mm. */
export interface SumRule {
  readonly restMm: number;
  readonly wornMm?: number;
  readonly limitMm?: number;
}

export type Worked =
  | {
      readonly ok: true;
      readonly numbers: Readonly<Record<string, Explained>>;
      /** Ids in the order they are read out; the first is the answer. */
      readonly shown: readonly string[];
      readonly says?: string;
      readonly rule?: SumRule;
      /** Absent where the answer is no setting of a garment. */
      readonly result?: SumResult;
    }
  | { readonly ok: false; readonly sentence: string };

export type SumValues = Readonly<Record<string, number | undefined>>;

/** A single calculation without a garment. */
export interface Sum {
  readonly label: string;
  readonly about: string;
  readonly fields: Readonly<Record<string, NumberSpec>>;
  /** Fields that may be left empty. */
  readonly optional: readonly string[];
  readonly usual: SumValues;
  readonly work: (values: SumValues) => Worked;
}

export const notYet = (sentence: string): Worked => ({ ok: false, sentence });

export const FILL_IN = 'Fill in every field that is not marked as optional.';

/** The values where every needed one is there, else `undefined`. */
export function whole<K extends string>(
  values: SumValues,
  needed: readonly K[],
): Readonly<Record<K, number>> | undefined {
  return needed.every((key) => values[key] !== undefined) ? (values as Record<K, number>) : undefined;
}
