import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundArmhole,
  aroundBody,
  aroundNeck,
  bustZone,
  clothNeeds,
  drawnNeckOpening,
  edge,
  headNeed,
  need,
  piece,
  seam,
  shoulderSeam,
  topOpening,
  underbustZone,
} from './parts';
import { finishedAt, onFold, shape, shoulder, shouldersMeet, side, sidesMeet } from './shapeParts';

/** A swim or crop top without a band. */
export const cropTop: GarmentKind = {
  kind: 'crop-top',
  label: 'Swim or crop top',
  about: 'Front and back, lined or reversible, elastic turned once at every edge, no band.',
  styles: [
    {
      id: 'regular',
      label: 'Close',
      share: 0.2,
      shareAlong: 0,
      range: [0.1, 0.15],
      rangeAlong: [0, 0.03],
      usual: 'usual for swimwear',
    },
  ],
  needs: [
    need('bust', 'the body, and what the lower edge passes'),
    need('underbust', 'the lower edge'),
    need('strap', 'the straps', false),
    need('highBust', 'the bust adjustment', false),
    { ...headNeed, required: false },
    ...clothNeeds('backLength'),
  ],
  zones: [
    bustZone,
    underbustZone,
    { id: 'strap', label: 'Strap', measure: 'strap', axis: 'along', seamEdges: 1, share: 0.1 },
  ],
  pieces: [
    piece('front', 'Front', ['bust', 'underbust', 'strap'], { onFold: true }),
    piece('back', 'Back', ['bust', 'underbust', 'strap'], { onFold: true }),
    piece('front-lining', 'Front lining', [], { onFold: true, cloth: 'lining' }),
    piece('back-lining', 'Back lining', [], { onFold: true, cloth: 'lining' }),
  ],
  shapes: (['front', 'back'] as const).map((id) =>
    shape(
      id,
      id === 'front' ? 'Front' : 'Back',
      [
        finishedAt('neckline', 'neckline'),
        shoulder,
        finishedAt('armhole', 'armhole'),
        side,
        finishedAt('lower-edge', 'lower edge'),
        onFold(),
      ],
      {
        also: [`${id}-lining`],
        levels: { bust: ['side', 0.05] },
        along: { underbust: ['lower-edge'] },
        takes: { underbust: ['side'] },
      },
    ),
  ),
  sewn: [shouldersMeet, sidesMeet],
  drafting: {
    block: 'top',
    does: [
      {
        does: 'neck',
        shape: 'round',
        wider: { adult: 26, child: 14 },
        front: { adult: 150, child: 85 },
        back: { adult: 110, child: 65 },
      },
      { does: 'underarm', lower: { adult: -10, child: -6 } },
      { does: 'straps', wide: { adult: 45, child: 30 } },
      { does: 'length', to: 'underbust', longer: { adult: 25, child: 15 } },
      { does: 'lower-edge', zone: 'underbust' },
    ],
  },
  edges: [
    edge('neckline', 'Neckline', 'elastic', aroundNeck),
    edge('armhole', 'Armholes', 'elastic', aroundArmhole),
    edge('lower-edge', 'Lower edge', 'elastic', { zone: 'underbust', ...aroundBody }),
  ],
  seams: [
    shoulderSeam,
    seam('side', ['bust', 'underbust'], 'Sides', 'along', 'stretch'),
    seam('neckline', ['bust'], 'Neckline elastic', 'round', 'stretch', 'neckline'),
    seam('armhole', ['bust'], 'Armhole elastic', 'round', 'stretch'),
    seam('lower-edge', ['underbust'], 'Lower elastic', 'round', 'stretch', 'lower-edge'),
  ],
  openings: [topOpening('underbust', 'lower-edge'), drawnNeckOpening('neckline', 'Neckline')],
  asks: {
    around: 0.5,
    along: 0.3,
    recovery: 0.95,
    weightGsm: [150, 260],
    opaque: 'wet',
    swim: true,
    lined: true,
  },
  amount: { lengths: [['backLength', 1]], extraMm: 100, across: 'bust' },
  quirks: ['Reversible or not changes the ease: the stack is another one.'],
};
