import { areaOf, contains, flattened } from '../../geometry/ring';
import { lengthOf } from '../../geometry/path';
import { distance, point, type Point } from '../../geometry/point';
import { madePhoto, onFloor, USUAL_CAMERA, type MadePhoto } from '../madePhoto';
import { practiceTee } from '../practice';
import { ringPath } from '../ring';
import { photoMap, sheets } from '../sheets';
import { findOutline, type FoundOutline } from './findOutline';
import type { Pixels } from './straightened';

/** The usual camera with a quarter of its pixels: quicker, and half as sharp. */
const SMALL = { ...USUAL_CAMERA, focalPx: 1100, widthPx: 1000, heightPx: 750 };

type Colour = readonly [number, number, number];
interface Lies {
  readonly photo: MadePhoto;
  readonly ground?: Colour;
  readonly piece?: Colour;
  readonly noise?: number;
}

/** The pixels of a made photo: ground, sheet and piece in plain colours, darker to the right, with noise. */
function pixelsOf({ photo, ground = [93, 100, 112], piece = [217, 195, 154], noise = 14 }: Lies): Pixels {
  const { widthPx: width, heightPx: height } = photo.camera;
  const data = new Uint8ClampedArray(width * height * 4);
  let state = photo.seed;
  const spans = (ring: readonly Point[], y: number): readonly (readonly [number, number])[] => {
    const xs = ring
      .flatMap((a, nth) => {
        const b = ring[(nth + 1) % ring.length] as Point;
        return a.y <= y !== b.y <= y ? [a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)] : [];
      })
      .toSorted((a, b) => a - b);
    return xs.flatMap((x, nth) => (nth % 2 === 0 ? [[x, xs[nth + 1] ?? x] as const] : []));
  };
  const share = [new Float32Array(width), new Float32Array(width)] as const;
  for (let y = 0; y < height; y += 1) {
    for (const [nth, ring] of [photo.piece, photo.sheet].entries()) {
      const row = share[nth] as Float32Array;
      row.fill(0);
      for (const [from, to] of spans(ring, y + 0.5))
        for (let x = Math.max(Math.floor(from), 0); x < Math.min(to, width); x += 1)
          row[x] = Math.min(to, x + 1) - Math.max(from, x);
    }
    for (let x = 0; x < width; x += 1) {
      const [onPiece, onSheet] = [share[0][x] as number, share[1][x] as number];
      state = (state * 48271) % 2147483647;
      const off = noise === 0 ? 0 : (state % noise) - noise / 2;
      const shade = 1 - (0.25 * x) / width;
      const at = 4 * (y * width + x);
      for (let channel = 0; channel < 3; channel += 1) {
        const [under, over] = [ground[channel] as number, piece[channel] as number];
        data[at + channel] = (under * (1 - onPiece - onSheet) + over * onPiece + 244 * onSheet) * shade + off;
      }
      data[at + 3] = 255;
    }
  }
  return { data, width, height };
}

const laid = (photo: MadePhoto) => {
  const read = photoMap(photo.sheet, sheets.a4);
  if (!read.ok) throw new Error(`expected a photo, got: ${read.sentence}`);
  return read.photo;
};
const ringOf = (found: FoundOutline) => {
  if (!found.ok) throw new Error(`expected an outline, got: ${found.sentence}`);
  return found.ring;
};

/** The practice pieces as fine polygons, and where the middle of each lies on the floor. */
const outlineOf = (piece: keyof typeof practiceTee): readonly Point[] => {
  const path = ringPath(practiceTee[piece].ring);
  return path ? flattened(path, 0.02).slice(0, -1) : [];
};
const middle = { front: point(120, 300), back: point(120, 300), sleeve: point(0, 90) } as const;

describe.each(['front', 'sleeve'] as const)('the %s of the practice tee', (piece) => {
  const line = outlineOf(piece);
  const photo = madePhoto(line.map(({ x, y }) => point(x + (piece === 'sleeve' ? 200 : 0), y)));
  const inside = onFloor(point(middle[piece].x + (piece === 'sleeve' ? 200 : 0), middle[piece].y));
  const found = findOutline(pixelsOf({ photo }), laid(photo), inside);

  test('is found round the point that was clicked: its length and its area to one or two thousandths, every corner', () => {
    const ring = ringOf(found);
    const [is, was] = [ringPath(ring), ringPath(practiceTee[piece].ring)];
    if (!is || !was) throw new Error('expected two outlines');
    expect(Math.abs(lengthOf(is) / lengthOf(was) - 1)).toBeLessThan(0.0015);
    expect(Math.abs(Math.abs(areaOf(is)) / Math.abs(areaOf(was)) - 1)).toBeLessThan(0.002);
    const corners = practiceTee[piece].ring.filter(({ corner }) => corner);
    for (const { x, y } of corners) {
      const on = onFloor(point(x + (piece === 'sleeve' ? 200 : 0), y));
      const nearest = Math.min(...ring.filter(({ corner }) => corner).map((knot) => distance(knot, on)));
      expect(nearest).toBeLessThan(0.8);
    }
    expect(ring.length).toBeLessThan(80);
  });

  test('lies within half a millimetre and a bit of the true line, all round', () => {
    const is = ringPath(ringOf(found));
    const truth = line.map(({ x, y }) => onFloor(point(x + (piece === 'sleeve' ? 200 : 0), y)));
    const off = (is ? flattened(is) : []).map((one) =>
      Math.min(
        ...truth.map((a, nth) => {
          const b = truth[(nth + 1) % truth.length] as Point;
          const [dx, dy] = [b.x - a.x, b.y - a.y];
          const share = Math.min(
            Math.max(((one.x - a.x) * dx + (one.y - a.y) * dy) / (dx * dx + dy * dy || 1), 0),
            1,
          );
          return distance(one, point(a.x + share * dx, a.y + share * dy));
        }),
      ),
    );
    expect(off.toSorted((a, b) => a - b)[Math.floor(off.length * 0.95)]).toBeLessThan(0.4);
    expect(Math.max(...off)).toBeLessThan(1);
  });
});

test('a disc of 200 mm has no corner, and the length and area of a circle (closed form)', () => {
  const disc = Array.from({ length: 400 }, (_, nth) => {
    const angle = (nth * 2 * Math.PI) / 400;
    return point(100 + 100 * Math.cos(angle), 100 + 100 * Math.sin(angle));
  });
  const photo = madePhoto(disc, { camera: SMALL, seed: 3 });
  const ring = ringOf(findOutline(pixelsOf({ photo }), laid(photo), onFloor(point(100, 100))));
  expect(ring.filter(({ corner }) => corner)).toEqual([]);
  const path = ringPath(ring);
  expect(path && Math.abs(lengthOf(path) / (200 * Math.PI) - 1)).toBeLessThan(0.003);
  expect(path && Math.abs(Math.abs(areaOf(path)) / (10_000 * Math.PI) - 1)).toBeLessThan(0.004);
});

describe('a square of 200 mm', () => {
  const square = [point(0, 0), point(200, 0), point(200, 200), point(0, 200)];
  const photo = madePhoto(square, { camera: SMALL, seed: 5 });
  const inside = onFloor(point(100, 100));

  test.each<[string, Partial<Lies>]>([
    ['dark on light', { ground: [220, 220, 214], piece: [60, 60, 80] }],
    ['red on a green of the same lightness', { ground: [20, 140, 60], piece: [230, 40, 40], noise: 6 }],
  ])('%s: four corners where they are, and nothing between', (_, lies) => {
    const ring = ringOf(findOutline(pixelsOf({ photo, ...lies }), laid(photo), inside));
    const corners = ring.filter(({ corner }) => corner);
    expect(corners).toHaveLength(4);
    for (const one of square.map(onFloor))
      expect(Math.min(...corners.map((corner) => distance(corner, one)))).toBeLessThan(0.8);
    expect(contains(ring, inside)).toBe(true);
  });

  test('of the colour of its ground, or clicked beside: a sentence', () => {
    const alike = pixelsOf({ photo, ground: [120, 120, 120], piece: [121, 121, 121] });
    expect(findOutline(alike, laid(photo), inside)).toEqual({
      ok: false,
      sentence: expect.stringMatching('ground of another colour'),
    });
    const plain = pixelsOf({ photo });
    expect(findOutline(plain, laid(photo), point(-4000, 0)).ok).toBe(false);
    // The ground itself has no end in the photo.
    expect(findOutline(plain, laid(photo), onFloor(point(300, 100)))).toMatchObject({ ok: false });
  });

  test('running off the photo: a sentence', () => {
    const near = madePhoto([point(0, 0), point(900, 0), point(900, 200), point(0, 200)], { camera: SMALL });
    expect(findOutline(pixelsOf({ photo: near }), laid(near), inside)).toEqual({
      ok: false,
      sentence: expect.stringMatching('end of the photo'),
    });
  });
});
