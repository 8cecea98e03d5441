import { createMemory } from '../explain/remember';
import { ROUNDING } from '../units/tolerance';
import { ofStep } from './assembly/assemble';
import { bestOrder, type Order, type OrderProblem } from './assembly/order';
import type { Alternative, Ways } from './assembly/recipe';
import { jobOf } from '../machines/seams/jobs';
import type { Setup } from '../facts/setup';
import type { GarmentKind } from '../fit/garmentKind';
import { changeMinutes } from '../machines/changeover';
import { wholeSetup } from '../machines/machineFields';
import { setupFor } from '../machines/setupFor';
import type { Wearing } from '../machines/seams/demand';
import type { GarmentFacts } from '../facts/garmentFacts';
import { sewnSteps, type SewnStep, type SewnSteps } from './sewnSteps';

/** Where a step is done, in words: a machine's id, or the place. */
type StationId = string;

/** A step with the whole setup of the machine it is sewn on. */
export interface SetStep extends SewnStep {
  readonly station: StationId;
  readonly setup?: Setup;
}

/** The same needle all through where any row on the machine goes through elastic: changing it costs more. */
function withSetups(sewn: SewnSteps, facts: GarmentFacts): readonly SetStep[] {
  const { garment, outer } = facts;
  const elastic = new Set(
    sewn.steps.flatMap(({ spec, choice }) =>
      spec.job && jobOf(spec.job).onElastic && choice?.machineId ? [choice.machineId] : [],
    ),
  );
  return sewn.steps.map((one): SetStep => {
    const { choice, spec } = one;
    const machine = choice?.machineId === undefined ? undefined : sewn.machines[choice.machineId];
    if (!choice || !machine || choice.machineId === undefined)
      return { ...one, station: spec.place === 'machine' ? 'table' : spec.place };
    return {
      ...one,
      station: choice.machineId,
      setup: setupFor({
        machine,
        stitch: choice.stitch,
        ...(outer ? { cloth: outer } : {}),
        ...(garment.outerClothId === undefined ? {} : { clothId: garment.outerClothId }),
        onElastic: elastic.has(choice.machineId),
        elasticMm: elasticAt(facts, spec.edge),
        ...(machine.freeArm ? { bed: spec.freeArm ? ('free arm' as const) : ('table' as const) } : {}),
      }),
    };
  });
}

/** How wide the elastic of an edge is, mm; `undefined` where it has none or none was chosen. */
export const elasticAt = (
  { garment, elastics = {} }: GarmentFacts,
  edge: string | undefined,
): number | undefined =>
  edge === undefined ? undefined : elastics[garment.edges?.[edge]?.elasticId ?? '']?.widthMm;

/** What the steps that are left ask of the search, and which step each number stands for. */
export interface Ordering {
  readonly problem: OrderProblem;
  readonly ids: readonly string[];
}

/** Where the person is: at the station of the step that was done last, as far as the order that was begun tells. */
function stationNow(
  steps: readonly SetStep[],
  { sewn, followed = {} }: GarmentFacts['garment'],
): StationId | undefined {
  return steps
    .filter(({ spec }) => ofStep(sewn, spec.id) !== undefined && followed[spec.id] !== undefined)
    .reduce<SetStep | undefined>(
      (last, one) => (last && (followed[last.spec.id] ?? 0) > (followed[one.spec.id] ?? 0) ? last : one),
      undefined,
    )?.station;
}

/**
 * Several garments' steps as one problem; what is done is left out, machines stand as they stand, and the person is
 * at `now` where that is known.
 */
export function orderingOf(
  garments: readonly {
    readonly steps: readonly SetStep[];
    readonly sewn: SewnSteps;
    readonly done: (id: string) => boolean;
    readonly prefix: string;
  }[],
  now?: StationId,
): Ordering {
  const left = garments.flatMap(({ steps, done, prefix }) =>
    steps.filter(({ spec }) => !done(spec.id)).map((step) => ({ step, id: prefix + step.spec.id, prefix })),
  );
  const numbers = new Map(left.map(({ id }, at) => [id, at]));
  const machines = Object.assign({}, ...garments.map(({ sewn }) => sewn.machines)) as SewnSteps['machines'];
  const stationIds = [...new Set(left.map(({ step }) => step.station))];
  const setups = stationIds.map(() => new Map<string, { readonly at: number; readonly setup: Setup }>());
  const steps = left.map(({ step, id, prefix }) => {
    const station = stationIds.indexOf(step.station);
    const known = setups[station] as Map<string, { at: number; setup: Setup }>;
    const key = step.setup ? JSON.stringify(step.setup) : '';
    if (!known.has(key)) known.set(key, { at: known.size, setup: step.setup ?? {} });
    return {
      id,
      station,
      setup: known.get(key)?.at ?? 0,
      after: step.spec.after.flatMap((before) => numbers.get(prefix + before) ?? []),
    };
  });
  const stations = stationIds.map((stationId, index) => {
    const machine = machines[stationId];
    const list = [...(setups[index] as Map<string, { setup: Setup }>).values()].map(({ setup }) => setup);
    if (!machine) return { change: [...list, {}].map(() => list.map(() => 0)) };
    const present = machine.present && wholeSetup(machine.kind, machine.present);
    return {
      change: [...list, present].map((from) => list.map((to) => changeMinutes(machine.kind, from, to))),
    };
  });
  // A station at which nothing is left to do is still one that has to be left.
  const startAt =
    now === undefined ? -1 : stationIds.includes(now) ? stationIds.indexOf(now) : stationIds.length;
  return { problem: { steps, stations, startAt }, ids: left.map(({ id }) => id) };
}

const recall = createMemory<Order>();

/** An order by what was asked: a keystroke elsewhere on the page must not search again. */
const bestOrderOnce = (problem: OrderProblem): Order =>
  recall(
    [
      JSON.stringify([
        problem.steps.map(({ station, setup, after }) => [station, setup, after]),
        problem.stations,
        problem.startAt,
      ]),
    ],
    () => bestOrder(problem),
  );

/** One settled way of going about the garment, with its best order. */
export interface Plan {
  readonly sewn: SewnSteps;
  readonly steps: readonly SetStep[];
  readonly ordering: Ordering;
  readonly order: Order;
  readonly minutes: number;
}

export interface WayCost {
  readonly alternative: Alternative;
  readonly chosen: string;
  readonly pinned: boolean;
  /** What each option costs beside the one chosen: changing over, and work. */
  readonly options: readonly {
    readonly id: string;
    readonly label: string;
    readonly change: number;
    readonly work: number;
  }[];
}

/** Of two ways the quicker one is better, sewing and changing over together; of equals, the one carried less. */
const better = (a: Plan, b: Plan): boolean => {
  const gap = a.order.changeMinutes + a.minutes - b.order.changeMinutes - b.minutes;
  return Math.abs(gap) > ROUNDING ? gap < 0 : a.order.moves < b.order.moves;
};

/** Every combination of ways, each with its best order; the best of those that keep what was pinned. */
export function bestPlan(
  facts: GarmentFacts,
  kind: GarmentKind,
  wearing: Wearing,
): { readonly best: Plan; readonly ways: readonly WayCost[] } {
  const { ways: pinned = {} } = facts.garment;
  const done = (id: string) => ofStep(facts.garment.sewn, id) !== undefined;
  const planFor = (ways: Ways): Plan => {
    const sewn = sewnSteps({ facts, kind, wearing, ways });
    const steps = withSetups(sewn, facts);
    const ordering = orderingOf([{ steps, sewn, done, prefix: '' }], stationNow(steps, facts.garment));
    const left = steps.filter(({ spec }) => !done(spec.id));
    return {
      sewn,
      steps,
      ordering,
      order: bestOrderOnce(ordering.problem),
      minutes: left.reduce((sum, { spec }) => sum + spec.minutes, 0),
    };
  };
  const { alternatives } = sewnSteps({ facts, kind, wearing }).assembly;
  const made = new Map<Ways, Plan>();
  const planOf = (ways: Ways): Plan => {
    const plan = made.get(ways) ?? planFor(ways);
    made.set(ways, plan);
    return plan;
  };
  const all = combinations(alternatives);
  const keeps = (ways: Ways, wanted: Ways) =>
    alternatives.every(({ id, options, asked }) =>
      options.some((one) => one.id === wanted[id])
        ? ways[id] === wanted[id]
        : asked !== true || ways[id] === options[0]?.id,
    );
  const pick = (wanted: Ways) =>
    all
      .filter((ways) => keeps(ways, wanted))
      .map((ways) => ({ ways, plan: planOf(ways) }))
      .reduce((best, one) => (better(one.plan, best.plan) ? one : best));
  const best = pick(pinned);
  return {
    best: best.plan,
    ways: alternatives.map((alternative) => ({
      alternative,
      chosen: best.ways[alternative.id] ?? '',
      pinned: alternative.options.some(({ id }) => id === pinned[alternative.id]),
      options: alternative.options.map(({ id, label }) => {
        const other = pick({ ...pinned, [alternative.id]: id });
        return {
          id,
          label,
          change: other.plan.order.changeMinutes - best.plan.order.changeMinutes,
          work: other.plan.minutes - best.plan.minutes,
        };
      }),
    })),
  };
}

const combinations = (alternatives: readonly Alternative[]): readonly Ways[] =>
  alternatives.reduce<readonly Ways[]>(
    (all, { id, options }) => all.flatMap((ways) => options.map((one) => ({ ...ways, [id]: one.id }))),
    [{}],
  );
