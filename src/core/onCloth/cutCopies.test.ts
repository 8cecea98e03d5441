import { demoFact, TODAY } from '../../../tests/demoFacts';
import { applyChanges } from '../facts/change';
import { findFaults } from '../facts/faults';
import { garmentSpec, type Garment } from '../facts/garment';
import { kindOf } from '../garments/kindOf';
import { areaOfRings } from '../geometry/clip';
import { rectangle } from '../geometry/ring';
import { layoutFaults } from '../layout/check';
import { nameOf, ringAt, type LayoutProblem, type Placement } from '../layout/problem';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import type { TicketRow } from '../ticket/types';
import { cutCopies, inCuttingOrder, labelOf, rowsOfCopies, tickChanges } from './cutCopies';
import { piecesOnCloth } from './garmentPieces';
import { factsOfLayout, withCut } from './keptLayout';
import { toLayOut } from './toLayOut';
import { untickedRow } from './untick';

const facts = demoFact('encore');
const plan = planGarment(facts, { onDate: TODAY });
const kind = kindOf(facts.garment, facts.ownKind);
const [on] = piecesOnCloth({ facts, kind, plan, onDate: TODAY });
const pieces = on!.pieces;
const asked = toLayOut(pieces, { widthMm: 1500, cutWith: 'rotary' });
if (!asked.ok) throw new Error('expected a garment that can be laid out');
const { placements } = new Searching(asked.problem, 1).goOn(({ best }) => !best).best!;
const rows = rowsOfCopies(pieces, plan);
const layout = factsOfLayout(asked.problem, placements, {
  keptOn: TODAY,
  widthMm: 1500,
  cutWith: 'rotary',
  basis: 'sign',
  pinned: new Set(),
});
const start: Garment = { ...facts.garment, cuts: {}, layouts: { outer: layout } };
const CUT_ON = '2026-11-30';
const frozen = (row: TicketRow) => (row.length ? { lengthMm: 123 } : {});
const of = (name: string) => placements.find((one) => nameOf(one) === name) as Placement;
const cutOf = (garment: Garment) => cutCopies({ garment, role: 'outer', placements, rows });
const ticked = (garment: Garment, name: string, cut: boolean): Garment => {
  const changes = tickChanges({ garment, role: 'outer', placements, rows }, of(name), {
    cut,
    cutOn: CUT_ON,
    frozen,
    laid: { pieces },
  });
  return applyChanges(
    garment,
    Object.entries(changes).map(([path, value]) => ({ path, value })),
  );
};

test('every copy is cut for a row of the ticket; of a pair the first is the left, its mirror image the right', () => {
  expect([...rows.keys()].toSorted()).toEqual(placements.map((one) => nameOf(one)).toSorted());
  expect(rows.get('sleeve 1')?.id).toBe('sleeve-left');
  expect(rows.get('sleeve 2')?.id).toBe('sleeve-right');
});

test('a tick on the picture ticks the row of the ticket, frozen; taken back both go', () => {
  const one = ticked(start, 'front 1', true);
  expect([...cutOf(one)]).toEqual(['front 1']);
  expect(one.cuts['front']?.cutOn).toBe('2026-11-30');
  expect(findFaults(garmentSpec, one)).toEqual([]);
  const two = ticked(one, 'sleeve 2', true);
  expect(Object.keys(two.cuts).toSorted()).toEqual(['front', 'sleeve-right']);
  const back = ticked(two, 'front 1', false);
  expect([...cutOf(back)]).toEqual(['sleeve 2']);
  expect(Object.keys(back.cuts)).toEqual(['sleeve-right']);
});

test('a tick taken back on the list is taken back on the layout', () => {
  const both = ticked(ticked(start, 'sleeve 1', true), 'sleeve 2', true);
  const changes = untickedRow(both, 'sleeve-left');
  const back = applyChanges(
    both,
    Object.entries(changes).map(([path, value]) => ({ path, value })),
  );
  expect([...cutOf(back)]).toEqual(['sleeve 2']);
  expect(Object.keys(back.cuts)).toEqual(['sleeve-right']);
  expect(back.layouts?.outer?.places['sleeve-1']?.outline).toBeUndefined();
});

test('a row ticked on the list is cut on the picture; what is cut stays so when the layout is kept anew', () => {
  const listed: Garment = { ...start, cuts: { back: { cutOn: '2026-11-29' } } };
  expect([...cutOf(listed)]).toEqual(['back 1']);
  const one = ticked(start, 'back 1', true);
  const again = factsOfLayout(asked.problem, placements, {
    ...layout,
    pinned: new Set(),
    before: one.layouts?.outer,
  });
  expect(again.places['back-1']?.cutOn).toBe('2026-11-30');
  expect(again.places['front-1']?.cutOn).toBeUndefined();
});

test('a row of two copies is ticked with the last of them', () => {
  const row = { ...(rows.get('front 1') as TicketRow), id: 'pair' };
  const both = new Map([
    ['front 1', row],
    ['back 1', row],
  ]);
  const tick = (garment: Garment, name: string, cut: boolean) =>
    applyChanges(
      garment,
      Object.entries(
        tickChanges({ garment, role: 'outer', placements, rows: both }, of(name), {
          cut,
          cutOn: CUT_ON,
          frozen,
          laid: { pieces },
        }),
      ).map(([path, value]) => ({ path, value })),
    );
  const one = tick(start, 'front 1', true);
  expect(one.cuts).toEqual({});
  const two = tick(one, 'back 1', true);
  expect(Object.keys(two.cuts)).toEqual(['pair']);
  const less = tick(two, 'front 1', false);
  expect(less.cuts).toEqual({});
  expect([...cutCopies({ garment: less, role: 'outer', placements, rows: both })]).toEqual(['back 1']);
});

test('they are cut from the beginning of the cloth on, from left to right, wherever their own (0, 0) is', () => {
  const squares = [{ id: 'a', ring: rectangle(100, 100), count: 3 }];
  const at = (copy: number, x: number, y: number, turn = 0): Placement => ({
    piece: 'a',
    copy,
    x,
    y,
    turn,
    mirrored: false,
  });
  const order = inCuttingOrder({ pieces: squares }, [at(1, 0, 300), at(2, 400, 100, 180), at(3, 0, 0)]);
  expect(order.map(({ copy }) => copy)).toEqual([3, 2, 1]);
  // What begins nearly level is one row.
  const row = inCuttingOrder({ pieces: squares }, [at(1, 300, 0), at(2, 0, 3), at(3, 150, 9)]);
  expect(row.map(({ copy }) => copy)).toEqual([2, 3, 1]);
});

test('what is cut keeps its outline: later changes of the plan, and other places of the rest, leave it as it was', () => {
  const one = ticked(start, 'front 1', true);
  const kept = one.layouts!.outer!;
  expect(findFaults(garmentSpec, one)).toEqual([]);
  // The plan becomes another: every piece a third larger.
  const larger = {
    ...asked.problem,
    pieces: asked.problem.pieces.map((piece) => ({
      ...piece,
      ring: piece.ring.map(({ x, y }) => ({ x: 1.3 * x, y: 1.3 * y })),
    })),
  };
  const stays = withCut(larger, kept);
  const front = of('front 1');
  const area = (problem: LayoutProblem, name: string) => areaOfRings([ringAt(problem, of(name))]);
  expect(area(stays, 'front 1') / area(asked.problem, 'front 1')).toBeCloseTo(1, 3);
  expect(area(stays, 'back 1') / area(asked.problem, 'back 1')).toBeCloseTo(1.69, 3);
  const { best } = new Searching(stays, 1).goOn(({ steps }) => steps < 20);
  expect(layoutFaults(stays, best!)).toEqual([]);
  const again = best!.placements.find((place) => nameOf(place) === 'front 1')!;
  expect([again.x, again.y, again.turn]).toEqual([
    expect.closeTo(front.x, 5),
    expect.closeTo(front.y, 5),
    front.turn,
  ]);
  // Taken back, it is a piece of the plan again; and without a cut the problem is the same.
  expect(withCut(larger, ticked(one, 'front 1', false).layouts!.outer)).toBe(larger);
  expect(withCut(larger, undefined)).toBe(larger);
});

test('a label says which it is, that it lies face down, and where only a rectangle stands in', () => {
  expect(labelOf(of('sleeve 2'), { pieces, rows })).toBe('Raglan sleeve, right, face down');
  const standing = pieces.map((piece) => ({ ...piece, standsIn: true }));
  expect(labelOf(of('front 1'), { pieces: standing, rows })).toBe('Front, by your own pattern');
});
