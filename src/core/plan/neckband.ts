import {
  EXTREME_REDUCTION,
  FIXED_MM,
  SLACK,
  THICK_FROM_MM,
  TURN_THICKNESSES,
  cutWidth,
  defaultBand,
  flatLyingBand,
  foldEdge,
  foldEdgeSlack,
  ratioByStretch,
  sewnStretch,
  shortestPassing,
  shortestSewn,
} from '../bands/neckband';
import type { DirectionReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import type { BandSchool, Garment } from '../facts/garment';
import { LIMITS } from '../fit/limits';
import { planMarks } from './bandMarks';
import type { Neckline } from './neckline';
import { planTape } from './tape';
import type { BandSchoolPlan, BandState, NeckbandPlan } from './types';

export interface NeckbandInputs {
  readonly book: Ledger;
  readonly garment: Garment;
  readonly neckline: Neckline;
  readonly reading: DirectionReading;
  readonly cloth: Cloth;
  readonly head: Explained;
}

interface Limits {
  readonly shortestSewn: Explained;
  readonly shortestHead: Explained;
  readonly shortest: Explained;
  readonly fold?: Explained;
  readonly liesFlat?: Explained;
  readonly wantsSteam?: Explained;
}

export const bandSchoolLabels: Readonly<Record<BandSchool, string>> = {
  flat: 'lies flat by its width',
  fixed: 'two to four inches off',
  tenth: 'a tenth off',
  fifth: 'a fifth off',
  stretch: 'by the band’s stretch',
  pattern: 'the pattern’s own',
  own: 'your own',
};

/** The neckband: its window, every school beside it, what is cut, marked and sewn. */
export function planNeckband(inputs: NeckbandInputs): NeckbandPlan {
  const { book, garment, neckline, reading } = inputs;
  const { neckband, pattern } = garment;
  const N = neckline.seamline;
  const w = book.given('neckband.finished', 'finished width', neckband.finishedMm, 'mm', 'chosen');
  const a = leaf('seam allowance at the neckline', pattern.neckline.allowanceMm, 'mm', 'measured');
  const limits = planLimits(inputs, w);
  const lengths = schoolLengths(inputs, w, limits);
  const chosen = chosenLength(inputs, lengths);
  const stateOf = (length: Explained): BandState => bandState(length.value, limits);

  const cutExact = book.work('neckband.cut', {
    label: 'neckband, cut length',
    unit: 'mm',
    mark: 'D',
    formula: 'B + 2 * a',
    terms: { B: chosen, a },
    by: (v) => v.B + 2 * v.a,
  });
  const cutLength = planTape(book, 'neckband.cut', cutExact);
  const asCut = garment.cuts.neckband?.lengthMm;
  const sewn =
    asCut === undefined
      ? book.work('neckband.sewn', {
          label: 'band as it is sewn',
          unit: 'mm',
          mark: 'D',
          formula: 'B',
          terms: { B: chosen },
          by: (v) => v.B,
        })
      : book.work('neckband.sewn', {
          label: 'band as it was cut, less its join',
          unit: 'mm',
          mark: 'own record',
          formula: 'max(cut - 2 * a, least)',
          terms: {
            cut: leaf('length as cut', asCut, 'mm', 'own record'),
            a,
            least: leaf('least that can be sewn', 1, 'mm', 'D'),
          },
          by: (v) => Math.max(v.cut - 2 * v.a, v.least),
        });
  const stretchSewn = book.work('neckband.sewnStretch', {
    label: 'band stretched while it is sewn',
    unit: 'share',
    mark: 'D',
    formula: 'N / B - 1',
    terms: { N, B: sewn },
    by: (v) => sewnStretch(v.N, v.B),
  });
  const reduction = (name: string, cut: Explained) =>
    book.work(`neckband.reduction.${name}`, {
      label: 'shorter than the neckline by',
      unit: 'share',
      mark: 'D',
      formula: '(N - (cut - 2 * a)) / N',
      terms: { N, cut, a },
      by: (v) => (v.N - (v.cut - 2 * v.a)) / v.N,
    }).id;
  const marks = planMarks(book, garment, neckline, sewn);
  const { fold } = limits;
  return {
    school: neckband.school,
    chosen: chosen.id,
    state: stateOf(sewn),
    sewn: sewn.id,
    bandStretch: reading.stretch.id,
    shortestSewn: limits.shortestSewn.id,
    shortestHead: limits.shortestHead.id,
    shortest: limits.shortest.id,
    ...(fold && limits.liesFlat && limits.wantsSteam
      ? {
          fold: fold.id,
          liesFlat: limits.liesFlat.id,
          wantsSteam: limits.wantsSteam.id,
          slack: book.work('neckband.slack', {
            label: 'slack of the fold edge',
            unit: 'share',
            mark: 'D',
            formula: 'B / F - 1',
            terms: { B: sewn, F: fold },
            by: (v) => foldEdgeSlack(v.B, v.F),
          }).id,
        }
      : {}),
    schools: lengths.map(({ school, label, length, low, high }): BandSchoolPlan => ({
      school,
      label,
      length: length.id,
      ...(low && high ? { low: low.id, high: high.id } : {}),
      state: stateOf(length),
      extreme: 1 - (low ?? length).value / N.value > EXTREME_REDUCTION,
    })),
    sewnStretch: stretchSewn.id,
    finishedWidth: w.id,
    ...planWidths(inputs, w, stretchSewn),
    openingInside: book.work('neckband.openingInside', {
      label: 'finished opening inside the cut neckline',
      unit: 'mm',
      mark: 'D',
      formula: 'w - a',
      terms: { w, a },
      by: (v) => v.w - v.a,
    }).id,
    cutLength,
    reduction: {
      exact: reduction('exact', cutExact),
      cm: reduction('cm', book.numbers[cutLength.cm] as Explained),
      in: reduction('in', book.numbers[cutLength.in] as Explained),
    },
    ...marks,
  };
}

/** Where a length falls between the limits. */
function bandState(lengthMm: number, { shortest, liesFlat, wantsSteam }: Limits): BandState {
  if (lengthMm < shortest.value - TOLERANCE_MM) return 'too short';
  if (!liesFlat || !wantsSteam) return 'stands up';
  if (lengthMm <= liesFlat.value + TOLERANCE_MM) return 'lies flat';
  return lengthMm <= wantsSteam.value + TOLERANCE_MM ? 'wants steam' : 'stands up';
}

/** Lengths closer than this to a limit are on it: half a millimetre, the rounding of the tape. */
const TOLERANCE_MM = 0.5;

function planLimits({ book, garment, neckline, reading, head }: NeckbandInputs, w: Explained): Limits {
  const N = neckline.seamline;
  const S = reading.stretch;
  const sewnLimit = book.work('neckband.shortestSewn', {
    label: 'shortest that reaches the seam while it is sewn',
    unit: 'mm',
    mark: 'D',
    formula: 'N / (1 + limit * S)',
    terms: { N, limit: leaf('share of the stretch usable while sewing', LIMITS.sewn, 'share', 'T'), S },
    by: (v) => shortestSewn(v.N, v.S),
  });
  const headLimit = book.work('neckband.shortestHead', {
    label: 'shortest that goes over the head',
    unit: 'mm',
    mark: 'D',
    formula: 'H / (1 + S)',
    terms: { H: head, S },
    by: (v) => shortestPassing(v.H, v.S),
  });
  const shortest = book.work('neckband.shortest', {
    label: 'shortest that works',
    unit: 'mm',
    mark: 'D',
    formula: 'max(a, b)',
    terms: { a: sewnLimit, b: headLimit },
    by: (v) => Math.max(v.a, v.b),
  });
  const limits = { shortestSewn: sewnLimit, shortestHead: headLimit, shortest };
  const { turnRad } = garment.pattern.neckline;
  if (foldEdge(N.value, turnRad, w.value) <= 0) return limits;
  const fold = book.work('neckband.fold', {
    label: 'fold edge that lies exactly flat',
    unit: 'mm',
    mark: 'D',
    formula: 'N - turn * w',
    terms: { N, turn: leaf('total turn of the neckline', turnRad, 'rad', 'D'), w },
    by: (v) => foldEdge(v.N, v.turn, v.w),
  });
  const upTo = (id: string, label: string, slack: number) =>
    book.work(id, {
      label,
      unit: 'mm',
      mark: 'T',
      formula: '(1 + slack) * F',
      terms: { slack: leaf('slack allowed at the fold', slack, 'share', 'T'), F: fold },
      by: (v) => (1 + v.slack) * v.F,
    });
  return {
    ...limits,
    fold,
    liesFlat: upTo('neckband.liesFlat', 'longest that lies flat', SLACK.liesFlat),
    wantsSteam: upTo('neckband.wantsSteam', 'longest that steam can settle', SLACK.wantsSteam),
  };
}

interface SchoolLength {
  readonly school: BandSchool;
  readonly label: string;
  readonly length: Explained;
  readonly low?: Explained;
  readonly high?: Explained;
}

function schoolLengths(
  { book, garment, neckline, reading }: NeckbandInputs,
  w: Explained,
  limits: Limits,
): SchoolLength[] {
  const N = neckline.seamline;
  const { neckband, pattern } = garment;
  const at = (school: string) => `neckband.school.${school}`;
  const label = (school: BandSchool) => `neckband, ${bandSchoolLabels[school]}`;
  const easeIn = leaf('share of the curve taken off', neckband.easeIn, 'ratio', 'D');
  const turn = leaf('total turn of the neckline', pattern.neckline.turnRad, 'rad', 'D');
  const formula = book.work('neckband.formula', {
    label: 'neckband by the flat-lying formula',
    unit: 'mm',
    mark: 'D',
    formula: 'N - c * turn * w',
    terms: { N, c: easeIn, turn, w },
    by: (v) => flatLyingBand(v.N, v.turn, v.w, v.c),
  });
  const flat = limits.liesFlat
    ? book.work(at('flat'), {
        label: label('flat'),
        unit: 'mm',
        mark: 'D',
        note: 'The formula, no longer than lies flat and never under the shortest that works.',
        formula: 'max(min(B, flat), shortest)',
        terms: { B: formula, flat: limits.liesFlat, shortest: limits.shortest },
        by: (v) => defaultBand(v.B, v.flat, v.shortest),
      })
    : book.work(at('flat'), {
        label: label('flat'),
        unit: 'mm',
        mark: 'D',
        note: 'A band this wide cannot lie on this neck: only the shortest that works is left.',
        formula: 'shortest',
        terms: { shortest: limits.shortest },
        by: (v) => v.shortest,
      });
  const off = (name: string, mm: number) =>
    book.work(at(name), {
      label: `neckband, ${name === 'fixed' ? bandSchoolLabels.fixed : 'end of the fixed rule'}`,
      unit: 'mm',
      mark: 'T',
      formula: 'N - off',
      terms: { N, off: leaf('taken off', mm, 'mm', 'T') },
      by: (v) => v.N - v.off,
    });
  const times = (
    school: 'tenth' | 'fifth' | 'stretch',
    ratio: number,
    what: string,
    mark: 'T' | 'T, from memory',
  ) =>
    book.work(at(school), {
      label: label(school),
      unit: 'mm',
      mark,
      formula: 'N * r',
      terms: { N, r: leaf(what, ratio, 'ratio', mark) },
      by: (v) => v.N * v.r,
    });
  const row = ratioByStretch(reading.stretch.value);
  const schools: SchoolLength[] = [
    { school: 'flat', label: bandSchoolLabels.flat, length: flat },
    {
      school: 'fixed',
      label: bandSchoolLabels.fixed,
      length: off('fixed', FIXED_MM.middle),
      low: off('fixed.low', FIXED_MM.most),
      high: off('fixed.high', FIXED_MM.least),
    },
    { school: 'tenth', label: bandSchoolLabels.tenth, length: times('tenth', 0.9, 'nine tenths', 'T') },
    { school: 'fifth', label: bandSchoolLabels.fifth, length: times('fifth', 0.8, 'four fifths', 'T') },
    {
      school: 'stretch',
      label: bandSchoolLabels.stretch,
      length: times('stretch', row.ratio, `ratio for a band of ${row.label}`, 'T, from memory'),
    },
  ];
  if (neckband.printedCutMm !== undefined) {
    const length = book.work(at('pattern'), {
      label: label('pattern'),
      unit: 'mm',
      mark: 'measured',
      formula: 'cut - 2 * a',
      terms: {
        cut: leaf('cut length the pattern gives', neckband.printedCutMm, 'mm', 'measured'),
        a: leaf('seam allowance at the neckline', pattern.neckline.allowanceMm, 'mm', 'measured'),
      },
      by: (v) => v.cut - 2 * v.a,
    });
    schools.push({ school: 'pattern', label: bandSchoolLabels.pattern, length });
  }
  if (neckband.ownMm !== undefined) {
    const length = book.given(at('own'), label('own'), neckband.ownMm, 'mm', 'chosen');
    schools.push({ school: 'own', label: bandSchoolLabels.own, length });
  }
  return schools;
}

/** The length of the school that is chosen; the default's where that school has no length yet. */
function chosenLength({ book, garment }: NeckbandInputs, lengths: readonly SchoolLength[]): Explained {
  const picked =
    lengths.find(({ school }) => school === garment.neckband.school) ?? (lengths[0] as SchoolLength);
  return book.work('neckband.chosen', {
    label: 'neckband at the seamline',
    unit: 'mm',
    mark: 'chosen',
    note: `School: ${picked.label}.`,
    formula: 'B',
    terms: { B: picked.length },
    by: (v) => v.B,
  });
}

function planWidths({ book, garment, reading, cloth }: NeckbandInputs, w: Explained, stretchSewn: Explained) {
  const a = leaf('seam allowance at the neckline', garment.pattern.neckline.allowanceMm, 'mm', 'measured');
  const thick = cloth.thicknessMm !== undefined && cloth.thicknessMm >= THICK_FROM_MM ? cloth.thicknessMm : 0;
  const turn = {
    times: leaf('thicknesses in the turn', TURN_THICKNESSES, 'ratio', 'T'),
    t: leaf('thickness, where it is thick', thick, 'mm', 'measured'),
  };
  const { neckIn } = reading;
  const narrowing = neckIn && Math.max(neckIn.value * stretchSewn.value, 0);
  const makeUp =
    garment.neckband.makeUpNarrowing && neckIn !== undefined && narrowing !== undefined && narrowing < 0.5;
  const label = 'neckband, cut width';
  const cut = makeUp
    ? book.work('neckband.width', {
        label,
        unit: 'mm',
        mark: 'D',
        note: 'Cut wider, to finish at the width wished for once it is stretched on.',
        formula: '2 * (w / (1 - v * max(s, 0)) + a) + times * t',
        terms: { w, v: neckIn, s: stretchSewn, a, ...turn },
        by: (v) => cutWidth(v.w / (1 - v.v * Math.max(v.s, 0)), v.a, v.times * v.t),
      })
    : book.work('neckband.width', {
        label,
        unit: 'mm',
        mark: 'T',
        formula: '2 * (w + a) + times * t',
        terms: { w, a, ...turn },
        by: (v) => cutWidth(v.w, v.a, v.times * v.t),
      });
  const expected =
    neckIn && !makeUp
      ? book.work('neckband.expectedWidth', {
          label: 'finished width once it is stretched on',
          unit: 'mm',
          mark: 'D',
          formula: 'w * (1 - v * max(s, 0))',
          terms: { w, v: neckIn, s: stretchSewn },
          by: (v) => v.w * (1 - v.v * Math.max(v.s, 0)),
        }).id
      : undefined;
  return {
    cutWidth: planTape(book, 'neckband.width', cut),
    ...(expected ? { expectedWidth: expected } : {}),
  };
}
