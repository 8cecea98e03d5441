import 'server-only';
import Joi from 'joi';
import { layoutBasis } from '@/core/facts/layoutBasis';
import { kindOf } from '@/core/garments/kindOf';
import { piecesOnCloth } from '@/core/onCloth/garmentPieces';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentOnCloth } from '@/core/views/pageViews';
import type { Database } from '@/data/database';
import { listRecords } from '@/data/records';
import { refusal } from './http';
import { garmentFacts } from './present';
import { today } from './today';

/** So many garments are planned for one answer, those changed last; a household has fewer in the making. */
const MAX_GARMENTS = 24;

interface Asked {
  readonly cloth?: string;
  readonly except?: string;
}
const asked = Joi.object<Asked>({
  cloth: Joi.string().max(60),
  except: Joi.string().max(60),
}).options({ stripUnknown: true });

/**
 * What is cut from cloth of the garments of which nothing is cut yet: of one cloth where that is named, and without one
 * garment where that is.
 */
export function clothPieces(db: Database, query: URLSearchParams): Response {
  const { value, error } = asked.validate(Object.fromEntries(query));
  if (error) return refusal(400, 'cloth', 'No cloth has such a name: open it from the shelf again.');
  const onDate = today();
  const found = listRecords(db, 'garment', { limit: MAX_GARMENTS })
    .filter(({ id, facts }) => id !== value.except && Object.keys(facts.cuts).length === 0)
    .flatMap(({ id, facts: garment }): readonly GarmentOnCloth[] => {
      const named = [garment.outerClothId, garment.liningClothId, garment.bandClothId];
      if (value.cloth !== undefined && !named.includes(value.cloth)) return [];
      const facts = garmentFacts(db, garment);
      const plan = planGarment(facts, { onDate });
      const kind = kindOf(garment, facts.ownKind);
      const cloths = piecesOnCloth({ facts, kind, plan, onDate }).filter(
        ({ role }) => value.cloth === undefined || garment[`${role}ClothId`] === value.cloth,
      );
      return [
        {
          id,
          name: garment.name,
          basis: layoutBasis(facts),
          cloths: cloths.map(({ role, pieces, unknown }) => ({ role, pieces, unknown: unknown.length })),
        },
      ];
    });
  return Response.json(found);
}
