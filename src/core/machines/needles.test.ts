import { newCloth, type Cloth } from '../facts/cloth';
import { helpsFor, isThick, needleFor } from './needles';

const cloth = (more: Partial<Cloth>): Cloth => ({ ...newCloth('Cloth'), ...more });

describe('a needle’s size goes by the cloth’s weight (estimates; common practice, no source)', () => {
  test.each([
    [129.9, 70],
    [130, 80],
    [270, 80],
    [270.1, 90],
  ])('%f g/m²: NM %i', (weightGsm, needleNm) =>
    expect(needleFor(cloth({ weightGsm })).needleNm).toBe(needleNm),
  );
  test('not weighed it is the usual one; swimwear and pile want one finer', () => {
    expect(needleFor(undefined).needleNm).toBe(80);
    expect(needleFor(cloth({})).needleNm).toBe(80);
    expect(needleFor(cloth({ swim: 'yes' })).needleNm).toBe(75);
    expect(needleFor(cloth({ pile: 'yes' })).needleNm).toBe(75);
    expect(needleFor(cloth({ pile: 'no', swim: 'no' })).needleNm).toBe(80);
    expect(needleFor(cloth({ swim: 'yes', weightGsm: 300 })).needleNm).toBe(75);
  });
});

describe('its kind', () => {
  test.each(['elastane', 'Elastan 5 %', 'polyamide', 'nylon'])('%s: stretch', (fibre) =>
    expect(needleFor(cloth({ fibre }))).toMatchObject({
      kind: 'stretch',
      why: expect.stringMatching(/Elastane/) as string,
    }),
  );
  test('cotton: ball-point; on elastic, in swimwear, on a machine that takes no other: stretch', () => {
    const cotton = cloth({ fibre: 'cotton' });
    expect(needleFor(cotton).kind).toBe('ball-point');
    expect(needleFor(cotton, { onElastic: true })).toMatchObject({
      kind: 'stretch',
      why: expect.stringMatching(/elastic/) as string,
    });
    expect(needleFor(cotton, { stretchOnly: true })).toMatchObject({
      kind: 'stretch',
      why: expect.stringMatching(/only/) as string,
    });
    expect(needleFor(cloth({ swim: 'yes' })).kind).toBe('stretch');
    expect(needleFor(cloth({ swim: 'no' })).kind).toBe('ball-point');
  });
});

describe('helps', () => {
  const lighter = /lighter on the foot/;
  const says = (more: Partial<Cloth>, wanted: RegExp) =>
    helpsFor(cloth(more)).some((sentence) => wanted.test(sentence));
  test('thick from 1.2 mm on, or heavy: one step lighter on the foot', () => {
    expect([1.19, 1.2].map((thicknessMm) => isThick(cloth({ thicknessMm })))).toEqual([false, true]);
    expect([1.19, 1.2].map((thicknessMm) => says({ thicknessMm }, lighter))).toEqual([false, true]);
    expect([270, 271].map((weightGsm) => says({ weightGsm }, lighter))).toEqual([false, true]);
    expect(isThick(undefined)).toBe(false);
  });
  test.each([
    [{ drape: 'slinky' }, { drape: 'medium' }, /tissue under the seam/],
    [{ pile: 'yes' }, { pile: 'no' }, /one direction/],
    [{ curl: 'strongly' }, { curl: 'a little' }, /starch/],
    [{ weightGsm: 129 }, { weightGsm: 131 }, /Fine thread/],
  ] as const)('%j and not %j', (yes, no, wanted) => {
    expect(says(yes, wanted)).toBe(true);
    expect(says(no, wanted)).toBe(false);
  });
  test('of no cloth nothing is said', () => expect(helpsFor(undefined)).toEqual([]));
});
