import type { Neckband, NecklineMeasured } from '../../facts/neckline';
import { SLACK, foldEdge, mitreOf } from './formulas';
import { V_POINT_RAD } from '../turns';
import type { DirectionReading } from '../../cloth/reading';
import type { Explained, Term } from '../../explain/explained';
import { leaf, type Ledger } from '../../explain/ledger';
import type { Cloth } from '../../facts/cloth';
import { LIMITS } from '../../fit/limits';
import { isAtLeastMm, isAtMostMm } from '../../units/tolerance';
import type { Neckline } from './neckline';
import type { BandState } from '../types';

export interface NeckbandInputs {
  readonly book: Ledger;
  /** How it is wished for, and the neckline as it was measured. */
  readonly neckband: Neckband;
  readonly measured: NecklineMeasured;
  /** Its length once it is cut, mm. */
  readonly asCutMm?: number | undefined;
  readonly neckline: Neckline;
  readonly reading: DirectionReading;
  readonly cloth: Cloth;
  readonly head: Explained;
  /** It goes on before the left shoulder is closed: its ends lie in that seam. */
  readonly open: boolean;
  /** What the pattern prints for it, where the garment does not say, cut length, mm. */
  readonly printedMm?: number | undefined;
  /** How much shorter than the neck this wearer likes it, and who that is. */
  readonly usual?: { readonly shorter: number; readonly name: string } | undefined;
}

/** Between what a band's length can be; the upper ones are absent where it is too wide to lie at all. */
export interface NeckbandLimits {
  readonly shortestSewn: Explained;
  readonly shortestHead: Explained;
  readonly shortest: Explained;
  readonly fold?: Explained;
  /** What the mitre at the point of a V takes off both folds. */
  readonly mitre?: Explained;
  readonly liesFlat?: Explained;
  readonly wantsSteam?: Explained;
}

/** What each end of the band has beyond its seamline: the shoulder's allowance where it lies in that seam. */
export function endAllowance({ book, measured, open }: NeckbandInputs): Explained {
  const { allowanceMm, shoulderAllowanceMm } = measured;
  return (
    book.numbers['neckband.ends'] ??
    book.given(
      'neckband.ends',
      `seam allowance at ${open ? 'the shoulder' : 'the neckline'}`,
      open ? shoulderAllowanceMm : allowanceMm,
      'mm',
      'measured',
    )
  );
}

/** The shortest that works and the longest that lies, for a band of finished width `w`. */
export function planLimits(inputs: NeckbandInputs, w: Explained): NeckbandLimits {
  const { book, neckband, neckline, reading, head } = inputs;
  const N = neckline.seamline;
  const S = reading.stretch;
  const sewnLimit = book.work('neckband.shortestSewn', {
    label: 'shortest that reaches the seam while it is sewn',
    unit: 'mm',
    mark: 'D',
    formula: 'N / (1 + limit * S)',
    terms: { N, limit: leaf('share of the stretch usable while sewing', LIMITS.sewn, 'share', 'T'), S },
  });
  const headLimit = book.work('neckband.shortestHead', {
    label: 'shortest that goes over the head',
    unit: 'mm',
    mark: 'D',
    formula: 'H / (1 + S)',
    terms: { H: head, S },
  });
  const shortest = book.work('neckband.shortest', {
    label: 'shortest that works',
    unit: 'mm',
    mark: 'D',
    formula: 'max(a, b)',
    terms: { a: sewnLimit, b: headLimit },
  });
  const limits = { shortestSewn: sewnLimit, shortestHead: headLimit, shortest };
  const turnRad = smoothTurn(inputs);
  const mitre = workMitre(book, neckband, w);
  if (foldEdge(N.value, turnRad, w.value) - (mitre?.value ?? 0) <= 0) return limits;
  const fold = book.work('neckband.fold', {
    label: 'fold edge that lies exactly flat',
    unit: 'mm',
    mark: 'D',
    formula: foldEdge.text,
    terms: { N, turn: turnLeaf(inputs), w },
  });
  const upTo = (id: string, label: string, most: number) => {
    const slack = leaf('slack allowed at the fold', most, 'share', 'T');
    const common = { label, unit: 'mm', mark: 'T' } as const;
    return mitre
      ? book.work(id, {
          ...common,
          note: 'The mitre at the point takes as much off the band’s fold as off the neck’s.',
          formula: '(1 + slack) * (F - m) + m',
          terms: { slack, F: fold, m: mitre },
        })
      : book.work(id, {
          ...common,
          formula: '(1 + slack) * F',
          terms: { slack, F: fold },
        });
  };
  return {
    ...limits,
    fold,
    ...(mitre ? { mitre } : {}),
    liesFlat: upTo('neckband.liesFlat', 'longest that lies flat', SLACK.liesFlat),
    wantsSteam: upTo('neckband.wantsSteam', 'longest that steam can settle', SLACK.wantsSteam),
  };
}

/** The turn of the smooth part of the neck: all of it, or what is left beside the point of a V. */
const smoothTurn = ({ measured, neckband }: NeckbandInputs): number =>
  Math.max(measured.turnRad - pointOf(neckband), 0);

/** The turn at the point of a V; none of other shapes. */
const pointOf = ({ shape, pointRad }: Neckband): number => (shape === 'V' ? (pointRad ?? V_POINT_RAD) : 0);

export const turnLeaf = (inputs: NeckbandInputs): Term =>
  inputs.neckband.shape === 'V'
    ? leaf('turn of the neckline beside its point', smoothTurn(inputs), 'rad', 'D')
    : leaf('total turn of the neckline', smoothTurn(inputs), 'rad', 'D');

/** At the point of a V each side’s fold is w·tan(θ/2) shorter: a mitre inside (D). */
function workMitre(book: Ledger, neckband: Neckband, w: Explained): Explained | undefined {
  const point = pointOf(neckband);
  if (point === 0) return undefined;
  return book.work('neckband.mitre', {
    label: 'mitre at the point of the V, both sides',
    unit: 'mm',
    mark: 'D',
    formula: mitreOf.text,
    terms: {
      w,
      point: leaf(
        'turn at the point',
        point,
        'rad',
        neckband.pointRad === undefined ? 'default' : 'measured',
      ),
    },
  });
}

/** Where a length falls between the limits. */
export function bandState(lengthMm: number, { shortest, liesFlat, wantsSteam }: NeckbandLimits): BandState {
  if (!isAtLeastMm(lengthMm, shortest.value)) return 'too short';
  if (!liesFlat || !wantsSteam) return 'stands up';
  if (isAtMostMm(lengthMm, liesFlat.value)) return 'lies flat';
  return isAtMostMm(lengthMm, wantsSteam.value) ? 'wants steam' : 'stands up';
}
