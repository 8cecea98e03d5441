import type { Explained } from '../../explain/explained';
import { createLedger, leaf, type Ledger } from '../../explain/ledger';
import { workNegativeEase, workWornExtension } from '../../fit/fitNumbers';
import { lengthMm, record, type FactsOf } from '../../facts/spec';
import { refusedDraft, type DraftLine, type DraftPiece, type Drafted } from './draft';
import { distance, point, type Point } from '../../geometry/point';

const legFields = {
  inseamMm: lengthMm('Inside leg of the pattern', 100, 1300, [300, 950]),
  thighMm: lengthMm('Leg at the crotch, all round', 150, 1200, [280, 850]),
  kneeMm: lengthMm('Leg at the knee, all round', 120, 1000, [200, 650]),
  kneeAtMm: lengthMm('Knee below the crotch', 50, 800, [150, 480]),
  hemMm: lengthMm('Leg at the hem, all round', 80, 1200, [130, 700]),
} as const;

/** Shorts cut from leggings. Finished girths of the pattern's leg, and the wearer's own. */
export const shortsSpec = record('Shorts from leggings', {
  ...legFields,
  wantedMm: lengthMm('Inside leg wanted', 20, 800, [50, 400]),
  turnMm: lengthMm('Hem, turned up', 0, 80, [10, 40]),
  bodyThighMm: lengthMm('Thigh of the wearer', 150, 1200, [280, 850]),
  bodyKneeMm: lengthMm('Knee of the wearer', 120, 900, [210, 600]),
});
export type ShortsFacts = FactsOf<typeof shortsSpec>;

/** A leg widened from the knee to the hem. */
export const widenSpec = record('Widening a leg', {
  ...legFields,
  wantedMm: lengthMm('Hem wanted, all round', 80, 2000, [200, 1100]),
});
export type WidenFacts = FactsOf<typeof widenSpec>;

const USUAL_LEG = { inseamMm: 740, thighMm: 480, kneeMm: 320, kneeAtMm: 350, hemMm: 196 } as const;
export const usualShorts: ShortsFacts = {
  ...USUAL_LEG,
  wantedMm: 180,
  turnMm: 25,
  bodyThighMm: 570,
  bodyKneeMm: 380,
};
export const usualWiden: WidenFacts = { ...USUAL_LEG, wantedMm: 520 };

/** Seam edges of a leg: inside and outside leg, or both edges of a leg in one piece. */
const EDGES = 2;

export interface Leg {
  readonly inseamMm: number;
  readonly thighMm: number;
  readonly kneeMm: number;
  readonly kneeAtMm: number;
  readonly hemMm: number;
}

export const legFault = ({ inseamMm, kneeAtMm }: Leg): string | undefined =>
  kneeAtMm >= inseamMm ? 'The knee lies below the hem: measure both from the crotch.' : undefined;

/** The leg lying flat, half of its girth to each side of a plumb line. */
function legPoints({ inseamMm, thighMm, kneeMm, kneeAtMm, hemMm }: Leg): {
  left: readonly Point[];
  right: readonly Point[];
} {
  const at = (girth: number, y: number) => [point(-girth / 2, y), point(girth / 2, y)] as const;
  const levels = [at(thighMm, 0), at(kneeMm, kneeAtMm), at(hemMm, inseamMm)];
  return { left: levels.map(([left]) => left), right: levels.map(([, right]) => right) };
}

/** The pattern's own leg, to be seen under the new one. */
function asItWas(leg: Leg): DraftLine {
  const { left, right } = legPoints(leg);
  return { label: 'as it was', kind: 'old', points: [...left, ...right.toReversed(), left[0] as Point] };
}

/** The leg laid flat: as it was, to cut, and one mark on it. */
const flatLeg = (leg: Leg, cut: readonly Point[], mark: DraftLine): DraftPiece => ({
  id: 'leg',
  label: 'Leg, flat, crotch level on top',
  lines: [asItWas(leg), { label: 'to cut', kind: 'cut', points: cut }, mark],
});

/** A girth between crotch and knee by a straight line, both for pattern and body. */
function girthAt(
  book: Ledger,
  id: string,
  label: string,
  { top, knee, kneeAtMm, atMm }: { top: number; knee: number; kneeAtMm: number; atMm: number },
) {
  return book.work(id, {
    label,
    unit: 'mm',
    mark: 'D',
    formula: 'top + (knee - top) * min(at / down, 1)',
    terms: {
      top: leaf('at the crotch', top, 'mm', 'measured'),
      knee: leaf('at the knee', knee, 'mm', 'measured'),
      at: leaf('inside leg wanted', atMm, 'mm', 'chosen'),
      down: leaf('knee below the crotch', kneeAtMm, 'mm', 'measured'),
    },
  });
}

export const shortsFault = ({ wantedMm, turnMm, inseamMm }: ShortsFacts): string | undefined =>
  wantedMm + turnMm >= inseamMm
    ? 'With its hem that is as long as the leggings: choose a shorter inside leg.'
    : undefined;

/** How far below the crotch the leg is cut. */
export const cutLevel = (book: Ledger, { wantedMm, turnMm }: ShortsFacts): Explained =>
  book.work('shorts.cut', {
    label: 'cut the leg below the crotch at',
    unit: 'mm',
    mark: 'D',
    formula: 'wanted + turn',
    terms: {
      wanted: leaf('inside leg wanted', wantedMm, 'mm', 'chosen'),
      turn: leaf('hem, turned up', turnMm, 'mm', 'chosen'),
    },
  });

/** The hem of shorts on the wearer’s leg: what is read out of it. */
export function bodyThere(
  book: Ledger,
  { bodyThighMm, bodyKneeMm, kneeAtMm, wantedMm }: ShortsFacts,
  hem: Explained,
): readonly string[] {
  const body = girthAt(book, 'shorts.body', 'leg of the wearer there', {
    top: bodyThighMm,
    knee: bodyKneeMm,
    kneeAtMm,
    atMm: wantedMm,
  });
  const girths = { G: body, g: hem };
  const worn = workWornExtension(book, 'shorts.worn', 'worn extension at the hem', girths);
  const ease = workNegativeEase(book, 'shorts.ease', 'negative ease at the hem', girths);
  return [hem.id, body.id, ease.id, worn.id];
}

export function draftShorts(facts: ShortsFacts): Drafted {
  const fault = legFault(facts) ?? shortsFault(facts);
  if (fault) return refusedDraft(fault);
  const { wantedMm, kneeAtMm, inseamMm } = facts;
  const book = createLedger();
  const cutAt = cutLevel(book, facts);
  const hem = girthAt(book, 'shorts.hem', 'hem of the shorts, at rest', {
    top: facts.thighMm,
    knee: facts.kneeMm,
    kneeAtMm,
    atMm: wantedMm,
  });
  const shown = [cutAt.id, ...bodyThere(book, facts, hem)];
  const half = (atMm: number) => {
    const share = Math.min(atMm / kneeAtMm, 1);
    const past = Math.max(atMm - kneeAtMm, 0) / (inseamMm - kneeAtMm);
    const knee = facts.thighMm + (facts.kneeMm - facts.thighMm) * share;
    return (knee + (facts.hemMm - facts.kneeMm) * past) / 2;
  };
  const [fold, cut] = [half(wantedMm), half(cutAt.value)];
  return {
    ok: true,
    draft: {
      numbers: book.numbers,
      shown,
      pieces: [
        flatLeg(
          facts,
          [
            point(-facts.thighMm / 2, 0),
            point(-fold, wantedMm),
            point(-cut, cutAt.value),
            point(cut, cutAt.value),
            point(fold, wantedMm),
            point(facts.thighMm / 2, 0),
            point(-facts.thighMm / 2, 0),
          ],
          { label: 'hem fold', kind: 'mark', points: [point(-fold, wantedMm), point(fold, wantedMm)] },
        ),
      ],
    },
  };
}

/** How far each seam edge goes out at the hem, of so many. */
export const widerEach = (book: Ledger, { wantedMm, hemMm }: WidenFacts, edges: number): Explained =>
  book.work('widen.each', {
    label: 'at each seam edge, at the hem',
    unit: 'mm',
    mark: 'D',
    formula: '(wanted - hem) / edges',
    terms: {
      wanted: leaf('hem wanted', wantedMm, 'mm', 'chosen'),
      hem: leaf('hem now', hemMm, 'mm', 'measured'),
      edges: leaf('seam edges', edges, 'count', 'D'),
    },
  });

export function draftWiden(facts: WidenFacts): Drafted {
  const fault = legFault(facts);
  if (fault) return refusedDraft(fault);
  const book = createLedger();
  const each = widerEach(book, facts, EDGES);
  const old = legPoints(facts);
  const wide = legPoints({ ...facts, hemMm: facts.wantedMm });
  const seam = (points: readonly Point[]) =>
    distance(points[0] as Point, points[1] as Point) + distance(points[1] as Point, points[2] as Point);
  const measured = (id: string, label: string, mm: number) =>
    book.given(`widen.${id}`, label, mm, 'mm', 'measured', 'Measured along the drawn line.').id;
  return {
    ok: true,
    draft: {
      numbers: book.numbers,
      shown: [
        each.id,
        measured('inside', 'inside leg, along the new seam', seam(wide.left)),
        measured('outside', 'outside leg below the crotch, along the new seam', seam(wide.right)),
        measured('was', 'each before', seam(old.left)),
      ],
      pieces: [
        flatLeg(facts, [...wide.left, ...wide.right.toReversed(), wide.left[0] as Point], {
          label: 'knee',
          kind: 'mark',
          points: [point(-facts.kneeMm / 2, facts.kneeAtMm), point(facts.kneeMm / 2, facts.kneeAtMm)],
        }),
      ],
    },
  };
}
