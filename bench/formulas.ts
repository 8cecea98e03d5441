import { readFormula } from '../src/core/explain/formula';

const ROUNDS = 200_000;
const values = { N: 400, c: 0.84, turn: 4.887, w: 15, G: 560, g: 520, S: 0.6, limit: 0.8, L: 400, s: 0.02 };
type Known = typeof values;

/** Formulas as a plan has them, each with the same arithmetic written by hand. */
const pairs: readonly (readonly [string, (v: Known) => number])[] = [
  ['N - c * turn * w', (v) => v.N - v.c * v.turn * v.w],
  ['(G - g) / g', (v) => (v.G - v.g) / v.g],
  ['L / (1 + limit * S)', (v) => v.L / (1 + v.limit * v.S)],
  ['max(N - turn * w, L * (1 - s))', (v) => Math.max(v.N - v.turn * v.w, v.L * (1 - v.s))],
];

function secondsOf(of: (v: Known) => number): number {
  const start = performance.now();
  let sum = 0;
  for (let at = 0; at < ROUNDS; at += 1) sum += of({ ...values, w: 15 + (at % 7) });
  if (!Number.isFinite(sum)) throw new Error('expected a finite sum');
  return performance.now() - start;
}

/** Values of formulas read from their text over the same written as functions, best of five each, in turn. */
export function formulaRatio(): number {
  const best = { text: Infinity, hand: Infinity };
  for (let round = 0; round < 5; round += 1) {
    let [text, hand] = [0, 0];
    for (const [formula, written] of pairs) {
      text += secondsOf(readFormula(formula));
      hand += secondsOf(written);
    }
    best.text = Math.min(best.text, text);
    best.hand = Math.min(best.hand, hand);
  }
  return best.text / best.hand;
}
