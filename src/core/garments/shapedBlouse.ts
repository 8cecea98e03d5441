import type { GarmentKind } from './garmentKind';
import {
  armholeSeam,
  bicepsZone,
  bustZone,
  clothNeeds,
  drawnSleeveOpening,
  edge,
  handNeed,
  headNeed,
  hemOpening,
  neckOpening,
  need,
  pair,
  piece,
  seam,
  shoulderSeam,
  sideSeam,
} from './parts';

/** A knit blouse with shaped sleeves and a collar. */
export const shapedBlouse: GarmentKind = {
  kind: 'shaped-blouse',
  label: 'Blouse with flounced sleeves and a collar',
  about: 'Side panels of net or lace in front, lined flounces at the elbows, an under-stitched collar.',
  styles: [
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a blouse' },
    { id: 'loose', label: 'Loose', looseMm: 50, usual: 'usual for a loose blouse' },
  ],
  needs: [
    need('bust', 'the body'),
    need('biceps', 'the sleeves'),
    headNeed,
    handNeed,
    ...clothNeeds('backLength', 'armLength'),
  ],
  zones: [bustZone, bicepsZone],
  pieces: [
    piece('front', 'Front, middle', ['bust'], { onFold: true }),
    ...pair('side-front', 'Side front, net or lace', ['bust']),
    piece('back', 'Back', ['bust'], { onFold: true }),
    ...pair('sleeve', 'Sleeve', ['biceps']),
    ...pair('flounce', 'Flounce'),
    ...pair('flounce-lining', 'Lining of the flounce', [], 'lining'),
    piece('collar', 'Collar', [], { count: 2 }),
  ],
  edges: [
    edge('collar', 'Collar’s edge', 'facing'),
    edge('flounce', 'Flounces', 'facing'),
    edge('hem', 'Hem', 'hem', 'bust'),
    edge('shoulder', 'Shoulders', 'stay'),
  ],
  seams: [
    seam('panel', 'Panel seams', 'along', 'still'),
    shoulderSeam,
    armholeSeam,
    sideSeam,
    seam('flounce', 'Flounce seam', 'round', 'stretch'),
    seam('collar', 'Collar seam', 'round', 'stretch', 'neckline'),
    seam('hem', 'Hem', 'across', 'stretch', 'hem'),
  ],
  openings: [
    { ...neckOpening, edge: 'collar' },
    { ...hemOpening, at: { zone: 'bust' } },
    drawnSleeveOpening('flounce', 'Flounce seam'),
  ],
  asks: { around: 0.2, along: 0, recovery: 0.85, weightGsm: [110, 240], opaque: 'dry' },
  amount: {
    lengths: [
      ['backLength', 1.6],
      ['armLength', 0.9],
    ],
    extraMm: 250,
    across: 'bust',
  },
  quirks: ['Stay tape in the shoulders.', 'Many stitch kinds in one garment: swatch each one first.'],
};
