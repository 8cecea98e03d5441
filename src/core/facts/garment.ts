import { MM_PER_INCH, type UnitSystem } from '../units/constants';
import { alterationsSpec } from './alteration';
import { useIds } from './edgeUses';
import { kindIds, type KindId } from './kindIds';
import { fittingSpec } from './fitting';
import { layoutsSpec } from './layout';
import { mendsSpec } from './mend';
import { refashionSpec } from './refashion';
import { setupSpec } from './setup';
import { styleIds } from './wearer';
import { stitchIds } from './stitchIds';
import { isUsualSet, symptomIds } from './machine';
import {
  choice,
  date,
  flag,
  id,
  lengthMm,
  map,
  numberOf,
  optional,
  record,
  text,
  type FactsOf,
} from './spec';

/** A zone of the garment's kind, such as `bust`, or one a person added. */
export type ZoneId = string;

/** How close one zone is to be: by a school, with that school's own setting. */
export const zoneChoiceSpec = record('How close', {
  school: choice('School', ['share', 'class', 'kind', 'pressure', 'transfer', 'like', 'loose', 'set']),
  share: optional(numberOf('share', 'Share of the stretch', 0, 1)),
  looseMm: optional(lengthMm('Looser than the body by', 0, 600)),
  pressurePa: optional(numberOf('pa', 'Pressure', 1, 10_000)),
  extension: optional(numberOf('share', 'Worn extension', -0.5, 1)),
});
export type ZoneChoice = FactsOf<typeof zoneChoiceSpec>;
export type EaseSchool = ZoneChoice['school'];

/** How a band and its edge are divided; `curve` puts more of the shortening where the edge turns more. */
const markChoices = ['auto', 'halves', 'quarters', 'eighths', 'sixteenths', 'curve'] as const;
export type MarkChoice = (typeof markChoices)[number];

/** An edge as it was measured; see `edges/seamline.ts` for how it becomes a seamline. */
export const edgeMeasuredSpec = record('Edge as measured', {
  as: choice('What was measured', ['ring', 'pieces', 'seamline']),
  wholeMm: optional(lengthMm('All along', 10, 4000, [100, 1800])),
  frontMm: optional(lengthMm('Front piece', 60, 1000, [140, 500])),
  backMm: optional(lengthMm('Of that, the back', 5, 3000, [50, 900])),
  allowanceMm: optional(lengthMm('Seam allowance at the edge', 0, 60, [4, 25])),
  crossings: optional(numberOf('count', 'Seams that cross it', 0, 12)),
  crossingAllowanceMm: optional(lengthMm('Seam allowance of those seams', 0, 40, [4, 16])),
  turnRad: optional(numberOf('radians', 'Total turn', -2 * Math.PI, 2 * Math.PI)),
});
export type EdgeMeasured = FactsOf<typeof edgeMeasuredSpec>;

/** One round of trying an elastic on: how long it was basted, and what was pinched out (let out where negative). */
const roundSpec = record('Round', {
  triedOn: date('Tried on'),
  bastedMm: lengthMm('Ring as basted', 50, 3000, [200, 1400]),
  pinchedMm: lengthMm('Pinched out', -400, 800),
  note: optional(text('Note', 0, 500)),
});
export type Round = FactsOf<typeof roundSpec>;

/** How one edge is done: what is sewn to it, of what, by whose rule, how it is joined and marked. */
export const edgeChoiceSpec = record('Edge', {
  use: optional(choice('How it is sewn', useIds)),
  elasticId: optional(id('the elastic')),
  ringId: optional(id('the rings')),
  sliderId: optional(id('the sliders')),
  hookId: optional(id('the hook-and-eye')),
  cupsId: optional(id('the cups')),
  measured: optional(edgeMeasuredSpec),
  sections: optional(map('Lengths of its parts', lengthMm('Part of the edge', 0, 2000), 12)),
  ratios: optional(
    map('Ratios of its parts', numberOf('ratio', 'Elastic for each length of edge', 0.5, 1.5), 12),
  ),
  less: optional(map('Taken off its parts', lengthMm('Taken off the part', -200, 400), 12)),
  school: optional(id('the rule')),
  shorter: optional(numberOf('share', 'Shorter than the edge by', -0.3, 0.6)),
  ownMm: optional(lengthMm('Length chosen', 10, 4000)),
  elasticOwnMm: optional(lengthMm('Length of elastic chosen', 10, 4000)),
  elasticSchool: optional(id('the elastic’s rule')),
  finishedMm: optional(lengthMm('Finished width', 3, 300, [6, 120])),
  direction: optional(choice('Which way it is cut', ['across', 'along'])),
  easeIn: optional(numberOf('share', 'Share of the curve taken off', 0.1, 2)),
  printedCutMm: optional(lengthMm('The pattern’s own band, cut length', 50, 1500, [200, 800])),
  shape: optional(choice('Shape of the neck', ['round', 'scoop', 'boat', 'V'])),
  pointRad: optional(numberOf('radians', 'Turn at the point of the V', 0, Math.PI * 0.9)),
  joinAt: optional(choice('Where it is joined', ['centre-back', 'left-shoulder'])),
  makeUpNarrowing: optional(flag('Cut wider to make up for narrowing')),
  join: optional(choice('How the ends meet', ['butted', 'overlapped', 'seamed', 'open'])),
  joinMm: optional(lengthMm('Overlap, or allowance of its seam', 0, 60, [4, 25])),
  tailMm: optional(lengthMm('Tail at each end', 0, 300, [10, 60])),
  drawnAllowanceMm: optional(lengthMm('Allowance drawn on the pattern here', 0, 60, [3, 25])),
  marks: optional(choice('Marks', markChoices)),
  parts: optional(numberOf('count', 'Cut in this many parts', 1, 8)),
  rippleShare: optional(numberOf('share', 'Stretched while it is overcast', 0, 2)),
  gatheredFromMm: optional(lengthMm('Edge before gathering', 20, 6000)),
  gatheredAt: optional(choice('Where it is gathered', ['evenly', 'under each bust'])),
  frontRingsMm: optional(lengthMm('Front, ring to ring', 20, 1500)),
  backRingsMm: optional(lengthMm('Back, ring to ring', 20, 1500)),
  adjustMm: optional(lengthMm('Room to adjust', 0, 300, [50, 150])),
  lengthwise: optional(numberOf('share', 'Stretches lengthwise once worn', 0, 0.6)),
  rounds: optional(map('Rounds of trying on', roundSpec, 30)),
});
export type EdgeChoice = FactsOf<typeof edgeChoiceSpec>;

/** What was really cut: frozen, whatever the plan says later. */
const cutSpec = record('Cut', {
  cutOn: date('Cut on'),
  lengthMm: optional(lengthMm('Length as cut', 1, 5000)),
  widthMm: optional(lengthMm('Width as cut', 1, 2000)),
  girths: optional(map('Girths as it was cut', lengthMm('All round', 20, 4000), 24)),
});
export type Cut = FactsOf<typeof cutSpec>;

/** A seam as the person knows it: how long it is, and how far it is stretched while dressing. */
const seamChoiceSpec = record('Seam', {
  lengthMm: optional(lengthMm('Length of the seam', 10, 5000, [50, 2000])),
  pulledOn: optional(numberOf('share', 'Stretched while it is pulled on by', 0, 3)),
});

/** A stitch, and a machine, chosen for one step. */
const stitchPickSpec = record('Stitch chosen', {
  stitch: choice('Stitch', stitchIds),
  machineId: optional(id('the machine')),
});

/** One step before another, because the person says so. */
const beforeSpec = record('This before that', {
  first: id('the first step'),
  then: id('the later step'),
});

/** Something that went wrong at a step, and what was done about it. */
const wentWrongSpec = record('Went wrong', {
  on: date('On'),
  step: id('the step'),
  symptom: choice('What it did', symptomIds),
  cause: optional(id('what helped')),
  note: optional(text('Note', 0, 500)),
});

/** A machine or stitch that gave out in the middle, and what took its place. */
const substitutionSpec = record('Substituted', {
  on: date('On'),
  machineId: id('the machine'),
  stitch: optional(choice('Stitch', stitchIds)),
  what: text('What was done instead', 0, 500),
});

/** A free evening for sewing. */
const eveningSpec = record('Evening', {
  day: date('Day'),
  from: text('From', 4, 5),
  minutes: numberOf('count', 'Minutes free', 5, 720),
});
export type Evening = FactsOf<typeof eveningSpec>;

/** One garment in the making: what was chosen, and what was really cut, sewn and worn. */
export const garmentSpec = record('Garment', {
  name: text('Name', 1, 60),
  kind: choice('Kind', kindIds),
  ownKindId: optional(id('your own kind')),
  style: choice('How it is meant to sit', styleIds),
  wearerId: optional(id('the wearer')),
  outerClothId: optional(id('the cloth')),
  liningClothId: optional(id('the lining')),
  bandClothId: optional(id('the neckband’s cloth')),
  patternId: optional(id('the pattern')),
  machineSetId: optional(id('the machines')),
  sizeId: optional(id('the size')),
  likeId: optional(id('the garment that fits')),
  fit: map('Fit', zoneChoiceSpec, 40),
  closures: optional(map('Openings with a closure', flag('Has a closure'), 20)),
  edges: optional(map('Edges', edgeChoiceSpec, 40)),
  pattern: record('Pattern', {
    shoulderMm: optional(lengthMm('Shoulder seam', 20, 300, [50, 180])),
    sleeveHemMm: optional(lengthMm('Sleeve hem, all round', 80, 900, [130, 600])),
    finished: map('Finished girths of the pattern', lengthMm('Pattern, finished', 20, 2500), 40),
    openings: optional(map('Openings of the pattern', lengthMm('Opening, all round', 80, 2500), 20)),
    seamAllowanceMm: lengthMm('Seam allowance', 0, 40, [4, 16]),
    sleeveHemAllowanceMm: lengthMm('Sleeve hem, turned up', 0, 120, [8, 65]),
    hemAllowanceMm: lengthMm('Hem, turned up', 0, 120, [8, 65]),
  }),
  draft: optional(
    record('Drafted from measures', {
      shaped: optional(map('Shaped by hand', lengthMm('Chosen', -600, 3000), 40)),
    }),
  ),
  alterations: optional(alterationsSpec),
  stay: choice('Shoulder stay', ['clear-elastic', 'knit-tape', 'none']),
  ways: optional(map('Ways to go about it', id('the way'), 20)),
  picks: optional(map('Stitches chosen', stitchPickSpec, 200)),
  seams: optional(map('Seams', seamChoiceSpec, 60)),
  befores: optional(map('This before that', beforeSpec, 60)),
  order: optional(map('Own order', numberOf('count', 'Place', 0, 500), 300)),
  followed: optional(map('Order that was begun', numberOf('count', 'Place', 0, 500), 300)),
  threads: optional(
    record('Threads', {
      needleId: optional(id('the thread of the needles')),
      looperId: optional(id('the thread of the loopers')),
      bobbinId: optional(id('the thread of the bobbin')),
    }),
  ),
  evenings: optional(map('Free evenings', eveningSpec, 60)),
  wrong: optional(map('Went wrong', wentWrongSpec, 200)),
  stands: optional(map('How its machines stand', setupSpec, 20)),
  stoodBefore: optional(map('How its machines stood before', setupSpec, 20)),
  substituted: optional(map('Substituted', substitutionSpec, 60)),
  atStep: optional(id('the step')),
  topstitched: optional(flag('Neckline topstitched')),
  agreed: record('Agreed', { fit: optional(flag('Fit agreed')), bands: optional(flag('Bands agreed')) }),
  layouts: optional(layoutsSpec),
  cuts: map('Cut', cutSpec, 100),
  sewn: map(
    'Sewn',
    record('Step', {
      doneOn: date('Done on'),
      minutes: optional(numberOf('count', 'Minutes it took', 0, 2000)),
      stitch: optional(choice('Stitch it was sewn with', stitchIds)),
    }),
    300,
  ),
  stepNotes: map('Notes on steps', record('Note', { text: text('Note', 0, 500) }), 200),
  fittings: map('Try-ons', fittingSpec, 100),
  refashion: optional(refashionSpec),
  mends: optional(mendsSpec),
});
export type Garment = FactsOf<typeof garmentSpec>;

/** What a pattern usually has, in the round figures of either tape, mm (T). */
const USUAL = {
  cm: { allowanceMm: 6, hemMm: 25 },
  in: { allowanceMm: MM_PER_INCH / 4, hemMm: MM_PER_INCH },
} as const;

/** A garment as it starts: usual allowances in the tape's own round figures, usual choices, nothing measured. */
export const newGarment = (name: string, kind: KindId, unit: UnitSystem = 'cm'): Garment => ({
  name,
  kind,
  style: 'regular',
  fit: {},
  pattern: {
    finished: {},
    seamAllowanceMm: USUAL[unit].allowanceMm,
    sleeveHemAllowanceMm: USUAL[unit].hemMm,
    hemAllowanceMm: USUAL[unit].hemMm,
  },
  stay: 'clear-elastic',
  agreed: {},
  cuts: {},
  sewn: {},
  stepNotes: {},
  fittings: {},
});

/** A tee as it starts. */
export const newTee = (name: string, unit: UnitSystem = 'cm'): Garment => newGarment(name, 'tee', unit);

/** Whether a garment's bands are cut from its cloth, so that they change with it. */
export const bandsFollow = ({ bandClothId, outerClothId }: Pick<Garment, 'bandClothId' | 'outerClothId'>) =>
  bandClothId === undefined || bandClothId === outerClothId;

/** The records a garment names, by the field that names them. */
export const garmentRefs = {
  wearerId: 'wearer',
  outerClothId: 'cloth',
  liningClothId: 'cloth',
  bandClothId: 'cloth',
  patternId: 'pattern',
  ownKindId: 'ownKind',
  machineSetId: 'machineSet',
} as const;
export type GarmentRef = keyof typeof garmentRefs;
export const garmentRefFields = Object.keys(garmentRefs) as readonly GarmentRef[];

/** The records a garment names itself; machines as most people have them are none. */
export const ownRefsOf = (
  garment: Pick<Garment, GarmentRef>,
): readonly {
  readonly path: GarmentRef;
  readonly kind: (typeof garmentRefs)[GarmentRef];
  readonly id: string;
}[] =>
  garmentRefFields.flatMap((field) => {
    const id = garment[field];
    return id === undefined || isUsualSet(id) ? [] : [{ path: field, kind: garmentRefs[field], id }];
  });

/** The records an edge names, by the field that names them. */
export const edgeRefs = {
  elasticId: 'elastic',
  ringId: 'finding',
  sliderId: 'finding',
  hookId: 'finding',
  cupsId: 'finding',
} as const;
export type EdgeRef = keyof typeof edgeRefs;
export const edgeRefFields = Object.keys(edgeRefs) as readonly EdgeRef[];

export const threadRefFields = ['needleId', 'looperId', 'bobbinId'] as const;

/** Every record the garment's edges and threads name, with the path of the field that names it. */
export const edgeRefsOf = ({
  edges = {},
  threads = {},
}: Pick<Garment, 'edges' | 'threads'>): readonly {
  readonly path: string;
  readonly kind: (typeof edgeRefs)[EdgeRef];
  readonly id: string;
}[] => [
  ...threadRefFields.flatMap((field) => {
    const named = threads[field];
    return named === undefined ? [] : [{ path: `threads.${field}`, kind: 'finding' as const, id: named }];
  }),
  ...Object.entries(edges).flatMap(([edgeId, edge]) =>
    edgeRefFields.flatMap((field) => {
      const named = edge[field];
      return named === undefined
        ? []
        : [{ path: `edges.${edgeId}.${field}`, kind: edgeRefs[field], id: named }];
    }),
  ),
];
