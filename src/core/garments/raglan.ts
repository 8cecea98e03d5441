import type { GarmentKind } from '../fit/garmentKind';
import {
  SLANT_RAD,
  aroundArm,
  aroundBody,
  bicepsZone,
  bustZone,
  clothNeeds,
  cuffOpening,
  edge,
  handNeed,
  headNeed,
  hemOpening,
  hipZone,
  neckOpening,
  neckbandEdge,
  need,
  pair,
  piece,
  seam,
  sideSeam,
  wristZone,
} from './parts';
import {
  finishedAt,
  onFold,
  pairShape,
  sewnInto,
  sewnTogether,
  shape,
  side,
  sidesMeet,
  underarmMeets,
} from './shapeParts';

/** A raglan sweatshirt. */
export const raglan: GarmentKind = {
  kind: 'raglan',
  label: 'Raglan sweatshirt',
  about: 'Sleeves that run to the neck; neckband, and cuffs and hem band if you like.',
  styles: [
    { id: 'loose', label: 'Over a layer', looseMm: 80, usual: 'usual for a sweatshirt' },
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a tee' },
  ],
  needs: [
    need('bust', 'the body'),
    need('hip', 'the hem or hem band'),
    need('biceps', 'the sleeves'),
    need('wrist', 'the cuffs'),
    headNeed,
    handNeed,
    need('armLength', 'the sleeve, from the shoulder point', false),
    ...clothNeeds('backLength'),
  ],
  zones: [bustZone, hipZone, bicepsZone, wristZone],
  pieces: [
    piece('front', 'Front', ['bust', 'hip'], { onFold: true }),
    piece('back', 'Back', ['bust', 'hip'], { onFold: true }),
    ...pair('sleeve', 'Raglan sleeve', ['biceps', 'wrist']),
    piece('hem-band', 'Hem band', ['hip'], { cloth: 'band' }),
    ...pair('cuff', 'Cuff', ['wrist'], 'band'),
  ],
  shapes: [
    ...(['front', 'back'] as const).map((id) =>
      shape(
        id,
        id === 'front' ? 'Front' : 'Back',
        [
          finishedAt('neckline', 'neckline'),
          sewnInto('raglan', 'raglan seam'),
          side,
          finishedAt('hem', 'hem'),
          onFold(),
        ],
        { levels: { bust: ['side', 0.05], hip: ['side', 1] } },
      ),
    ),
    pairShape(
      'sleeve',
      'Raglan sleeve',
      [
        finishedAt('neckline', 'neckline'),
        sewnInto('back-raglan', 'raglan seam, back', 'raglan'),
        sewnInto('back-underarm', 'underarm, back', 'side'),
        finishedAt('cuff', 'end at the cuff'),
        sewnInto('front-underarm', 'underarm, front', 'side'),
        sewnInto('front-raglan', 'raglan seam, front', 'raglan'),
      ],
      { levels: { biceps: ['back-underarm', 0], wrist: ['back-underarm', 1] } },
    ),
  ],
  sewn: [
    sewnTogether('raglan-front', 'Raglan seam, front', ['front.raglan'], ['sleeve.front-raglan'], {
      seam: 'raglan',
    }),
    sewnTogether('raglan-back', 'Raglan seam, back', ['back.raglan'], ['sleeve.back-raglan'], {
      seam: 'raglan',
    }),
    sidesMeet,
    underarmMeets,
  ],
  drafting: {
    block: 'top',
    does: [
      {
        does: 'neck',
        shape: 'round',
        wider: { adult: 14, child: 8 },
        front: { adult: 110, child: 70 },
        back: { adult: 25, child: 18 },
      },
      { does: 'underarm', lower: { adult: 15, child: 10 } },
      { does: 'length', to: 'hip', longer: 0 },
      { does: 'raglan' },
    ],
  },
  edges: [
    neckbandEdge,
    edge('cuff', 'Cuffs', 'band', { use: 'cuff', piece: 'cuff', zone: 'wrist', ...aroundArm }),
    edge('hem', 'Hem', 'band', { use: 'hem-band', piece: 'hem-band', zone: 'hip', ...aroundBody }),
  ],
  seams: [
    seam('raglan', ['bust', 'biceps'], 'Raglan seams', 'along', 'stretch', undefined, {
      angleRad: SLANT_RAD,
    }),
    sideSeam,
    seam('neckband', [], 'Neckband seam', 'round', 'stretch', 'neckline'),
    seam('cuff', ['wrist'], 'Cuff seam', 'round', 'stretch', 'cuff'),
    seam('hem-band', ['hip'], 'Hem band seam', 'round', 'stretch', 'hem'),
  ],
  openings: [neckOpening, hemOpening, cuffOpening],
  asks: { around: 0.18, along: 0, recovery: 0.85, weightGsm: [200, 380], hang: 'sturdy', opaque: 'dry' },
  amount: {
    lengths: [
      ['backLength', 1.7],
      ['armLength', 1],
    ],
    extraMm: 150,
    across: 'bust',
  },
  quirks: [
    'It can be drafted from a tee: see Adapt a pattern.',
    'The sleeve’s length is measured from the shoulder point, not from the neck.',
  ],
};
