import type { GarmentKind } from '../fit/garmentKind';
import {
  bustZone,
  edge,
  need,
  oneEachSide,
  openBand,
  pair,
  piece,
  seam,
  stillSeam,
  topOpening,
  underbustZone,
} from './parts';
import { finishedAt, pairShape, plain, sewnInto, sewnTogether } from './shapeParts';

/** A lace bralette. */
export const bralette: GarmentKind = {
  kind: 'bralette',
  label: 'Lace bralette',
  about: 'Lace cups on an encased band elastic, straps folded into the top, hook-and-eye behind.',
  styles: [
    {
      id: 'regular',
      label: 'By its elastic',
      share: 0.1,
      range: [0.1, 0.15],
      usual: 'usual for a bralette band',
    },
  ],
  needs: [
    need('underbust', 'the band'),
    need('bust', 'the cups'),
    need('strap', 'the straps', false),
    need('highBust', 'the cup size', false),
  ],
  zones: [
    { ...underbustZone, seamEdges: 2 },
    { ...bustZone, seamEdges: 4 },
  ],
  pieces: [
    ...pair('cup-inner', 'Inner cup, lace', ['bust']),
    ...pair('cup-outer', 'Outer cup, lace', ['bust']),
    piece('band-strip', 'Band strip', ['underbust'], { cloth: 'band' }),
    ...pair('back-tab', 'Back tab', [], 'band'),
  ],
  shapes: [
    pairShape('cup-inner', 'Inner cup', [
      finishedAt('top', 'upper edge'),
      sewnInto('cup', 'cup seam'),
      sewnInto('lower', 'lower edge', 'cup-band'),
      plain('centre', 'centre front'),
    ]),
    pairShape('cup-outer', 'Outer cup', [
      finishedAt('top', 'upper edge'),
      plain('side', 'side'),
      sewnInto('lower', 'lower edge', 'cup-band'),
      sewnInto('cup', 'cup seam'),
    ]),
    pairShape('back-tab', 'Back tab', [
      plain('top', 'upper edge'),
      plain('end', 'end at the hook-and-eye'),
      plain('lower', 'lower edge'),
      sewnInto('band-end', 'end at the band', 'back-tab'),
    ]),
  ],
  sewn: [sewnTogether('cup', 'Cup seam', ['cup-inner.cup'], ['cup-outer.cup'])],
  drafting: { block: 'cups', does: [] },
  edges: [
    edge('top', 'Upper lace edge', 'left as it is'),
    edge('band', 'Band', 'elastic', { use: 'casing', piece: 'band-strip', zone: 'underbust', ...openBand }),
    edge('strap', 'Straps', 'elastic', { use: 'strap', body: 'strap', ...oneEachSide }),
    edge('closure', 'Hook-and-eye', 'facing', { use: 'hook-and-eye', open: true }),
  ],
  seams: [
    stillSeam(
      'cup',
      ['bust'],
      'Cup seam',
      'along',
      'Lace without elastane hardly gives, and the cup keeps its shape.',
    ),
    seam('casing', ['underbust'], 'Elastic into its casing', 'round', 'stretch', 'lower-edge'),
    seam('cup-band', ['underbust'], 'Casing to cups', 'round', 'stretch', 'lower-edge'),
    stillSeam(
      'back-tab',
      ['underbust'],
      'Back tabs',
      'across',
      'It is held by the hook-and-eye, across the end of the band.',
    ),
  ],
  openings: [{ ...topOpening('underbust', 'band'), label: 'Band', closure: true }],
  asks: { around: 0.2, along: 0, recovery: 0.85, weightGsm: [60, 200] },
  amount: { lengths: [['underbust', 0.8]], extraMm: 200, across: 'strap' },
  quirks: [
    'Lace fullness is stretched onto the band between the marks.',
    'It opens at the back, so nothing has to be passed.',
  ],
};
