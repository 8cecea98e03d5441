import { DxfWriter, point2d, Units } from '@tarikjabiri/dxf';
import { PDFDocument } from '@cantoo/pdf-lib';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Knot } from '../src/core/facts/outline';
import { boundsOfPoints, flattened } from '../src/core/geometry/ring';
import { MM_PER_INCH } from '../src/core/units/constants';
import type { Path } from '../src/core/geometry/path';
import { ringPath } from '../src/core/pieces/ring';
import { drawnPatterns } from '../src/demo/drawn/pieces';
import { takenFrom } from './takenFrom';

/**
 * Writes the demo’s drawing (SVG), exchange file (DXF) and page (PDF), and what the product takes out of them:
 * `npm run demo-drawings`. Run again after its pieces or the readers change.
 */
const FOLDER = join(import.meta.dirname, '../src/demo/drawn');
/** Between pieces that lie side by side, mm. */
const APART_MM = 40;
const PT_PER_MM = 72 / MM_PER_INCH;

interface Laid {
  readonly id: string;
  readonly path: Path;
  readonly right: number;
  readonly bottom: number;
}

/** Pieces side by side, the first in the upper left corner. */
function laidOut(pieces: Readonly<Record<string, readonly Knot[]>>): readonly Laid[] {
  let left = APART_MM;
  return Object.entries(pieces).map(([id, ring]) => {
    const box = boundsOfPoints(ring);
    const [dx, dy] = [left - box.left, APART_MM - box.top];
    const path = ringPath(ring.map((knot) => ({ ...knot, x: knot.x + dx, y: knot.y + dy })));
    if (!path) throw new Error(`expected an outline for ${id}`);
    left += box.right - box.left + APART_MM;
    return { id, path, right: left, bottom: box.bottom + dy + APART_MM };
  });
}

/** The sheet that they lie on, mm. */
const sizeOf = (laid: readonly Laid[]) => ({
  wide: Math.max(...laid.map(({ right }) => right)),
  high: Math.max(...laid.map(({ bottom }) => bottom)),
});

const number = (mm: number): string => mm.toFixed(4);
const svgPath = (path: Path, by = 1): string =>
  path
    .map((one, nth) => {
      const spot = ({ x, y }: { x: number; y: number }) => `${number(x * by)} ${number(y * by)}`;
      const start = nth === 0 ? `M${spot(one.from)}` : '';
      return one.kind === 'line'
        ? `${start}L${spot(one.to)}`
        : `${start}C${spot(one.c1)} ${spot(one.c2)} ${spot(one.to)}`;
    })
    .join('') + 'Z';

function svgOf(laid: readonly Laid[]): string {
  const { wide, high } = sizeOf(laid);
  const paths = laid.map(
    ({ id, path }) => `  <path id="${id}" fill="none" stroke="#000" d="${svgPath(path)}"/>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}mm" height="${high}mm" viewBox="0 0 ${wide} ${high}">\n${paths.join('\n')}\n</svg>\n`;
}

/** On the layer of sew lines (ASTM D6673, from memory), in inches as many programs write them. */
function dxfOf(laid: readonly Laid[]): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Inches);
  dxf.addLayer('14', 7, 'CONTINUOUS');
  dxf.setCurrentLayerName('14');
  for (const { path } of laid)
    dxf.addLWPolyline(
      flattened(path, 0.02).map(({ x, y }) => ({ point: point2d(x / MM_PER_INCH, -y / MM_PER_INCH) })),
    );
  return dxf.stringify();
}

async function pdfOf(laid: readonly Laid[]): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  // The same file each time.
  file.setCreationDate(new Date(0));
  file.setModificationDate(new Date(0));
  const { wide, high } = sizeOf(laid);
  const page = file.addPage([wide * PT_PER_MM, high * PT_PER_MM]);
  for (const { path } of laid)
    page.drawSvgPath(svgPath(path, PT_PER_MM), { x: 0, y: high * PT_PER_MM, borderWidth: 1 });
  return file.save({ useObjectStreams: false });
}

async function write(): Promise<void> {
  mkdirSync(FOLDER, { recursive: true });
  for (const { file, pieces } of Object.values(drawnPatterns)) {
    const laid = laidOut(pieces);
    const made = file.endsWith('.svg')
      ? svgOf(laid)
      : file.endsWith('.dxf')
        ? dxfOf(laid)
        : await pdfOf(laid);
    writeFileSync(join(FOLDER, file), made);
  }
  const taken = Object.fromEntries(Object.keys(drawnPatterns).map((id) => [id, takenFrom(FOLDER, id)]));
  writeFileSync(join(FOLDER, 'taken.json'), `${JSON.stringify(taken)}\n`);
}
void write();
