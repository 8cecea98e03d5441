import { rectangle } from '../geometry/ring';
import { boundsOfPoints } from '../geometry/ring';
import { Searching } from '../layout/progress';
import type { ClothPiece } from './garmentPieces';
import { waysOut } from './waysOut';

const piece = (id: string, wideMm: number, highMm: number, more: Partial<ClothPiece> = {}): ClothPiece => ({
  id,
  label: id,
  rows: [id],
  ring: rectangle(wideMm, highMm),
  count: 1,
  turns: [0, 180],
  standsIn: false,
  isBand: false,
  ...more,
});
const body = piece('body', 500, 600, { count: 2 });
const band = piece('band', 900, 60, { isBand: true, turns: [0] });
const ids = (pieces: readonly ClothPiece[], cutWith: 'rotary' | 'scissors' = 'rotary') =>
  waysOut(pieces, { widthMm: 1020, cutWith, seamMm: 10 }).map(({ id }) => id);

test('only ways that change something are told', () => {
  expect(ids([body])).toEqual([]);
  expect(ids([body], 'scissors')).toEqual(['rotary']);
  expect(ids([body, band])).toEqual(['turned', 'parts', 'apart']);
  expect(ids([{ ...body, turns: [0] }])).toEqual(['nap']);
  expect(ids([band])).toEqual(['turned', 'parts']);
  // A cuff is not pieced; one that may lie either way is not turned.
  expect(ids([body, piece('cuff', 160, 80, { isBand: true, turns: [0, 90] })])).toEqual(['apart']);
});

const lengthOf = (id: string): number => {
  const way = waysOut([body, band], { widthMm: 1020, cutWith: 'rotary', seamMm: 10 }).find(
    (one) => one.id === id,
  );
  return new Searching(way!.problem, 1).goOn(({ steps }) => steps < 60).best!.lengthMm;
};

test('each is laid out for real: by hand, two bodies beside each other, and what becomes of the band', () => {
  expect(lengthOf('apart')).toBeCloseTo(600, -1);
  // Two halves of 460 beside each other below the bodies.
  expect(lengthOf('parts')).toBeCloseTo(600 + 3 + 60, -1);
});

test('a band in two parts has both halves and the seam that joins them', () => {
  const [, parts] = waysOut([body, band], { widthMm: 1020, cutWith: 'rotary', seamMm: 10 });
  const laid = parts!.problem.pieces.find(({ id }) => id === 'band')!;
  const { right, bottom } = boundsOfPoints(laid.ring);
  expect([right, bottom, laid.count]).toEqual([900 / 2 + 10, 60, 2]);
});
