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
  waistOpening,
  waistZone,
} from './parts';
import { finishedAt, pairShape, sewnInto, sewnTogether } from './shapeParts';

const legs = ['hip', 'thigh', 'knee', 'calf', 'ankle', 'rise'];

const LEG_LEVELS = {
  hip: ['crotch', 0.65],
  thigh: ['inseam', 0.03],
  knee: ['inseam', 0.5],
  calf: ['inseam', 0.65],
  ankle: ['inseam', 1],
} as const;
const LEG_ALONG = { waist: ['waist'], rise: ['crotch'] } as const;
const BOTH_SIDES = ['outseam', 'inseam'];
/** The crotch keeps its curve: waist and hip are altered at the outside. */
const LEG_TAKES = {
  waist: ['outseam'],
  hip: ['outseam'],
  thigh: BOTH_SIDES,
  knee: BOTH_SIDES,
  calf: BOTH_SIDES,
  ankle: BOTH_SIDES,
};

/** Leggings or cycling shorts with a folded waistband. */
export const leggings: GarmentKind = {
  kind: 'leggings',
  label: 'Leggings',
  about: 'Close to the skin from waist to ankle, with elastic in a folded waistband; or cut short.',
  styles: [
    {
      id: 'regular',
      label: 'Close',
      share: 0.25,
      shareAlong: 0.05,
      range: [0.1, 0.2],
      rangeAlong: [0, 0.03],
      usual: 'usual for leggings',
    },
  ],
  needs: [
    need('waist', 'the waistband and its elastic'),
    need('hip', 'the seat, and what the waist passes'),
    need('thigh', 'the legs'),
    need('knee', 'the legs where they bend'),
    need('calf', 'the lower legs', false),
    need('ankle', 'the leg hems', false),
    need('rise', 'the crotch length'),
    need('foot', 'whether the hems go over heel and instep', false),
    need('inseam', 'the length of the legs', false),
    need('bodyRise', 'how deep the seat is, when its pieces are drafted', false),
  ],
  zones: [
    waistZone,
    { ...hipZone, seamEdges: 4 },
    { id: 'thigh', label: 'Thigh', measure: 'thigh', axis: 'around', seamEdges: 2 },
    { id: 'knee', label: 'Knee', measure: 'knee', axis: 'around', seamEdges: 2, skin: 'knee' },
    { id: 'calf', label: 'Calf', measure: 'calf', axis: 'around', seamEdges: 2 },
    { id: 'ankle', label: 'Ankle', measure: 'ankle', axis: 'around', seamEdges: 2 },
    { id: 'rise', label: 'Crotch length', measure: 'rise', axis: 'along', seamEdges: 2, skin: 'crotch' },
  ],
  pieces: [
    ...pair('front', 'Front leg', legs),
    ...pair('back', 'Back leg', legs),
    piece('waistband', 'Waistband', ['waist'], { cloth: 'band' }),
  ],
  shapes: [
    pairShape(
      'front',
      'Front leg',
      [
        finishedAt('waist', 'waist'),
        sewnInto('outseam', 'outside leg'),
        finishedAt('hem', 'leg hem', 'leg-hem'),
        sewnInto('inseam', 'inside leg'),
        sewnInto('crotch', 'crotch'),
      ],
      { levels: LEG_LEVELS, along: LEG_ALONG, takes: LEG_TAKES },
    ),
    pairShape(
      'back',
      'Back leg',
      [
        finishedAt('waist', 'waist'),
        sewnInto('crotch', 'crotch'),
        sewnInto('inseam', 'inside leg'),
        finishedAt('hem', 'leg hem', 'leg-hem'),
        sewnInto('outseam', 'outside leg'),
      ],
      { levels: LEG_LEVELS, along: LEG_ALONG, takes: LEG_TAKES, seat: { opens: 'crotch', hinge: 'outseam' } },
    ),
  ],
  sewn: [
    sewnTogether('outseam', 'Outside legs', ['front.outseam'], ['back.outseam']),
    sewnTogether('inseam', 'Inside legs', ['front.inseam'], ['back.inseam'], { meet: 'stretched' }),
  ],
  drafting: { block: 'leg', does: [{ does: 'leg-length', share: 1 }] },
  edges: [
    edge('waist', 'Waist', 'band', {
      use: 'waistband-elastic',
      piece: 'waistband',
      zone: 'waist',
      ...aroundBody,
      seams: [],
    }),
    edge('leg-hem', 'Leg hems', 'hem', { zone: 'ankle', ...aroundLeg }),
  ],
  seams: [
    seam('inseam', ['thigh', 'knee', 'calf', 'ankle'], 'Inside legs', 'along', 'stretch'),
    seam('crotch', ['hip', 'rise'], 'Crotch', 'along', 'stretch'),
    seam('outseam', ['hip', 'thigh', 'knee', 'calf', 'ankle'], 'Outside legs', 'along', 'stretch'),
    seam('waistband', ['waist'], 'Waistband seam', 'round', 'stretch', 'waist-edge'),
    seam('leg-hem', ['ankle'], 'Leg hems', 'across', 'stretch', 'leg'),
  ],
  openings: [waistOpening('waist'), { ...legOpening('ankle', 'leg-hem'), label: 'Leg hem' }],
  asks: { around: 0.5, along: 0.25, recovery: 0.95, weightGsm: [180, 320], opaque: 'dry' },
  amount: {
    lengths: [
      ['inseam', 1],
      ['rise', 0.5],
    ],
    extraMm: 150,
    across: 'hip',
  },
  quirks: [
    'The crotch is sewn with one leg inside the other.',
    'The waistband’s notch is centre front, its seam centre back.',
    'Try them on and cut the length to taste.',
  ],
};
