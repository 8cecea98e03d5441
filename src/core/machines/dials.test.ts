import type { Setup } from '../facts/setup';
import { dialsOf, settingMeans, tensionsOf } from './dials';

/** What stands on a machine when it is set up so (common practice, no source). */

const serger: Setup = {
  mode: 'serger',
  needles: 'both',
  topLooper: 'out',
  tensionLeft: 4,
  tensionRight: 4,
  tensionUpper: 5,
  tensionLower: 5,
  length: 2.5,
  width: 6,
  differential: 1.3,
};

test('a serger’s upper looper always runs; with one needle the other’s tension does not count', () => {
  expect(tensionsOf(serger)).toEqual(['tensionLeft', 'tensionRight', 'tensionUpper', 'tensionLower']);
  expect(tensionsOf({ ...serger, needles: 'left' })).not.toContain('tensionRight');
  expect(tensionsOf({ ...serger, needles: 'right' })).not.toContain('tensionLeft');
});

test('set up as a coverstitch a combined machine has no width, and no upper looper unless it is put in', () => {
  const cover: Setup = { ...serger, mode: 'coverstitch', needles: 'two wide' };
  expect(dialsOf(cover)).toEqual(['tensionLeft', 'tensionRight', 'tensionLower', 'length', 'differential']);
  expect(dialsOf({ ...cover, topLooper: 'in' })).toContain('tensionUpper');
  expect(settingMeans(cover, 'knife')).toBe(false);
  expect(settingMeans(serger, 'knife')).toBe(true);
});

test('a straight stitch has no width to set, and what is not known is no dial', () => {
  expect(dialsOf({ tensionNeedle: 4, length: 2.5, width: 0 })).toEqual(['tensionNeedle', 'length']);
  expect(dialsOf({ width: 1.5 })).toEqual(['width']);
});
