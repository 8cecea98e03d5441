import {
  choice,
  date,
  flag,
  id,
  lengthMm,
  list,
  map,
  numberOf,
  optional,
  record,
  text,
  type FactsOf,
} from './spec';

/** The cloths that pieces are cut from. */
export const clothRoles = ['outer', 'lining', 'band'] as const;
export type ClothRole = (typeof clothRoles)[number];

/** What cloth is cut with: how far apart pieces lie follows from it. */
export const cuttingTools = ['rotary', 'scissors'] as const;
export type CutWith = (typeof cuttingTools)[number];

/** Where one copy of a piece lies: its outline turned about its own (0, 0), then moved; x across the cloth, y along it. */
const placeSpec = record('Place of a piece', {
  piece: id('the piece'),
  copy: numberOf('count', 'Which copy', 1, 200),
  xMm: lengthMm('Across the cloth', -10_000, 10_000),
  yMm: lengthMm('Along the cloth', -10_000, 100_000),
  turn: numberOf('count', 'Turned by, degrees', -360, 360),
  faceDown: optional(flag('Face down')),
  pinned: optional(flag('Stays where it lies')),
  cutOn: optional(date('Cut on')),
  /** The row of the ticket that it was cut for. */
  cutFor: optional(id('the row of the ticket')),
  outline: optional(
    list(
      'Outline as it was cut',
      record('Point', { x: lengthMm('Across', -20_000, 20_000), y: lengthMm('Along', -20_000, 20_000) }),
      1,
      2000,
    ),
  ),
});
export type Place = FactsOf<typeof placeSpec>;

/** How the pieces of a garment lie on one of its cloths, as it was kept. */
export const layoutSpec = record('Layout', {
  keptOn: date('Kept on'),
  widthMm: lengthMm('Width of the cloth', 50, 4000),
  cutWith: choice('Cut with', cuttingTools),
  unmatched: optional(flag('Print not matched')),
  foldMm: optional(lengthMm('Folded, the fold so far from the left selvedge', 10, 2000)),
  lengthMm: lengthMm('Length it takes', 1, 200_000),
  /** Of several garments: the part of that length which counts for this one, the others on it, and the one that keeps it all. */
  shareMm: optional(lengthMm('Its share of that length', 0, 200_000)),
  with: optional(
    list(
      'Together with',
      record('Garment', { garmentId: id('the garment'), basis: text('Sign', 1, 40) }),
      1,
      4,
    ),
  ),
  within: optional(id('the garment it is laid out with')),
  apart: optional(flag('Every piece lies by itself on the cloth')),
  basis: text('Sign of what it was laid out of', 1, 40),
  shelvedOn: optional(date('What was left over went back on the shelf')),
  places: map('Places of its pieces', placeSpec, 200),
});
export type KeptLayout = FactsOf<typeof layoutSpec>;

export const layoutsSpec = record('Layouts', {
  outer: optional(layoutSpec),
  lining: optional(layoutSpec),
  band: optional(layoutSpec),
});
