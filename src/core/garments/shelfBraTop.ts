import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundArmhole,
  aroundBody,
  aroundNeck,
  bustZone,
  edge,
  headNeed,
  hemEdge,
  hemOpening,
  hipZone,
  legEdge,
  legOpening,
  neckOpening,
  need,
  piece,
  seam,
  shoulderSeam,
  sideSeam,
  topOpening,
  underbustZone,
} from './parts';
import {
  finishedAt,
  onFold,
  plain,
  sewnTogether,
  shape,
  shoulder,
  shouldersMeet,
  side,
  sidesMeet,
} from './shapeParts';

/** The swimsuit passes over the crotch; the tank ends in a hem. */
const swim = { only: ['regular'] } as const;
const tank = { only: ['fitted'] } as const;

/** A tank, dress or swimsuit with a shelf bra. */
export const shelfBraTop: GarmentKind = {
  kind: 'shelf-bra-top',
  label: 'Swimsuit or tank with a shelf bra',
  about: 'A one-piece or a tank with a free inner front on plush elastic, just under the bust.',
  onePiece: true,
  liningIsPart: true,
  styles: [
    {
      id: 'regular',
      label: 'As swimwear',
      share: 0.2,
      shareAlong: 0.1,
      range: [0.1, 0.15],
      rangeAlong: [0.03, 0.08],
      usual: 'usual for swimwear',
    },
    { id: 'fitted', label: 'As a tank', share: 0.1, range: [0.03, 0.08], usual: 'usual for a fitted tank' },
  ],
  needs: [
    need('bust', 'the body'),
    need('underbust', 'the shelf and its elastic'),
    need('hip', 'the hips, and what the neckline passes when it is put on from the feet'),
    need('loop', 'the length of a one-piece', false),
    need('legTop', 'the leg edges of a swimsuit', false),
    need('foot', 'whether it goes through the leg', false),
    { ...headNeed, required: false, why: 'whether the neckline of a tank goes over it' },
  ],
  zones: [
    bustZone,
    underbustZone,
    hipZone,
    {
      id: 'loop',
      label: 'Torso loop',
      measure: 'loop',
      axis: 'along',
      seamEdges: 2,
      skin: 'crotch',
      ...swim,
    },
    { id: 'leg', label: 'Leg', measure: 'legTop', axis: 'around', seamEdges: 2, ...swim },
  ],
  pieces: [
    piece('front', 'Front', ['bust', 'hip', 'loop', 'leg'], { onFold: true }),
    piece('back', 'Back', ['bust', 'hip', 'loop', 'leg'], { onFold: true }),
    piece('shelf-front', 'Shelf, front', ['underbust'], { onFold: true, cloth: 'lining' }),
    piece('shelf-back', 'Shelf, back', ['underbust'], { onFold: true, cloth: 'lining' }),
  ],
  shapes: [
    ...(['front', 'back'] as const).map((id) =>
      shape(
        id,
        id === 'front' ? 'Front' : 'Back',
        [
          finishedAt('neckline', 'neckline'),
          shoulder,
          finishedAt('armhole', 'armhole'),
          side,
          { ...finishedAt('leg', 'leg edge'), ...swim },
          { ...plain('crotch', 'crotch'), ...swim },
          { ...finishedAt('hem', 'hem'), ...tank },
          onFold(),
        ],
        { levels: { bust: ['side', 0.05], hip: ['side', 1] }, along: { leg: ['leg'] } },
      ),
    ),
    ...(['front', 'back'] as const).map((id) =>
      shape(
        `shelf-${id}`,
        id === 'front' ? 'Shelf, front' : 'Shelf, back',
        [
          plain('neckline', 'upper edge, in the neckline'),
          plain('shoulder', 'shoulder'),
          plain('armhole', 'armhole'),
          { ...side, label: 'side' },
          finishedAt('shelf-hem', 'hem of the shelf'),
          onFold(),
        ],
        { along: { underbust: ['shelf-hem'] }, takes: { underbust: ['side'] } },
      ),
    ),
  ],
  sewn: [
    shouldersMeet,
    sidesMeet,
    sewnTogether('shelf-side', 'Sides of the shelf', ['shelf-front.side'], ['shelf-back.side'], {
      seam: 'shelf',
    }),
  ],
  edges: [
    edge('neckline', 'Neckline', 'elastic', aroundNeck),
    edge('armhole', 'Armholes', 'elastic', aroundArmhole),
    edge('shelf-hem', 'Hem of the shelf', 'elastic', {
      use: 'shelf-bra',
      zone: 'underbust',
      ...aroundBody,
    }),
    edge('leg', 'Leg edges', 'elastic', { zone: 'leg', ...legEdge, ...swim }),
    { ...hemEdge('hip'), ...tank },
  ],
  seams: [
    shoulderSeam,
    sideSeam,
    seam('neckline', ['bust'], 'Neckline elastic', 'round', 'stretch', 'neckline'),
    seam('armhole', ['bust'], 'Armhole elastic', 'round', 'stretch'),
    seam('shelf-hem', ['underbust'], 'Shelf elastic', 'round', 'stretch'),
    { ...seam('leg', ['leg'], 'Leg elastic', 'round', 'stretch', 'leg'), ...swim },
    { ...seam('hem', ['hip'], 'Hem', 'across', 'stretch', 'hem'), ...tank },
  ],
  openings: [
    {
      id: 'neckline',
      label: 'Neckline',
      edge: 'neckline',
      passes: 'hip',
      passesWhat: 'the hips, put on from the feet',
      at: 'neckline',
      ...swim,
    },
    { ...neckOpening, id: 'neckline-head', ...tank },
    topOpening('underbust', 'shelf-hem'),
    { ...legOpening('leg'), ...swim },
    { ...hemOpening, ...tank },
  ],
  asks: {
    around: 0.5,
    along: 0.4,
    recovery: 0.95,
    weightGsm: [160, 260],
    opaque: 'wet',
    swim: true,
    lined: true,
  },
  amount: { lengths: [['loop', 0.55]], extraMm: 150, across: 'hip' },
  quirks: [
    'The shelf hangs free at the side seams; neckline, armholes and shoulders hold it.',
    'In snug swimwear a front shelf alone will do.',
  ],
};
