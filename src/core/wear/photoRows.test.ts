import type { Fitting, PhotoView } from '../facts/fitting';
import { nextView, photoRows } from './photoRows';

const round = (triedOn: string, photos: Record<string, PhotoView>): Fitting => ({
  triedOn,
  outcomes: {},
  photos,
});

test('a view is laid side by side once two rounds show it, the oldest first', () => {
  const rows = photoRows({
    b: { ...round('2026-03-02', { late: 'front', lateBack: 'back' }), held: 'sewn' },
    a: { ...round('2026-03-01', { early: 'front', again: 'front' }), held: 'basted' },
    c: { triedOn: '2026-03-03', outcomes: {} },
  });
  expect(rows).toEqual([
    {
      view: 'front',
      photos: [
        { photo: 'early', triedOn: '2026-03-01', held: 'basted' },
        { photo: 'again', triedOn: '2026-03-01', held: 'basted' },
        { photo: 'late', triedOn: '2026-03-02', held: 'sewn' },
      ],
    },
  ]);
});

test('two photos of one round are not two rounds', () =>
  expect(photoRows({ a: round('2026-03-01', { one: 'front', two: 'front' }) })).toEqual([]));

test('a new photo is taken for the view that is missing', () => {
  expect(nextView()).toBe('front');
  expect(nextView({ one: 'front', two: 'left side' })).toBe('back');
  expect(nextView({ a: 'front', b: 'back', c: 'left side', d: 'right side', e: 'close up' })).toBe(
    'close up',
  );
});
