import fc from 'fast-check';
import type { Knot, OutlineFacts } from '../facts/outline';
import { endOf, lengthOf, startOf } from '../geometry/path';
import { areaOf } from '../geometry/ring';
import { cutLine } from './cutLine';
import { edgeMeasure } from './measure';
import { joinedOffsets } from './offsets';
import { asTraced, readOutline, roundPiece } from './outline';
import { practiceTee } from './practice';
import { corner, outlineOf, seamlines, shapeOf, wholeFront } from './testPieces';

const front = shapeOf('tee', 'front');
const sleeve = shapeOf('tee', 'sleeve');
const none = () => 0;

const lengths = (facts: OutlineFacts, shape = front) =>
  outlineOf(shape, facts).edges.map(({ of, path }) => [of.id, Math.round(lengthOf(path) * 1000) / 1000]);

/** The same piece laid otherwise: turned by an angle, moved, and turned over or not. */
const laid =
  (rad: number, dx: number, dy: number, over: boolean) =>
  (knot: Knot): Knot => {
    const [c, s] = [Math.cos(rad), Math.sin(rad)];
    const x = over ? -knot.x : knot.x;
    return { ...knot, x: x * c - knot.y * s + dx, y: x * s + knot.y * c + dy };
  };

test('however a piece lies, turned, moved or face down, and wherever its ring begins, it is read as the same piece', () => {
  const plain = lengths(practiceTee.front);
  fc.assert(
    fc.property(
      fc.integer({ min: -314, max: 314 }),
      fc.integer({ min: -500, max: 500 }),
      fc.boolean(),
      fc.nat({ max: practiceTee.front.ring.length - 1 }),
      (hundredths, dx, over, first) => {
        const lies = practiceTee.front.ring.map(laid(hundredths / 100, dx, 40, over));
        // What begins at a point, run through against the order, begins at the point where it ended.
        const ring = over ? turnedOver(lies) : lies;
        const facts = seamlines(...ring.slice(first), ...ring.slice(0, first));
        const read = outlineOf(front, facts);
        expect(areaOf(roundPiece(read))).toBeGreaterThan(0);
        const byName = Object.fromEntries(
          read.edges.map(({ of, path }) => [of.id, Math.round(lengthOf(path) * 1000) / 1000]),
        );
        expect(byName).toEqual(Object.fromEntries(plain));
        const fold = read.edges.find(({ of }) => of.fold);
        expect(fold && startOf(fold.path).x).toBeCloseTo((fold && endOf(fold.path).x) ?? NaN, 6);
        expect(fold && startOf(fold.path).y).toBeGreaterThan((fold && endOf(fold.path).y) ?? NaN);
      },
    ),
    { seed: 13, numRuns: 40, endOnFailure: true },
  );
});

/** A ring clicked as the piece lies face down: clockwise as it is seen, so against the order of its edges. */
function turnedOver(ring: readonly Knot[]): readonly Knot[] {
  const names = ring.map(({ edge }) => edge);
  const back = ring.map(({ edge: _, ...knot }) => knot).toReversed();
  return back.map((knot, nth) => {
    // The edge that ends at this point in order is the one that begins here against it.
    const at = ring.length - 1 - nth;
    let from = at - 1;
    while (names.at(from) === undefined) from -= 1;
    const edge = names[at] === undefined ? undefined : names.at(from);
    return edge === undefined ? knot : { ...knot, edge };
  });
}

test('a point of an outline goes back to where it was traced', () => {
  const ring = practiceTee.front.ring.map(laid(0.7, 300, -80, false));
  const read = outlineOf(front, seamlines(...ring));
  const back = asTraced(read);
  const start = read.edges[0] && back(startOf(read.edges[0].path));
  expect(start?.x).toBeCloseTo(ring[0]?.x ?? NaN, 6);
  expect(start?.y).toBeCloseTo(ring[0]?.y ?? NaN, 6);
});

test('a whole piece has each edge but those on its middle twice, and no fold', () => {
  expect(lengths(wholeFront()).map(([id]) => id)).toEqual([
    'shoulder',
    'armhole',
    'side',
    'hem',
    'side',
    'armhole',
    'shoulder',
    'neckline',
  ]);
});

test.each<[string, OutlineFacts, string, RegExp]>([
  ['not closed', { ...practiceTee.front, unfinished: true }, 'unfinished', /click on to its first point/],
  ['two points', seamlines(corner(0, 0), corner(10, 0)), 'no-area', /at least three points/],
  ['a line', seamlines(corner(0, 0), corner(10, 0), corner(20, 0)), 'no-area', /goes round nothing/],
  [
    'a bow tie',
    seamlines(corner(0, 0), corner(100, 100), corner(100, 0), corner(0, 100)),
    'crosses',
    /drag the points apart/,
  ],
  [
    'an edge without a name',
    {
      ...practiceTee.front,
      ring: practiceTee.front.ring.map(({ edge, ...knot }) =>
        edge === 'armhole' || edge === undefined ? knot : { ...knot, edge },
      ),
    },
    'unnamed',
    /where these edges begin: armhole\./,
  ],
  [
    'edges out of order',
    {
      ...practiceTee.front,
      ring: practiceTee.front.ring.map((knot) =>
        knot.edge === 'side'
          ? { ...knot, edge: 'armhole' }
          : knot.edge === 'armhole'
            ? { ...knot, edge: 'side' }
            : knot,
      ),
    },
    'unnamed',
    /out of order/,
  ],
])('%s gets a sentence', (_, facts, code, sentence) => {
  const read = readOutline(front, facts, none);
  expect(read).toMatchObject({ ok: false, fault: { code, sentence: expect.stringMatching(sentence) } });
});

test('a piece without a fold is turned by its grain, and its first edge is on top', () => {
  const upside = practiceTee.sleeve.ring.map(laid(Math.PI + 0.4, 0, 0, false));
  const read = outlineOf(sleeve, { ...seamlines(...upside), grainRad: 0.4 });
  const hem = read.edges.find(({ of }) => of.id === 'hem');
  const cap = read.edges.find(({ of }) => of.id === 'cap');
  expect(hem && startOf(hem.path).y).toBeCloseTo((hem && endOf(hem.path).y) ?? NaN, 6);
  expect(cap && startOf(cap.path).y).toBeLessThan((hem && startOf(hem.path).y) ?? NaN);
});

test('a cut line is offset inwards edge by edge: a rectangle by its four allowances', () => {
  const box = seamlines(
    corner(0, 0, 'cap'),
    corner(100, 0, 'back-underarm'),
    corner(100, 200, 'hem'),
    corner(0, 200, 'front-underarm'),
  );
  const allowances: Readonly<Record<string, number>> = {
    cap: 10,
    hem: 25,
    'back-underarm': 6,
    'front-underarm': 8,
  };
  const read = readOutline(sleeve, { ...box, drawn: 'cut line' }, ({ id }) => allowances[id] ?? 0);
  expect(read.ok).toBe(true);
  if (!read.ok) return;
  expect(read.outline.edges.map(({ path }) => Math.round(lengthOf(path) * 1e6) / 1e6)).toEqual([
    86, 165, 86, 165,
  ]);
});

test('traced along its cut edge a piece has the seamline, the turn and the corners it has traced along the seamline', () => {
  const outline = outlineOf(front, practiceTee.front);
  const mm = 6;
  const line = cutLine(outline, { allowanceOf: () => mm, cornersOf: () => 'mitred' }) ?? [];
  const corners = joinedOffsets(
    outline.edges.map(({ of, path }) => ({ of, path, mm: of.fold ? 0 : mm })),
  ).map(({ of, path }) => ({ of, at: startOf(path) }));
  const ring = line.map(({ x, y }): Knot => {
    const begins = corners.find(({ at }) => Math.hypot(at.x - x, at.y - y) < 0.01);
    return { x, y, corner: true, ...(begins ? { edge: begins.of.id } : {}) };
  });
  const back = outlineOf(front, { ring, drawn: 'cut line', from: 'a drawing' }, mm);
  for (const { of } of outline.edges) {
    const [was, now] = [edgeMeasure(outline, of.id), edgeMeasure(back, of.id)];
    expect([of.id, now?.lengthMm.toFixed(0)]).toEqual([of.id, was?.lengthMm.toFixed(0)]);
    expect(Math.abs((now?.turnRad ?? NaN) - (was?.turnRad ?? NaN))).toBeLessThan(0.06);
  }
});
