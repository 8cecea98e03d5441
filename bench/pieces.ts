import { planDraft } from '../src/core/blocks/planDraft';
import { createLedger } from '../src/core/explain/ledger';
import { newGarment } from '../src/core/facts/garment';
import { ONE_SIZE, type Shapes } from '../src/core/facts/outline';
import { newPattern } from '../src/core/facts/pattern';
import { catalogue } from '../src/core/garments/catalogue';
import { piecesAsDrawn } from '../src/core/pieces/piecesAsDrawn';
import { alterOutlines } from '../src/core/pieces/alter/alter';
import { girthsOf, outlinesOf } from '../src/core/pieces/alter/testShapes';
import { figureOf } from '../src/core/garments/drawings/figure';
import { drawnBody } from '../src/core/garments/drawings/drawnBody';
import { kindOf } from '../src/core/garments/kindOf';
import type { GarmentFacts } from '../src/core/facts/garmentFacts';
import type { KindId } from '../src/core/facts/kindIds';
import { strainOfPieces } from '../src/core/pieces/figureStrain';
import { planAltered } from '../src/core/pieces/alter/planAltered';
import { planPieces } from '../src/core/pieces/planPieces';
import { practiceTee } from '../src/core/pieces/practice';
import { planFitted } from '../src/core/plan/planFitted';
import { household } from '../src/demo/household';

const RUNS = 60;
const { tee } = catalogue;
const drawn = newGarment('Bench', 'tee').pattern;

const walkMs = (shapes: Shapes): number => {
  const pattern = { ...newPattern('Bench', 'tee'), shapes: { [ONE_SIZE]: shapes } };
  const start = performance.now();
  piecesAsDrawn({
    book: createLedger(),
    facts: { pattern, garment: { pattern: drawn } },
    kind: tee,
    size: undefined,
  });
  return performance.now() - start;
};

const median = (all: readonly number[]): number => all.toSorted((a, b) => a - b)[all.length >> 1] ?? NaN;

/** A tee’s pieces, one point of its front moved each time: read, measured and walked, ms, median. */
export function pieceMs(): number {
  const moved = (by: number): Shapes => ({
    ...practiceTee,
    front: {
      ...practiceTee.front,
      ring: practiceTee.front.ring.map((knot, nth) => (nth === 2 ? { ...knot, x: knot.x + by } : knot)),
    },
  });
  return median(Array.from({ length: RUNS }, (_, nth) => walkMs(moved(nth / 10))));
}

/** The same, each outline traced along its cut edge and read for the first time, ms, median. */
export function firstPieceMs(): number {
  const anew = (): Shapes =>
    Object.fromEntries(
      Object.entries(practiceTee).map(([id, one]) => [
        id,
        { ...one, drawn: 'cut line' as const, ring: [...one.ring] },
      ]),
    );
  return median(Array.from({ length: RUNS }, () => walkMs(anew())));
}

/** The same tee altered to girths that change each time, as while a slider is dragged, ms, median. */
export function alteredMs(): number {
  const outlines = outlinesOf(tee, practiceTee);
  const girths = girthsOf(tee, outlines);
  return median(
    Array.from({ length: RUNS }, (_, nth) => {
      const wanted = Object.fromEntries(
        Object.entries(girths).map(([zone, mm]) => [zone, mm - 20 - nth / 3]),
      );
      const start = performance.now();
      alterOutlines(tee, outlines, [{ id: 'a', change: 'girths' }], { girths: wanted });
      return performance.now() - start;
    }),
  );
}

/** The slowest drafted garment, closer each time, as while a slider is dragged: drafted, walked, its strain along the body, ms, median. */
export function draftedMs(): { readonly ms: number; readonly kind: string } {
  const all = Object.values(catalogue)
    .filter(({ drafting }) => drafting)
    .map(({ kind, zones }) => ({
      kind,
      ms: median(Array.from({ length: RUNS }, (_, nth) => draftMs(kind, zones[0]?.id ?? '', nth))),
    }));
  return all.toSorted((a, b) => b.ms - a.ms)[0] ?? { kind: 'nothing', ms: NaN };
}

const { wearers, cloths } = household('2026-01-01');
const measured = drawnBody(wearers.odile);
const figure = figureOf(measured);

function draftMs(id: KindId, zone: string, nth: number): number {
  const garment = {
    ...newGarment('Bench', id),
    draft: {},
    fit: { [zone]: { school: 'share' as const, share: 0.1 + nth / 400 } },
  };
  const kind = kindOf(garment);
  const facts: GarmentFacts = {
    garment,
    wearer: wearers.odile,
    outer: cloths['loon-swim'],
    band: cloths['marsh-rib'],
  } as GarmentFacts;
  // Body, cloths and fit are there already: the draft is drawn anew on the same numbers.
  const before = createLedger();
  const { body, passes, zones, cloth, band } = planFitted(before, facts, kind, '2026-01-01');
  const book = createLedger();
  book.adopt(Object.values(before.numbers).filter((one) => !one.id.startsWith('draft.')));
  const again = { ...facts, garment: { ...garment, draft: { shaped: {} } } };
  const start = performance.now();
  const draft = planDraft({
    book,
    facts: again,
    kind,
    ageYears: undefined,
    body,
    passes,
    zones,
    cloth,
    band,
  });
  const drawn = draft?.drawn ?? { facts: {}, outlines: {}, faults: {} };
  const altered = planAltered({ book, facts: again, kind, drawn, zones, size: undefined });
  planPieces({ book, facts: { garment: {} }, kind, drawn, altered });
  strainOfPieces({ kind, zones, numbers: book.numbers, figure, measured }, altered.outlines);
  return performance.now() - start;
}
