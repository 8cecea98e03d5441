import { demoFact, demoFacts, TODAY } from '../../../tests/demoFacts';
import { createLedger, getNumber } from '../explain/ledger';
import { newCloth, type Cloth } from '../facts/cloth';
import type { GarmentFacts } from '../facts/garmentFacts';
import { kindOf } from '../garments/kindOf';
import { areaOfRings } from '../geometry/clip';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import { paperPieces } from '../paper/paperPieces';
import { planGarment } from '../plan/planGarment';
import { rectanglesOf } from '../ticket/rectangles';
import { leftOnShelf, planBuying, washedWidth } from './buy';
import { countedCloth } from './laidOn';
import { clothRoles } from '../facts/layout';
import { piecesOnCloth, type ClothPiece } from './garmentPieces';
import { toLayOut } from './toLayOut';

const onCloth = (facts: GarmentFacts) => {
  const plan = planGarment(facts, { onDate: TODAY });
  const kind = kindOf(facts.garment, facts.ownKind);
  return { plan, kind, cloths: piecesOnCloth({ facts, kind, plan, onDate: TODAY }) };
};

test.each(demoFacts())(
  '%s: every row of the ticket that is cut from cloth is laid, as often as it is cut',
  (_, facts) => {
    const { plan, cloths } = onCloth(facts);
    const { outerClothId, liningClothId, bandClothId = outerClothId } = facts.garment;
    // A lining, or bands, out of the outer cloth are laid with that: one cloth is laid out once.
    const clothOf = {
      outer: outerClothId ?? 'outer',
      lining: liningClothId ?? 'lining',
      band: bandClothId ?? 'outer',
    };
    expect(new Set(cloths.map(({ role }) => clothOf[role])).size).toBe(cloths.length);
    for (const id of new Set(Object.values(clothOf))) {
      const groups = plan.ticket.filter(({ role }) =>
        clothRoles.some((one) => one === role && clothOf[one] === id),
      );
      const on = cloths.find((one) => clothOf[one.role] === id);
      const unknown = on?.unknown.flatMap((piece) => piece.rows) ?? [];
      const rows = groups.flatMap((group) => group.rows).filter((row) => !unknown.includes(row.id));
      expect(on?.pieces.flatMap((piece) => piece.rows).toSorted() ?? []).toEqual(
        rows.map(({ id }) => id).toSorted(),
      );
      const cut = rows.reduce((sum, { count }) => sum + getNumber(plan.numbers, count).value, 0);
      expect(on?.pieces.reduce((sum, { count }) => sum + count, 0) ?? 0).toBe(cut);
    }
  },
);

test('the same pieces while nothing that they depend on has changed, however often facts are read anew', () => {
  const facts = demoFact('encore');
  const before = onCloth(facts).cloths[0]!.pieces;
  const again = structuredClone(facts);
  expect(onCloth({ ...again, garment: { ...again.garment, name: 'Another' } }).cloths[0]!.pieces).toBe(
    before,
  );
  // How much there is of a cloth changes no piece, and is as it is now.
  const more = { ...facts.outer!, onHandMm: 4321 };
  expect(onCloth({ ...facts, outer: more }).cloths[0]).toMatchObject({ cloth: more });
  expect(onCloth({ ...facts, outer: more }).cloths[0]!.pieces).toBe(before);
  const softer = { ...facts.outer!, nap: 'one way' as const };
  expect(onCloth({ ...facts, outer: softer }).cloths[0]!.pieces).not.toBe(before);
});

test('a left and a right are one piece and its mirror image; bands lie as the ticket has them', () => {
  const { plan, cloths } = onCloth(demoFact('encore'));
  const pieces = cloths.flatMap((one) => one.pieces);
  const pairs = pieces.filter(({ rows }) => rows.length > 1);
  expect(pairs.length).toBeGreaterThan(0);
  for (const pair of pairs) expect(pair).toMatchObject({ mirrored: 'half', count: 2 });
  for (const { id, longMm, wideMm } of rectanglesOf(plan.ticket, plan.numbers)) {
    const piece = pieces.find((one) => one.id === id);
    if (!piece) continue;
    expect(Math.abs(areaOfRings([piece.ring]))).toBeCloseTo(longMm * wideMm, 3);
  }
});

/** A garment of the demo as it is drafted: how a piece lies on cloth, and what is printed on it. */
function drafted(id: string) {
  const found = demoFact(id);
  const facts = { ...found, garment: { ...found.garment, draft: {} } };
  const { kind, plan, cloths } = onCloth(facts);
  const printed = paperPieces(
    { facts, kind, plan, onDate: TODAY },
    { nested: false, bands: true, opened: false },
  );
  return {
    lies: (piece: string) => cloths.flatMap(({ pieces }) => pieces).find((one) => one.id === piece),
    words: (piece: string) => printed.find((one) => one.id === piece)?.words[0],
  };
}

test('halves of a layered piece are cut in mirrored pairs, on cloth and on paper alike (common practice, no source)', () => {
  const { lies, words } = drafted('anchor');
  expect(lies('pouch')).toMatchObject({ count: 4, mirrored: 'half', standsIn: false });
  // On a fold a piece is its own mirror image.
  expect(lies('body')).toMatchObject({ count: 1, mirrored: 'no' });
  expect(words('pouch')).toMatch(/^cut 4, half of them turned over: /);
  expect(words('body')).toMatch(/^cut 1 on the fold: /);
  // A whole piece that is cut once has no other half.
  const top = drafted('spotlight');
  expect(top.lies('front')).toMatchObject({ count: 1, mirrored: 'no' });
  expect(top.words('front')).toMatch(/^cut 1: /);
  // Before anything is drawn it is the same.
  const undrawn = onCloth(demoFact('anchor')).cloths.flatMap(({ pieces }) => pieces);
  expect(undrawn.find((one) => one.id === 'pouch')).toMatchObject({ count: 4, mirrored: 'half' });
});

test('what is drawn lies as it is cut, opened out; what nobody drew is a rectangle and says so', () => {
  const drawn = onCloth(demoFact('cartwheel')).cloths.flatMap(({ pieces }) => pieces);
  expect(drawn.filter(({ standsIn }) => standsIn)).toEqual([]);
  const { left, right } = boundsOfPoints(drawn.find(({ id }) => id === 'front')!.ring);
  const { plan, cloths } = onCloth(demoFact('ring-toss'));
  const stands = cloths.flatMap(({ pieces }) => pieces).filter(({ standsIn }) => standsIn);
  expect(stands.map(({ label }) => label)).toContain('Front');
  // Half the widest girth, and two seam allowances: derived.
  const widest = Math.max(
    ...plan.zones
      .filter(({ zone }) => ['bust', 'waist', 'hip'].includes(zone))
      .map(({ rest }) => getNumber(plan.numbers, rest).value),
  );
  const box = boundsOfPoints(stands.find(({ id }) => id === 'front')!.ring);
  const allowances = 2 * demoFact('ring-toss').garment.pattern.seamAllowanceMm;
  expect(box.right - box.left).toBeCloseTo(widest / 2 + allowances, 3);
  expect(right - left).toBeGreaterThan(150);
});

test('a bra that nobody traced has no size to lay, of either cloth: that is said', () => {
  const { cloths } = onCloth(demoFact('first-bra'));
  const outer = cloths.find(({ role }) => role === 'outer');
  const others = cloths.filter(({ role }) => role !== 'outer');
  expect(outer?.pieces).toEqual([]);
  expect(outer?.unknown.map(({ label }) => label)).toEqual(['Lower cup', 'Upper cup', 'Bridge']);
  expect(others.flatMap(({ pieces }) => pieces)).toEqual([]);
  expect(others.flatMap(({ unknown }) => unknown).length).toBeGreaterThan(0);
});

test('a traced half is opened out, as wide on either side of its fold', () => {
  const { cloths, kind, plan } = onCloth(demoFact('rehearsal'));
  const halves = paperPieces(
    { facts: demoFact('rehearsal'), kind, plan, onDate: TODAY },
    { nested: false, bands: false, opened: false },
  );
  for (const id of ['front', 'back']) {
    const whole = cloths[0]!.pieces.find((piece) => piece.id === id)!.ring;
    const half = halves.find((piece) => piece.id === id)!.sizes[0]!.ring;
    expect(Math.abs(areaOfRings([whole]))).toBeCloseTo(2 * Math.abs(areaOfRings([half])), -1);
  }
});

test('cloth with a nap lets no piece be turned', () => {
  const facts = demoFact('encore');
  const napped = { ...facts, outer: { ...(facts.outer as Cloth), nap: 'one way' as const } };
  const turns = (one: GarmentFacts) =>
    onCloth(one)
      .cloths.find(({ role }) => role === 'outer')!
      .pieces.find(({ id }) => id === 'front')!.turns;
  expect(turns(facts)).toEqual([0, 180]);
  expect(turns(napped)).toEqual([0]);
});

const cloth: Cloth = {
  ...newCloth('heron'),
  onHandMm: 1200,
  wash: { beforeAlongMm: 500, afterAlongMm: 475, beforeAcrossMm: 500, afterAcrossMm: 490 },
};

test.each([
  // Handbook 06: layout length / (1 − wash change along), rounded up to 10 cm or ⅛ yd.
  ['cm', 1100, 1200],
  ['cm', 1140, 1200],
  ['cm', 1141, 1300],
  ['in', 1100, 11 * 114.3],
] as const)(
  'in %s %i mm laid out are %f mm to buy, of a cloth that shrinks by 5 %',
  (unit, laidMm, buyMm) => {
    expect(planBuying(createLedger(), { cloth, laidMm, unit }).buy.value).toBeCloseTo(buyMm, 6);
  },
);

test('what is on the shelf shrinks too, and a washed cloth no more; the width is that after washing', () => {
  const over = (one: Cloth) =>
    planBuying(createLedger(), { cloth: one, laidMm: 1150, unit: 'cm' }).over?.value;
  expect(over(cloth)).toBeUndefined();
  expect(planBuying(createLedger(), { cloth, laidMm: 1150, unit: 'cm' }).short?.value).toBeCloseTo(10, 6);
  expect(over({ ...cloth, washed: 'yes' })).toBeCloseTo(50, 6);
  expect(over(newCloth('unknown'))).toBeUndefined();
  expect(washedWidth(createLedger(), cloth, 1500).value).toBeCloseTo(1470, 6);
  // What is back on the shelf is not what was cut from: neither short of that nor left over.
  const counted = planBuying(createLedger(), { cloth: countedCloth(cloth, true), laidMm: 1150, unit: 'cm' });
  expect([counted.short, counted.over]).toEqual([undefined, undefined]);
  expect(countedCloth(cloth, false)).toBe(cloth);
});

const band: ClothPiece = {
  id: 'band',
  label: 'Band',
  rows: ['band'],
  ring: rectangle(600, 50),
  count: 1,
  turns: [0],
  isBand: true,
  standsIn: false,
};

test('what cannot be laid out says what has to be done', () => {
  const laid = (pieces: readonly ClothPiece[], widthMm: number | undefined) =>
    toLayOut(pieces, { widthMm, cutWith: 'scissors' });
  expect(laid([band], 700)).toMatchObject({ ok: true, problem: { widthMm: 700, gapMm: 6 } });
  expect(laid([], 700)).toEqual({ ok: false, why: 'nothing' });
  expect(laid([band], undefined)).toEqual({ ok: false, why: 'width' });
  expect(laid([{ ...band, count: 201 }], 700)).toEqual({ ok: false, why: 'many' });
  expect(laid([band], 500)).toEqual({
    ok: false,
    why: 'wide',
    pieces: [{ label: 'Band', widthMm: 600, fitsTurned: true }],
  });
  expect(laid([{ ...band, ring: rectangle(600, 590) }], 500)).toMatchObject({
    pieces: [{ fitsTurned: false }],
  });
});

test('what is left on the shelf once a layout is cut off it, as the shelf measures it: unwashed', () => {
  const wash = { beforeAlongMm: 500, afterAlongMm: 475, beforeAcrossMm: 500, afterAcrossMm: 500 };
  const cloth: Cloth = { ...newCloth('jersey'), onHandMm: 1500, wash };
  const left = (mm: number, of = cloth) => leftOnShelf(createLedger(), of, mm)?.value;
  // 950 mm of washed cloth are 1000 mm as it is bought: 950 / 0.95.
  expect(left(950)).toBeCloseTo(500, 9);
  expect(left(950, { ...cloth, washed: 'yes' })).toBeCloseTo(550, 9);
  expect(left(1500)).toBeUndefined();
  expect(left(100, newCloth('not measured'))).toBeUndefined();
});
