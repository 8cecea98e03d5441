import type { GarmentKind } from './garmentKind';
import {
  bustZone,
  edge,
  headNeed,
  hemOpening,
  hipZone,
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

/** The swimsuit passes over the crotch; the tank ends in a hem. */
const swim = { only: ['regular'] } as const;
const tank = { only: ['fitted'] } as const;

/** A tank, dress or swimsuit with a shelf bra. */
export const shelfBraTop: GarmentKind = {
  kind: 'shelf-bra-top',
  label: 'Swimsuit or tank with a shelf bra',
  about: 'A one-piece or a tank with a free inner front on plush elastic, just under the bust.',
  onePiece: true,
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
  edges: [
    edge('neckline', 'Neckline', 'elastic'),
    edge('armhole', 'Armholes', 'elastic'),
    edge('shelf-hem', 'Hem of the shelf', 'elastic', 'underbust'),
    { ...edge('leg', 'Leg edges', 'elastic', 'leg'), ...swim },
    { ...edge('hem', 'Hem', 'hem', 'hip'), ...tank },
  ],
  seams: [
    shoulderSeam,
    sideSeam,
    seam('neckline', 'Neckline elastic', 'round', 'stretch', 'neckline'),
    seam('armhole', 'Armhole elastic', 'round', 'stretch'),
    seam('shelf-hem', 'Shelf elastic', 'round', 'stretch'),
    { ...seam('leg', 'Leg elastic', 'round', 'stretch', 'leg'), ...swim },
    { ...seam('hem', 'Hem', 'across', 'stretch', 'hem'), ...tank },
  ],
  openings: [
    {
      id: 'neckline',
      label: 'Neckline',
      edge: 'neckline',
      passes: 'hip',
      passesWhat: 'the hips, put on from the feet',
      at: 'neckline',
      stitch: 'seam',
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
