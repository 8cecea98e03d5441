import { isAtMost } from '../units/tolerance';
import { brokenBy, orderCost, type Order, type OrderCost } from './assembly/order';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { type Setup } from '../facts/setup';
import { applySetup, changeMinutes, checklist, toPutBack } from '../machines/changeover';
import { wholeSetup } from '../machines/machineFields';
import type { GarmentFacts } from '../facts/garmentFacts';
import { type Ordering, type Plan } from './ordering';
import type { OrderPlan, SewingPlan, StepPlan } from './types';

interface Ids {
  /** All steps: done first, then what is left in its order. */
  readonly all: readonly string[];
  readonly left: readonly string[];
  readonly own: boolean;
}

/**
 * The order that is followed: the person's own where there is one, with what it does not name put in; else the one
 * that was begun, as long as none is better; else the best.
 */
export function orderOf(
  { steps, ordering, order }: Plan,
  { garment }: GarmentFacts,
  done: (id: string) => boolean,
): Ids {
  const doneIds = steps.filter(({ spec }) => done(spec.id)).map(({ spec }) => spec.id);
  const best = order.order.map((at) => ordering.ids[at] as string);
  const own = garment.order;
  if (!own || Object.keys(own).length === 0) {
    const begun = garment.followed && placeNew(best, garment.followed);
    const left = begun && asGood(ordering, begun, order) ? begun : best;
    return { all: [...doneIds, ...left], left, own: false };
  }
  const left = placeNew(best, own);
  return { all: [...doneIds, ...left], left, own: true };
}

const asGood = (ordering: Ordering, ids: readonly string[], best: OrderCost): boolean => {
  const cost = costOf(ordering, ids);
  return (
    broken(ordering, ids).length === 0 &&
    isAtMost(cost.changeMinutes, best.changeMinutes) &&
    cost.moves <= best.moves
  );
};

/** Steps the own order does not know go right after the step that precedes them in the best one. */
function placeNew(best: readonly string[], own: Readonly<Record<string, number>>): readonly string[] {
  const known = best.filter((id) => own[id] !== undefined).sort((a, b) => (own[a] ?? 0) - (own[b] ?? 0));
  const out = [...known];
  best.forEach((id, at) => {
    if (own[id] !== undefined) return;
    const before = best[at - 1];
    out.splice(before === undefined ? 0 : out.indexOf(before) + 1, 0, id);
  });
  return out;
}

/** The steps that are left as the pattern's own sheet has them, else as such patterns usually do. */
export function writtenOrder({ ordering }: Plan, { pattern }: GarmentFacts): readonly string[] {
  const written = pattern?.order;
  return written && Object.keys(written).length > 0 ? placeNew(ordering.ids, written) : ordering.ids;
}

const numbersOf = ({ ids }: Ordering, order: readonly string[]): readonly number[] => {
  const at = new Map(ids.map((id, index) => [id, index]));
  return order.flatMap((id) => at.get(id) ?? []);
};

export const costOf = (ordering: Ordering, order: readonly string[]): OrderCost =>
  orderCost(ordering.problem, numbersOf(ordering, order));

export const broken = (
  ordering: Ordering,
  order: readonly string[],
): readonly (readonly [string, string])[] =>
  brokenBy(ordering.problem, numbersOf(ordering, order)).map(
    ([a, b]) => [ordering.ids[a] as string, ordering.ids[b] as string] as const,
  );

export function orderPlan(
  book: Ledger,
  id: string,
  label: string,
  ids: readonly string[],
  cost: OrderCost,
  order: Order | undefined,
): OrderPlan {
  const counted = (part: string, words: string, count: number) =>
    book.given(`${id}.${part}`, `${words}, ${label}`, count, 'count', 'measured', 'Counted along the steps.')
      .id;
  const minutes = Object.fromEntries(
    [0, ...cost.each].map((one, at) => [
      `c${at}`,
      leaf(at === 0 ? 'nothing to change over at the start' : `change ${at}`, one, 'minutes', 'T'),
    ]),
  );
  return {
    ids,
    changeMinutes: book.work(`${id}.changeMinutes`, {
      label: `changing over, ${label}`,
      unit: 'minutes',
      mark: 'D',
      note: 'Added up over the steps, one after the other.',
      formula: Object.keys(minutes).join(' + '),
      terms: minutes,
    }).id,
    changes: counted('changes', 'changes of setup', cost.changes),
    moves: counted('moves', 'times the work is carried', cost.moves),
    provedChanges: order?.provedChanges ?? false,
    provedMoves: order?.provedMoves ?? false,
    leastMoves: order?.leastMoves ?? 0,
  };
}

export interface Walked {
  /** What has to be changed before each step, and its minutes. */
  readonly changes: ReadonlyMap<string, Pick<StepPlan, 'change' | 'changeMinutes'>>;
  readonly minutes: number;
  readonly stands: Readonly<Record<string, Setup>>;
}

/** Goes through the order and notes what each machine has to be changed to. */
export function walk({ steps, sewn }: Plan, ids: Ids, done: (id: string) => boolean): Walked {
  const byId = new Map(steps.map((step) => [step.spec.id, step]));
  const stands: Record<string, Setup> = {};
  const changes = new Map<string, Pick<StepPlan, 'change' | 'changeMinutes'>>();
  let minutes = 0;
  for (const id of ids.all) {
    const step = byId.get(id);
    const machine = step?.setup && sewn.machines[step.station];
    if (!step?.setup || !machine || done(id)) continue;
    const present = stands[step.station] ?? (machine.present && wholeSetup(machine.kind, machine.present));
    const cost = changeMinutes(machine.kind, present, step.setup);
    changes.set(id, { change: checklist(present ?? {}, step.setup), changeMinutes: cost });
    minutes += cost;
    stands[step.station] = applySetup(present ?? {}, step.setup);
  }
  return { changes, minutes, stands };
}

/** What goes back on each machine that is used, once all is sewn: to how it stood before this garment. */
export function partsToPutBack(
  { steps, sewn }: Plan,
  { stands }: Walked,
  { stoodBefore = {} }: Garment,
): SewingPlan['putBack'] {
  const used = new Set(steps.flatMap(({ setup, station }) => (setup ? [station] : [])));
  return [...used].flatMap((machineId) => {
    const machine = sewn.machines[machineId];
    const last = stands[machineId] ?? machine?.present;
    if (!machine || !last) return [];
    const home = wholeSetup(machine.kind, stoodBefore[machineId] ?? machine.present);
    const changes = toPutBack(home, wholeSetup(machine.kind, last));
    return changes.length > 0 ? [{ machineId, machine: machine.name, changes }] : [];
  });
}
