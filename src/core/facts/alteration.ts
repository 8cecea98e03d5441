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
  text,
  type FactsOf,
} from './spec';

/** What an alteration of the pieces does; each looks at its own fields. */
export const alterationKinds = ['girths', 'length', 'seat', 'along', 'edge', 'smooth'] as const;
export type AlterationKind = (typeof alterationKinds)[number];

const alterationSpec = record('Alteration', {
  id: id('the alteration'),
  change: choice('What it changes', alterationKinds),
  name: optional(text('Called', 0, 60)),
  off: optional(flag('Switched off')),
  /** `girths`: how much larger all round, by zone; absent where it follows the plan. */
  zones: optional(map('Larger all round', lengthMm('Larger all round by', -600, 600, [-150, 150]), 40)),
  /** `girths`: as wide at each zone as the size that the fit advises there. */
  bySizes: optional(flag('By the sizes advised')),
  /** `length`: the zone it is near, and how far below that it lies. */
  zone: optional(id('the place on the body')),
  belowMm: optional(lengthMm('Below it by', -800, 1200, [-300, 400])),
  /** `length`, `seat`: how much longer. */
  byMm: optional(lengthMm('Longer by', -400, 600, [-120, 150])),
  /** `along`: as a share of the length; absent where it follows the plan. */
  share: optional(numberOf('share', 'Shorter by', -0.3, 0.3)),
  /** `edge`: which one, on which piece, and how far into the piece it moves at its start, its middle, its end. */
  edge: optional(id('the edge')),
  piece: optional(id('the piece')),
  startMm: optional(lengthMm('At its start', -300, 300, [-120, 120])),
  middleMm: optional(lengthMm('In its middle', -300, 300, [-120, 120])),
  endMm: optional(lengthMm('At its end', -300, 300, [-120, 120])),
  /** `smooth`: the edges sewn together that are crossed. */
  seam: optional(id('the seam')),
});
export type Alteration = FactsOf<typeof alterationSpec>;

/** Fields of an alteration, for its form. */
export const alterationFields = alterationSpec.fields;

/** The alterations of a garment’s pieces, in the order they are made. */
export const alterationsSpec = list('Alterations', alterationSpec, 1, 40);
