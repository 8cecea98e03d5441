import { readClothOnce } from '../src/core/cloth/readClothOnce';
import { createLedger } from '../src/core/explain/ledger';
import type { Cloth } from '../src/core/facts/cloth';
import type { GarmentFacts } from '../src/core/facts/garmentFacts';
import { newGarment } from '../src/core/facts/garment';
import { kindIds } from '../src/core/facts/kindIds';
import type { Pattern } from '../src/core/facts/pattern';
import type { Wearer } from '../src/core/facts/wearer';
import { latestMeasures } from '../src/core/fit/latestMeasures';
import { catalogue } from '../src/core/garments/catalogue';
import { kindOf } from '../src/core/garments/kindOf';
import { planGarment } from '../src/core/plan/planGarment';
import { planZones } from '../src/core/fit/zones';
import { household } from '../src/demo/household';
import { TODAY, demoFacts } from '../tests/demoFacts';

export const FRAME_MS = 1000 / 60;
const WARM_UP = 200;
const RUNS = 1000;

/** The facts as new objects, all but the cloths: everything but their readings is planned from scratch. */
const afresh = ({ wearer, garment, ...facts }: GarmentFacts): GarmentFacts => ({
  ...facts,
  garment: structuredClone(garment),
  ...(wearer ? { wearer: { ...wearer } } : {}),
});

/** How many runs go into a frame of 16.7 ms; what is made for them beforehand is not timed. */
function perFrame<T>(run: (given: T) => void, prepare: (at: number) => T): number {
  let took = 0;
  for (let at = -WARM_UP; at < RUNS; at += 1) {
    const given = prepare(at + WARM_UP);
    const start = performance.now();
    run(given);
    if (at >= 0) took += performance.now() - start;
  }
  return FRAME_MS / (took / RUNS);
}

const plan = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });

/** Whole tee plans in one frame, over every tee of the demo. */
export function plansPerFrame(): number {
  const tees = demoFacts()
    .map(([, one]) => one)
    .filter(({ garment }) => garment.kind === 'tee');
  return perFrame(plan, (at) => afresh(tees[at % tees.length] as GarmentFacts));
}

/** Whole plans of the largest garment, the one with the most numbers, in one frame; and which that is. */
export function largestPerFrame(): { readonly kind: string; readonly perFrame: number } {
  const { cloths, wearers } = household(TODAY);
  const [outer, lining] = [cloths['loon-swim'], cloths['minnow-lining']];
  const wearer = wearers.tansy;
  if (!outer || !lining || !wearer) throw new Error('expected the demo household');
  const sized = kindIds.map((kind) => {
    const facts = { garment: newGarment('Bench', kind), wearer, outer, lining, band: outer };
    return { kind, facts, size: Object.keys(plan(facts).numbers).length };
  });
  const largest = sized.reduce((most, one) => (one.size > most.size ? one : most));
  return { kind: largest.kind, perFrame: perFrame(plan, () => afresh(largest.facts)) };
}

/** Plans in one frame after a key at an edge, over every edge of the garment with most of them; and which that is. */
export function edgesPerFrame(): { readonly kind: string; readonly perFrame: number } {
  const edgesOf = ({ garment, ownKind }: GarmentFacts) => kindOf(garment, ownKind).edges;
  const facts = demoFacts()
    .map(([, one]) => one)
    .reduce((most, one) => (edgesOf(one).length > edgesOf(most).length ? one : most));
  const ids = edgesOf(facts).map(({ id }) => id);
  const { garment } = facts;
  const typed = (at: number): GarmentFacts => {
    const id = ids[at % ids.length] as string;
    const edges = { ...garment.edges, [id]: { ...garment.edges?.[id], tailMm: 10 + (at % 40) } };
    return { ...facts, garment: { ...garment, edges } };
  };
  return { kind: garment.kind, perFrame: perFrame(plan, typed) };
}

/** Median ms for one zone under every school, of every garment, in a cloth with a pull curve. */
export function zoneMs(): number {
  const { cloths, wearers, patterns } = household(TODAY);
  const reading = readClothOnce(createLedger(), 'outer', cloths['loon-swim'] as Cloth);
  const wearer = wearers.odile as Wearer;
  const pattern = patterns['otter-bottoms'] as Pattern;
  const latest = latestMeasures(wearer);
  const times: number[] = [];
  for (let round = 0; round < 60; round += 1) {
    for (const kind of kindIds) {
      for (const zone of catalogue[kind].zones) {
        const mm = latest[zone.measure]?.mm;
        if (mm === undefined) continue;
        const book = createLedger();
        const body = { [zone.measure]: book.given('body', 'body', mm, 'mm', 'measured') };
        const facts = { garment: { ...newGarment('Bench', kind), likeId: 'heirloom' }, wearer, pattern };
        const start = performance.now();
        planZones({ book, facts, kind: { ...catalogue[kind], zones: [zone] }, body, cloth: reading });
        times.push(performance.now() - start);
      }
    }
  }
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
}
