import type { Explained } from '../explain/explained';
import { createLedger, type Ledger } from '../explain/ledger';
import type { Fitting } from '../facts/fitting';
import type { Garment } from '../facts/garment';
import type { FittingGarment } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import { toTenth } from '../units/roundForTape';
import { newestFirst } from './rounds';
import { sizeAt, wornPlace, type WornPlan } from './wornAt';

/** One zone of this garment beside the same of one that fits. */
export interface BesideRow {
  readonly zone: string;
  readonly label: string;
  readonly here: Explained;
  readonly there: Explained;
  /** How much larger this one is, less than nothing where it is smaller. */
  readonly larger: Explained;
}

/** What of a garment stands beside another one: how it is called, and its girths at rest. */
export interface Beside extends Pick<FittingGarment, 'name' | 'girths'> {
  /** Worked out of its plan, and not measured. */
  readonly planned?: true;
}

/** Every zone that was measured on a garment that fits, beside this one's, what differs most first. */
export function besideFit(
  book: Ledger,
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  fit: Beside,
): readonly BesideRow[] {
  const measured = measuredLast(garment);
  const rows = kind.zones.flatMap(({ id, label, measure }): BesideRow[] => {
    const place = wornPlace(plan, kind, garment, id);
    const thereMm = fit.girths[measure];
    if (thereMm === undefined || !place) return [];
    const here = sizeAt(book, plan, place, garment, measured[id]);
    const there = book.given(
      `beside.${id}.there`,
      `${label.toLowerCase()} of the one that fits`,
      thereMm,
      'mm',
      fit.planned ? 'own record' : 'measured',
    );
    const larger = book.work(`beside.${id}`, {
      label: 'larger than the one that fits',
      unit: 'mm',
      mark: 'D',
      formula: 'here - there',
      terms: { here, there },
    });
    return [{ zone: id, label, here, there, larger }];
  });
  return rows.toSorted((a, b) => Math.abs(b.larger.value) - Math.abs(a.larger.value));
}

/** The places that were measured when it was tried on, each as it was last. */
const measuredLast = ({ fittings }: Pick<Garment, 'fittings'>): NonNullable<Fitting['measured']> =>
  Object.assign(
    {},
    ...newestFirst(fittings)
      .toReversed()
      .map(([, { measured }]) => measured),
  ) as NonNullable<Fitting['measured']>;

/** An earlier garment of the household as it is now, to stand beside another: to a tenth of a millimetre. */
export function besideNow(plan: WornPlan, kind: GarmentKind, garment: Garment): Beside {
  const book = createLedger();
  const measured = measuredLast(garment);
  const girths = kind.zones.flatMap(({ id, measure }) => {
    const place = wornPlace(plan, kind, garment, id);
    if (!place) return [];
    const { value } = sizeAt(book, plan, place, garment, measured[id]);
    return [[measure, toTenth(value)] as const];
  });
  return { name: garment.name, girths: Object.fromEntries(girths), planned: true };
}
