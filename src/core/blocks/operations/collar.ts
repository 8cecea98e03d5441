import type { OperationOf } from '../../fit/drafting';
import {
  backwards,
  directionAlong,
  endOf,
  joined,
  lengthOf,
  mapped,
  mirroredIn,
  pointAlong,
  polyline,
  startOf,
  turnedAbout,
  type Path,
} from '../../geometry/path';
import { distance, mirrored, plus, point, times, type Point } from '../../geometry/point';
import { pathThrough } from '../../geometry/through';
import type { DraftedPiece } from '../drafted';
import type { Drafter } from '../drafter';
import { clockwise, curveTo } from '../lines';
import { type Side, type TopFrame } from '../topFrame';
import { topHalf } from '../topHalf';

/** Front and back overlap by this at the shoulder’s end, mm, so that the collar rolls (T, from memory). */
const OVERLAP_MM = 10;
/** Points of its outer edge lie about this far apart, mm. */
const STEP_MM = 20;

/** A flat collar: the necklines joined at the shoulder, and its outer edge at its width all along. Drawn whole, outer edge up. */
export function flatCollar(d: Drafter, frame: TopFrame, { wide }: OperationOf<'collar'>): DraftedPiece {
  const width = d.choose('collar-width', {
    label: 'collar, wide',
    usual: d.usual(wide),
    least: 20,
    most: 220,
  });
  const half = halfNeck(frame);
  const long = lengthOf(half);
  const count = Math.max(Math.ceil(long / STEP_MM), 4);
  const outerHalf = Array.from({ length: count + 1 }, (_, nth): Point => {
    const mm = (long * nth) / count;
    return plus(pointAlong(half, mm), times(clockwise(directionAlong(half, mm)), width));
  });
  // Seen with its outer edge on top.
  const up = ({ x, y }: Point): Point => point(-x, -y);
  const upHalf = outerHalf.map(up);
  const outer = pathThrough([...upHalf.toReversed(), ...upHalf.slice(1).map(mirrored)]);
  const neckLeft = mapped(half, up);
  const neck = joined(backwards(mapped(neckLeft, mirrored)), neckLeft);
  d.handle({ choice: 'collar-width', piece: 'collar', at: upHalf[0] ?? point(0, 0), way: point(0, -1) });
  return {
    edges: [outer, polyline([endOf(outer), startOf(neck)]), neck, polyline([endOf(neck), startOf(outer)])],
  };
}

/** Half the neckline from centre back round to centre front, the front laid on the back at the shoulder. */
function halfNeck(frame: TopFrame): Path {
  const [front, back] = [topHalf(frame, 'front'), topHalf(frame, 'back')];
  const [neckPoint, shoulderEnd] = [startOf(back.shoulder), endOf(back.shoulder)];
  const over = mirroredIn(neckPoint, shoulderEnd);
  const lap = turnedAbout(neckPoint, OVERLAP_MM / distance(neckPoint, shoulderEnd));
  return joined(
    back.neckline,
    mapped(backwards(front.neckline), (one) => lap(over(one))),
  );
}

/** The facing of a neckline: as wide all along it, and along the shoulder. */
export function facingOf(
  d: Drafter,
  frame: TopFrame,
  side: Side,
  { wide }: OperationOf<'facing'>,
): DraftedPiece {
  const half = topHalf(frame, side);
  const long = lengthOf(half.shoulder);
  const width = Math.min(d.usual(wide), 0.85 * long);
  const [from, along] = [startOf(half.shoulder), directionAlong(half.shoulder, 0)];
  const end = plus(from, times(along, width));
  const foot = point(0, startOf(half.neckline).y + width);
  return {
    edges: [
      half.neckline,
      polyline([from, end]),
      curveTo(end, clockwise(along), foot, point(-1, 0), [0.42, 0.36]),
      polyline([foot, startOf(half.neckline)]),
    ],
  };
}
