import { RING_TAIL_MM } from '../../facts/finding';
import type { EdgeUse } from './edgeUse';
import { rule, ofEdge } from './rules';

/** The usual start for strap elastic, and the ring's tab behind: the middle of 2 to 2.5 cm (T). */
const STRAP_START_MM = 420;

export const RING_TAB_MM = 22.5;

/** Room to adjust a strap: the middle of 8 to 10 cm (T). */
export const ADJUST_MM = 90;

/** Straps and closures. */
export const strapUses: readonly EdgeUse[] = [
  {
    id: 'strap',
    heldLast: true,
    adjusts: true,
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
    heldLast: true,
    measured: 'between rings',
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
    heldLast: true,
    comesDown: true,
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
    measured: 'not at all',
    finish: 'facing',
    label: 'hook-and-eye tape',
    about: 'As high as the band; choose the pair before cutting either.',
    strips: [],
    hook: true,
  },
];
