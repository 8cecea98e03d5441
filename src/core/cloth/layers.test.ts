import fc from 'fast-check';
import { bisect } from 'simple-statistics';
import { createLedger } from '../explain/ledger';
import { newCloth, type Cloth } from '../facts/cloth';
import {
  leastStretchy,
  stackExtension,
  stackStretch,
  stackTension,
  transferExtension,
  type LayerTension,
} from './layers';
import { readClothOnce } from './readClothOnce';
import { clothsWithin, stackFault } from './resolveStack';

const layer = (S: number, k = 2, weight = 1): LayerTension => ({ S, weight, k });
const anyLayer = fc.record({
  S: fc.double({ min: 0.05, max: 2, noNaN: true }),
  k: fc.double({ min: 0.8, max: 3, noNaN: true }),
  weight: fc.double({ min: 0.5, max: 2, noNaN: true }),
});
const plainLayers = fc.array(
  anyLayer.map(({ S, k }) => layer(S, k)),
  { minLength: 1, maxLength: 4 },
);

test.each([
  ['two of 75 %, k 2', [0.75, 0.75], 2, 0.53],
  ['75 % with 100 %, k 2', [0.75, 1], 2, 0.6],
  ['two of 75 %, k 1', [0.75, 0.75], 1, 0.375],
  ['75 % with 100 %, k 1', [0.75, 1], 1, 0.429],
] as const)('%s (handbook check value, D)', (_name, stretches, k, wanted) => {
  expect(stackStretch(stretches.map((S) => layer(S, k)))).toBeCloseTo(wanted, 3);
});

test('a stack never stretches more than its least stretchy layer', () => {
  fc.assert(
    fc.property(fc.array(anyLayer, { minLength: 1, maxLength: 4 }), (layers) => {
      expect(stackStretch(layers)).toBeLessThanOrEqual(leastStretchy(layers) + 1e-9);
    }),
    { seed: 11 },
  );
});

test('a firm outer layer does not pull a soft lining past its own limit', () => {
  const firmOuter = [layer(1, 2, 1.5), layer(0.5, 2, 0.7)];
  expect(stackExtension(firmOuter, 1.5)).toBeGreaterThan(0.5);
  expect(stackStretch(firmOuter)).toBe(0.5);
});

test('layers that pull alike always stretch less together than the least of them', () => {
  fc.assert(
    fc.property(plainLayers, (layers) => {
      fc.pre(layers.length > 1);
      expect(stackStretch(layers)).toBeLessThan(leastStretchy(layers));
    }),
    { seed: 13 },
  );
});

test('one layer alone keeps its own stretch, and a stable layer makes the stack stable', () => {
  expect(stackStretch([layer(0.6, 1.7)])).toBeCloseTo(0.6, 12);
  expect(stackStretch([layer(0.6), layer(0)])).toBe(0);
  expect(stackStretch([])).toBe(0);
});

test('the root is the one a general root finder finds (reference library: simple-statistics)', () => {
  fc.assert(
    fc.property(
      fc.array(anyLayer, { minLength: 1, maxLength: 4 }),
      fc.double({ min: 0.01, max: 3, noNaN: true }),
      (layers, tension) => {
        const theirs = bisect(
          (e: number) => stackTension(layers, e) - tension,
          0,
          1000,
          400,
          1e-13,
        ) as number;
        expect(stackExtension(layers, tension)).toBeCloseTo(theirs, 8);
      },
    ),
    { seed: 5 },
  );
});

describe('transfer', () => {
  test('75 and 75 at 10 % negative ease, made in 75 and 100: 12.57 % worn (handbook check value, D)', () => {
    const e = transferExtension([layer(0.75), layer(0.75)], 0.1 / 0.9, [layer(0.75), layer(1)]);
    expect(e).toBeCloseTo(0.1257, 4);
    expect(e / (1 + e)).toBeCloseTo(0.1117, 4);
    expect(940 / (1 + e)).toBeCloseTo(835, 0);
  });
  test('one layer each and equal k: the same share of the stretch (D)', () => {
    expect(transferExtension([layer(0.5)], 0.2, [layer(0.8)])).toBeCloseTo((0.2 / 0.5) * 0.8, 9);
  });
  test('to the same stack is the identity', () => {
    fc.assert(
      fc.property(plainLayers, fc.double({ min: 0, max: 0.6, noNaN: true }), (layers, e) => {
        expect(transferExtension(layers, e, layers)).toBeCloseTo(e, 8);
      }),
      { seed: 2 },
    );
  });
  test('a firmer cloth asks for a size up: the grade shows where stretch alone cannot', () => {
    const soft = transferExtension([layer(0.6)], 0.2, [layer(0.6, 2, 1)]);
    expect(transferExtension([layer(0.6)], 0.2, [layer(0.6, 2, 1.5)])).toBeLessThan(soft);
  });
});

describe('a stack on the shelf', () => {
  const plain = (name: string, across: number, more: Partial<Cloth> = {}): Cloth => ({
    ...newCloth(name),
    statedAcross: across,
    statedAlong: across / 2,
    ...more,
  });
  const stack = (...ids: readonly string[]): Cloth => ({
    ...newCloth('Stack'),
    layers: Object.fromEntries(ids.map((clothId, at) => [`l${at}`, { clothId, turned: false }])),
  });
  const shelf: Readonly<Record<string, Cloth>> = {
    outer: plain('Outer', 0.75),
    lining: plain('Lining', 1),
    tape: plain('Tape', 0, { stable: true }),
    both: stack('outer', 'lining'),
    nested: stack('both', 'tape'),
    round: stack('again'),
    again: stack('round'),
  };
  const find = (id: string) => shelf[id];
  const read = (cloth: Cloth) => readClothOnce(createLedger(), 'c', cloth, find);

  test('reads as one cloth, with what each layer contributes and the crude rule beside it', () => {
    const reading = read(shelf.both as Cloth);
    expect(reading.across?.stretch.value).toBeCloseTo(0.6, 9);
    expect(reading.least?.value).toBe(0.75);
    const shares = reading.layers?.map(({ share }) => share.value) ?? [];
    expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(shares[0]).toBeGreaterThan(shares[1] ?? 1);
  });
  test('a turned layer gives its other direction', () => {
    const turned = { ...stack('outer'), layers: { l0: { clothId: 'outer', turned: true } } };
    expect(read(turned).across?.stretch.value).toBeCloseTo(0.375, 9);
  });
  test('a stable layer makes it stable', () => {
    expect(read(shelf.nested as Cloth).across?.stretch.value).toBe(0);
  });
  test.each([
    ['empty', 'new', stack(), /at least one layer/],
    ['of itself', 'self', stack('self'), /contains the stack itself/],
    ['of itself by another', 'round', shelf.round as Cloth, /contains the stack itself/],
    ['with a cloth that is gone', 'new', stack('nobody'), /no longer on the shelf/],
  ])('%s is refused', (_name, id, cloth, sentence) => {
    expect(stackFault(id, cloth, find)?.sentence).toMatch(sentence);
  });
  test('sound stacks and plain cloths are not', () => {
    expect(stackFault('nested', shelf.nested as Cloth, find)).toBeUndefined();
    expect(stackFault('outer', shelf.outer as Cloth, find)).toBeUndefined();
  });
  test('every cloth within is found once, also in stacks of stacks', () => {
    expect(Object.keys(clothsWithin(shelf.nested as Cloth, find)).sort()).toEqual([
      'both',
      'lining',
      'outer',
      'tape',
    ]);
    expect(() => clothsWithin(shelf.round as Cloth, find)).not.toThrow();
    expect(() => read(shelf.round as Cloth)).not.toThrow();
  });
});
