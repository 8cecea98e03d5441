import type { GarmentKind } from './garmentKind';
import {
  armholeSeam,
  bicepsZone,
  bustZone,
  clothNeeds,
  cuffOpening,
  edge,
  handNeed,
  need,
  pair,
  piece,
  seam,
  shoulderSeam,
  sideSeam,
  wristZone,
} from './parts';

/** A long cardigan. */
export const cardigan: GarmentKind = {
  kind: 'cardigan',
  label: 'Long cardigan',
  about: 'Open in front with a band round the neck, cuffs, a hem band and pockets.',
  styles: [{ id: 'loose', label: 'Over other clothes', looseMm: 100, usual: 'usual for a cardigan' }],
  needs: [
    need('bust', 'the body'),
    need('biceps', 'the sleeves'),
    need('wrist', 'the cuffs', false),
    handNeed,
    need('armLength', 'the sleeves’ length', false),
    ...clothNeeds('backLength'),
  ],
  zones: [bustZone, bicepsZone, wristZone],
  pieces: [
    ...pair('front', 'Front', ['bust']),
    piece('back', 'Back', ['bust'], { onFold: true }),
    ...pair('sleeve', 'Sleeve', ['biceps', 'wrist']),
    ...pair('cuff', 'Cuff', ['wrist'], 'band'),
    piece('hem-band', 'Hem band', [], { cloth: 'band' }),
    piece('front-band', 'Front band, half', [], { cloth: 'band', count: 2 }),
    ...pair('pocket', 'Pocket'),
    ...pair('pocket-top', 'Pocket top', [], 'band'),
  ],
  edges: [
    edge('front-band', 'Front edge, round the neck', 'band'),
    edge('cuff', 'Cuffs', 'band', 'wrist'),
    edge('hem', 'Hem', 'band'),
    edge('shoulder', 'Shoulders', 'stay'),
  ],
  seams: [
    shoulderSeam,
    armholeSeam,
    sideSeam,
    seam('cuff', 'Cuff seam', 'round', 'stretch', 'cuff'),
    seam('hem-band', 'Hem band seam', 'across', 'stretch'),
    seam('front-band', 'Front band seam', 'along', 'still'),
  ],
  openings: [cuffOpening],
  asks: { around: 0.1, along: 0, recovery: 0.8, weightGsm: [180, 420] },
  amount: {
    lengths: [
      ['backLength', 2.3],
      ['armLength', 1],
    ],
    extraMm: 250,
    across: 'bust',
  },
  quirks: [
    'Clear elastic in the shoulders: long and heavy knits grow.',
    'Sleeves differ front and back; a double notch means back.',
    'Where cloth is short the band is pieced, with the join where it hides.',
  ],
};
