import { point, type Point } from '../geometry/point';
import { closedLine, type PaperPiece } from './paperPiece';
import { TEST_SQUARES } from './papers';

const APART_MM = 8;

/** The test squares as something that is laid among the pieces, for sheets that have no page before them. */
export function squaresPiece(): PaperPiece {
  let left = 0;
  const squares = TEST_SQUARES.map(({ sideMm, label }) => {
    const from = left;
    left += sideMm + APART_MM;
    return { label, ring: box(from, from + sideMm, sideMm) };
  });
  const high = Math.max(...TEST_SQUARES.map(({ sideMm }) => sideMm));
  const wide = left - APART_MM;
  return {
    id: 'test-squares',
    label: 'Measure one of these',
    words: TEST_SQUARES.map(({ label }) => label),
    sizes: [
      {
        label: '',
        ring: box(0, wide, high),
        lines: squares.map(({ ring }) => ({ kind: 'notch', points: closedLine(ring) })),
      },
    ],
    room: { at: point(high / 2, high / 2), radiusMm: high / 3, wideMm: high * 0.8 },
  };
}

const box = (left: number, right: number, foot: number): readonly Point[] => [
  point(left, 0),
  point(right, 0),
  point(right, foot),
  point(left, foot),
];
