import { RING_TAIL_MM } from '../facts/finding';
import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundBody,
  clothNeeds,
  edge,
  frontLegEdge,
  legOpening,
  need,
  oneEachSide,
  pair,
  piece,
  seam,
  stillSeam,
  waistOpening,
  usualGusset,
} from './parts';
import { finishedAt, onFold, pairShape, plain, sewnInto, sewnTogether, shape } from './shapeParts';

/** Lace panties with adjustable sides. */
export const lacePanties: GarmentKind = {
  kind: 'lace-panties',
  label: 'Lace panties with adjustable sides',
  about: 'Lace front and two lace backs, a cotton-lined gusset, side straps with rings and sliders.',
  styles: [{ id: 'regular', label: 'Close', share: 0.15, range: [0.08, 0.12], usual: 'usual for panties' }],
  needs: [
    need('lowHip', 'the top edge and the side straps'),
    need('legTop', 'the leg edges'),
    need('hip', 'what the top edge passes'),
    need('foot', 'whether the legs go over heel and instep', false),
    ...clothNeeds('lowRise'),
  ],
  zones: [
    { id: 'low-hip', label: 'Hip where it sits', measure: 'lowHip', axis: 'around', seamEdges: 4 },
    { id: 'leg', label: 'Leg', measure: 'legTop', axis: 'around', seamEdges: 2, share: 0.1 },
  ],
  pieces: [
    piece('front', 'Front', ['low-hip', 'leg'], { onFold: true }),
    ...pair('back', 'Back', ['low-hip', 'leg']),
    piece('gusset', 'Gusset, lace'),
    piece('gusset-lining', 'Gusset, cotton', [], { cloth: 'lining' }),
  ],
  shapes: [
    shape('front', 'Front', [
      finishedAt('top', 'top edge'),
      plain('side', 'side, at the ring'),
      finishedAt('leg', 'leg edge'),
      sewnInto('gusset', 'gusset seam'),
      onFold(),
    ]),
    pairShape('back', 'Back', [
      finishedAt('back-top', 'top edge'),
      plain('side', 'side, at the ring'),
      { ...plain('scallop', 'scallop at the leg'), scallop: true },
      sewnInto('gusset', 'gusset seam'),
      sewnInto('centre-back', 'centre back'),
    ]),
    shape(
      'gusset',
      'Gusset, half',
      [
        sewnInto('front', 'seam to the front', 'gusset'),
        finishedAt('leg', 'leg edge'),
        sewnInto('back', 'seam to the back', 'gusset'),
        onFold(),
      ],
      { also: ['gusset-lining'] },
    ),
  ],
  sewn: [
    sewnTogether('gusset-front', 'Gusset, front', ['front.gusset'], ['gusset.front'], { seam: 'gusset' }),
    sewnTogether('gusset-back', 'Gusset, back', ['back.gusset'], ['gusset.back'], { seam: 'gusset' }),
  ],
  drafting: {
    block: 'brief',
    does: [usualGusset, { does: 'rings', front: 0.42, back: 0.4 }],
  },
  edges: [
    edge('top', 'Top edge of the front', 'left as it is', { zone: 'low-hip', ...aroundBody }),
    edge('leg', 'Leg edges, front and gusset', 'elastic', {
      use: 'lingerie',
      zone: 'leg',
      zoneShare: 0.53,
      ...frontLegEdge,
    }),
    edge('back-top', 'Top edge of the back', 'elastic', {
      use: 'lingerie',
      zone: 'low-hip',
      zoneShare: 0.4,
      open: true,
      tailMm: RING_TAIL_MM,
      start: 'left ring',
      middle: 'centre back',
      seams: [{ label: 'centre back seam', at: 0.5 }],
    }),
    edge('side-strap', 'Side straps', 'elastic', {
      use: 'side-strap',
      body: 'lowHip',
      ...oneEachSide,
    }),
  ],
  seams: [
    stillSeam(
      'centre-back',
      ['low-hip'],
      'Centre back',
      'along',
      'Two laces meet there and give little along it.',
    ),
    stillSeam(
      'gusset',
      [],
      'Gusset ends',
      'across',
      'The ends of a gusset lie between the legs, where nothing pulls along them.',
    ),
    seam('leg', ['leg'], 'Leg elastic', 'round', 'stretch', 'leg'),
    seam('back-top', ['low-hip'], 'Elastic at the top of the back', 'across', 'stretch', 'waist-edge'),
    stillSeam(
      'side-strap',
      [],
      'Rings and straps',
      'across',
      'A strap’s end is a bar: it is held, not stretched.',
    ),
  ],
  openings: [waistOpening('low-hip', 'top'), legOpening('leg')],
  asks: { around: 0.3, along: 0, recovery: 0.85, weightGsm: [60, 200] },
  amount: { lengths: [['lowHip', 0.9]], extraMm: 200, across: 'lowRise' },
  quirks: [
    'Motifs are mirrored at centre back.',
    'The gusset shows no seam on either side.',
    'The leg line can be opened: see Adapt a pattern; the coverage is kept with it.',
  ],
};
