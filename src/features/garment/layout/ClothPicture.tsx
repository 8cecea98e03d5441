import { useId } from 'react';
import { boundsOfPoints } from '@/core/geometry/ring';
import { placed, type Layout } from '@/core/layout/problem';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import styles from './Layout.module.css';

interface Props {
  readonly layout: Layout;
  readonly pieces: readonly ClothPiece[];
  readonly widthMm: number;
  /** Which way its stretch runs, and that its nap points one way. */
  readonly oneWay: boolean;
}

/** Signs are so large on the widest screen, as a share of what is drawn. */
const SIGN = 0.016;
/** Round the cloth, as a share of its width, for what stands there. */
const ROOM = 0.07;

/** Pieces on their cloth to scale, its length from left to right, what is left over hatched. */
export function ClothPicture({ layout, pieces, widthMm, oneWay }: Props) {
  const hatch = useId();
  const long = layout.lengthMm;
  const sign = SIGN * Math.max(long, 1.6 * widthMm);
  const room = Math.max(ROOM * widthMm, 2.4 * sign);
  return (
    <svg
      className={styles.picture}
      viewBox={`${-room} ${-room} ${long + 2 * room} ${widthMm + 2 * room}`}
      style={{ aspectRatio: `${long + 2 * room} / ${widthMm + 2 * room}` }}
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
      <rect className={styles.cloth} width={long} height={widthMm} />
      <rect width={long} height={widthMm} fill={`url(#${hatch})`} />
      <line className={styles.selvedge} x1={0} y1={0} x2={long} y2={0} />
      <line className={styles.selvedge} x1={0} y1={widthMm} x2={long} y2={widthMm} />
      <text className={styles.said} x={long / 2} y={-sign} fontSize={sign} textAnchor="middle">
        selvedge
      </text>
      <text className={styles.said} x={long / 2} y={widthMm + 1.7 * sign} fontSize={sign} textAnchor="middle">
        selvedge{oneWay && ' · the nap points this way →'}
      </text>
      {layout.placements.map((one) => {
        const nth = pieces.findIndex(({ id }) => id === one.piece);
        const piece = pieces[nth];
        if (!piece) return null;
        const ring = piece.ring.map(placed(one)).map(({ x, y }) => ({ x: y, y: x }));
        const { left, top, right, bottom } = boundsOfPoints(ring);
        const middle = { x: (left + right) / 2, y: (top + bottom) / 2 };
        const reach = Math.min((right - left) / 2, 3 * sign);
        const points = one.turn === 180 ? -1 : 1;
        return (
          <g key={`${one.piece} ${one.copy}`} data-piece={one.piece}>
            <polygon
              className={styles.piece}
              points={ring.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
            >
              <title>{`${piece.label}${one.mirrored ? ', face down' : ''}`}</title>
            </polygon>
            {one.turn % 180 === 0 && (
              <path
                className={styles.grain}
                d={`M${middle.x - reach * 0.7},${middle.y + 0.5 * sign} h${1.4 * reach} m${points > 0 ? 0 : -1.4 * reach},0 l${-points * sign * 0.5},${-sign * 0.3} m${points * sign * 0.5},${sign * 0.3} l${-points * sign * 0.5},${sign * 0.3}`}
              />
            )}
            <text
              className={styles.number}
              x={middle.x}
              y={middle.y + 0.1 * sign}
              fontSize={1.3 * sign}
              textAnchor="middle"
            >
              {nth + 1}
              {one.mirrored && '′'}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
