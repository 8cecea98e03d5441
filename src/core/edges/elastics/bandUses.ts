import type { EdgeUse, StripSpec } from './edgeUse';
import { FIXED_MM } from '../fold/formulas';
import { ofEdge, ofBody, MEMORY, atRest, bySnug, liesFlat, rule, OVERLAP_MM } from './rules';

/** A waistband of cloth: folded over nothing, or over elastic. */
const waistbandStrip: Omit<StripSpec, 'width'> = {
  of: 'band',
  label: 'Waistband',
  rules: [ofBody('under-waist', 'the waist less 5 to 10 %', MEMORY, 0.925, 0.9, 0.95), bySnug(0.3), atRest],
  why: 'It has to hold on the waist, so it follows the body and not the edge it joins.',
  join: 'seamed',
  holds: true,
};

/** Bands and bindings of cloth. */
export const bandUses: readonly EdgeUse[] = [
  {
    id: 'neckband',
    finish: 'band',
    label: 'neckband',
    finishedMm: 20,
    about: 'A folded band that lies flat on the neck.',
    strips: [
      {
        of: 'band',
        label: 'Neckband',
        rules: [
          liesFlat,
          rule('fixed', 'two to four inches off', 'T', {
            by: 'edge-less',
            mm: FIXED_MM.middle,
            low: FIXED_MM.most,
            high: FIXED_MM.least,
          }),
          ofEdge('tenth', 'a tenth off', 'T', 0.9),
          ofEdge('fifth', 'a fifth off', 'T', 0.8),
          rule('stretch', 'by the band’s stretch', MEMORY, { by: 'own-stretch' }),
        ],
        why: 'It follows the band’s width and how far the neck turns, so that the fold lies flat.',
        join: 'seamed',
        way: 'across',
        row: 'neckband',
        lies: true,
        width: 'folded',
      },
    ],
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
    atWaist: true,
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
    atWaist: true,
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
    parts: 2,
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
    basted: true,
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
];
