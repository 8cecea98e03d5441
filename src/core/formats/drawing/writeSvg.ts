import { XMLBuilder } from 'fast-xml-parser';
import type { Point } from '../../geometry/point';
import { boundsOfPoints } from '../../geometry/ring';
import { onSheets } from '../../paper/laid';
import { ringsLaid, type LaidPiece } from '../../paper/paperPlan';
import type { LineKind } from '../../paper/paperPiece';

/** How each kind of line is drawn: width and dashes, mm. */
const STYLES: Readonly<Record<LineKind, readonly [width: number, dashes: string]>> = {
  cut: [0.35, 'none'],
  seam: [0.18, '1 1'],
  fold: [0.4, '3 1 0.7 1'],
  grain: [0.25, 'none'],
  stretch: [0.25, 'none'],
  notch: [0.3, 'none'],
  mark: [0.3, 'none'],
  inside: [0.18, '2 1'],
};
/** Room round all pieces, and the height of letters, mm. */
const ROUND_MM = 10;
const LETTERS_MM = 5;

/** The pieces as an SVG drawing in mm: a group for each piece and size, a path for each line, named by what it is. */
export function writeSvg(pieces: readonly LaidPiece[], title: string): string {
  const { left, top, right, bottom } = boundsOfPoints(pieces.flatMap(ringsLaid).flat());
  const [wide, high] = [right - left + 2 * ROUND_MM, bottom - top + 2 * ROUND_MM];
  const builder = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true });
  return builder.build({
    '?xml': { '@_version': '1.0', '@_encoding': 'UTF-8' },
    svg: {
      '@_xmlns': 'http://www.w3.org/2000/svg',
      '@_width': `${mm(wide)}mm`,
      '@_height': `${mm(high)}mm`,
      '@_viewBox': [left - ROUND_MM, top - ROUND_MM, wide, high].map(mm).join(' '),
      title,
      g: pieces.flatMap(({ piece, laid }) => {
        const place = onSheets(laid);
        return piece.sizes.map(({ label, lines }, nth) => ({
          '@_id': `${piece.id}-${nth + 1}`,
          '@_fill': 'none',
          '@_stroke': 'black',
          path: lines.map(({ kind, points }) => ({
            '@_class': kind,
            '@_d': pathText(points.map(place)),
            '@_stroke-width': STYLES[kind][0],
            '@_stroke-dasharray': STYLES[kind][1],
          })),
          text: [label === '' ? piece.label : `${piece.label}, ${label}`, ...piece.words].map((text, row) => {
            const { x, y } = place({ x: piece.room.at.x, y: piece.room.at.y + row * LETTERS_MM * 1.4 });
            return {
              '@_x': mm(x),
              '@_y': mm(y),
              '@_transform': `rotate(${laid.quarter * 90} ${mm(x)} ${mm(y)})`,
              '@_font-size': LETTERS_MM,
              '@_text-anchor': 'middle',
              '@_stroke': 'none',
              '@_fill': 'black',
              '#text': text,
            };
          }),
        }));
      }),
    },
  });
}

const mm = (value: number): string => String(Number(value.toFixed(4)));

/** A line that ends where it began is closed. */
function pathText(points: readonly Point[]): string {
  const [first] = points;
  const last = points.at(-1);
  const isClosed = points.length > 3 && first?.x === last?.x && first?.y === last?.y;
  const drawn = isClosed ? points.slice(0, -1) : points;
  return `M${drawn.map(({ x, y }) => `${mm(x)} ${mm(y)}`).join('L')}${isClosed ? 'Z' : ''}`;
}
