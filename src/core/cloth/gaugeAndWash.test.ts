import fc from 'fast-check';
import { CARD, calibrate, calibrationFault, screenMm, type Calibration } from './screenGauge';
import { dimensionalChange, weightOfSquare } from './preWash';

const here = { pixelRatio: 1, screenWidthPx: 1280, screenHeightPx: 800 };
const made = (pxPerMm: number): Calibration => {
  const calibration = calibrate(CARD.widthMm * pxPerMm, here);
  if (!calibration) throw new Error('expected a calibration');
  return calibration;
};

describe('the ruler on the screen', () => {
  test('a card is 85.60 by 53.98 mm (S: ISO/IEC 7810, from memory)', () => {
    expect(CARD).toEqual({ widthMm: 85.6, heightMm: 53.98 });
  });
  test('reads within half a millimetre at any scale, the card set to half a pixel', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2.5, max: 12, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: 10, max: 170, noNaN: true }),
        (pxPerMm, slip, mm) => {
          const calibration = calibrate(CARD.widthMm * pxPerMm + slip, here);
          expect(calibration).toBeDefined();
          if (calibration) expect(Math.abs(screenMm(calibration, mm * pxPerMm) - mm)).toBeLessThan(0.5);
        },
      ),
      { seed: 1 },
    );
  });
  test('a zoom or another display voids it, with what to do', () => {
    const calibration = made(3.78);
    expect(calibrationFault(calibration, here)).toBeUndefined();
    expect(calibrationFault(calibration, { ...here, pixelRatio: 1.1 })).toMatch(/zoom has changed.*again/);
    expect(calibrationFault(calibration, { ...here, screenWidthPx: 1920 })).toMatch(/another display.*again/);
  });
  test('a card of a finger’s width on the screen is no calibration', () => {
    expect(calibrate(20, here)).toBeUndefined();
    expect(calibrate(5000, here)).toBeUndefined();
  });
});

describe('before cutting', () => {
  test('50 cm that come out of the wash at 48 cm shrink by 4 % (S: the form of ISO 5077)', () => {
    expect(dimensionalChange(500, 480)).toBeCloseTo(-0.04, 12);
  });
  test('a 10 cm square of 2.1 g weighs 210 g/m² (D)', () => {
    expect(weightOfSquare(2.1, 100)).toBeCloseTo(210, 9);
  });
});
