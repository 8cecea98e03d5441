import type { LayoutProblem } from '@/core/layout/problem';
import { rectangle } from '@/core/geometry/ring';
import { answerLengths } from './lengths';

const on = (widthMm: number): LayoutProblem => ({
  widthMm,
  gapMm: 0,
  pieces: [{ id: 'panel', ring: rectangle(300, 400), count: 4 }],
});

test('each width has its length, by hand: one, two and four panels beside each other', () => {
  const lengths = [...answerLengths({ problems: [on(500), on(600), on(1200)] })];
  expect(lengths.map(({ nth }) => nth)).toEqual([0, 1, 2]);
  expect(lengths.map(({ layout }) => layout.lengthMm)).toEqual(
    [1600, 800, 400].map((mm) => expect.closeTo(mm, -1)),
  );
});

test('a width that is too narrow is passed over', () => {
  expect([...answerLengths({ problems: [on(200), on(1200)] })]).toEqual([
    { nth: 1, layout: { lengthMm: expect.closeTo(400, 1), placements: expect.any(Array) } },
  ]);
});
