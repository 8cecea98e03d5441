import type { GarmentKind } from '../fit/garmentKind';
import {
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
  piece,
  seam,
  shoulderSeam,
  sideSeam,
  sleeveHemEdge,
} from './parts';
import { finishedAt, onFold, shape, shoulder, shouldersMeet, side, sidesMeet } from './shapeParts';

/** A tee or tee dress with a neckline bound in one layer of rib. */
export const boundTee: GarmentKind = {
  kind: 'bound-tee',
  label: 'Tee dress with a bound neck',
  about: 'Sleeves cut in one with the body; one layer of rib binds the neck, sewn flat.',
  styles: [
    { id: 'fitted', label: 'Tee dress', share: 0.1, range: [0.03, 0.08], usual: 'usual for a tee dress' },
    { id: 'regular', label: 'Skims the body', share: 0, range: [0, 0.03], usual: 'usual for a tee' },
    { id: 'loose', label: 'Loose', looseMm: 50, usual: 'usual for a loose tee' },
  ],
  needs: [
    need('bust', 'the body'),
    need('hip', 'the skirt and its hem'),
    headNeed,
    handNeed,
    ...clothNeeds('backLength'),
  ],
  zones: [bustZone, hipZone],
  pieces: [
    piece('front', 'Front with its sleeves', ['bust', 'hip'], { onFold: true }),
    piece('back', 'Back with its sleeves', ['bust', 'hip'], { onFold: true }),
    piece('rib', 'Rib strip, longer than needed', [], { cloth: 'band' }),
  ],
  shapes: (['front', 'back'] as const).map((id) =>
    shape(
      id,
      id === 'front' ? 'Front with its sleeves' : 'Back with its sleeves',
      [
        finishedAt('neckline', 'neckline'),
        shoulder,
        finishedAt('sleeve-hem', 'sleeve hem'),
        side,
        finishedAt('hem', 'hem'),
        onFold(),
      ],
      { levels: { bust: ['side', 0.35], hip: ['side', 1] } },
    ),
  ),
  sewn: [shouldersMeet, sidesMeet],
  drafting: {
    block: 'top',
    does: [
      {
        does: 'neck',
        shape: 'round',
        wider: { adult: 20, child: 10 },
        front: { adult: 110, child: 70 },
        back: { adult: 25, child: 18 },
      },
      { does: 'underarm', lower: { adult: 20, child: 12 } },
      { does: 'length', to: 'hip', longer: { adult: 230, child: 130 } },
      { does: 'flare', by: 0 },
      { does: 'cut-in-one', sleeve: { adult: 150, child: 95 } },
    ],
  },
  edges: [
    edge('neckline', 'Neckline', 'binding', { use: 'flat-binding', piece: 'rib', ...aroundNeck }),
    sleeveHemEdge,
    hemEdge('hip'),
  ],
  seams: [
    shoulderSeam,
    seam('neckline', [], 'Binding seam', 'round', 'stretch', 'neckline'),
    sideSeam,
    seam('sleeve-hem', [], 'Sleeve hems', 'across', 'stretch', 'sleeve-hem'),
    seam('hem', ['hip'], 'Hem', 'across', 'stretch', 'hem'),
  ],
  openings: [neckOpening, hemOpening, drawnSleeveOpening()],
  asks: { around: 0.25, along: 0, recovery: 0.85, weightGsm: [140, 280], opaque: 'dry' },
  amount: { lengths: [['backLength', 2.6]], extraMm: 120, across: 'hip' },
  quirks: [
    'One shoulder stays open while the strip is sewn on flat.',
    'Press the neck in its final curve, never straight.',
  ],
};
