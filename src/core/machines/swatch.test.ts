import { measuredCapacity, swatchAdvice } from './swatch';

const card = (afterMm: number | undefined, differential: number | undefined = 1) => ({
  beforeMm: 100,
  ...(afterMm === undefined ? {} : { afterMm }),
  setup: { ...(differential === undefined ? {} : { differential }) },
});
const RANGE = [0.6, 2] as const;

describe('what a swatch says', () => {
  test.each([
    [101, 'flat'],
    [99, 'flat'],
    [101.1, 'waved'],
    [98.9, 'puckered'],
    [undefined, 'not measured'],
  ] as const)('100 mm that came out %s: %s (a millimetre in ten centimetres is none)', (after, state) =>
    expect(swatchAdvice(card(after), RANGE).state).toBe(state),
  );
  test('a wave is fed more, a pucker less, in the ratio of what happened (D)', () => {
    expect(swatchAdvice(card(110), RANGE).differential).toBeCloseTo(1.1, 12);
    expect(swatchAdvice(card(90, 1.2), RANGE).differential).toBeCloseTo(1.08, 12);
    expect(swatchAdvice(card(110), RANGE)).not.toHaveProperty('clamped');
  });
  test('past the machine’s dial the rest is said to be for foot and hands', () => {
    expect(swatchAdvice(card(130, 1.8), RANGE)).toMatchObject({ differential: 2, clamped: true });
    expect(swatchAdvice(card(60, 0.8), RANGE)).toMatchObject({ differential: 0.6, clamped: true });
    expect(swatchAdvice(card(125, 1.6), RANGE)).toMatchObject({
      differential: expect.closeTo(2, 12) as number,
    });
    expect(swatchAdvice(card(125, 1.6), RANGE)).not.toHaveProperty('clamped');
  });
  test('without a dial there is no ratio; what else helps is said all the same', () => {
    const plain = swatchAdvice(card(110), undefined);
    expect(plain).not.toHaveProperty('differential');
    expect(plain.lines[0]).toMatch(/lighter on the foot/);
    const { setup, ...rest } = card(90);
    expect(setup).toBeDefined();
    expect(swatchAdvice({ ...rest, setup: {} }, RANGE)).not.toHaveProperty('differential');
    expect(swatchAdvice({ ...rest, setup: {} }, RANGE).lines[0]).toMatch(/tension/);
  });
});

test('how far it went is of its length as it lay after sewing, else as it was', () => {
  expect(measuredCapacity({ beforeMm: 100, afterMm: 110, reachedMm: 165 })).toBeCloseTo(0.5, 12);
  expect(measuredCapacity({ beforeMm: 100, reachedMm: 150 })).toBeCloseTo(0.5, 12);
  expect(measuredCapacity({ beforeMm: 100 })).toBeUndefined();
  expect(measuredCapacity({ reachedMm: 150 })).toBeUndefined();
});
