import { Helper } from 'dxf';
import { XMLParser } from 'fast-xml-parser';
import svgpath from 'svgpath';
import { distance, type Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/ring';
import { onSheets } from '../../paper/laid';
import { paperPlan, ringsLaid, type LaidPiece } from '../../paper/paperPlan';
import { demoPaper, sheetsOf } from '../../paper/testPaper';
import { readDxf } from './dxfDrawing';
import { readSvg } from './svgDrawing';
import { writeDxf } from './writeDxf';
import { writeSvg } from './writeSvg';

/** Read back to a hundredth of a millimetre (handbook of the trade, paper). */
const TRUE_MM = 0.01;

const laidOf = (id: string): readonly LaidPiece[] =>
  paperPlan(demoPaper(id).pieces, sheetsOf({ paper: 'roll' })).pieces;
const GARMENTS = ['cartwheel', 'ripple', 'encore', 'confetti'] as const;

/** Every line of the pieces where it lies, by what it is. */
const linesOf = (pieces: readonly LaidPiece[]) =>
  pieces.flatMap(({ piece, laid }) =>
    piece.sizes.flatMap(({ lines }) =>
      lines.map(({ kind, points }) => ({ kind, points: points.map(onSheets(laid)) })),
    ),
  );

/** The greatest distance between points of two lines, in order; infinite where they do not have as many. */
function apart(a: readonly Point[], b: readonly Point[]): number {
  if (a.length !== b.length) return Infinity;
  return Math.max(...a.map((one, nth) => distance(one, b[nth] as Point)));
}

test.each(GARMENTS)(
  '%s (invented): its SVG, read by other libraries (fast-xml-parser, svgpath), is true to its lines',
  (id) => {
    const pieces = laidOf(id);
    const text = writeSvg(pieces, 'Tee & <co>');
    const parser = new XMLParser({
      ignoreAttributes: false,
      isArray: (name) => ['g', 'path', 'text'].includes(name),
    });
    const { svg } = parser.parse(text) as {
      svg: { title: string; g: { path: { '@_d': string; '@_class': string }[] }[] } & Record<string, string>;
    };
    expect(svg.title).toBe('Tee & <co>');
    const [, , wide, high] = (svg['@_viewBox'] ?? '').split(' ').map(Number);
    expect([svg['@_width'], svg['@_height']]).toEqual([`${wide}mm`, `${high}mm`]);
    const read = svg.g.flatMap(({ path }) =>
      path.map((one) => {
        const points: Point[] = [];
        let closed = false;
        svgpath(one['@_d'])
          .abs()
          .iterate((segment) => {
            if (segment[0] === 'Z') closed = true;
            else points.push({ x: Number(segment[1]), y: Number(segment[2]) });
          });
        return { kind: one['@_class'], points: closed ? [...points, points[0] as Point] : points };
      }),
    );
    const lines = linesOf(pieces);
    expect(read).toHaveLength(lines.length);
    read.forEach(({ kind, points }, nth) => {
      expect(kind).toBe(lines[nth]?.kind);
      expect(apart(points, lines[nth]?.points ?? [])).toBeLessThan(TRUE_MM);
    });
  },
);

/** ASTM D6673, from memory: 1 boundary, 4 notches, 7 grain, 8 lines inside, 14 sew line. */
const ON_LAYER: Readonly<Record<string, string>> = {
  cut: '1',
  notch: '4',
  mark: '4',
  grain: '7',
  stretch: '8',
  fold: '8',
  inside: '8',
  seam: '14',
};

test.each(GARMENTS)(
  '%s (invented): its DXF, read by another library (dxf), is true to its lines, each on its layer',
  (id) => {
    const pieces = laidOf(id);
    const text = writeDxf(pieces);
    const { polylines } = new Helper(text).toPolylines();
    // Words come as lines without points.
    const read = polylines
      .filter(({ vertices }) => vertices.length > 0)
      .map(({ layer, vertices }) => ({
        layer: layer?.name,
        points: vertices.map(([x, y]) => ({ x, y: -y })),
      }));
    const lines = linesOf(pieces);
    expect(read).toHaveLength(lines.length);
    for (const { kind, points } of lines) {
      const found = read
        .filter((one) => one.layer === ON_LAYER[kind])
        .map((one) => apart(one.points, points));
      expect([kind, Math.min(...found) < TRUE_MM]).toEqual([kind, true]);
    }
  },
);

test('a DXF of release 12: its header says so, and nothing in it is of a later one', () => {
  const lines = writeDxf(laidOf('cartwheel')).split('\r\n');
  expect(lines.length % 2).toBe(1);
  const pairs = Array.from(
    { length: (lines.length - 1) / 2 },
    (_, nth) => [Number(lines[2 * nth]), lines[2 * nth + 1]] as const,
  );
  expect(pairs[pairs.findIndex(([, value]) => value === '$ACADVER') + 1]).toEqual([1, 'AC1009']);
  // Markers of subclasses and lightweight polylines came with releases 13 and 14 (S: DXF reference).
  expect(pairs.filter(([code, value]) => code === 100 || value === 'LWPOLYLINE')).toEqual([]);
  expect(pairs.at(-1)).toEqual([0, 'EOF']);
  const begun = pairs.filter(([code, value]) => code === 0 && value === 'POLYLINE').length;
  expect(begun).toBeGreaterThan(10);
  expect(pairs.filter(([code, value]) => code === 0 && value === 'SEQEND')).toHaveLength(begun);
});

test('letters that a DXF reader may not have are written by their numbers', () => {
  const [first] = laidOf('cartwheel');
  if (!first) throw new Error('expected a piece');
  const text = writeDxf([{ ...first, piece: { ...first.piece, label: 'Ärmel 袖' } }]);
  expect(text).toContain('\\U+00C4rmel \\U+8896');
  expect(/[^\u0000-\u007f]/.test(text)).toBe(false);
});

test.each([
  ['SVG', (pieces: readonly LaidPiece[]) => readSvg(writeSvg(pieces, 'Tee'))],
  ['DXF', (pieces: readonly LaidPiece[]) => readDxf(writeDxf(pieces))],
] as const)('%s: taken in again at the tracing table, the outlines are as large, and in mm', (_, read) => {
  const pieces = laidOf('ripple');
  const drawing = read(pieces);
  if (!drawing.ok) throw new Error(drawing.sentence);
  expect(drawing.mmPerUnit).toBeCloseTo(1, 6);
  const boxes = drawing.shapes.map(({ path }) => boundsOf(path));
  for (const ring of pieces.filter(({ piece }) => piece.id !== 'test-squares').flatMap(ringsLaid)) {
    const [left, right] = [Math.min(...ring.map(({ x }) => x)), Math.max(...ring.map(({ x }) => x))];
    expect(boxes.some((box) => Math.abs(box.left - left) < 0.05 && Math.abs(box.right - right) < 0.05)).toBe(
      true,
    );
  }
});
