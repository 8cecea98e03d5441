import fc from 'fast-check';
import { outlineSpec, type Knot, type OutlineFacts } from '../facts/outline';
import { findFaults } from '../facts/faults';
import { areaOf } from '../geometry/ring';
import {
  addedKnot,
  closedOutline,
  cornersOf,
  insertedKnot,
  movedKnot,
  namedEdgeAt,
  namedInOrder,
  nearestOn,
  newOutline,
  removedKnot,
  turnedKnot,
} from './edits';
import { readOutline } from './outline';
import { practiceTee } from './practice';
import { ringPath } from './ring';
import { wholeFront } from './testPieces';
import { shapeOf } from './testPieces';

const front = shapeOf('tee', 'front');
const bare = (facts: OutlineFacts): readonly Knot[] => facts.ring.map(({ edge: _, ...knot }) => knot);

const drawn = (points: readonly Knot[]): OutlineFacts =>
  closedOutline(
    points.reduce(
      (outline, knot) => addedKnot(outline, knot, knot.corner ?? false),
      newOutline('seamline', 'a photo'),
    ),
  );

test('clicked round either way, an outline runs clockwise once it is closed, and can be kept', () => {
  const way = bare(practiceTee.front);
  for (const points of [way, way.toReversed()]) {
    const closed = drawn(points);
    const path = ringPath(closed.ring);
    expect(path && areaOf(path)).toBeGreaterThan(100_000);
    expect(closed.unfinished).toBeUndefined();
    expect(findFaults(outlineSpec, closed)).toEqual([]);
  }
});

test('clicking, closing and naming in order makes the very outline', () => {
  const closed = drawn(bare(practiceTee.front));
  const start = closed.ring.findIndex(({ x, y }) => x === 0 && y === 92);
  const named = namedInOrder(closed, front, start, 'clockwise');
  expect(named?.ring).toEqual(practiceTee.front.ring);
});

test('a piece that lies face down is named the other way and reads as the same piece', () => {
  const over = bare(practiceTee.front).map((knot) => ({ ...knot, x: 500 - knot.x }));
  const closed = drawn(over);
  const start = closed.ring.findIndex(({ x, y }) => x === 500 && y === 92);
  const named = namedInOrder(closed, front, start, 'the other way');
  const read = named && readOutline(front, named, () => 0);
  expect(read?.ok && read.outline.lay.turnedOver).toBe(true);
  expect(read?.ok && read.outline.edges.map(({ of }) => of.id).sort()).toEqual(
    front.edges.map(({ id }) => id).sort(),
  );
});

test('names in order need as many corners as edges, and a corner to begin at', () => {
  const closed = drawn(bare(practiceTee.front));
  expect(namedInOrder(turnedKnot(closed, 1), front, 0, 'clockwise')).toBeUndefined();
  expect(namedInOrder(closed, front, 1, 'clockwise')).toBeUndefined();
  expect(cornersOf(closed)).toHaveLength(front.edges.length);
});

test('an edge begins at one point: named elsewhere it moves', () => {
  const once = namedEdgeAt(practiceTee.front, 2, 'shoulder');
  expect(once.ring.flatMap(({ edge }, nth) => (edge === 'shoulder' ? [nth] : []))).toEqual([2]);
  expect(once.ring[2]?.corner).toBe(true);
});

test('a piece drawn whole has eight corners, and each edge once on each side of its middle', () => {
  const whole = drawn(bare(wholeFront()));
  const start = whole.ring.findIndex(({ x, y }) => x === -86 && y === 0);
  const named = namedInOrder(whole, front, start, 'clockwise');
  const read = named && readOutline(front, named, () => 0);
  expect(read?.ok && read.outline.edges.map(({ of }) => of.id).toSorted()).toEqual([
    'armhole',
    'armhole',
    'hem',
    'neckline',
    'shoulder',
    'shoulder',
    'side',
    'side',
  ]);
});

test('a point that is taken away hands its edge to the next; three points stay', () => {
  const at = practiceTee.front.ring.findIndex(({ edge }) => edge === 'armhole');
  const less = removedKnot(practiceTee.front, at);
  expect(less.ring).toHaveLength(practiceTee.front.ring.length - 1);
  expect(less.ring[at]?.edge).toBe('armhole');
  const three = { ...practiceTee.front, ring: practiceTee.front.ring.slice(0, 3) };
  expect(removedKnot(three, 1)).toBe(three);
});

test('a point moves with its handles, and keeps how near it was clicked', () => {
  const knot = { x: 10, y: 20, before: { x: 5, y: 20 }, after: { x: 18, y: 26 } };
  const moved = movedKnot({ ...practiceTee.front, ring: [knot] }, 0, { x: 12, y: 17, clickMm: 0.3 });
  expect(moved.ring).toEqual([
    { x: 12, y: 17, clickMm: 0.3, before: { x: 7, y: 17 }, after: { x: 20, y: 23 } },
  ]);
});

test('a point put on the line changes the line by less than a hair', () => {
  fc.assert(
    fc.property(fc.integer({ min: -20, max: 280 }), fc.integer({ min: -20, max: 660 }), (x, y) => {
      const near = nearestOn(practiceTee.front, { x, y });
      if (!near) throw new Error('expected a place on the outline, got none');
      const byHand = Math.min(
        ...(ringPath(practiceTee.front.ring) ?? []).flatMap(({ from, to }) => [
          Math.hypot(from.x - x, from.y - y),
          Math.hypot(to.x - x, to.y - y),
        ]),
      );
      expect(near.mm).toBeLessThanOrEqual(byHand + 1e-6);
      const more = insertedKnot(practiceTee.front, near.after, near.at);
      const [was, now] = [ringPath(practiceTee.front.ring), ringPath(more.ring)];
      expect(Math.abs((was ? areaOf(was) : 0) - (now ? areaOf(now) : 0))).toBeLessThan(400);
    }),
    { seed: 3, numRuns: 40, endOnFailure: true },
  );
});
