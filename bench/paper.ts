import { kindOf } from '../src/core/garments/kindOf';
import { paperPieces } from '../src/core/paper/paperPieces';
import { paperPlan } from '../src/core/paper/paperPlan';
import { readPaper } from '../src/core/paper/papers';
import { sheetHead } from '../src/core/paper/words';
import { planGarment } from '../src/core/plan/planGarment';
import { piecesPdf } from '../src/server/piecesPdf';
import { TODAY, demoFacts } from '../tests/demoFacts';

const RUNS = 5;
const BARE = { nested: false, bands: true, opened: false };

/** Seconds from facts to the PDF on A4, of the demo's garment with most sheets, median; how many sheets. */
export async function paperSeconds(): Promise<{ readonly seconds: number; readonly sheets: number }> {
  const a4 = readPaper({ paper: 'a4' });
  if (!a4.ok) throw new Error(a4.sentence);
  const laid = demoFacts().map(([, facts]) => {
    const kind = kindOf(facts.garment, facts.ownKind);
    const work = () => {
      const plan = planGarment(facts, { onDate: TODAY });
      const pieces = paperPieces({ facts, kind, plan, onDate: TODAY }, BARE);
      return { paper: paperPlan(pieces, a4.sheet), head: sheetHead(facts, plan, { onDate: TODAY }) };
    };
    return { work, sheets: work().paper.pages.length };
  });
  const largest = laid.reduce((most, one) => (one.sheets > most.sheets ? one : most));
  const times: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    const start = performance.now();
    const { paper, head } = largest.work();
    await piecesPdf(paper, head);
    times.push((performance.now() - start) / 1000);
  }
  return { seconds: times.toSorted((a, b) => a - b)[RUNS >> 1] ?? NaN, sheets: largest.sheets };
}
