import fc from 'fast-check';
import type { KindId } from '../../facts/kindIds';
import type { Knot, OutlineFacts } from '../../facts/outline';
import { catalogue } from '../../garments/catalogue';
import type { GarmentKind } from '../../fit/garmentKind';
import { girthMm, girthParts } from '../girth';
import type { Outlines } from '../outline';
import { sideLength } from '../walk';
import { corner, outlineOf, seamlines } from '../testPieces';

/** Outlines of a kind out of their facts. */
export const outlinesOf = (kind: GarmentKind, facts: Readonly<Record<string, OutlineFacts>>): Outlines =>
  Object.fromEntries(
    kind.shapes.flatMap((shape) => {
      const own = facts[shape.id];
      return own ? [[shape.id, outlineOf(shape, own)] as const] : [];
    }),
  );

const at = (x: number, y: number): Knot => ({ x, y });

/** A made top: half front and back on the fold, and a sleeve. Numbers mm; `back` is how much the back is wider. */
const top = (wide: number, waist: number, hip: number, deep: number, back: number, cap: number) => {
  const half = (more: number, neck: number) =>
    seamlines(
      corner(0, neck, 'neckline'),
      at(55, neck * 0.72),
      corner(86, 0, 'shoulder'),
      corner(210, 48, 'armhole'),
      at(192, 48 + deep * 0.45),
      at(200 + (wide + more - 200) * 0.4, 48 + deep * 0.93),
      corner(wide + more, 48 + deep, 'side'),
      at(waist + more * 0.7, 230 + deep),
      corner(hip + more, 420 + deep, 'hem'),
      corner(0, 420 + deep, 'centre'),
    );
  return {
    front: half(0, 92),
    back: half(back, 30),
    sleeve: seamlines(
      corner(-cap, 130, 'cap'),
      at(-cap * 0.5, 62),
      at(0, 0),
      at(cap * 0.5, 66),
      corner(cap, 130, 'back-underarm'),
      corner(cap - 22, 210, 'hem'),
      corner(22 - cap, 210, 'front-underarm'),
    ),
  };
};

const within = (min: number, max: number) => fc.integer({ min, max });

/** Random tops. */
export const tops = fc
  .tuple(
    within(215, 330),
    within(-25, 25),
    within(-25, 40),
    within(150, 220),
    within(-15, 15),
    within(140, 230),
  )
  .map(([wide, waist, hip, deep, back, cap]) => top(wide, wide + waist, wide + hip, deep, back, cap));

/** Random leggings. */
export const leggings = fc
  .tuple(within(150, 240), within(20, 60), within(-10, 30), within(90, 150), within(500, 760), within(20, 45))
  .map(([hip, ext, back, ankle, long, waistIn]) => {
    const leg = (more: number, order: 'front' | 'back') => {
      // The back as it lies right side up has its crotch on the right: the front, mirrored.
      const ring = [
        corner(waistIn * 0.6, more, 'waist'),
        corner(hip - waistIn + more, -more * 0.4, 'outseam'),
        at(hip + more, 190),
        at(hip * 0.93, 280 + long * 0.5),
        corner(hip * 0.5 + ankle * 0.5, 270 + long, 'hem'),
        corner(hip * 0.5 - ankle * 0.5, 270 + long, 'inseam'),
        at(hip * 0.06, 270 + long * 0.5),
        corner(-ext - more, 262, 'crotch'),
        at(-ext * 0.35, 245),
        at(0, 190),
      ];
      return order === 'front' ? seamlines(...ring) : seamlines(...mirrored(ring));
    };
    return { front: leg(0, 'front'), back: leg(back, 'back') };
  });

/** A ring as it looks from behind, each edge still beginning at its first point. */
function mirrored(ring: readonly Knot[]): readonly Knot[] {
  const names = ring.map(({ edge }) => edge);
  const back = ring.map(({ edge: _, ...knot }) => ({ ...knot, x: -knot.x })).toReversed();
  const count = ring.length;
  return back.map((knot, nth) => {
    // What ran from corner to corner runs from the later of the two now.
    const from = count - 1 - nth;
    if (!knot.corner) return knot;
    let before = (from - 1 + count) % count;
    while (names[before] === undefined) before = (before - 1 + count) % count;
    return { ...knot, edge: names[before] as string };
  });
}

/** Random swim bottoms: halves on the fold with a narrow crotch. */
export const briefs = fc
  .tuple(within(150, 230), within(60, 140), within(0, 20), within(30, 42))
  .map(([hip, side, back, crotch]) => {
    const half = (more: number) =>
      seamlines(
        corner(0, 12, 'waist'),
        corner(hip - 14 + more, 0, 'side'),
        corner(hip + more, side, 'leg'),
        at(hip * 0.55, side + 55),
        at(hip * 0.28, side + 120),
        corner(crotch, side + 190, 'crotch'),
        corner(0, side + 190, 'centre'),
      );
    return { front: half(0), back: half(back) };
  });

export const made: Readonly<
  Record<
    string,
    { readonly kind: KindId; readonly facts: fc.Arbitrary<Readonly<Record<string, OutlineFacts>>> }
  >
> = {
  'a tee': { kind: 'tee', facts: tops },
  leggings: { kind: 'leggings', facts: leggings },
  'swim bottoms': { kind: 'briefs', facts: briefs },
};

export const kindNamed = (kind: KindId): GarmentKind => catalogue[kind];

/** The girth of outlines at every zone around that they have, mm. */
export const girthsOf = (kind: GarmentKind, outlines: Outlines): Readonly<Record<string, number>> =>
  Object.fromEntries(
    kind.zones.flatMap((zone) => {
      const parts = girthParts(kind, outlines, zone);
      return parts && zone.axis === 'around' ? [[zone.id, girthMm(parts)] as const] : [];
    }),
  );

/** How much longer the second side of every seam is, mm. */
export const walked = (kind: GarmentKind, outlines: Outlines): Readonly<Record<string, number>> =>
  Object.fromEntries(
    kind.sewn.flatMap(({ id, a, b }) => {
      const [one, two] = [sideLength(outlines, a), sideLength(outlines, b)];
      const sum = (all: readonly { readonly mm: number }[]) => all.reduce((mm, part) => mm + part.mm, 0);
      return one && two ? [[id, sum(two) - sum(one)] as const] : [];
    }),
  );
