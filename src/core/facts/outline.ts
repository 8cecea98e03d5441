import {
  choice,
  flag,
  id,
  lengthMm,
  list,
  map,
  numberOf,
  optional,
  record,
  thinMm,
  type FactsOf,
} from './spec';

/** Further than any piece or drawing reaches, mm. */
const FARTHEST_MM = 20_000;
const across = lengthMm('Across', -FARTHEST_MM, FARTHEST_MM);
const down = lengthMm('Down', -FARTHEST_MM, FARTHEST_MM);
const handle = record('Handle of its curve', { x: across, y: down });

/**
 * A point of an outline, mm, y downwards. A curve runs on smoothly through it unless it is a corner; handles are given where
 * the drawing it was taken from had them.
 */
const knotSpec = record('Point', {
  x: across,
  y: down,
  corner: optional(flag('A corner')),
  edge: optional(id('the edge that starts here')),
  /** One pixel of the screen where it was clicked: no hand is nearer. */
  clickMm: optional(thinMm('One pixel where it was clicked', 0, 50)),
  before: optional(handle),
  after: optional(handle),
});
export type Knot = FactsOf<typeof knotSpec>;

/** How the cut line turns the corner where an edge ends. */
export const cornerKinds = ['mitred', 'square', 'mirrored'] as const;
export type CornerKind = (typeof cornerKinds)[number];

const notchSpec = record('Notch', {
  atMm: lengthMm('Along the edge from its start', 0, 5000),
  double: optional(flag('A double notch')),
});
export type Notch = FactsOf<typeof notchSpec>;
export const notchFields = notchSpec.fields;

/** What is said of one edge of an outline. */
const outlineEdgeSpec = record('Edge of the outline', {
  allowanceMm: optional(lengthMm('Seam allowance drawn here', 0, 120, [4, 65])),
  corners: optional(choice('Corners of the cut line', cornerKinds)),
  goodToMm: optional(thinMm('Its length is good to', 0, 200)),
  notches: optional(list('Notches', notchSpec, 1, 60)),
});

export const outlineEdgeFields = outlineEdgeSpec.fields;

/** More points than a hand clicks; a file with more is simplified before it is taken in. */
export const MOST_KNOTS = 2000;

/** The outline of a piece: a ring of points, and what each edge is. */
export const outlineSpec = record('Outline', {
  ring: list('Points of the outline', knotSpec, 1, MOST_KNOTS),
  /** Absent once the ring is closed. */
  unfinished: optional(flag('Not closed yet')),
  drawn: choice('What was traced', ['cut line', 'seamline']),
  edges: optional(map('Edges of the outline', outlineEdgeSpec, 24)),
  /** Clockwise from upright, where its fold does not tell it. */
  grainRad: optional(numberOf('radians', 'Lengthwise grain, from upright', -Math.PI, Math.PI)),
  from: choice('Taken from', ['a photo', 'a page', 'a drawing', 'measures']),
  /** Where its zones lie, where that is another place than usual: a share of the height of an edge. */
  levels: optional(
    map(
      'Where zones lie',
      record('Level', { edge: id('the edge'), share: numberOf('share', 'Share of its height', 0, 1) }),
      20,
    ),
  ),
});
export type OutlineFacts = FactsOf<typeof outlineSpec>;

/** Where a pattern that has one size keeps its outlines. */
export const ONE_SIZE = 'only';
export const shapesSpec = map('Outlines by piece', outlineSpec, 40);
export type Shapes = FactsOf<typeof shapesSpec>;
