import { createLedger, leaf } from './ledger';
import { createMemory, createRecent, forgetEverything, workedOnce } from './remember';

test('the same inputs are made once; another object, word or order is made anew', () => {
  const recall = createMemory<number>();
  let times = 0;
  const make = () => (times += 1);
  const [a, b] = [{}, {}];
  expect(recall([a, 'x', 1], make)).toBe(1);
  expect(recall([a, 'x', 1], make)).toBe(1);
  expect(recall([b, 'x', 1], make)).toBe(2);
  expect(recall([a, 'y', 1], make)).toBe(3);
  expect(recall([a, 'x'], make)).toBe(4);
  expect(recall(['x', a], make)).toBe(5);
  expect(recall([a, 'x', '1'], make)).toBe(6);
  expect(recall([a, 'x', 1], make)).toBe(1);
});

test('what came to nothing is remembered too', () => {
  const recall = createMemory<undefined>();
  let times = 0;
  const make = () => void (times += 1);
  recall([{}, 1], make);
  const one = {};
  recall([one], make);
  recall([one], make);
  expect(times).toBe(2);
});

test('words do not fill the memory: after five hundred others a word is made anew', () => {
  const recall = createMemory<object>();
  const first = recall(['first'], () => ({}));
  expect(recall(['first'], () => ({}))).toBe(first);
  for (let at = 0; at < 500; at += 1) recall([`word ${at}`], () => ({}));
  expect(recall(['first'], () => ({}))).not.toBe(first);
});

test('numbers are worked out once and entered in every ledger that asks', () => {
  let times = 0;
  const area = workedOnce((book, sides: { readonly a: number }, id: string) => {
    times += 1;
    const a = leaf('side', sides.a, 'mm', 'measured');
    return book.work(id, { label: 'area', unit: 'areaMm2', mark: 'D', formula: 'a ^ 2', terms: { a } });
  });
  const sides = { a: 3 };
  const [one, two] = [createLedger(), createLedger()];
  expect(area(one, sides, 'area')).toBe(area(two, sides, 'area'));
  expect([one.numbers.area?.value, two.numbers.area?.value, times]).toEqual([9, 9, 1]);
  expect(area(createLedger(), { a: 4 }, 'area').value).toBe(16);
});

test('of the last few alone: the one asked for longest ago goes first', () => {
  const recall = createRecent<number>(2);
  let times = 0;
  const make = () => (times += 1);
  const a = {};
  expect(recall([a, 1], make)).toBe(1);
  expect(recall([a, 2], make)).toBe(2);
  expect(recall([a, 1], make)).toBe(1);
  expect(recall([a], make)).toBe(3);
  expect(recall([a, 1], make)).toBe(1);
  expect(recall([a, 2], make)).toBe(4);
  expect(recall([{}, 2], make)).toBe(5);
  forgetEverything();
  expect(recall([{}, 2], make)).toBe(6);
});
