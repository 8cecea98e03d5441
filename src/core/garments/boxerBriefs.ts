import type { GarmentKind } from '../fit/garmentKind';
import {
  aroundBody,
  aroundLeg,
  clothNeeds,
  edge,
  hipZone,
  legOpening,
  need,
  piece,
  seam,
  stillSeam,
  waistOpening,
  waistZone,
} from './parts';
import { finishedAt, onFold, sewnInto, sewnTogether, shape } from './shapeParts';

/** Boxer briefs with a lined pouch. */
export const boxerBriefs: GarmentKind = {
  kind: 'boxer-briefs',
  label: 'Boxer briefs',
  about: 'Body on two folds, a lined pouch sewn enclosed, an exposed plush waistband.',
  styles: [
    { id: 'regular', label: 'Close', share: 0.12, range: [0.05, 0.1], usual: 'usual for boxer briefs' },
  ],
  needs: [
    need('waist', 'the waistband elastic'),
    need('hip', 'the seat, and what the waist passes'),
    need('thigh', 'the legs'),
    need('pouch', 'the pouch', false),
    need('foot', 'whether the legs go over heel and instep', false),
    ...clothNeeds('rise'),
  ],
  zones: [
    waistZone,
    { ...hipZone, seamEdges: 2 },
    { id: 'thigh', label: 'Thigh', measure: 'thigh', axis: 'around', seamEdges: 2 },
    { id: 'pouch', label: 'Pouch', measure: 'pouch', axis: 'around', seamEdges: 4, share: 0 },
  ],
  pieces: [
    piece('body', 'Body, on two folds', ['waist', 'hip', 'thigh'], { onFold: true }),
    piece('pouch', 'Pouch', ['pouch'], { count: 4 }),
  ],
  shapes: [
    shape(
      'body',
      'Body, half',
      [
        finishedAt('waist', 'waist'),
        sewnInto('pouch', 'pouch seam'),
        sewnInto('front-crotch', 'crotch, front', 'crotch'),
        finishedAt('leg', 'leg hem'),
        sewnInto('back-crotch', 'crotch, back', 'crotch'),
        onFold('fold at centre back'),
      ],
      { along: { waist: ['waist'], thigh: ['leg'] }, seat: { opens: 'centre', hinge: 'pouch' } },
    ),
    shape(
      'pouch',
      'Pouch, half',
      [
        finishedAt('waist', 'top', 'waist'),
        sewnInto('body', 'seam to the body', 'pouch'),
        sewnInto('crotch', 'lower end', 'crotch'),
        sewnInto('centre-seam', 'centre seam', 'pouch'),
      ],
      { layers: 2, along: { waist: ['waist'] } },
    ),
  ],
  sewn: [
    sewnTogether('pouch', 'Pouch to the body', ['body.pouch'], ['pouch.body']),
    sewnTogether('crotch', 'Crotch', ['body.front-crotch'], ['body.back-crotch'], { meet: 'stretched' }),
  ],
  drafting: { block: 'leg', does: [{ does: 'pouch' }, { does: 'leg-length', share: 0.16 }] },
  edges: [
    edge('waist', 'Waist', 'elastic', { use: 'exposed', zone: 'waist', ...aroundBody, seams: [] }),
    edge('leg', 'Leg hems', 'hem', { zone: 'thigh', ...aroundLeg }),
  ],
  seams: [
    stillSeam(
      'pouch',
      ['pouch'],
      'Pouch seams',
      'along',
      'The pouch is shaped: its seams keep their length.',
    ),
    seam('crotch', ['hip', 'thigh'], 'Crotch and inside leg', 'along', 'stretch'),
    seam('leg', ['thigh'], 'Leg hems', 'across', 'stretch', 'leg'),
    seam('waist', ['waist'], 'Waistband', 'round', 'stretch', 'waist-edge'),
  ],
  openings: [waistOpening('waist'), legOpening('thigh')],
  asks: { around: 0.4, along: 0.2, recovery: 0.9, weightGsm: [150, 260], opaque: 'dry' },
  amount: {
    lengths: [
      ['rise', 0.5],
      ['thigh', 0.3],
    ],
    extraMm: 120,
    across: 'hip',
  },
  quirks: [
    'Pouch top and bottom are told apart by width.',
    'The pouch is rolled up and enclosed as it is sewn.',
  ],
};
