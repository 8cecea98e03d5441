import type { Explained, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { UnitSystem } from '../units/constants';
import { HAIR, tapeStepMm } from '../units/roundForTape';
import type { TapeLength } from './types';

/** What a length may not be rounded out of: the shortest and the longest that work, cut. */
interface TapeLimits {
  readonly least?: Explained | Term | undefined;
  readonly most?: Explained | Term | undefined;
}

/** A length to cut, rounded for the metric tape and for the inch tape (T), and to the safe side of what limits it. */
export function planTape(
  book: Ledger,
  id: string,
  exact: Explained,
  { least, most }: TapeLimits = {},
): TapeLength {
  const rounded = (unit: UnitSystem) => {
    const step = leaf('finest mark used on the tape', tapeStepMm(exact.value, unit), 'mm', 'T');
    const common = { label: `${exact.label}, rounded for the tape`, unit: 'mm', mark: 'T' } as const;
    if (!least && !most) {
      return book.work(`${id}.${unit}`, {
        ...common,
        formula: 'round(L / step) * step',
        terms: { L: exact, step },
      }).id;
    }
    return book.work(`${id}.${unit}`, {
      ...common,
      note: 'Rounded to the nearest mark; to the next one inside where the nearest is out of what works.',
      formula:
        'max(min(round(L / step) * step, floor(max(most, L) / step + hair) * step), ceil(min(least, L) / step - hair) * step)',
      terms: {
        L: exact,
        step,
        least: least ?? leaf('no shortest', 0, 'mm', 'D'),
        most: most ?? leaf('no longest: as long as it is', exact.value + step.value, 'mm', 'D'),
        hair: leaf('a hair, so that what lies on a mark stays there', HAIR, 'ratio', 'D'),
      },
    }).id;
  };
  return { exact: exact.id, cm: rounded('cm'), in: rounded('in') };
}
