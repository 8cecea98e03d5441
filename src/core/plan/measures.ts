import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import { estimateFor } from '../fit/estimates';
import { OLD_AFTER_DAYS, ageOn, daysBetween, latestMeasures } from '../fit/latestMeasures';
import type { GarmentKind } from '../garments/garmentKind';
import type { GarmentFacts, MeasurePlan } from './types';

export type Body = Partial<Readonly<Record<BodyMeasure, Explained>>>;

/** The measurements the garment needs: measured, guessed, a marked default, or missing. */
export function planMeasures(
  book: Ledger,
  { wearer }: GarmentFacts,
  kind: GarmentKind,
  onDate: string,
): { measures: readonly MeasurePlan[]; body: Body } {
  const latest = wearer ? latestMeasures(wearer) : {};
  const body: Record<string, Explained> = {};
  const measures = kind.needs.map(({ measure, how, why, required }): MeasurePlan => {
    const { label } = bodyFields[measure];
    const common = { measure, label, how, why, required };
    const known = latest[measure];
    const id = `body.${measure}`;
    if (known && wearer) {
      const mark = known.how === 'measured' ? 'measured' : 'default';
      const note = known.how === 'guessed' ? 'Guessed: measuring beats it.' : undefined;
      body[measure] = book.given(id, label.toLowerCase(), known.mm, 'mm', mark, note);
      const old = daysBetween(known.measuredOn, onDate) > OLD_AFTER_DAYS[wearer.grown];
      return { ...common, source: known.how, value: id, measuredOn: known.measuredOn, old };
    }
    const estimate = wearer && estimateFor(measure, wearer.grown, ageOn(wearer, onDate));
    if (estimate) {
      body[measure] = book.given(id, label.toLowerCase(), estimate.mm, 'mm', estimate.mark, estimate.note);
      return { ...common, source: 'default', value: id, old: false };
    }
    return { ...common, source: 'missing', old: false };
  });
  return { measures, body };
}
