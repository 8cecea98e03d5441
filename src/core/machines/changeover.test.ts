import type { MachineKind } from '../facts/machine';
import type { Setup } from '../facts/setup';
import { changeMinutes, changesBetween, checklist } from './changeover';

describe('minutes of changing over (T, handbook 08: the middle of each range; the rest estimates)', () => {
  test.each<[string, MachineKind, Setup | undefined, Setup, number]>([
    ['nobody knows how a sewing machine stands', 'sewing machine', undefined, {}, 3 + 1],
    ['nor a serger', 'serger', undefined, {}, 7.5 + 1],
    ['nothing to do', 'serger', { needles: 'both' }, { needles: 'both' }, 0],
    [
      'converting, whatever else',
      'combined',
      { mode: 'serger', needles: 'both' },
      { mode: 'coverstitch', needles: 'left' },
      12.5,
    ],
    ['a needle out of a serger', 'serger', { needles: 'both' }, { needles: 'left' }, 7.5],
    ['another needle on a sewing machine', 'sewing machine', { needleNm: 75 }, { needleNm: 90 }, 3],
    ['the bed alone', 'sewing machine', { bed: 'table' }, { bed: 'free arm' }, 0.5],
    ['a dial', 'sewing machine', { stitch: 'straight-seam' }, { stitch: 'zigzag-seam' }, 1],
    [
      'two dials are one turn at them',
      'sewing machine',
      { stitch: 'straight-seam', foot: 'standard' },
      { stitch: 'zigzag-seam', foot: 'walking' },
      1,
    ],
    [
      'needle, dial and bed',
      'sewing machine',
      { needleNm: 75, stitch: 'straight-seam', bed: 'table' },
      { needleNm: 90, stitch: 'zigzag-seam', bed: 'free arm' },
      3 + 1 + 0.5,
    ],
  ])('%s', (_name, kind, from, to, minutes) => expect(changeMinutes(kind, from, to)).toBe(minutes));
});

test('a change says from what where that is known, and is none where it stands so already', () => {
  expect(changesBetween({ needleNm: 75 }, { needleNm: 90 })).toMatchObject([
    { field: 'needleNm', from: 75, to: 90 },
  ]);
  const [unknown] = changesBetween({}, { needleNm: 90 });
  expect(unknown).toMatchObject({ to: 90, powerOff: true });
  expect(unknown).not.toHaveProperty('from');
  expect(changesBetween({ needleNm: 90 }, { needleNm: 90 })).toEqual([]);
  expect(changesBetween({ needleNm: 90 }, {})).toEqual([]);
});

test('power goes off only for what wants it; a scrap is sewn after any change, and after none nothing', () => {
  const kinds = (from: Setup, to: Setup) => checklist(from, to).map(({ kind }) => kind);
  expect(kinds({ stitch: 'straight-seam' }, { stitch: 'zigzag-seam' })).toEqual(['set', 'scrap']);
  expect(kinds({ needleNm: 75, stitch: 'straight-seam' }, { needleNm: 90, stitch: 'zigzag-seam' })).toEqual([
    'power-off',
    'set',
    'power-on',
    'set',
    'scrap',
  ]);
  expect(kinds({ needleNm: 75 }, { needleNm: 75 })).toEqual([]);
});
