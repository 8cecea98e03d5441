import type { Finish, UseId } from '../facts/edgeUses';
import type { Mark } from '../explain/explained';
import type { EdgeUse, LengthRule, RuleOfThumb, StripSpec } from './edgeUse';
import { MM_PER_INCH } from '../units/constants';

const rule = (id: string, label: string, mark: Mark, by: LengthRule): RuleOfThumb => ({
  id,
  label,
  mark,
  rule: by,
});
const ofEdge = (id: string, label: string, mark: Mark, ratio: number, low?: number, high?: number) =>
  rule(id, label, mark, {
    by: 'edge',
    ratio,
    ...(low === undefined ? {} : { low }),
    ...(high === undefined ? {} : { high }),
  });
const ofBody = (id: string, label: string, mark: Mark, ratio: number, low?: number, high?: number) =>
  rule(id, label, mark, {
    by: 'body',
    ratio,
    ...(low === undefined ? {} : { low }),
    ...(high === undefined ? {} : { high }),
  });

const MEMORY = 'T, from memory';
const atRest = ofEdge('rest', 'as long as the edge', 'T', 1);
const bySnug = (share: number) => rule('stretch', 'snug by its own stretch', 'D', { by: 'share', share });

/** Half an inch of overlap, crossed with an X (T). */
export const OVERLAP_MM = MM_PER_INCH / 2;
/** What is turned at an open end, or a tail round a ring: the middle of 3 to 4 cm (T). */
export const RING_TAIL_MM = 35;
/** The usual start for strap elastic, and the ring's tab behind: the middle of 2 to 2.5 cm (T). */
export const STRAP_START_MM = 420;
export const RING_TAB_MM = 22.5;
/** Room to adjust a strap: the middle of 8 to 10 cm (T). */
export const ADJUST_MM = 90;

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

/** A waistband of cloth: folded over nothing, or over elastic. */
const waistbandStrip: Omit<StripSpec, 'width'> = {
  of: 'band',
  label: 'Waistband',
  rules: [ofBody('under-waist', 'the waist less 5 to 10 %', MEMORY, 0.925, 0.9, 0.95), bySnug(0.3), atRest],
  why: 'It has to hold on the waist, so it follows the body and not the edge it joins.',
  join: 'seamed',
  holds: true,
};

const uses: readonly EdgeUse[] = [
  {
    id: 'neckband',
    finish: 'band',
    label: 'neckband',
    about: 'A folded band that lies flat on the neck.',
    strips: [],
  },
  {
    id: 'cuff',
    finishedMm: 60,
    finish: 'band',
    label: 'cuff',
    about: 'A folded band, smaller than what it is sewn to.',
    strips: [
      {
        of: 'band',
        label: 'Cuff',
        rules: [ofEdge('usual-ratio', 'usual for a cuff', MEMORY, 0.775, 0.7, 0.85), bySnug(0.3), atRest],
        why: 'A share of the opening gathers evenly on every sleeve; the hand and the stretch limit it.',
        join: 'seamed',
        holds: true,
        width: 'folded',
      },
    ],
  },
  {
    id: 'hem-band',
    finishedMm: 60,
    finish: 'band',
    label: 'hem band',
    about: 'A folded band round the hem.',
    strips: [
      {
        of: 'band',
        label: 'Hem band',
        rules: [ofEdge('usual-ratio', 'usual for a hem band', MEMORY, 0.85, 0.8, 0.9), bySnug(0.3), atRest],
        why: 'A share of the hem keeps the blouse over it; the stretch and what it passes limit it.',
        join: 'seamed',
        width: 'folded',
      },
    ],
  },
  {
    id: 'waistband',
    finishedMm: 120,
    finish: 'band',
    label: 'folded waistband, no elastic',
    about: 'A tube of cloth folded in half; it holds by its own stretch.',
    strips: [
      {
        ...waistbandStrip,
        width: 'folded',
      },
    ],
  },
  {
    id: 'waistband-elastic',
    finish: 'band',
    label: 'folded waistband with elastic inside',
    about: 'A folded band with a ring of elastic in it.',
    kinds: ['knitted', 'woven', 'plush', 'braided', 'firm band'],
    widthsMm: [12, 60],
    usualWidthMm: 40,
    strips: [
      {
        ...waistbandStrip,
        width: 'waistband',
      },
      {
        of: 'elastic',
        label: 'Elastic inside',
        rules: [
          ofEdge('rest', 'as long as the waistband', MEMORY, 1),
          ofBody('firm', 'firm: the waist less 5 to 10 %', MEMORY, 0.925, 0.9, 0.95),
        ],
        why: 'As long as its waistband it backs the cloth up without gathering it.',
        join: 'overlapped',
        joinMm: OVERLAP_MM,
        holds: true,
        width: 'elastic',
      },
    ],
  },
  {
    id: 'front-band',
    finishedMm: 40,
    finish: 'band',
    label: 'band along the front and round the neck',
    about: 'A long folded band; pieced where it is longer than the cloth.',
    strips: [
      {
        of: 'band',
        label: 'Front band',
        rules: [
          atRest,
          ofEdge('little', 'a little shorter, so that it does not ripple', MEMORY, 0.97, 0.95, 0.99),
        ],
        why: 'A front edge hangs straight at its own length; shorter only where the cloth has grown.',
        join: 'open',
        width: 'folded',
      },
    ],
  },
  {
    id: 'sports-band',
    finish: 'band',
    label: 'band with elastic inside',
    about: 'A cloth band round the body with elastic in it.',
    kinds: ['firm band', 'plush', 'knitted', 'swim knit', 'woven', 'braided'],
    widthsMm: [19, 45],
    usualWidthMm: 25,
    caution: 'It must let you breathe: try it round the body before cutting.',
    strips: [
      {
        of: 'band',
        label: 'Band',
        rules: [atRest, bySnug(0.3)],
        why: 'The cloth follows the garment; the elastic in it does the holding.',
        join: 'seamed',
        width: 'waistband',
      },
      {
        of: 'elastic',
        label: 'Elastic inside',
        rules: [ofBody('under', '10 to 15 % under the underbust', 'T', 0.875, 0.85, 0.9), bySnug(0.3)],
        why: 'The usual start for a sports band; trying it round the body decides.',
        join: 'overlapped',
        joinMm: OVERLAP_MM,
        holds: true,
        width: 'elastic',
      },
    ],
  },
  {
    id: 'flat-binding',
    finishedMm: 10,
    finish: 'binding',
    label: 'one layer of rib, sewn on flat',
    about:
      'One shoulder stays open; the strip is stretched a little, more round the tight curve, then trimmed.',
    strips: [
      {
        of: 'band',
        label: 'Binding strip',
        rules: [
          ofEdge('little', 'stretched 5 to 10 % as it is sewn', 'T', 1 / 1.075, 1 / 1.1, 1 / 1.05),
          atRest,
        ],
        why: 'A little stretch lays one layer flat round the curve; more draws the neck in.',
        join: 'open',
        tailMm: 0,
        spareMm: 50,
        width: 'binding',
      },
    ],
  },
  {
    id: 'turned',
    finish: 'elastic',
    label: 'turned once over elastic',
    about: 'Elastic on the wrong side, the edge turned over it once and stitched. Not reversible.',
    kinds: ['swim rubber', 'swim knit', 'braided', 'knitted', 'clear', 'fold-over'],
    widthsMm: [5, 13],
    usualWidthMm: 8,
    turnsAllowance: true,
    strips: [elasticTurned],
  },
  {
    id: 'concealed',
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
    turnsAllowance: true,
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
  {
    id: 'strap',
    finish: 'elastic',
    label: 'adjustable straps',
    about: 'Strap elastic with a slider and a ring on its tab behind.',
    kinds: ['strap', 'plush', 'fold-over'],
    widthsMm: [6, 25],
    usualWidthMm: 12,
    onSkin: true,
    hardware: { rings: 1, sliders: 1 },
    caution: 'Rings, sliders and bows come off and are swallowed: none for children under three.',
    strips: [
      {
        of: 'elastic',
        label: 'Strap',
        rules: [
          rule('wearer', 'comfortable length with room to adjust', 'T', { by: 'body-and-room' }),
          rule('start', 'the usual start', 'T', { by: 'fixed', mm: STRAP_START_MM }),
        ],
        why: 'From the wearer where the strap was measured; else the usual start.',
        join: 'open',
        tailMm: 25,
        width: 'strap',
      },
    ],
  },
  {
    id: 'side-strap',
    finish: 'elastic',
    label: 'side straps between rings',
    about: 'Strap elastic from ring to ring at each side, with a slider to adjust.',
    kinds: ['strap', 'plush', 'fold-over'],
    widthsMm: [6, 25],
    usualWidthMm: 12,
    onSkin: true,
    hardware: { rings: 2, sliders: 1 },
    caution: 'Rings and sliders come off and are swallowed: none for children under three.',
    strips: [
      {
        of: 'elastic',
        label: 'Side strap',
        rules: [ofEdge('rings', 'half of what the panels leave open', 'T', 1)],
        why: 'Edges and elastic give, so the slider’s loop needs nothing more.',
        join: 'open',
        tailMm: RING_TAIL_MM / 2,
        width: 'strap',
      },
    ],
  },
  {
    id: 'extra-strap',
    finish: 'elastic',
    label: 'thin extra strap with elastic inside',
    about: 'A tube of cloth with elastic, a little shorter than the main strap, placed on the body.',
    kinds: ['swim rubber', 'swim knit', 'clear', 'braided', 'knitted', 'strap'],
    widthsMm: [6, 16],
    usualWidthMm: 12,
    strips: [
      {
        of: 'elastic',
        label: 'Elastic of the extra strap',
        rules: [
          ofEdge('slightly', 'slightly shorter than the main strap', 'T', 0.97, 0.95, 0.99),
          ofEdge('rest', 'as long as the main strap', 'T', 1),
        ],
        why: 'A little shorter it carries with the main strap; trying on decides.',
        join: 'open',
        tailMm: 15,
        width: 'elastic',
      },
      {
        of: 'outer',
        label: 'Extra strap',
        rules: [ofEdge('rest', 'as long as its elastic', 'T', 1)],
        why: 'The elastic lies at rest in it.',
        join: 'open',
        tailMm: 15,
        width: 'casing',
      },
    ],
  },
  {
    id: 'hook-and-eye',
    finish: 'facing',
    label: 'hook-and-eye tape',
    about: 'As high as the band; choose the pair before cutting either.',
    strips: [],
    hook: true,
  },
  {
    id: 'facing',
    finishedMm: 50,
    finish: 'facing',
    label: 'facing',
    about: 'A shaped piece turned inside and under-stitched.',
    strips: [
      {
        of: 'outer',
        label: 'Facing',
        rules: [atRest],
        why: 'A facing is the edge over again.',
        join: 'seamed',
        width: 'facing',
      },
    ],
  },
  {
    id: 'hem',
    finish: 'hem',
    label: 'hem',
    about: 'Turned up and stitched with a row that stretches.',
    strips: [],
  },
  {
    id: 'lettuce',
    finish: 'lettuce',
    label: 'lettuce edge',
    about: 'Overcast narrowly while it is stretched, so that it ripples.',
    strips: [],
  },
  {
    id: 'left',
    finish: 'left as it is',
    label: 'left as it is',
    about: 'A lace edge: no allowance, nothing sewn on.',
    strips: [],
  },
  {
    id: 'stay',
    finish: 'stay',
    label: 'stay',
    about: 'Laid into the seam at rest, as long as the pattern’s seam, so that it cannot grow.',
    kinds: ['clear'],
    widthsMm: [5, 10],
    usualWidthMm: 6,
    strips: [
      {
        of: 'elastic',
        label: 'Stay',
        rules: [ofEdge('rest', 'as long as the pattern’s seam', 'T', 1)],
        why: 'The pattern’s seam, not the cut cloth’s, which may have grown.',
        join: 'butted',
        joinMm: 0,
        width: 'elastic',
      },
    ],
  },
];

/** Every use by id. */
export const edgeUses = Object.fromEntries(uses.map((use) => [use.id, use])) as unknown as Readonly<
  Record<UseId, EdgeUse>
>;

/** The use an edge has when a person finishes it otherwise than its kind does. */
export const USE_OF_FINISH: Readonly<Record<Finish, UseId>> = {
  band: 'hem-band',
  binding: 'flat-binding',
  elastic: 'turned',
  facing: 'facing',
  hem: 'hem',
  lettuce: 'lettuce',
  'left as it is': 'left',
  stay: 'stay',
};
