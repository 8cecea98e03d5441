import type { Progress } from '@/core/layout/progress';
import type { LayoutProblem } from '@/core/layout/problem';
import { rectangle } from '@/core/geometry/ring';
import { LayoutWork } from './layout';

const problem: LayoutProblem = {
  widthMm: 400,
  gapMm: 3,
  pieces: [
    { id: 'body', ring: rectangle(150, 210), count: 3 },
    { id: 'band', ring: rectangle(330, 30), count: 2 },
  ],
};

/** A worker whose clock runs 1 ms at every look, and whose next turns are taken when the test says. */
function work() {
  const said: Progress[] = [];
  const turns: (() => void)[] = [];
  let clock = 0;
  const own = new LayoutWork({
    now: () => (clock += 1),
    later: (next) => void turns.push(next),
    say: (progress) => void said.push(progress),
  });
  const turn = (times: number) => {
    for (let nth = 0; nth < times; nth += 1) turns.shift()?.();
  };
  return { own, said, turn, waiting: () => turns.length };
}

test('it says what it found at once, and goes on by slices in which messages are heard', () => {
  const { own, said, turn, waiting } = work();
  own.take({ ask: 'lay out', problem, seed: 1 });
  expect(said).toEqual([]);
  turn(1);
  expect(said[0]?.best?.lengthMm).toBeGreaterThan(400);
  expect(waiting()).toBe(1);
});

test('paused it does nothing, told to go on it goes on from there, and nothing is waiting twice', () => {
  const { own, said, turn, waiting } = work();
  own.take({ ask: 'lay out', problem, seed: 1 });
  turn(1);
  own.take({ ask: 'pause' });
  turn(3);
  const { steps } = said.at(-1) as Progress;
  expect(waiting()).toBe(0);
  own.take({ ask: 'go on' });
  own.take({ ask: 'go on' });
  expect(waiting()).toBe(1);
  turn(20);
  expect((said.at(-1) as Progress).steps).toBeGreaterThan(steps);
});

test('begun from a layout known before it says that first, and never a longer one', () => {
  const known = work();
  known.own.take({ ask: 'lay out', problem, seed: 1 });
  known.turn(20);
  const start = known.said.at(-1)?.best;
  const { own, said, turn } = work();
  own.take({ ask: 'lay out', problem, seed: 7, start });
  turn(1);
  expect(said[0]?.best?.lengthMm).toBeLessThanOrEqual(start?.lengthMm as number);
});

test('what it says is never longer than what it said before', () => {
  const { own, said, turn } = work();
  own.take({ ask: 'lay out', problem, seed: 3 });
  turn(20);
  const lengths = said.map(({ best }) => best?.lengthMm as number);
  expect(lengths).toEqual(lengths.toSorted((a, b) => b - a));
});

test('another problem takes the place of the first', () => {
  const { own, said, turn } = work();
  own.take({ ask: 'lay out', problem, seed: 1 });
  turn(1);
  own.take({ ask: 'lay out', problem: { ...problem, widthMm: 800 }, seed: 1 });
  turn(2);
  expect((said.at(-1) as Progress).best?.lengthMm).toBeLessThan(400);
});
