import type { Alteration } from '@/core/facts/alteration';
import { withAdded, withChanged, withMoved } from './alterationList';

const list: readonly Alteration[] = [
  { id: 'a', change: 'girths' },
  { id: 'b', change: 'length', zone: 'waist', byMm: 20 },
  { id: 'c', change: 'seat', byMm: 10 },
];
const ids = (all: readonly Alteration[]) => all.map(({ id }) => id).join('');

test('one is added at the end, changed by itself, and what is emptied goes', () => {
  expect(withAdded(list, 'along', 'd', { share: 0.02 }).at(-1)).toEqual({
    id: 'd',
    change: 'along',
    share: 0.02,
  });
  const changed = withChanged(list, 'b', { byMm: -15, zone: undefined });
  expect(changed).toEqual([list[0], { id: 'b', change: 'length', byMm: -15 }, list[2]]);
});

test('one moves a place earlier or later, and not beyond the ends', () => {
  expect(ids(withMoved(list, 'b', -1))).toBe('bac');
  expect(ids(withMoved(list, 'b', 1))).toBe('acb');
  expect(ids(withMoved(list, 'a', -1))).toBe('abc');
  expect(ids(withMoved(list, 'c', 1))).toBe('abc');
});
