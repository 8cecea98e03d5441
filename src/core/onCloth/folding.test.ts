import { demoFact, TODAY } from '../../../tests/demoFacts';
import { kindOf } from '../garments/kindOf';
import { areaOfRings, without } from '../geometry/clip';
import { point } from '../geometry/point';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import { layoutFaults } from '../layout/check';
import { lengthOf, ringAt, type LayoutProblem, type Placement } from '../layout/problem';
import { Searching } from '../layout/progress';
import { planGarment } from '../plan/planGarment';
import { foldings, unfolded, type Folding } from './folding';
import { piecesOnCloth, type ClothPiece } from './garmentPieces';
import { toLayOut } from './toLayOut';

const WIDE_MM = 1500;
const found = (problem: LayoutProblem) =>
  new Searching(problem, 1).goOn(({ steps, best }) => steps < (best ? 60 : 400)).best!;
const laid = ({ doubled, single }: Folding) => ({
  doubled: found(doubled),
  single: single && found(single),
});
const piece = (id: string, more: Partial<ClothPiece>): ClothPiece => ({
  id,
  label: id,
  rows: [id],
  count: 1,
  turns: [0, 180],
  isBand: false,
  standsIn: false,
  ring: rectangle(400, 600),
  ...more,
});
/** No mirror image of itself. */
const slanted = [point(0, 0), point(500, 0), point(300, 500), point(0, 600)];
const leg = piece('leg', { ring: slanted, count: 2, mirrored: 'half' });
const front = piece('front', {});
const oneSided = piece('one-sided', { ring: slanted });

test('a pair lies once, an even piece as its half on the fold; what is neither leaves its twin over', () => {
  const [half, part] = foldings([leg, front, oneSided], { widthMm: 3000, cutWith: 'rotary' });
  const on = (id: string) => half?.doubled.pieces.find((one) => one.id === id);
  expect(on('leg')).toMatchObject({ count: 1, mirrored: 'free' });
  expect(on('front')).toMatchObject({ count: 1, onFold: true });
  expect(Math.abs(areaOfRings([on('front')!.ring]))).toBeCloseTo(200 * 600, 3);
  expect(on('one-sided')).toMatchObject({ count: 1, ring: slanted });
  expect(half?.caution).toContain('one-sided the second is left over');
  // As deep as the leg, with half a gap to the fold.
  expect(part).toMatchObject({ id: 'part', foldMm: 502.5 });
  expect(part?.single?.pieces.map(({ id }) => id)).toEqual(['one-sided']);
});

test('nothing is folded where nothing is gained, nor where half the width is too narrow', () => {
  expect(foldings([oneSided], { widthMm: 3000, cutWith: 'rotary' })).toEqual([]);
  expect(foldings([leg], { widthMm: 800, cutWith: 'rotary' }).map(({ id }) => id)).toEqual([]);
  const across = piece('across', { turns: [90, 270] });
  expect(foldings([across], { widthMm: 3000, cutWith: 'rotary' })).toEqual([]);
});

test.each([
  [0, false],
  [180, true],
])(
  'an even piece whose half lies at %i°, mirrored: %s, comes out whole and face up, where its half was',
  (turn, mirrored) => {
    const vest = piece('vest', { ring: [point(10, 0), point(390, 0), point(300, 500), point(100, 500)] });
    const [half] = foldings([vest], { widthMm: 1000, cutWith: 'rotary' }) as [Folding];
    const at: Placement = { piece: 'vest', copy: 1, x: 0, y: 600, turn, mirrored };
    const lies = ringAt(half.doubled, at);
    const x = -boundsOfPoints(lies).left;
    const laidOn = { placements: [{ ...at, x }], lengthMm: 1200 };
    expect(layoutFaults(half.doubled, laidOn)).toEqual([]);
    const [whole] = unfolded([vest], half, { doubled: laidOn, single: undefined }) as [Placement];
    expect(whole.mirrored).toBe(false);
    // The right half of the whole is what was laid, by an exact clip.
    const ring = ringAt({ pieces: [vest] }, whole);
    const was = ringAt(half.doubled, laidOn.placements[0]!).map((one) => point(one.x + 500, one.y));
    expect(areaOfRings(without([was], [ring]))).toBeLessThan(1);
    expect(areaOfRings([ring])).toBeCloseTo(2 * areaOfRings([was]), -1);
  },
);

test.each([
  ['a leg, a front and a one-sided piece', [leg, front, oneSided], 3000],
  ['two pairs', [{ ...leg, count: 4 }, front], 2000],
  ['nap', [leg, front, oneSided].map((one) => ({ ...one, turns: [0] })), 3000],
] as const)(
  '%s: opened, the same pieces lie on one layer, each apart from the others, by an exact clip',
  (_, pieces, widthMm) => {
    const asked = toLayOut(pieces, { widthMm, cutWith: 'rotary' });
    if (!asked.ok) throw new Error('expected pieces that fit');
    for (const folding of foldings(pieces, { widthMm, cutWith: 'rotary' })) {
      const layouts = laid(folding);
      expect(layoutFaults(folding.doubled, layouts.doubled)).toEqual([]);
      const placements = unfolded(pieces, folding, layouts);
      const lengthMm = lengthOf({ pieces }, placements);
      expect(layoutFaults(asked.problem, { placements, lengthMm })).toEqual([]);
      expect(lengthMm).toBeCloseTo(Math.max(layouts.doubled.lengthMm, layouts.single?.lengthMm ?? 0), 1);
      // What is not on the fold keeps half a gap from it on either side.
      for (const one of placements.filter(({ piece: id }) => id === 'leg')) {
        const { left, right } = boundsOfPoints(ringAt({ pieces }, one));
        expect(left >= folding.foldMm + 1.49 || right <= folding.foldMm - 1.49).toBe(true);
      }
    }
  },
);

test.each(['encore', 'cartwheel', 'confetti', 'somersault', 'rehearsal', 'springboard'])(
  'the pieces of %s, folded and opened again, are all there and lie apart',
  (name) => {
    const facts = demoFact(name);
    const plan = planGarment(facts, { onDate: TODAY });
    const kind = kindOf(facts.garment, facts.ownKind);
    const [on] = piecesOnCloth({ facts, kind, plan, onDate: TODAY });
    const asked = toLayOut(on!.pieces, { widthMm: WIDE_MM, cutWith: 'rotary' });
    if (!asked.ok) throw new Error('expected pieces that fit');
    const ways = foldings(on!.pieces, { widthMm: WIDE_MM, cutWith: 'rotary' });
    expect(ways.length).toBeGreaterThan(0);
    for (const folding of ways) {
      const placements = unfolded(on!.pieces, folding, laid(folding));
      const lengthMm = lengthOf(on!, placements);
      expect(layoutFaults(asked.problem, { placements, lengthMm })).toEqual([]);
    }
  },
);
