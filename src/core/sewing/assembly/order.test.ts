import fc from 'fast-check';
import toposort from 'toposort';
import { findCircle } from './assemble';
import { bestOrder, brokenBy, orderCost, type OrderProblem } from './order';
import { bruteForce } from '../../../../tests/everyOrder';

/** Random steps on random stations whose changes are sums of parts that each cost the same: as a machine's are. */
const problems = fc
  .record({
    count: fc.integer({ min: 1, max: 7 }),
    stations: fc.integer({ min: 1, max: 3 }),
    seed: fc.infiniteStream(fc.nat(1000)),
  })
  .map(({ count, stations, seed }): OrderProblem => {
    const next = () => seed.next().value ?? 0;
    const parts = [7.5, 1, 0.5];
    const made = Array.from({ length: stations }, (_, station) => {
      const setups = station === 0 ? 1 : 1 + (next() % 3);
      const features = Array.from({ length: setups + 1 }, () => parts.map(() => next() % 3));
      return {
        setups,
        change: features.map((from) =>
          features
            .slice(0, setups)
            .map((to) => parts.reduce((sum, cost, at) => sum + (from[at] === to[at] ? 0 : cost), 0)),
        ),
      };
    });
    return {
      stations: made.map(({ change }) => ({ change })),
      steps: Array.from({ length: count }, (_, at) => {
        const station = next() % stations;
        return {
          id: `s${at}`,
          station,
          setup: next() % (made[station]?.setups ?? 1),
          after: Array.from({ length: at }, (__, before) => before).filter(() => next() % 4 === 0),
        };
      }),
    };
  });

describe('the search for the best order', () => {
  test('is never beaten by trying every order', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const found = bestOrder(problem);
        const wanted = bruteForce(problem);
        return (
          found.provedMoves &&
          Math.abs(found.changeMinutes - wanted.changeMinutes) < 1e-9 &&
          found.moves === wanted.moves
        );
      }),
      { seed: 71, numRuns: 300 },
    );
  });
  test('gives every step once, none before what it needs', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const { order } = bestOrder(problem);
        return (
          [...order].sort((a, b) => a - b).every((index, at) => index === at) &&
          brokenBy(problem, order).length === 0
        );
      }),
      { seed: 72 },
    );
  });
  test('given up early it still gives a valid order, and says what it did not prove', () => {
    const big = fc.sample(problems, { seed: 73, numRuns: 40 }).filter(({ steps }) => steps.length > 4);
    for (const problem of big) {
      const found = bestOrder(problem, 1);
      expect(brokenBy(problem, found.order)).toEqual([]);
      expect(found.changeMinutes).toBeGreaterThanOrEqual(bestOrder(problem).changeMinutes - 1e-9);
      if (!found.provedMoves) expect(found.leastMoves).toBeLessThanOrEqual(found.moves);
    }
  });
  test('a topological sort by another library costs no less', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const edges = problem.steps.flatMap(({ after }, at) =>
          after.map((before): [string, string] => [String(before), String(at)]),
        );
        const sorted = toposort.array(
          problem.steps.map((_, at) => String(at)),
          edges,
        );
        const other = sorted.map(Number);
        return (
          brokenBy(problem, other).length === 0 &&
          bestOrder(problem).changeMinutes <= orderCost(problem, other).changeMinutes + 1e-9
        );
      }),
      { seed: 74 },
    );
  });
  test('steps that wait for each other are misuse', () => {
    const circle: OrderProblem = {
      stations: [{ change: [[0], [0]] }],
      steps: [
        { id: 'a', station: 0, setup: 0, after: [1] },
        { id: 'b', station: 0, setup: 0, after: [0] },
      ],
    };
    expect(() => bestOrder(circle)).toThrow(/expected steps without a circle/);
  });
});

describe('a circle is named', () => {
  test.each<[string, readonly { id: string; after: readonly string[] }[], readonly string[] | undefined]>([
    [
      'none',
      [
        { id: 'a', after: [] },
        { id: 'b', after: ['a'] },
      ],
      undefined,
    ],
    ['itself', [{ id: 'a', after: ['a'] }], ['a', 'a']],
    [
      'three',
      [
        { id: 'a', after: ['c'] },
        { id: 'b', after: ['a'] },
        { id: 'c', after: ['b'] },
      ],
      ['a', 'b', 'c', 'a'],
    ],
  ])('%s', (_name, steps, wanted) => expect(findCircle(steps)).toEqual(wanted));
  test('another library finds one exactly where this does', () => {
    const graphs = fc.array(fc.tuple(fc.nat(5), fc.nat(5)), { maxLength: 9 });
    fc.assert(
      fc.property(graphs, (edges) => {
        const ids = ['0', '1', '2', '3', '4', '5'];
        const steps = ids.map((id) => ({
          id,
          after: edges.filter(([, to]) => String(to) === id).map(([from]) => String(from)),
        }));
        let sorted = true;
        try {
          toposort.array(
            ids,
            edges.map(([a, b]): [string, string] => [String(a), String(b)]),
          );
        } catch {
          sorted = false;
        }
        return (findCircle(steps) === undefined) === sorted;
      }),
      { seed: 75 },
    );
  });
});
