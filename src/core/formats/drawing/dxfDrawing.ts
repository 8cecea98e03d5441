import { Helper } from 'dxf';
import { MM_PER_INCH } from '../../units/constants';
import { point, type Point } from '../../geometry/point';
import {
  closedOf,
  CLOSES_MM,
  drawingOf,
  foundIn,
  MOST_DRAWING_BYTES,
  MOST_LINES,
  TOO_LARGE,
  TOO_MANY_LINES,
  type DrawingRead,
} from './drawing';

/** What `$INSUNITS` of a DXF file means, mm (DXF reference, header variables). */
const UNITS: Readonly<Record<number, number>> = {
  1: MM_PER_INCH,
  2: 12 * MM_PER_INCH,
  4: 1,
  5: 10,
  6: 1000,
};

/** Layers of patterns exchanged between programs (ASTM D6673, from memory: the person chooses among them). */
const LAYERS: Readonly<Record<string, string>> = {
  '1': 'boundary',
  '8': 'lines inside',
  '14': 'sew line',
};

const LOCKED = 'This is a binary DXF file: save it as DXF in text (ASCII) and choose it again.';
const NOT_DXF = 'This file is no DXF drawing, whatever its name says: choose another.';

/**
 * The closed lines of a DXF drawing in text: lines, arcs, polylines and splines, blocks put where they are inserted, lines that
 * follow each other joined. Of circles and arcs every five degrees are a point. A fault as a sentence.
 */
export function readDxf(text: string): DrawingRead {
  if (text.length > MOST_DRAWING_BYTES) return TOO_LARGE;
  if (text.startsWith('AutoCAD Binary DXF')) return { ok: false, sentence: LOCKED };
  if (!/^\s*0\s*\r?\n\s*SECTION/m.test(text) || !/\bENTITIES\b/.test(text))
    return { ok: false, sentence: NOT_DXF };
  let read: Pick<Helper, 'parsed'> & { readonly lines: ReturnType<Helper['toPolylines']>['polylines'] };
  try {
    const helper = new Helper(text);
    read = { parsed: helper.parsed, lines: helper.toPolylines().polylines };
  } catch {
    return {
      ok: false,
      sentence: 'This DXF file breaks off or is damaged: save it again and choose it once more.',
    };
  }
  if (read.lines.length > MOST_LINES) return { ok: false, sentence: TOO_MANY_LINES };
  const mmPerUnit = UNITS[read.parsed.header.insUnits ?? 0];
  const reach = CLOSES_MM / (mmPerUnit ?? 1);
  const layers = new Map<string, Point[][]>();
  for (const { layer, vertices } of read.lines) {
    const name = layer?.name ?? '0';
    // A drawing’s y points upwards.
    const points = vertices.map(([x, y]) => point(x, -y)).filter(({ x, y }) => Number.isFinite(x + y));
    layers.set(name, [...(layers.get(name) ?? []), points]);
  }
  const found = [...layers].map(([name, lines]) => {
    const means = LAYERS[name];
    const called = `Layer ${name}${means === undefined ? '' : ` (${means})`}`;
    return closedOf(lines, reach, { name: called, layer: called });
  });
  return drawingOf(foundIn(found), mmPerUnit);
}
