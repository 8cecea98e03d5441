import type { GarmentKind } from '../fit/garmentKind';
import {
  armholeSeam,
  aroundNeck,
  bustZone,
  clothNeeds,
  drawnSleeveOpening,
  edge,
  handNeed,
  headNeed,
  hemEdge,
  hemOpening,
  hipZone,
  neckOpening,
  need,
  pair,
  piece,
  seam,
  shoulderSeam,
  sideSeam,
  sleeveHemEdge,
} from './parts';

/** A pullover with a flat wide collar and a V-neck facing. */
export const collarPullover: GarmentKind = {
  kind: 'collar-pullover',
  label: 'V-neck pullover with a wide collar',
  about: 'A flat wide collar over a faced V, with a tie; made for slinky cloth.',
  styles: [
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a pullover' },
    { id: 'loose', label: 'Loose', looseMm: 50, usual: 'usual for a loose pullover' },
  ],
  needs: [
    need('bust', 'the body'),
    need('hip', 'the hem'),
    headNeed,
    handNeed,
    ...clothNeeds('backLength', 'armLength'),
  ],
  zones: [bustZone, hipZone],
  pieces: [
    piece('front', 'Front', ['bust', 'hip'], { onFold: true }),
    piece('back', 'Back', ['bust', 'hip'], { onFold: true }),
    ...pair('sleeve', 'Sleeve'),
    piece('collar', 'Collar', [], { count: 2 }),
    piece('front-facing', 'Front facing', [], { onFold: true }),
    piece('back-facing', 'Back facing', [], { onFold: true }),
    piece('tie', 'Tie', [], { count: 2 }),
  ],
  edges: [edge('neckline', 'V-neckline', 'facing', aroundNeck), sleeveHemEdge, hemEdge('hip')],
  seams: [
    shoulderSeam,
    seam('collar', [], 'Collar and facing seam', 'round', 'stretch', 'neckline'),
    armholeSeam,
    sideSeam,
    seam('sleeve-hem', [], 'Sleeve hems', 'across', 'stretch', 'sleeve-hem'),
    seam('hem', ['hip'], 'Hem', 'across', 'stretch', 'hem'),
  ],
  openings: [neckOpening, hemOpening, drawnSleeveOpening()],
  asks: { around: 0.2, along: 0, recovery: 0.85, weightGsm: [160, 300], hang: 'slinky', opaque: 'dry' },
  amount: {
    lengths: [
      ['backLength', 1.7],
      ['armLength', 1],
    ],
    extraMm: 300,
    across: 'bust',
  },
  quirks: [
    'Slinky cloth wants fusible knit interfacing along the seams.',
    'Pivot, clip and grade at the point of the V.',
    'Stripes are matched at the side seams.',
  ],
};
