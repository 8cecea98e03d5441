import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { UnitSystem } from '../units/constants';
import { roundToStep, tapeStepMm } from '../units/roundForTape';
import type { TapeLength } from './types';

/** A length to cut, rounded for the metric tape and for the inch tape (T). */
export function planTape(book: Ledger, id: string, exact: Explained): TapeLength {
  const rounded = (unit: UnitSystem) =>
    book.work(`${id}.${unit}`, {
      label: `${exact.label}, rounded for the tape`,
      unit: 'mm',
      mark: 'T',
      formula: 'round(L / step) * step',
      terms: {
        L: exact,
        step: leaf('finest mark used on the tape', tapeStepMm(exact.value, unit), 'mm', 'T'),
      },
      by: ({ L, step }) => roundToStep(L, step),
    }).id;
  return { exact: exact.id, cm: rounded('cm'), in: rounded('in') };
}
