import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { FittingGarment } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
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

/** Every zone that was measured on a garment that fits, beside this one's, what differs most first. */
export function besideFit(
  book: Ledger,
  plan: WornPlan,
  kind: GarmentKind,
  garment: Garment,
  fit: FittingGarment,
): readonly BesideRow[] {
  const rows = kind.zones.flatMap(({ id, label, measure }): BesideRow[] => {
    const place = wornPlace(plan, kind, garment, id);
    const thereMm = fit.girths[measure];
    if (thereMm === undefined || !place) return [];
    const here = sizeAt(book, plan, place, garment);
    const there = book.given(
      `beside.${id}.there`,
      `${label.toLowerCase()} of the one that fits`,
      thereMm,
      'mm',
      'measured',
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
