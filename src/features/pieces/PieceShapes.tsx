import { memo } from 'react';
import type { Bounds } from '@/core/geometry/ring';
import type { PieceAsCut } from '@/core/plan/asCut';
import type { Rectangle } from '@/core/ticket/rectangles';
import { boundsOfBoth, roundPiece } from '@/core/pieces/outline';
import { notchData, pathData } from './pathData';
import styles from './PieceShapes.module.css';

/** As high as the highest piece is drawn, px; and as wide as all of them may be together. */
const HIGH_PX = 340;
const WIDE_PX = 640;

/**
 * Pieces side by side at one scale: seamlines as they are cut, and dashed as they were drawn where that differs; and the
 * rectangles of the ticket, allowances and all.
 */
export const PieceShapes = memo(function PieceShapes({
  pieces,
  rectangles,
}: {
  pieces: readonly PieceAsCut[];
  rectangles: readonly Rectangle[];
}) {
  const boxes = pieces.map(({ drawn, cut }) => boundsOfBoth(drawn, cut));
  const longest = Math.max(0, ...rectangles.map(({ longMm }) => longMm));
  const high = Math.max(...boxes.map(({ top, bottom }) => bottom - top));
  const wide = boxes.reduce((sum, { left, right }) => sum + right - left, 0);
  const scale = Math.min(HIGH_PX / high, WIDE_PX / Math.max(wide, longest));
  return (
    <div className={styles.pieces}>
      {pieces.map(({ shape, drawn, cut, notches }, nth) => {
        const { left, top, right, bottom } = boxes[nth] as Bounds;
        const [width, height] = [right - left, bottom - top];
        const altered = drawn !== cut;
        return (
          <figure key={shape.id} className={styles.piece}>
            <svg
              role="img"
              aria-label={`${shape.label}${altered ? ', as drawn and as altered' : ', as drawn'}`}
              width={width * scale}
              height={height * scale}
              viewBox={`${left} ${top} ${width} ${height}`}
            >
              <path className={styles.cut} d={`${pathData(roundPiece(cut))}Z`} />
              {altered && <path className={styles.drawn} d={`${pathData(roundPiece(drawn))}Z`} />}
              {cut.edges
                .filter(({ of }) => of.fold)
                .map(({ path }) => (
                  <path key="fold" className={styles.fold} d={pathData(path)} />
                ))}
              {notches.map(({ at, out, double }, which) => (
                <path key={which} className={styles.notch} d={notchData(at, out, double, NOTCH_PX / scale)} />
              ))}
            </svg>
            <figcaption className="small">
              {shape.label}
              {cut.folded ? ', half' : ''}
            </figcaption>
          </figure>
        );
      })}
      {rectangles.map(({ id, label, longMm, wideMm, count }) => (
        <figure key={id} className={styles.piece}>
          <svg role="img" aria-label={`${label}, a rectangle`} width={longMm * scale} height={wideMm * scale}>
            <rect className={styles.cut} width={longMm * scale} height={wideMm * scale} />
          </svg>
          <figcaption className="small">
            {label}
            {count > 1 ? `, ${count} times` : ''}
          </figcaption>
        </figure>
      ))}
    </div>
  );
});

/** A notch is so long, px. */
const NOTCH_PX = 9;
