import type { Finish, UseId } from '../../facts/edgeUses';
import { bandUses } from './bandUses';
import type { EdgeUse } from './edgeUse';
import { elasticUses } from './elasticUses';
import { plainUses } from './plainUses';
import { strapUses } from './strapUses';

/** Every use by id. */
export const edgeUses = Object.fromEntries(
  [...bandUses, ...elasticUses, ...strapUses, ...plainUses].map((use) => [use.id, use]),
) as unknown as Readonly<Record<UseId, EdgeUse>>;

/** The use an edge has when a person finishes it otherwise than its kind does. */
export const USE_OF_FINISH: Readonly<Record<Finish, UseId>> = {
  band: 'hem-band',
  binding: 'flat-binding',
  elastic: 'turned',
  facing: 'facing',
  hem: 'hem',
  lettuce: 'lettuce',
  'left as it is': 'left',
  stay: 'stay',
};
