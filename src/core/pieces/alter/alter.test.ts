import fc from 'fast-check';
import type { Alteration } from '../../facts/alteration';
import { endOf, lengthOf, pointAlong, startOf } from '../../geometry/path';
import { distance } from '../../geometry/point';
import { areaOf } from '../../geometry/ring';
import { catalogue } from '../../garments/catalogue';
import { roundPiece, type Outline, type Outlines } from '../outline';
import { practiceTee } from '../practice';
import { alterOutlines } from './alter';
import { girthsOf, kindNamed, made, outlinesOf, walked } from './testShapes';

const RUNS = { seed: 13, numRuns: 15, endOnFailure: true };
const girths: Alteration = { id: 'girths', change: 'girths' };
const tee = catalogue.tee;
const plain = outlinesOf(tee, practiceTee);

const edgeOf = (outlines: Outlines, piece: string, id: string) => {
  const found = outlines[piece]?.edges.find(({ of }) => of.id === id);
  if (!found) throw new Error(`expected ${piece}.${id}`);
  return found.path;
};
/** The furthest any edge that kept its name lies from where it was, along it and compared point by point, mm. */
const furthest = (a: Outline, b: Outline): number =>
  Math.max(
    ...a.edges.flatMap(({ path }, nth) => {
      const other = b.edges[nth]?.path ?? path;
      return [0, 0.25, 0.5, 0.75, 1].map((share) =>
        distance(pointAlong(path, share * lengthOf(path)), pointAlong(other, share * lengthOf(other))),
      );
    }),
  );
/** Girths changed by these shares of themselves, in turn. */
const changed = (is: Readonly<Record<string, number>>, shares: readonly number[]) =>
  Object.fromEntries(
    Object.entries(is).map(([zone, mm], nth) => [zone, mm * (1 + (shares[nth % shares.length] ?? 0) / 1000)]),
  );
const shares = fc.array(fc.integer({ min: -60, max: 60 }), { minLength: 2, maxLength: 7 });

describe.each(Object.entries(made))('%s, drawn at random', (_, { kind: id, facts }) => {
  const kind = kindNamed(id);

  test('altered to the plan has its girths to half a millimetre, and every seam walks as before', () =>
    fc.assert(
      fc.property(facts, shares, (drawn, by) => {
        const before = outlinesOf(kind, drawn);
        const wanted = changed(girthsOf(kind, before), by);
        const { outlines, effects } = alterOutlines(kind, before, [girths], { girths: wanted });
        expect(effects[0]?.fault).toBeUndefined();
        const got = girthsOf(kind, outlines);
        const zones = effects[0]?.zones.map(({ zone }) => zone) ?? [];
        expect(zones.length).toBeGreaterThan(1);
        for (const zone of zones) expect(Math.abs((got[zone] ?? 0) - (wanted[zone] ?? 0))).toBeLessThan(0.5);
        const [was, is] = [walked(kind, before), walked(kind, outlines)];
        for (const seam of Object.keys(was))
          expect([seam, Math.abs((is[seam] ?? 0) - (was[seam] ?? 0)) < 0.1]).toEqual([seam, true]);
      }),
      RUNS,
    ));

  test('altered there and back is as it was drawn', () =>
    fc.assert(
      fc.property(facts, shares, (drawn, by) => {
        const before = outlinesOf(kind, drawn);
        const is = girthsOf(kind, before);
        const there = alterOutlines(kind, before, [girths], { girths: changed(is, by) }).outlines;
        const back = alterOutlines(kind, there, [girths], { girths: is }).outlines;
        for (const [piece, outline] of Object.entries(before))
          expect([piece, furthest(outline, back[piece] as Outline) < 1]).toEqual([piece, true]);
      }),
      RUNS,
    ));

  test('what no zone moves stays where it is: the fold, the neckline, the shoulder', () =>
    fc.assert(
      fc.property(facts, shares, (drawn, by) => {
        const before = outlinesOf(kind, drawn);
        const after = alterOutlines(kind, before, [girths], { girths: changed(girthsOf(kind, before), by) });
        for (const [piece, outline] of Object.entries(before)) {
          for (const still of ['centre', 'neckline', 'shoulder'])
            if (outline.edges.some(({ of }) => of.id === still)) {
              const [a, b] = [edgeOf(before, piece, still), edgeOf(after.outlines, piece, still)];
              expect([startOf(b).x, endOf(b).x]).toEqual([startOf(a).x, endOf(a).x]);
              expect(Math.abs(lengthOf(b) - lengthOf(a))).toBeLessThan(2);
            }
        }
      }),
      RUNS,
    ));

  test('longer and shorter again by as much at one line is as it was, and its seams walk', () =>
    fc.assert(
      fc.property(facts, fc.integer({ min: -60, max: 60 }), (drawn, byMm) => {
        fc.pre(byMm !== 0);
        const before = outlinesOf(kind, drawn);
        const zone = kind.zones.find(({ id: one }) => kind.shapes[0]?.levels?.[one])?.id ?? '';
        const longer: Alteration = { id: 'a', change: 'length', zone, belowMm: 60, byMm };
        const there = alterOutlines(kind, before, [longer], { girths: {} });
        expect(there.effects[0]?.fault).toBeUndefined();
        const [was, is] = [walked(kind, before), walked(kind, there.outlines)];
        for (const seam of Object.keys(was))
          expect([seam, Math.abs((is[seam] ?? 0) - (was[seam] ?? 0)) < 0.1]).toEqual([seam, true]);
        for (const [piece, outline] of Object.entries(before)) {
          const tall = (one: Outline) => {
            const ys = one.edges.flatMap(({ path }) => [startOf(path).y, endOf(path).y]);
            return Math.max(...ys) - Math.min(...ys);
          };
          if (outline.shape.levels?.[zone])
            expect(Math.abs(tall(there.outlines[piece] as Outline) - tall(outline) - byMm)).toBeLessThan(2);
        }
      }),
      RUNS,
    ));
});

describe('a tee', () => {
  const girth = girthsOf(tee, plain);

  test('each of four side edges takes a quarter of the change, at the height of its zone', () => {
    const wanted = { ...girth, waist: (girth.waist ?? 0) - 40 };
    const { outlines, effects } = alterOutlines(tee, plain, [girths], { girths: wanted });
    const [was, is] = [plain, outlines].map((all) => {
      const side = edgeOf(all, 'front', 'side');
      return pointAlong(side, lengthOf(side) / 2).x;
    }) as [number, number];
    expect(was - is).toBeCloseTo(10, 0);
    expect(effects[0]?.zones).toContainEqual(expect.objectContaining({ zone: 'waist', edges: 4 }));
    expect(lengthOf(edgeOf(outlines, 'sleeve', 'cap'))).toBe(lengthOf(edgeOf(plain, 'sleeve', 'cap')));
  });

  test('girths of one’s own are altogether so much larger, the others as they were', () => {
    const own: Alteration = { id: 'a', change: 'girths', zones: { hip: 60 } };
    const got = girthsOf(tee, alterOutlines(tee, plain, [own], { girths: {} }).outlines);
    for (const [zone, mm] of Object.entries(girth))
      expect([zone, ((got[zone] ?? 0) - mm).toFixed(1).replace('-0.0', '0.0')]).toEqual([
        zone,
        zone === 'hip' ? '60.0' : '0.0',
      ]);
  });

  test('shorter along the body by a twentieth: a twentieth less from neck point to hem, no girth changed', () => {
    const along: Alteration = { id: 'a', change: 'along', share: 0.05 };
    const { outlines } = alterOutlines(tee, plain, [along], { girths: {} });
    const foot = (all: Outlines) => startOf(edgeOf(all, 'front', 'hem')).y;
    const top = Math.min(...(plain.front?.edges ?? []).map(({ path }) => startOf(path).y));
    expect((foot(outlines) - top) / (foot(plain) - top)).toBeCloseTo(0.95, 2);
    expect(girthsOf(tee, outlines).hip).toBeCloseTo(girth.hip ?? 0, 0);
  });

  test('the plan’s own ease along the body counts where none is said, and one has to be there', () => {
    const along: Alteration = { id: 'a', change: 'along' };
    expect(alterOutlines(tee, plain, [along], { girths: {}, along: 0.03 }).effects[0]?.share).toBe(0.03);
    expect(alterOutlines(tee, plain, [along], { girths: {} }).effects[0]?.fault).toMatch('say by how much');
  });

  test('a neckline wider at the shoulder is wider on the back too, and the shoulders still walk', () => {
    const wider: Alteration = {
      id: 'a',
      change: 'edge',
      piece: 'front',
      edge: 'neckline',
      startMm: 15,
      endMm: 10,
    };
    const { outlines } = alterOutlines(tee, plain, [wider], { girths: {} });
    for (const piece of ['front', 'back'])
      expect(
        lengthOf(edgeOf(plain, piece, 'shoulder')) - lengthOf(edgeOf(outlines, piece, 'shoulder')),
      ).toBeCloseTo(10, 3);
    // Its start is at the fold, which is upright: 15 deeper there, on the front alone.
    expect(startOf(edgeOf(outlines, 'front', 'neckline')).y).toBeCloseTo(
      startOf(edgeOf(plain, 'front', 'neckline')).y + 15,
      3,
    );
    expect(startOf(edgeOf(outlines, 'back', 'neckline'))).toEqual(startOf(edgeOf(plain, 'back', 'neckline')));
    expect(walked(tee, outlines).shoulder).toBeCloseTo(walked(tee, plain).shoulder ?? 0, 3);
  });

  test('a hem moved in by its middle goes into the piece', () => {
    const curved: Alteration = { id: 'a', change: 'edge', piece: 'front', edge: 'hem', middleMm: 12 };
    const { outlines } = alterOutlines(tee, plain, [curved], { girths: {} });
    const area = (all: Outlines) => areaOf(roundPiece(all.front as Outline));
    // A hump 16u²(1−u)² has the area 8/15 of its height and width (closed form).
    const wide = lengthOf(edgeOf(plain, 'front', 'hem'));
    expect(area(plain) - area(outlines)).toBeCloseTo((8 / 15) * 12 * wide, -1);
  });

  test('what cannot be made is left out and says what to do, and the others are made', () => {
    const list: readonly Alteration[] = [
      { id: 'far', change: 'edge', piece: 'front', edge: 'neckline', endMm: 280 },
      { id: 'where', change: 'length', byMm: 20 },
      { id: 'seat', change: 'seat', byMm: 20 },
      { id: 'over', change: 'edge', piece: 'front', edge: 'neckline', middleMm: 290 },
      { id: 'off', change: 'along', share: 0.1, off: true },
      { id: 'good', change: 'length', zone: 'waist', byMm: 20 },
    ];
    const { outlines, effects } = alterOutlines(tee, plain, list, { girths: {} });
    expect(effects.map(({ alteration, fault }) => [alteration.id, fault?.slice(0, 20)])).toEqual([
      ['far', 'An end of it would s'],
      ['where', 'Say where, and by ho'],
      ['seat', 'No piece that has an'],
      ['over', 'This would fold a pi'],
      ['off', undefined],
      ['good', undefined],
    ]);
    expect(lengthOf(edgeOf(outlines, 'front', 'centre'))).toBeCloseTo(
      lengthOf(edgeOf(plain, 'front', 'centre')) + 20,
      3,
    );
  });

  test('alterations are made in their order', () => {
    const shorter: Alteration = { id: 's', change: 'length', zone: 'bust', belowMm: 60, byMm: -40 };
    const wanted = { ...girth, waist: (girth.waist ?? 0) - 30 };
    const last = alterOutlines(tee, plain, [shorter, girths], { girths: wanted }).outlines;
    expect(girthsOf(tee, last).waist).toBeCloseTo(wanted.waist, 0);
  });
});

test('a deeper seat opens at the crotch and leaves the outside leg as it is', () => {
  const kind = catalogue.leggings;
  fc.assert(
    fc.property(made.leggings!.facts, fc.integer({ min: 8, max: 35 }), (drawn, byMm) => {
      const before = outlinesOf(kind, drawn);
      const { outlines, effects } = alterOutlines(kind, before, [{ id: 'a', change: 'seat', byMm }], {
        girths: {},
      });
      expect(effects[0]?.fault).toBeUndefined();
      const longer = (piece: string, edge: string) =>
        lengthOf(edgeOf(outlines, piece, edge)) - lengthOf(edgeOf(before, piece, edge));
      expect(Math.abs(longer('back', 'crotch') - byMm)).toBeLessThan(3);
      expect(Math.abs(longer('back', 'outseam'))).toBeLessThan(0.5);
      expect(longer('front', 'crotch')).toBe(0);
    }),
    RUNS,
  );
});
