import 'server-only';
import { planGarment } from '@/core/plan/planGarment';
import {
  garmentWants,
  shoppingList,
  shortThings,
  type GarmentWants,
  type ShoppingList,
} from '@/core/ticket/rolls';
import type { Database } from '@/data/database';
import { keptOf, keptWhole } from './kept';

/** What one garment takes and wants of the shelf. */
export const wantsOf = keptOf('wants', ({ record: { id }, facts, onDate }) =>
  garmentWants({ id, facts, plan: planGarment(facts, { onDate }) }),
);

/** What every garment takes and wants, oldest first. */
const allWants = keptWhole((now): readonly GarmentWants[] =>
  [...now.revisions.garment.keys()].flatMap((id) => wantsOf(now, id) ?? []),
);

/** What garments other than this one take of each elastic, mm: planned, or cut since the roll was measured. */
export function takenByOthers(db: Database, garmentId: string): Readonly<Record<string, number>> {
  const sums: Record<string, number> = {};
  for (const { id, taken } of allWants(db)) {
    if (id === garmentId) continue;
    for (const [elasticId, mm] of Object.entries(taken)) sums[elasticId] = (sums[elasticId] ?? 0) + mm;
  }
  return sums;
}

/** Each garment that takes of an elastic, and how much, mm. */
export const usesOfElastic = (
  db: Database,
  elasticId: string,
): readonly { readonly garmentId: string; readonly name: string; readonly mm: number }[] =>
  allWants(db).flatMap(({ id, name, taken }) => {
    const mm = taken[elasticId];
    return mm === undefined ? [] : [{ garmentId: id, name, mm }];
  });

/** What is short across all garments. */
export const shoppingView: (db: Database) => ShoppingList = keptWhole(({ db }) => shoppingList(allWants(db)));

/** How many things are short. */
export const shortCount = (db: Database): number => shortThings(allWants(db)).length;
