import fc from 'fast-check';
import { evaluate as mathjs } from 'mathjs';
import { defineFunction, evaluate, formula, namesIn } from './formula';

const values = { a: 3, b: 4, c: 0.5 };

test.each([
  ['a - b - 1', -2],
  ['a - (b - 1)', 0],
  ['a / b / c', 1.5],
  ['2 * a ^ 2', 18],
  ['2 ^ 3 ^ 2', 512],
  ['(1 + c) * -b', -6],
  ['min(a, b, c)', 0.5],
  ['max(a, b)', 4],
  ['mod(-1, b)', 3],
  ['median(a, 10, b)', 4],
  ['median(a, b)', 3.5],
  ['mean(a, b, 11)', 6],
  ['abs(a - b) + ceil(c) + floor(c) + round(c)', 3],
  ['sqrt(a ^ 2 + b ^ 2)', 5],
  ['sin(pi / 6) + cos(0) + tan(0)', 1.5],
])('%s is %d', (text, wanted) => expect(evaluate(text, values)).toBeCloseTo(wanted, 12));

/** Any expression there can be, brackets wherever they are needed or not. */
const expressions = fc.letrec<{ any: string }>((tie) => ({
  any: fc.oneof(
    { depthSize: 'small', withCrossShrink: true },
    fc.constantFrom('a', 'b', 'c', '2', '0.25', 'pi'),
    fc
      .tuple(tie('any'), fc.constantFrom('+', '-', '*', '/'), tie('any'), fc.boolean())
      .map(([left, sign, right, closed]) =>
        closed ? `(${left} ${sign} ${right})` : `${left} ${sign} ${right}`,
      ),
    tie('any').map((one) => `(${one}) ^ 2`),
    tie('any').map((one) => `abs(${one})`),
    fc.tuple(tie('any'), tie('any')).map(([left, right]) => `max(${left}, ${right})`),
    fc.tuple(tie('any'), tie('any'), tie('any')).map((three) => `min(${three.join(', ')})`),
  ),
})).any;

test('any formula comes to what a general evaluator makes of it (reference library: mathjs)', () => {
  fc.assert(
    fc.property(expressions, (text) => {
      const [ours, theirs] = [evaluate(text, values), mathjs(text, { ...values }) as number];
      if (!Number.isFinite(theirs)) return !Number.isFinite(ours);
      return Math.abs(ours - theirs) <= 1e-9 * Math.max(1, Math.abs(theirs));
    }),
    { seed: 12, numRuns: 500 },
  );
});

test('what is not arithmetic is misuse, said with its text', () => {
  for (const text of ['a.b', 'a ? b : c', '"word"', 'a < b', 'run(a)', '!a', 'a[0]', 'this'])
    expect(() => evaluate(text, values)).toThrow(/^expected .*formula/);
  expect(evaluate('a + unknown', values)).toBeNaN();
});

test('its names, each once, without what is the same for all', () =>
  expect(namesIn('max(a, b) + a * pi / (c - a)')).toEqual(['a', 'b', 'c']));

test('a named formula is called with its values in order', () => {
  const ease = formula('(G - g) / G', 'G', 'g');
  expect(ease(100, 90)).toBeCloseTo(0.1, 12);
  expect(ease.text).toBe('(G - g) / G');
});

test('a room can make a function known', () => {
  defineFunction('twice', ([x = NaN]) => 2 * x);
  expect(evaluate('twice(a) + 1', values)).toBe(7);
});
