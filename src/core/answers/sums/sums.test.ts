import { evaluate } from 'mathjs';
import { edgeUses } from '../../edges/elastics/uses';
import { sumIds, sums } from './sums';
import type { SumValues, Worked } from './sum';

const ok = (worked: Worked) => {
  if (!worked.ok) throw new Error(worked.sentence);
  return worked;
};
const number = (worked: Worked, id: string) => ok(worked).numbers[id]?.value ?? Number.NaN;

test.each(sumIds)(
  '%s starts with an answer, and every number is redone from its inputs (reference library: mathjs)',
  (id) => {
    const worked = ok(sums[id].work(sums[id].usual));
    expect(worked.shown.length).toBeGreaterThan(0);
    for (const { formula, terms, value } of Object.values(worked.numbers)) {
      const again = evaluate(
        formula,
        Object.fromEntries(Object.entries(terms).map(([key, term]) => [key, term.value])),
      ) as number;
      expect(again).toBeCloseTo(value, 9);
    }
  },
);

test.each(sumIds)('%s with a field emptied waits with a sentence, unless it may be empty', (id) => {
  const { fields, optional, usual, work } = sums[id];
  for (const key of Object.keys(fields)) {
    const values: SumValues = { ...usual, [key]: undefined };
    const worked = work(values);
    expect([key, worked.ok]).toEqual([key, optional.includes(key)]);
    if (!worked.ok) expect(worked.sentence).toMatch(/\.$/);
  }
});

test('stretch: 10, 17.8 and 10.1 cm are 78 %, 1 % and 98.7 % (handbook check value; S: ASTM D2594)', () => {
  const worked = sums.stretch.work({ restMm: 100, pulledMm: 178, releasedMm: 101 });
  expect(number(worked, 'stretch')).toBeCloseTo(0.78, 9);
  expect(number(worked, 'growth')).toBeCloseTo(0.01, 9);
  expect(number(worked, 'recovery')).toBeCloseTo(0.987, 3);
});
test('an impossible pull says why instead', () => {
  const worked = sums.stretch.work({ restMm: 100, pulledMm: 90 });
  expect(worked.ok).toBe(false);
});
test('20 % negative ease is 25 % worn extension (handbook check value, D), there and back', () => {
  const girth = sums.girth.work({ bodyMm: 1000, ease: 0.2 });
  expect(number(girth, 'extension')).toBeCloseTo(0.25, 12);
  const back = sums.ease.work({ bodyMm: 1000, garmentMm: number(girth, 'garment') });
  expect(number(back, 'ease')).toBeCloseTo(0.2, 12);
});
test('layers: 75 % with 100 % are 60 % together (handbook check value, D), the crude rule says 75 %', () => {
  const worked = sums.layers.work({ one: 0.75, two: 1, k: 2 });
  expect(number(worked, 'stack')).toBeCloseTo(0.6, 3);
  expect(number(worked, 'least')).toBe(0.75);
});
test('transfer: 12.57 % worn, 11.17 % smaller, 94 cm becomes 83.5 cm (handbook check value, D)', () => {
  const worked = sums.transfer.work(sums.transfer.usual);
  expect(number(worked, 'extension')).toBeCloseTo(0.1257, 4);
  expect(number(worked, 'ease')).toBeCloseTo(0.1117, 4);
  expect(number(worked, 'garment')).toBeCloseTo(835, 0);
});
test('pressure: 10.7 N/m and 72 Pa (handbook check value, D: Laplace); far too much is said to be', () => {
  const worked = sums.pressure.work(sums.pressure.usual);
  expect(number(worked, 'tension')).toBeCloseTo(10.7, 1);
  expect(number(worked, 'pressure')).toBeCloseTo(72, 0);
  expect(ok(sums.pressure.work({ ...sums.pressure.usual, tS: 5000, extension: 1 })).says).toMatch(/Too much/);
});

test('differential: 1.3 waved by 8 % becomes 1.40, and never leaves 0.6 to 2.0 (D, T: handbook 07)', () => {
  const next = (afterMm: number, ratio = 1.3) =>
    ok(sums.differential.work({ ratio, beforeMm: 100, afterMm })).numbers.next?.value;
  expect(next(108)).toBeCloseTo(1.404, 9);
  expect(next(95)).toBeCloseTo(1.235, 9);
  expect(next(200)).toBe(2);
  expect(next(50, 0.8)).toBe(0.6);
});

test('zigzag 1.5 × 1.5 through 1 mm: 108 %, 76 % planned (handbook check value, D; T)', () => {
  const { numbers } = ok(sums.stitch.work(sums.stitch.usual));
  expect(numbers.bound?.value).toBeCloseTo(1.08, 2);
  expect(numbers.planned?.value).toBeCloseTo(0.7 * (numbers.bound?.value ?? 0), 9);
});

test('thread: 5 m of four-thread seam take 108 m with a fifth wasted (S, from memory)', () => {
  const { numbers } = ok(sums.thread.work(sums.thread.usual));
  expect(numbers.total?.value).toBeCloseTo(108_000, 6);
  expect(numbers.each?.value).toBeCloseTo(27_000, 6);
});

test('a swim elastic starts where the plan’s starts, and its range is the rule’s', () => {
  const [{ rule }] = edgeUses.turned.strips[0]!.rules;
  if (rule.by !== 'edge') throw new Error('expected a share of the edge');
  expect(1 - (sums.edgeElastic.usual.shorter ?? 0)).toBeCloseTo(rule.ratio, 9);
  expect(ok(sums.edgeElastic.work(sums.edgeElastic.usual)).says).toMatch(
    /^Turned swim elastic 1 to 3 % shorter/,
  );
  expect(ok(sums.tube.work(sums.tube.usual)).says).toMatch(
    /cuff is 15 to 30 % shorter, a hem band 10 to 20 %, a waistband 5 to 10 % under/,
  );
});
test('a pull that has not stretched has nothing to come back from', () => {
  const worked = ok(sums.stretch.work({ restMm: 100, pulledMm: 100, releasedMm: 100 }));
  expect(worked.shown).toEqual(['stretch', 'growth']);
});
test('a shelf bra: without a sample an inch of growth comes off, with one its own (handbook 05, T)', () => {
  const { usual, work } = sums.shelfBra;
  expect(ok(work({ ...usual, growth: 0.05 })).numbers.first?.value).toBeCloseTo((28 * 25.4) / 1.05, 9);
  expect(ok(work(usual)).shown).toEqual(['first', 'under']);
  expect(ok(work({ ...usual, pinchedMm: 25.4 })).shown).toEqual(['after', 'under', 'first']);
});
