import { bodyMeasures, type BodyMeasure, type MeasurementSet, type Wearer } from '../facts/wearer';

export interface Measured {
  readonly mm: number;
  readonly measuredOn: string;
  readonly how: MeasurementSet['how'];
}

/** The newest value of each measurement, from whichever dated set has it. */
export function latestMeasures(wearer: Wearer): Partial<Record<BodyMeasure, Measured>> {
  const latest: Partial<Record<BodyMeasure, Measured>> = {};
  for (const set of Object.values(wearer.measurements)) {
    for (const measure of bodyMeasures) {
      const mm = set.values[measure];
      const known = latest[measure];
      if (mm !== undefined && (!known || set.measuredOn >= known.measuredOn)) {
        latest[measure] = { mm, measuredOn: set.measuredOn, how: set.how };
      }
    }
  }
  return latest;
}

const MS_PER_DAY = 86_400_000;
const DAYS_PER_YEAR = 365.25;

/** Whole days from one day to another, both `YYYY-MM-DD`. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(to) - Date.parse(from)) / MS_PER_DAY);

/** Age in years on a day; `undefined` when the birthday is not known or comes later. */
export function ageOn(wearer: Wearer, onDate: string): number | undefined {
  if (wearer.bornOn === undefined) return undefined;
  const years = daysBetween(wearer.bornOn, onDate) / DAYS_PER_YEAR;
  return years < 0 ? undefined : years;
}

/** After how many days a measurement is old: children grow (common practice, no source). */
export const OLD_AFTER_DAYS = { child: 120, adult: 540 } as const;
