import { demoFact, TODAY } from '../../../tests/demoFacts';
import { applyChanges } from '../facts/change';
import type { GarmentFacts } from '../facts/garmentFacts';
import { kindOf } from '../garments/kindOf';
import { rectangle } from '../geometry/ring';
import { boundsOfPoints } from '../geometry/ring';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import { piecesOnCloth, type ClothPiece } from './garmentPieces';
import { acceptedWay, waysOut } from './waysOut';

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

describe('a way that is taken is part of the garment', () => {
  const facts = demoFact('ringmaster');
  const planned = (of: GarmentFacts) => {
    const plan = planGarment(of, { onDate: TODAY });
    const kind = kindOf(of.garment, of.ownKind);
    const cloths = piecesOnCloth({ facts: of, kind, plan, onDate: TODAY });
    return { plan, bands: cloths.find(({ role }) => role === 'band')!.pieces };
  };
  const { plan, bands } = planned(facts);
  const ways = waysOut(bands, { widthMm: 1500, cutWith: 'rotary', seamMm: 6 });
  const after = (id: string) => {
    const way = ways.find((one) => one.id === id)!;
    const changes = acceptedWay(way, { plan, garment: facts.garment })!;
    const garment = applyChanges(
      facts.garment,
      Object.entries(changes).map(([path, value]) => ({ path, value })),
    );
    return { way, bands: planned({ ...facts, garment }).bands };
  };
  const sizeOf = ({ ring }: ClothPiece) => {
    const { left, top, right, bottom } = boundsOfPoints(ring);
    return [right - left, bottom - top] as const;
  };

  test('pieced: the ticket has two parts, each half as long and a seam', () => {
    const { way, bands: parts } = after('parts');
    expect(way.bands.length).toBeGreaterThan(0);
    for (const id of way.bands) {
      const [was, is] = [bands, parts].map((all) => all.find((one) => one.id === id)!) as [
        ClothPiece,
        ClothPiece,
      ];
      expect(is.count).toBe(2 * was.count);
      // Half of the ring between the seams, and a seam at either end.
      const [long, part] = [Math.max(...sizeOf(was)), Math.max(...sizeOf(is))];
      expect(part).toBeGreaterThan(long / 2);
      expect(part).toBeLessThan(long / 2 + 30);
    }
  });

  test('turned: the bands run the other way', () => {
    const { way, bands: turned } = after('turned');
    for (const id of way.bands) {
      const [was, is] = [bands, turned].map((all) => sizeOf(all.find((one) => one.id === id)!)) as [
        readonly [number, number],
        readonly [number, number],
      ];
      expect(was[0] > was[1]).toBe(is[1] > is[0]);
    }
  });

  test('what is for the person to choose changes nothing', () => {
    const apart = { id: 'apart', label: '', caution: '', bands: [], problem: ways[0]!.problem } as const;
    expect(acceptedWay(apart, { plan, garment: facts.garment })).toBeUndefined();
  });
});
