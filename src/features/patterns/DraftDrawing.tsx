'use client';
import Stack from '@mui/material/Stack';
import type { DraftLine, DraftPiece } from '@/core/answers/adapt/draft';
import type { Point } from '@/core/geometry/point';
import styles from './AdaptPage.module.css';

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Room round a piece, mm. */
const MARGIN = 12;
/** A printed tile, mm: fits A4 and Letter inside their margins. */
const TILE = { width: 180, height: 230 } as const;

function boxOf({ lines }: DraftPiece): Box {
  const points = lines.flatMap((line) => line.points);
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const [x, y] = [Math.min(...xs) - MARGIN, Math.min(...ys) - MARGIN];
  return { x, y, width: Math.max(...xs) + MARGIN - x, height: Math.max(...ys) + MARGIN - y };
}

const pathOf = (points: readonly Point[]): string =>
  points.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`).join(' ');

const DASHES: Readonly<Record<DraftLine['kind'], string | undefined>> = {
  cut: undefined,
  old: '6 5',
  mark: '2 4',
};

function Lines({ piece, onPaper = false }: { piece: DraftPiece; onPaper?: boolean }) {
  const width = onPaper ? 0.5 : 2;
  return (
    <g fill="none" strokeLinejoin="round">
      {piece.lines.map((line) => (
        <path
          key={line.label}
          d={pathOf(line.points)}
          stroke={onPaper ? '#000' : line.kind === 'cut' ? 'var(--ink)' : 'var(--soft)'}
          strokeWidth={line.kind === 'cut' ? width * 1.6 : width}
          strokeDasharray={DASHES[line.kind]}
        />
      ))}
    </g>
  );
}

/** The pieces beside each other, all at one scale. */
export function DraftDrawing({ pieces }: { pieces: readonly DraftPiece[] }) {
  const boxes = pieces.map(boxOf);
  const total = boxes.reduce((sum, box) => sum + box.width, 0);
  const pxPerMm = Math.min(640 / total, 1.1);
  return (
    <Stack direction="row" sx={{ gap: '8px', alignItems: 'flex-start', flexWrap: 'wrap' }}>
      {pieces.map((piece, at) => {
        const box = boxes[at] as Box;
        return (
          <figure key={piece.id} style={{ margin: 0 }} data-piece={piece.id}>
            <svg
              viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
              width={box.width * pxPerMm}
              height={box.height * pxPerMm}
              role="img"
              aria-label={`${piece.label}: ${piece.lines.map(({ label }) => label).join(', ')}`}
              style={{ maxWidth: '100%' }}
            >
              <Lines piece={piece} />
            </svg>
            <figcaption className="soft small">{piece.label}</figcaption>
          </figure>
        );
      })}
      <p className="soft small" style={{ flexBasis: '100%' }}>
        Solid: to cut. Dashed: as it was. Dotted: marks and folds. All at one scale.
      </p>
    </Stack>
  );
}

/** The pieces at full size for paper, tile by tile, with test squares on the first sheet. */
export function DraftTiles({ title, pieces }: { title: string; pieces: readonly DraftPiece[] }) {
  return (
    <div className={styles.tiles} aria-hidden="true">
      <section className={styles.tile}>
        <h1>{title}</h1>
        <p>Measure a square first: if it is off, print at 100 %, without fitting to the page.</p>
        <div className={styles.squares}>
          <div className={styles.square} style={{ width: '5cm', height: '5cm' }} data-square="5cm">
            5 cm square
          </div>
          <div className={styles.square} style={{ width: '2in', height: '2in' }} data-square="2in">
            2 in square
          </div>
        </div>
        <p>Lay the sheets edge to edge, frame on frame: rows from the top, columns from the left.</p>
      </section>
      {pieces.flatMap((piece) => {
        const box = boxOf(piece);
        const [columns, rows] = [Math.ceil(box.width / TILE.width), Math.ceil(box.height / TILE.height)];
        return Array.from({ length: rows * columns }, (_, at) => {
          const [row, column] = [Math.floor(at / columns), at % columns];
          const [x, y] = [box.x + column * TILE.width, box.y + row * TILE.height];
          return (
            <section key={`${piece.id}-${at}`} className={styles.tile} data-tile={piece.id}>
              <p>
                {piece.label}: row {row + 1} of {rows}, column {column + 1} of {columns}
              </p>
              <svg
                viewBox={`${x} ${y} ${TILE.width} ${TILE.height}`}
                style={{ width: `${TILE.width}mm`, height: `${TILE.height}mm`, display: 'block' }}
              >
                <rect
                  x={x + 0.2}
                  y={y + 0.2}
                  width={TILE.width - 0.4}
                  height={TILE.height - 0.4}
                  fill="none"
                  stroke="#999"
                  strokeWidth="0.2"
                />
                <Lines piece={piece} onPaper />
              </svg>
            </section>
          );
        });
      })}
    </div>
  );
}
