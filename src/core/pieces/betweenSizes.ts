import type { GarmentKind } from '../fit/garmentKind';
import { endOf, lengthOf, mapped, pathOf, splitAlong, startOf, type Path } from '../geometry/path';
import { between, minus, plus, type Point } from '../geometry/point';
import { asCubic, cubic, type Curve } from '../geometry/segment';
import type { Outline, PieceEdge } from './outline';

/** Two sizes, and how far from the first towards the second: beyond them less than 0 or more than 1. */
export interface SizesBeside<Of> {
  readonly a: Of;
  readonly b: Of;
  readonly share: number;
}

/** A size outside those that are there is drawn by at most one step beyond the nearest (as the trade grades). */
const MOST_BEYOND = 1;

/**
 * Which of the sizes that are there a wanted one lies between, by their places in order: the nearest on either side, else the
 * two nearest on one side while it is no more than a step beyond them. Nothing else.
 */
export function sizesBeside(
  there: readonly { readonly id: string; readonly place: number }[],
  wanted: number,
): SizesBeside<string> | undefined {
  const order = there.toSorted((a, b) => a.place - b.place);
  const above = order.find(({ place }) => place > wanted);
  const below = order.filter(({ place }) => place < wanted).at(-1);
  const [a, b] = above && below ? [below, above] : above ? order.slice(0, 2) : order.slice(-2);
  if (!a || !b || a.place === b.place) return undefined;
  const beyond = Math.max(a.place - wanted, wanted - b.place);
  return beyond > MOST_BEYOND
    ? undefined
    : { a: a.id, b: b.id, share: (wanted - a.place) / (b.place - a.place) };
}

/**
 * A piece between two sizes of it: each point lies a share of the way between those of the same edge at the same share of its
 * length (D). At the shares 0 and 1 it is the one and the other. Nothing where their edges do not correspond.
 */
export function outlineBetween({ a, b, share }: SizesBeside<Outline>): Outline | undefined {
  const same =
    a.edges.length === b.edges.length &&
    a.folded === b.folded &&
    a.edges.every(({ of }, nth) => of.id === b.edges[nth]?.of.id);
  if (!same) return undefined;
  if (share === 0) return a;
  if (share === 1) return b;
  // Both lie upright; where they lie does not matter.
  const from = startOf((b.edges[0] as PieceEdge).path);
  const moved = minus(startOf((a.edges[0] as PieceEdge).path), from);
  const edges = a.edges.map(({ of, path }, nth): PieceEdge => ({
    of,
    path: pathBetween(
      path,
      mapped((b.edges[nth] as PieceEdge).path, (one) => plus(one, moved)),
      share,
    ),
  }));
  return { ...a, edges };
}

/** Two paths as curves that end at the same shares of their lengths, and the path between them. */
function pathBetween(a: Path, b: Path, share: number): Path {
  const shares = [...new Set([...endsOf(a), ...endsOf(b)].map((one) => Math.round(one * GRAIN) / GRAIN))]
    .filter((one) => one > 0 && one < 1)
    .toSorted((x, y) => x - y);
  const [partsA, partsB] = [parted(a, shares), parted(b, shares)];
  const mix = (x: Point, y: Point): Point => between(x, y, share);
  const segments = partsA.map((part, nth) => {
    const other = partsB[nth] as (typeof partsA)[number];
    return cubic(
      mix(part.from, other.from),
      mix(part.c1, other.c1),
      mix(part.c2, other.c2),
      mix(part.to, other.to),
    );
  });
  return pathOf(segments);
}
/** Shares closer than this are one. */
const GRAIN = 1e5;

/** The shares of its length at which the segments of a path end. */
function endsOf(path: Path): readonly number[] {
  const whole = lengthOf(path);
  let past = 0;
  return path.map((segment) => {
    past += lengthOf([segment]);
    return past / whole;
  });
}

/** A path in one curve from each share of its length to the next. */
function parted(path: Path, shares: readonly number[]): readonly Curve[] {
  const whole = lengthOf(path);
  const parts: Path[] = [];
  let rest: Path | undefined = path;
  let past = 0;
  for (const share of shares) {
    if (!rest) break;
    const [part, left] = splitAlong(rest, (share - past) * whole);
    if (part) parts.push(part);
    rest = left;
    past = share;
  }
  if (rest) parts.push(rest);
  return parts.map((part) => {
    // Between two ends of either path there is no end of this one but by rounding.
    const longest = part.reduce((best, one) => (lengthOf([one]) > lengthOf([best]) ? one : best));
    return { ...asCubic(longest), from: startOf(part), to: endOf(part) };
  });
}

/** What is said where two sizes do not correspond. */
export const NOT_ALIKE =
  'Its outlines in the sizes on either side do not correspond: give them the same edges in the same order.';

/** All pieces of a kind between two sizes, and those that do not correspond. */
export function piecesBetween(
  { shapes }: Pick<GarmentKind, 'shapes'>,
  { a, b, share }: SizesBeside<Readonly<Record<string, Outline>>>,
): { readonly outlines: Readonly<Record<string, Outline>>; readonly unlike: readonly string[] } {
  const both = shapes.flatMap(({ id }) => {
    const [one, other] = [a[id], b[id]];
    return one && other ? [[id, outlineBetween({ a: one, b: other, share })] as const] : [];
  });
  return {
    outlines: Object.fromEntries(both.flatMap(([id, outline]) => (outline ? [[id, outline]] : []))),
    unlike: both.filter(([, outline]) => !outline).map(([id]) => id),
  };
}
