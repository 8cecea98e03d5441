import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundBody,
  edge,
  hipZone,
  legEdge,
  legOpening,
  need,
  piece,
  seam,
  stillSeam,
  waistOpening,
  usualGusset,
} from './parts';
import { finishedAt, onFold, sewnInto, sewnTogether, shape, side, sidesMeet } from './shapeParts';

/** Briefs or swim bottoms. */
export const briefs: GarmentKind = {
  kind: 'briefs',
  label: 'Briefs or swim bottoms',
  about: 'Front and back, lined, with elastic turned once at waist and legs.',
  styles: [
    {
      id: 'regular',
      label: 'As swim bottoms',
      share: 0.2,
      shareAlong: 0,
      range: [0.1, 0.15],
      rangeAlong: [0, 0.03],
      usual: 'usual for swimwear',
    },
    { id: 'fitted', label: 'As briefs', share: 0.15, range: [0.08, 0.12], usual: 'usual for briefs' },
  ],
  needs: [
    need('hip', 'the seat, and what the waist passes'),
    need('lowHip', 'the waist edge where it sits', false),
    need('legTop', 'the leg elastic'),
    need('lowRise', 'the crotch length, from top edge to top edge'),
    need('foot', 'whether the legs go over heel and instep', false),
  ],
  zones: [
    hipZone,
    { id: 'low-hip', label: 'Waist edge', measure: 'lowHip', axis: 'around', seamEdges: 4 },
    { id: 'leg', label: 'Leg', measure: 'legTop', axis: 'around', seamEdges: 2 },
    { id: 'rise', label: 'Crotch length', measure: 'lowRise', axis: 'along', seamEdges: 2, skin: 'crotch' },
  ],
  pieces: [
    piece('front', 'Front', ['hip', 'low-hip', 'leg', 'rise'], { onFold: true }),
    piece('back', 'Back', ['hip', 'low-hip', 'leg', 'rise'], { onFold: true }),
    piece('front-lining', 'Front lining', [], { onFold: true, cloth: 'lining' }),
    piece('back-lining', 'Back lining', [], { onFold: true, cloth: 'lining' }),
    piece('gusset', 'Gusset', [], { cloth: 'lining' }),
  ],
  shapes: [
    ...(['front', 'back'] as const).map((id) =>
      shape(
        id,
        id === 'front' ? 'Front' : 'Back',
        [
          finishedAt('waist', 'waist'),
          side,
          finishedAt('leg', 'leg edge'),
          sewnInto('crotch', 'crotch'),
          onFold(),
        ],
        {
          also: [`${id}-lining`],
          levels: { hip: ['side', 1] },
          along: { 'low-hip': ['waist'], leg: ['leg'], rise: ['centre'] },
          takes: { 'low-hip': ['side'] },
          ...(id === 'back' ? { seat: { opens: 'centre', hinge: 'side' } } : {}),
        },
      ),
    ),
    shape(
      'gusset',
      'Gusset, half',
      [
        sewnInto('front', 'seam to the front', 'crotch'),
        finishedAt('leg', 'leg edge'),
        sewnInto('back', 'seam to the back', 'crotch'),
        onFold(),
      ],
      { along: { leg: ['leg'], rise: ['centre'] } },
    ),
  ],
  sewn: [
    sidesMeet,
    sewnTogether('crotch-front', 'Gusset, front', ['front.crotch'], ['gusset.front'], { seam: 'crotch' }),
    sewnTogether('crotch-back', 'Gusset, back', ['back.crotch'], ['gusset.back'], { seam: 'crotch' }),
  ],
  drafting: {
    block: 'brief',
    does: [usualGusset],
  },
  edges: [
    edge('waist', 'Waist', 'elastic', { zone: 'low-hip', ...aroundBody }),
    edge('leg', 'Leg edges', 'elastic', { zone: 'leg', ...legEdge }),
  ],
  seams: [
    stillSeam(
      'crotch',
      ['rise'],
      'Crotch, with the gusset',
      'across',
      'The ends of a gusset lie between the legs, where nothing pulls along them.',
    ),
    stillSeam(
      'side',
      ['hip', 'low-hip'],
      'Sides',
      'along',
      'It is short and runs along the body, where snug briefs hardly stretch.',
    ),
    seam('leg', ['leg'], 'Leg elastic', 'round', 'stretch', 'leg'),
    seam('waist', ['low-hip'], 'Waist elastic', 'round', 'stretch', 'waist-edge'),
  ],
  openings: [waistOpening('low-hip'), legOpening('leg')],
  asks: {
    around: 0.5,
    along: 0.3,
    recovery: 0.95,
    weightGsm: [150, 260],
    opaque: 'wet',
    swim: true,
    lined: true,
  },
  amount: { lengths: [['lowRise', 0.75]], extraMm: 120, across: 'hip' },
  quirks: [
    'Outer and lining are basted together wrong sides facing; the basting comes out again, or it pops.',
    'Light colours go transparent when wet: test wet.',
  ],
};
