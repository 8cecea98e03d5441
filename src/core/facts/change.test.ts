import fc from 'fast-check';
import { keepingSame } from './change';

const read = (said: unknown): unknown => JSON.parse(JSON.stringify(said));

test('says what it was given, and is what was there where that said the same', () => {
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 4 }), fc.jsonValue({ maxDepth: 4 }), (before, after) => {
      const given = read(after);
      expect(JSON.stringify(keepingSame(before, given))).toBe(JSON.stringify(given));
      const said = read(before);
      expect(keepingSame(said, read(before))).toBe(said);
    }),
    { seed: 7, numRuns: 300, endOnFailure: true },
  );
  const before = { a: { b: [1, { c: 2 }] }, d: { e: 'f' } };
  expect(keepingSame(before, read(before))).toBe(before);
});

test('only what changed, and what it lies in, is another object', () => {
  const before = { cuts: { front: true }, pattern: { rings: [{ x: 1 }, { x: 2 }] } };
  const after = keepingSame(before, { cuts: { front: true }, pattern: { rings: [{ x: 1 }, { x: 3 }] } });
  expect(after).toEqual({ cuts: { front: true }, pattern: { rings: [{ x: 1 }, { x: 3 }] } });
  expect(after.cuts).toBe(before.cuts);
  expect(after.pattern.rings[0]).toBe(before.pattern.rings[0]);
  expect(after.pattern).not.toBe(before.pattern);
});

test('another order, a key more or less, a list for a map: another part', () => {
  for (const [before, after] of [
    [
      { a: 1, b: 2 },
      { b: 2, a: 1 },
    ],
    [{ a: 1, b: 2 }, { a: 1 }],
    [{ a: 1 }, { a: 1, b: 2 }],
    [{}, []],
    [[1, 2], [1]],
  ])
    expect(keepingSame(before, after)).not.toBe(before);
});
