import type { Homography } from '@/core/geometry/homography';
import type { Point } from '@/core/geometry/point';

/** How the table is looked at: the point in the upper left corner, and how many pixels one of its units is. */
export interface View {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export const toScreen = ({ x, y, scale }: View, one: Point): Point => ({
  x: (one.x - x) * scale,
  y: (one.y - y) * scale,
});
export const fromScreen = ({ x, y, scale }: View, one: Point): Point => ({
  x: one.x / scale + x,
  y: one.y / scale + y,
});

/** The view that shows a box whole, in the middle of so many pixels. */
export function fitted({ left, top, right, bottom }: Box, width: number, height: number): View {
  const scale = Math.min(width / Math.max(right - left, 1), height / Math.max(bottom - top, 1)) * FILL;
  return {
    x: (left + right) / 2 - width / scale / 2,
    y: (top + bottom) / 2 - height / scale / 2,
    scale,
  };
}
const FILL = 0.94;

/** The view a factor nearer, the point of the screen staying where it is. */
export function zoomed(view: View, factor: number, about: Point): View {
  const scale = Math.min(Math.max(view.scale * factor, LEAST_SCALE), MOST_SCALE);
  const at = fromScreen(view, about);
  return { x: at.x - about.x / scale, y: at.y - about.y / scale, scale };
}
const LEAST_SCALE = 0.02;
const MOST_SCALE = 60;

const FLAT: Homography = [1, 0, 0, 0, 1, 0, 0, 0, 1];

/** A photo laid onto the table and looked at, as the browser’s own transform of its element. */
export function photoTransform(map: Homography | undefined, { x, y, scale }: View): string {
  const m = map ?? FLAT;
  const row = (from: number, origin: number): readonly number[] =>
    [0, 1, 2].map((nth) => scale * ((m[from + nth] ?? 0) - origin * (m[6 + nth] ?? 0)));
  const [u, v] = [row(0, x), row(3, y)];
  const columns = [0, 1, 2].map((nth) => [u[nth], v[nth], 0, m[6 + nth]]);
  return `matrix3d(${[...(columns[0] ?? []), ...(columns[1] ?? []), 0, 0, 1, 0, ...(columns[2] ?? [])].join(',')})`;
}
