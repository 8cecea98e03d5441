import 'server-only';
import type { Tried } from '@/core/facts/fitting';
import { evidenceOf } from '@/core/learn/evidence';
import type { Database } from '@/data/database';
import { triedOn, type Stored } from '@/data/records';

/**
 * What a garment's wearer answered of other garments of its kind; `undefined` where nothing was. It is offered on the
 * garment's page; what is taken of it stands in the facts as a number, so that no other view of a plan needs it.
 */
export function triedBefore(db: Database, { id, facts }: Stored<'garment'>): Tried | undefined {
  const { wearerId, kind } = facts;
  if (wearerId === undefined) return undefined;
  const others = triedOn(db, { wearerId, kind }).filter((one) => one.id !== id);
  return others.length > 0 ? evidenceOf(others) : undefined;
}
