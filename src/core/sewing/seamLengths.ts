import type { StepSpec } from './assembly/step';
import { edgeUses } from '../edges/elastics/uses';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { KindId } from '../facts/kindIds';
import type { BodyMeasure } from '../facts/wearer';
import type { GarmentKind } from '../fit/garmentKind';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { PlanToSew } from './types';

/** A share of a measure of the body, and a length where that is not known, mm. */
type Estimate = readonly [measure: BodyMeasure | undefined, share: number, otherwiseMm: number];

/** How long seams, and rows that are no seam of the kind, usually are: once each (estimates). */
const usual: Readonly<Record<string, Estimate>> = {
  shoulder: ['shoulder', 1, 120],
  armhole: ['biceps', 1.4, 420],
  side: ['backLength', 1.35, 560],
  raglan: ['backLength', 0.75, 320],
  inseam: ['inseam', 1, 700],
  outseam: ['inseam', 1.3, 950],
  crotch: ['rise', 0.9, 620],
  panel: ['backLength', 1.1, 480],
  flounce: ['biceps', 1.2, 360],
  collar: ['neck', 1.2, 450],
  'centre-back': ['rise', 0.3, 200],
  gusset: ['rise', 0.12, 80],
  pouch: ['rise', 0.3, 220],
  cup: ['cup', 0.9, 180],
  bridge: [undefined, 0, 90],
  cradle: ['cup', 1.6, 350],
  dart: ['bust', 0.12, 110],
  'back-tab': [undefined, 0, 60],
  'cup-band': ['underbust', 1, 750],
  'facing-join': ['shoulder', 0.8, 90],
  'collar-make': ['neck', 1.6, 620],
  'collar-tack': ['neck', 1.2, 450],
  tie: [undefined, 0, 1200],
  'pocket-tops': [undefined, 0, 150],
  pockets: [undefined, 0, 460],
  gathers: ['biceps', 1.6, 520],
  'flounce-line': ['biceps', 1.2, 360],
  'pouch-curves': ['rise', 0.3, 200],
  shelf: ['backLength', 0.35, 150],
  'shelf-in': ['bust', 1.6, 1500],
  layers: ['underbust', 1, 750],
};

/** Where a kind's seam is longer or shorter than such seams usually are (estimates). */
const ofKind: Partial<Readonly<Record<KindId, Readonly<Record<string, Estimate>>>>> = {
  'bound-tee': { side: ['backLength', 2.4, 950] },
  raglan: { side: ['backLength', 2.1, 860] },
  'lettuce-top': { side: ['backLength', 0.9, 380] },
  'shelf-bra-top': { side: ['backLength', 0.9, 360] },
  'shaped-blouse': { side: ['backLength', 2, 820] },
  'collar-pullover': { side: ['backLength', 2.1, 860] },
  cardigan: { side: ['backLength', 2.8, 1150] },
  'boxer-briefs': { crotch: ['thigh', 0.5, 280] },
  briefs: { side: ['rise', 0.14, 90], crotch: ['rise', 0.12, 80] },
  'crop-top': { side: ['backLength', 0.4, 160] },
  'one-shoulder-top': { side: ['backLength', 0.4, 160] },
  'stretch-waist': { side: ['hip', 0.65, 650] },
};

interface Inputs {
  readonly book: Ledger;
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly plan: Pick<PlanToSew, 'numbers' | 'edges' | 'pieces'>;
}

/** The length of a step's row, all its times together; `undefined` where nothing tells it. */
export function rowLength(inputs: Inputs, spec: StepSpec): Explained | undefined {
  const one = oneLength(inputs, spec);
  const times = spec.times ?? 1;
  if (one === undefined || times === 1) return one;
  return inputs.book.work(`row.${spec.id}.length`, {
    label: 'length sewn',
    unit: 'mm',
    mark: 'D',
    formula: 'L * n',
    terms: { L: one, n: inputs.book.given(`row.${spec.id}.times`, 'times', times, 'count', 'D') },
  });
}

function oneLength(inputs: Inputs, spec: StepSpec): Explained | undefined {
  const { facts, plan } = inputs;
  const { id, seam, edge, job } = spec;
  if (job === 'band-join') return acrossBand(inputs, spec);
  if (job === 'elastic-join' || job === 'bar') return acrossElastic(inputs, spec);
  // A row that only holds layers together is not the seam whose length was typed.
  const typed = typedLength(inputs, job === 'hold' ? id : (seam ?? edge ?? id));
  if (typed) return typed;
  const strip = ofStrip(inputs, spec);
  if (strip) return strip;
  const outlined = plan.pieces.rows[seam ?? id];
  if (outlined !== undefined) return plan.numbers[outlined];
  const own = plan.edges.find((one) => one.id === (edge ?? (seam === 'shoulder' ? seam : undefined)));
  const ofEdge = own?.length === undefined ? undefined : plan.numbers[own.length];
  if (ofEdge) return ofEdge;
  const key = seam ?? edge ?? id;
  return estimated(inputs, key, ofKind[facts.ownKind?.base ?? facts.garment.kind]?.[key] ?? usual[key]);
}

function typedLength({ book, facts }: Inputs, key: string): Explained | undefined {
  const mm = facts.garment.seams?.[key]?.lengthMm;
  if (mm === undefined) return undefined;
  const entry = `length.${key}`;
  return book.numbers[entry] ?? book.given(entry, 'length of the seam', mm, 'mm', 'measured');
}

/** A row along a strip, not along the edge, is as long as the strip is. */
function ofStrip({ plan }: Inputs, { onStrip }: StepSpec): Explained | undefined {
  const sewn = plan.edges.find((one) => one.id === onStrip)?.strips[0]?.sewn;
  return sewn === undefined ? undefined : plan.numbers[sewn];
}

/** The ends of a band are joined across it: over the width it is cut. */
function acrossBand({ plan }: Inputs, { edge }: StepSpec): Explained | undefined {
  const width = plan.edges.find((one) => one.id === edge)?.strips[0]?.cutWidth?.exact;
  return width === undefined ? undefined : plan.numbers[width];
}

/** The ends of an elastic or strap are held across it: over its own width. */
function acrossElastic({ book, facts, plan }: Inputs, { edge }: StepSpec): Explained | undefined {
  const found = plan.edges.find((one) => one.id === edge);
  if (!found) return undefined;
  const entry = `length.${found.id}.across`;
  const known = book.numbers[entry];
  if (known) return known;
  const elasticId = found.strips.find(({ of }) => of === 'elastic')?.elasticId;
  const elastic = elasticId === undefined ? undefined : facts.elastics?.[elasticId];
  const mm = elastic?.widthMm ?? edgeUses[found.use].usualWidthMm;
  return mm === undefined
    ? undefined
    : book.given(entry, 'width of the elastic', mm, 'mm', elastic ? 'measured' : 'default');
}

const ESTIMATE = 'An estimate: type the seam’s own length at Sew.';

function estimated(
  { book, plan }: Inputs,
  key: string,
  estimate: Estimate | undefined,
): Explained | undefined {
  if (!estimate) return undefined;
  const entry = `length.${key}`;
  const known = book.numbers[entry];
  if (known) return known;
  const [measure, share, otherwiseMm] = estimate;
  const label = 'length of such a seam';
  const body = measure && plan.numbers[`body.${measure}`];
  if (!body) return book.given(entry, label, otherwiseMm, 'mm', 'default', ESTIMATE);
  return book.work(entry, {
    label,
    unit: 'mm',
    mark: 'default',
    note: ESTIMATE,
    formula: 'k * m',
    terms: { k: leaf('usual share of it', share, 'ratio', 'default'), m: body },
  });
}
