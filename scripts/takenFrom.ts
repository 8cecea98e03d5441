import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Knot, Shapes } from '../src/core/facts/outline';
import { knotsOfDrawn, type DrawingRead, type DrawnShape } from '../src/core/formats/drawing/drawing';
import { readDxf } from '../src/core/formats/drawing/dxfDrawing';
import { readPdfPage, type PdfSheet } from '../src/core/formats/drawing/pdfDrawing';
import { readSvg } from '../src/core/formats/drawing/svgDrawing';
import { distance, type Point } from '../src/core/geometry/point';
import { boundsOfPoints } from '../src/core/geometry/ring';
import { catalogue } from '../src/core/garments/catalogue';
import { closedOutline, namedInOrder, newOutline } from '../src/core/pieces/edits';
import { drawnPatterns, type DrawnPattern } from '../src/demo/drawn/pieces';

/** What the tracing table takes out of a made file: each piece by its place from left to right, its edges named in order. */
export function takenFrom(folder: string, id: string): Shapes {
  const { kind, file, pieces } = (drawnPatterns as Readonly<Record<string, DrawnPattern>>)[
    id
  ] as DrawnPattern;
  const read = readFile(join(folder, file));
  if (!read.ok) throw new Error(read.sentence);
  const mm = read.mmPerUnit ?? 1;
  const fromLeft = read.shapes.toSorted((a, b) => leftOf(a) - leftOf(b));
  return Object.fromEntries(
    Object.keys(pieces).map((piece, nth) => {
      const [shape, drawn] = [catalogue[kind].shapes.find((one) => one.id === piece), fromLeft[nth]];
      if (!shape || !drawn) throw new Error(`expected the outline of ${piece} in ${file}`);
      const ring = knotsOfDrawn(drawn, mm);
      const from = file.endsWith('.pdf') ? 'a page' : 'a drawing';
      const outline = closedOutline({ ...newOutline('seamline', from), ring });
      const begins = fromCorner(pieces[piece] ?? [], 0);
      const corners = outline.ring.flatMap(({ corner }, at) => (corner ? [at] : []));
      const far = (at: number): number => distance(fromCorner(outline.ring, at), begins);
      const [start = 0] = corners.toSorted((a, b) => far(a) - far(b));
      const named = namedInOrder(outline, shape, start, 'clockwise');
      if (!named) throw new Error(`expected as many corners as edges of ${piece} in ${file}`);
      return [piece, named];
    }),
  );
}

/** A point of a ring, seen from the upper left corner of the box round it. */
function fromCorner(ring: readonly Knot[], nth: number): Point {
  const { left, top } = boundsOfPoints(ring);
  return { x: (ring[nth]?.x ?? 0) - left, y: (ring[nth]?.y ?? 0) - top };
}

const leftOf = ({ path }: DrawnShape): number => Math.min(...path.map(({ from }) => from.x));

/** A file by what it is called; a PDF through a general reader, as a program of its own. */
function readFile(path: string): DrawingRead {
  if (path.endsWith('.svg')) return readSvg(readFileSync(path, 'utf8'));
  if (path.endsWith('.dxf')) return readDxf(readFileSync(path, 'utf8'));
  const listed = execFileSync('node', ['tests/pdfOperators.mjs', path], { encoding: 'utf8', maxBuffer: 1e8 });
  const [sheet] = JSON.parse(listed) as readonly PdfSheet[];
  if (!sheet) throw new Error(`expected a page in ${path}`);
  return readPdfPage(sheet.page);
}
