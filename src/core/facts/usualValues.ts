import { roundToStep, tapeStepMm } from '../units/roundForTape';
import type { UnitSystem } from '../units/constants';
import type { NumberSpec } from './spec';

/** Values to start from in the round figures of the reader's tape: lengths to a step of it, the rest as they are. */
export function usualValues<V extends Readonly<Record<string, number | undefined>>>(
  usual: V,
  fields: Readonly<Record<string, NumberSpec>>,
  unit: UnitSystem,
): V {
  const entries = Object.entries(usual).map(([key, value]) => [
    key,
    value === undefined || fields[key]?.quantity !== 'lengthMm'
      ? value
      : roundToStep(value, tapeStepMm(value, unit)),
  ]);
  return Object.fromEntries(entries) as V;
}
