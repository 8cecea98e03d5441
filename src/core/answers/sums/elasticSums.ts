import { afterPinching, shorterBy, sideStrap, lessShare } from '../../edges/elastics/lengths';
import { shorterRange, usuallyShorter } from '../../edges/elastics/ruleRanges';
import { ADJUST_MM } from '../../edges/elastics/strapUses';
import { OVERLAP_MM } from '../../edges/elastics/rules';
import { RING_TAIL_MM } from '../../facts/finding';
import { leaf } from '../../explain/ledger';
import { lengthMm, numberOf } from '../../facts/spec';
import { wornExtension } from '../../fit/ease';
import { LIMITS } from '../../fit/limits';
import { MM_PER_INCH } from '../../units/constants';
import { BODY_MM, CURVE, PRESSURE, TENSION, UNDER_COMFORT, WORN, pressureRules, tooTight } from './holdSteps';
import { sumOf } from './sum';

const length = (label: string) => lengthMm(label, 10, 4000, [80, 1800]);
const girth = (label: string) => lengthMm(label, 80, 2500, [140, 1500]);

const edgeElastic = sumOf({
  label: 'Elastic on an edge',
  about: 'Elastic for a leg, waist, neckline or armhole: the edge less a share, and what joins it.',
  given: {
    edgeMm: { as: 'L', field: length('The edge'), mark: 'measured', usual: 590 },
    shorter: {
      as: 's',
      field: numberOf('share', 'Shorter by', -0.3, 0.6),
      mark: 'chosen',
      usual: usuallyShorter('turned'),
    },
    overlapMm: {
      as: 'overlap',
      field: lengthMm('Overlap at the join', 0, 60, [5, 25]),
      said: 'overlap',
      mark: 'T',
      usual: OVERLAP_MM,
    },
  },
  steps: [
    {
      as: 'B',
      id: 'elastic',
      label: 'elastic, without its join',
      unit: 'mm',
      mark: 'T',
      formula: lessShare.text,
    },
    { as: 'off', id: 'off', label: 'taken off', unit: 'mm', mark: 'T', formula: 'L * s' },
    { as: 'cut', id: 'cut', label: 'cut length', unit: 'mm', mark: 'T', formula: 'B + overlap' },
  ],
  shown: ['B', 'cut', 'off'],
  rule: { rest: 'B', worn: 'L' },
  says: ({ s = 0 }) =>
    s < 0
      ? 'Longer than the edge: the elastic has to be eased on, which is seldom meant.'
      : `Turned swim elastic ${shorterRange('turned')} shorter, lingerie elastic a tenth; concealed in a seam as long as the edge.`,
  result: { kind: 'length', of: 'B' },
});

const BASTE = { as: 'first', id: 'first', label: 'elastic to baste', unit: 'mm', mark: 'T' } as const;

const shelfBra = sumOf({
  label: 'Shelf bra elastic',
  about:
    'To baste and try on: the snug underbust less a little, less what it grows; then what was pinched out.',
  given: {
    underbustMm: { as: 'G', field: girth('Snug underbust'), mark: 'measured', usual: 31 * MM_PER_INCH },
    lessMm: {
      as: 'less',
      field: lengthMm('Less than the body', 0, 300, [25, 130]),
      mark: 'T',
      usual: 3 * MM_PER_INCH,
    },
    growth: {
      as: 'g',
      field: numberOf('share', 'Grew as it was sewn', 0, 0.2),
      mark: 'own record',
      optional: true,
    },
    pinchedMm: {
      as: 'pinched',
      field: lengthMm('Pinched out', -400, 800),
      mark: 'own record',
      optional: true,
    },
  },
  rules: { grows: leaf('grows as it is sewn, not measured', MM_PER_INCH, 'mm', 'T') },
  steps: [
    { over0: 'G - less - grows', says: 'That leaves nothing: take off less.' },
    {
      given: 'g',
      then: { ...BASTE, formula: '(G - less) / (1 + g)' },
      otherwise: {
        ...BASTE,
        note: 'About an inch of growth where no sample was sewn.',
        formula: 'G - less - grows',
      },
    },
    {
      given: 'pinched',
      then: {
        as: 'last',
        id: 'after',
        label: 'after trying on',
        unit: 'mm',
        mark: 'own record',
        formula: afterPinching.text,
        where: { basted: 'first' },
      },
      otherwise: { as: 'last', same: 'first' },
    },
    { over0: 'last', says: 'More is pinched out than there is: measure the pinch again.' },
    {
      as: 'under',
      id: 'under',
      label: 'under the body',
      unit: 'share',
      mark: 'D',
      formula: shorterBy.text,
      where: { B: 'last', L: 'G' },
    },
  ],
  shown: ['last', 'under', 'first'],
  rule: { rest: 'last', worn: 'G' },
  says: 'Butt the ends and zigzag them: nothing is added. Short breath or marks that stay: too tight.',
  result: { kind: 'length', of: 'last' },
});

const exposed = sumOf({
  label: 'Plush waistband',
  about:
    'Exposed waist elastic by what the pattern has: an inch off as cut, the ring two allowances less again.',
  given: {
    waistMm: { as: 'W', field: girth('The pattern’s waist'), mark: 'measured', usual: 28 * MM_PER_INCH },
    offMm: { as: 'off', field: lengthMm('Taken off', 0, 200, [10, 60]), mark: 'T', usual: MM_PER_INCH },
    allowanceMm: {
      as: 'a',
      field: lengthMm('Allowance of its seam', 0, 40, [4, 16]),
      mark: 'measured',
      usual: MM_PER_INCH / 4,
    },
  },
  steps: [
    { as: 'cut', id: 'cut', label: 'cut length', unit: 'mm', mark: 'T', formula: 'W - off' },
    { as: 'ring', id: 'ring', label: 'the ring, once joined', unit: 'mm', mark: 'D', formula: 'cut - 2 * a' },
    { over0: 'ring', says: 'That leaves nothing: take off less.' },
  ],
  shown: ['cut', 'ring'],
  rule: { rest: 'ring', worn: 'W' },
  result: { kind: 'length', of: 'ring' },
});

const strap = sumOf({
  label: 'Adjustable strap',
  about: 'Comfortable length as worn, room to adjust, and what is turned at the ends.',
  given: {
    wornMm: {
      as: 'W',
      field: lengthMm('Comfortable, as worn', 50, 900, [250, 500]),
      mark: 'measured',
      usual: 380,
    },
    roomMm: {
      as: 'room',
      field: lengthMm('Room to adjust', 0, 300, [50, 150]),
      mark: 'T',
      usual: ADJUST_MM,
    },
    tailMm: { as: 'tail', field: lengthMm('Turned at each end', 0, 150, [10, 50]), mark: 'T', usual: 25 },
  },
  steps: [
    {
      as: 'cut',
      id: 'cut',
      label: 'strap elastic, each',
      unit: 'mm',
      mark: 'T',
      formula: 'W + room + 2 * tail',
    },
  ],
  shown: ['cut'],
  says: 'A usual start is 42 cm (16 ½ in), and a tab of 2 to 2.5 cm (1 in) for each ring.',
  result: { kind: 'length', of: 'W + room' },
});

const sideStraps = sumOf({
  label: 'Side strap of panties',
  about: 'What the panels leave open round the hip, shared by both sides, and what is sewn round the rings.',
  given: {
    hipMm: { as: 'G', field: girth('Hip where it is worn'), mark: 'measured', usual: 940 },
    frontMm: {
      as: 'F',
      field: lengthMm('Front, ring to ring', 20, 1500, [150, 700]),
      said: 'front',
      mark: 'measured',
      usual: 380,
    },
    backMm: {
      as: 'B',
      field: lengthMm('Back, ring to ring', 20, 1500, [150, 700]),
      said: 'back',
      mark: 'measured',
      usual: 360,
    },
    tailsMm: {
      as: 'tails',
      field: lengthMm('Round the ring, in all', 0, 150, [20, 60]),
      said: 'round the ring',
      mark: 'T',
      usual: RING_TAIL_MM,
    },
  },
  steps: [
    {
      over0: 'G - F - B',
      says: 'The panels already reach round the hip: nothing is left for straps.',
    },
    {
      as: 'open',
      id: 'open',
      label: 'ring to ring, each side',
      unit: 'mm',
      mark: 'T',
      formula: sideStrap.text,
    },
    { as: 'cut', id: 'cut', label: 'cut length, each side', unit: 'mm', mark: 'T', formula: 'open + tails' },
  ],
  shown: ['cut', 'open'],
  says: 'Four rings and two sliders. The slider’s loop needs nothing more: edges and elastic give.',
  result: { kind: 'length', of: 'open' },
});

const hold = sumOf({
  label: 'Hold of an elastic',
  about: 'What a ring of elastic pulls and presses with on the body. This is never medical compression.',
  given: {
    ringMm: {
      as: 'g',
      field: girth('The ring at rest'),
      mark: 'measured',
      usual: 650,
    },
    bodyMm: { as: 'G', field: girth('The body'), mark: 'measured', usual: 800, inMm: BODY_MM },
    widthMm: {
      as: 'w',
      field: lengthMm('Its width', 2, 150, [4, 60]),
      said: 'its width, mm',
      unit: 'dialMm',
      mark: 'measured',
      usual: 20,
    },
    ...CURVE(50_000, { tS: 480, S: 0.8, k: 1.4 }),
  },
  rules: pressureRules,
  steps: [
    { over0: 'G - g', says: 'The ring is no smaller than the body: it does not hold.' },
    { ...WORN, id: 'worn', label: 'stretched on the body', formula: wornExtension.text },
    { ...TENSION, label: 'tension for each width' },
    {
      as: 'force',
      id: 'force',
      label: 'force it pulls with',
      unit: 'newton',
      mark: 'D',
      formula: 'T * w / mm',
    },
    PRESSURE,
  ],
  shown: ['force', 'P', 'e'],
  rule: { rest: 'g', worn: 'G', limit: 'g * (1 + S)' },
  says: ({ P = 0 }) =>
    tooTight(P)
      ? 'Too tight: comfort falls off from about 6 kPa. Marks that stay, numbness or short breath: loosen it.'
      : UNDER_COMFORT,
  result: { kind: 'length', of: 'g' },
});

const lettuce = sumOf({
  label: 'Lettuce edge',
  about: 'How full an edge ripples that is stretched while it is overcast.',
  given: {
    edgeMm: { as: 'L', field: length('The edge at rest'), mark: 'measured', usual: 800 },
    stretched: {
      as: 's',
      field: numberOf('share', 'Stretched under the needle', 0, 2),
      mark: 'chosen',
      usual: 0.3,
    },
    S: {
      as: 'S',
      field: numberOf('share', 'The cloth’s stretch along that edge', 0.01, 4),
      said: 'the cloth’s stretch',
      mark: 'measured',
      usual: 0.6,
    },
  },
  rules: { u: leaf('share usable while sewing', LIMITS.sewn, 'share', 'T') },
  steps: [
    {
      as: 'most',
      id: 'most',
      label: 'most it should be stretched',
      unit: 'share',
      mark: 'T',
      formula: 'u * S',
    },
    {
      as: 'line',
      id: 'line',
      label: 'edge once overcast',
      unit: 'mm',
      mark: 'D',
      formula: 'L * (min(s, most) + 1)',
    },
  ],
  shown: ['line', 'most'],
  rule: { rest: 'L', worn: 'line', limit: 'L * (1 + S)' },
  says: 'It ripples best along the greatest stretch, and least along the other way.',
});

/** Sums of elastics and straps. */
export const elasticSums = { edgeElastic, shelfBra, exposed, strap, sideStraps, hold, lettuce } as const;
