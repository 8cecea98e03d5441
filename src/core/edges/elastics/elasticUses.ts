import type { EdgeUse, StripSpec } from './edgeUse';
import { MM_PER_INCH } from '../../units/constants';
import { rule, ofEdge, ofBody, MEMORY, atRest, bySnug, OVERLAP_MM } from './rules';

const elasticTurned: StripSpec = {
  of: 'elastic',
  label: 'Elastic',
  rules: [
    ofEdge('even', '1 to 3 % shorter, even all round', 'T', 0.98, 0.97, 0.99),
    rule('parts', 'front at rest, back and waist shorter', MEMORY, {
      by: 'sections',
      ratios: { back: 0.875, waist: 0.925, armhole: 0.925 },
    }),
    atRest,
  ],
  why: 'Even all round is the rule for turned swim elastic: the cloth’s own recovery does the holding.',
  join: 'overlapped',
  joinMm: OVERLAP_MM,
  width: 'elastic',
};

/** Elastic sewn to an edge. */
export const elasticUses: readonly EdgeUse[] = [
  {
    id: 'turned',
    finish: 'elastic',
    label: 'turned once over elastic',
    about: 'Elastic on the wrong side, the edge turned over it once and stitched. Not reversible.',
    kinds: ['swim rubber', 'swim knit', 'braided', 'knitted', 'clear', 'fold-over'],
    widthsMm: [5, 13],
    usualWidthMm: 8,
    allowance: 'turned',
    strips: [elasticTurned],
  },
  {
    id: 'concealed',
    allowance: 'seam',
    finish: 'elastic',
    label: 'concealed in the seam',
    about: 'Elastic in the seam between outer and lining, or of a reversible piece: it lies flat.',
    kinds: ['swim rubber', 'swim knit', 'clear', 'knitted', 'braided'],
    widthsMm: [5, 10],
    usualWidthMm: 6,
    strips: [
      {
        ...elasticTurned,
        rules: [
          ofEdge('rest', 'as long as the edge, so that it lies flat', 'T', 1),
          ofEdge('even', '1 to 3 % shorter, even all round', 'T', 0.98, 0.97, 0.99),
        ],
        why: 'In a seam the elastic only keeps the edge from growing. It is left out round the sharpest curve.',
      },
    ],
  },
  {
    id: 'lingerie',
    finish: 'elastic',
    label: 'picot or plush, sewn twice',
    about: 'Sewn on the right side, turned and sewn again; the fancy edge shows.',
    kinds: ['picot', 'plush', 'fold-over', 'knitted'],
    widthsMm: [6, 16],
    usualWidthMm: 10,
    onSkin: true,
    allowance: 'turned',
    strips: [
      {
        of: 'elastic',
        label: 'Elastic',
        rules: [
          ofEdge('tenth', 'a tenth shorter', 'T', 0.9),
          rule('lace', 'lace that does not stretch: 1 cm off', 'T', { by: 'edge-less', mm: 10 }),
          atRest,
        ],
        why: 'A tenth holds the edge of a stretching cloth; lace without elastane takes almost nothing.',
        join: 'overlapped',
        joinMm: OVERLAP_MM,
        width: 'elastic',
      },
    ],
  },
  {
    id: 'shelf-bra',
    triedOn: true,
    cups: true,
    finish: 'elastic',
    label: 'elastic under a shelf bra',
    about: 'Plush elastic round the hem of the free inner front: it holds the bust.',
    kinds: ['plush', 'swim rubber', 'swim knit', 'firm band', 'knitted'],
    widthsMm: [10, 38],
    usualWidthMm: 19,
    onSkin: true,
    caution: 'Basted first, tried on, then shortened: short breath or marks that stay mean too tight.',
    strips: [
      {
        of: 'elastic',
        label: 'Elastic of the shelf',
        rules: [
          rule('three-inches', 'snug underbust less 3 in (7.6 cm), less its growth', 'T', {
            by: 'body-less',
            mm: 3 * MM_PER_INCH,
            unmeasuredGrowthMm: MM_PER_INCH,
          }),
          ofBody('under', '10 to 15 % under the underbust', 'T', 0.875, 0.85, 0.9),
          bySnug(0.3),
        ],
        why: 'It is a start to baste and try on; the round of trying on decides.',
        join: 'butted',
        joinMm: 0,
        holds: true,
        width: 'elastic',
      },
    ],
  },
  {
    id: 'casing',
    triedOn: true,
    finish: 'elastic',
    label: 'band elastic in a casing',
    about: 'Firm elastic sewn at rest into its strip; only the seam from casing to cups is stretched.',
    kinds: ['firm band', 'plush', 'knitted', 'woven'],
    widthsMm: [10, 38],
    usualWidthMm: 19,
    onSkin: true,
    strips: [
      {
        of: 'elastic',
        label: 'Band elastic',
        rules: [
          ofBody('snug', 'the snug underbust', 'T', 1),
          ofBody('under', '10 to 15 % under the underbust', 'T', 0.875, 0.85, 0.9),
          bySnug(0.3),
        ],
        why: 'Firm band elastic sewn at rest holds at the snug girth itself.',
        join: 'open',
        tailMm: 15,
        holds: true,
        width: 'elastic',
      },
      {
        of: 'band',
        label: 'Casing',
        rules: [ofEdge('rest', 'as long as its elastic', 'T', 1)],
        why: 'Elastic and casing are sewn together at rest.',
        join: 'open',
        tailMm: 15,
        width: 'casing',
      },
    ],
  },
  {
    id: 'exposed',
    triedOn: true,
    finish: 'elastic',
    label: 'plush elastic that shows',
    about: 'Wide plush elastic as the waistband, lapped over the edge.',
    kinds: ['plush', 'knitted', 'woven', 'stretch waistband'],
    widthsMm: [20, 55],
    usualWidthMm: 32,
    onSkin: true,
    strips: [
      {
        of: 'elastic',
        label: 'Waist elastic',
        rules: [
          rule('inch', 'cut the pattern’s waist less 1 in (2.5 cm)', 'T', {
            by: 'edge-less',
            mm: MM_PER_INCH,
            asCut: true,
          }),
          ofBody('under', '8 to 12 % under the waist', 'T', 0.9, 0.88, 0.92),
          bySnug(0.3),
        ],
        why: 'An inch off what the pattern has keeps its proportions; the ring is two allowances less again.',
        join: 'seamed',
        holds: true,
        width: 'elastic',
      },
    ],
  },
  {
    id: 'stretch-waistband',
    gathersOntoStrip: true,
    finish: 'elastic',
    label: 'finished stretch waistband',
    about:
      'A wide finished elastic, lapped over the raw edge by 1.5 cm (⅝ in); the fuller edge gathers onto it.',
    kinds: ['stretch waistband', 'plush', 'woven', 'knitted'],
    widthsMm: [30, 80],
    usualWidthMm: 50,
    strips: [
      {
        of: 'elastic',
        label: 'Stretch waistband',
        rules: [
          ofBody('comfortable', 'comfortable girth where it is worn', 'T', 1),
          ofBody('under', '5 to 10 % under the waist', MEMORY, 0.925, 0.9, 0.95),
        ],
        why: 'Measured with the elastic itself round the body, it is right as it is; an inch in all joins it.',
        join: 'seamed',
        joinMm: MM_PER_INCH / 2,
        holds: true,
        width: 'elastic',
      },
    ],
  },
];
