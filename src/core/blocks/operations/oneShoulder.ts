import { backwards, joined, mapped, startOf } from '../../geometry/path';
import { mirrored, point } from '../../geometry/point';
import type { DraftedPieces } from '../drafted';
import { curveTo } from '../lines';
import { SIDES, type TopFrame } from '../topFrame';
import { levelsOf, topHalf } from '../topHalf';

/** One shoulder taken away: whole pieces, their upper edge from the free underarm up to the shoulder that is left. */
export function asOneShoulder(frame: TopFrame): DraftedPieces {
  const drawn = SIDES.map((which) => {
    const half = topHalf(frame, which);
    const [neckPoint, free] = [startOf(half.shoulder), mirrored(startOf(half.side))];
    const up = point(Math.sin(frame.slopeRad), -Math.cos(frame.slopeRad));
    const upper = curveTo(free, point(1, 0), neckPoint, up, [0.46, 0.34]);
    const band = joined(half.hem, backwards(mapped(half.hem, mirrored)));
    const ring = [
      upper,
      half.shoulder,
      half.armhole,
      half.side,
      band,
      backwards(mapped(half.side, mirrored)),
    ];
    // Seen from behind the shoulder lies on the left: the same ring, turned over.
    const edges =
      which === 'front'
        ? ring
        : [ring[0], ...ring.slice(1).toReversed()].flatMap((path) =>
            path ? [backwards(mapped(path, mirrored))] : [],
          );
    return [which, { edges, levels: levelsOf(frame, half) }] as const;
  });
  return Object.fromEntries(drawn);
}
