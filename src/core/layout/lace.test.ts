import { rectangle } from '../geometry/ring';
import { boundsOfPoints } from '../geometry/ring';
import { point } from '../geometry/point';
import { layoutFaults } from './check';
import { turnedOn } from './hand';
import { ringAt, sideOf, type LayoutProblem, type Placement } from './problem';
import { Searching } from './progress';

/** A piece whose slanting side, from (100, 200) up to (0, 0), is a scallop: 26.565° from upright. */
const slanting = [point(0, 0), point(180, 0), point(180, 200), point(100, 200)];
const SLANT = Math.atan2(100, 200) * (180 / Math.PI);
const lace = (lacedEdges: 'left' | 'both'): LayoutProblem => ({
  widthMm: 260,
  gapMm: 3,
  lacedEdges,
  pieces: [
    {
      id: 'back',
      ring: slanting,
      count: 4,
      mirrored: 'half',
      edgeAtLeft: SLANT,
      turns: [SLANT, SLANT + 180, -SLANT, 180 - SLANT],
    },
    { id: 'gusset', ring: rectangle(60, 40), count: 2 },
  ],
});

/** Both ends of the scallop where a copy lies. */
const scallop = (problem: LayoutProblem, one: Placement) => {
  const ring = ringAt(problem, one);
  const { left, right } = boundsOfPoints(ring);
  const at = (x: number) => ring.filter((corner) => Math.abs(corner.x - x) < 0.1).length;
  return { left: left < 0.1 && at(left) >= 2, right: right > problem.widthMm - 0.1 && at(right) >= 2 };
};

test.each(['left', 'both'] as const)(
  'scallops lie on the %s edge of a lace, nothing overlaps',
  (lacedEdges) => {
    const problem = lace(lacedEdges);
    const { best } = new Searching(problem, 1).goOn(({ steps }) => steps < 60);
    expect(layoutFaults(problem, best!)).toEqual([]);
    const backs = best!.placements.filter(({ piece }) => piece === 'back');
    for (const one of backs) {
      const lies = scallop(problem, one);
      expect(lies.left || (lacedEdges === 'both' && lies.right)).toBe(true);
    }
    if (lacedEdges === 'both') expect(backs.some((one) => scallop(problem, one).right)).toBe(true);
    expect(backs.filter(({ mirrored }) => mirrored)).toHaveLength(2);
  },
);

test('a lace with two scalloped edges takes no more than one with one', () => {
  const long = (edges: 'left' | 'both') =>
    new Searching(lace(edges), 1).goOn(({ steps }) => steps < 60).best!.lengthMm;
  expect(long('both')).toBeLessThanOrEqual(long('left') + 1e-9);
});

test('which edge it lies on, by hand: turned as it is said the left, by half the right; a mirror image the other way', () => {
  const side = (turn: number, mirrored: boolean) => sideOf(30, { turn, mirrored });
  expect([side(30, false), side(210, false), side(-30, true), side(150, true)]).toEqual([
    'left',
    'right',
    'right',
    'left',
  ]);
  expect(side(0, false)).toBeUndefined();
});

test('off the edge is said by the exact check; turned by hand it goes to the other edge, where that is scalloped', () => {
  const one = (x: number, turn: number): Placement => ({
    piece: 'back',
    copy: 1,
    x,
    y: 40,
    turn,
    mirrored: false,
  });
  const edgeFaults = (edges: 'left' | 'both', placement: Placement) =>
    layoutFaults(lace(edges), { placements: [placement], lengthMm: 900 }).filter(
      ({ kind }) => kind === 'edge',
    );
  expect(edgeFaults('left', one(0, SLANT))).toEqual([]);
  expect(edgeFaults('left', one(1, SLANT))).toHaveLength(1);
  expect(edgeFaults('left', one(260, SLANT + 180))).toHaveLength(1);
  expect(edgeFaults('both', one(260, SLANT + 180))).toEqual([]);
  const turned = turnedOn(lace('both'), one(0, SLANT));
  expect(scallop(lace('both'), turned).right).toBe(true);
  expect(turnedOn(lace('left'), one(0, SLANT)).turn).toBe(SLANT);
});
