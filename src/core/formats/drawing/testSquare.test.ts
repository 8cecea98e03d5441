import { polyline, mapped } from '../../geometry/path';
import { point } from '../../geometry/point';
import { checkScale, squareAt } from './testSquare';

const box = (x: number, y: number, w: number, h: number) =>
  polyline([point(x, y), point(x + w, y), point(x + w, y + h), point(x, y + h), point(x, y)]);

test('the square is the smallest closed line round the click; open lines are none', () => {
  const lines = [box(0, 0, 800, 600), box(100, 100, 98, 98), polyline([point(0, 0), point(800, 600)])];
  expect(squareAt(lines, point(150, 150))).toEqual({ wideMm: 98, highMm: 98 });
  expect(squareAt(lines, point(300, 300))).toEqual({ wideMm: 800, highMm: 600 });
  expect(squareAt(lines, point(900, 300))).toBeUndefined();
});

test('half a millimetre in ten centimetres is right, more is mended by the factor, an oblong is no square', () => {
  expect(checkScale({ wideMm: 99.5, highMm: 99.5 }, 100)).toMatchObject({ says: 'off' });
  expect(checkScale({ wideMm: 99.6, highMm: 99.6 }, 100)).toMatchObject({ says: 'right' });
  expect(checkScale({ wideMm: 100, highMm: 102 }, 100)).toEqual({ says: 'no square' });
  const read = checkScale({ wideMm: 96, highMm: 96 }, 101.6);
  if (read.says === 'no square') throw new Error('expected a square');
  const mended = squareAt(
    [mapped(box(0, 0, 96, 96), ({ x, y }) => point(x * read.factor, y * read.factor))],
    point(5, 5),
  );
  expect(mended?.wideMm).toBeCloseTo(101.6, 9);
});
