import type { Notch, OutlineFacts } from '../facts/outline';
import { nearestOnPath } from '../geometry/nearest';
import { directionAlong, lengthOf, pointAlong } from '../geometry/path';
import { outwardOf, type Point } from '../geometry/point';
import type { SewnEdges } from '../fit/pieceShape';
import { pathOfEdge, type Outline, type Outlines } from './outline';
import { withEdgeSaid } from './edits';
import { endsOf, fate, namedEdge } from './walk';

/** The edge whose seamline passes nearest to a place, and how far along it that is; nothing on the fold or out of reach, mm. */
export function notchNear(
  outline: Outline,
  at: Point,
  reachMm: number,
): { readonly edge: string; readonly atMm: number } | undefined {
  const [best] = outline.edges
    .filter(({ of }) => !of.fold)
    .map(({ of, path }) => ({ edge: of.id, ...nearestOnPath(path, at) }))
    .toSorted((a, b) => a.offMm - b.offMm);
  return best && best.offMm <= reachMm ? { edge: best.edge, atMm: best.alongMm } : undefined;
}

/** Two notches are no closer than this, mm: nobody cuts them so. */
const APART_MM = 3;

/** The outline with a notch set at a place of an edge; with the one that is there taken away, where one is. */
export function notchTurned(
  outline: OutlineFacts,
  edge: string,
  atMm: number,
  reachMm: number,
): OutlineFacts {
  const notches = outline.edges?.[edge]?.notches ?? [];
  const left = notches.filter((one) => Math.abs(one.atMm - atMm) > Math.max(reachMm, APART_MM));
  return withNotches(outline, edge, left.length < notches.length ? left : [...notches, { atMm }]);
}

/** The outline with these notches on an edge, in order along it. */
export function withNotches(outline: OutlineFacts, edge: string, notches: readonly Notch[]): OutlineFacts {
  const inOrder = notches.toSorted((a, b) => a.atMm - b.atMm);
  return withEdgeSaid(outline, edge, { notches: inOrder.length === 0 ? undefined : inOrder });
}

/** A notch on an outline: where it is, and which way is out of the piece. */
export interface NotchMark {
  readonly edge: string;
  readonly at: Point;
  readonly out: Point;
  readonly double: boolean;
}

/** Where the notches of an outline are: those that lie beyond the end of their edge are nowhere. */
export function notchMarks(outline: Outline, facts: OutlineFacts): readonly NotchMark[] {
  return outline.edges.flatMap(({ of, path }) =>
    (facts.edges?.[of.id]?.notches ?? [])
      .filter(({ atMm }) => atMm < lengthOf(path))
      .map(({ atMm, double = false }) => {
        const along = directionAlong(path, atMm);
        return { edge: of.id, at: pointAlong(path, atMm), out: outwardOf(along), double };
      }),
  );
}

/** A notch as far along its edge as it is once the pieces are altered, mm. */
interface NotchOn {
  readonly mm: number;
  readonly double: boolean;
}

/** The notches of an edge at the same share of it on another outline of the piece, such as the one that is cut, mm. */
function carriedTo(
  facts: OutlineFacts | undefined,
  edge: string,
  from: Outline,
  to: Outline,
): readonly NotchOn[] {
  const notches = facts?.edges?.[edge]?.notches;
  const [was, is] = [from, to].map((one) => pathOfEdge(one, edge));
  if (!notches || !was || !is) return [];
  const by = lengthOf(is) / lengthOf(was);
  return notches
    .filter(({ atMm }) => atMm < lengthOf(was))
    .map(({ atMm, double = false }) => ({ mm: atMm * by, double }));
}

/** The notches of an edge `piece.edge` as it is cut: each at the same share of it as it was drawn at. */
export function notchesOn(
  name: string,
  drawn: { readonly facts: Readonly<Record<string, OutlineFacts>>; readonly outlines: Outlines },
  cut: Outlines,
): readonly NotchOn[] {
  const [piece = '', id = ''] = name.split('.');
  const [was, is] = [drawn.outlines[piece], cut[piece]];
  return was && is ? carriedTo(drawn.facts[piece], id, was, is) : [];
}

/** What was said of an outline, its notches at the same shares of its edges on another. */
export function withNotchesCarried(facts: OutlineFacts, from: Outline, to: Outline): OutlineFacts {
  return from.shape.edges.reduce(
    (now, { id }) =>
      facts.edges?.[id]?.notches
        ? withNotches(
            now,
            id,
            carriedTo(facts, id, from, to).map(({ mm, double }) => ({
              atMm: mm,
              ...(double ? { double } : {}),
            })),
          )
        : now,
    facts,
  );
}

/** How a seam goes together between its notches: both sides of each stretch, mm; or how many notches each side has. */
export type NotchWalk =
  | { readonly stretches: readonly { readonly a: number; readonly b: number }[] }
  | { readonly counts: readonly [number, number] };

/** One side of a seam, its edges laid end to end: what it begins and ends at, how long it is, where its notches are. */
interface Chain {
  readonly from: string | undefined;
  readonly to: string | undefined;
  readonly mm: number;
  readonly notches: readonly NotchOn[];
}

/**
 * Walks a seam from notch to notch. Nothing where neither side has any, or it cannot be told which ends of its sides come
 * together. Where they can both ways (a cap), the notches tell.
 */
export function walkNotches(
  outlines: Outlines,
  { a, b }: SewnEdges,
  notchesOf: (name: string) => readonly NotchOn[],
): NotchWalk | undefined {
  if ([...a, ...b].every((name) => notchesOf(name).length === 0)) return undefined;
  const [first, second] = [a, b].map((names) => chainsOf(outlines, names, notchesOf)) as [Chain[], Chain[]];
  const pairs = first.flatMap((one) =>
    second
      .filter((other) => one.from === other.from && one.to === other.to)
      .map((other) => ({ one, other, off: offBy(one, other) })),
  );
  const [best] = pairs.toSorted((x, y) => x.off - y.off);
  if (!best) return undefined;
  const counts = [best.one.notches.length, best.other.notches.length] as const;
  if (counts[0] !== counts[1]) return { counts };
  const [onA, onB] = [placesOf(best.one), placesOf(best.other)];
  return {
    stretches: onA.slice(1).map((to, nth) => ({
      a: to - (onA[nth] as number),
      b: (onB[nth + 1] as number) - (onB[nth] as number),
    })),
  };
}

const placesOf = ({ notches, mm }: Chain): readonly number[] => [0, ...notches.map((one) => one.mm), mm];

/** How badly two sides go together by their notches: a single notch on a double one weighs most, then how far they are apart. */
function offBy(one: Chain, other: Chain): number {
  return one.notches.reduce((sum, notch, nth) => {
    const on = other.notches[nth];
    const unlike = notch.double === (on?.double ?? notch.double) ? 0 : UNLIKE_MM;
    return sum + unlike + (on ? Math.abs(on.mm - notch.mm) : 0);
  }, 0);
}
const UNLIKE_MM = 10_000;

/** Every way in which the edges of one side can be laid end to end, ends that meet in one seam together. */
function chainsOf(
  outlines: Outlines,
  names: readonly string[],
  notchesOf: (name: string) => readonly NotchOn[],
): readonly Chain[] {
  const [name, ...others] = names;
  if (name === undefined) return [];
  const own = edgeChains(outlines, name, notchesOf);
  if (others.length === 0) return own;
  const orders = names.map((one) => [one, names.filter((other) => other !== one)] as const);
  return orders.flatMap(([one, left]) =>
    edgeChains(outlines, one, notchesOf).flatMap((head) =>
      chainsOf(outlines, left, notchesOf)
        .filter(({ from }) => from !== undefined && from === head.to)
        .map((tail) => ({
          from: head.from,
          to: tail.to,
          mm: head.mm + tail.mm,
          notches: [...head.notches, ...tail.notches.map((on) => ({ ...on, mm: on.mm + head.mm }))],
        })),
    ),
  );
}

/** An edge from its start, and from its end. */
function edgeChains(
  outlines: Outlines,
  name: string,
  notchesOf: (name: string) => readonly NotchOn[],
): readonly Chain[] {
  const named = namedEdge(outlines, name);
  const path = named && pathOfEdge(named.outline, named.id);
  if (!named || !path) return [];
  const [start, end] = endsOf(named.outline, named.id).map(({ next }) => fate(next) ?? (next.fold && 'fold'));
  const mm = lengthOf(path);
  const notches = notchesOf(name);
  return [
    { from: start || undefined, to: end || undefined, mm, notches },
    {
      from: end || undefined,
      to: start || undefined,
      mm,
      notches: notches.map((on) => ({ ...on, mm: mm - on.mm })).toReversed(),
    },
  ];
}
