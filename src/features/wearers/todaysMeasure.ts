import { bodyFields, type BodyMeasure, type MeasurementSet, type Wearer } from '@/core/facts/wearer';

interface Setter {
  readonly set: (
    kind: 'wearer',
    id: string,
    label: string,
    changes: Readonly<Record<string, unknown>>,
  ) => void;
}

/** The set measured on a day, if there is one; the last by id where there are several. */
export function todaysSet(
  wearer: Wearer,
  today: string,
): { readonly id: string; readonly set: MeasurementSet } | undefined {
  const found = Object.entries(wearer.measurements)
    .filter(([, set]) => set.measuredOn === today)
    .sort(([a], [b]) => a.localeCompare(b))
    .at(-1);
  return found && { id: found[0], set: found[1] };
}

/** Writes a measurement into the day's set, starting one where there is none; earlier sets stay as they were. */
export function setTodaysMeasure(
  records: Setter,
  wearerId: string,
  wearer: Wearer | undefined,
  today: string,
  measure: BodyMeasure,
  mm: number | undefined,
): void {
  const now = wearer && todaysSet(wearer, today);
  const label = `Measure: ${bodyFields[measure].label}`;
  if (now)
    return records.set('wearer', wearerId, label, { [`measurements.${now.id}.values.${measure}`]: mm });
  if (mm === undefined) return;
  const set: MeasurementSet = { measuredOn: today, how: 'measured', values: { [measure]: mm } };
  records.set('wearer', wearerId, label, { [`measurements.on-${today}`]: set });
}
