import { phraseText } from '../explain/display';
import type { Pattern } from '../facts/pattern';
import type { Wearer } from '../facts/wearer';
import { nearestIndex, placeInColumn } from './patternSize';
import { patterns, plan, stated, value, wearers, zone } from '../../../tests/planned';
import type { GarmentPlan } from '../plan/types';

describe('the size to cut', () => {
  const otter = patterns['otter-bottoms'] as Pattern;
  const of = plan(
    'briefs',
    { outer: stated(0.75), lining: stated(1), pattern: otter },
    { fit: { hip: { school: 'transfer' }, 'low-hip': { school: 'set', extension: 0.2 } } },
  );
  const words = of.size?.zones.map(({ advice }) => phraseText(advice, of.numbers, 'cm')) ?? [];

  test('is the nearest at the zone that governs, by its finished girth', () => {
    expect(of.size?.label).toBe('5');
    const hip = of.size?.zones.find((one) => one.zone === 'hip');
    expect(value(of, hip?.finished)).toBeCloseTo(1030 * 0.9, 9);
    expect(value(of, hip?.perSeamEdge)).toBeCloseTo(Math.abs(1030 * 0.9 - value(of, hip?.target)) / 4, 9);
  });
  test('another zone’s nearest size is a grade, a length is one change', () => {
    expect(words.find((line) => line.startsWith('Waist edge'))).toMatch(/grade towards size 3: take off/);
    expect(words.find((line) => line.startsWith('Crotch length'))).toMatch(/lengthen by .* altogether/);
  });
  test('a size that is chosen is what is compared', () => {
    const chosen = plan('briefs', { outer: stated(0.75), pattern: otter }, { sizeId: 'size-3' });
    expect([chosen.size?.label, chosen.size?.chosen]).toEqual(['3', true]);
  });
  test('a finished-garment table is taken as it is', () => {
    const leggings = plan('leggings', {
      wearer: wearers.tansy as Wearer,
      outer: stated(0.7),
      pattern: patterns['tumble-leggings'] as Pattern,
    });
    const hip = leggings.size?.zones.find((one) => one.zone === 'hip');
    expect([720, 760, 800, 850, 910]).toContain(value(leggings, hip?.finished));
  });
  test('a bust beyond the cup it was drafted for asks for an adjustment, half on each front', () => {
    const top = plan('crop-top', { outer: stated(0.8), pattern: patterns['otter-top'] as Pattern });
    const drafted = 970 - 920;
    const beyond = 960 - 905 - drafted;
    expect(beyond).toBeLessThan(12);
    expect(top.size?.adjustments.map(({ id }) => id)).not.toContain('bust-volume');
    const fuller = { ...(patterns['otter-top'] as Pattern), cupDifferenceMm: 20 };
    const adjusted = plan('crop-top', { outer: stated(0.8), pattern: fuller });
    expect(adjusted.size?.adjustments.map(({ id }) => id)).toContain('bust-volume');
    expect(value(adjusted, 'size.bust.each')).toBeCloseTo((960 - 905 - 20) / 2, 9);
  });
  test('with a fuller bust the size goes by the high bust, and only the rest is changed at the seams', () => {
    const otterTop = patterns['otter-top'] as Pattern;
    const drafted = { ...otterTop, cupDifferenceMm: 20 };
    const full = plan('crop-top', { outer: stated(0.8), pattern: drafted });
    const plain = plan('crop-top', { outer: stated(0.8), pattern: otterTop });
    const bust = (of: GarmentPlan) => of.size?.zones.find((one) => one.zone === 'bust');
    const wanted = value(full, zone(full, 'bust').rest);
    expect(value(full, bust(full)?.target)).toBeCloseTo((wanted * (905 + 20)) / 960, 9);
    expect(value(plain, bust(plain)?.target)).toBeCloseTo(wanted, 9);
    expect(phraseText(full.size?.reason ?? [], full.numbers, 'cm')).toMatch(/by the high bust/);
    const order = (of: GarmentPlan) => drafted.sizes[of.size?.cut ?? '']?.order ?? -1;
    expect(order(full)).toBeLessThan(order(plain));
  });
  test('a cup beyond the drafted one is counted in cup sizes, with foam and without (T)', () => {
    const cups = (more: Partial<Pattern>) => {
      const of = plan('crop-top', {
        outer: stated(0.8),
        pattern: { ...(patterns['otter-top'] as Pattern), cupDifferenceMm: 5, ...more },
      });
      const lines = of.size?.adjustments.map(({ sentence }) => phraseText(sentence, of.numbers, 'cm'));
      return lines?.filter((line) => /^Cup|bust adjustment/.test(line)).join(' ');
    };
    expect(cups({ assumesFoam: true })).toBe(
      'Cup: with foam 2 cup sizes larger than drafted; without foam 3 cup sizes larger than drafted; 4 cup sizes larger than drafted if that test comes out small.',
    );
    expect(cups({ cupStepMm: 50 })).toBe('Cup: 1 cup size larger than drafted.');
    expect(cups({ cupStepMm: 50, cupDifferenceMm: 105 })).toBe('Cup: 1 cup size smaller than drafted.');
    expect(cups({ assumesFoam: true, cupDifferenceMm: 55 })).toMatch(
      /with foam the cup as drafted; without foam 1 cup size larger.*; 2 cup sizes larger/,
    );
    expect(cups({})).toMatch(/^Full bust adjustment/);
  });
  test('a cloth short of the stated stretch is refused, with what would have to change', () => {
    const short = plan('briefs', { outer: stated(0.6), pattern: otter });
    const stop = short.problems.find(({ id }) => id === 'check-outer-around');
    expect(stop?.severity).toBe('stop');
    expect(phraseText(stop?.sentence ?? [], short.numbers, 'cm')).toMatch(
      /60 % around, and 75 % is asked: 15 % short, not suitable/,
    );
    expect(phraseText(stop?.remedies[0] ?? [], short.numbers, 'cm')).toMatch(/75 % or more/);
  });
});

describe('a size table’s columns', () => {
  test('nearest, the first of two as near', () => {
    expect(nearestIndex([800, 840, 880], 861)).toBe(2);
    expect(nearestIndex([800, 840, 880], 820)).toBe(0);
  });
  test('a place between rows, held half a row outside', () => {
    expect(placeInColumn([800, 840, 880], 850)).toBeCloseTo(1.25, 12);
    expect([placeInColumn([800, 840], 700), placeInColumn([800, 840], 900)]).toEqual([-0.5, 1.5]);
    expect(placeInColumn([800], 800)).toBe(0);
    expect(placeInColumn([undefined, 800, undefined, 880], 840)).toBeCloseTo(2, 12);
    expect(placeInColumn([undefined, 800], 700)).toBe(0.5);
    expect(placeInColumn([undefined], 700)).toBe(0);
  });
});
