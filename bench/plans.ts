import { planGarment } from '../src/core/plan/planGarment';
import { TODAY, demoFacts } from '../tests/demoFacts';

export const FRAME_MS = 1000 / 60;
const WARM_UP = 200;
const RUNS = 2000;

/** Whole tee plans in one frame of 16.7 ms, over every garment of the demo. */
export function plansPerFrame(): number {
  const facts = demoFacts().map(([, one]) => one);
  const plan = (at: number) =>
    planGarment(facts[at % facts.length] as (typeof facts)[number], { onDate: TODAY });
  for (let at = 0; at < WARM_UP; at += 1) plan(at);
  const start = performance.now();
  for (let at = 0; at < RUNS; at += 1) plan(at);
  return FRAME_MS / ((performance.now() - start) / RUNS);
}
