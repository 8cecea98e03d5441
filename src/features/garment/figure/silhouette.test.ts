import { figureOf } from '@/core/garments/drawings/figure';
import type { StrainSpot } from '@/core/pieces/figureStrain';
import { bodyOutline, HALF_OF_GIRTH, silhouetteOf, wornOutlines } from './silhouette';

const body = {
  bust: 920,
  waist: 720,
  hip: 980,
  thigh: 560,
  knee: 370,
  calf: 350,
  ankle: 230,
  backLength: 400,
};
const figure = figureOf(body);
const front = silhouetteOf(figure, body, 'front');
const side = silhouetteOf(figure, body, 'side');
const spot = (y: number, garmentMm: number): StrainSpot => ({
  y,
  bodyMm: 900,
  garmentMm,
  plannedMm: 900,
  extension: 900 / garmentMm - 1,
});
const xs = (d: string | undefined) =>
  [...(d ?? '').matchAll(/[ML]?(-?[\d.]+) -?[\d.]+/g)].map((found) => Number(found[1]));

test('at its measures the figure is as wide as they are, and as deep as makes the girth (ellipse, Ramanujan 1914)', () => {
  for (const [y, girth] of [
    [figure.bustY, body.bust],
    [figure.waistY, body.waist],
    [figure.hipY, body.hip],
  ] as const) {
    const [a, b] = [front.outer(y), (side.outer(y) - side.inner(y)) / 2];
    const h = ((a - b) / (a + b)) ** 2;
    const round = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
    expect(Math.abs((round * 10) / girth - 1)).toBeLessThan(0.02);
  }
  expect(front.outer(figure.bustY)).toBeCloseTo(body.bust * HALF_OF_GIRTH, 6);
});

test('a bust that was not measured below makes no step there', () => {
  const { outer } = silhouetteOf(figureOf({ ...body, underbust: 600 }), body, 'front');
  const heights = [figure.bustY, figure.underbustY, figure.waistY].map(outer);
  expect(heights).toEqual(heights.toSorted((a, b) => b - a));
});

test('what is smaller than the body lies on it; what is larger stands off by half the difference, as it is seen', () => {
  const [y1, y2] = [figure.bustY, figure.waistY];
  const [tight] = wornOutlines(front, 'front', 'trunk', [spot(y1, 800), spot(y2, 800)]);
  expect(Math.max(...xs(tight))).toBeCloseTo(front.outer(y1), 1);
  const [loose] = wornOutlines(front, 'front', 'trunk', [spot(y1, 1000), spot(y2, 1000)]);
  expect(Math.max(...xs(loose))).toBeCloseTo(front.outer(y1) + 100 * HALF_OF_GIRTH, 1);
  // Both sides alike.
  expect(Math.min(...xs(loose))).toBeCloseTo(-Math.max(...xs(loose)), 6);
});

test('legs are two from the front and one from the side', () => {
  const spots = [spot(figure.kneeY, 400), spot(figure.ankleY, 300)];
  const both = wornOutlines(front, 'front', 'leg', spots);
  expect(both).toHaveLength(2);
  expect(Math.min(...xs(both[0]))).toBeGreaterThan(0);
  expect(Math.max(...xs(both[1]))).toBeLessThan(0);
  expect(wornOutlines(side, 'side', 'leg', spots)).toHaveLength(1);
  expect(bodyOutline(front, 'front', figure.crotchY, 0, figure.ankleY).match(/M/g)).toHaveLength(4);
  expect(bodyOutline(front, 'front', figure.crotchY, 0, figure.waistY).match(/M/g)).toHaveLength(2);
});
