import { noteWith, wornWords } from './worn';

test.each([
  [{}, []],
  [{ happened: { a: { what: 'faded' } } }, ['faded']],
  [
    { happened: { a: { what: 'bagged out', at: 'knees' } }, wears: 5, washes: 1 },
    ['bagged out at the knees after 5 wears and one wash'],
  ],
  [
    { happened: { a: { what: 'popped', at: 'at the hem', note: 'twice' } }, washes: 2, wears: 0 },
    ['popped at the hem after 2 washes: twice'],
  ],
] as const)('%j', (fitting, words) => {
  expect(wornWords(fitting)).toEqual(words);
});

test('it is added to what was noted, once, and never past what fits', () => {
  const line = 'Shrank after one wash (Encore).';
  expect(noteWith(undefined, 'Encore', 'shrank after one wash', 2000)).toBe(line);
  expect(noteWith(' Soft. ', 'Encore', 'shrank after one wash', 2000)).toBe(`Soft.\n${line}`);
  expect(noteWith(`Soft.\n${line}`, 'Encore', 'shrank after one wash', 2000)).toBeUndefined();
  expect(noteWith('x'.repeat(1990), 'Encore', 'shrank after one wash', 2000)).toBeUndefined();
});
