import { ofStep } from '../sewing/assembly/assemble';
import { bestOrder, orderCost } from '../sewing/assembly/order';
import { phraseText } from '../explain/display';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { bestPlan, orderingOf, type Plan } from '../sewing/ordering';
import { planSewing } from '../sewing/planSewing';
import { wearingOf } from '../sewing/wearing';

/** One step of two garments sewn together. */
interface TogetherStep {
  readonly garment: 0 | 1;
  readonly id: string;
  readonly title: string;
  readonly station: string;
  /** Setup of its machine has to be changed before it. */
  readonly changes: boolean;
}

export interface Together {
  readonly steps: readonly TogetherStep[];
  readonly changeMinutes: number;
  /** One garment wholly after the other, each in its own best order. */
  readonly apartMinutes: number;
  readonly changes: number;
  readonly apartChanges: number;
  readonly moves: number;
  readonly provedChanges: boolean;
  readonly provedMoves: boolean;
  readonly leastMoves: number;
}

/** A garment sewn on the machines of another. */
function onMachinesOf(first: GarmentFacts, second: GarmentFacts): GarmentFacts {
  const { machineSetId } = first.garment;
  const { machineSet, machines } = first;
  return {
    ...withoutMachines(second),
    garment: { ...withoutSet(second.garment), ...(machineSetId === undefined ? {} : { machineSetId }) },
    ...(machineSet ? { machineSet } : {}),
    ...(machines ? { machines } : {}),
  };
}

const withoutMachines = ({ machineSet: _set, machines: _machines, ...facts }: GarmentFacts) => facts;
const withoutSet = ({ machineSetId: _id, ...garment }: GarmentFacts['garment']) => garment;

/** What is left of two garments as one order that shares setups. The machines are the first one's. */
export function planTogether(first: GarmentFacts, second: GarmentFacts, onDate: string): Together {
  const other = onMachinesOf(first, second);
  const both = [settle(first, onDate), settle(other, onDate)] as const;
  const joint = orderingOf(
    both.map(({ plan, facts }, at) => ({
      steps: plan.steps,
      sewn: plan.sewn,
      done: (id: string) => ofStep(facts.garment.sewn, id) !== undefined,
      prefix: `${at}/`,
    })),
  );
  const order = bestOrder(joint.problem);
  const numbers = new Map(joint.ids.map((id, at) => [id, at]));
  const apart = both.flatMap(({ plan }, at) =>
    plan.order.order.flatMap((index) => numbers.get(`${at}/${plan.ordering.ids[index]}`) ?? []),
  );
  const apartCost = orderCost(joint.problem, apart);
  const titles = both.map(({ facts, garmentPlan }) => {
    const sewing = planSewing(facts, garmentPlan);
    return new Map(sewing.steps.map((step) => [step.id, phraseText(step.title, sewing.numbers, 'cm')]));
  });
  const stands = new Map<number, number>();
  return {
    steps: order.order.map((index): TogetherStep => {
      const [which, ...rest] = (joint.ids[index] as string).split('/');
      const id = rest.join('/');
      const at = which === '0' ? 0 : 1;
      const { station, setup } = joint.problem.steps[index] as (typeof joint.problem.steps)[number];
      const name = both[at].plan.steps.find(({ spec }) => spec.id === id)?.station ?? '';
      const stood = stands.get(station) ?? (joint.problem.stations[station]?.change.length ?? 1) - 1;
      const changes = (joint.problem.stations[station]?.change[stood]?.[setup] ?? 0) > 0;
      stands.set(station, setup);
      return { garment: at, id, title: titles[at]?.get(id) ?? id, station: name, changes };
    }),
    changeMinutes: order.changeMinutes,
    apartMinutes: apartCost.changeMinutes,
    changes: order.changes,
    apartChanges: apartCost.changes,
    moves: order.moves,
    provedChanges: order.provedChanges,
    provedMoves: order.provedMoves,
    leastMoves: order.leastMoves,
  };
}

function settle(facts: GarmentFacts, onDate: string) {
  const garmentPlan = planGarment(facts, { onDate });
  const kind = kindOf(facts.garment, facts.ownKind);
  const wearing = wearingOf(
    kind,
    facts.garment,
    garmentPlan.zones,
    garmentPlan.openings,
    garmentPlan.numbers,
  );
  const plan: Plan = bestPlan(facts, kind, wearing).best;
  return { facts, garmentPlan, plan };
}
