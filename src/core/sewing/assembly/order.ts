import { isAtMost } from '../../units/tolerance';
/**
 * The order that respects every constraint with the least changing over, then the least handling. Steps are
 * numbered in written order; a station is the table, the iron, the body or a machine, and has setups.
 */
export interface OrderStep {
  readonly id: string;
  readonly station: number;
  readonly setup: number;
  /** Numbers of the steps that must come before. */
  readonly after: readonly number[];
}

export interface OrderProblem {
  readonly steps: readonly OrderStep[];
  /**
   * For each station, minutes from one setup to another; the last row is how the station stands at the start.
   * A detour never costs less.
   */
  readonly stations: readonly { readonly change: readonly (readonly number[])[] }[];
  /** The station the person is at, where that is known. */
  readonly startAt?: number;
}

export interface OrderCost {
  readonly changeMinutes: number;
  readonly changes: number;
  /** The minutes of each change of setup, in their order. */
  readonly each: readonly number[];
  /** Times the work is carried to another station. */
  readonly moves: number;
}

export interface Order extends OrderCost {
  readonly order: readonly number[];
  /** Whether no order has less changing over; and, of those, none less handling. */
  readonly provedChanges: boolean;
  readonly provedMoves: boolean;
  /** No order with as little changing over has fewer moves than this. */
  readonly leastMoves: number;
}

/** What an order costs. */
export function orderCost(
  { steps, stations, startAt = -1 }: OrderProblem,
  order: readonly number[],
): OrderCost {
  const stands = stations.map(({ change }) => change.length - 1);
  const each: number[] = [];
  let [moves, at] = [0, startAt];
  for (const index of order) {
    const { station, setup } = steps[index] as OrderStep;
    const minutes = minutesTo(stations, station, stands[station] as number, setup);
    if (minutes > 0) each.push(minutes);
    if (at !== station && at !== -1) moves += 1;
    stands[station] = setup;
    at = station;
  }
  return { changeMinutes: each.reduce((sum, one) => sum + one, 0), changes: each.length, each, moves };
}

const minutesTo = (stations: OrderProblem['stations'], station: number, from: number, to: number): number =>
  stations[station]?.change[from]?.[to] ?? 0;

/** Every `X before Y` that an order breaks, as pairs of step numbers. */
export function brokenBy(
  { steps }: OrderProblem,
  order: readonly number[],
): readonly (readonly [number, number])[] {
  const place = new Map(order.map((index, at) => [index, at]));
  return steps.flatMap(({ after }, index) =>
    after
      .filter((before) => (place.get(before) ?? -1) > (place.get(index) ?? Infinity))
      .map((before) => [before, index] as const),
  );
}

/** States looked at before the exact search for the least handling gives up. */
const SEARCH_LIMIT = 40_000;

/** Changing over weighs so much more than a move that no number of moves outweighs the least of it. */
const MOVE = 1e-4;

interface State {
  readonly done: Uint32Array;
  readonly left: number;
  readonly at: number;
  readonly stands: readonly number[];
  readonly cost: number;
  readonly bound: number;
  readonly tail: Trail | undefined;
}

interface Trail {
  readonly steps: readonly number[];
  readonly before: Trail | undefined;
}

/** The best order; proved, or with what could not be proved stated. Throws where the constraints make a circle (misuse). */
export function bestOrder(problem: OrderProblem, limit = SEARCH_LIMIT): Order {
  const exact = search(problem, MOVE, limit);
  if (exact) return finished(problem, exact, true, true);
  const changes = search(problem, 0, limit);
  const wide = beam(problem, BEAM_WIDTH);
  if (!changes) return finished(problem, wide, false, false);
  const least = orderCost(problem, changes).changeMinutes;
  const found = isAtMost(orderCost(problem, wide).changeMinutes, least) ? wide : changes;
  return finished(problem, found, true, false);
}

const BEAM_WIDTH = 300;

function finished(
  problem: OrderProblem,
  order: readonly number[],
  provedChanges: boolean,
  provedMoves: boolean,
): Order {
  const cost = orderCost(problem, order);
  const used = new Set(problem.steps.map(({ station }) => station));
  const least = provedMoves ? cost.moves : Math.max(0, used.size - 1);
  return { ...cost, order, provedChanges, provedMoves, leastMoves: least };
}

/** Lays out what both searches need: who waits for whom, and the least that entering each setup costs. */
function prepare({ steps, stations, startAt = -1 }: OrderProblem, moveCost: number) {
  const words = Math.max(1, Math.ceil(steps.length / 32));
  const groups = new Map<string, { station: number; setup: number; steps: number[]; entry: number }>();
  steps.forEach(({ station, setup }, index) => {
    const key = `${station}/${setup}`;
    const group = groups.get(key);
    if (group) group.steps.push(index);
    else {
      const into = (stations[station]?.change ?? []).flatMap((row, from) =>
        from === setup ? [] : [row[setup] ?? 0],
      );
      groups.set(key, { station, setup, steps: [index], entry: into.length > 0 ? Math.min(...into) : 0 });
    }
  });
  const needs = steps.map(({ after }) => {
    const mask = new Uint32Array(words);
    for (const one of after) setBit(mask, one);
    return mask;
  });
  const list = [...groups.values()].map((group) => {
    const mask = new Uint32Array(words);
    for (const one of group.steps) setBit(mask, one);
    return { ...group, mask };
  });
  /** Never more than what is left costs. */
  const bound = (done: Uint32Array, at: number, stands: readonly number[]): number => {
    let least = 0;
    const stationsLeft = new Set<number>();
    for (const { station, setup, mask, entry } of list) {
      if (covers(done, mask)) continue;
      if (stands[station] !== setup) least += entry;
      stationsLeft.add(station);
    }
    stationsLeft.delete(at);
    return least + moveCost * Math.max(0, stationsLeft.size - (at === -1 ? 1 : 0));
  };
  const start: State = {
    done: new Uint32Array(words),
    left: steps.length,
    at: startAt,
    stands: stations.map(({ change }) => change.length - 1),
    cost: 0,
    bound: 0,
    tail: undefined,
  };
  /**
   * All steps of one setup that can be done now, in written order. Doing them at once is never worse: they cost
   * nothing more, and taking one out of its later place cannot make the rest dearer.
   */
  const enter = (from: State, group: (typeof list)[number]): State | undefined => {
    const { station, setup } = group;
    const done = from.done.slice();
    const taken: number[] = [];
    for (let again = true; again;) {
      again = false;
      for (const index of group.steps) {
        if (hasBit(done, index) || !covers(done, needs[index] as Uint32Array)) continue;
        setBit(done, index);
        taken.push(index);
        again = true;
      }
    }
    if (taken.length === 0) return undefined;
    const minutes = minutesTo(stations, station, from.stands[station] as number, setup);
    const moved = from.at !== station && from.at !== -1 ? moveCost : 0;
    const stands = from.stands.with(station, setup);
    const cost = from.cost + minutes + moved;
    return {
      done,
      left: from.left - taken.length,
      at: station,
      stands,
      cost,
      bound: cost + bound(done, station, stands),
      tail: { steps: taken, before: from.tail },
    };
  };
  /** What costs nothing is done first: putting it off gains nothing. */
  const next = (from: State): readonly State[] => {
    const all = list.flatMap((group) => enter(from, group) ?? []);
    const free = all.find((one) => one.cost === from.cost && (moveCost === 0 || one.at === from.at));
    return free ? [free] : all;
  };
  return { start, next };
}

const keyOf = ({ done, at, stands }: State, moveCost: number): string =>
  `${done.join('.')}|${moveCost === 0 ? '' : at}|${stands.join('.')}`;

/** A* over what is done and how the stations stand; `undefined` past the limit. */
function search(problem: OrderProblem, moveCost: number, limit: number): readonly number[] | undefined {
  const { start, next } = prepare(problem, moveCost);
  const queue = new Queue();
  const best = new Map<string, number>();
  queue.push(start);
  for (let looked = 0; looked < limit;) {
    const state = queue.pop();
    if (!state) throw new Error('expected steps without a circle, got some that wait for each other');
    if (state.left === 0) return trailOf(state);
    const known = best.get(keyOf(state, moveCost));
    if (known !== undefined && known < state.cost - 1e-12) continue;
    looked += 1;
    for (const one of next(state)) {
      const key = keyOf(one, moveCost);
      const cost = best.get(key);
      if (cost !== undefined && cost <= one.cost + 1e-12) continue;
      best.set(key, one.cost);
      queue.push(one);
    }
  }
  return undefined;
}

/** Keeps only the most promising states of each length: good, not proved. */
function beam(problem: OrderProblem, width: number): readonly number[] {
  const { start, next } = prepare(problem, MOVE);
  let states: readonly State[] = [start];
  let found: State | undefined;
  while (states.length > 0) {
    const grown = new Map<string, State>();
    for (const state of states) {
      for (const one of next(state)) {
        if (one.left === 0) {
          if (!found || one.cost < found.cost) found = one;
          continue;
        }
        if (found && one.bound >= found.cost) continue;
        const key = keyOf(one, MOVE);
        const other = grown.get(key);
        if (!other || one.cost < other.cost) grown.set(key, one);
      }
    }
    states = [...grown.values()].sort((a, b) => a.bound - b.bound || a.left - b.left).slice(0, width);
  }
  if (!found) throw new Error('expected steps without a circle, got some that wait for each other');
  return trailOf(found);
}

function trailOf({ tail }: State): readonly number[] {
  const parts: (readonly number[])[] = [];
  for (let at = tail; at; at = at.before) parts.unshift(at.steps);
  return parts.flat();
}

const setBit = (mask: Uint32Array, index: number): void => {
  mask[index >>> 5] = (mask[index >>> 5] as number) | (1 << (index & 31));
};
const hasBit = (mask: Uint32Array, index: number): boolean =>
  ((mask[index >>> 5] as number) & (1 << (index & 31))) !== 0;
const covers = (done: Uint32Array, wanted: Uint32Array): boolean =>
  wanted.every((word, at) => (word & ~(done[at] as number)) === 0);

/** States by what they cost at least; of equals, the one that is furthest, then the one that came first. */
class Queue {
  readonly #heap: { readonly state: State; readonly serial: number }[] = [];
  #serial = 0;

  push(state: State): void {
    const heap = this.#heap;
    heap.push({ state, serial: this.#serial++ });
    for (let at = heap.length - 1; at > 0;) {
      const parent = (at - 1) >> 1;
      if (!this.#before(at, parent)) break;
      this.#swap(at, parent);
      at = parent;
    }
  }

  pop(): State | undefined {
    const heap = this.#heap;
    const top = heap[0];
    const last = heap.pop();
    if (!top || !last) return undefined;
    if (heap.length > 0) {
      heap[0] = last;
      for (let at = 0; ;) {
        const [left, right] = [2 * at + 1, 2 * at + 2];
        let least = at;
        if (left < heap.length && this.#before(left, least)) least = left;
        if (right < heap.length && this.#before(right, least)) least = right;
        if (least === at) break;
        this.#swap(at, least);
        at = least;
      }
    }
    return top.state;
  }

  #before(a: number, b: number): boolean {
    const [x, y] = [this.#heap[a], this.#heap[b]];
    if (!x || !y) return false;
    const gap = x.state.bound - y.state.bound;
    if (Math.abs(gap) > 1e-12) return gap < 0;
    return x.state.left - y.state.left < 0 || (x.state.left === y.state.left && x.serial < y.serial);
  }

  #swap(a: number, b: number): void {
    const heap = this.#heap;
    [heap[a], heap[b]] = [heap[b] as (typeof heap)[number], heap[a] as (typeof heap)[number]];
  }
}
