import { layStrips, stripsOf } from '../src/core/paper/markingStrips';
import { planGarment } from '../src/core/plan/planGarment';
import { stripsPdf } from '../src/server/stripsPdf';
import { TODAY, demoFacts } from '../tests/demoFacts';

const RUNS = 10;

/** Seconds for the PDF of the garment with most sheets of strips, edges among them; and how many sheets. */
export async function stripsSeconds(): Promise<{ readonly seconds: number; readonly sheets: number }> {
  const sized = demoFacts().map(([, facts]) => {
    const strips = stripsOf(planGarment(facts, { onDate: TODAY }), { withEdges: true });
    return { strips, sheets: layStrips(strips, 'a4').length };
  });
  const largest = sized.reduce((most, one) => (one.sheets > most.sheets ? one : most));
  const paper = { title: 'Bench', paper: 'a4', unit: 'cm' } as const;
  await stripsPdf(largest.strips, paper);
  const start = performance.now();
  for (let at = 0; at < RUNS; at += 1) await stripsPdf(largest.strips, paper);
  return { seconds: (performance.now() - start) / RUNS / 1000, sheets: largest.sheets };
}
