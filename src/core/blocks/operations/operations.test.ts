import { createLedger } from '../../explain/ledger';
import { endOf, lengthOf, pointAlong, startOf, type Path } from '../../geometry/path';
import { distance, dot, minus } from '../../geometry/point';
import { boundsOf } from '../../geometry/ring';
import { catalogue } from '../../garments/catalogue';
import { createDrafter, type Drafter } from '../drafter';
import { arrives, setsOut } from '../lines';
import { armholesMm, capOf, withRoomForCap } from '../sleeve';
import { armholeOf, neckGrown, neckPointOf, necklineOf, quarterAt, topHalf } from '../topHalf';
import {
  topFrame,
  underarmAt,
  withFlare,
  withLength,
  withLowerEdge,
  withNeck,
  withShoulders,
  withStraps,
  withUnderarm,
} from '../topFrame';
import { facingOf, flatCollar } from './collar';
import { withSleevesCutInOne } from './cutInOne';
import { asOneShoulder } from './oneShoulder';
import { pocket, splitFront } from './openFront';
import { asRaglan } from './raglan';

/** A drafter for a body that is 920 round, in a garment as large as the body: nothing is planned but what is measured. */
function drafterOf(values: Readonly<Record<string, number>> = {}): Drafter {
  return createDrafter({
    book: createLedger(),
    kind: catalogue.tee,
    child: false,
    ageYears: undefined,
    body: {},
    measured: {
      bust: 920,
      backLength: 410,
      stature: 1650,
      biceps: 300,
      armLength: 590,
      wrist: 165,
      underbust: 790,
    },
    zones: [],
    values,
    asked: () => undefined,
  }).drafter;
}

/** A tee's frame, and what an operation makes of it, the same choices made for both. */
const frame = () => topFrame(drafterOf());
const edgeOf = (edges: readonly Path[] | undefined, nth: number): Path => {
  const path = edges?.[nth];
  if (!path) throw new Error(`expected edge ${nth}, got none`);
  return path;
};

describe('on the frame of a top', () => {
  test('scoop: the neck is as deep and as wide as said, its ends level and square to the shoulder', () => {
    const of = withNeck(drafterOf(), frame(), {
      does: 'neck',
      shape: 'round',
      wider: 20,
      front: 150,
      back: 40,
    });
    const neck = necklineOf(of, 'front');
    expect(startOf(neck)).toEqual({ x: 0, y: 150 });
    expect(endOf(neck).x).toBeCloseTo(85 + 20, 9);
    expect(setsOut(neck).y).toBeCloseTo(0, 9);
    const shoulder = topHalf(of, 'front').shoulder;
    expect(dot(arrives(neck), setsOut(shoulder))).toBeCloseTo(0, 9);
    expect(startOf(necklineOf(of, 'back')).y).toBe(40);
  });

  test('V: it is shorter than a round neck of the same depth, and comes to a point', () => {
    const as = (shape: 'round' | 'V') =>
      necklineOf(
        withNeck(drafterOf(), frame(), { does: 'neck', shape, wider: 10, front: 200, back: 20 }),
        'front',
      );
    expect(lengthOf(as('V'))).toBeLessThan(lengthOf(as('round')));
    expect(setsOut(as('V')).y).toBeLessThan(-0.5);
  });

  test('a neck grows by what is asked: lower by all of it, wider by two fifths', () => {
    const [was, is] = [frame(), neckGrown(frame(), 30)];
    expect(is.neck.front - was.neck.front).toBeCloseTo(30, 9);
    expect(is.neck.wider - was.neck.wider).toBeCloseTo(12, 9);
    expect(neckPointOf(is).y / (neckPointOf(is).x - 85)).toBeCloseTo(Math.tan(Math.PI / 9), 9);
  });

  test('raised and lowered: the underarm goes by as much, the armhole with it, the waist stays', () => {
    const lower = withUnderarm(drafterOf(), frame(), { does: 'underarm', lower: 20 });
    expect(lower.levels.underarm - frame().levels.underarm).toBeCloseTo(20, 9);
    expect(lower.levels.waist).toBe(frame().levels.waist);
    expect(armholesMm(lower)).toBeGreaterThan(armholesMm(frame()) + 30);
    expect(endOf(armholeOf(underarmAt(frame(), 150), 'back')).y).toBe(150);
  });

  test('cropped and lengthened: the hem is where it is said, from the waist or by hand', () => {
    const crop = withLength(drafterOf(), frame(), { does: 'length', to: 'waist', longer: -50 });
    expect(crop.hemY).toBeCloseTo(410 + 20 - 50, 9);
    expect(endOf(topHalf(crop, 'front').side).y).toBeCloseTo(380, 9);
    const own = withLength(drafterOf({ length: 900 }), frame(), { does: 'length', to: 'hip', longer: 0 });
    expect(own.hemY).toBe(900);
  });

  test('flared: the hem of each quarter is wider by a quarter of it', () => {
    const wide = withFlare(drafterOf({ 'hem-width': 400 }), frame(), { does: 'flare', by: 0 });
    const [a, b] = [frame(), wide].map((one) => endOf(topHalf(one, 'front').side).x) as [number, number];
    expect(b - a).toBeCloseTo(100, 6);
  });

  test('shoulders and straps: as wide as said, along the slope', () => {
    const wider = withShoulders(drafterOf({ 'shoulder-width': 210 }), frame());
    expect(endOf(topHalf(wider, 'front').shoulder).x).toBeCloseTo(210, 9);
    const strap = withStraps(drafterOf(), frame(), { does: 'straps', wide: 40 });
    expect(lengthOf(topHalf(strap, 'front').shoulder)).toBeCloseTo(40, 6);
  });

  test('a lower edge is as long as its zone: a quarter of it on a half', () => {
    const d = drafterOf();
    const of = withLowerEdge(d, withLength(d, frame(), { does: 'length', to: 'underbust', longer: 20 }), {
      does: 'lower-edge',
      zone: 'underbust',
    });
    expect(lengthOf(topHalf(of, 'back').hem)).toBeCloseTo(790 / 4, 6);
  });

  test('between two heights a quarter is straight; below the last it hangs', () => {
    const quarters = [
      { x: 200, y: 100 },
      { x: 240, y: 200 },
    ];
    expect([50, 125, 300].map((y) => quarterAt(quarters, y))).toEqual([200, 210, 240]);
  });
});

test('a cap as wide as its armholes are long lies flat; a higher one is longer', () => {
  expect(lengthOf(capOf(300, 1))).toBeCloseTo(300, 0);
  const lengths = [40, 80, 120, 160].map((high) => lengthOf(capOf(300, high)));
  expect(lengths).toEqual(lengths.toSorted((a, b) => a - b));
  const d = drafterOf();
  const deep = withRoomForCap(d, frame(), d.book.given('wide', 'upper arm', 420, 'mm', 'chosen'));
  expect(armholesMm(deep) + 5).toBeCloseTo(lengthOf(capOf(420, 0.16 * 420)), 4);
});

describe('on the pieces of a top', () => {
  test('raglan: each line of the sleeve is as long as the body’s, and its neck edge is what the body lost', () => {
    const pieces = asRaglan(drafterOf(), frame());
    const [neck, back, , , , front] = pieces.sleeve?.edges ?? [];
    expect(lengthOf(edgeOf(pieces.front?.edges, 1))).toBeCloseTo(lengthOf(front as Path), 4);
    expect(lengthOf(edgeOf(pieces.back?.edges, 1))).toBeCloseTo(lengthOf(back as Path), 4);
    const left = lengthOf(edgeOf(pieces.front?.edges, 0)) + lengthOf(edgeOf(pieces.back?.edges, 0));
    const whole = lengthOf(necklineOf(frame(), 'front')) + lengthOf(necklineOf(frame(), 'back'));
    expect(left + lengthOf(neck as Path)).toBeCloseTo(whole, 4);
    const under = edgeOf(pieces.sleeve?.edges, 2);
    const other = edgeOf(pieces.sleeve?.edges, 4);
    expect(startOf(under).x - endOf(other).x).toBeCloseTo(300, 4);
  });

  test('sleeves cut in one: the hem is half the upper arm, square to the shoulder, and both sides are alike', () => {
    const pieces = withSleevesCutInOne(drafterOf(), frame(), { does: 'cut-in-one', sleeve: 160 });
    const [shoulder, hem] = [edgeOf(pieces.front?.edges, 1), edgeOf(pieces.front?.edges, 2)];
    expect(lengthOf(hem)).toBeCloseTo(150, 6);
    expect(dot(setsOut(hem), setsOut(shoulder))).toBeCloseTo(0, 9);
    expect(lengthOf(edgeOf(pieces.front?.edges, 3))).toBeCloseTo(lengthOf(edgeOf(pieces.back?.edges, 3)), 9);
  });

  test('split: the front ends so far beyond the centre, from the hem up', () => {
    const { edges } = splitFront(drafterOf({ overlap: 30 }), frame(), { does: 'split', overlap: 0 });
    const edge = edgeOf(edges, 4);
    expect(startOf(edge).x).toBe(-30);
    expect(distance(endOf(edge), neckPointOf(frame()))).toBeCloseTo(0, 9);
  });

  test('a pocket is as wide and as high as said', () => {
    const { edges } = pocket(drafterOf(), { does: 'pocket', wide: 140, high: 160 });
    expect(edges.map(lengthOf)).toEqual([140, 160, 140, 160]);
  });

  test('flat collar: its neck edge is the whole neckline, its outer edge as far off as it is wide', () => {
    const { edges } = flatCollar(drafterOf(), frame(), { does: 'collar', wide: 70 });
    const [outer, end, neck] = edges as [Path, Path, Path];
    const half = lengthOf(necklineOf(frame(), 'front')) + lengthOf(necklineOf(frame(), 'back'));
    expect(lengthOf(neck)).toBeCloseTo(2 * half, 6);
    expect(lengthOf(end)).toBeCloseTo(70, 6);
    expect(lengthOf(outer)).toBeGreaterThan(lengthOf(neck));
    const { left, right } = boundsOf(outer);
    expect(left).toBeCloseTo(-right, 6);
  });

  test('facing: its neck is the garment’s, it is as wide at the shoulder and at the centre', () => {
    const { edges } = facingOf(drafterOf(), frame(), 'front', { does: 'facing', wide: 50 });
    const [neck, shoulder, , centre] = edges as [Path, Path, Path, Path];
    expect(lengthOf(neck)).toBeCloseTo(lengthOf(necklineOf(frame(), 'front')), 9);
    expect([lengthOf(shoulder), lengthOf(centre)]).toEqual([expect.closeTo(50, 6), expect.closeTo(50, 6)]);
  });

  test('one shoulder: the back is the front seen from behind, and its free side as long as the other', () => {
    const pieces = asOneShoulder(frame());
    const [front, back] = [pieces.front?.edges, pieces.back?.edges];
    expect(startOf(edgeOf(front, 0)).x).toBeLessThan(0);
    expect(endOf(edgeOf(back, 0)).x).toBeGreaterThan(0);
    expect(lengthOf(edgeOf(front, 0))).toBeCloseTo(lengthOf(edgeOf(back, 0)), 9);
    expect(lengthOf(edgeOf(front, 3))).toBeCloseTo(lengthOf(edgeOf(front, 5)), 9);
    const middle = pointAlong(edgeOf(front, 4), lengthOf(edgeOf(front, 4)) / 2);
    expect(minus(middle, { x: 0, y: middle.y }).x).toBeCloseTo(0, 6);
  });
});
