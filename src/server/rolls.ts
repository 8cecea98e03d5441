import 'server-only';
import { planGarment } from '@/core/plan/planGarment';
import { takenOf, type PlannedGarment } from '@/core/ticket/rolls';
import type { Database } from '@/data/database';
import { garmentsWithEdge, listRecords, type Stored } from '@/data/records';
import { garmentFacts } from './garmentFiles';
import { today } from './today';

/** A garment with its plan, for sums over several of them. */
export const plannedGarment = (db: Database, { id, facts: garment }: Stored<'garment'>): PlannedGarment => {
  const facts = garmentFacts(db, garment);
  return { id, facts, plan: planGarment(facts, { onDate: today() }) };
};

const MAX_ROLLS = 500;

/** What garments other than this one take of each elastic, mm: planned, or cut since the roll was measured. */
export function takenByOthers(db: Database, garmentId: string): Readonly<Record<string, number>> {
  const ids = listRecords(db, 'elastic', { limit: MAX_ROLLS }).map(({ id }) => id);
  const others = garmentsWithEdge(db, 'elastic', ids).filter(({ id }) => id !== garmentId);
  const taken: Record<string, number> = {};
  for (const other of others) {
    for (const [elasticId, mm] of Object.entries(takenOf(plannedGarment(db, other)))) {
      taken[elasticId] = (taken[elasticId] ?? 0) + mm;
    }
  }
  return taken;
}

/** Each garment that takes of an elastic, and how much, mm. */
export const usesOfElastic = (
  db: Database,
  elasticId: string,
): readonly { readonly garmentId: string; readonly name: string; readonly mm: number }[] =>
  garmentsWithEdge(db, 'elastic', [elasticId]).flatMap((garment) => {
    const mm = takenOf(plannedGarment(db, garment))[elasticId];
    return mm === undefined ? [] : [{ garmentId: garment.id, name: garment.facts.name, mm }];
  });
