import { rectangle } from '../geometry/ring';
import { layoutFaults } from './check';
import type { Layout, LayoutProblem, Placement } from './problem';

const problem: LayoutProblem = {
  widthMm: 100,
  gapMm: 0,
  pieces: [
    { id: 'a', ring: rectangle(40, 20), count: 2, mirrored: 'half' },
    { id: 'b', ring: rectangle(50, 10), count: 1, turns: [0, 90], onFold: true },
  ],
};
const at = (piece: string, copy: number, x: number, y: number, more: Partial<Placement> = {}): Placement => ({
  piece,
  copy,
  x,
  y,
  turn: 0,
  mirrored: false,
  ...more,
});
const good: readonly Placement[] = [
  at('a', 1, 0, 0),
  at('a', 2, 90, 0, { mirrored: true }),
  at('b', 1, 0, 20),
];
const faultsOf = (placements: readonly Placement[], lengthMm = 30) => {
  const layout: Layout = { placements, lengthMm };
  return layoutFaults(problem, layout).map(({ kind }) => kind);
};

test('pieces that touch and lie at the very edge are no fault', () => {
  expect(faultsOf(good)).toEqual([]);
});

test.each([
  ['a copy too few', good.slice(0, 2), ['count']],
  ['a copy twice', [good[0]!, { ...good[1]!, copy: 1 }, good[2]!], ['count']],
  ['no mirror image', [good[0]!, at('a', 2, 50, 0), good[2]!], ['face']],
  ['a turn it may not have', [at('a', 1, 40, 20, { turn: 180 }), good[1]!, good[2]!], ['turn']],
  ['off the fold', [good[0]!, good[1]!, at('b', 1, 1, 20)], ['fold']],
  ['beside the cloth', [good[0]!, at('a', 2, 100.5, 0, { mirrored: true }), good[2]!], ['outside']],
  ['overlap', [good[0]!, at('a', 2, 79, 0, { mirrored: true }), good[2]!], ['overlap']],
  ['beside it on the left', [at('a', 1, -0.5, 0), good[1]!, good[2]!], ['outside']],
  ['above it', [at('a', 1, 0, -0.5), good[1]!, good[2]!], ['outside']],
  ['too long', good.map((one) => (one.piece === 'b' ? { ...one, y: 20.5 } : one)), ['outside']],
])('%s is found', (_, placements, kinds) => {
  expect(faultsOf(placements)).toEqual(kinds);
});
