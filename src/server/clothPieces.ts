import 'server-only';
import Joi from 'joi';
import type { Garment } from '@/core/facts/garment';
import { layoutBasis } from '@/core/facts/layoutBasis';
import type { StoredRecord } from '@/core/facts/records';
import { kindOf } from '@/core/garments/kindOf';
import { copyRows } from '@/core/onCloth/besideCut';
import { piecesOnCloth } from '@/core/onCloth/garmentPieces';
import { rolesWithin } from '@/core/onCloth/together';
import { planGarment } from '@/core/plan/planGarment';
import type { GarmentOnCloth } from '@/core/views/pageViews';
import type { Database } from '@/data/database';
import { listRecords, type Stored } from '@/data/records';
import { refusal } from './http';
import { wire } from './recordRoutes';
import { garmentFacts } from './present';
import { today } from './today';

/** So many garments are planned for one answer, those changed last; a household has fewer in the making. */
const MAX_GARMENTS = 24;
const MAX_LISTED = 200;

interface Asked {
  readonly cloth?: string;
  readonly except?: string;
}
const asked = Joi.object<Asked>({
  cloth: Joi.string().max(60),
  except: Joi.string().max(60),
}).options({ stripUnknown: true });

/**
 * What is cut from cloth of the garments of which nothing is cut yet: of one cloth where that is named. One garment can be
 * excepted: what lies in its layout is there too, cut or not.
 */
export function clothPieces(db: Database, query: URLSearchParams): Response {
  const { value, error } = asked.validate(Object.fromEntries(query));
  if (error) return refusal(400, 'cloth', 'No cloth has such a name: open it from the shelf again.');
  const onDate = today();
  const found = listRecords(db, 'garment', { limit: MAX_LISTED })
    .filter(({ id, facts }) => id !== value.except && isToCut(facts, value))
    .slice(0, MAX_GARMENTS)
    .map((stored) => onCloth(db, stored, { cloth: value.cloth, onDate }));
  return Response.json(found);
}

/** Whether nothing of a garment is cut yet, or it lies in the layout of another, and some of it is cut from a cloth, where one is named. */
function isToCut(garment: Garment, { cloth, except }: Asked): boolean {
  const named = [garment.outerClothId, garment.liningClothId, garment.bandClothId];
  const isWithin = except !== undefined && rolesWithin(garment, except).length > 0;
  const isWhole = Object.keys(garment.cuts).length === 0;
  return (isWhole || isWithin) && (cloth === undefined || named.includes(cloth));
}

function onCloth(
  db: Database,
  stored: Stored<'garment'>,
  { cloth, onDate }: { readonly cloth: string | undefined; readonly onDate: string },
): GarmentOnCloth {
  const garment = stored.facts;
  const facts = garmentFacts(db, garment);
  const plan = planGarment(facts, { onDate });
  const kind = kindOf(garment, facts.ownKind);
  const cloths = piecesOnCloth({ facts, kind, plan, onDate }).filter(
    ({ role }) => cloth === undefined || garment[`${role}ClothId`] === cloth,
  );
  return {
    record: wire(stored) as StoredRecord<'garment'>,
    basis: layoutBasis(facts),
    cloths: cloths.map(({ role, pieces, unknown }) => ({
      role,
      pieces,
      unknown: unknown.length,
      copies: copyRows(pieces, plan),
    })),
  };
}
