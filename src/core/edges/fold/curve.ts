import { flatLyingBand } from './formulas';
import { easeInOf, type Fold } from './fold';
import type { MarkedPart } from '../marks/bandMarks';
import { turnOf } from '../edgeLength';
import type { Explained } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import type { StripInputs } from '../strips/stripInputs';

/**
 * A neck’s back half, front and other back half, each with the strip that goes on it: each turns its quarters of the
 * whole and is eased by its own curvature. `undefined` where the strip is too wide for one of them.
 */
export function curvedParts(
  { book, id, edge, choice }: StripInputs,
  { width: w }: Fold,
  on: Explained,
  backHalf: Explained,
  sewn: Explained,
): readonly MarkedPart[] | undefined {
  const easeIn = easeInOf(choice);
  const turnRad = turnOf(edge, choice?.measured);
  const front = on.value - 2 * backHalf.value;
  const least = Math.min(
    flatLyingBand(backHalf.value, turnRad / 4, w.value, easeIn),
    flatLyingBand(front, turnRad / 2, w.value, easeIn),
    flatLyingBand(on.value, turnRad, w.value, easeIn),
  );
  if (least <= 0) return undefined;
  const c = leaf('share of the curve taken off', easeIn, 'ratio', 'D');
  const turn = leaf('total turn of the edge', turnRad, 'rad', 'D');
  const frontEdge = book.work(`${id}.frontEdge`, {
    label: 'front of the edge, shoulder to shoulder',
    unit: 'mm',
    mark: 'D',
    formula: 'N - 2 * b',
    terms: { N: on, b: backHalf },
  });
  const part = (name: string, label: string, length: Explained, share: number): MarkedPart => ({
    edge: length,
    band: book.work(`${id}.curve.${name}`, {
      label,
      unit: 'mm',
      mark: 'D',
      note: 'Eased by its own curvature, then all of it brought to the band’s length.',
      formula: '(l - c * turn * share * w) * B / (N - c * turn * w)',
      terms: {
        l: length,
        c,
        turn,
        share: leaf('its part of the turn', share, 'ratio', 'D'),
        w,
        B: sewn,
        N: on,
      },
    }),
  });
  return [
    part('left', 'band on the left back', backHalf, 0.25),
    part('front', 'band on the front', frontEdge, 0.5),
    part('right', 'band on the right back', backHalf, 0.25),
  ];
}
