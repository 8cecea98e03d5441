import { isAtMost } from '../units/tolerance';
import type { Meeting, SewnEdges, ShapeEdge } from '../fit/pieceShape';
import { anglesOf, lengthEachSide } from './measure';
import { neighbours, type Outline, type Outlines } from './outline';

/** How two sides of a seam compare. */
export type Verdict = 'agree' | 'eased' | 'gathered' | 'stretched' | 'wrong';

/** Sides this close agree: 1 mm, or two thousandths of a long seam (D). */
const AGREE_MM = 1;
const AGREE_SHARE = 0.002;
/** Most a sleeve cap is eased in a knit (T), and most a back inside leg is stretched onto the front, mm (T). */
const MOST_EASE = 0.03;
const MOST_STRETCHED_MM = 10;

/** Whether the second side of a seam, of length `b`, goes onto the first as it is meant to. Lengths mm. */
export function verdictOf(meet: Meeting, a: number, b: number): Verdict {
  const longer = b - a;
  if (isAtMost(Math.abs(longer), Math.max(AGREE_MM, AGREE_SHARE * a))) return 'agree';
  if (meet === 'eased' && longer > 0 && isAtMost(longer / a, MOST_EASE)) return 'eased';
  if (meet === 'gathered' && longer > 0) return 'gathered';
  if (meet === 'stretched' && longer < 0 && isAtMost(-longer, MOST_STRETCHED_MM)) return 'stretched';
  return 'wrong';
}

/**
 * Whether a stretch of a seam between two notches goes together, of lengths `a` and `b`, mm. What is eased, gathered or
 * stretched on is so between some notches more than between others: there only the side that is to be longer has to be.
 */
export function stretchGoesOn(meet: Meeting, a: number, b: number): boolean {
  if (verdictOf('level', a, b) === 'agree') return true;
  return meet === 'level' ? false : meet === 'stretched' ? b < a : b > a;
}

/** Whether somebody has to look at a seam: its sides, or what lies between its notches, do not go together. */
export const isToLookAt = ({
  verdict,
  stretches,
  notchFault,
}: {
  readonly verdict: Verdict;
  readonly stretches: readonly { readonly goesOn: boolean }[];
  readonly notchFault?: string;
}): boolean => verdict === 'wrong' || notchFault !== undefined || stretches.some(({ goesOn }) => !goesOn);

/** Where two pieces meet at the end of a seam: how far the joined edge is from running on straight. */
export interface Crossing {
  /** The edge that crosses there, by its label on the first piece. */
  readonly at: string;
  /** Radians; positive where it juts out. */
  readonly kinkRad: number;
}

/** A kink of more than this is shown, radians (T). */
export const MOST_KINK_RAD = (5 * Math.PI) / 180;

/** The outline and the edge that `piece.edge` names. */
export function namedEdge(
  outlines: Readonly<Record<string, Outline>>,
  name: string,
): { readonly outline: Outline; readonly id: string } | undefined {
  const [piece = '', id = ''] = name.split('.');
  const outline = outlines[piece];
  return outline && { outline, id };
}

/** The length of one side of a seam, mm, on one side of the body; nothing while a piece of it has no outline. */
export function sideLength(
  outlines: Readonly<Record<string, Outline>>,
  names: readonly string[],
): readonly { readonly name: string; readonly mm: number }[] | undefined {
  const lengths = names.flatMap((name) => {
    const named = namedEdge(outlines, name);
    const mm = named && lengthEachSide(named.outline, named.id);
    return mm === undefined ? [] : [{ name, mm }];
  });
  return lengths.length === names.length ? lengths : undefined;
}

/** What an edge becomes: two edges that become one run on into each other where their pieces are joined. */
export const fate = ({ edge, seam }: ShapeEdge): string | undefined => edge ?? seam;

/** A crossing, and the edge that crosses on each piece: which one, and at which of its ends. */
export interface CrossingEnds extends Crossing {
  readonly ends: readonly { readonly piece: string; readonly nth: number; readonly which: 'start' | 'end' }[];
}

/** The crossings at both ends of a seam of two edges; none where more pieces meet there, or none of them runs on. */
export function crossingEnds(outlines: Outlines, { a, b }: SewnEdges): readonly CrossingEnds[] {
  const [first, second] = [namedEdge(outlines, a[0] ?? ''), namedEdge(outlines, b[0] ?? '')];
  if (a.length > 1 || b.length > 1 || !first || !second) return [];
  const endsB = endsOf(second.outline, second.id);
  return endsOf(first.outline, first.id).flatMap(({ next, angle, nth, which }) => {
    const other = endsB.find((end) => fate(end.next) !== undefined && fate(end.next) === fate(next));
    return other
      ? [
          {
            at: next.label,
            kinkRad: angle + other.angle - Math.PI,
            ends: [
              { piece: first.outline.shape.id, nth, which },
              { piece: second.outline.shape.id, nth: other.nth, which: other.which },
            ],
          },
        ]
      : [];
  });
}

/** The edges before and after one where it is found first, and the angles inside the piece there. */
export function endsOf(
  outline: Outline,
  id: string,
): readonly {
  readonly next: ShapeEdge;
  readonly angle: number;
  /** Where that edge is in the outline, and which of its ends lies there. */
  readonly nth: number;
  readonly which: 'start' | 'end';
}[] {
  const { edges } = outline;
  const nth = edges.findIndex(({ of }) => of.id === id);
  const angles = anglesOf(outline, id);
  if (nth === -1 || !angles) return [];
  const { before, after } = neighbours(outline, nth);
  return [
    { next: before.of, angle: angles.start, nth: edges.indexOf(before), which: 'end' },
    { next: after.of, angle: angles.end, nth: edges.indexOf(after), which: 'start' },
  ];
}
