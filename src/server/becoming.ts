import 'server-only';
import { clothsWithin } from '@/core/cloth/resolveStack';
import { becomings, clothsFor, type JudgeOptions } from '@/core/answers/becoming';
import type { Database } from '@/data/database';
import { findRecord, listRecords } from '@/data/records';
import { garmentFacts } from './present';
import { refusal } from './http';
import { today } from './views';

/** Cloths of the shelf that are tried as lining or body; a household has fewer. */
const MAX_SHELF = 60;

function options(db: Database): JudgeOptions {
  const shelf = listRecords(db, 'cloth', { limit: MAX_SHELF }).map(({ id, facts }) => ({ id, cloth: facts }));
  return { onDate: today(), shelf };
}

const gone = (what: string): Response =>
  refusal(404, 'missing', `This ${what} is no longer here: go back to the list.`);

/** What a cloth can become, for a wearer where one is named. */
export function clothBecomings(db: Database, id: string, wearerId: string | null): Response {
  const found = findRecord(db, 'cloth', id);
  if (!found || found.removed) return gone('cloth');
  const wearer = wearerId ? findRecord(db, 'wearer', wearerId) : undefined;
  const layers = clothsWithin(found.facts, (layer) => findRecord(db, 'cloth', layer)?.facts);
  const person = wearer && !wearer.removed ? wearer.facts : undefined;
  return Response.json(becomings({ id, cloth: found.facts }, layers, person, options(db)));
}

/** Which cloths of the shelf could make a garment. */
export function garmentCloths(db: Database, id: string): Response {
  const found = findRecord(db, 'garment', id);
  if (!found || found.removed) return gone('garment');
  return Response.json(clothsFor(garmentFacts(db, found.facts), options(db)));
}
