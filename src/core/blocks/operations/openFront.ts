import type { OperationOf } from '../../fit/drafting';
import { endOf, joined, pathOf, polyline } from '../../geometry/path';
import { plus, point, times } from '../../geometry/point';
import { cubic } from '../../geometry/segment';
import type { DraftedPiece } from '../drafted';
import type { Drafter } from '../drafter';
import { arrives, clockwise, curveTo } from '../lines';
import { type TopFrame } from '../topFrame';
import { levelsOf, neckPointOf, topHalf } from '../topHalf';

/** A front that is open at the centre: from the hem up its edge, and round to the neck point in one. */
export function splitFront(d: Drafter, frame: TopFrame, { overlap }: OperationOf<'split'>): DraftedPiece {
  const half = topHalf(frame, 'front');
  const beyond = d.choose('overlap', {
    label: 'front edge beyond the centre by',
    usual: d.usual(overlap),
    least: -40,
    most: 120,
  });
  const foot = endOf(half.side);
  const corner = point(-beyond, endOf(half.hem).y);
  const hem = curveTo(foot, clockwise(arrives(half.side)), corner, point(-1, 0));
  const turn = point(corner.x, Math.min(frame.neck.front, corner.y - 10));
  const neckPoint = neckPointOf(frame);
  const into = point(-Math.sin(frame.slopeRad), Math.cos(frame.slopeRad));
  const neck = cubic(
    turn,
    plus(turn, point(0, -0.5 * turn.y)),
    plus(neckPoint, times(into, 0.3 * turn.y)),
    neckPoint,
  );
  d.handle({ choice: 'neck-front', piece: 'front', at: turn, way: point(0, 1) });
  d.handle({ choice: 'overlap', piece: 'front', at: corner, way: point(-1, 0) });
  return {
    edges: [half.shoulder, half.armhole, half.side, hem, joined(polyline([corner, turn]), pathOf([neck]))],
    levels: levelsOf(frame, half),
  };
}

/** A patch pocket. */
export function pocket(d: Drafter, { wide, high }: OperationOf<'pocket'>): DraftedPiece {
  const [w, h] = [
    d.choose('pocket-width', { label: 'pocket, wide', usual: d.usual(wide), least: 50, most: 260 }),
    d.choose('pocket-height', { label: 'pocket, high', usual: d.usual(high), least: 50, most: 300 }),
  ];
  d.handle({ choice: 'pocket-width', piece: 'pocket', at: point(w, h / 2), way: point(1, 0) });
  d.handle({ choice: 'pocket-height', piece: 'pocket', at: point(w / 2, h), way: point(0, 1) });
  const corners = [point(0, 0), point(w, 0), point(w, h), point(0, h), point(0, 0)];
  return { edges: corners.slice(1).map((to, nth) => polyline([corners[nth] ?? to, to])) };
}
