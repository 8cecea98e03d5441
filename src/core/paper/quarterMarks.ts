import { getNumber } from '../explain/ledger';
import type { EdgeRun, GarmentKind } from '../fit/garmentKind';
import { edgesBeside, type ShapeEdge } from '../fit/pieceShape';
import { partName } from '../edges/marks/bandMarks';
import { markCount } from '../edges/marks/marks';
import type { EdgePlan } from '../edges/types';
import { outwardOf, type Point } from '../geometry/point';
import { directionAlong, lengthOf, pointAlong } from '../geometry/path';
import { isAsItsKind, pathOfEdge, type Outlines } from '../pieces/outline';
import type { GarmentPlan } from '../plan/types';

/** A mark on the edge of a piece, where the same mark of its band is pinned. */
export interface QuarterMark {
  readonly piece: string;
  readonly edge: string;
  readonly label: string;
  readonly at: Point;
  readonly out: Point;
}

/** A garment’s edge on one piece, and what it meets at either end: a seam (by its id in the kind’s `sewn`), its own other half, nothing. */
interface Run {
  readonly piece: string;
  readonly edge: string;
  readonly mm: number;
  readonly ends: readonly [string, string];
}

const MIRROR = 'its other half';
const isMirror = (joint: string): boolean => joint.startsWith(MIRROR);

/** Edges measured on the outlines and elsewhere agree this closely, else the marks are not those of these pieces, mm. */
const AGREE_MM = 2;

/**
 * Marks of the garment’s bands and elastics on the edges of its pieces: in as many parts as the plan divides the edge into,
 * from where it begins. An edge on both halves of the body is divided from fold to fold; one round a limb from its seam.
 * None where the pieces do not tell where the edge begins, or the edge was typed otherwise than they are.
 */
export function quarterMarks(
  plan: Pick<GarmentPlan, 'edges' | 'numbers'>,
  kind: GarmentKind,
  outlines: Outlines,
): readonly QuarterMark[] {
  return plan.edges.flatMap((edge) => {
    const division = divisionOf(plan, edge);
    const run = kind.edges.find(({ id }) => id === edge.id);
    const chain = run && division && chainOf(kind, outlines, edge.id, run);
    if (!chain) return [];
    const whole = chain.runs.reduce((sum, { mm }) => sum + mm, 0);
    if (Math.abs(whole * chain.times - division.edgeMm) > AGREE_MM) return [];
    return marksAlong(chain, outlines, whole, division.count);
  });
}

/** How an edge is divided: by the first of its strips that is marked on the edge itself. */
function divisionOf({ numbers }: Pick<GarmentPlan, 'numbers'>, { strips, length }: EdgePlan) {
  const strip = strips.find(({ marking, on }) => marking && on === length);
  if (!strip?.marking) return undefined;
  const edgeMm = getNumber(numbers, strip.on).value;
  return { edgeMm, count: markCount(strip.marking.choice, edgeMm) };
}

/** Marks at equal parts of the edge, but for the chain’s ends: those are seams, folds or notches already. */
function marksAlong(
  { runs, times }: Chain,
  outlines: Outlines,
  whole: number,
  count: number,
): readonly QuarterMark[] {
  const parts = count / times;
  let past = 0;
  return runs.flatMap(({ piece, edge, mm, forwards }) => {
    const from = past;
    past += mm;
    const path = outlines[piece] && pathOfEdge(outlines[piece], edge);
    if (!path) return [];
    return Array.from({ length: parts - 1 }, (_, nth) => nth + 1).flatMap((nth) => {
      const along = (whole * nth) / parts - from;
      if (along < 0 || along >= mm) return [];
      const place = forwards ? along : mm - along;
      const [at, out] = [pointAlong(path, place), outwardOf(directionAlong(path, place))];
      return [{ piece, edge, label: partName(nth, count), at, out }];
    });
  });
}

interface Chain {
  readonly runs: readonly (Run & { readonly forwards: boolean })[];
  /** How often it is there along the edge. */
  readonly times: 1 | 2;
}

/** The pieces of an edge, one after the other from where it begins. */
function chainOf(
  kind: GarmentKind,
  outlines: Outlines,
  edge: string,
  { pair, startsAt }: EdgeRun,
): Chain | undefined {
  const runs = kind.shapes.flatMap((shape) =>
    shape.edges.flatMap((of, nth): readonly Run[] => {
      if (of.edge !== edge || of.seam !== undefined) return [];
      const outline = outlines[shape.id];
      const path = outline && isAsItsKind(outline) ? pathOfEdge(outline, of.id) : undefined;
      const [before, after] = edgesBeside(shape, nth);
      const ends = [before, after].map((beside, end) => jointAt(kind, shape.id, beside, end)) as [
        string,
        string,
      ];
      return [{ piece: shape.id, edge: of.id, mm: path ? lengthOf(path) : NaN, ends }];
    }),
  );
  if (runs.length === 0 || runs.some(({ mm }) => Number.isNaN(mm))) return undefined;
  const mirrors = runs.flatMap(({ ends }) => ends).filter(isMirror);
  if (pair) {
    const joints = new Set(runs.flatMap(({ ends }) => ends));
    const seams = kind.sewn.filter(({ id }) => joints.has(id));
    const start = joints.size === 1 ? [...joints][0] : seams.find(({ seam }) => seam === startsAt)?.id;
    return start === undefined || mirrors.length > 0 ? undefined : chained(runs, start, 1);
  }
  return mirrors[0] === undefined ? undefined : chained(runs, mirrors[0], 2);
}

/** What an edge meets where another begins beside it. */
function jointAt({ sewn }: GarmentKind, piece: string, beside: ShapeEdge, end: number): string {
  const name = `${piece}.${beside.id}`;
  const joint = sewn.find(({ a, b }) => a.includes(name) || b.includes(name));
  if (joint) return joint.id;
  return beside.fold || beside.seam !== undefined ? `${MIRROR} ${name} ${end}` : `free ${name}`;
}

/** Runs laid end to end from a joint; nothing where they do not all follow each other. */
function chained(runs: readonly Run[], start: string, times: 1 | 2): Chain | undefined {
  const left = [...runs];
  const found: (Run & { forwards: boolean })[] = [];
  let joint = start;
  while (left.length > 0) {
    const nth = left.findIndex(({ ends }) => ends.includes(joint));
    const [next] = nth === -1 ? [] : left.splice(nth, 1);
    if (!next) return undefined;
    const forwards = next.ends[0] === joint;
    found.push({ ...next, forwards });
    joint = next.ends[forwards ? 1 : 0];
  }
  const closes = times === 1 ? joint === start : true;
  return closes ? { runs: found, times } : undefined;
}
