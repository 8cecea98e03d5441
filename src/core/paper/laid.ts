import type { Rings } from '../geometry/clip';
import { boundsOfPoints } from '../geometry/ring';
import { plus, point, type Point } from '../geometry/point';

/** Quarter turns a piece is laid at, clockwise as it is seen: paper has no grain, its arrow turns with it. */
export const QUARTERS = [0, 1, 2, 3] as const;
export type Quarter = (typeof QUARTERS)[number];
export const quarterOf = (turns: number): Quarter => QUARTERS[turns % QUARTERS.length] as Quarter;

/** Something to lay on paper: the lines that go round it, mm; the insides of all are its. */
export interface ToLay {
  readonly id: string;
  readonly rings: Rings;
}

/** Where a piece lies on the joined sheets: turned, then moved; mm from the first sheet’s top left inside its margins. */
export interface Laid {
  readonly id: string;
  readonly quarter: Quarter;
  readonly move: Point;
}

/** A point turned about the origin by quarters, clockwise as it is seen. */
export function turned({ x, y }: Point, quarter: Quarter): Point {
  switch (quarter) {
    case 0:
      return point(x, y);
    case 1:
      return point(-y, x);
    case 2:
      return point(-x, -y);
    case 3:
      return point(y, -x);
    default:
      throw new Error(`expected a quarter from 0 to 3, got ${String(quarter satisfies never)}`);
  }
}

/** Where a point of a piece lies on the sheets. */
export const onSheets =
  ({ quarter, move }: Omit<Laid, 'id'>) =>
  (one: Point): Point => {
    const { x, y } = turned(one, quarter);
    return point(x + move.x, y + move.y);
  };

/** Kept free round a piece, so that its line is not cut in half where a sheet ends, mm. */
export const INSET_MM = 1;

/** Rings turned, their box beginning that far inside (0, 0), and how they were moved for it. */
export function turnedToCorner(
  rings: Rings,
  quarter: Quarter,
): { readonly rings: Rings; readonly move: Point } {
  const about = rings.map((ring) => ring.map((one) => turned(one, quarter)));
  const { left, top } = boundsOfPoints(about.flat());
  const move = point(INSET_MM - left, INSET_MM - top);
  return {
    rings: about.map((ring) => ring.map((one) => plus(one, move))),
    move,
  };
}
