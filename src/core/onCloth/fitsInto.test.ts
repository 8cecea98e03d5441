import { areaOfRings } from '../geometry/clip';
import { rectangle } from '../geometry/ring';
import type { Layout, LayoutProblem } from '../layout/problem';
import { Searching } from '../layout/progress';
import { fitting, intoLeftover } from './fitsInto';
import type { ClothPiece } from './garmentPieces';
import { holesOf } from './leftover';

const piece = (label: string, wide: number, high: number, count = 1): ClothPiece => ({
  id: label,
  label,
  rows: [label],
  ring: rectangle(wide, high),
  count,
  turns: [0],
  isBand: false,
  standsIn: false,
});

/** An L: 400 mm wide at the top, 100 mm below that, 300 mm long. */
const outline = [
  [
    { x: 0, y: 0 },
    { x: 400, y: 0 },
    { x: 400, y: 100 },
    { x: 100, y: 100 },
    { x: 100, y: 300 },
    { x: 0, y: 300 },
  ],
];
const on = { widthMm: 400, cutWith: 'rotary' as const, holes: holesOf(outline, 400) };
const small = {
  record: { id: 'small', facts: { name: 'Small' } },
  cloths: [
    { role: 'outer' as const, pieces: [piece('Strap', 80, 280), piece('Gusset', 90, 60, 2)], unknown: 0 },
  ],
};
const large = {
  record: { id: 'large', facts: { name: 'Large' } },
  cloths: [
    {
      role: 'band' as const,
      pieces: [piece('Band', 390, 90), piece('Pocket', 200, 150), piece('Facing', 500, 20)],
      unknown: 0,
    },
    { role: 'lining' as const, pieces: [piece('Lining', 300, 300)], unknown: 1 },
  ],
};
const solved = (problems: readonly LayoutProblem[]): ReadonlyMap<LayoutProblem, Layout> =>
  new Map(
    problems.flatMap((problem) => {
      const { best } = new Searching(problem, 1).goOn(({ steps }) => steps < 30);
      return best ? [[problem, best] as const] : [];
    }),
  );

test('by hand on an L: a long strap, two gussets and a band fit, a pocket of 20 by 15 cm does not; all of the small garment does', () => {
  const tries = intoLeftover([small, large], on, areaOfRings(outline));
  // The facing is wider than it, the lining larger, and the whole of the large garment too.
  expect(tries.map(({ label }) => label)).toEqual([undefined, 'Strap', 'Gusset', 'Band', 'Pocket']);
  const found = fitting(tries, solved(tries.map(({ problem }) => problem)), 300);
  expect(found).toEqual([
    { garment: 'small', name: 'Small', whole: ['outer'], pieces: [] },
    { garment: 'large', name: 'Large', whole: [], pieces: ['Band'] },
  ]);
});

test('what is not laid out yet is not said to fit', () => {
  const tries = intoLeftover([small], on, areaOfRings(outline));
  expect(fitting(tries, new Map(), 300)).toEqual([]);
});
