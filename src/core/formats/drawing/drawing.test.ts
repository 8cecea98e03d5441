import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { path as pen } from 'd3-path';
import { findFaults } from '../../facts/faults';
import { MOST_KNOTS, outlineSpec } from '../../facts/outline';
import { lengthOf, polyline } from '../../geometry/path';
import { areaOf } from '../../geometry/ring';
import { closedOutline, newOutline } from '../../pieces/edits';
import { ringPath } from '../../pieces/ring';
import { chained, knotsOfDrawn, type DrawingRead } from './drawing';
import { readDxf } from './dxfDrawing';
import { readSvg } from './svgDrawing';

const shapesOf = (read: DrawingRead) => {
  if (!read.ok) throw new Error(`expected a drawing, got: ${read.sentence}`);
  return read.shapes;
};
const first = (read: DrawingRead) => {
  const [shape] = shapesOf(read);
  if (!shape) throw new Error('expected a closed line, got none');
  return shape;
};
const svg = (inside: string, root = 'width="300mm" viewBox="0 0 300 400"') =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${root}>${inside}</svg>`;

/** A half front as d3-path writes it: straight sides, a neckline and an armhole as curves. */
function drawnFront(): string {
  const d = pen();
  d.moveTo(0, 90);
  d.bezierCurveTo(40, 88, 80, 60, 85, 0);
  d.lineTo(215, 45);
  d.quadraticCurveTo(190, 180, 255, 240);
  d.lineTo(255, 640);
  d.lineTo(0, 640);
  d.closePath();
  return d.toString();
}

describe('SVG', () => {
  test('what another library wrote (d3-path) comes back with its lengths and its corners', () => {
    const shape = first(readSvg(svg(`<path id="front" d="${drawnFront()}"/>`)));
    expect(shape.name).toBe('front');
    expect(shape.path.map(({ kind }) => kind)).toEqual(['cubic', 'line', 'cubic', 'line', 'line', 'line']);
    const ring = knotsOfDrawn(shape, 1);
    const back = ringPath(ring);
    expect(back && lengthOf(back)).toBeCloseTo(lengthOf(shape.path), 6);
    const outline = closedOutline({ ...newOutline('seamline', 'a drawing'), ring });
    expect(findFaults(outlineSpec, outline)).toEqual([]);
    expect(outline.ring.every(({ corner }) => corner)).toBe(true);
  });

  test('a straight stretch that runs on into a curve has no corner there, and nothing of it bends', () => {
    // A stadium: two straight sides of 100, two half circles of radius 30 (closed form), and the same with one corner.
    const round = first(readSvg(svg('<path d="M50 50H150A30 30 0 0 1 150 110H50A30 30 0 0 1 50 50Z"/>')));
    const ring = knotsOfDrawn(round, 1);
    expect(ring.filter(({ corner }) => corner)).toEqual([]);
    const path = ringPath(ring);
    expect(path && Math.abs(lengthOf(path) - (200 + 60 * Math.PI))).toBeLessThan(0.1);
    const one = knotsOfDrawn(first(readSvg(svg('<path d="M50 50H150A30 30 0 0 1 150 110H50Z"/>'))), 1);
    expect(one.filter(({ corner }) => corner).map(({ x, y }) => [x, y])).toEqual([
      [50, 50],
      [50, 110],
    ]);
  });

  test.each([
    ['width="300mm" viewBox="0 0 300 400"', 1],
    ['width="30cm" viewBox="0 0 1200 1600"', 0.25],
    ['width="10in" viewBox="0 0 1000 100"', 0.254],
    ['width="72pt" viewBox="0 0 254 100"', 0.1],
    ['width="300mm"', 25.4 / 96],
    ['width="300" viewBox="0 0 300 400"', undefined],
    ['width="100%" viewBox="0 0 300 400"', undefined],
    ['viewBox="0 0 300 400"', undefined],
  ])('%s: a unit is %p mm', (root, mm) => {
    const read = readSvg(svg('<rect width="100" height="50"/>', root));
    expect(read.ok && read.mmPerUnit).toEqual(mm === undefined ? undefined : expect.closeTo(mm, 9));
  });

  test('basic shapes have their own area, and groups put them where they are', () => {
    const area = (inside: string) => Math.abs(areaOf(first(readSvg(svg(inside))).path));
    expect(area('<rect x="5" y="5" width="100" height="50"/>')).toBeCloseTo(5000, 6);
    expect(area('<polygon points="0,0 100,0 0,80"/>')).toBeCloseTo(4000, 6);
    expect(area('<circle cx="50" cy="50" r="40"/>')).toBeCloseTo(Math.PI * 1600, -1);
    expect(area('<ellipse cx="50" cy="50" rx="40" ry="20"/>')).toBeCloseTo(Math.PI * 800, -1);
    expect(
      area('<g transform="scale(2)"><g transform="rotate(30)"><rect width="10" height="10"/></g></g>'),
    ).toBeCloseTo(400, 6);
  });

  test('transforms are carried out from the inside outwards', () => {
    const { path } = first(
      readSvg(
        svg(
          '<g transform="translate(100 0)"><g transform="scale(2)"><rect x="5" width="10" height="10"/></g></g>',
        ),
      ),
    );
    expect(Math.min(...path.map(({ from }) => from.x))).toBeCloseTo(110, 9);
    expect(Math.max(...path.map(({ from }) => from.x))).toBeCloseTo(130, 9);
  });

  test('a line whose ends are within a millimetre is closed and that is said; one that is farther stays open', () => {
    const near = readSvg(svg('<path d="M0 0L100 0L100 100L0.5 0.5"/><path d="M0 0L100 0L100 100L0 20"/>'));
    expect(shapesOf(near)).toHaveLength(1);
    expect(near.ok && near.lines).toHaveLength(2);
    expect(near.ok && near.notes).toEqual([
      '1 open line is closed, ends within 1 mm.',
      '1 open line is not closed: lay the drawing under the table and click along.',
    ]);
  });

  test('scripts, pictures, references and what is hidden are left out; nothing is run or asked for', () => {
    const read = readSvg(
      svg(
        '<script>throw 1</script><image href="http://127.0.0.1/x.png"/><use href="other.svg#a"/>' +
          '<g style="display:none"><rect width="900" height="900"/></g><rect width="100%" height="9"/><rect width="100" height="50"/>',
      ),
    );
    expect(shapesOf(read)).toHaveLength(1);
    expect(read.ok && read.notes).toEqual([
      'Pictures are left out.',
      'Shapes whose size is a percentage are left out.',
      'Scripts are left out.',
      'Parts that are used by reference are left out.',
    ]);
  });

  test.each<[string, string, RegExp]>([
    ['no drawing', 'hello', /no SVG drawing/],
    ['another XML', '<?xml version="1.0"?><html></html>', /no SVG drawing/],
    ['one that breaks off', '<svg><g><path d="M0 0', /breaks off or is damaged/],
    [
      'entities that multiply',
      '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><svg><text>&b;</text></svg>',
      /entities of its own/,
    ],
    ['no line', svg('<text>Front</text>'), /no line in this drawing/],
    [
      'fifty groups in each other',
      svg(`${'<g transform="scale(1.01)">'.repeat(50)}<rect width="9" height="9"/>${'</g>'.repeat(50)}`),
      /nested deeper than can be read/,
    ],
    ['too many lines', svg('<rect width="9" height="9"/>'.repeat(20_001)), /too many lines/],
    ['eleven megabytes', `<svg>${' '.repeat(10_000_001)}</svg>`, /larger than 10 MB/],
  ])('%s: a sentence', (_, text, sentence) => {
    expect(readSvg(text)).toMatchObject({ ok: false, sentence: expect.stringMatching(sentence) });
  });

  test('fifty thousand points on one line are thinned to what an outline holds, and go where they went', () => {
    const points = Array.from({ length: 50_000 }, (_, nth) => {
      const turned = (2 * Math.PI * nth) / 50_000;
      return `${150 + 100 * Math.cos(turned)},${200 + 100 * Math.sin(turned)}`;
    });
    const shape = first(readSvg(svg(`<polygon points="${points.join(' ')}"/>`)));
    const ring = knotsOfDrawn(shape, 1);
    expect(ring.length).toBeLessThanOrEqual(MOST_KNOTS);
    const path = ringPath(ring);
    expect(path && Math.abs(areaOf(path))).toBeGreaterThan(0.999 * Math.PI * 10_000);
  });
});

describe('DXF', () => {
  const rectangle = (units: Units, size: number) => {
    const dxf = new DxfWriter();
    dxf.setUnits(units);
    dxf.addLayer('1', 7, 'CONTINUOUS');
    dxf.setCurrentLayerName('1');
    dxf.addLWPolyline(
      [point2d(0, 0), point2d(size, 0), point2d(size, 2 * size), point2d(0, 2 * size), point2d(0, 0)].map(
        (point) => ({ point }),
      ),
    );
    return dxf;
  };

  test.each([
    [Units.Millimeters, 1],
    [Units.Centimeters, 10],
    [Units.Inches, 25.4],
    [Units.Unitless, undefined],
  ])('what another library wrote comes back, in its unit (%p)', (units, mm) => {
    const read = readDxf(rectangle(units, 10).stringify());
    const shape = first(read);
    expect(shape.name).toBe('Layer 1 (boundary)');
    expect(read.ok && read.mmPerUnit).toBe(mm);
    expect(lengthOf(shape.path)).toBeCloseTo(60, 6);
    const ring = knotsOfDrawn(shape, mm ?? 1);
    const path = ringPath(ring);
    expect(path && Math.abs(areaOf(path))).toBeCloseTo(200 * (mm ?? 1) ** 2, 3);
  });

  test('lines and arcs that follow each other, drawn either way, become one closed line; y points downwards', () => {
    const dxf = new DxfWriter();
    dxf.setUnits(Units.Millimeters);
    dxf.addLine(point3d(0, 0), point3d(100, 0));
    dxf.addLine(point3d(100, 100), point3d(100, 0));
    dxf.addLine(point3d(100, 100), point3d(0, 100.4));
    dxf.addLine(point3d(0, 100), point3d(0, 0));
    const { path } = first(readDxf(dxf.stringify()));
    expect(lengthOf(path)).toBeCloseTo(400, 0);
    expect(Math.max(...path.map(({ from }) => from.y))).toBeCloseTo(0, 6);
    expect(Math.min(...path.map(({ from }) => from.y))).toBeLessThan(-99);
  });

  test('a circle is as long as a circle, to a thousandth', () => {
    const dxf = rectangle(Units.Millimeters, 300);
    dxf.addCircle(point3d(100, 100), 80);
    const round = shapesOf(readDxf(dxf.stringify())).find(({ path }) => path.length > 10);
    expect((round ? lengthOf(round.path) : 0) / (2 * Math.PI * 80)).toBeCloseTo(1, 2);
  });

  test.each<[string, string, RegExp]>([
    ['a binary file', 'AutoCAD Binary DXF\r\n\u001a\u0000', /binary DXF file: save it as DXF in text/],
    ['words', 'hello', /no DXF drawing/],
    ['a picture under its name', '\u0089PNG', /no DXF drawing/],
    ['an empty drawing', '0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n', /no line|damaged/],
    ['eleven megabytes', '0\nSECTION\n'.padEnd(10_000_001, ' '), /larger than 10 MB/],
  ])('%s: a sentence', (_, text, sentence) => {
    expect(readDxf(text)).toMatchObject({ ok: false, sentence: expect.stringMatching(sentence) });
  });
});

test('chains are joined whichever way their lines run, and a line that meets none stays by itself', () => {
  const at = (x: number, y: number) => ({ x, y });
  const chains = chained(
    [
      [at(0, 0), at(1, 0)],
      [at(1, 1), at(1, 0)],
      [at(1, 1), at(0, 0)],
      [at(50, 50), at(60, 60)],
    ],
    0.1,
  );
  expect(chains.map((one) => one.length)).toEqual([4, 2]);
});

test('a curve written as many straight stretches has no corners but its ends; a shallow bend of long ones is one', () => {
  const arc = Array.from({ length: 31 }, (_, nth) => ({
    x: 200 * Math.cos((nth / 30) * (Math.PI / 2)),
    y: 200 * Math.sin((nth / 30) * (Math.PI / 2)),
  }));
  // From the arc's end a side that bends by fourteen degrees half way down.
  const ring = [
    { x: 0, y: 0 },
    { x: 200, y: 0 },
    ...arc.slice(1),
    { x: -20, y: 200 },
    { x: -80, y: 100 },
    { x: -110, y: 0 },
  ];
  const knots = knotsOfDrawn({ name: '', layer: '', path: polyline([...ring, { x: 0, y: 0 }]) }, 1);
  const corners = knots.flatMap(({ x, y, corner }) => (corner ? [[Math.round(x), Math.round(y)]] : []));
  expect(corners).toEqual([
    [200, 0],
    [-20, 200],
    [-80, 100],
    [-110, 0],
  ]);
});
