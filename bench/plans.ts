import { readClothOnce } from '../src/core/cloth/readClothOnce';
import type { Explained } from '../src/core/explain/explained';
import { createLedger } from '../src/core/explain/ledger';
import type { Cloth } from '../src/core/facts/cloth';
import { newGarment } from '../src/core/facts/garment';
import { kindIds } from '../src/core/facts/kindIds';
import type { Pattern } from '../src/core/facts/pattern';
import type { Wearer } from '../src/core/facts/wearer';
import { latestMeasures } from '../src/core/fit/latestMeasures';
import { catalogue } from '../src/core/garments/catalogue';
import { kindOf } from '../src/core/garments/kindOf';
import { planEdges } from '../src/core/edges/edges';
import { planMeasures } from '../src/core/fit/measures';
import { planGarment } from '../src/core/plan/planGarment';
import { planZones } from '../src/core/fit/zones';
import { household } from '../src/demo/household';
import { TODAY, demoFacts } from '../tests/demoFacts';

export const FRAME_MS = 1000 / 60;
const WARM_UP = 200;
const RUNS = 2000;

/** Whole tee plans in one frame of 16.7 ms, over every tee of the demo. */
export function plansPerFrame(): number {
  const facts = demoFacts()
    .map(([, one]) => one)
    .filter(({ garment }) => garment.kind === 'tee');
  const plan = (at: number) =>
    planGarment(facts[at % facts.length] as (typeof facts)[number], { onDate: TODAY });
  for (let at = 0; at < WARM_UP; at += 1) plan(at);
  const start = performance.now();
  for (let at = 0; at < RUNS; at += 1) plan(at);
  return FRAME_MS / ((performance.now() - start) / RUNS);
}

/** Whole plans of the largest garment, the one with the most numbers, in one frame; and which that is. */
export function largestPerFrame(): { readonly kind: string; readonly perFrame: number } {
  const { cloths, wearers } = household(TODAY);
  const [outer, lining] = [cloths['loon-swim'], cloths['minnow-lining']];
  const wearer = wearers.tansy;
  if (!outer || !lining || !wearer) throw new Error('expected the demo household');
  const sized = kindIds.map((kind) => {
    const facts = { garment: newGarment('Bench', kind), wearer, outer, lining, band: outer };
    return { kind, facts, size: Object.keys(planGarment(facts, { onDate: TODAY }).numbers).length };
  });
  const largest = sized.reduce((most, one) => (one.size > most.size ? one : most));
  for (let at = 0; at < WARM_UP; at += 1) planGarment(largest.facts, { onDate: TODAY });
  const start = performance.now();
  const runs = RUNS / 4;
  for (let at = 0; at < runs; at += 1) planGarment(largest.facts, { onDate: TODAY });
  return { kind: largest.kind, perFrame: FRAME_MS / ((performance.now() - start) / runs) };
}

/** Every edge of the garment with most numbers at its edges, worked out, in one frame; and which that is. */
export function edgesPerFrame(): { readonly kind: string; readonly perFrame: number } {
  const sized = demoFacts().map(([, facts]) => {
    const plan = planGarment(facts, { onDate: TODAY });
    const kind = kindOf(facts.garment, facts.ownKind);
    const lengths = Object.fromEntries(
      plan.edges.flatMap(({ id, length }) => (length ? [[id, plan.numbers[length] as Explained]] : [])),
    );
    const run = () => {
      const book = createLedger();
      const outer = facts.outer && readClothOnce(book, 'outer', facts.outer);
      const band = facts.band && readClothOnce(book, 'band', facts.band);
      const { passes: body } = planMeasures(book, facts, kind, TODAY);
      for (const length of Object.values(lengths)) if (!book.numbers[length.id]) book.adopt([length]);
      planEdges({ book, facts, kind, body, band, outer, lengths, sewnOpen: undefined, size: plan.size?.cut });
      return Object.keys(book.numbers).length;
    };
    return { kind: facts.garment.kind, run, size: run() };
  });
  const largest = sized.reduce((most, one) => (one.size > most.size ? one : most));
  for (let at = 0; at < WARM_UP; at += 1) largest.run();
  const start = performance.now();
  for (let at = 0; at < RUNS; at += 1) largest.run();
  return { kind: largest.kind, perFrame: FRAME_MS / ((performance.now() - start) / RUNS) };
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
        planZones(book, facts, { ...catalogue[kind], zones: [zone] }, body, reading);
        times.push(performance.now() - start);
      }
    }
  }
  return times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;
}
