import { Bezier } from 'bezier-js';
import { kindIds, type KindId } from '../../facts/kindIds';
import { catalogue } from '../catalogue';
import { drawGarment } from './drawGarment';
import type { DrawnBody } from './figure';
import type { DrawnSide, GarmentDrawing } from './garmentDrawing';

interface Dot {
  readonly x: number;
  readonly y: number;
}

/** Points along a path of moves, lines and quadratic curves; curves by a general Bezier library (bezier-js). */
function pointsOf(d: string): readonly Dot[] {
  const points: Dot[] = [];
  let at: Dot = { x: 0, y: 0 };
  for (const [, command, rest = ''] of d.matchAll(/([MLQ])([^MLQZ]*)/g)) {
    const numbers = rest
      .trim()
      .split(/[\s,]+/)
      .map(Number);
    expect(numbers.every(Number.isFinite)).toBe(true);
    const [a = 0, b = 0, c = 0, e = 0] = numbers;
    if (command === 'Q') {
      points.push(...new Bezier(at.x, at.y, a, b, c, e).getLUT(24).map(({ x, y }) => ({ x, y })));
      at = { x: c, y: e };
    } else {
      at = { x: a, y: b };
      points.push(at);
    }
  }
  return points;
}

const bodies: readonly (readonly [string, DrawnBody])[] = [
  ['nobody measured', {}],
  ['a child', { bust: 590, waist: 550, hip: 620, backLength: 260, inseam: 400, rise: 460, armLength: 380 }],
  ['a slim adult', { bust: 800, waist: 620, hip: 860, underbust: 700, thigh: 480 }],
  ['a full adult', { bust: 1300, waist: 1200, hip: 1400, underbust: 1150, thigh: 800, lowHip: 1350 }],
  ['a wide hip on a narrow waist', { bust: 900, waist: 640, hip: 1180, lowHip: 1120, thigh: 720 }],
];
const styled = kindIds.flatMap((id) => catalogue[id].styles.map(({ id: style }) => [id, style] as const));
const sides = ({ front, back }: GarmentDrawing): readonly (readonly [string, DrawnSide])[] => [
  ['front', front],
  ['back', back],
];
/** Drawing units are centimetres; a pen's width over the edge is no fault. */
const PEN = 0.6;

describe.each(styled)('%s, %s', (kind, style) => {
  test.each(bodies)('%s: everything lies inside its picture, none of it is a mere point', (_name, body) => {
    const drawing = drawGarment(kind, body, { style });
    const { half, top, foot } = drawing;
    expect(foot).toBeGreaterThan(top);
    for (const [name, side] of sides(drawing)) {
      const paths = [
        side.outline,
        ...(side.seams ?? []),
        ...(side.stitching ?? []),
        ...side.shapes.map(({ d }) => d),
      ];
      for (const d of paths) {
        const points = pointsOf(d);
        const outside = points.filter(
          ({ x, y }) => Math.abs(x) > half + PEN || y < top - PEN || y > foot + PEN,
        );
        expect([name, d, outside]).toEqual([name, d, []]);
        const spread =
          Math.max(...points.map(({ x }) => x)) -
          Math.min(...points.map(({ x }) => x)) +
          Math.max(...points.map(({ y }) => y)) -
          Math.min(...points.map(({ y }) => y));
        expect(spread).toBeGreaterThan(1);
      }
    }
  });
  test.each(bodies)('%s: left is the mirror of right, but where one shoulder is bare', (_name, body) => {
    if (kind === 'one-shoulder-top') return;
    for (const [name, side] of sides(drawGarment(kind, body, { style }))) {
      const points = pointsOf(side.outline);
      const lonely = points.filter(
        ({ x, y }) => !points.some((other) => Math.abs(other.x + x) < 0.3 && Math.abs(other.y - y) < 0.3),
      );
      expect([name, lonely]).toEqual([name, []]);
    }
  });
  test('a zone around the body is drawn nearly as wide as the garment is there', () => {
    const drawing = drawGarment(kind, { bust: 920, waist: 760, hip: 980 }, { style });
    const around = new Set(
      catalogue[kind].zones.filter(({ axis }) => axis === 'around').map(({ id }) => `zone-${id}`),
    );
    for (const [, side] of sides(drawing)) {
      for (const { part, d } of side.shapes) {
        if (!around.has(part)) continue;
        const xs = pointsOf(d).map(({ x }) => x);
        expect([part, Math.max(...xs) - Math.min(...xs) > 2]).toEqual([part, true]);
        expect([part, Math.max(...xs) <= drawing.half + PEN]).toEqual([part, true]);
      }
    }
  });
});

describe('what a sewist tells front from back by', () => {
  const neckDepth = (side: DrawnSide) =>
    Math.min(
      ...pointsOf(side.outline)
        .filter(({ x }) => Math.abs(x) < 0.2)
        .map(({ y }) => y),
    );
  const tops: readonly KindId[] = [
    'tee',
    'bound-tee',
    'raglan',
    'lettuce-top',
    'collar-pullover',
    'shaped-blouse',
  ];
  test.each(tops)('%s: the front neck is scooped lower than the back', (kind) => {
    const { front, back } = drawGarment(kind, {});
    expect(neckDepth(front)).toBeGreaterThan(neckDepth(back));
  });
  test('a one-shoulder top is bare on the other side seen from behind', () => {
    const { front, back } = drawGarment('one-shoulder-top', {});
    const highest = (side: DrawnSide) =>
      pointsOf(side.outline).reduce((top, point) => (point.y < top.y ? point : top)).x;
    expect(Math.sign(highest(front))).toBe(-Math.sign(highest(back)));
  });
});

describe('proportions follow the wearer', () => {
  const widest = (d: string, from: number, to: number) =>
    Math.max(
      ...pointsOf(d)
        .filter(({ y }) => y >= from && y <= to)
        .map(({ x }) => x),
    );
  test.each(['tee', 'crop-top', 'cardigan', 'raglan'] as const)(
    '%s: a larger bust is drawn wider',
    (kind) => {
      const width = (bust: number) => {
        const { front, half } = drawGarment(kind, { bust, waist: 760, hip: 980 });
        return [widest(front.outline, -5, 200), half] as const;
      };
      expect(width(1150)[0]).toBeGreaterThan(width(850)[0]);
    },
  );
  test.each(['briefs', 'boxer-briefs', 'lace-panties', 'stretch-waist'] as const)(
    '%s: a larger hip is drawn wider, by as much as the girth',
    (kind) => {
      const half = (hip: number) => drawGarment(kind, { hip, lowHip: hip * 0.96, waist: hip * 0.8 }).half;
      expect(half(1200) / half(900)).toBeGreaterThan(1.15);
    },
  );
  test.each(['leggings', 'foldover-trousers'] as const)(
    '%s: a longer inside leg is drawn longer by it',
    (kind) => {
      const foot = (inseam: number) => drawGarment(kind, { hip: 980, inseam }).foot;
      expect(foot(850) - foot(650)).toBeCloseTo(20, 0);
    },
  );
});
