import { useMemo } from 'react';
import { point, type Point } from '@/core/geometry/point';
import { roomIn } from '@/core/geometry/room';
import { placed, type Placement } from '@/core/layout/problem';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import type { Facing } from './facing';
import styles from './Layout.module.css';

/** An arrow is so long at most, in signs, and takes this share of the room there is. */
const ARROW = 4;
const OF_PIECE = 0.7;
/** An arrow that stands upright and the number beside it lie to both sides of the middle of that room, this far from it, in signs. */
const ASIDE = { arrow: 0.6, number: 0.1 } as const;
/** Its place is found to this closely, mm: on the screen that is a pixel or two, and many pieces are drawn at once. */
const CLOSE_MM = 10;

interface Props {
  readonly piece: ClothPiece;
  /** Of the piece, or as it was cut. */
  readonly outline: readonly Point[];
  readonly one: Placement;
  readonly number: number;
  readonly sign: number;
  readonly view: Facing;
  readonly pinned: boolean;
}

/** Its outline, its number, an arrow that points to its lower edge, and a pin where it stays. */
export function PieceOnCloth({ piece, outline, one, number, sign, view, pinned }: Props) {
  const on = placed(one);
  const ring = outline.map((corner) => view.seen(on(corner)));
  const { at: middle, radiusMm } = useMemo(() => roomIn(outline, CLOSE_MM), [outline]);
  const written = view.seen(on(middle));
  const reach = Math.min(radiusMm * OF_PIECE, (ARROW * sign) / 2);
  const tip = point(middle.x, middle.y + reach);
  const barb = Math.min(sign * 0.4, reach / 2);
  const tail = point(middle.x, middle.y - reach);
  const [from, to] = [tail, tip].map((end) => view.seen(on(end))) as [Point, Point];
  const upright = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
  const aside = upright ? ASIDE.arrow * sign : 0;
  const line = [tail, tip, point(tip.x - barb, tip.y - barb), tip, point(tip.x + barb, tip.y - barb)];
  const arrow = line.map((corner) => view.seen(on(corner))).map(({ x, y }) => point(x - aside, y));
  const path = (points: readonly Point[]) =>
    points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
  return (
    <>
      <polygon className={styles.piece} points={path(ring)}>
        <title>{`${piece.label}${one.mirrored ? ', face down' : ''}`}</title>
      </polygon>
      <polyline className={styles.grain} points={path(arrow)} />
      <text
        className={styles.number}
        x={written.x + (upright ? ASIDE.number * sign : 0)}
        y={written.y + (upright ? 0.4 : -0.5) * sign}
        textAnchor={upright ? 'start' : 'middle'}
        fontSize={1.3 * sign}
      >
        {number}
        {one.mirrored && '′'}
      </text>
      {pinned && <circle className={styles.pin} cx={from.x - aside} cy={from.y} r={0.45 * sign} />}
    </>
  );
}
