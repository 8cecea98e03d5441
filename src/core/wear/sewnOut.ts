import { getNumber } from '../explain/ledger';
import { sewnSampleSpec, type Elastic, type SewnSample } from '../facts/elastic';
import { findFaults } from '../facts/faults';
import { edgePlace, type Fitting } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { WornPlan } from './wornAt';
import { toTenth } from '../units/roundForTape';
import { isSewn } from './rounds';

/** What a finished edge tells of its elastic: as it was cut and as it lies, sewn on. */
export interface SewnOut {
  /** What the edge is called. */
  readonly label: string;
  readonly elasticId: string;
  readonly sample: SewnSample;
}

/**
 * The elastics that a round measured on finished edges: each as a sewn sample, from the length that was really cut, less
 * its join, to what it measures now. Only of what was sewn, and cut by the ticket.
 */
export const sewnOutOf = (
  { edges, numbers }: Pick<WornPlan, 'edges' | 'numbers'>,
  { cuts }: Pick<Garment, 'cuts'>,
  { triedOn, held, measured = {} }: Pick<Fitting, 'triedOn' | 'held' | 'measured'>,
): readonly SewnOut[] =>
  !isSewn({ held })
    ? []
    : edges.flatMap(({ id, label, strips }): SewnOut[] => {
        const strip = strips.find((one) => one.elasticId !== undefined);
        const afterMm = measured[edgePlace(id)];
        const cut = strip?.rows.some((row) => cuts[row]?.lengthMm !== undefined);
        if (!strip?.elasticId || afterMm === undefined || !cut) return [];
        const beforeMm = toTenth(getNumber(numbers, strip.sewn).value);
        const sample = { sewnOn: triedOn, beforeMm, afterMm };
        return findFaults(sewnSampleSpec, sample).length > 0
          ? []
          : [{ label, elasticId: strip.elasticId, sample }];
      });

/** Whether an elastic has a sample among its own. */
export const hasSample = ({ sewn }: Pick<Elastic, 'sewn'>, sample: SewnSample): boolean =>
  Object.values(sewn).some(
    (one) =>
      one.sewnOn === sample.sewnOn && one.beforeMm === sample.beforeMm && one.afterMm === sample.afterMm,
  );
