import { alongBand, fromCentrePoint, inFrontOfShoulder, markCount } from '../bands/marks';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { Neckline } from './neckline';
import type { BandMark, NumberId } from './types';

export interface MarksPlan {
  readonly marks: readonly BandMark[];
  readonly markCount: NumberId;
  readonly neckSegment: NumberId;
  readonly bandSegment: NumberId;
}

/** Marks on neckline and band, counted from centre back, with their distances from seams and centre points. */
export function planMarks(book: Ledger, garment: Garment, neckline: Neckline, band: Explained): MarksPlan {
  const N = neckline.seamline;
  const division = markCount(garment.neckband.marks, N.value);
  const count = book.given('neckband.marks', 'marks', division, 'count', 'T');
  const segment = (id: string, label: string, length: Explained) =>
    book.work(id, {
      label,
      unit: 'mm',
      mark: 'D',
      formula: 'L / n',
      terms: { L: length, n: count },
      by: (v) => v.L / v.n,
    }).id;
  const joinAtShoulder = garment.neckband.join === 'left-shoulder';
  const marks = Array.from({ length: division }, (_, at): BandMark => {
    const id = `neckband.mark${at}`;
    const k = leaf('marks from centre back', at, 'count', 'D');
    const along = book.work(`${id}.neck`, {
      label: 'mark, along the neckline from centre back',
      unit: 'mm',
      mark: 'D',
      formula: 'N * k / n',
      terms: { N, k, n: count },
      by: (v) => (v.N * v.k) / v.n,
    });
    const join = joinAtShoulder ? neckline.backHalf : leaf('join at centre back', 0, 'mm', 'chosen');
    const onBand = book.work(`${id}.band`, {
      label: 'mark, along the band from its join',
      unit: 'mm',
      mark: 'D',
      formula: 'mod(x - join + N, N) * B / N',
      terms: { x: along, join, N, B: band },
      by: (v) => alongBand(v.x, v.N, v.B, v.join),
    });
    const fromShoulder = book.work(`${id}.shoulder`, {
      label: 'mark, in front of the nearer shoulder seam',
      unit: 'mm',
      mark: 'D',
      formula: 'min(x, N - x) - b',
      terms: { x: along, N, b: neckline.backHalf },
      by: (v) => inFrontOfShoulder(v.x, v.N, v.b),
    });
    const fromCentre = book.work(`${id}.centre`, {
      label: 'mark, from the nearer of centre back and centre front',
      unit: 'mm',
      mark: 'D',
      formula: 'min(x, N - x, abs(N / 2 - x))',
      terms: { x: along, N },
      by: (v) => fromCentrePoint(v.x, v.N),
    });
    return {
      ...nameMark(at, division),
      alongNeck: along.id,
      alongBand: onBand.id,
      fromShoulder: fromShoulder.id,
      fromCentre: fromCentre.id,
    };
  });
  return {
    marks,
    markCount: count.id,
    neckSegment: segment('neckband.neckSegment', 'from mark to mark on the neckline', N),
    bandSegment: segment('neckband.bandSegment', 'from mark to mark on the band', band),
  };
}

function nameMark(at: number, count: number): Pick<BandMark, 'label' | 'side'> {
  if (at === 0) return { label: 'centre back', side: 'middle' };
  if (at * 2 === count) return { label: 'centre front', side: 'middle' };
  const side = at * 2 < count ? 'left' : 'right';
  return { label: (at * 4) % count === 0 ? 'quarter' : 'eighth', side };
}
