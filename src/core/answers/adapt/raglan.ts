import { ontoSleeve, raglanPoint } from '../../blocks/operations/raglan';
import { leaf, createLedger } from '../../explain/ledger';
import { lengthMm, numberOf, record, type FactsOf } from '../../facts/spec';
import { catalogue } from '../../garments/catalogue';
import {
  backwards,
  endOf,
  joined,
  lengthOf,
  mapped,
  pathOf,
  polyline,
  splitAlong,
  startOf,
  type Path,
} from '../../geometry/path';
import { distance, mirrored, point, type Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/ring';
import { quadratic } from '../../geometry/segment';
import { edgeRedrawn } from '../../pieces/alter/edgeLine';
import { girthMm, girthParts } from '../../pieces/girth';
import { zoneWidth } from '../../pieces/measure';
import { roundPiece, type Outline, type Outlines } from '../../pieces/outline';
import { outlineAlong } from '../../pieces/ring';
import { bowed } from './curves';
import {
  edgePath,
  lineAlong,
  missing,
  refusedDraft,
  type DraftPiece,
  type Drafted,
  type MadePieces,
  type OnPieces,
} from './draft';

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

/** The upper half of a body piece, its fold at x = 0 and its neck point at y = 0. */
interface BodyTop {
  /** From the neck point to the centre. */
  readonly neck: Path;
  /** How the shoulder falls, radians. */
  readonly slopeRad: number;
  /** Shoulder and armhole, as they were. */
  readonly old: readonly Path[];
  readonly underarm: Point;
  /** Side, hem and centre, each from where the one before it ends. */
  readonly below: readonly { readonly id: string; readonly path: Path }[];
}

interface BodySide {
  /** The neck edge that stays on the body, from the centre to the raglan point. */
  readonly neck: Path;
  readonly raglan: Path;
  /** The raglan point as it lies on the sleeve, whose middle line is the shoulder. */
  readonly onSleeve: Point;
  /** The neck edge that goes with the sleeve, from the neck point to the raglan point. */
  readonly neckOnSleeve: Path;
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
  // Without outlines there is a top alone, and no garment to keep.
  return drafted(typed, typedTop(facts, facts.neckFrontMm), typedTop(facts, facts.neckBackMm), false);
}

function drafted(typed: RaglanFacts, topFront: BodyTop, topBack: BodyTop, isWhole: boolean): Drafted {
  const facts = enlarged(typed);
  const book = createLedger();
  const given = (id: keyof RaglanFacts, unit: 'mm' | 'rad' = 'mm') =>
    leaf(raglanSpec.fields[id].label.toLowerCase(), typed[id], unit, 'measured');
  const pointMm = book.work('raglan.point', raglanPoint(given('chestMm')));
  const front = bodySide(facts, topFront, pointMm.value);
  const back = bodySide(facts, topBack, pointMm.value);
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
  const backLine = bowed(mirrored(back.onSleeve), backArm, -facts.bowShare * back.chord);
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
  const sleeveEdges = [
    { id: 'neckline', path: sleeveTop(front, back) },
    { id: 'back-raglan', path: backLine },
    { id: 'back-underarm', path: polyline([backArm, backHem]) },
    { id: 'cuff', path: polyline([backHem, frontHem]) },
    { id: 'front-underarm', path: polyline([frontHem, frontArm]) },
    { id: 'front-raglan', path: backwards(frontLine) },
  ];
  const bodies = { front: bodyEdges(topFront, front), back: bodyEdges(topBack, back) };
  return {
    ok: true,
    draft: {
      numbers: book.numbers,
      shown: [
        pointMm.id,
        measured('bodyFront', 'raglan line of the front', lengthOf(front.raglan)),
        measured('sleeveFront', 'raglan line of the sleeve, front', lengthOf(frontLine)),
        measured('bodyBack', 'raglan line of the back', lengthOf(back.raglan)),
        measured('sleeveBack', 'raglan line of the sleeve, back', lengthOf(backLine)),
        measured('armFront', 'underarm of the sleeve, front', distance(frontArm, frontHem)),
        measured('armBack', 'underarm of the sleeve, back', distance(backArm, backHem)),
        whole.id,
        hem.id,
      ],
      pieces: [
        bodyPiece('front', 'Front, half, on the fold', topFront, bodies.front),
        bodyPiece('back', 'Back, half, on the fold', topBack, bodies.back),
        {
          id: 'sleeve',
          label: 'Sleeve; its front is on the left',
          lines: [
            lineAlong('sleeve', 'cut', ...sleeveEdges.map(({ path }) => path)),
            { label: 'shoulder line', kind: 'mark', points: [point(0, 0), point(0, endY)] },
            {
              label: 'shoulder point',
              kind: 'mark',
              points: [point(-15, facts.shoulderMm), point(15, facts.shoulderMm)],
            },
          ],
        },
      ],
      ...(isWhole ? { made: madePieces(bodies, sleeveEdges) } : {}),
    },
  };
}

type Edges = BodyTop['below'];

const madePieces = (bodies: { readonly front: Edges; readonly back: Edges }, sleeve: Edges): MadePieces => ({
  kind: 'raglan',
  shapes: {
    front: outlineAlong(bodies.front, 'a drawing'),
    back: outlineAlong(bodies.back, 'a drawing'),
    sleeve: outlineAlong(sleeve, 'a drawing'),
  },
});

/** A body piece as its measures tell it: its neck a quarter of an oval, its side plumb. */
function typedTop(facts: RaglanFacts, depth: number): BodyTop {
  const half = facts.neckWidthMm / 2;
  const [neckPoint, centre] = [point(half, 0), point(0, depth)];
  const underarm = point(facts.chestMm / 4, facts.armholeMm);
  const foot = facts.armholeMm + SHOWN_MM;
  const shoulderEnd = point(
    half + facts.shoulderMm * Math.cos(facts.slopeRad),
    facts.shoulderMm * Math.sin(facts.slopeRad),
  );
  const control = point(shoulderEnd.x - 12, facts.armholeMm * 0.8);
  return {
    neck: pathOf([quadratic(neckPoint, point(half, depth), centre)]),
    slopeRad: facts.slopeRad,
    old: [polyline([neckPoint, shoulderEnd]), pathOf([quadratic(shoulderEnd, control, underarm)])],
    underarm,
    below: [
      { id: 'side', path: polyline([underarm, point(underarm.x, foot)]) },
      { id: 'hem', path: polyline([point(underarm.x, foot), point(0, foot)]) },
      { id: 'centre', path: polyline([point(0, foot), centre]) },
    ],
  };
}

function bodySide(facts: RaglanFacts, top: BodyTop, pointMm: number): BodySide | undefined {
  const [taken, rest] = splitAlong(top.neck, pointMm);
  if (!taken || !rest) return undefined;
  const raglanPoint = startOf(rest);
  const chord = distance(raglanPoint, top.underarm);
  const neckPoint = startOf(top.neck);
  const neckOnSleeve = mapped(taken, (at) => ontoSleeve(at, neckPoint, top.slopeRad));
  return {
    neck: backwards(rest),
    raglan: bowed(raglanPoint, top.underarm, facts.bowShare * chord),
    neckOnSleeve,
    onSleeve: endOf(neckOnSleeve),
    chord,
  };
}

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

/** The neck edge of the sleeve, from the front’s raglan point over the neck point to the back’s. */
const sleeveTop = (front: BodySide, back: BodySide): Path =>
  joined(backwards(front.neckOnSleeve), mapped(back.neckOnSleeve, mirrored));

/** The edges of a body piece, clockwise from its centre front or back. */
const bodyEdges = (top: BodyTop, side: BodySide): Edges => [
  { id: 'neckline', path: side.neck },
  { id: 'raglan', path: side.raglan },
  ...top.below,
];

const bodyPiece = (id: string, label: string, top: BodyTop, edges: Edges): DraftPiece => ({
  id,
  label,
  lines: [
    lineAlong('to cut', 'cut', ...edges.map(({ path }) => path)),
    lineAlong('the tee’s neck, shoulder and armhole', 'old', backwards(top.neck), ...top.old),
  ],
});

/** A raglan drawn on the outlines of a tee. */
export const raglanOnPieces: OnPieces<RaglanFacts> = {
  kinds: ['tee'],
  measure: (outlines) => {
    const lacking = missing(outlines, ['front', 'back', 'sleeve']);
    if (lacking) return lacking;
    const [front, back] = (['front', 'back'] as const).map((id) => topOf(outlines, id)) as [BodyTop, BodyTop];
    const sleeve = outlines.sleeve as Outline;
    const { top, bottom } = boundsOf(roundPiece(sleeve));
    const bust = catalogue.tee.zones.find(({ id }) => id === 'bust');
    const chest = bust && girthParts(catalogue.tee, outlines, bust);
    return {
      chestMm: chest ? girthMm(chest) : 2 * (front.underarm.x + back.underarm.x),
      neckWidthMm: 2 * startOf(front.neck).x,
      neckFrontMm: endOf(front.neck).y,
      neckBackMm: endOf(back.neck).y,
      shoulderMm: lengthOf(edgePath(outlines, 'front', 'shoulder')),
      slopeRad: front.slopeRad,
      armholeMm: front.underarm.y,
      bicepsMm: zoneWidth(sleeve, 'biceps') ?? 0,
      sleeveMm: bottom - top,
    };
  },
  draft: (facts, outlines) => {
    const wider = facts.widerMm / Math.cos(facts.slopeRad);
    const front = neckMoved(outlines, 'front', facts.deeperFrontMm, wider);
    const both = front && neckMoved(front, 'back', facts.deeperBackMm, 0);
    if (!both) return refusedDraft('The neck would reach the end of the shoulder: enlarge it by less.');
    return drafted(facts, topOf(both, 'front'), topOf(both, 'back'), true);
  },
};

/** A neckline lowered at the centre and slid along the shoulder; the piece beyond the shoulder follows. */
const neckMoved = (outlines: Outlines, piece: string, startMm: number, endMm: number): Outlines | undefined =>
  edgeRedrawn(catalogue.tee, outlines, { piece, edge: 'neckline', startMm, middleMm: 0, endMm });

/** The upper half of a traced body piece. */
function topOf(outlines: Outlines, piece: 'front' | 'back'): BodyTop {
  const fold = startOf(edgePath(outlines, piece, 'centre')).x;
  const neckPoint = endOf(edgePath(outlines, piece, 'neckline'));
  const laid = (id: string): Path =>
    mapped(edgePath(outlines, piece, id), ({ x, y }) => point(x - fold, y - neckPoint.y));
  const shoulder = laid('shoulder');
  const [from, to] = [startOf(shoulder), endOf(shoulder)];
  return {
    neck: backwards(laid('neckline')),
    slopeRad: Math.atan2(to.y - from.y, to.x - from.x),
    old: [shoulder, laid('armhole')],
    underarm: endOf(laid('armhole')),
    below: ['side', 'hem', 'centre'].map((id) => ({ id, path: laid(id) })),
  };
}
