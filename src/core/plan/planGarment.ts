import { neckbandOpen } from '../sewing/assembly/assemble';
import { readClothOnce, readLinedOnce } from '../cloth/readClothOnce';
import { createLedger, type Ledger } from '../explain/ledger';
import type { GarmentKind } from '../fit/garmentKind';
import { kindOf } from '../garments/kindOf';
import { planChecks } from './checks';
import { clothPlan } from '../cloth/clothPlan';
import { planCutting } from '../ticket/cutting';
import { edgeLengths } from '../edges/edgeLength';
import { planEdges } from '../edges/edges';
import { neckbandEdge } from '../edges/useOf';
import { withLoop } from '../fit/loop';
import { planMeasures } from '../fit/measures';
import { planOpenings } from './openings';
import { withPattern } from '../fit/patternAdvice';
import { planProblems } from './problems';
import { planSize } from '../fit/size';
import { planNeeds, planStages } from './stages';
import { withRows } from '../sewing/popRows';
import { sewnSteps } from '../sewing/sewnSteps';
import { stepSummaries } from '../sewing/stepSummaries';
import { planHandling, wearingOf } from '../sewing/wearing';
import { planTicket } from '../ticket/ticket';
import { PLAN_SCHEMA, type GarmentPlan } from './types';
import { type GarmentFacts } from '../facts/garmentFacts';
import { planZones } from '../fit/zones';

interface PlanOptions {
  /** The day the plan is read on, `YYYY-MM-DD`: for ages only. */
  readonly onDate: string;
}

/**
 * The one entry point: facts → plan. Pure; missing facts leave their part of the plan out and name themselves
 * in `needs`, and a garment that cannot work is planned all the same, with `problems` saying what would mend it.
 */
export function planGarment(facts: GarmentFacts, { onDate }: PlanOptions): GarmentPlan {
  const { garment } = facts;
  const kind = kindOf(garment, facts.ownKind);
  const book = createLedger();
  const { measures, body, passes } = planMeasures(book, facts, kind, onDate);
  const { outer, lining, band, cloth } = readCloths(book, facts, kind);
  const zones = withLoop(book, kind, planZones(book, facts, kind, body, cloth));
  const size = planSize({ book, facts, kind, body, zones });
  const fitted = withPattern(book, facts, kind, zones, size);
  const lengths = edgeLengths({ book, kind, garment, passes, zones: fitted });
  const edges = planEdges({
    book,
    facts,
    kind,
    body: passes,
    band,
    outer: cloth,
    lengths,
    sewnOpen: neckbandOpen(kind, garment) ? 'neckline' : undefined,
    size: size?.cut,
  });
  const open = planOpenings({ book, kind, garment, passes, cloth, zones: fitted, lengths, edges });
  planHandling(book, cloth);
  const wearing = wearingOf(kind, garment, fitted, open, book.numbers);
  const sewn = sewnSteps({ facts, kind, wearing });
  const rows = { book, known: book.numbers, facts, zones: fitted, openings: open };
  const openings = withRows(rows, open, sewn.steps);
  const checks = planChecks({ book, facts, kind, outer, lining, body, zones: fitted });
  const ticket = planTicket({ book, facts, kind, zones: fitted, edges, cloth, size });
  const cutting = planCutting({ book, garment, edges });
  const steps = stepSummaries(sewn, garment);
  const problems = planProblems({
    book,
    facts,
    kind,
    body: passes,
    outer,
    band: neckbandEdge(edges) ? band : undefined,
    zones: fitted,
    edges,
    ticket,
    openings,
    checks,
    sewn,
    rows,
  });
  const inputs = {
    facts,
    kind,
    measures,
    edges,
    problems,
    ticket,
    steps,
    numbers: book.numbers,
    band,
    outerTested: outer?.around !== undefined,
    alongTested: cloth?.across !== undefined && cloth.along !== undefined,
  };
  const needs = planNeeds(inputs);
  return {
    schema: PLAN_SCHEMA,
    name: garment.name,
    kind: kind.label,
    numbers: book.numbers,
    measures,
    cloths: {
      ...(outer ? { outer: clothPlan(outer) } : {}),
      ...(lining ? { lining: clothPlan(lining) } : {}),
      ...(cloth && cloth !== outer ? { body: clothPlan(cloth) } : {}),
      ...(band ? { band: clothPlan(band) } : {}),
    },
    checks,
    zones: fitted,
    edges,
    ...(size ? { size } : {}),
    openings,
    ticket,
    cutting,
    steps,
    problems,
    needs,
    ...planStages(inputs, needs),
  };
}

/** The garment's cloths, and what goes round the body: the outer cloth, or outer and lining as a stack. */
function readCloths(book: Ledger, facts: GarmentFacts, { liningIsPart }: GarmentKind) {
  const find = (id: string) => facts.layerCloths?.[id];
  const outer = facts.outer && readClothOnce(book, 'outer', facts.outer, find);
  const lining = facts.lining && readClothOnce(book, 'lining', facts.lining, find);
  const band = facts.band && readClothOnce(book, 'band', facts.band, find);
  const cloth = outer && lining && !liningIsPart ? readLinedOnce(book, outer, lining, 'body') : outer;
  return { outer, lining, band, cloth };
}
