import fc from 'fast-check';
import { areaOfRings, shared, type Rings } from '../geometry/clip';
import { boundsOfPoints } from '../geometry/ring';
import { point, type Point } from '../geometry/point';
import { onSheets, type ToLay } from './laid';
import { layOnPaper } from './layOnPaper';
import { paperPlan } from './paperPlan';
import type { PaperPiece } from './paperPiece';
import { insideOf, readPaper, type PaperSheet } from './papers';
import { demoPaper, sheetsOf } from './testPaper';

const box = (wide: number, high: number): readonly Point[] => [
  point(0, 0),
  point(wide, 0),
  point(wide, high),
  point(0, high),
];
const boxes = (...sizes: readonly (readonly [number, number])[]): readonly ToLay[] =>
  sizes.map(([wide, high], nth) => ({ id: `piece ${nth}`, rings: [box(wide, high)] }));
const asPieces = (all: readonly ToLay[]): readonly PaperPiece[] =>
  all.map(({ id, rings }) => ({
    id,
    label: id,
    words: [],
    room: { at: point(0, 0), radiusMm: 1, wideMm: 1 },
    sizes: rings.map((ring) => ({
      label: '',
      ring,
      lines: [{ kind: 'cut', points: [...ring, ring[0] as Point] }],
    })),
  }));
const ringsOn = (all: readonly ToLay[], sheet: PaperSheet): readonly Rings[] => {
  const laid = layOnPaper(all, sheet);
  return all.map(({ rings }, nth) => rings.map((ring) => ring.map(onSheets(laid[nth] as never))));
};
const count = (all: readonly ToLay[], sheet: PaperSheet): number =>
  paperPlan(asPieces(all), sheet).pages.length;

// How few sheets there can be is known: all inside 190 × 277 mm (S: ISO 216, less 10 mm margins), or area by area.
test.each([
  ['one that fits upright', boxes([185, 270]), 1],
  ['one that fits when it is turned', boxes([270, 185]), 1],
  ['two beside each other', boxes([85, 270], [90, 270]), 1],
  ['four quarters', boxes([88, 130], [88, 130], [88, 130], [88, 130]), 1],
  ['a strip over three sheets', boxes([800, 60]), 3],
  ['small ones beside a strip that leaves room', boxes([800, 60], [100, 120], [120, 100], [110, 110]), 3],
] as const)('A4, %s: as few sheets as there can be', (_, pieces, sheets) => {
  expect(count(pieces, sheetsOf({ paper: 'a4' }))).toBe(sheets);
});

test('pieces of any shape lie on the paper, apart from each other, wherever they are put', () => {
  const corner = fc.tuple(fc.integer({ min: 20, max: 300 }), fc.integer({ min: 20, max: 300 }));
  // A quarter of each: four corners, one to each side of the middle, make a ring that does not cross itself.
  const ring = fc
    .tuple(corner, corner, corner, corner)
    .map(([a, b, c, d]) => [point(-a[0], -a[1]), point(b[0], -b[1]), point(c[0], c[1]), point(-d[0], d[1])]);
  fc.assert(
    fc.property(
      fc.array(ring, { minLength: 1, maxLength: 6 }),
      fc.constantFrom('a4', 'letter', 'a0', 'roll'),
      (rings, paper) => {
        const sheet = sheetsOf({ paper });
        const all = rings.map((one, nth) => ({ id: `piece ${nth}`, rings: [one] }));
        const placed = ringsOn(all, sheet);
        placed.forEach((one, nth) => {
          const { left, top, right } = boundsOfPoints(one.flat());
          expect(left).toBeGreaterThanOrEqual(0);
          expect(top).toBeGreaterThanOrEqual(0);
          expect(right).toBeLessThanOrEqual(sheet.columns * insideOf(sheet).widthMm + 1e-6);
          expect(areaOfRings(one)).toBeCloseTo(areaOfRings([rings[nth] as readonly Point[]]), 3);
          for (const other of placed.slice(nth + 1))
            expect(Math.abs(areaOfRings(shared(one, other)))).toBe(0);
        });
        // Sheets that are not joined cut no piece that fits on one.
        if (!sheet.apart) return;
        const { heightMm } = insideOf(sheet);
        for (const one of placed) {
          const { top, bottom } = boundsOfPoints(one.flat());
          expect(Math.floor(top / heightMm)).toBe(Math.floor(bottom / heightMm));
        }
      },
    ),
    { seed: 41, numRuns: 12, endOnFailure: true },
  );
});

test.each(['encore', 'springboard', 'rehearsal', 'cartwheel'])(
  '%s (invented): fewer sheets than each piece on sheets of its own, and no more than a tenth over its area’s',
  (id) => {
    const { pieces } = demoPaper(id);
    const sheet = sheetsOf({ paper: 'a4' });
    const { widthMm, heightMm } = insideOf(sheet);
    const alone = pieces.map(({ sizes: [size] }) => {
      const { left, right, top, bottom } = boundsOfPoints(size?.ring ?? []);
      const [wide, high] = [right - left, bottom - top];
      const sheetsFor = (a: number, b: number) => Math.ceil(a / widthMm) * Math.ceil(b / heightMm);
      return Math.min(sheetsFor(wide, high), sheetsFor(high, wide));
    });
    const found = paperPlan(pieces, sheet).pages.length;
    expect(found).toBeLessThan(alone.reduce((sum, one) => sum + one, 0) + 1);
    const area = pieces.reduce((sum, { sizes: [size] }) => sum + areaOfRings([size?.ring ?? []]), 0);
    expect(found).toBeGreaterThanOrEqual(Math.ceil(area / (widthMm * heightMm)));
  },
);

test('laid again it lies the same', () => {
  const { pieces } = demoPaper('cartwheel');
  const sheet = sheetsOf({ paper: 'letter' });
  expect(paperPlan(pieces, sheet)).toEqual(paperPlan(pieces, sheet));
});

test('every sheet has something on it, and every joint stands on both its sheets', () => {
  const { pieces } = demoPaper('encore');
  const plan = paperPlan(pieces, sheetsOf({ paper: 'a4' }));
  const joints = plan.pages.flatMap((page) =>
    page.joints.map(({ side, number }) => ({ page, side, number })),
  );
  const numbers = [...new Set(joints.map(({ number }) => number))];
  expect(numbers.length).toBeGreaterThan(10);
  const OPPOSITE = { left: 'right', right: 'left', top: 'bottom', bottom: 'top' } as const;
  for (const number of numbers) {
    const [a, b, ...more] = joints.filter((one) => one.number === number);
    expect(more).toEqual([]);
    expect(b?.side).toBe(OPPOSITE[a?.side ?? 'left']);
    const far =
      Math.abs((a?.page.column ?? 0) - (b?.page.column ?? 0)) +
      Math.abs((a?.page.row ?? 0) - (b?.page.row ?? 0));
    expect(far).toBe(1);
  }
});

test('paper of a size that nothing is printed on is refused with what to give; at its limits it is taken', () => {
  for (const asked of [
    { paper: 'own', widthMm: 3, heightMm: 200 },
    { paper: 'own', widthMm: 200 },
    { paper: 'own', widthMm: NaN, heightMm: 200 },
    { paper: 'own', widthMm: 210, heightMm: 90_000 },
    { paper: 'roll', widthMm: 12 },
    { paper: 'roll', widthMm: -900 },
  ] as const) {
    const read = readPaper(asked);
    expect([asked, read.ok]).toEqual([asked, false]);
    expect(read).toMatchObject({ sentence: expect.stringContaining('between') as unknown });
  }
  expect(readPaper({ paper: 'own', widthMm: 150, heightMm: 1700 }).ok).toBe(true);
  expect(readPaper({ paper: 'roll', widthMm: 280 }).ok).toBe(true);
  expect(readPaper({ paper: 'roll' })).toMatchObject({ sheet: { widthMm: 914.4 } });
});

test('a piece wider than the paper goes over more sheets side by side', () => {
  const sheet = sheetsOf({ paper: 'own', widthMm: 150, heightMm: 150 });
  const { pages } = paperPlan(asPieces(boxes([1400, 1300])), sheet);
  // 1302 mm over sheets of 130 mm inside, both ways (D).
  expect(new Set(pages.map(({ column }) => column)).size).toBe(11);
  expect(pages).toHaveLength(11 * 11);
});
