/** A value is found once what it makes is this near what is asked (mm, for lengths). */
const NEAR = 1e-6;
const MOST_ROUNDS = 80;

/**
 * Where a function that rises or falls all the way is nothing, between two places: false position with halved weights (the
 * Illinois rule; S, from memory: Dowell and Jarratt, BIT 11, 1971), with a plain halving now and then. Nothing where its signs
 * at both ends are the same.
 */
export function rootBetween(of: (x: number) => number, low: number, high: number): number | undefined {
  let [a, b] = [low, high];
  let [fa, fb] = [of(a), of(b)];
  if (Math.abs(fa) < NEAR) return a;
  if (Math.abs(fb) < NEAR) return b;
  if (fa * fb > 0 || !Number.isFinite(fa * fb)) return undefined;
  let side = 0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const x = round % 4 === 3 ? (a + b) / 2 : (fa * b - fb * a) / (fa - fb);
    const fx = of(x);
    if (Math.abs(fx) < NEAR || b - a < Number.EPSILON * Math.abs(x)) return x;
    if (fx * fb > 0) {
      [b, fb] = [x, fx];
      if (side === -1) fa /= 2;
      side = -1;
    } else {
      [a, fa] = [x, fx];
      if (side === 1) fb /= 2;
      side = 1;
    }
  }
  return (a + b) / 2;
}
