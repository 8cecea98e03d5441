import type { PageMap } from '@/core/paper/joining';
import styles from './Paper.module.css';

/** The sheets as they are joined, numbered, and the pieces on them. */
export function SheetMap({ map }: { map: PageMap }) {
  const { sheets, sheetWidthMm, sheetHeightMm, pieces, widthMm, heightMm } = map;
  return (
    <svg
      className={styles.map}
      viewBox={`-1 -1 ${widthMm + 2} ${heightMm + 2}`}
      style={{ aspectRatio: `${widthMm + 2} / ${heightMm + 2}` }}
      role="img"
      aria-label={`Map of ${sheets.length === 1 ? 'one sheet' : `${sheets.length} sheets`}`}
    >
      {sheets.map(({ page, leftMm, topMm }) => (
        <g key={page.number}>
          <rect className={styles.sheet} x={leftMm} y={topMm} width={sheetWidthMm} height={sheetHeightMm} />
          <text className={styles.number} x={leftMm + 6} y={topMm + 18}>
            {page.number}
          </text>
        </g>
      ))}
      {pieces.map((ring, nth) => (
        <polygon
          key={nth}
          className={styles.piece}
          points={ring.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')}
        />
      ))}
    </svg>
  );
}
