import { distance, point, type Point } from '../geometry/point';
import { projected } from '../geometry/homography';
import { USUAL_CAMERA, cameraMap, madePhoto, onFloor } from './madePhoto';
import { edgeErrors, edgeLengths } from './photoErrors';
import { practiceTee } from './practice';
import { goodTo, photoMap, pixelOf, sheets } from './sheets';

/** The worked example of the trade’s handbook. */
const CORNERS = [point(412, 318), point(1490, 352), point(1622, 1710), point(296, 1655)];

const read = (corners: readonly Point[], sheet = sheets.a4, turned = false) => {
  const found = photoMap(corners, sheet, { turned });
  if (!found.ok) throw new Error(`expected a map, got: ${found.sentence}`);
  return found.photo;
};

test('the worked sheet: its points, and how good they are', () => {
  const photo = read(CORNERS);
  const at = projected(photo.map, point(950, 1000));
  expect([at?.x.toFixed(3), at?.y.toFixed(3)]).toEqual(['104.604', '161.945']);
  expect(goodTo(photo, point(950, 1000), 1)?.toFixed(2)).toBe('0.35');
  expect(goodTo(photo, point(2000, 2400), 1)?.toFixed(2)).toBe('0.53');
  const pixel = at && pixelOf(photo, at);
  expect(pixel && distance(pixel, point(950, 1000))).toBeLessThan(1e-6);
});

test('corners clicked the other way round give the same map', () => {
  const [a, b, c, d] = CORNERS as [Point, Point, Point, Point];
  const at = projected(read([a, d, c, b]).map, point(950, 1000));
  expect(at?.x).toBeCloseTo(104.604, 3);
});

test('the long side is the one that looks longer, unless it is said otherwise', () => {
  const lying = [point(0, 0), point(594, 0), point(594, 420), point(0, 420)];
  expect(projected(read(lying).map, point(594, 420))).toEqual(point(297, 210));
  expect(projected(read(lying, sheets.a4, true).map, point(594, 420))?.x).toBeCloseTo(210, 9);
});

test.each<[string, readonly Point[], RegExp]>([
  ['three corners', CORNERS.slice(0, 3), /Four corners are needed/],
  ['corners that cross', [CORNERS[0], CORNERS[2], CORNERS[1], CORNERS[3]] as Point[], /cross or dent/],
  ['a dent', [point(0, 0), point(400, 0), point(120, 90), point(0, 400)], /cross or dent/],
  ['a tiny sheet', [point(0, 0), point(40, 0), point(40, 60), point(0, 60)], /too small in this photo/],
  ['a great slant', [point(300, 0), point(420, 0), point(800, 500), point(0, 500)], /too much of a slant/],
])('%s: a sentence', (_, corners, sentence) => {
  expect(photoMap(corners, sheets.a4)).toMatchObject({
    ok: false,
    sentence: expect.stringMatching(sentence),
  });
});

test('a card tells little, and that is said; a sheet of Letter is not warned of', () => {
  const corners = [point(0, 0), point(216, 0), point(216, 342), point(0, 342)];
  expect(photoMap(corners, sheets.card)).toMatchObject({ ok: true, warning: expect.any(String) });
  expect(photoMap(corners, sheets.letter)).not.toHaveProperty('warning');
});

test('the simulated camera is a pinhole: straight above, a metre is so many pixels; leaning, far is small', () => {
  const above = cameraMap({ ...USUAL_CAMERA, leanRad: 0, rollRad: 0 });
  const [a, b] = [projected(above, point(0, 0)), projected(above, point(1000, 0))];
  expect(a && b && distance(a, b)).toBeCloseTo((1000 * USUAL_CAMERA.focalPx) / USUAL_CAMERA.heightMm, 6);
  const leaning = cameraMap(USUAL_CAMERA);
  const span = (y: number) => {
    const [left, right] = [projected(leaning, point(200, y)), projected(leaning, point(400, y))];
    return left && right ? distance(left, right) : NaN;
  };
  // It leans towards the lower end of the picture, which is then farther away.
  expect(span(600)).toBeLessThan(span(0));
  const middle = projected(leaning, USUAL_CAMERA.over);
  expect(middle && [Math.round(middle.x), Math.round(middle.y)]).toEqual([1000, 750]);
});

/** A repeatable source of errors, normally distributed: Park and Miller, 1988; Box and Muller, 1958. */
function normals(seed: number): () => number {
  let state = seed;
  const next = () => (state = (state * 48271) % 2147483647) / 2147483647;
  return () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
}

test('of a thousand made photos, clicked a pixel off, 95 in 100 lengths are as good as the table says', () => {
  const { ring } = practiceTee.front;
  const truth = edgeLengths(ring);
  const ids = ['neckline', 'shoulder', 'armhole', 'side', 'hem', 'centre'];
  const cameras: Readonly<Record<string, number>>[] = [];
  let good = 0;
  let all = 0;
  for (let seed = 1; seed <= 1000; seed += 1) {
    const off = normals(seed * 7919);
    const nth = seed % 10;
    const camera = {
      ...USUAL_CAMERA,
      leanRad: 0.02 + nth * 0.02,
      rollRad: ((nth % 7) - 3) * 0.05,
      heightMm: 1200 + (nth % 5) * 100,
    };
    const made = madePhoto(
      ring.map(({ x, y }) => point(x, y)),
      { camera, seed },
    );
    const clicked = (one: Point): Point => point(one.x + off(), one.y + off());
    const photo = read(made.sheet.map(clicked));
    const traced = ring.map((knot, nth) => {
      const lies = projected(photo.map, clicked(made.piece[nth] as Point));
      return { ...knot, ...(lies ?? {}) };
    });
    const lengths = edgeLengths(traced);
    // How good it is hardly differs between photos of one camera: worked out for the first of each.
    const errors = (cameras[nth] ??= edgeErrors(traced, photo));
    for (const id of ids) {
      all += 1;
      if (Math.abs((lengths[id] ?? NaN) - (truth[id] ?? NaN)) <= (errors[id] ?? NaN)) good += 1;
    }
  }
  expect(all).toBe(6000);
  expect(good / all).toBeGreaterThan(0.945);
  // Nor is it said too timidly: an error twice too large would hold nearly always.
  expect(good / all).toBeLessThan(0.985);
});

test('a piece on the floor of a made photo keeps its lengths', () => {
  const laid = practiceTee.front.ring.map((knot) => ({ ...knot, ...onFloor(knot) }));
  for (const [id, mm] of Object.entries(edgeLengths(practiceTee.front.ring)))
    expect(edgeLengths(laid)[id]).toBeCloseTo(mm, 6);
});
