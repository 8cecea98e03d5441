import type { Explained } from '../explain/explained';
import { createLedger, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { FittingGarment } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
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
  const rows = kind.zones.flatMap(({ id, label, measure }): BesideRow[] => {
    const place = wornPlace(plan, kind, garment, id);
    const thereMm = fit.girths[measure];
    if (thereMm === undefined || !place) return [];
    const here = sizeAt(book, plan, place, garment, measuredLast(garment, id));
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

/** A zone as it was measured last, when it was tried on. */
const measuredLast = ({ fittings }: Pick<Garment, 'fittings'>, zone: string): number | undefined =>
  newestFirst(fittings)
    .map(([, { measured }]) => measured?.[zone])
    .find((mm) => mm !== undefined);

/** An earlier garment of the household as it is now, to stand beside another: to a tenth of a millimetre. */
export function besideNow(plan: WornPlan, kind: GarmentKind, garment: Garment): Beside {
  const book = createLedger();
  const girths = kind.zones.flatMap(({ id, measure }) => {
    const place = wornPlace(plan, kind, garment, id);
    if (!place) return [];
    const { value } = sizeAt(book, plan, place, garment, measuredLast(garment, id));
    return [[measure, Math.round(value * 10) / 10] as const];
  });
  return { name: garment.name, girths: Object.fromEntries(girths), planned: true };
}
