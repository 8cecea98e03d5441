import { readClothOnce } from '../cloth/readClothOnce';
import { createLedger } from '../explain/ledger';
import { catalogue } from '../garments/catalogue';
import { clothPlan } from './clothPlan';
import { planMeasures } from './measures';
import { planNeckband } from './neckband';
import { planNeckline } from './neckline';
import { planOpenings } from './openings';
import { planProblems } from './problems';
import { planNeeds, planStages } from './stages';
import { planSteps } from './steps';
import { planSetups } from './stitchSetups';
import { planTicket } from './ticket';
import { PLAN_SCHEMA, type GarmentFacts, type GarmentPlan } from './types';
import { planZones } from './zones';

export interface PlanOptions {
  /** The day the plan is read on, `YYYY-MM-DD`: for ages only. */
  readonly onDate: string;
}

/**
 * The one entry point: facts → plan. Pure; missing facts leave their part of the plan out and name themselves
 * in `needs`, and a garment that cannot work is planned all the same, with `problems` saying what would mend it.
 */
export function planGarment(facts: GarmentFacts, { onDate }: PlanOptions): GarmentPlan {
  const { garment } = facts;
  const kind = catalogue[garment.kind];
  const book = createLedger();
  const { measures, body } = planMeasures(book, facts, kind, onDate);
  const outer = facts.outer && readClothOnce(book, 'outer', facts.outer);
  const band = facts.band && readClothOnce(book, 'band', facts.band);
  const setups = planSetups(book, garment, facts.outer);
  const zones = planZones(book, garment, kind, body, outer);
  const neckline = planNeckline(book, garment.pattern.neckline);
  const reading = band?.[garment.neckband.direction];
  const neckband =
    neckline && reading && facts.band && body.head
      ? planNeckband({ book, garment, neckline, reading, cloth: facts.band, head: body.head })
      : undefined;
  const openings = planOpenings({ book, garment, body, outer, zones, neckline, neckband, setups });
  const ticket = planTicket({ book, facts, kind, zones, neckband, outer });
  const steps = planSteps({ book, facts, body, neckline, neckband, openings, setups });
  const problems = planProblems({ book, facts, body, outer, band, zones, neckline, neckband, openings });
  const inputs = {
    facts,
    measures,
    problems,
    ticket,
    steps,
    numbers: book.numbers,
    hasNeckband: neckband !== undefined,
    bandDirectionTested: reading !== undefined,
    outerTested: outer?.around !== undefined,
  };
  const needs = planNeeds(inputs);
  return {
    schema: PLAN_SCHEMA,
    name: garment.name,
    numbers: book.numbers,
    measures,
    cloths: { ...(outer ? { outer: clothPlan(outer) } : {}), ...(band ? { band: clothPlan(band) } : {}) },
    zones,
    ...(neckline ? { neckline: neckline.plan } : {}),
    ...(neckband ? { neckband } : {}),
    openings,
    ticket,
    setups: setups.setups,
    steps,
    problems,
    needs,
    ...planStages(inputs, needs),
  };
}
