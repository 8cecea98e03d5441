import {
  EXTREME_REDUCTION,
  TURN_THICKNESSES,
  thicknessInFold,
  foldEdgeSlack,
  sewnStretch,
  flatLyingBand,
  foldedWidth,
} from './formulas';
import type { Explained } from '../../explain/explained';
import { getNumber, leaf, type Ledger } from '../../explain/ledger';
import { planMarks, type MarkedPart } from '../marks/bandMarks';
import { bandState, endAllowance, planLimits, type NeckbandInputs } from './neckbandLimits';
import { chosenLength, schoolLengths } from './neckbandSchools';
import { isAtMostMm } from '../../units/tolerance';
import { planTape } from '../tape';
import type { Neckline } from './neckline';
import type { BandSchoolPlan, BandState, MarksPlan, NeckbandPlan } from '../types';

/** The neckband: its window, every school beside it, what is cut, marked and sewn. */
export function planNeckband(inputs: NeckbandInputs): NeckbandPlan {
  const { book, neckband, neckline, reading, asCutMm: asCut } = inputs;
  const N = neckline.seamline;
  const w = book.given('neckband.finished', 'finished width', neckband.finishedMm, 'mm', 'chosen');
  const a = endAllowance(inputs);
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
  });
  const asCutLimit = (which: 'shortest' | 'longest', length: Explained | undefined) =>
    length &&
    book.work(`neckband.cut.${which}`, {
      label: `${which} that works, cut`,
      unit: 'mm',
      mark: 'D',
      formula: 'B + 2 * a',
      terms: { B: length, a },
    });
  const steamed =
    limits.liesFlat && chosen.value > limits.liesFlat.value ? limits.wantsSteam : limits.liesFlat;
  const cutLength = planTape(book, 'neckband.cut', cutExact, {
    least: asCutLimit('shortest', limits.shortest),
    most: asCutLimit('longest', steamed),
  });
  const sewn =
    asCut === undefined
      ? book.work('neckband.sewn', {
          label: 'band as it is sewn',
          unit: 'mm',
          mark: 'D',
          formula: 'B',
          terms: { B: chosen },
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
        });
  const stretchSewn = book.work('neckband.sewnStretch', {
    label: 'band stretched while it is sewn',
    unit: 'share',
    mark: 'D',
    formula: sewnStretch.text,
    terms: { N, B: sewn },
  });
  const reduction = (name: string, cut: Explained) =>
    book.work(`neckband.reduction.${name}`, {
      label: 'shorter than the neckline by',
      unit: 'share',
      mark: 'D',
      formula: '(N - (cut - 2 * a)) / N',
      terms: { N, cut, a },
    }).id;
  const marked = neckMarks(inputs, sewn, w);
  const past = book.numbers[marked.marks.find(({ label }) => label === 'quarter')?.fromSeams[0]?.mm ?? ''];
  const quarter =
    past &&
    book.work('neckband.quarter', {
      label: 'quarter mark from the shoulder seam',
      unit: 'mm',
      mark: 'D',
      formula: 'abs(x)',
      terms: { x: past },
    });
  const { fold, mitre } = limits;
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
            ...(mitre
              ? {
                  formula: '(B - m) / (F - m) - 1',
                  terms: { B: sewn, F: fold, m: mitre } as Record<string, Explained>,
                }
              : {
                  formula: foldEdgeSlack.text,
                  terms: { B: sewn, F: fold } as Record<string, Explained>,
                }),
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
    }).id,
    cutLength,
    reduction: {
      exact: reduction('exact', cutExact),
      cm: reduction('cm', getNumber(book.numbers, cutLength.cm)),
      in: reduction('in', getNumber(book.numbers, cutLength.in)),
    },
    marked,
    ...(quarter ? { quarter: quarter.id } : {}),
    join: joinOf(inputs),
    open: inputs.open,
    endAllowance: a.id,
    ...firstMark(book, marked),
  };
}

/** The mark next to the band's join, where none lies at it. */
function firstMark(book: Ledger, { marks }: MarksPlan): Pick<NeckbandPlan, 'firstMark'> {
  const places = marks.map(({ alongBand }) => getNumber(book.numbers, alongBand));
  const next = places.reduce((least, one) => (one.value < least.value ? one : least));
  return isAtMostMm(next.value, 0) ? {} : { firstMark: next.id };
}

/** Where the band's ends meet: as chosen, or at the shoulder that is open while it is sewn on. */
const joinOf = ({ neckband, open }: NeckbandInputs): NeckbandPlan['join'] =>
  open || neckband.joinAt === 'left-shoulder' ? 'left shoulder' : 'centre back';

/** Marks from centre back; by curvature, more of the shortening goes where the neck turns more. */
function neckMarks(inputs: NeckbandInputs, sewn: Explained, w: Explained): MarksPlan {
  const { book, neckband, neckline, measured } = inputs;
  const { seamline, backHalf } = neckline;
  const otherShoulder = book.work('neckline.rightShoulder', {
    label: 'right shoulder seam, along the neckline',
    unit: 'mm',
    mark: 'D',
    formula: 'N - b',
    terms: { N: seamline, b: backHalf },
  });
  return planMarks({
    book,
    id: 'neckband',
    edge: seamline,
    band: sewn,
    choice: neckband.marks,
    start: 'centre back',
    middle: 'centre front',
    seams: [
      { label: 'left shoulder seam', at: backHalf },
      { label: 'right shoulder seam', at: otherShoulder },
    ],
    parts:
      neckband.marks === 'curve'
        ? curvedParts(book, neckline, measured.turnRad, sewn, w, neckband.easeIn)
        : undefined,
    join: joinOf(inputs) === 'left shoulder' ? backHalf : undefined,
  });
}

/** Back half, front, back half: each turns its quarters of the whole, and is eased by its own curvature. */
function curvedParts(
  book: Ledger,
  { seamline, backHalf }: Neckline,
  turnRad: number,
  sewn: Explained,
  w: Explained,
  easeIn: number,
): readonly MarkedPart[] | undefined {
  const front = seamline.value - 2 * backHalf.value;
  const whole = flatLyingBand(seamline.value, turnRad, w.value, easeIn);
  const least = Math.min(
    flatLyingBand(backHalf.value, turnRad / 4, w.value, easeIn),
    flatLyingBand(front, turnRad / 2, w.value, easeIn),
    whole,
  );
  if (least <= 0) return undefined;
  const c = leaf('share of the curve taken off', easeIn, 'ratio', 'D');
  const turn = leaf('total turn of the neckline', turnRad, 'rad', 'D');
  const frontEdge = book.work('neckband.frontEdge', {
    label: 'front of the neckline, shoulder to shoulder',
    unit: 'mm',
    mark: 'D',
    formula: 'N - 2 * b',
    terms: { N: seamline, b: backHalf },
  });
  const part = (name: string, label: string, edge: Explained, share: number) => ({
    edge,
    band: book.work(`neckband.part.${name}`, {
      label,
      unit: 'mm',
      mark: 'D',
      note: 'Eased by its own curvature, then all of it brought to the band’s length.',
      formula: '(l - c * turn * share * w) * B / (N - c * turn * w)',
      terms: {
        l: edge,
        c,
        turn,
        share: leaf('its part of the turn', share, 'ratio', 'D'),
        w,
        B: sewn,
        N: seamline,
      },
    }),
  });
  return [
    part('left', 'band on the left back', backHalf, 0.25),
    part('front', 'band on the front', frontEdge, 0.5),
    part('right', 'band on the right back', backHalf, 0.25),
  ];
}

function planWidths(
  { book, neckband, measured, reading, cloth }: NeckbandInputs,
  w: Explained,
  stretchSewn: Explained,
) {
  const a = leaf('seam allowance at the neckline', measured.allowanceMm, 'mm', 'measured');
  const turn = {
    times: leaf('thicknesses in the turn', TURN_THICKNESSES, 'ratio', 'T'),
    t: leaf('thickness, where it is thick', thicknessInFold(cloth.thicknessMm), 'mm', 'measured'),
  };
  const { neckIn } = reading;
  const narrowing = neckIn && Math.max(neckIn.value * stretchSewn.value, 0);
  const makeUp =
    neckband.makeUpNarrowing && neckIn !== undefined && narrowing !== undefined && narrowing < 0.5;
  const label = 'neckband, cut width';
  const cut = makeUp
    ? book.work('neckband.width', {
        label,
        unit: 'mm',
        mark: 'D',
        note: 'Cut wider, to finish at the width wished for once it is stretched on.',
        formula: '2 * (w / (1 - v * max(s, 0)) + a) + times * t',
        terms: { w, v: neckIn, s: stretchSewn, a, ...turn },
      })
    : book.work('neckband.width', {
        label,
        unit: 'mm',
        mark: 'T',
        formula: foldedWidth.text,
        terms: { w, a, ...turn },
      });
  const expected =
    neckIn && !makeUp
      ? book.work('neckband.expectedWidth', {
          label: 'finished width once it is stretched on',
          unit: 'mm',
          mark: 'D',
          formula: 'w * (1 - v * max(s, 0))',
          terms: { w, v: neckIn, s: stretchSewn },
        }).id
      : undefined;
  return {
    cutWidth: planTape(book, 'neckband.width', cut),
    ...(expected ? { expectedWidth: expected } : {}),
  };
}
