import { homographyOf, projected } from '../../geometry/homography';
import type { PhotoMap } from '../sheets';

/** A picture as a browser gives it: red, green, blue and opacity of each pixel, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray | Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** How light a floor is at even steps, as it looks from straight above: row by row from its upper left corner, 0 to 255. */
export interface Straightened {
  readonly values: Float32Array;
  readonly columns: number;
  readonly rows: number;
  /** Where its first value lies on the paper, and how far apart they are, mm. */
  readonly left: number;
  readonly top: number;
  readonly stepMm: number;
}

/** No more values than this: three millimetres apart on a floor of a metre and a half. */
const MOST_VALUES = 200_000;
/** No finer than this, mm. */
const FINEST_MM = 1;
/** Nothing further than this from the sheet is looked at, mm: near the horizon a pixel is metres. */
const FARTHEST_MM = 2500;

/** What each pixel is told by: how light it is, or one of its colours, whichever tells piece and ground apart. */
export type Channel = 'light' | 'red' | 'green' | 'blue';

/** How light a place of the paper is, mm; −1 where the photo does not show it. */
export type Lightness = (x: number, y: number) => number;

/** The lightness of a photo laid flat (bilinear between its pixels). */
export function lightness(pixels: Pixels, { corners, paper }: PhotoMap, channel: Channel): Lightness {
  const { width, height } = pixels;
  const light = lightOf(pixels, channel);
  const h = homographyOf(paper, corners);
  return (x, y) => {
    const w = h[6] * x + h[7] * y + h[8];
    const px = (h[0] * x + h[1] * y + h[2]) / w - 0.5;
    const py = (h[3] * x + h[4] * y + h[5]) / w - 0.5;
    return between(light, width, height, px, py);
  };
}

/** A photo laid flat, in even steps of the paper. What lies outside the photo is −1. */
export function straightened(
  { width, height }: Pick<Pixels, 'width' | 'height'>,
  { map }: PhotoMap,
  light: Lightness,
): Straightened {
  const seen = [
    { x: 0, y: 0 },
    { x: width, y: 0 },
    { x: width, y: height },
    { x: 0, y: height },
  ].flatMap((one) => projected(map, one) ?? []);
  const within = (one: number): number => Math.min(Math.max(one, -FARTHEST_MM), FARTHEST_MM);
  const [xs, ys] = [seen.map(({ x }) => within(x)), seen.map(({ y }) => within(y))];
  const [left, right] = [Math.min(0, ...xs), Math.max(0, ...xs)];
  const [top, bottom] = [Math.min(0, ...ys), Math.max(0, ...ys)];
  const stepMm = Math.max(FINEST_MM, Math.sqrt(((right - left) * (bottom - top)) / MOST_VALUES));
  const [columns, rows] = [Math.ceil((right - left) / stepMm), Math.ceil((bottom - top) / stepMm)];
  const values = new Float32Array(columns * rows);
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1)
      values[row * columns + column] = light(left + column * stepMm, top + row * stepMm);
  return { values, columns, rows, left, top, stepMm };
}

/** One number for each pixel. Lightness is luma (ITU-R BT.601). */
function lightOf({ data, width, height }: Pixels, channel: Channel): Float32Array {
  const light = new Float32Array(width * height);
  const offset = { light: 0, red: 0, green: 1, blue: 2 }[channel];
  for (let at = 0; at < light.length; at += 1) {
    const from = 4 * at;
    light[at] =
      channel === 'light'
        ? 0.299 * (data[from] as number) +
          0.587 * (data[from + 1] as number) +
          0.114 * (data[from + 2] as number)
        : (data[from + offset] as number);
  }
  return light;
}

function between(light: Float32Array, width: number, height: number, x: number, y: number): number {
  if (!(x >= 0 && y >= 0 && x < width - 1 && y < height - 1)) return -1;
  // Both are positive here: the whole part of each.
  const x0 = x | 0;
  const y0 = y | 0;
  const [u, v] = [x - x0, y - y0];
  const at = y0 * width + x0;
  const upper = (light[at] as number) * (1 - u) + (light[at + 1] as number) * u;
  const lower = (light[at + width] as number) * (1 - u) + (light[at + width + 1] as number) * u;
  return upper * (1 - v) + lower * v;
}
