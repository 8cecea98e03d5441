import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundArm,
  aroundBody,
  bustZone,
  clothNeeds,
  drawnSleeveOpening,
  edge,
  handNeed,
  headNeed,
  hemOpening,
  neckOpening,
  neckbandEdge,
  need,
  pair,
  piece,
  seam,
  shoulderSeam,
  sideSeam,
} from './parts';
import { finishedAt, sleeveShape, topHalves, topMeets } from './shapeParts';

/** A tee or tank with lettuce edges. */
export const lettuceTop: GarmentKind = {
  kind: 'lettuce-top',
  label: 'Cropped top with lettuce edges',
  about: 'Every edge overcast while it is stretched, so that it ripples; short, or re-edged from another.',
  styles: [
    { id: 'fitted', label: 'Fitted', share: 0.1, range: [0.03, 0.08], usual: 'usual for a fitted tee' },
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a tee' },
  ],
  needs: [need('bust', 'the body and its lower edge'), headNeed, handNeed, ...clothNeeds('backLength')],
  zones: [bustZone],
  pieces: [
    piece('front', 'Front', ['bust'], { onFold: true }),
    piece('back', 'Back', ['bust'], { onFold: true }),
    ...pair('sleeve', 'Short sleeve'),
  ],
  shapes: [
    ...topHalves({ bust: ['side', 0.05] }, { lower: finishedAt('lower-edge', 'lower edge') }),
    sleeveShape(finishedAt('edge', 'sleeve edge', 'sleeve-edge'), {}, 'Short sleeve'),
  ],
  sewn: topMeets,
  drafting: {
    block: 'top',
    does: [
      { does: 'shoulders' },
      {
        does: 'neck',
        shape: 'round',
        wider: { adult: 12, child: 6 },
        front: { adult: 105, child: 65 },
        back: { adult: 22, child: 16 },
      },
      { does: 'underarm', lower: 0 },
      { does: 'length', to: 'waist', longer: { adult: -50, child: -30 } },
      { does: 'flare', by: 0 },
      { does: 'sleeve', arm: 0.26, ofBiceps: 1 },
    ],
  },
  edges: [
    neckbandEdge,
    edge('sleeve-edge', 'Sleeve edges', 'lettuce', aroundArm),
    edge('lower-edge', 'Lower edge', 'lettuce', { zone: 'bust', ...aroundBody }),
  ],
  seams: [
    shoulderSeam,
    seam('armhole', ['bust'], 'Sleeve seam', 'round', 'stretch'),
    sideSeam,
    seam('neckband', [], 'Neckband seam', 'round', 'stretch', 'neckline'),
    seam('lower-edge', ['bust'], 'Lettuce edges', 'across', 'stretch', 'lower-edge'),
  ],
  openings: [
    neckOpening,
    drawnSleeveOpening('sleeve-edge', 'Sleeve edge'),
    { ...hemOpening, id: 'lower-edge', label: 'Lower edge', edge: 'lower-edge', at: { zone: 'bust' } },
  ],
  asks: { around: 0.35, along: 0.1, recovery: 0.85, weightGsm: [100, 220], opaque: 'dry' },
  amount: { lengths: [['backLength', 1.1]], extraMm: 250, across: 'bust' },
  quirks: [
    'Ripples best along the greatest stretch; cut the band along less to hold the neck closer.',
    'Cut off doubled hems first.',
  ],
};
