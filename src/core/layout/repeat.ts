import { point, type Point } from '../geometry/point';
import { placed, type LayoutProblem, type Placement } from './problem';

/** What a coordinate may be: so much, and every so much more. */
export interface Every {
  readonly fromMm: number;
  readonly everyMm: number;
}

/** Where something may lie that is held to a repeat; anywhere that way where nothing is said. */
export interface Held {
  readonly x?: Every;
  readonly y?: Every;
}

/** Less than this short of the next is the next, mm. */
const HAIR_MM = 1e-9;

/** A coordinate less the largest multiple below it. */
function rest(mm: number, everyMm: number): number {
  const over = ((mm % everyMm) + everyMm) % everyMm;
  return everyMm - over < HAIR_MM ? 0 : over;
}

type Printed = Pick<LayoutProblem, 'repeat' | 'pieces'>;

/** Where the (0, 0) of a copy may lie; nothing where it is not held. */
export function heldTo({ repeat, pieces }: Printed, one: Placement): Held | undefined {
  const piece = pieces.find(({ id }) => id === one.piece);
  if (!repeat || !piece?.held) return undefined;
  const at = placed({ ...one, x: 0, y: 0 })(piece.held);
  const { acrossMm, alongMm, fromMm = 0 } = repeat;
  const isOnEdge = piece.onFold === true || piece.edgeAtLeft !== undefined;
  return {
    ...(acrossMm && !isOnEdge ? { x: { fromMm: rest(fromMm - at.x, acrossMm), everyMm: acrossMm } } : {}),
    ...(alongMm ? { y: { fromMm: rest(-at.y, alongMm), everyMm: alongMm } } : {}),
  };
}

/** How far a copy lies off the nearest repeat, each way, mm. */
export function offRepeat(problem: Printed, one: Placement): Point {
  const held = heldTo(problem, one);
  return point(off(one.x, held?.x), off(one.y, held?.y));
}

function off(mm: number, every: Every | undefined): number {
  if (!every) return 0;
  const over = rest(mm - every.fromMm, every.everyMm);
  return over > every.everyMm / 2 ? over - every.everyMm : over;
}

/** A copy moved to the nearest repeat. */
export function onRepeat(problem: Printed, one: Placement): Placement {
  const { x, y } = offRepeat(problem, one);
  return x === 0 && y === 0 ? one : { ...one, x: one.x - x, y: one.y - y };
}

/** The same places for what lies so much further. */
export const heldFurther = ({ x, y }: Held, by: Point): Held => ({
  ...(x ? { x: { ...x, fromMm: rest(x.fromMm + by.x, x.everyMm) } } : {}),
  ...(y ? { y: { ...y, fromMm: rest(y.fromMm + by.y, y.everyMm) } } : {}),
});
