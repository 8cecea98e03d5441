import { mapped, pathOf, polyline, type Path } from '../../geometry/path';
import { between, distance, plus, point, type Point } from '../../geometry/point';
import { areaOf, boundsOf, flattened, type Bounds } from '../../geometry/ring';
import { cubic, line, type Segment } from '../../geometry/segment';
import { MM_PER_INCH } from '../../units/constants';
import {
  closedOf,
  closedWithin,
  CLOSES_MM,
  drawingOf,
  foundIn,
  MOST_LINES,
  TOO_MANY_LINES,
  type DrawingRead,
  type DrawnShape,
} from './drawing';

/** A page’s drawing operators as a PDF reader lists them, and the numbers it knows each by. */
export interface PdfPage {
  readonly operators: { readonly fnArray: readonly number[]; readonly argsArray: readonly unknown[] };
  readonly names: Readonly<Record<PdfOperator, number>>;
  /** From the page’s own coordinates to points from its upper left corner, y downwards: a, b, c, d, e, f. */
  readonly transform: readonly number[];
  /** Points in one of those units, where the page says so. */
  readonly userUnit: number;
  /** What its layers are called, by the names the page has for them. */
  readonly layers: Readonly<Record<string, string>>;
}

/** The operators that tell lines, and where they are drawn (ISO 32000-1, 8.4, 8.5 and 14.6). */
export const pdfOperators = [
  'save',
  'restore',
  'transform',
  'paintFormXObjectBegin',
  'paintFormXObjectEnd',
  'beginMarkedContent',
  'beginMarkedContentProps',
  'endMarkedContent',
  'constructPath',
  'moveTo',
  'lineTo',
  'curveTo',
  'curveTo2',
  'curveTo3',
  'closePath',
  'rectangle',
  'stroke',
  'closeStroke',
  'fill',
  'eoFill',
  'fillStroke',
  'eoFillStroke',
  'closeFillStroke',
  'closeEOFillStroke',
  'endPath',
] as const;
export type PdfOperator = (typeof pdfOperators)[number];

const PAINTS: readonly PdfOperator[] = [
  'stroke',
  'closeStroke',
  'fill',
  'eoFill',
  'fillStroke',
  'eoFillStroke',
  'closeFillStroke',
  'closeEOFillStroke',
];
const CLOSES: readonly PdfOperator[] = ['closeStroke', 'closeFillStroke', 'closeEOFillStroke'];

type Matrix = readonly [number, number, number, number, number, number];
const isMatrix = (given: unknown): given is Matrix => Array.isArray(given) && given.length === 6;
const along = (m: Matrix, n: Matrix): Matrix => [
  m[0] * n[0] + m[2] * n[1],
  m[1] * n[0] + m[3] * n[1],
  m[0] * n[2] + m[2] * n[3],
  m[1] * n[2] + m[3] * n[3],
  m[0] * n[4] + m[2] * n[5] + m[4],
  m[1] * n[4] + m[3] * n[5] + m[5],
];
const placed = (m: Matrix, x: number, y: number): Point =>
  point(m[0] * x + m[2] * y + m[4], m[1] * x + m[3] * y + m[5]);

/** A run of the pen, and whether it ended where it began. */
interface Run {
  readonly layer: string;
  readonly segments: Segment[];
  closed: boolean;
}

export const NO_VECTORS =
  'This page has no lines, only a picture or words: take it as a photo, or choose the page the outlines are drawn on.';

/** The closed lines of one page, at its true scale. */
export function readPdfPage(page: PdfPage): DrawingRead {
  const runs = runsOfPage(page);
  if (runs.length > MOST_LINES) return { ok: false, sentence: TOO_MANY_LINES };
  if (runs.length === 0) return { ok: false, sentence: NO_VECTORS };
  return shapesOf(runs, mmPerUnitOf(page));
}

/** How the sheets of a pattern lie: so many across, each trimmed left and right, above and below, mm. */
export interface SheetLayout {
  readonly columns: number;
  readonly sidesMm: number;
  readonly endsMm: number;
}

/**
 * The layout in which two marks come to lie on each other that are one on two sheets beside or below each other: each
 * sheet loses half of what they are apart. Places on the sheets as they lie, mm.
 */
export function matched({ columns, sidesMm, endsMm }: SheetLayout, a: Point, b: Point): SheetLayout {
  const [dx, dy] = [Math.abs(a.x - b.x), Math.abs(a.y - b.y)];
  return dx > dy
    ? { columns, sidesMm: sidesMm + dx / 2, endsMm }
    : { columns, sidesMm, endsMm: endsMm + dy / 2 };
}

/** One sheet: its page, and its size in the units it is drawn in. */
export interface PdfSheet {
  readonly page: PdfPage;
  readonly width: number;
  readonly height: number;
}

/** Sheets put together row by row, each trimmed by the margin and laid against the one before it; their closed lines. */
export function readPdfSheets(
  sheets: readonly PdfSheet[],
  { columns, sidesMm, endsMm }: SheetLayout,
): DrawingRead {
  const [first] = sheets;
  if (!first) return { ok: false, sentence: NO_VECTORS };
  const mmPerUnit = mmPerUnitOf(first.page);
  const [sides, ends] = [sidesMm / mmPerUnit, endsMm / mmPerUnit];
  const [wide, high] = [first.width - 2 * sides, first.height - 2 * ends];
  if (wide <= 0 || high <= 0)
    return {
      ok: false,
      sentence: 'The margin is larger than the sheets: give what is trimmed off one side.',
    };
  const whole = { left: sides, top: ends, right: sides + wide, bottom: ends + high };
  const runs = sheets.flatMap(({ page }, nth) => {
    const by = point((nth % columns) * wide - sides, Math.floor(nth / columns) * high - ends);
    return runsOfPage(page).flatMap((run) =>
      trimmed(run, whole, CLOSES_MM / mmPerUnit).map((one) => laidAt(one, by)),
    );
  });
  if (runs.length > MOST_LINES) return { ok: false, sentence: TOO_MANY_LINES };
  if (runs.length === 0) return { ok: false, sentence: NO_VECTORS };
  return shapesOf(runs, mmPerUnit);
}

const laidAt = ({ layer, segments, closed }: Run, by: Point): Run => ({
  layer,
  closed,
  segments: [...mapped(pathOf(segments), (one) => plus(one, by))],
});

/** What of a run lies inside the trimmed sheet: all of it, or the stretches between where it leaves and comes back. Its frame is none. */
function trimmed(run: Run, sheet: Bounds, reach: number): readonly Run[] {
  const path = pathOf(run.segments);
  const box = boundsOf(path);
  if (run.closed && isFrame(path, box, sheet, reach)) return [];
  const isInside =
    box.left >= sheet.left && box.top >= sheet.top && box.right <= sheet.right && box.bottom <= sheet.bottom;
  if (isInside) return [run];
  const points = flattened(path);
  const stretches: Point[][] = [];
  for (const [nth, to] of points.slice(1).entries()) {
    const part = clippedTo(sheet, points[nth] as Point, to);
    if (!part) continue;
    const last = stretches.at(-1);
    if (last && distance(last.at(-1) as Point, part[0]) < HAIR) last.push(part[1]);
    else stretches.push([...part]);
  }
  return stretches
    .filter((one) => one.length > 1)
    .map((one) => ({ layer: run.layer, closed: false, segments: [...polyline(one)] }));
}
/** Whether a closed run is the rectangle that a sheet is trimmed to. */
function isFrame(path: Path, box: Bounds, sheet: Bounds, reach: number): boolean {
  const sides = ['left', 'top', 'right', 'bottom'] as const;
  const whole = closedWithin(path, Infinity)?.path;
  const area = (box.right - box.left) * (box.bottom - box.top);
  return (
    whole !== undefined &&
    sides.every((side) => Math.abs(box[side] - sheet[side]) <= reach) &&
    Math.abs(Math.abs(areaOf(whole)) - area) <= FRAME_SHARE * area
  );
}
const FRAME_SHARE = 0.001;
/** Ends closer than this are one, points. */
const HAIR = 1e-6;

/** The stretch of a straight line inside a rectangle; nothing where it passes by (Liang and Barsky, 1984; from memory). */
function clippedTo(
  { left, top, right, bottom }: Bounds,
  from: Point,
  to: Point,
): readonly [Point, Point] | undefined {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  let [start, end] = [0, 1];
  for (const [step, room] of [
    [-dx, from.x - left],
    [dx, right - from.x],
    [-dy, from.y - top],
    [dy, bottom - from.y],
  ] as const) {
    if (step === 0 && room < 0) return undefined;
    if (step < 0) start = Math.max(start, room / step);
    if (step > 0) end = Math.min(end, room / step);
  }
  return start < end ? [between(from, to, start), between(from, to, end)] : undefined;
}

const mmPerUnitOf = ({ userUnit }: PdfPage): number => (MM_PER_INCH / POINTS_PER_INCH) * userUnit;
const POINTS_PER_INCH = 72;

/** Every run of the pen that a page draws, in points from its upper left corner; more than can be a pattern are not all listed. */
function runsOfPage({ operators, names, transform, layers }: PdfPage): readonly Run[] {
  const runs: Run[] = [];
  const name = new Map(pdfOperators.map((one) => [names[one], one] as const));
  let matrix: Matrix = isMatrix(transform) ? transform : [1, 0, 0, 1, 0, 0];
  const kept: Matrix[] = [];
  const marked: string[] = [];
  let drawn: Run[] = [];
  for (const [nth, fn] of operators.fnArray.entries()) {
    const args = operators.argsArray[nth];
    const given = Array.isArray(args) ? (args as readonly unknown[]) : [];
    const operator = name.get(fn);
    if (operator === 'save') kept.push(matrix);
    else if (operator === 'restore' || operator === 'paintFormXObjectEnd') matrix = kept.pop() ?? matrix;
    else if (operator === 'transform' && isMatrix(given)) matrix = along(matrix, given);
    else if (operator === 'paintFormXObjectBegin') {
      kept.push(matrix);
      if (isMatrix(given[0])) matrix = along(matrix, given[0]);
    } else if (operator === 'beginMarkedContent' || operator === 'beginMarkedContentProps')
      marked.push(layerOf(given, layers) ?? marked.at(-1) ?? '');
    else if (operator === 'endMarkedContent') marked.pop();
    else if (operator === 'constructPath') {
      const [steps, numbers] = given as readonly [readonly number[], readonly number[]];
      drawn = [...drawn, ...runsOf(steps, numbers, name, matrix, marked.at(-1) ?? '')];
    } else if (operator === 'endPath') drawn = [];
    else if (operator !== undefined && PAINTS.includes(operator)) {
      if (CLOSES.includes(operator)) for (const run of drawn) run.closed = true;
      runs.push(...drawn);
      drawn = [];
    }
    if (runs.length > MOST_LINES) break;
  }
  return runs;
}

/** The layer that content is marked with, as a person knows it. */
function layerOf([tag, properties]: readonly unknown[], layers: PdfPage['layers']): string | undefined {
  if (tag !== 'OC' || typeof properties !== 'object' || properties === null) return undefined;
  const id = (properties as { readonly id?: unknown }).id;
  return typeof id === 'string' ? layers[id] : undefined;
}

function runsOf(
  steps: readonly number[],
  numbers: readonly number[],
  name: ReadonlyMap<number, PdfOperator>,
  matrix: Matrix,
  layer: string,
): Run[] {
  const runs: Run[] = [];
  let at = 0;
  let [start, here] = [point(0, 0), point(0, 0)];
  let run: Run = { layer, segments: [], closed: false };
  const next = (): Point => placed(matrix, numbers[at++] ?? 0, numbers[at++] ?? 0);
  const begin = (to: Point): void => {
    if (run.segments.length > 0) runs.push(run);
    run = { layer, segments: [], closed: false };
    [start, here] = [to, to];
  };
  const draw = (segment: Segment): void => {
    run.segments.push(segment);
    here = segment.to;
  };
  const close = (): void => {
    if (distance(here, start) > 0) draw(line(here, start));
    run.closed = true;
    begin(start);
  };
  for (const step of steps) {
    const operator = name.get(step);
    if (operator === 'moveTo') begin(next());
    else if (operator === 'lineTo') draw(line(here, next()));
    else if (operator === 'curveTo') draw(cubic(here, next(), next(), next()));
    else if (operator === 'curveTo2') draw(cubic(here, here, next(), next()));
    else if (operator === 'curveTo3') {
      const [control, to] = [next(), next()];
      draw(cubic(here, control, to, to));
    } else if (operator === 'closePath') close();
    else if (operator === 'rectangle') {
      const [x = 0, y = 0, w = 0, h = 0] = numbers.slice(at, at + 4);
      at += 4;
      begin(placed(matrix, x, y));
      for (const [cx, cy] of [
        [x + w, y],
        [x + w, y + h],
        [x, y + h],
      ] as const)
        draw(line(here, placed(matrix, cx, cy)));
      close();
    }
  }
  begin(start);
  return runs;
}

/** Closed lines as they are; open ones of a layer joined where they meet. */
function shapesOf(runs: readonly Run[], mmPerUnit: number): DrawingRead {
  const reach = CLOSES_MM / mmPerUnit;
  const called = (layer: string) => ({ layer, name: layer === '' ? 'A line' : layer });
  const shapes: DrawnShape[] = [];
  const loose = new Map<string, (readonly Point[])[]>();
  let mended = 0;
  for (const { layer, segments, closed } of runs) {
    const path: Path = pathOf(segments);
    const whole = closed || segments.length > 2 ? closedWithin(path, closed ? Infinity : reach) : undefined;
    if (whole) shapes.push({ ...called(layer), path: whole.path });
    if (whole && !closed && whole.gap > 0) mended += 1;
    if (!whole) loose.set(layer, [...(loose.get(layer) ?? []), flattened(path)]);
  }
  const joined = [...loose].map(([layer, lines]) => closedOf(lines, reach, called(layer)));
  return drawingOf(foundIn([{ shapes, mended, open: [] }, ...joined]), mmPerUnit);
}
