import type { Explained } from '../explain/explained';
import type { Body } from '../explain/body';
import type { Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import { estimateFor } from './estimates';
import { OLD_AFTER_DAYS, ageOn, daysBetween, latestMeasures } from './latestMeasures';
import { tapeTips } from './tapeTips';
import type { GarmentKind } from './garmentKind';
import type { MeasurePlan } from './types';

const measuresSee = { records: ['wearer'], garment: [] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof measuresSee>;
  readonly kind: GarmentKind;
  readonly onDate: string;
}

interface PlannedMeasures {
  readonly measures: readonly MeasurePlan[];
  /** What was measured or guessed of this body. */
  readonly body: Body;
  /** The same, with marked defaults for what openings pass. */
  readonly passes: Body;
}

/**
 * The measurements the garment needs: measured, guessed, a marked default, or missing. A default never sets the
 * size of a zone; it only tells what an opening must pass.
 */
export const planMeasures = stage(measuresSee, workMeasures);

function workMeasures({ book, facts: { wearer }, kind, onDate }: Inputs): PlannedMeasures {
  const latest = wearer ? latestMeasures(wearer) : {};
  const body: Record<string, Explained> = {};
  const passes: Record<string, Explained> = {};
  const enter = (measure: BodyMeasure) => {
    const known = latest[measure];
    if (!known || body[measure]) return known;
    const mark = known.how === 'measured' ? 'measured' : 'default';
    const note = known.how === 'guessed' ? 'Guessed: measuring beats it.' : undefined;
    const label = bodyFields[measure].label.toLowerCase();
    body[measure] = book.given(`body.${measure}`, label, known.mm, 'mm', mark, note);
    return known;
  };
  const estimate = (measure: BodyMeasure) => {
    const found = wearer && estimateFor(measure, wearer.grown, ageOn(wearer, onDate));
    if (!found || passes[measure]) return found;
    const label = bodyFields[measure].label.toLowerCase();
    passes[measure] = book.given(`body.${measure}`, label, found.mm, 'mm', found.mark, found.note);
    return found;
  };
  const ofZone = new Set(kind.zones.map((zone) => zone.measure));
  const measures = kind.needs.map(({ measure, why, required }): MeasurePlan => {
    const common = { measure, label: bodyFields[measure].label, how: tapeTips[measure], why, required };
    const known = enter(measure);
    if (known && wearer) {
      const old = daysBetween(known.measuredOn, onDate) > OLD_AFTER_DAYS[wearer.grown];
      return {
        ...common,
        source: known.how,
        value: `body.${measure}`,
        measuredOn: known.measuredOn,
        old,
      };
    }
    if (!ofZone.has(measure) && estimate(measure)) {
      return { ...common, source: 'default', value: `body.${measure}`, old: false };
    }
    return { ...common, source: 'missing', old: false };
  });
  for (const { passes: measure } of kind.openings) {
    if (!enter(measure)) estimate(measure);
  }
  for (const measure of LENGTHS) enter(measure);
  return { measures, body, passes: { ...passes, ...body } };
}

/** Measured anyway where they are known: pattern sizes and amounts of cloth use them. */
const LENGTHS = [
  'backLength',
  'armLength',
  'inseam',
  'rise',
  'lowRise',
  'loop',
  'highBust',
  'bust',
  'hip',
] as const;
