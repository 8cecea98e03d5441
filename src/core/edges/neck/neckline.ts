import { seamlineOfRing } from '../seamline';
import type { Explained } from '../../explain/explained';
import { leaf, type Input, type Ledger } from '../../explain/ledger';
import type { NecklineMeasured } from '../../facts/neckline';
import type { NecklinePlan } from '../types';

/** Shoulder seams that cross a tee's neckline. */
const CROSSINGS = 2;
/** The back's part of a neckline where it was not measured (common practice, no source). */
const BACK_SHARE = 0.4;

export interface Neckline {
  readonly plan: NecklinePlan;
  readonly seamline: Explained;
  readonly backHalf: Explained;
}

/** The neckline's seamline from what was measured; `undefined` until enough of it is. */
export function planNeckline(book: Ledger, neckline: NecklineMeasured): Neckline | undefined {
  const seamline = planSeamline(book, neckline);
  if (!seamline) return undefined;
  const backHalf = planBackHalf(book, neckline, seamline);
  return {
    plan: { seamline: seamline.id, backHalf: backHalf.id, backAssumed: neckline.backMm === undefined },
    seamline,
    backHalf,
  };
}

function planSeamline(book: Ledger, neckline: NecklineMeasured): Explained | undefined {
  const { as, wholeMm, frontMm, backMm, allowanceMm, shoulderAllowanceMm, turnRad } = neckline;
  const id = 'neckline.seamline';
  const label = 'neckline seamline';
  const a = leaf('seam allowance at the neckline', allowanceMm, 'mm', 'measured');
  const turn = leaf('total turn of the neckline', turnRad, 'rad', 'D');
  const seamlineOf = (ring: Input) =>
    book.work(id, {
      label,
      unit: 'mm',
      mark: 'D',
      formula: seamlineOfRing.text,
      terms: { ring, turn, a },
    });
  if (as === 'pieces') {
    const whole = { label: 'neckline as a ring, cut edge', unit: 'mm', mark: 'D' } as const;
    const crossing = {
      seams: leaf('shoulder seams', CROSSINGS, 'count', 'D'),
      s: leaf('seam allowance at the shoulder', shoulderAllowanceMm, 'mm', 'measured'),
    };
    if (frontMm !== undefined && backMm !== undefined) {
      return seamlineOf(
        book.work('neckline.ring', {
          ...whole,
          formula: 'front + back - 2 * seams * s',
          terms: {
            front: leaf('front piece, cut edge', frontMm, 'mm', 'measured'),
            back: leaf('back piece, cut edge', backMm, 'mm', 'measured'),
            ...crossing,
          },
        }),
      );
    }
    if (wholeMm === undefined) return undefined;
    return seamlineOf(
      book.work('neckline.ring', {
        ...whole,
        formula: 'pieces - 2 * seams * s',
        terms: { pieces: leaf('all its pieces, cut edge', wholeMm, 'mm', 'measured'), ...crossing },
      }),
    );
  }
  if (wholeMm === undefined) return undefined;
  if (as === 'seamline') return book.given(id, label, wholeMm, 'mm', 'measured');
  return seamlineOf(leaf('joined ring, cut edge', wholeMm, 'mm', 'measured'));
}

function planBackHalf(book: Ledger, neckline: NecklineMeasured, seamline: Explained): Explained {
  const { as, backMm, allowanceMm, shoulderAllowanceMm, turnRad } = neckline;
  const id = 'neckline.backHalf';
  const label = 'half of the back neckline, at the seamline';
  if (backMm === undefined) {
    return book.work(id, {
      label,
      unit: 'mm',
      mark: 'default',
      note: 'The back was not measured: measure it from shoulder seam to shoulder seam.',
      formula: 'N * share / 2',
      terms: {
        N: seamline,
        share: leaf('the back’s usual part of a neckline', BACK_SHARE, 'share', 'default'),
      },
    });
  }
  const back = leaf('back neckline as measured', backMm, 'mm', 'measured');
  if (as === 'seamline') {
    return book.work(id, {
      label,
      unit: 'mm',
      mark: 'D',
      formula: 'back / 2',
      terms: { back },
    });
  }
  const lost = as === 'pieces' ? shoulderAllowanceMm : 0;
  return book.work(id, {
    label,
    unit: 'mm',
    mark: 'D',
    note: 'Half of the total turn lies in the back: two of the four equal quarters.',
    formula: '(back - 2 * s + turn / 2 * a) / 2',
    terms: {
      back,
      s: leaf('allowance lost at each shoulder seam', lost, 'mm', 'measured'),
      turn: leaf('total turn of the neckline', turnRad, 'rad', 'D'),
      a: leaf('seam allowance at the neckline', allowanceMm, 'mm', 'measured'),
    },
  });
}
