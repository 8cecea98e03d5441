import type { Point } from '../geometry/point';
import { roomIn } from '../geometry/room';
import type { PaperPiece } from './paperPiece';

/** How wide words may be beside the arrow of the grain, for each radius. */
const WORDS = 1.4;
/** Found to this closely, mm. */
const CLOSE_MM = 1;

/** Where words stand in an outline: in the largest circle inside it. */
export function roomForWords(ring: readonly Point[]): PaperPiece['room'] {
  const room = roomIn(ring, CLOSE_MM);
  return { ...room, wideMm: WORDS * room.radiusMm };
}
