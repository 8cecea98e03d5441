import { capital } from '../units/words';
import { ofStep } from './assembly/assemble';
import { getNumber, createLedger, leaf } from '../explain/ledger';
import type { Explained, Term } from '../explain/explained';
import type { Machine } from '../facts/machine';
import { kindOf } from '../garments/kindOf';
import { helpsFor, needleFor, needleText } from '../machines/needles';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { PlanToSew } from './types';
import { figuresOf } from './figures';
import { bestPlan, type SetStep } from './ordering';
import { type RowNumbers } from './rowNumbers';
import { rowLength } from './seamLengths';
import { planThreads } from './threads';
import type { SetupPlan, SewingPlan, StepPlan } from './types';
import { wearingOf } from './wearing';
import { orderOf, writtenOrder, costOf, broken, orderPlan, walk, partsToPutBack } from './orderPlan';
import { setupPlans } from './setupPlans';
import { stepPlan } from './stepPlan';

/**
 * Everything about sewing a planned garment: the order, each step in full, setups and changes, which rows hold,
 * thread. Pure; its numbers take those of the plan in.
 */
export function planSewing(facts: GarmentFacts, plan: PlanToSew): SewingPlan {
  const { garment } = facts;
  const kind = kindOf(garment, facts.ownKind);
  const book = createLedger();
  book.adopt(Object.values(plan.numbers));
  const wearing = wearingOf(kind, garment, plan.zones, plan.openings, plan.numbers);
  const { best, ways } = bestPlan(facts, kind, wearing);
  const rows: RowNumbers = { book, facts, zones: plan.zones, openings: plan.openings };
  const figures = figuresOf(book, facts, plan);
  const done = (id: string) => ofStep(garment.sewn, id) !== undefined;
  const ids = orderOf(best, facts, done);
  const lengths = new Map(
    best.steps
      .filter(({ choice }) => choice)
      .map(({ spec, swatch }) => [
        spec.id,
        swatch ? getNumber(book.numbers, figures.swatch.n) : rowLength({ book, facts, kind, plan }, spec),
      ]),
  );
  const setups = setupPlans(best, facts, rows);
  const walked = walk(best, ids, done);
  const byId = new Map(best.steps.map((step) => [step.spec.id, step]));
  const steps = ids.all.map((id) => {
    const step = byId.get(id) as SetStep;
    return stepPlan({ rows, figures, best, facts, step, lengths, kind, setups, done: done(id), walked });
  });
  const left = steps.filter((step) => !step.done);
  const machines = best.sewn.machines;
  const writtenIds = writtenOrder(best, facts);
  const bestIds = best.order.order.map((at) => best.ordering.ids[at] as string);
  const number = (id: string) => getNumber(book.numbers, id);
  const minutesLeft = book.work('sew.minutesLeft', {
    label: 'minutes left: the steps, and changing over',
    unit: 'minutes',
    mark: 'D',
    formula: left.length === 0 ? 'c' : `c + ${left.map((_, at) => `m${at}`).join(' + ')}`,
    terms: {
      c: leaf('changing over', walked.minutes, 'minutes', 'T'),
      ...Object.fromEntries(left.map((step, at) => [`m${at}`, number(step.minutes)])),
    } as Record<string, Term | Explained>,
  });
  const margin = ({ row }: StepPlan) => (row ? number(row.margin).value : 0);
  const sewing = {
    steps,
    order: orderPlan(
      book,
      'order',
      'this order',
      ids.left,
      costOf(best.ordering, ids.left),
      ids.own ? undefined : best.order,
    ),
    best: orderPlan(book, 'best', 'the best order', bestIds, best.order, best.order),
    written: orderPlan(
      book,
      'written',
      'the written order',
      writtenIds,
      costOf(best.ordering, writtenIds),
      undefined,
    ),
    broken: broken(best.ordering, ids.left),
    own: ids.own,
    minutesLeft: minutesLeft.id,
    setups: [...setups.values()],
    pops: steps
      .filter(({ row }) => row)
      .sort((a, b) => margin(a) - margin(b))
      .map(({ id }) => id),
    threads: planThreads(
      book,
      facts,
      best.steps.flatMap((step) => {
        const length = lengths.get(step.spec.id);
        return length && !done(step.spec.id) ? [{ step, length }] : [];
      }),
    ),
    ways,
    putBack: partsToPutBack(best, walked, garment),
    helps: helpsFor(facts.outer),
    needle: needleWords(facts, setups),
    stations: stationNames(machines),
  };
  return { ...sewing, numbers: book.numbers };
}

/** The needles its setups really want: through elastic another kind than the cloth alone. */
function needleWords({ outer }: GarmentFacts, setups: ReadonlyMap<string, SetupPlan>): string {
  const wanted = new Set(
    [...setups.values()].flatMap(({ setup: { needleKind, needleNm } }) =>
      needleKind === undefined || needleNm === undefined ? [] : [`${needleKind}, ${needleText(needleNm)}`],
    ),
  );
  const { kind, needleNm, why } = needleFor(outer);
  const own = `${kind}, ${needleText(needleNm)}`;
  const list = wanted.size === 0 ? own : [...wanted].join('; and ');
  return `New needles for each project: ${list}. ${wanted.size <= 1 && wanted.has(own) ? why : 'Each setup says which.'}`;
}

const stationNames = (machines: Readonly<Record<string, Machine>>): Readonly<Record<string, string>> => ({
  table: 'Table',
  iron: 'Iron',
  body: 'On the body',
  ...Object.fromEntries(Object.entries(machines).map(([id, { name }]) => [id, capital(name)])),
});
