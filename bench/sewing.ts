import { orderCost, bestOrder } from '../src/core/sewing/assembly/order';
import { newGarment } from '../src/core/facts/garment';
import { kindIds } from '../src/core/facts/kindIds';
import { kindOf } from '../src/core/garments/kindOf';
import { planGarment } from '../src/core/plan/planGarment';
import { bestPlan } from '../src/core/sewing/ordering';
import { planSewing } from '../src/core/sewing/planSewing';
import { planTogether } from '../src/core/answers/together';
import { wearingOf } from '../src/core/sewing/wearing';
import type { GarmentFacts } from '../src/core/facts/garmentFacts';
import { household } from '../src/demo/household';
import { TODAY, demoFacts } from '../tests/demoFacts';

const RUNS = 9;

const median = (times: readonly number[]): number =>
  times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)] ?? Number.NaN;

function timed(run: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return median(times);
}

/** Every kind on one combined machine and a sewing machine: the set that changes over most. */
function garments(): readonly GarmentFacts[] {
  const { cloths, wearers, machines, machineSets } = household(TODAY);
  const [outer, lining] = [cloths['loon-swim'], cloths['minnow-lining']];
  const wearer = wearers.odile;
  const machineSet = machineSets.corner;
  const [both, sewing] = [machines['two-in-one'], machines['old-green']];
  if (!outer || !lining || !wearer || !machineSet || !both || !sewing)
    throw new Error('expected the demo household');
  return kindIds.map((kind) => ({
    garment: { ...newGarment('Bench', kind), machineSetId: 'corner' },
    wearer,
    outer,
    lining,
    band: outer,
    machineSet,
    machines: { 'two-in-one': both, 'old-green': sewing },
  }));
}

function solve(facts: GarmentFacts) {
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment, facts.ownKind);
  const wearing = wearingOf(kind, facts.garment, plan.zones, plan.openings, plan.numbers);
  return { plan, best: bestPlan(facts, kind, wearing).best };
}

/** Median ms to find the best order of the garment with most steps, searched anew each time. */
export function orderMs(): { readonly kind: string; readonly steps: number; readonly ms: number } {
  const solved = garments().map((facts) => ({ facts, ...solve(facts) }));
  const largest = solved.reduce((most, one) =>
    one.best.ordering.ids.length > most.best.ordering.ids.length ? one : most,
  );
  const { problem } = largest.best.ordering;
  return {
    kind: largest.facts.garment.kind,
    steps: problem.steps.length,
    ms: timed(() => bestOrder(problem)),
  };
}

/** Median ms for the whole sewing plan of the slowest garment: every way tried, every step written out. */
export function sewingMs(): number {
  return Math.max(
    ...garments().map((facts) => {
      const plan = planGarment(facts, { onDate: TODAY });
      return timed(() => planSewing(facts, plan));
    }),
  );
}

/** Seconds for the two garments with most steps together, worked out once, nothing kept from before. */
export function togetherSeconds(): {
  readonly steps: number;
  readonly seconds: number;
  readonly proved: boolean;
} {
  const solved = garments()
    .map((facts) => ({ facts, steps: solve(facts).best.ordering.ids.length }))
    .sort((a, b) => b.steps - a.steps);
  const [first, second] = solved;
  if (!first || !second) throw new Error('expected two garments');
  const start = performance.now();
  const both = planTogether(first.facts, second.facts, TODAY);
  return {
    steps: both.steps.length,
    seconds: (performance.now() - start) / 1000,
    proved: both.provedMoves,
  };
}

/** Minutes of changing over in the best orders, over those of the written orders: every garment, and the demo's. */
export function changeoverRatio(): number {
  let [best, written] = [0, 0];
  for (const facts of [...garments(), ...demoFacts().map(([, one]) => one)]) {
    const { best: plan } = solve(facts);
    best += plan.order.changeMinutes;
    written += orderCost(
      plan.ordering.problem,
      plan.ordering.ids.map((_, at) => at),
    ).changeMinutes;
  }
  return best / written;
}
