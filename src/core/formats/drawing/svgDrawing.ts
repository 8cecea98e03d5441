import { XMLParser, XMLValidator } from 'fast-xml-parser';
import svgpath from 'svgpath';
import { MM_PER_INCH } from '../../units/constants';
import { point, type Point } from '../../geometry/point';
import { pathOf } from '../../geometry/path';
import { cubic, line, quadratic, type Segment } from '../../geometry/segment';
import {
  closedWithin,
  CLOSES_MM,
  drawingOf,
  MOST_DRAWING_BYTES,
  MOST_LINES,
  TOO_LARGE,
  TOO_MANY_LINES,
  type DrawingRead,
  type DrawnShape,
} from './drawing';

/** One element as the parser gives it: its name with its children, and its attributes under `:@`. */
type Element = Readonly<Record<string, unknown>> & { readonly ':@'?: Readonly<Record<string, string>> };

/** Absolute lengths of CSS, mm (CSS Values and Units, level 4). */
const ABSOLUTE: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  pt: MM_PER_INCH / 72,
  pc: MM_PER_INCH / 6,
  Q: 0.25,
};
/** Deeper than anybody groups. */
const MOST_DEEP = 40;
const NOT_SVG = 'This file is no SVG drawing, whatever its name says: choose another.';

/**
 * The closed lines of an SVG drawing. Nothing in it is run, asked for or expanded: scripts, pictures and references are left
 * out, entities of its own and what is nested too deep are refused. A fault as a sentence.
 */
export function readSvg(text: string): DrawingRead {
  if (text.length > MOST_DRAWING_BYTES) return TOO_LARGE;
  if (/<!ENTITY/i.test(text))
    return {
      ok: false,
      sentence:
        'This drawing defines entities of its own, which are not expanded here: save it as plain SVG.',
    };
  if (!/<svg[\s>]/i.test(text)) return { ok: false, sentence: NOT_SVG };
  if (XMLValidator.validate(text) !== true)
    return {
      ok: false,
      sentence: 'This SVG file breaks off or is damaged: save it again and choose it once more.',
    };
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
    removeNSPrefix: true,
    parseAttributeValue: false,
  });
  const found: Found = { shapes: [], lines: 0, left: new Set(), mended: 0, open: [] };
  const root = (parser.parse(text) as readonly Element[]).find((one) => 'svg' in one);
  if (!root) return { ok: false, sentence: NOT_SVG };
  const mmPerUnit = unitOf(root[':@'] ?? {});
  const reach = CLOSES_MM / (mmPerUnit ?? 1);
  const fault = walk(found, childrenOf(root, 'svg'), {
    transforms: [],
    name: '',
    layer: '',
    depth: 0,
    reach,
  });
  if (fault !== undefined) return { ok: false, sentence: fault };
  const left = [...found.left].toSorted().map((what) => `${LEFT_OUT[what] ?? what} are left out.`);
  return drawingOf(found, mmPerUnit, left);
}

/** Millimetres in a user unit: where its width is absolute, by its view box; else it does not say. */
function unitOf({ width = '', viewBox = '' }: Readonly<Record<string, string>>): number | undefined {
  const [, number = '', unit = ''] = /^\s*([\d.]+(?:e-?\d+)?)\s*([a-zA-Z]+)\s*$/.exec(width) ?? [];
  const mm = ABSOLUTE[unit];
  if (mm === undefined) return undefined;
  const across = Number(viewBox.trim().split(/[\s,]+/)[2]);
  // Without a view box a unit is a pixel of CSS: 96 to the inch.
  return across > 0 ? (Number(number) * mm) / across : MM_PER_INCH / 96;
}

interface Found {
  readonly shapes: DrawnShape[];
  readonly left: Set<string>;
  lines: number;
  mended: number;
  readonly open: DrawnShape[];
}

interface Inside {
  readonly transforms: readonly string[];
  readonly name: string;
  readonly layer: string;
  readonly depth: number;
  readonly reach: number;
}

const LEFT_OUT: Readonly<Record<string, string>> = {
  script: 'Scripts',
  image: 'Pictures',
  use: 'Parts that are used by reference',
  text: 'Words',
  percent: 'Shapes whose size is a percentage',
};

const childrenOf = (element: Element, name: string): readonly Element[] =>
  Array.isArray(element[name]) ? (element[name] as readonly Element[]) : [];

function walk(found: Found, elements: readonly Element[], inside: Inside): string | undefined {
  if (inside.depth > MOST_DEEP)
    return 'This drawing is nested deeper than can be read: take its groups apart (ungroup) and save it again.';
  for (const element of elements) {
    const name = Object.keys(element).find((key) => key !== ':@');
    if (name === undefined || name === '#text') continue;
    const attributes = element[':@'] ?? {};
    if (name in LEFT_OUT) {
      found.left.add(name);
      continue;
    }
    if (/display\s*:\s*none/.test(attributes.style ?? '') || attributes.display === 'none') continue;
    const { transform } = attributes;
    const within: Inside = {
      ...inside,
      transforms: transform === undefined ? inside.transforms : [transform, ...inside.transforms],
      name: attributes.id ?? inside.name,
    };
    if (name === 'g' || name === 'svg' || name === 'a') {
      const fault = walk(found, childrenOf(element, name), {
        ...within,
        layer: attributes.id ?? inside.layer,
        depth: inside.depth + 1,
      });
      if (fault !== undefined) return fault;
      continue;
    }
    const d = pathData(name, attributes);
    if (d === 'percent') found.left.add('percent');
    else if (d !== undefined) {
      found.lines += 1;
      if (found.lines > MOST_LINES) return TOO_MANY_LINES;
      addLines(found, d, within);
    }
  }
  return undefined;
}

/** A basic shape as the data of a path (SVG 2, chapter 10); nothing for what is no line. */
function pathData(name: string, a: Readonly<Record<string, string>>): string | undefined {
  const sizes = ['x', 'y', 'width', 'height', 'cx', 'cy', 'r', 'rx', 'ry'];
  if (name !== 'path' && sizes.some((key) => a[key]?.includes('%'))) return 'percent';
  const of = (key: string): number => Number.parseFloat(a[key] ?? '0') || 0;
  switch (name) {
    case 'path':
      return a.d;
    case 'polygon':
    case 'polyline':
      return a.points === undefined ? undefined : `M${a.points}${name === 'polygon' ? 'Z' : ''}`;
    case 'rect': {
      const [x, y, w, h] = [of('x'), of('y'), of('width'), of('height')];
      return `M${x} ${y}h${w}v${h}h${-w}Z`;
    }
    case 'circle':
    case 'ellipse': {
      const [cx, cy] = [of('cx'), of('cy')];
      const [rx, ry] = name === 'circle' ? [of('r'), of('r')] : [of('rx'), of('ry')];
      return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`;
    }
    default:
      return undefined;
  }
}

/** Adds the subpaths of a path, moved to where its groups put it. */
function addLines(found: Found, d: string, { transforms, name, layer, reach }: Inside): void {
  const moved = transforms.reduce((path, transform) => path.transform(transform), svgpath(d).abs());
  for (const segments of subpaths(moved.toString())) {
    const [first, ...rest] = segments;
    if (!first) continue;
    const path = pathOf([first, ...rest]);
    const called = { name: name === '' ? 'A line' : name, layer };
    const closed = segments.length < 2 ? undefined : closedWithin(path, reach);
    if (closed && closed.gap > 0) found.mended += 1;
    (closed ? found.shapes : found.open).push({ ...called, path: closed?.path ?? path });
  }
}

/** The subpaths of a path’s data, each as segments without length left out. */
function subpaths(d: string): readonly (readonly Segment[])[] {
  const all: Segment[][] = [];
  let [now, start]: [Point, Point] = [point(0, 0), point(0, 0)];
  const add = (segment: Segment) => {
    if (segment.kind === 'cubic' || segment.from.x !== segment.to.x || segment.from.y !== segment.to.y)
      all.at(-1)?.push(segment);
    now = segment.to;
  };
  svgpath(d)
    .abs()
    .unshort()
    .unarc()
    .iterate((given) => {
      const [kind, ...n] = given as unknown as readonly [string, ...number[]];
      const at = (nth: number): Point => point(n[nth] ?? 0, n[nth + 1] ?? 0);
      if (kind === 'M') {
        [now, start] = [at(0), at(0)];
        all.push([]);
      } else if (kind === 'L') add(line(now, at(0)));
      else if (kind === 'H') add(line(now, point(n[0] ?? 0, now.y)));
      else if (kind === 'V') add(line(now, point(now.x, n[0] ?? 0)));
      else if (kind === 'C') add(cubic(now, at(0), at(2), at(4)));
      else if (kind === 'Q') add(quadratic(now, at(0), at(2)));
      else if (kind === 'Z' || kind === 'z') {
        add(line(now, start));
        all.push([]);
      }
    });
  return all.filter((one) => one.length > 0);
}
