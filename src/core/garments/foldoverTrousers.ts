import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundBody,
  aroundLeg,
  edge,
  hipZone,
  legOpening,
  need,
  pair,
  piece,
  seam,
  stillSeam,
  waistOpening,
  waistZone,
} from './parts';
import { finishedAt, pairShape, sewnInto, sewnTogether } from './shapeParts';

/** Yoga trousers with a fold-over waist. */
export const foldoverTrousers: GarmentKind = {
  kind: 'foldover-trousers',
  label: 'Trousers with a fold-over waist',
  about: 'One-piece legs that widen below the knee, and a deep waistband without elastic.',
  styles: [
    {
      id: 'regular',
      label: 'Close at the seat',
      share: 0.12,
      shareAlong: 0,
      range: [0.03, 0.1],
      rangeAlong: [0, 0.03],
      usual: 'usual for soft trousers',
    },
    { id: 'loose', label: 'Loose', looseMm: 60, usual: 'usual for loose trousers' },
  ],
  needs: [
    need('waist', 'the waistband'),
    need('hip', 'the seat, and what the waist passes'),
    need('inseam', 'the length of the legs'),
    need('rise', 'the depth of the seat', false),
    need('foot', 'whether the hems go over heel and instep', false),
  ],
  zones: [
    waistZone,
    hipZone,
    { id: 'inseam', label: 'Inside leg', measure: 'inseam', axis: 'along', seamEdges: 1, share: 0 },
  ],
  pieces: [
    ...pair('leg', 'Leg in one piece', ['hip', 'inseam']),
    piece('waistband', 'Deep waistband, folded in half', ['waist'], { cloth: 'band' }),
  ],
  shapes: [
    pairShape(
      'leg',
      'Leg in one piece',
      [
        finishedAt('waist', 'waist'),
        sewnInto('back-crotch', 'crotch, back', 'crotch'),
        sewnInto('back-inseam', 'inside leg, back', 'inseam'),
        finishedAt('hem', 'leg hem', 'leg-hem'),
        sewnInto('front-inseam', 'inside leg, front', 'inseam'),
        sewnInto('front-crotch', 'crotch, front', 'crotch'),
      ],
      {
        levels: { hip: ['front-crotch', 0.65] },
        along: { waist: ['waist'], inseam: ['front-inseam'] },
        takes: { waist: ['front-crotch', 'back-crotch'] },
        seat: { opens: 'back-crotch', hinge: 'front-crotch' },
      },
    ),
  ],
  sewn: [
    sewnTogether('inseam', 'Inside legs', ['leg.front-inseam'], ['leg.back-inseam'], { meet: 'stretched' }),
  ],
  drafting: {
    block: 'leg',
    does: [{ does: 'one-piece-leg' }, { does: 'flare', by: { adult: 30, child: 20 } }],
  },
  edges: [
    edge('waist', 'Waist', 'band', {
      use: 'waistband',
      piece: 'waistband',
      zone: 'waist',
      ...aroundBody,
      seams: [],
    }),
    edge('leg-hem', 'Leg hems', 'hem', aroundLeg),
  ],
  seams: [
    seam('inseam', ['inseam'], 'Inside legs', 'along', 'stretch'),
    seam('crotch', ['hip'], 'Crotch', 'along', 'stretch'),
    seam('waistband', ['waist'], 'Waistband seam', 'round', 'stretch', 'waist-edge'),
    stillSeam('leg-hem', [], 'Leg hems', 'across', 'The leg is wide at the hem and hangs.', 'leg'),
  ],
  openings: [waistOpening('waist'), { ...legOpening(undefined, 'leg-hem'), label: 'Leg hem' }],
  asks: { around: 0.4, along: 0.15, recovery: 0.9, weightGsm: [200, 320], opaque: 'dry' },
  amount: {
    lengths: [
      ['inseam', 1],
      ['rise', 0.7],
    ],
    extraMm: 200,
    across: 'hip',
  },
  quirks: [
    'Shorten above the flare, or at the hem where there is none.',
    'Seat depth is added at the top of the back, running out at the side.',
    'The band is a tube folded in half.',
  ],
};
