import { planDraft, type Draft } from '../blocks/planDraft';
import { readClothOnce, readLinedOnce } from '../cloth/readClothOnce';
import type { Ledger } from '../explain/ledger';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentKind } from '../fit/garmentKind';
import { ageOn } from '../fit/latestMeasures';
import { planMeasures } from '../fit/measures';
import { planSize } from '../fit/size';
import { planZones } from '../fit/zones';
import { planAltered } from '../pieces/alter/planAltered';
import { planOutlines } from '../pieces/planOutlines';

/** The first half of a plan: body, cloths, fit, and the pieces as they are drafted, or drawn on the pattern, and altered. */
export function planFitted(book: Ledger, facts: GarmentFacts, kind: GarmentKind, onDate: string) {
  const { measures, body, passes } = planMeasures({ book, facts, kind, onDate });
  const cloths = readCloths(book, facts, kind);
  const { cloth, band } = cloths;
  const zones = planZones({ book, facts, kind, body, cloth });
  const size = planSize({ book, facts, kind, body, zones });
  const ageYears = facts.wearer && ageOn(facts.wearer, onDate);
  const draft: Draft | undefined = planDraft({
    book,
    facts,
    kind,
    ageYears,
    body,
    passes,
    zones,
    cloth,
    band,
  });
  const drawn = draft?.drawn ?? planOutlines({ book, facts, kind, size: size?.cut });
  const altered = planAltered({ book, facts, kind, drawn, zones, size });
  return { measures, body, passes, ...cloths, zones, size, draft, drawn, altered };
}

/** The garment's cloths, and what goes round the body: the outer cloth, or outer and lining as a stack. */
function readCloths(book: Ledger, facts: GarmentFacts, { liningIsPart }: GarmentKind) {
  const find = (id: string) => facts.layerCloths?.[id];
  const outer = facts.outer && readClothOnce(book, 'outer', facts.outer, find);
  const lining = facts.lining && readClothOnce(book, 'lining', facts.lining, find);
  const band = facts.band && readClothOnce(book, 'band', facts.band, find);
  const cloth = outer && lining && !liningIsPart ? readLinedOnce(book, outer, lining, 'body') : outer;
  return { outer, lining, band, cloth };
}
