import type { ShapeEdge } from '../fit/pieceShape';
import { MITRE, offset } from '../geometry/offset';
import { endOf, polyline, type Path } from '../geometry/path';
import { distance, meetingOf, minus, plus, times, unitOf, type Point } from '../geometry/point';

/** An edge and how far beside it its line runs, mm: outside where positive. */
export interface OffsetEdge {
  readonly of: ShapeEdge;
  readonly path: Path;
  readonly mm: number;
}

/** The lines beside the edges of a closed piece, each joined to the next where the two meet. */
export function joinedOffsets(
  edges: readonly OffsetEdge[],
): readonly { readonly of: ShapeEdge; readonly path: Path }[] {
  const lines = edges.map(({ path, mm }) => withoutLoops(apart(offset(path, mm))));
  edges.forEach(({ path, mm }, nth) => {
    const next = (nth + 1) % edges.length;
    const most = Math.max(Math.abs(mm), Math.abs(edges[next]?.mm ?? 0));
    const [a, b] = mitred(lines[nth] ?? [], lines[next] ?? [], endOf(path), most);
    lines[nth] = a;
    lines[next] = b;
  });
  return edges.map(({ of }, nth) => ({ of, path: polyline(apart(lines[nth] ?? [])) }));
}

/** The points of a line without those that lie on the one before them: between such two it has no direction. */
const apart = (line: readonly Point[]): readonly Point[] =>
  line.filter((one, nth) => nth === 0 || distance(one, line[nth - 1] as Point) > SAME_MM);
const SAME_MM = 1e-6;

/**
 * A line without the small loops it has where it turns inwards: there the stretches before and after cross, and what lies
 * between goes. Loops of more than a stretch stay: they are a corner tighter than the allowance.
 */
function withoutLoops(line: readonly Point[]): readonly Point[] {
  const points: Point[] = [];
  for (const one of line) {
    points.push(one);
    const [a, b, c, d] = points.slice(-4);
    const at = a && b && c && d && between(a, b, c, d);
    if (at && d) points.splice(-3, 3, at, d);
  }
  return points;
}

/**
 * Two lines that follow each other, cut off or run on to where they meet; square, end to end, where that is too far out.
 */
export function mitred(
  a: readonly Point[],
  b: readonly Point[],
  corner: Point,
  mostMm: number,
): readonly [readonly Point[], readonly Point[]] {
  const far = MITRE * mostMm + mostMm;
  const cut = crossing(runOn(a, far), runOn(b.toReversed(), far));
  if (!cut || distance(cut.at, corner) > MITRE * mostMm + NEAR_MM) {
    const [end, start] = [a.at(-1) as Point, b[0] as Point];
    return distance(end, start) <= NEAR_MM ? [a, b] : [[...a, start], b];
  }
  return [
    [...a.slice(0, a.length - cut.ofA), cut.at],
    [cut.at, ...b.slice(cut.ofB)],
  ];
}
const NEAR_MM = 0.01;

/** A line with its last stretch run on by so much, mm. */
export function runOn(line: readonly Point[], mm: number): readonly Point[] {
  const [last, before] = [line.at(-1) as Point, line.at(-2) as Point];
  const along = unitOf(minus(last, before));
  return along ? [...line, plus(last, times(along, mm))] : line;
}

/**
 * Where two lines cross, looked for from their ends: how many points of each lie beyond it, not counting the one they
 * were run on to.
 */
export function crossing(
  a: readonly Point[],
  b: readonly Point[],
): { readonly at: Point; readonly ofA: number; readonly ofB: number } | undefined {
  let best: { at: Point; ofA: number; ofB: number } | undefined;
  for (let i = a.length - 1; i > 0; i -= 1) {
    const ofA = a.length - 1 - i;
    if (best && ofA >= best.ofA + best.ofB) break;
    for (let j = b.length - 1; j > 0; j -= 1) {
      const ofB = b.length - 1 - j;
      if (best && ofA + ofB >= best.ofA + best.ofB) break;
      const at = between(a[i - 1] as Point, a[i] as Point, b[j - 1] as Point, b[j] as Point);
      if (at) best = { at, ofA, ofB };
    }
  }
  return best;
}

/** Where two straight stretches cross; nothing where they do not. */
function between(a: Point, b: Point, c: Point, d: Point): Point | undefined {
  const [ab, cd] = [minus(b, a), minus(d, c)];
  const at = meetingOf(a, ab, c, cd);
  return at && isOn(a, b, at) && isOn(c, d, at) ? at : undefined;
}

const isOn = (a: Point, b: Point, at: Point): boolean => {
  const along = minus(b, a);
  const share = ((at.x - a.x) * along.x + (at.y - a.y) * along.y) / (along.x ** 2 + along.y ** 2);
  return share >= -SLACK && share <= 1 + SLACK;
};
const SLACK = 1e-9;
