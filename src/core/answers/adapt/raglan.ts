import { leaf, createLedger } from '../../explain/ledger';
import { MM_PER_INCH } from '../../units/constants';
import { lengthMm, numberOf, record, type FactsOf } from '../../facts/spec';
import { refusedDraft, type Drafted, type DraftPiece } from './draft';
import { lengthOf, polyline, splitAlong, startOf } from '../../geometry/path';
import { distance, point, type Point } from '../../geometry/point';
import { flattened } from '../../geometry/ring';
import { bowed, curve } from './curves';

/** What is measured on the tee that becomes a raglan, and on the wearer. Finished measures, without allowances. */
export const raglanSpec = record('Raglan from a tee', {
  chestMm: lengthMm('Chest of the tee, all round', 300, 2000, [500, 1400]),
  neckWidthMm: lengthMm('Neck width, shoulder to shoulder', 80, 400, [120, 260]),
  neckFrontMm: lengthMm('Depth of the front neck', 20, 350, [40, 140]),
  neckBackMm: lengthMm('Depth of the back neck', 5, 200, [10, 60]),
  shoulderMm: lengthMm('Shoulder seam', 40, 250, [60, 180]),
  slopeRad: numberOf('radians', 'Slope of the shoulder', 0, 0.8),
  armholeMm: lengthMm('Armhole depth, from the neck point', 100, 450, [140, 320]),
  bicepsMm: lengthMm('Sleeve at the underarm, all round', 120, 900, [180, 560]),
  sleeveMm: lengthMm('Sleeve, from the shoulder point', 80, 900, [200, 700]),
  wristMm: lengthMm('Wrist', 80, 400, [110, 230]),
  wristEaseMm: lengthMm('Ease at the wrist', 0, 150),
  widerMm: lengthMm('Neck enlarged at each side', 0, 60),
  deeperFrontMm: lengthMm('Neck enlarged in front', 0, 120),
  deeperBackMm: lengthMm('Neck enlarged behind', 0, 60),
  bowShare: numberOf('share', 'Raglan line curved in by', 0, 0.08),
});
type RaglanFacts = FactsOf<typeof raglanSpec>;

/** An adult's raglan point lies this far from the shoulder, 2½ in, on this chest (T); scaled by size. */
export const RAGLAN_POINT = { mm: 2.5 * MM_PER_INCH, onChestMm: 920 } as const;
/** Body pieces are drawn this far below the underarm. */
const SHOWN_MM = 120;

export const usualRaglan: RaglanFacts = {
  chestMm: 1000,
  neckWidthMm: 180,
  neckFrontMm: 85,
  neckBackMm: 22,
  shoulderMm: 125,
  slopeRad: (20 * Math.PI) / 180,
  armholeMm: 240,
  bicepsMm: 380,
  sleeveMm: 600,
  wristMm: 170,
  wristEaseMm: 50,
  widerMm: 8,
  deeperFrontMm: 20,
  deeperBackMm: 5,
  bowShare: 0.025,
};

interface BodySide {
  readonly neck: readonly Point[];
  readonly raglanPoint: Point;
  readonly raglan: readonly Point[];
  /** The raglan point as it lies on the sleeve, whose middle line is the shoulder. */
  readonly onSleeve: Point;
  /** The neck edge that goes with the sleeve, from the neck point to the raglan point. */
  readonly neckOnSleeve: readonly Point[];
  readonly chord: number;
}

/** The tee's neck made larger before anything is marked on it: like a plate laid on off centre, deeper in front (T). */
const enlarged = (facts: RaglanFacts): RaglanFacts => ({
  ...facts,
  neckWidthMm: facts.neckWidthMm + 2 * facts.widerMm,
  neckFrontMm: facts.neckFrontMm + facts.deeperFrontMm,
  neckBackMm: facts.neckBackMm + facts.deeperBackMm,
  shoulderMm: Math.max(facts.shoulderMm - facts.widerMm / Math.cos(facts.slopeRad), 1),
});

/**
 * A raglan from a tee: the tops of front and back are joined to the sleeve at the shoulder, along a line from a
 * point on the neckline to the underarm. The sleeve's lines are the body's own, so that they agree; its underarms
 * are placed so that both sides are as long. Refused where no such sleeve exists.
 */
export function draftRaglan(typed: RaglanFacts): Drafted {
  const facts = enlarged(typed);
  const book = createLedger();
  const given = (id: keyof RaglanFacts, unit: 'mm' | 'rad' = 'mm') =>
    leaf(raglanSpec.fields[id].label.toLowerCase(), typed[id], unit, 'measured');
  const pointMm = book.work('raglan.point', {
    label: 'raglan points from the shoulder, along the neckline',
    unit: 'mm',
    mark: 'T',
    note: '2½ in on an adult, scaled by size.',
    formula: 'adult * chest / usual',
    terms: {
      adult: leaf('on an adult', RAGLAN_POINT.mm, 'mm', 'T'),
      chest: given('chestMm'),
      usual: leaf('an adult’s chest', RAGLAN_POINT.onChestMm, 'mm', 'T'),
    },
  });
  const front = bodySide(facts, facts.neckFrontMm, pointMm.value);
  const back = bodySide(facts, facts.neckBackMm, pointMm.value);
  if (!front || !back) {
    return refusedDraft('The raglan point lies beyond the middle of the neck: measure the neck again.');
  }
  const sleeve = placeSleeve(facts, front, back);
  if (!sleeve) {
    return refusedDraft(
      'No sleeve of this width joins these raglan lines: make it wider at the underarm, or the armhole deeper.',
    );
  }
  const endY = facts.shoulderMm + facts.sleeveMm;
  if (endY <= sleeve.y) {
    return refusedDraft(
      'The sleeve ends above its own underarm: measure its length from the shoulder point.',
    );
  }
  const hem = book.work('raglan.hem', {
    label: 'sleeve hem, all round',
    unit: 'mm',
    mark: 'D',
    formula: 'wrist + ease',
    terms: { wrist: given('wristMm'), ease: given('wristEaseMm') },
  });
  const shift = (sleeve.frontX - sleeve.backX) / 2;
  const frontHem = point(-(hem.value / 2 + shift), endY);
  const backHem = point(hem.value / 2 - shift, endY);
  const frontArm = point(-sleeve.frontX, sleeve.y);
  const backArm = point(sleeve.backX, sleeve.y);
  const frontLine = bowed(front.onSleeve, frontArm, facts.bowShare * front.chord);
  const backLine = bowed(mirror(back.onSleeve), backArm, -facts.bowShare * back.chord);
  const measured = (id: string, label: string, mm: number) =>
    book.given(`raglan.${id}`, label, mm, 'mm', 'measured', 'Measured along the drawn line.').id;
  const whole = book.work('raglan.length', {
    label: 'sleeve’s middle line, neck to hem',
    unit: 'mm',
    mark: 'D',
    note: 'The enlarged neck takes its part of the shoulder.',
    formula: 'max(shoulder - wider / cos(slope), least) + sleeve',
    terms: {
      shoulder: given('shoulderMm'),
      wider: given('widerMm'),
      slope: given('slopeRad', 'rad'),
      least: leaf('least that is left', 1, 'mm', 'D'),
      sleeve: given('sleeveMm'),
    },
  });
  return {
    ok: true,
    draft: {
      numbers: book.numbers,
      shown: [
        pointMm.id,
        measured('bodyFront', 'raglan line of the front', lengthOf(polyline(front.raglan))),
        measured('sleeveFront', 'raglan line of the sleeve, front', lengthOf(polyline(frontLine))),
        measured('bodyBack', 'raglan line of the back', lengthOf(polyline(back.raglan))),
        measured('sleeveBack', 'raglan line of the sleeve, back', lengthOf(polyline(backLine))),
        measured('armFront', 'underarm of the sleeve, front', distance(frontArm, frontHem)),
        measured('armBack', 'underarm of the sleeve, back', distance(backArm, backHem)),
        whole.id,
        hem.id,
      ],
      pieces: [
        bodyPiece('front', 'Front, half, on the fold', facts, front),
        bodyPiece('back', 'Back, half, on the fold', facts, back),
        {
          id: 'sleeve',
          label: 'Sleeve; its front is on the left',
          lines: [
            {
              label: 'sleeve',
              kind: 'cut',
              points: [
                ...sleeveTop(front, back),
                ...backLine.slice(1),
                backHem,
                frontHem,
                frontArm,
                ...frontLine.toReversed().slice(1),
              ],
            },
            { label: 'shoulder line', kind: 'mark', points: [point(0, 0), point(0, endY)] },
            {
              label: 'shoulder point',
              kind: 'mark',
              points: [point(-15, facts.shoulderMm), point(15, facts.shoulderMm)],
            },
          ],
        },
      ],
    },
  };
}

function bodySide(facts: RaglanFacts, depth: number, pointMm: number): BodySide | undefined {
  const half = facts.neckWidthMm / 2;
  const neckPoint = point(half, 0);
  const neck = polyline(curve(neckPoint, point(half, depth), point(0, depth)));
  const [taken, rest] = splitAlong(neck, pointMm);
  if (!taken || !rest) return undefined;
  const raglanPoint = startOf(rest);
  const underarm = point(facts.chestMm / 4, facts.armholeMm);
  const chord = distance(raglanPoint, underarm);
  const neckOnSleeve = flattened(taken).map((at) => ontoSleeve(at, neckPoint, facts.slopeRad));
  return {
    neck: flattened(rest),
    raglanPoint,
    raglan: bowed(raglanPoint, underarm, facts.bowShare * chord),
    neckOnSleeve,
    onSleeve: neckOnSleeve.at(-1) as Point,
    chord,
  };
}

/** A point of the body seen from the sleeve: the shoulder line turned to run straight down from the neck point. */
function ontoSleeve(at: Point, neckPoint: Point, slope: number): Point {
  const [dx, dy] = [at.x - neckPoint.x, at.y - neckPoint.y];
  const along = dx * Math.cos(slope) + dy * Math.sin(slope);
  const aside = -dx * Math.sin(slope) + dy * Math.cos(slope);
  return point(-aside, along);
}

const mirror = ({ x, y }: Point): Point => point(-x, y);

/**
 * Where the underarms lie: at one height, as far apart as the sleeve is wide, each a raglan line's chord from its
 * raglan point (by halving). `undefined` where the width cannot be had.
 */
function placeSleeve(
  { bicepsMm }: RaglanFacts,
  front: BodySide,
  back: BodySide,
): { y: number; frontX: number; backX: number } | undefined {
  const reach = ({ onSleeve, chord }: BodySide, y: number) => {
    const under = chord ** 2 - (y - onSleeve.y) ** 2;
    return under < 0 ? undefined : -onSleeve.x + Math.sqrt(under);
  };
  let low = Math.max(front.onSleeve.y, back.onSleeve.y);
  let high = Math.min(front.onSleeve.y + front.chord, back.onSleeve.y + back.chord);
  const width = (y: number) => {
    const [a, b] = [reach(front, y), reach(back, y)];
    return a === undefined || b === undefined ? undefined : a + b;
  };
  const [widest, narrowest] = [width(low), width(high)];
  if (widest === undefined || narrowest === undefined) return undefined;
  if (bicepsMm > widest || bicepsMm < narrowest) return undefined;
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if ((width(middle) ?? 0) > bicepsMm) low = middle;
    else high = middle;
  }
  const y = (low + high) / 2;
  return { y, frontX: reach(front, y) ?? 0, backX: reach(back, y) ?? 0 };
}

/** The neck edge of the sleeve, from the front's raglan point over the neck point to the back's. */
const sleeveTop = (front: BodySide, back: BodySide): readonly Point[] => [
  ...front.neckOnSleeve.toReversed(),
  ...back.neckOnSleeve.slice(1).map(mirror),
];

function bodyPiece(id: string, label: string, facts: RaglanFacts, side: BodySide): DraftPiece {
  const underarm = side.raglan.at(-1) as Point;
  const foot = facts.armholeMm + SHOWN_MM;
  const middle = side.neck.at(-1) as Point;
  const shoulderEnd = point(
    facts.neckWidthMm / 2 + facts.shoulderMm * Math.cos(facts.slopeRad),
    facts.shoulderMm * Math.sin(facts.slopeRad),
  );
  return {
    id,
    label,
    lines: [
      {
        label: 'to cut',
        kind: 'cut',
        points: [
          ...side.neck.toReversed(),
          ...side.raglan.slice(1),
          point(underarm.x, foot),
          point(0, foot),
          middle,
        ],
      },
      {
        label: 'the tee’s shoulder and armhole',
        kind: 'old',
        points: [
          side.raglanPoint,
          point(facts.neckWidthMm / 2, 0),
          shoulderEnd,
          ...curve(shoulderEnd, point(shoulderEnd.x - 12, facts.armholeMm * 0.8), underarm),
        ],
      },
    ],
  };
}
