import type { GarmentKind } from '../fit/garmentKind';
import { aroundBody, edge, hemEdge, need, piece, seam, stillSeam, waistOpening } from './parts';
import { finishedAt, onFold, shape, side, sidesMeet } from './shapeParts';

/** A skirt or trousers with a finished stretch waistband. */
export const stretchWaist: GarmentKind = {
  kind: 'stretch-waist',
  label: 'Skirt on a finished stretch waistband',
  about: 'Panels gathered evenly onto a wide elastic that shows.',
  styles: [
    {
      id: 'regular',
      label: 'Held by the elastic',
      share: 0.1,
      range: [0.03, 0.1],
      usual: 'usual for an elastic waist',
    },
    { id: 'loose', label: 'Loose', looseMm: 60, usual: 'usual for a gathered skirt' },
  ],
  needs: [need('waist', 'the elastic'), need('hip', 'the panels, and what the waist passes')],
  zones: [
    { id: 'waist', label: 'Waist', measure: 'waist', axis: 'around', seamEdges: 4 },
    { id: 'hip', label: 'Hip', measure: 'hip', axis: 'around', seamEdges: 4, share: 0 },
  ],
  pieces: [
    piece('front', 'Front panel', ['hip'], { onFold: true }),
    piece('back', 'Back panel', ['hip'], { onFold: true }),
  ],
  shapes: (['front', 'back'] as const).map((id) =>
    shape(
      id,
      id === 'front' ? 'Front panel' : 'Back panel',
      [finishedAt('waist', 'waist'), side, finishedAt('hem', 'hem'), onFold()],
      {
        levels: { hip: ['side', 0.25] },
        ...(id === 'back' ? { seat: { opens: 'centre', hinge: 'side' } } : {}),
      },
    ),
  ),
  sewn: [sidesMeet],
  drafting: { block: 'panels', does: [{ does: 'flare', by: { adult: 240, child: 160 } }] },
  edges: [
    edge('waist', 'Waistband', 'elastic', {
      use: 'stretch-waistband',
      zone: 'hip',
      body: 'waist',
      ...aroundBody,
    }),
    hemEdge('hip'),
  ],
  seams: [
    seam('side', ['hip'], 'Sides', 'along', 'stretch'),
    seam('waist', ['waist'], 'Elastic over the raw edge', 'round', 'stretch', 'waist-edge'),
    stillSeam(
      'hem',
      ['hip'],
      'Hem',
      'across',
      'The panels hang free of the legs: nothing passes through it tightly.',
    ),
  ],
  openings: [{ ...waistOpening('waist'), at: { zone: 'hip' } }],
  asks: { around: 0, along: 0, recovery: 0, weightGsm: [120, 400], opaque: 'dry' },
  amount: { lengths: [['hip', 0.7]], extraMm: 120, across: 'hip' },
  quirks: [
    'The elastic laps over the finished raw edge by 1.5 cm (⅝ in).',
    'The garment’s top edge is larger than the elastic and gathers evenly.',
  ],
};
