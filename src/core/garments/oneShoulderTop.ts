import type { GarmentKind } from './garmentKind';
import {
  aroundArmhole,
  aroundBody,
  bustZone,
  clothNeeds,
  drawnNeckOpening,
  edge,
  headNeed,
  need,
  piece,
  seam,
  stillSeam,
  topOpening,
  underbustZone,
} from './parts';

/** A one-shoulder sports top. */
export const oneShoulderTop: GarmentKind = {
  kind: 'one-shoulder-top',
  label: 'One-shoulder sports top',
  about: 'Over one shoulder, with an extra strap and a band with elastic inside; lined.',
  styles: [
    {
      id: 'regular',
      label: 'Close, for sport',
      share: 0.2,
      shareAlong: 0,
      range: [0.08, 0.15],
      rangeAlong: [0, 0.03],
      usual: 'usual for a sports top',
    },
  ],
  needs: [
    need('bust', 'the body, and what the band passes'),
    need('underbust', 'the band'),
    need('highBust', 'the bust adjustment', false),
    need('strap', 'the extra strap', false),
    { ...headNeed, required: false, why: 'whether the upper opening goes over it' },
    ...clothNeeds('backLength'),
  ],
  zones: [bustZone, underbustZone],
  pieces: [
    piece('front', 'Front', ['bust', 'underbust']),
    piece('back', 'Back', ['bust', 'underbust']),
    piece('front-lining', 'Front lining, a little narrower', [], { cloth: 'lining' }),
    piece('back-lining', 'Back lining, a little narrower', [], { cloth: 'lining' }),
    piece('strap', 'Extra strap'),
    piece('band', 'Band', ['underbust'], { cloth: 'band' }),
  ],
  edges: [
    edge('upper-edge', 'Upper edge, armpit to shoulder', 'elastic', {
      use: 'concealed',
      curve: 'neck',
      start: 'shoulder seam',
      middle: 'half way',
      seams: [
        { label: 'shoulder seam', at: 0 },
        { label: 'side seam', at: 0.5 },
      ],
    }),
    edge('armhole', 'Armhole', 'elastic', {
      use: 'concealed',
      curve: 'armhole',
      start: 'side seam',
      middle: 'half way',
      seams: aroundArmhole.seams ?? [],
    }),
    edge('strap', 'Extra strap', 'elastic', {
      use: 'extra-strap',
      piece: 'strap',
      body: 'strap',
      open: true,
      start: 'front end',
      middle: 'middle',
    }),
    edge('band', 'Band', 'band', { use: 'sports-band', piece: 'band', zone: 'underbust', ...aroundBody }),
  ],
  seams: [
    stillSeam(
      'dart',
      ['bust'],
      'Bust darts',
      'along',
      'It ends inside one piece, which keeps its length there.',
    ),
    seam('upper-edge', ['bust'], 'Upper edge, with swim elastic', 'round', 'stretch', 'upper-edge'),
    seam('armhole', ['bust'], 'Armhole, with swim elastic', 'round', 'stretch'),
    seam('shoulder', [], 'Shoulder', 'across', 'stay'),
    seam('side', ['bust', 'underbust'], 'Sides', 'along', 'stretch'),
    seam('band', ['underbust'], 'Band seam', 'round', 'stretch', 'lower-edge'),
  ],
  openings: [
    { ...topOpening('underbust', 'band'), label: 'Band' },
    drawnNeckOpening('upper-edge', 'Upper opening'),
  ],
  asks: { around: 0.75, along: 0.5, recovery: 0.95, weightGsm: [180, 280], opaque: 'dry', lined: true },
  amount: { lengths: [['backLength', 1.1]], extraMm: 150, across: 'bust' },
  quirks: [
    'Face up or face down decides the shoulder: every piece must agree.',
    'The strap is placed, tried on, then secured; it sits high until the band draws it down.',
    'Bust darts are sewn straight off the point.',
  ],
};
