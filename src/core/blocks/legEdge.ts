import type { Explained } from '../explain/explained';
import { leaf, say } from '../explain/ledger';
import { endOf, joined, lengthOf, pathOf, startOf, type Path } from '../geometry/path';
import { between, minus, plus, point, times, unitOf, type Point } from '../geometry/point';
import { cubic } from '../geometry/segment';
import { isAtMostMm } from '../units/tolerance';
import type { Drafter } from './drafter';
import { clockwise, curveTo } from './lines';
import { rootBetween } from './solve';

/** Where a leg edge runs: from the end of a side, square to it, to the end of a gusset, where it is plumb. */
export interface LegEnds {
  readonly from: Point;
  readonly down: Point;
  readonly to: Point;
}

const PLUMB = point(0, 1);

/** The front’s leg edge, cut away in a hollow: the fuller, the nearer its corner; 0 is nearly straight, 1 the corner itself. */
export function frontLeg({ from, down, to }: LegEnds, fullness: number): Path {
  const into = unitOf(clockwise(down)) ?? point(-1, 0);
  return pathOf([
    cubic(
      from,
      plus(from, times(into, fullness * Math.abs(from.x - to.x))),
      minus(to, times(PLUMB, fullness * Math.abs(to.y - from.y))),
      to,
    ),
  ]);
}

/** The back’s leg edge over the seat: out of the straight line by so much at its middle, or inside it where negative. */
export function backLeg({ from, down, to }: LegEnds, outMm: number): Path {
  const chord = unitOf(minus(to, from)) ?? PLUMB;
  const middle = plus(between(from, to, 0.5), times(outOf(chord), outMm));
  return joined(
    curveTo(from, clockwise(down), middle, chord, BACK_HANDLES),
    curveTo(middle, chord, to, PLUMB, [BACK_HANDLES[1], BACK_HANDLES[0]]),
  );
}
/** Square to the straight line, away from the fold. */
const outOf = ({ x, y }: Point): Point => (y > 0 ? point(y, -x) : point(-y, x));
const BACK_HANDLES = [0.2, 0.36] as const;

/** Fullness of a front’s leg edge (from memory): as little as a smooth curve has, usual, as much as it has before it is a corner. */
export const FULL = { least: 0.06, usual: 0.45, most: 0.97 } as const;
/** An elastic takes in an edge that is longer than its leg, down to this part of it (T: 10 to 15 % shorter). */
const ELASTIC_TAKES = 0.85;

/** How full the seat is covered, mm out of the straight line; three are offered as pictures. */
export const COVERAGE = { less: -14, usual: 10, full: 30 } as const;

export function coverageOf(d: Drafter): number {
  const size = d.child ? 0.6 : 1;
  return d.choose('coverage', {
    label: 'seat covered further by',
    usual: COVERAGE.usual * size,
    least: COVERAGE.less * size * 2,
    most: COVERAGE.full * size * 1.5,
  });
}

/**
 * How far down the leg edge usually begins: where the front is cut away as usual; `tooLong` says by how much the whole edge then
 * is, and falls downwards. Where it never is or always is, at that end.
 */
export const usualLegStart = (tooLong: (y: number) => number, least: number, most: number): number =>
  rootBetween(tooLong, least, most) ?? (tooLong(least) < 0 ? least : most);

/**
 * The front’s leg edge so full that it, the gusset’s and the back’s together are the leg’s girth. Where even the straightest is
 * longer, that one: its elastic takes the rest in, as far as an elastic does.
 */
export function solvedFrontLeg(
  d: Drafter,
  ends: LegEnds,
  { back, others, wanted }: { readonly back: Path; readonly others: number; readonly wanted: Explained },
): Path {
  const rest = lengthOf(back) + others;
  const whole = (fullness: number): number => rest + lengthOf(frontLeg(ends, fullness));
  const fullness = d.solve('leg', {
    label: 'how full the front’s leg edge is cut away',
    unit: 'share',
    equation: 'front, gusset and back are as long together as the leg is round',
    low: FULL.least,
    high: FULL.most,
    drawn: whole,
    drawnLabel: 'leg edge, all round',
    wanted,
  });
  if (fullness !== undefined) return frontLeg(ends, fullness);
  const least = whole(FULL.least);
  if (least < wanted.value) {
    d.cannot(
      say`The leg edge cannot be drawn as long as ${wanted}, the leg: measure the top of the leg again, or take a shorter side.`,
    );
    return frontLeg(ends, FULL.most);
  }
  if (isAtMostMm(least, wanted.value)) return frontLeg(ends, FULL.least);
  const drawn = d.drawn('leg', 'leg edge, all round, as short as it can be drawn', least);
  const takes = d.work('leg.most', {
    label: 'longest that an elastic takes in',
    unit: 'mm',
    mark: 'T',
    formula: 'leg / takes',
    terms: { leg: wanted, takes: leaf('an elastic shortens it to', ELASTIC_TAKES, 'ratio', 'T') },
  });
  if (least > takes.value)
    d.cannot(
      say`The leg edge comes to ${drawn} at least, and the leg is ${wanted}: measure the top of the leg, the hip and the crotch length again.`,
    );
  else
    d.note(
      say`The leg edge is ${drawn} where the leg is ${wanted}: its elastic is cut to the leg and takes it in.`,
    );
  return frontLeg(ends, FULL.least);
}

/** The middle of the back’s leg edge, and which way it is fuller. */
export function coverageHandle(d: Drafter, piece: string, back: Path): void {
  const [first] = back;
  const chord = unitOf(minus(endOf(back), startOf(back))) ?? PLUMB;
  d.handle({ choice: 'coverage', piece, at: first.to, way: outOf(chord) });
}
