/** A point in drawing units; `via` is the control point of the curve that leads to it. */
export interface Dot {
  readonly x: number;
  readonly y: number;
  readonly via?: readonly [number, number];
}

export const dot = (x: number, y: number, via?: readonly [number, number]): Dot =>
  via ? { x, y, via } : { x, y };

const n = (value: number): string => String(Math.round(value * 10) / 10);
const at = (x: number, y: number): string => `${n(x)} ${n(y)}`;

/** A path through dots; the first is where the pen is set down. */
export const path = (dots: readonly Dot[]): string =>
  dots
    .map(({ x, y, via }, nth) =>
      nth === 0 ? `M${at(x, y)}` : via ? `Q${at(...via)} ${at(x, y)}` : `L${at(x, y)}`,
    )
    .join(' ');

/** The same dots on the other side, drawn the same way round. */
export const mirrored = (dots: readonly Dot[]): readonly Dot[] =>
  dots.map(({ x, y, via }) => dot(-x, y, via && [-via[0], via[1]]));

/** A path and its mirror image, as one path. */
export const both = (dots: readonly Dot[]): string => `${path(dots)} ${path(mirrored(dots))}`;

/** The closed outline whose right half these dots are, from centre top to centre bottom. */
export function closed(half: readonly Dot[]): string {
  const back = mirrored(half).toReversed();
  const left = back.map((point, nth): Dot => {
    const before = back[nth - 1];
    const via = before && half[half.length - nth]?.via;
    return dot(point.x, point.y, via && [-via[0], via[1]]);
  });
  return `${path(half)} ${path(left).replace(/^M/, 'L')} Z`;
}

/** A line right round the body at a height, bowed as a tape is. */
export const belt = (y: number, half: number, bow = 1.6): string =>
  path([dot(-half, y), dot(half, y, [0, y + bow])]);

/** Lines round both arms or both legs. */
export const belts = (x: number, y: number, half: number, bow = 0.9): string =>
  both([dot(x - half, y), dot(x + half, y, [x, y + bow])]);

/** A line down. */
export const plumb = (x: number, from: number, to: number): string => path([dot(x, from), dot(x, to)]);
