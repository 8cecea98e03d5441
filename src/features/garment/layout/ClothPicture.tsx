import { useId } from 'react';
import { point, type Point } from '@/core/geometry/point';
import { boundsOfPoints } from '@/core/geometry/ring';
import { placed, type Layout, type Placement } from '@/core/layout/problem';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import styles from './Layout.module.css';

interface Props {
  readonly layout: Layout;
  readonly pieces: readonly ClothPiece[];
  readonly widthMm: number;
  /** What stands at the selvedges: how it stretches, that its nap points one way. */
  readonly said: string;
}

/** Signs are so large, as a share of the longer side of what is drawn. */
const SIGN = 0.021;
/** An arrow is so long at most, in signs, and takes this share of its piece. */
const ARROW = 4;
const OF_PIECE = 0.7;

/** Pieces on their cloth to scale, what is left over hatched. Cloth that is longer than wide lies on its side. */
export function ClothPicture({ layout, pieces, widthMm, said }: Props) {
  const hatch = useId();
  const long = layout.lengthMm;
  const onSide = long > widthMm;
  const [wide, high] = onSide ? [long, widthMm] : [widthMm, long];
  const sign = SIGN * Math.max(wide, high * 1.3);
  const room = 2 * sign;
  const seen = ({ x, y }: Point): Point => (onSide ? point(y, widthMm - x) : point(x, y));
  return (
    <svg
      className={styles.picture}
      viewBox={`${-room} ${-room} ${wide + 2 * room} ${high + 2 * room}`}
      style={{ aspectRatio: `${wide + 2 * room} / ${high + 2 * room}` }}
      role="img"
      aria-label={`${layout.placements.length} pieces on cloth`}
    >
      <defs>
        <pattern
          id={hatch}
          width={sign}
          height={sign}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <line className={styles.hatch} x1={0} y1={0} x2={0} y2={sign} strokeWidth={sign / 12} />
        </pattern>
      </defs>
      <rect className={styles.cloth} width={wide} height={high} />
      <rect width={wide} height={high} fill={`url(#${hatch})`} />
      {[0, widthMm].map((x) => {
        const [from, to] = [seen(point(x, 0)), seen(point(x, long))];
        return <line key={x} className={styles.selvedge} x1={from.x} y1={from.y} x2={to.x} y2={to.y} />;
      })}
      <text
        className={styles.said}
        fontSize={sign}
        textAnchor="middle"
        transform={
          onSide
            ? `translate(${wide / 2} ${-0.6 * sign})`
            : `translate(${-0.6 * sign} ${high / 2}) rotate(-90)`
        }
      >
        {said}
      </text>
      {layout.placements.map((one) => {
        const nth = pieces.findIndex(({ id }) => id === one.piece);
        const piece = pieces[nth];
        return (
          piece && (
            <PieceOnCloth
              key={`${one.piece} ${one.copy}`}
              piece={piece}
              one={one}
              number={nth + 1}
              sign={sign}
              seen={seen}
            />
          )
        );
      })}
    </svg>
  );
}

interface PieceProps {
  readonly piece: ClothPiece;
  readonly one: Placement;
  readonly number: number;
  readonly sign: number;
  readonly seen: (on: Point) => Point;
}

/** Its outline, its number, and an arrow that points to its lower edge. */
function PieceOnCloth({ piece, one, number, sign, seen }: PieceProps) {
  const on = placed(one);
  const ring = piece.ring.map((corner) => seen(on(corner)));
  const { left, top, right, bottom } = boundsOfPoints(ring);
  const own = boundsOfPoints(piece.ring);
  const middle = point((own.left + own.right) / 2, (own.top + own.bottom) / 2);
  const reach = Math.min(((own.bottom - own.top) * OF_PIECE) / 2, (ARROW * sign) / 2);
  const tip = point(middle.x, middle.y + reach);
  const barb = Math.min(sign * 0.4, reach / 2);
  const [from, to] = [point(middle.x, middle.y - reach), tip].map((end) => seen(on(end))) as [Point, Point];
  const upright = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
  const line = [
    point(middle.x, middle.y - reach),
    tip,
    point(tip.x - barb, tip.y - barb),
    tip,
    point(tip.x + barb, tip.y - barb),
  ];
  const path = (points: readonly Point[]) =>
    points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
  return (
    <g data-piece={one.piece}>
      <polygon className={styles.piece} points={path(ring)}>
        <title>{`${piece.label}${one.mirrored ? ', face down' : ''}`}</title>
      </polygon>
      <polyline className={styles.grain} points={path(line.map((corner) => seen(on(corner))))} />
      <text
        className={styles.number}
        x={(left + right) / 2 + (upright ? sign : 0)}
        y={(top + bottom) / 2 + (upright ? 0.4 : -0.5) * sign}
        textAnchor={upright ? 'start' : 'middle'}
        fontSize={1.3 * sign}
      >
        {number}
        {one.mirrored && '′'}
      </text>
    </g>
  );
}
