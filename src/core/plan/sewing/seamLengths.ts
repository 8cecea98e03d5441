import type { Explained } from '../../explain/explained';
import { leaf, type Ledger } from '../../explain/ledger';
import type { BodyMeasure } from '../../facts/wearer';
import type { GarmentKind } from '../../garments/garmentKind';
import type { GarmentFacts, GarmentPlan } from '../types';
import type { StepSpec } from '../../assembly/step';

/** How long seams usually are: a share of a measure of the body, and a length where that is not known (estimates). */
const usual: Readonly<Record<string, readonly [BodyMeasure | undefined, number, number]>> = {
  shoulder: ['shoulder', 1, 120],
  armhole: ['biceps', 1.4, 420],
  side: ['backLength', 1.6, 600],
  raglan: ['backLength', 0.75, 320],
  inseam: ['inseam', 1, 700],
  outseam: ['inseam', 1.3, 950],
  panel: ['backLength', 1.1, 480],
  flounce: ['biceps', 1.2, 360],
  collar: ['neck', 1.2, 450],
  'centre-back': [undefined, 0, 220],
  gusset: [undefined, 0, 80],
  pouch: [undefined, 0, 220],
  cup: [undefined, 0, 180],
  bridge: [undefined, 0, 90],
  cradle: [undefined, 0, 350],
  dart: [undefined, 0, 110],
  'back-tab': [undefined, 0, 60],
  casing: ['underbust', 1, 750],
  'cup-band': ['underbust', 1, 750],
};
/** A seam of which nothing is known (an estimate). */
const ANY_MM = 250;
/** A crotch seam across, with its gusset, and one along the body as a share of the crotch length (estimates). */
const GUSSET_MM = 80;
const CROTCH_SHARE = 0.9;
const CROTCH_MM = 620;

/** The length of a step's row, all its times together. */
export function rowLength(
  book: Ledger,
  facts: GarmentFacts,
  kind: GarmentKind,
  plan: Pick<GarmentPlan, 'numbers' | 'edges' | 'neckline'>,
  spec: StepSpec,
): Explained {
  const one = oneLength(book, facts, kind, plan, spec);
  const times = spec.times ?? 1;
  if (times === 1) return one;
  return book.work(`row.${spec.id}.length`, {
    label: 'length sewn',
    unit: 'mm',
    mark: 'D',
    formula: 'L * n',
    terms: { L: one, n: leaf('times', times, 'count', 'D') },
    by: (v) => v.L * v.n,
  });
}

function oneLength(
  book: Ledger,
  { garment }: GarmentFacts,
  kind: GarmentKind,
  { numbers, edges, neckline }: Pick<GarmentPlan, 'numbers' | 'edges' | 'neckline'>,
  { id, seam, edge }: StepSpec,
): Explained {
  const key = seam ?? edge ?? id;
  const entry = `length.${key}`;
  const known = book.numbers[entry];
  if (known) return known;
  const typed = garment.seams?.[key]?.lengthMm;
  if (typed !== undefined) return book.given(entry, 'length of the seam', typed, 'mm', 'measured');
  const planned =
    edges.find((one) => one.id === edge)?.length ?? (edge === 'neckline' ? neckline?.seamline : undefined);
  const ofEdge = planned === undefined ? undefined : numbers[planned];
  if (ofEdge) return ofEdge;
  const across = kind.seams.find((one) => one.id === seam)?.direction === 'across';
  const [measure, share, otherwise] =
    seam === 'crotch'
      ? across
        ? ([undefined, 0, GUSSET_MM] as const)
        : (['rise', CROTCH_SHARE, CROTCH_MM] as const)
      : (usual[key] ?? ([undefined, 0, ANY_MM] as const));
  const body = measure && numbers[`body.${measure}`];
  if (!body)
    return book.given(
      entry,
      'length of such a seam',
      otherwise,
      'mm',
      'default',
      'An estimate: type the seam’s own length at Sew.',
    );
  return book.work(entry, {
    label: 'length of such a seam',
    unit: 'mm',
    mark: 'default',
    note: 'An estimate: type the seam’s own length at Sew.',
    formula: 'k * m',
    terms: { k: leaf('usual share of it', share, 'ratio', 'default'), m: body },
    by: (v) => v.k * v.m,
  });
}
