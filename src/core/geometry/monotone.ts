export interface Knot {
  readonly x: number;
  readonly y: number;
}

/** A curve through knots that is monotone between each and the next. */
export interface Interpolant {
  /** The knots it passes through. */
  readonly knots: readonly Knot[];
  readonly slopes: readonly number[];
  /** The value at `x`; the nearest end's value outside the knots. */
  at(x: number): number;
}

/**
 * Monotone cubic interpolation (S, from memory: Fritsch and Carlson, SIAM J. Numer. Anal. 17, 1980) through at
 * least two knots with rising x. Knots that fall are first levelled with their neighbours, so that the result
 * never falls.
 */
export const interpolateMonotone = (given: readonly Knot[]): Interpolant =>
  interpolateThrough(levelled(given));

/** The same through knots that may rise and fall: between two of them it goes beyond neither. */
export function interpolateThrough(knots: readonly Knot[]): Interpolant {
  const slopes = limitedSlopes(knots);
  return {
    knots,
    slopes,
    at(x) {
      const piece = pieceAt(knots, x);
      const [a, b] = [knots[piece] as Knot, knots[piece + 1] as Knot];
      if (x <= a.x) return a.y;
      if (x >= b.x) return b.y;
      return hermite(a, b, slopes[piece] as number, slopes[piece + 1] as number, x);
    },
  };
}

/**
 * A value at each place: by the same curve, its knots in any order, of several at one place the first; one knot alone is its
 * value everywhere. Throws for none (misuse).
 */
export function curveThrough(given: readonly Knot[]): (x: number) => number {
  const sorted = given.toSorted((a, b) => a.x - b.x);
  const apart = sorted.filter(({ x }, nth) => nth === 0 || x > (sorted[nth - 1] as Knot).x);
  const [only, ...others] = apart;
  if (!only) throw new Error('expected at least one knot, got none');
  if (others.length === 0) return () => only.y;
  const curve = interpolateThrough(apart);
  return (x) => curve.at(x);
}

/** The cubic between two knots with these slopes. */
function hermite(a: Knot, b: Knot, slopeA: number, slopeB: number, x: number): number {
  const d = b.x - a.x;
  const u = (x - a.x) / d;
  return (
    a.y * (1 + 2 * u) * (1 - u) ** 2 +
    slopeA * d * u * (1 - u) ** 2 +
    b.y * u ** 2 * (3 - 2 * u) +
    slopeB * d * u ** 2 * (u - 1)
  );
}

/** The piece whose left knot is the last at or before `x`. */
export function pieceAt(knots: readonly Knot[], x: number): number {
  let at = 0;
  while (at < knots.length - 2 && (knots[at + 1] as Knot).x <= x) at += 1;
  return at;
}

/** Neighbours that fall are replaced by their mean, until nothing falls (pool adjacent violators). */
function levelled(knots: readonly Knot[]): Knot[] {
  const pools: { sum: number; count: number }[] = [];
  for (const { y } of knots) {
    pools.push({ sum: y, count: 1 });
    while (pools.length > 1) {
      const [before, last] = [pools.at(-2) as Pool, pools.at(-1) as Pool];
      if (before.sum / before.count <= last.sum / last.count) break;
      pools.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
    }
  }
  const ys = pools.flatMap(({ sum, count }) => Array.from({ length: count }, () => sum / count));
  return knots.map(({ x }, at) => ({ x, y: ys[at] as number }));
}

interface Pool {
  readonly sum: number;
  readonly count: number;
}

function limitedSlopes(knots: readonly Knot[]): number[] {
  const secants = knots.slice(1).map((knot, at) => {
    const before = knots[at] as Knot;
    return (knot.y - before.y) / (knot.x - before.x);
  });
  const slopes = knots.map((_, at) => {
    const [left, right] = [secants[at - 1], secants[at]];
    if (left === undefined) return right ?? 0;
    if (right === undefined) return left;
    return left * right <= 0 ? 0 : (left + right) / 2;
  });
  secants.forEach((secant, at) => {
    if (secant === 0) {
      slopes[at] = 0;
      slopes[at + 1] = 0;
      return;
    }
    const [alpha, beta] = [(slopes[at] as number) / secant, (slopes[at + 1] as number) / secant];
    const length = Math.hypot(alpha, beta);
    if (length <= 3) return;
    slopes[at] = (3 * alpha * secant) / length;
    slopes[at + 1] = (3 * beta * secant) / length;
  });
  return slopes;
}
