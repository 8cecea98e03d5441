import { EIGHTHS_FROM_MM, markCount, quarterInFront } from '../bands/marks';
import { cutWidth, flatLyingBand, foldEdge, foldEdgeSlack } from '../bands/neckband';
import { ringOfPieces, seamlineOfRing } from '../bands/seamline';
import {
  casingWidth,
  shorterBy,
  waistbandWidth,
  CASING_ROOM_MM,
  WAISTBAND_ROOM_MM,
} from '../elastics/lengths';
import type { Explained, Term } from '../explain/explained';
import { createLedger, leaf, type Ledger } from '../explain/ledger';
import { DEFAULT_EASE_IN, DEFAULT_NECK_TURN_RAD } from '../facts/garment';
import { lengthMm, numberOf } from '../facts/spec';
import { LIMITS } from '../fit/limits';
import { FILL_IN, notYet, whole, type Sum } from './sum';

const edge = (label: string) => lengthMm(label, 20, 4000, [120, 1800]);
const allowance = lengthMm('Seam allowance', 0, 40, [4, 16]);
const turn = numberOf('radians', 'Total turn', -2 * Math.PI, 2 * Math.PI);
const count = (label: string) => numberOf('count', label, 0, 24);

/** A ring's cut length: its seam's two allowances on top. */
const workCut = (book: Ledger, B: Explained, a: Term): Explained =>
  book.work('cut', {
    label: 'cut length',
    unit: 'mm',
    mark: 'D',
    formula: 'B + 2 * a',
    terms: { B, a },
    by: (n) => n.B + 2 * n.a,
  });

/** A folded band's cut width. */
const workWidth = (book: Ledger, w: Term, a: Term): Explained =>
  book.work('width', {
    label: 'cut width',
    unit: 'mm',
    mark: 'T',
    formula: '2 * (w + a)',
    terms: { w, a },
    by: (n) => cutWidth(n.w, n.a, 0),
  });

const neckband: Sum = {
  label: 'Neckband',
  about: 'The length at which a folded band lies flat on a neck, by its width and the neck’s turn.',
  fields: {
    neckMm: edge('Neckline, at the seamline'),
    widthMm: lengthMm('Finished width', 3, 150, [8, 50]),
    turnRad: turn,
    easeIn: numberOf('share', 'Share of the curve taken off', 0.1, 2),
    allowanceMm: allowance,
  },
  optional: [],
  usual: {
    neckMm: 500,
    widthMm: 20,
    turnRad: DEFAULT_NECK_TURN_RAD,
    easeIn: DEFAULT_EASE_IN,
    allowanceMm: 6,
  },
  work(values) {
    const v = whole(values, ['neckMm', 'widthMm', 'turnRad', 'easeIn', 'allowanceMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const N = leaf('neckline, at the seamline', v.neckMm, 'mm', 'measured');
    const w = leaf('finished width', v.widthMm, 'mm', 'chosen');
    const theta = leaf('total turn', v.turnRad, 'rad', 'D');
    const a = leaf('seam allowance', v.allowanceMm, 'mm', 'measured');
    if (foldEdge(v.neckMm, v.turnRad, v.widthMm) <= 0)
      return notYet('A band this wide cannot lie on this neck: make it narrower, or the neck wider.');
    const B = book.work('band', {
      label: 'neckband at the seamline',
      unit: 'mm',
      mark: 'D',
      formula: 'N - c * turn * w',
      terms: { N, c: leaf('share of the curve taken off', v.easeIn, 'ratio', 'D'), turn: theta, w },
      by: (n) => flatLyingBand(n.N, n.turn, n.w, n.c),
    });
    if (B.value <= 0)
      return notYet('That takes off more than there is: a smaller share, or a narrower band.');
    const F = book.work('fold', {
      label: 'exactly flat',
      unit: 'mm',
      mark: 'D',
      formula: 'N - turn * w',
      terms: { N, turn: theta, w },
      by: (n) => foldEdge(n.N, n.turn, n.w),
    });
    const slack = book.work('slack', {
      label: 'slack of the fold',
      unit: 'share',
      mark: 'D',
      formula: 'B / F - 1',
      terms: { B, F },
      by: (n) => foldEdgeSlack(n.B, n.F),
    });
    const cut = workCut(book, B, a);
    const width = workWidth(book, w, a);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [B.id, cut.id, width.id, F.id, slack.id],
      rule: { restMm: B.value, wornMm: v.neckMm },
      says: 'Up to 5 % of slack lies flat, to 12 % wants steam, more stands up.',
      result: { kind: 'length', mm: B.value },
    };
  },
};

const seamline: Sum = {
  label: 'From the pieces to the seamline',
  about: 'What a tape along the cut pieces reads is not what is sewn: allowances are lost, the curve adds.',
  fields: {
    piecesMm: edge('All pieces, edge to edge'),
    seams: count('Seams that cross it'),
    crossingMm: lengthMm('Allowance of those seams', 0, 40, [4, 16]),
    allowanceMm: lengthMm('Allowance at the edge', 0, 60, [4, 25]),
    turnRad: turn,
  },
  optional: [],
  usual: { piecesMm: 500, seams: 2, crossingMm: 10, allowanceMm: 10, turnRad: DEFAULT_NECK_TURN_RAD },
  work(values) {
    const v = whole(values, ['piecesMm', 'seams', 'crossingMm', 'allowanceMm', 'turnRad']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const ring = book.work('ring', {
      label: 'joined, at the cut edge',
      unit: 'mm',
      mark: 'D',
      formula: 'pieces - 2 * n * s',
      terms: {
        pieces: leaf('pieces, edge to edge', v.piecesMm, 'mm', 'measured'),
        n: leaf('seams', v.seams, 'count', 'measured'),
        s: leaf('their allowance', v.crossingMm, 'mm', 'measured'),
      },
      by: (n) => ringOfPieces(n.pieces, n.n, n.s),
    });
    const line = book.work('seamline', {
      label: 'at the seamline',
      unit: 'mm',
      mark: 'D',
      formula: 'ring + turn * a',
      terms: {
        ring,
        turn: leaf('total turn', v.turnRad, 'rad', 'D'),
        a: leaf('allowance at the edge', v.allowanceMm, 'mm', 'measured'),
      },
      by: (n) => seamlineOfRing(n.ring, n.turn, n.a),
    });
    if (ring.value <= 0 || line.value <= 0)
      return notYet('The allowances take more than the pieces have: measure them again.');
    return {
      ok: true,
      numbers: book.numbers,
      shown: [line.id, ring.id],
      says: 'A neck on sloped shoulders turns 280°, an armhole about 220°, a leg about 180°, a tube not at all.',
    };
  },
};

const tube: Sum = {
  label: 'Cuff, hem band, waistband',
  about: 'A band round something like a tube: shortened for snugness only, never longer than what it joins.',
  fields: {
    openingMm: edge('What it is sewn to'),
    shorter: numberOf('share', 'Shorter by', 0, 0.6),
    stretch: numberOf('share', 'The band’s stretch', 0.01, 4),
    passesMm: lengthMm('What it passes', 60, 2500, [130, 1400]),
    widthMm: lengthMm('Finished width', 5, 300, [20, 150]),
    allowanceMm: allowance,
  },
  optional: ['passesMm'],
  usual: { openingMm: 200, shorter: 0.2, stretch: 0.6, widthMm: 60, allowanceMm: 6 },
  work(values) {
    const v = whole(values, ['openingMm', 'shorter', 'stretch', 'widthMm', 'allowanceMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const L = leaf('what it is sewn to', v.openingMm, 'mm', 'measured');
    const a = leaf('seam allowance', v.allowanceMm, 'mm', 'measured');
    const B = book.work('band', {
      label: 'band at the seamline',
      unit: 'mm',
      mark: 'T',
      formula: 'L * (1 - s)',
      terms: { L, s: leaf('shorter by', v.shorter, 'share', 'chosen') },
      by: (n) => n.L * (1 - n.s),
    });
    const cut = workCut(book, B, a);
    const width = workWidth(book, leaf('finished width', v.widthMm, 'mm', 'chosen'), a);
    const sewn = v.openingMm / B.value - 1 > LIMITS.sewn * v.stretch;
    const passes = values.passesMm !== undefined && values.passesMm / B.value - 1 > v.stretch;
    const says = sewn
      ? 'Too short: it cannot be stretched to its seam while it is sewn.'
      : passes
        ? 'Too short: it does not go over what it has to pass.'
        : 'Usually a cuff is 15 to 30 % shorter, a hem band 10 to 20 %, a waistband 5 to 10 % under the waist.';
    return {
      ok: true,
      numbers: book.numbers,
      shown: [B.id, cut.id, width.id],
      rule: { restMm: B.value, wornMm: v.openingMm, limitMm: B.value * (1 + v.stretch) },
      says,
      result: { kind: 'length', mm: B.value },
    };
  },
};

const casing: Sum = {
  label: 'Casing and folded waistband',
  about: 'How wide to cut what an elastic runs in.',
  fields: { elasticMm: lengthMm('Width of the elastic', 2, 150, [4, 60]), allowanceMm: allowance },
  optional: [],
  usual: { elasticMm: 20, allowanceMm: 6 },
  work(values) {
    const v = whole(values, ['elasticMm', 'allowanceMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const width = leaf('width of the elastic', v.elasticMm, 'mm', 'measured');
    const shown = [
      book.work('casing', {
        label: 'casing, cut width',
        unit: 'mm',
        mark: 'T',
        formula: '2 * v + room',
        terms: { v: width, room: leaf('room to slide', CASING_ROOM_MM, 'mm', 'T') },
        by: (n) => casingWidth(n.v, n.room),
      }),
      book.work('waistband', {
        label: 'folded waistband, cut width',
        unit: 'mm',
        mark: 'T',
        formula: '2 * (v + a + room)',
        terms: {
          v: width,
          a: leaf('seam allowance', v.allowanceMm, 'mm', 'measured'),
          room: leaf('room beside the elastic', WAISTBAND_ROOM_MM, 'mm', 'T'),
        },
        by: (n) => waistbandWidth(n.v, n.a, n.room),
      }),
    ];
    return { ok: true, numbers: book.numbers, shown: shown.map(({ id }) => id) };
  },
};

const marks: Sum = {
  label: 'Marks',
  about: 'Equal divisions of an edge and its band, counted from centre back, never from the seams.',
  fields: {
    edgeMm: edge('The edge, at the seamline'),
    bandMm: edge('The band, at the seamline'),
    backHalfMm: lengthMm('Half of the back, to the shoulder seam', 10, 1500, [40, 200]),
  },
  optional: ['backHalfMm'],
  usual: { edgeMm: 380, bandMm: 318, backHalfMm: 76 },
  work(values) {
    const v = whole(values, ['edgeMm', 'bandMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const n = book.given(
      'count',
      'marks on each',
      markCount('auto', v.edgeMm),
      'count',
      'T',
      `Quarters, and eighths from ${EIGHTHS_FROM_MM / 10} cm.`,
    );
    const segment = (id: string, label: string, mm: number) =>
      book.work(id, {
        label,
        unit: 'mm',
        mark: 'D',
        formula: 'L / n',
        terms: { L: leaf('length', mm, 'mm', 'measured'), n },
        by: (t) => t.L / t.n,
      });
    const shown = [
      segment('edge', 'from mark to mark on the edge', v.edgeMm),
      segment('band', 'from mark to mark on the band', v.bandMm),
      n,
    ];
    if (values.backHalfMm !== undefined) {
      shown.push(
        book.work('quarter', {
          label: 'quarter mark, in front of the shoulder seam',
          unit: 'mm',
          mark: 'D',
          note: 'Behind it where it is under zero.',
          formula: 'N / 4 - b',
          terms: {
            N: leaf('the edge', v.edgeMm, 'mm', 'measured'),
            b: leaf('half of the back', values.backHalfMm, 'mm', 'measured'),
          },
          by: (t) => quarterInFront(t.N, t.b),
        }),
      );
    }
    return { ok: true, numbers: book.numbers, shown: shown.map(({ id }) => id) };
  },
};

const hem: Sum = {
  label: 'Hem of a curved edge',
  about: 'A hem turned up on a curve meets a line of another length: how much has to be eased or stretched.',
  fields: {
    edgeMm: edge('The cut edge'),
    depthMm: lengthMm('Turned up', 3, 120, [8, 65]),
    turnRad: turn,
  },
  optional: [],
  usual: { edgeMm: 1200, depthMm: 25, turnRad: Math.PI / 2 },
  work(values) {
    const v = whole(values, ['edgeMm', 'depthMm', 'turnRad']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const L = leaf('the cut edge', v.edgeMm, 'mm', 'measured');
    const line = book.work('line', {
      label: 'where it is stitched',
      unit: 'mm',
      mark: 'D',
      note: 'An outer edge: twice the depth further in, the line is shorter by the turn of that.',
      formula: 'L - turn * 2 * d',
      terms: {
        L,
        turn: leaf('total turn', v.turnRad, 'rad', 'D'),
        d: leaf('turned up', v.depthMm, 'mm', 'chosen'),
      },
      by: (n) => n.L - n.turn * 2 * n.d,
    });
    if (line.value <= 0) return notYet('Turned up so far it closes: a narrower hem, or less turn.');
    const ease = book.work('ease', {
      label: 'fullness to ease in',
      unit: 'share',
      mark: 'D',
      formula: 'L / line - 1',
      terms: { L, line },
      by: (n) => n.L / n.line - 1,
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [line.id, ease.id],
      says: 'Knit eases in some 5 %; more wants a narrower hem, a facing or a band.',
    };
  },
};

const gathers: Sum = {
  label: 'Gathers',
  about: 'A fuller edge onto a shorter one: how full it is, and what each place takes up.',
  fields: {
    beforeMm: edge('Before gathering'),
    afterMm: edge('After'),
    places: numberOf('count', 'Places', 1, 24),
  },
  optional: [],
  usual: { beforeMm: 1100, afterMm: 780, places: 1 },
  work(values) {
    const v = whole(values, ['beforeMm', 'afterMm', 'places']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const terms = {
      before: leaf('before', v.beforeMm, 'mm', 'measured'),
      after: leaf('after', v.afterMm, 'mm', 'measured'),
    };
    const ratio = book.work('ratio', {
      label: 'gathered, for each length after',
      unit: 'ratio',
      mark: 'D',
      formula: 'before / after',
      terms,
      by: (n) => n.before / n.after,
    });
    const each = book.work('each', {
      label: 'taken up in each place',
      unit: 'mm',
      mark: 'D',
      formula: '(before - after) / n',
      terms: { ...terms, n: leaf('places', v.places, 'count', 'chosen') },
      by: (n) => (n.before - n.after) / n.n,
    });
    const share = shorterBy(v.afterMm, v.beforeMm);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [ratio.id, each.id],
      ...(share < 0 ? { says: 'After is longer than before: that is stretched on, not gathered.' } : {}),
    };
  },
};

/** Sums of bands: lengths, widths, marks. */
export const bandSums = { neckband, seamline, tube, casing, marks, hem, gathers } as const;
