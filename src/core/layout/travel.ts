import type { Point } from '../geometry/point';

/** The ways along and across the cloth, as it is seen with its beginning above. */
export type Way = 'up' | 'left' | 'down' | 'right';

/** Turned so that the way is towards smaller x. */
const TURNED: Readonly<Record<Way, (one: Point) => Point>> = {
  left: ({ x, y }) => ({ x, y }),
  right: ({ x, y }) => ({ x: -x, y: -y }),
  up: ({ x, y }) => ({ x: y, y: -x }),
  down: ({ x, y }) => ({ x: -y, y: x }),
};

/** Shapes that graze each other by no more than this do not stop each other, mm. */
const GRAZE_MM = 1e-4;

/**
 * How far a shape that lies beside another can go one way until it touches it, mm; `Infinity` where it passes by. Every
 * corner of the one meets a side of the other, or the other way round. Both rings run clockwise as they are seen. `x`, `y`:
 * where its (0, 0) lies, from the other’s.
 */
export function travelOf(
  moving: readonly Point[],
  still: readonly Point[],
  { x, y, way }: { readonly x: number; readonly y: number; readonly way: Way },
): number {
  const turned = TURNED[way];
  const a = moving.map((one) => turned({ x: one.x + x, y: one.y + y }));
  const b = still.map(turned);
  const [boxA, boxB] = [extentOf(a), extentOf(b)];
  const least = Math.max(boxA.least, boxB.least) + GRAZE_MM;
  const most = Math.min(boxA.most, boxB.most) - GRAZE_MM;
  if (least >= most || boxA.right <= boxB.left) return Infinity;
  return Math.min(cornersMeet(a, b, { least, most }, 1), cornersMeet(b, a, { least, most }, -1));
}

interface Between {
  readonly least: number;
  readonly most: number;
}

/** The least way of corners to the sides before them: towards smaller x where `sign` is 1, else towards larger. */
function cornersMeet(
  corners: readonly Point[],
  ring: readonly Point[],
  { least, most }: Between,
  sign: 1 | -1,
): number {
  let far = Infinity;
  let before = ring.at(-1)!;
  for (const to of ring) {
    const from = before;
    before = to;
    // Only a side that faces the corner stops it.
    if (sign * (to.y - from.y) <= 0) continue;
    const [up, down] = sign === 1 ? [from, to] : [to, from];
    if (down.y <= least || up.y >= most) continue;
    const slope = (down.x - up.x) / (down.y - up.y);
    for (const corner of corners) {
      // At the ends of what they share a corner counts a hair further in.
      const y = Math.min(Math.max(corner.y, least), most);
      if (Math.abs(y - corner.y) > 2 * GRAZE_MM || y < up.y || y > down.y) continue;
      const one = sign * (corner.x - up.x - (y - up.y) * slope);
      // What lies behind it does not stop it; what it touches does.
      if (one > -TOUCHES_MM && one < far) far = Math.max(0, one);
    }
  }
  return far;
}

/** Edges this near to each other touch, mm. */
const TOUCHES_MM = 0.02;

function extentOf(ring: readonly Point[]) {
  let [least, most, left, right] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { x, y } of ring) {
    least = Math.min(least, y);
    most = Math.max(most, y);
    left = Math.min(left, x);
    right = Math.max(right, x);
  }
  return { least, most, left, right };
}
