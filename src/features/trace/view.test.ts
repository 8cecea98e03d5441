import { homographyOf, projected, type Corners } from '@/core/geometry/homography';
import { distance, point } from '@/core/geometry/point';
import { photoMap, sheets } from '@/core/pieces/sheets';
import { tableBounds } from './tableBounds';
import { fitted, fromScreen, photoTransform, toScreen, zoomed } from './view';

const view = { x: -40, y: 25, scale: 0.7 };

test('the screen and the table are each other’s inverse', () => {
  const back = fromScreen(view, toScreen(view, point(123, 456)));
  expect(distance(back, point(123, 456))).toBeLessThan(1e-9);
});

test('a fitted view shows the whole box in the middle, as large as it can be with a little room', () => {
  const box = { left: -100, top: 50, right: 500, bottom: 350 };
  const seen = fitted(box, 800, 600);
  const [a, b] = [toScreen(seen, point(-100, 50)), toScreen(seen, point(500, 350))];
  expect(a.x).toBeCloseTo(800 - b.x, 9);
  expect(a.y).toBeCloseTo(600 - b.y, 9);
  expect(b.x - a.x).toBeGreaterThan(0.9 * 800);
  expect(a.x).toBeGreaterThan(0);
});

test('coming nearer leaves the point under the pointer where it is, and ends somewhere', () => {
  const about = point(210, 90);
  const at = fromScreen(view, about);
  const near = zoomed(view, 1.5, about);
  expect(near.scale).toBeCloseTo(1.05, 9);
  expect(distance(toScreen(near, at), about)).toBeLessThan(1e-9);
  expect(zoomed(view, 1e9, about).scale).toBeLessThanOrEqual(60);
  expect(zoomed(view, 1e-9, about).scale).toBeGreaterThanOrEqual(0.02);
});

/** What a browser does with a matrix3d: columns, then divided by the fourth coordinate. */
function drawnBy(transform: string, x: number, y: number) {
  const m = (/matrix3d\((.*)\)/.exec(transform)?.[1] ?? '').split(',').map(Number);
  const of = (row: number) => (m[row] ?? 0) * x + (m[4 + row] ?? 0) * y + (m[12 + row] ?? 0);
  return point(of(0) / of(3), of(1) / of(3));
}

test('a photo laid flat is drawn where its map says, as it is looked at', () => {
  const photo: Corners = [point(412, 318), point(1490, 352), point(1622, 1710), point(296, 1655)];
  const paper: Corners = [point(0, 0), point(210, 0), point(210, 297), point(0, 297)];
  const map = homographyOf(photo, paper);
  for (const pixel of [point(950, 1000), point(0, 0), point(2000, 2400)]) {
    const lies = projected(map, pixel);
    const seen = drawnBy(photoTransform(map, view), pixel.x, pixel.y);
    expect(lies && distance(seen, toScreen(view, lies))).toBeLessThan(1e-6);
  }
  const bare = drawnBy(photoTransform(undefined, view), 100, 200);
  expect(distance(bare, toScreen(view, point(100, 200)))).toBeLessThan(1e-9);
});

test('there is to be seen: the photo’s pixels, what it shows once it is flat, or what was drawn', () => {
  const photo = { blob: new Blob(), url: '', width: 2000, height: 1500 };
  expect(tableBounds(photo, true, undefined, [])).toEqual({ left: 0, top: 0, right: 2000, bottom: 1500 });
  const read = photoMap([point(500, 200), point(710, 200), point(710, 497), point(500, 497)], sheets.a4);
  const flat = read.ok ? read.photo : undefined;
  // One pixel is one millimetre there, and the sheet’s corner is zero.
  const seen = tableBounds(photo, false, flat, [point(1600, 0)]);
  expect(seen.left).toBeCloseTo(-500, 6);
  expect(seen.bottom).toBeCloseTo(1300, 6);
  expect(seen.right).toBeCloseTo(1600, 6);
  expect(tableBounds(undefined, false, undefined, []).right).toBeGreaterThan(300);
  const ring = [point(10, 10), point(90, 10), point(50, 80)];
  const drawn = tableBounds(undefined, false, undefined, ring);
  expect([drawn.left < 0, drawn.right > 100, drawn.bottom > 100]).toEqual([true, true, true]);
});
