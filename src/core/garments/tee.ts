import type { GarmentKind } from '../fit/garmentKind';
import {
  armholeSeam,
  bicepsZone,
  bustZone,
  clothNeeds,
  handNeed,
  headNeed,
  hemEdge,
  hemOpening,
  hipZone,
  neckOpening,
  neckbandEdge,
  need,
  pair,
  piece,
  seam,
  shoulderSeam,
  shoulderStay,
  sideSeam,
  sleeveHemEdge,
  sleeveOpening,
  waistZone,
} from './parts';
import { finishedAt, sleeveShape, topHalves, topMeets } from './shapeParts';

const body = ['bust', 'waist', 'hip'];

/** A tee with set-in sleeves and a neckband, child or adult. */
export const tee: GarmentKind = {
  kind: 'tee',
  sleptIn: true,
  label: 'Tee',
  about: 'Set-in sleeves, a neckband, turned hems; child or adult.',
  styles: [
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a tee' },
    { id: 'loose', label: 'Loose', looseMm: 50, usual: 'usual for a loose tee' },
    { id: 'fitted', label: 'Fitted', share: 0.1, range: [0.03, 0.08], usual: 'usual for a fitted tee' },
  ],
  needs: [
    need('bust', 'the body of the tee, and what the hem passes when it is pulled on'),
    need('waist', 'a shaped side seam', false),
    need('hip', 'the hem'),
    need('biceps', 'the sleeves'),
    headNeed,
    handNeed,
    ...clothNeeds('backLength', 'armLength'),
    need('stature', 'where waist and hip lie, when its pieces are drafted', false),
  ],
  zones: [bustZone, waistZone, hipZone, bicepsZone],
  pieces: [
    piece('front', 'Front', body, { onFold: true }),
    piece('back', 'Back', body, { onFold: true }),
    ...pair('sleeve', 'Sleeve', ['biceps']),
  ],
  shapes: [
    ...topHalves({ bust: ['side', 0.05], waist: ['side', 0.5], hip: ['side', 1] }, { stay: true }),
    sleeveShape(finishedAt('hem', 'sleeve hem', 'sleeve-hem'), { biceps: ['back-underarm', 0] }),
  ],
  sewn: topMeets,
  drafting: {
    block: 'top',
    does: [
      { does: 'shoulders' },
      {
        does: 'neck',
        shape: 'round',
        wider: { adult: 8, child: 4 },
        front: { adult: 95, child: 60 },
        back: { adult: 20, child: 15 },
      },
      { does: 'underarm', lower: 0 },
      { does: 'length', to: 'hip', longer: 0 },
      { does: 'flare', by: 0 },
      { does: 'sleeve', arm: 0.36, ofBiceps: 0.96 },
    ],
  },
  edges: [neckbandEdge, sleeveHemEdge, hemEdge('hip'), shoulderStay],
  seams: [
    shoulderSeam,
    armholeSeam,
    sideSeam,
    seam('neckband', [], 'Neckband seam', 'round', 'stretch', 'neckline'),
    seam('sleeve-hem', ['biceps'], 'Sleeve hem', 'across', 'stretch', 'sleeve-hem'),
    seam('hem', ['hip'], 'Hem', 'across', 'stretch', 'hem'),
  ],
  openings: [
    neckOpening,
    {
      id: 'waist',
      label: 'Waist, while it is pulled on',
      edge: 'hem',
      passes: 'bust',
      passesWhat: 'the chest with arms raised',
      at: { zone: 'waist' },
    },
    hemOpening,
    sleeveOpening,
  ],
  asks: { around: 0.2, along: 0, recovery: 0.85, weightGsm: [120, 260], opaque: 'dry' },
  amount: {
    lengths: [
      ['backLength', 1.6],
      ['armLength', 0.5],
    ],
    extraMm: 100,
    across: 'bust',
  },
  quirks: [
    'Mark the front: front and back look alike once cut.',
    'Sleeves are set in flat, before the side seams.',
    'Toddlers’ heads are large for their necks: look at the neckline first.',
  ],
};
