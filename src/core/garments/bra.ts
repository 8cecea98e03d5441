import type { GarmentKind } from '../fit/garmentKind';
import { edge, need, oneEachSide, openBand, pair, piece, seam, stillSeam, topOpening } from './parts';
import { finishedAt, pairShape, plain, sewnInto, sewnTogether, shape } from './shapeParts';

/** A soft or wired bra, tested first. */
export const bra: GarmentKind = {
  kind: 'bra',
  label: 'Bra, soft or wired',
  about: 'Cups, bridge and band to the millimetre; a test bra first, with notes on each.',
  styles: [
    {
      id: 'regular',
      label: 'Held by the band',
      share: 0.15,
      range: [0.1, 0.15],
      usual: 'usual for a bra band',
    },
  ],
  needs: [
    need('underbust', 'the band'),
    need('bust', 'the cup size'),
    need('highBust', 'the cup size', false),
    need('cup', 'the width of the cup'),
    need('strap', 'the straps', false),
  ],
  zones: [
    { id: 'band', label: 'Band', measure: 'underbust', axis: 'around', seamEdges: 2 },
    { id: 'cup', label: 'Cup', measure: 'cup', axis: 'around', seamEdges: 2, share: 0 },
  ],
  pieces: [
    ...pair('lower-cup', 'Lower cup', ['cup']),
    ...pair('upper-cup', 'Upper cup', ['cup']),
    piece('bridge', 'Bridge', ['band']),
    ...pair('band', 'Band', ['band'], 'band'),
    ...pair('cup-lining', 'Lining of the cup', [], 'lining'),
  ],
  shapes: [
    pairShape('lower-cup', 'Lower cup', [
      sewnInto('cup', 'cup seam'),
      sewnInto('cradle', 'seam into the frame'),
    ]),
    pairShape('upper-cup', 'Upper cup', [
      finishedAt('upper', 'upper edge', 'upper-cup'),
      plain('strap', 'strap point'),
      sewnInto('cradle', 'seam into the frame'),
      sewnInto('cup', 'cup seam'),
      plain('centre', 'end at the bridge'),
    ]),
    shape(
      'bridge',
      'Bridge',
      [
        plain('top', 'top'),
        sewnInto('right-cradle', 'right cup', 'cradle'),
        sewnInto('right', 'seam to the right band', 'bridge'),
        finishedAt('lower', 'lower edge', 'band'),
        sewnInto('left', 'seam to the left band', 'bridge'),
        sewnInto('left-cradle', 'left cup', 'cradle'),
      ],
      { along: { band: ['lower'] } },
    ),
    pairShape(
      'band',
      'Band',
      [
        sewnInto('cradle', 'seam to the cup'),
        finishedAt('underarm', 'underarm edge'),
        finishedAt('closure', 'end at the hook-and-eye'),
        finishedAt('lower', 'lower edge', 'band'),
        sewnInto('bridge', 'seam to the bridge'),
      ],
      { along: { band: ['lower'] }, takes: { band: ['closure'] } },
    ),
    pairShape('cup-lining', 'Lining of the cup', [
      plain('upper', 'upper edge'),
      plain('cradle', 'seam into the frame'),
    ]),
  ],
  sewn: [
    sewnTogether('cup', 'Cup seams', ['lower-cup.cup'], ['upper-cup.cup']),
    sewnTogether('bridge', 'Bridge to the band', ['bridge.right'], ['band.bridge']),
    sewnTogether(
      'cradle',
      'Cup into the frame',
      ['lower-cup.cradle', 'upper-cup.cradle'],
      ['bridge.right-cradle', 'band.cradle'],
    ),
  ],
  edges: [
    edge('upper-cup', 'Upper edge of the cups', 'elastic', { use: 'lingerie', ...oneEachSide }),
    edge('underarm', 'Underarm edge', 'elastic', { use: 'lingerie', ...oneEachSide }),
    edge('band', 'Lower edge of the band', 'elastic', { use: 'lingerie', zone: 'band', ...openBand }),
    edge('strap', 'Straps', 'elastic', { use: 'strap', body: 'strap', ...oneEachSide }),
    edge('closure', 'Hook-and-eye', 'facing', { use: 'hook-and-eye', open: true }),
  ],
  seams: [
    stillSeam(
      'cup',
      ['cup'],
      'Cup seams',
      'along',
      'The cup keeps its shape: its seams are sewn to the millimetre and topstitched.',
    ),
    seam('bridge', ['band'], 'Bridge and frame', 'along', 'stay'),
    seam('cradle', ['cup'], 'Cup into the frame', 'round', 'stay'),
    seam('band', ['band'], 'Plush at the lower edge', 'round', 'stretch', 'lower-edge'),
    seam('underarm', ['band'], 'Picot at the underarm', 'round', 'stretch'),
    stillSeam('strap', [], 'Straps', 'across', 'A strap’s end is a bar: it is held, not stretched.'),
  ],
  openings: [{ ...topOpening('band', 'band'), label: 'Band', closure: true }],
  asks: { around: 0.3, along: 0, recovery: 0.95, weightGsm: [80, 220], lined: true },
  amount: { lengths: [['underbust', 0.6]], extraMm: 150, across: 'bust' },
  quirks: [
    'Seams of 6 mm (¼ in) to the millimetre: a test bra first.',
    'Cup sizes may assume foam: unlined is one size up, two if the test is small.',
  ],
};
