import { orderCost, type OrderProblem, type OrderStep } from '@/core/sewing/assembly/order';

/** Every valid order, tried one by one: the oracle. Only for a few steps. */
export function bruteForce(problem: OrderProblem): {
  readonly changeMinutes: number;
  readonly moves: number;
} {
  const { steps } = problem;
  let best = { changeMinutes: Infinity, moves: Infinity };
  const walk = (order: readonly number[], left: readonly number[]): void => {
    if (left.length === 0) {
      const { changeMinutes, moves } = orderCost(problem, order);
      const gap = changeMinutes - best.changeMinutes;
      if (gap < -1e-9 || (Math.abs(gap) <= 1e-9 && moves < best.moves)) best = { changeMinutes, moves };
      return;
    }
    for (const one of left) {
      if ((steps[one] as OrderStep).after.some((before) => left.includes(before))) continue;
      walk(
        [...order, one],
        left.filter((other) => other !== one),
      );
    }
  };
  walk(
    [],
    steps.map((_, at) => at),
  );
  return best;
}
