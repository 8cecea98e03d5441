import type { SewnEdges } from '../../fit/pieceShape';
import { backwards, bentTo, endMoved, lengthOf, type Path } from '../../geometry/path';
import { neighbours, type Outline, type Outlines, type PieceEdge } from '../outline';
import { namedEdge, sideLength } from '../walk';
import { withRedrawn } from './redrawn';

/** Seams whose sides changed by no more than this are left, mm. */
const LEAST_MM = 1e-4;

/** By how much the second side of a seam is the longer, mm; nothing while a piece of it has no outline. */
function longerBy(outlines: Outlines, { a, b }: SewnEdges): number | undefined {
  const [one, two] = [sideLength(outlines, a), sideLength(outlines, b)];
  const sum = (side: readonly { readonly mm: number }[]) => side.reduce((all, { mm }) => all + mm, 0);
  return one && two && sum(two) - sum(one);
}

/**
 * Pieces that were altered, their seams as they were: where one side became longer than the other by more than it was before,
 * the second side ends that much sooner at an edge that is finished, or bends less. The first side where the second cannot.
 */
export function walkAsBefore(sewn: readonly SewnEdges[], before: Outlines, after: Outlines): Outlines {
  return sewn.reduce((outlines, one) => {
    const [was, is] = [longerBy(before, one), longerBy(outlines, one)];
    if (was === undefined || is === undefined || Math.abs(is - was) < LEAST_MM) return outlines;
    const off = is - was;
    return (
      madeLonger(outlines, one.b, -off, trimmed) ??
      madeLonger(outlines, one.a, off, trimmed) ??
      madeLonger(outlines, one.b, -off, bent) ??
      madeLonger(outlines, one.a, off, bent) ??
      outlines
    );
  }, after);
}

type Longer = (outline: Outline, nth: number, mm: number) => Path | undefined;

/** The pieces with the one edge of a side longer by `mm`; nothing where the side has several, or it cannot be done. */
function madeLonger(
  outlines: Outlines,
  [name = '', ...others]: readonly string[],
  mm: number,
  longer: Longer,
): Outlines | undefined {
  const named = namedEdge(outlines, name);
  if (!named || others.length > 0) return undefined;
  const { outline, id } = named;
  const nths = outline.edges.flatMap(({ of }, nth) => (of.id === id ? [nth] : []));
  const paths = nths.map((nth) => [nth, longer(outline, nth, mm)] as const);
  if (paths.some(([, path]) => path === undefined)) return undefined;
  const redrawn = withRedrawn(outline, new Map(paths as readonly (readonly [number, Path])[]));
  return { ...outlines, [outline.shape.id]: redrawn };
}

/** Longer or shorter at the end where a finished edge begins: the lower one, where there are two. */
const trimmed: Longer = (outline, nth, mm) => {
  const { path } = outline.edges[nth] as PieceEdge;
  const { before, after } = neighbours(outline, nth);
  const isFree = ({ of }: PieceEdge): boolean => of.seam === undefined && !of.fold;
  const runsDown = (path.at(-1)?.to.y ?? 0) >= path[0].from.y;
  const atEnd = isFree(after) && (runsDown || !isFree(before));
  if (atEnd) return endMoved(path, mm);
  const back = isFree(before) ? endMoved(backwards(path), mm) : undefined;
  return back && backwards(back);
};

const bent: Longer = (outline, nth, mm) => {
  const { path } = outline.edges[nth] as PieceEdge;
  return bentTo(path, lengthOf(path) + mm);
};
