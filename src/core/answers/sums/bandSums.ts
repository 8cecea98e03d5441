import { EIGHTHS_FROM_MM, markCount, quarterInFront } from '../../edges/marks/marks';
import { flatLyingBand, foldEdge, foldEdgeSlack, SLACK, USUAL_EASE_IN } from '../../edges/fold/formulas';
import { ringOfPieces, seamlineOfRing } from '../../edges/seamline';
import {
  CASING_ROOM_MM,
  WAISTBAND_ROOM_MM,
  casingWidth,
  waistbandWidth,
  lessShare,
} from '../../edges/elastics/lengths';
import { shorterRange } from '../../edges/elastics/ruleRanges';
import { leaf } from '../../explain/ledger';
import { USUAL_TURN } from '../../edges/turns';
import { lengthMm, numberOf } from '../../facts/spec';
import { LIMITS } from '../../fit/limits';
import { sumOf } from './sum';

const edge = (label: string) => lengthMm(label, 20, 4000, [120, 1800]);
const turn = {
  as: 'turn',
  field: numberOf('radians', 'Total turn', -2 * Math.PI, 2 * Math.PI),
  mark: 'D',
} as const;
const allowance = {
  as: 'a',
  field: lengthMm('Seam allowance', 0, 40, [4, 16]),
  mark: 'measured',
  usual: 6,
} as const;
const widthOf = (min: number, max: number, usual: readonly [number, number], usualMm: number) =>
  ({ as: 'w', field: lengthMm('Finished width', min, max, usual), mark: 'chosen', usual: usualMm }) as const;

/** A ring's cut length: its seam's two allowances on top. */
const CUT = {
  as: 'cut',
  id: 'cut',
  label: 'cut length',
  unit: 'mm',
  mark: 'D',
  formula: 'B + 2 * a',
} as const;
/** A folded band's cut width. */
const WIDTH = {
  as: 'W',
  id: 'width',
  label: 'cut width',
  unit: 'mm',
  mark: 'T',
  formula: '2 * (w + a)',
} as const;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

const neckband = sumOf({
  label: 'Neckband',
  about: 'The length at which a folded band lies flat on a neck, by its width and the neck’s turn.',
  given: {
    neckMm: { as: 'N', field: edge('Neckline, at the seamline'), mark: 'measured', usual: 500 },
    widthMm: widthOf(3, 150, [8, 50], 20),
    turnRad: { ...turn, usual: USUAL_TURN.neck },
    easeIn: {
      as: 'c',
      field: numberOf('share', 'Share of the curve taken off', 0.1, 2),
      mark: 'D',
      unit: 'ratio',
      usual: USUAL_EASE_IN,
    },
    allowanceMm: allowance,
  },
  steps: [
    {
      over0: foldEdge.text,
      says: 'A band this wide cannot lie on this neck: make it narrower, or the neck wider.',
    },
    {
      as: 'B',
      id: 'band',
      label: 'neckband at the seamline',
      unit: 'mm',
      mark: 'D',
      formula: flatLyingBand.text,
    },
    { over0: 'B', says: 'That takes off more than there is: a smaller share, or a narrower band.' },
    { as: 'F', id: 'fold', label: 'exactly flat', unit: 'mm', mark: 'D', formula: foldEdge.text },
    {
      as: 'slack',
      id: 'slack',
      label: 'slack of the fold',
      unit: 'share',
      mark: 'D',
      formula: foldEdgeSlack.text,
    },
    CUT,
    WIDTH,
  ],
  shown: ['B', 'cut', 'W', 'F', 'slack'],
  rule: { rest: 'B', worn: 'N' },
  says: `Up to ${percent(SLACK.liesFlat)} of slack lies flat, to ${percent(SLACK.wantsSteam)} wants steam, more stands up.`,
  result: { kind: 'length', of: 'B' },
});

const seamline = sumOf({
  label: 'From the pieces to the seamline',
  about: 'What a tape along the cut pieces reads is not what is sewn: allowances are lost, the curve adds.',
  given: {
    piecesMm: {
      as: 'pieces',
      field: edge('All pieces, edge to edge'),
      said: 'pieces, edge to edge',
      mark: 'measured',
      usual: 500,
    },
    seams: {
      as: 'n',
      field: numberOf('count', 'Seams that cross it', 0, 24),
      said: 'seams',
      mark: 'measured',
      usual: 2,
    },
    crossingMm: {
      as: 's',
      field: lengthMm('Allowance of those seams', 0, 40, [4, 16]),
      said: 'their allowance',
      mark: 'measured',
      usual: 10,
    },
    allowanceMm: {
      as: 'a',
      field: lengthMm('Allowance at the edge', 0, 60, [4, 25]),
      mark: 'measured',
      usual: 10,
    },
    turnRad: { ...turn, usual: USUAL_TURN.neck },
  },
  steps: [
    {
      as: 'ring',
      id: 'ring',
      label: 'joined, at the cut edge',
      unit: 'mm',
      mark: 'D',
      formula: ringOfPieces.text,
    },
    {
      as: 'line',
      id: 'seamline',
      label: 'at the seamline',
      unit: 'mm',
      mark: 'D',
      formula: seamlineOfRing.text,
    },
    {
      over0: 'min(ring, line)',
      says: 'The allowances take more than the pieces have: measure them again.',
    },
  ],
  shown: ['line', 'ring'],
  says: 'A neck on sloped shoulders turns 280°, an armhole about 220°, a leg about 180°, a tube not at all.',
});

const tube = sumOf({
  label: 'Cuff, hem band, waistband',
  about: 'A band round something like a tube: shortened for snugness only, never longer than what it joins.',
  given: {
    openingMm: { as: 'L', field: edge('What it is sewn to'), mark: 'measured', usual: 200 },
    shorter: { as: 's', field: numberOf('share', 'Shorter by', 0, 0.6), mark: 'chosen', usual: 0.2 },
    stretch: {
      as: 'S',
      field: numberOf('share', 'The band’s stretch', 0.01, 4),
      mark: 'measured',
      usual: 0.6,
    },
    passesMm: {
      as: 'H',
      field: lengthMm('What it passes', 60, 2500, [130, 1400]),
      mark: 'measured',
      optional: true,
    },
    widthMm: widthOf(5, 300, [20, 150], 60),
    allowanceMm: allowance,
  },
  steps: [
    {
      as: 'B',
      id: 'band',
      label: 'band at the seamline',
      unit: 'mm',
      mark: 'T',
      formula: lessShare.text,
    },
    CUT,
    WIDTH,
  ],
  shown: ['B', 'cut', 'W'],
  rule: { rest: 'B', worn: 'L', limit: 'B * (1 + S)' },
  says: ({ L = 0, B = 0, S = 0, H }) => {
    if (L / B - 1 > LIMITS.sewn * S) return 'Too short: it cannot be stretched to its seam while it is sewn.';
    if (H !== undefined && H / B - 1 > S) return 'Too short: it does not go over what it has to pass.';
    return `Usually a cuff is ${shorterRange('cuff')} shorter, a hem band ${shorterRange('hem-band')}, a waistband ${shorterRange('waistband')} under the waist.`;
  },
  result: { kind: 'length', of: 'B' },
});

const casing = sumOf({
  label: 'Casing and folded waistband',
  about: 'How wide to cut what an elastic runs in.',
  given: {
    elasticMm: {
      as: 'v',
      field: lengthMm('Width of the elastic', 2, 150, [4, 60]),
      mark: 'measured',
      usual: 20,
    },
    allowanceMm: allowance,
  },
  rules: {
    slides: leaf('room to slide', CASING_ROOM_MM, 'mm', 'T'),
    beside: leaf('room beside the elastic', WAISTBAND_ROOM_MM, 'mm', 'T'),
  },
  steps: [
    {
      as: 'casing',
      id: 'casing',
      label: 'casing, cut width',
      unit: 'mm',
      mark: 'T',
      formula: casingWidth.text,
      where: { room: 'slides' },
    },
    {
      as: 'waistband',
      id: 'waistband',
      label: 'folded waistband, cut width',
      unit: 'mm',
      mark: 'T',
      formula: waistbandWidth.text,
      where: { room: 'beside' },
    },
  ],
  shown: ['casing', 'waistband'],
});

const marks = sumOf({
  label: 'Marks',
  about: 'Equal divisions of an edge and its band, counted from centre back, never from the seams.',
  given: {
    edgeMm: { as: 'N', field: edge('The edge, at the seamline'), mark: 'measured', usual: 380 },
    bandMm: { as: 'B', field: edge('The band, at the seamline'), mark: 'measured', usual: 318 },
    backHalfMm: {
      as: 'b',
      field: lengthMm('Half of the back, to the shoulder seam', 10, 1500, [40, 200]),
      said: 'half of the back',
      mark: 'measured',
      usual: 76,
      optional: true,
    },
  },
  steps: [
    {
      as: 'n',
      id: 'count',
      label: 'marks on each',
      unit: 'count',
      mark: 'T',
      note: `Quarters, and eighths from ${EIGHTHS_FROM_MM / 10} cm.`,
      by: ({ N = 0 }) => markCount('auto', N),
    },
    {
      as: 'onEdge',
      id: 'edge',
      label: 'from mark to mark on the edge',
      unit: 'mm',
      mark: 'D',
      formula: 'N / n',
    },
    {
      as: 'onBand',
      id: 'band',
      label: 'from mark to mark on the band',
      unit: 'mm',
      mark: 'D',
      formula: 'B / n',
    },
    {
      given: 'b',
      then: {
        as: 'quarter',
        id: 'quarter',
        label: 'quarter mark, in front of the shoulder seam',
        unit: 'mm',
        mark: 'D',
        note: 'Behind it where it is under zero.',
        formula: quarterInFront.text,
      },
    },
  ],
  shown: ['onEdge', 'onBand', 'n', 'quarter'],
});

const hem = sumOf({
  label: 'Hem of a curved edge',
  about: 'A hem turned up on a curve meets a line of another length: how much has to be eased or stretched.',
  given: {
    edgeMm: { as: 'L', field: edge('The cut edge'), mark: 'measured', usual: 1200 },
    depthMm: { as: 'd', field: lengthMm('Turned up', 3, 120, [8, 65]), mark: 'chosen', usual: 25 },
    turnRad: { ...turn, usual: Math.PI / 2 },
  },
  steps: [
    {
      as: 'line',
      id: 'line',
      label: 'where it is stitched',
      unit: 'mm',
      mark: 'D',
      note: 'An outer edge: twice the depth further in, the line is shorter by the turn of that.',
      formula: 'L - turn * 2 * d',
    },
    { over0: 'line', says: 'Turned up so far it closes: a narrower hem, or less turn.' },
    {
      as: 'ease',
      id: 'ease',
      label: 'fullness to ease in',
      unit: 'share',
      mark: 'D',
      formula: 'L / line - 1',
    },
  ],
  shown: ['line', 'ease'],
  says: 'Knit eases in some 5 %; more wants a narrower hem, a facing or a band.',
});

const gathers = sumOf({
  label: 'Gathers',
  about: 'A fuller edge onto a shorter one: how full it is, and what each place takes up.',
  given: {
    beforeMm: {
      as: 'before',
      field: edge('Before gathering'),
      said: 'before',
      mark: 'measured',
      usual: 1100,
    },
    afterMm: { as: 'after', field: edge('After'), mark: 'measured', usual: 780 },
    places: { as: 'n', field: numberOf('count', 'Places', 1, 24), mark: 'chosen', usual: 1 },
  },
  steps: [
    {
      as: 'ratio',
      id: 'ratio',
      label: 'gathered, for each length after',
      unit: 'ratio',
      mark: 'D',
      formula: 'before / after',
    },
    {
      as: 'each',
      id: 'each',
      label: 'taken up in each place',
      unit: 'mm',
      mark: 'D',
      formula: '(before - after) / n',
    },
  ],
  shown: ['ratio', 'each'],
  says: ({ before = 0, after = 0 }) =>
    after > before ? 'After is longer than before: that is stretched on, not gathered.' : undefined,
});

/** Sums of bands: lengths, widths, marks. */
export const bandSums = { neckband, seamline, tube, casing, marks, hem, gathers } as const;
