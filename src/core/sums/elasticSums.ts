import { afterPinching, beforeGrowth, shorterBy, sideStrap } from '../elastics/lengths';
import { ADJUST_MM, OVERLAP_MM, RING_TAIL_MM } from '../elastics/uses';
import { createLedger, leaf } from '../explain/ledger';
import { lengthMm, numberOf } from '../facts/spec';
import { workPressure, workWornExtension } from '../fit/fitNumbers';
import { LIMITS } from '../fit/limits';
import { COMFORT_PA } from '../fit/pressure';
import { MM_PER_INCH } from '../units/constants';
import { FILL_IN, notYet, whole, type Sum } from './sum';

const length = (label: string) => lengthMm(label, 10, 4000, [80, 1800]);
const girth = (label: string) => lengthMm(label, 80, 2500, [140, 1500]);

const edgeElastic: Sum = {
  label: 'Elastic on an edge',
  about: 'Elastic for a leg, waist, neckline or armhole: the edge less a share, and what joins it.',
  fields: {
    edgeMm: length('The edge'),
    shorter: numberOf('share', 'Shorter by', -0.3, 0.6),
    overlapMm: lengthMm('Overlap at the join', 0, 60, [5, 25]),
  },
  optional: [],
  usual: { edgeMm: 590, shorter: 0.03, overlapMm: OVERLAP_MM },
  work(values) {
    const v = whole(values, ['edgeMm', 'shorter', 'overlapMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const L = leaf('the edge', v.edgeMm, 'mm', 'measured');
    const s = leaf('shorter by', v.shorter, 'share', 'chosen');
    const B = book.work('elastic', {
      label: 'elastic, without its join',
      unit: 'mm',
      mark: 'T',
      formula: 'L * (1 - s)',
      terms: { L, s },
      by: (n) => n.L * (1 - n.s),
    });
    const off = book.work('off', {
      label: 'taken off',
      unit: 'mm',
      mark: 'T',
      formula: 'L * s',
      terms: { L, s },
      by: (n) => n.L * n.s,
    });
    const cut = book.work('cut', {
      label: 'cut length',
      unit: 'mm',
      mark: 'T',
      formula: 'B + overlap',
      terms: { B, overlap: leaf('overlap', v.overlapMm, 'mm', 'T') },
      by: (n) => n.B + n.overlap,
    });
    const says =
      v.shorter < 0
        ? 'Longer than the edge: the elastic has to be eased on, which is seldom meant.'
        : 'Turned swim elastic 1 to 3 % shorter, lingerie elastic a tenth; concealed in a seam as long as the edge.';
    return {
      ok: true,
      numbers: book.numbers,
      shown: [B.id, cut.id, off.id],
      rule: { restMm: B.value, wornMm: v.edgeMm },
      says,
      result: { kind: 'length', mm: B.value },
    };
  },
};

const shelfBra: Sum = {
  label: 'Shelf bra elastic',
  about:
    'To baste and try on: the snug underbust less a little, less what it grows; then what was pinched out.',
  fields: {
    underbustMm: girth('Snug underbust'),
    lessMm: lengthMm('Less than the body', 0, 300, [25, 130]),
    growth: numberOf('share', 'Grew as it was sewn', 0, 0.2),
    pinchedMm: lengthMm('Pinched out', -400, 800),
  },
  optional: ['growth', 'pinchedMm'],
  usual: { underbustMm: 31 * MM_PER_INCH, lessMm: 3 * MM_PER_INCH },
  work(values) {
    const v = whole(values, ['underbustMm', 'lessMm']);
    if (!v) return notYet(FILL_IN);
    if (v.lessMm + MM_PER_INCH >= v.underbustMm) return notYet('That leaves nothing: take off less.');
    const book = createLedger();
    const G = leaf('snug underbust', v.underbustMm, 'mm', 'measured');
    const less = leaf('less than the body', v.lessMm, 'mm', 'T');
    const common = { label: 'elastic to baste', unit: 'mm', mark: 'T' } as const;
    const first =
      values.growth === undefined
        ? book.work('first', {
            ...common,
            note: 'About an inch of growth where no sample was sewn.',
            formula: 'G - less - grows',
            terms: { G, less, grows: leaf('grows as it is sewn, not measured', MM_PER_INCH, 'mm', 'T') },
            by: (n) => n.G - n.less - n.grows,
          })
        : book.work('first', {
            ...common,
            formula: '(G - less) / (1 + g)',
            terms: { G, less, g: leaf('grew as it was sewn', values.growth, 'share', 'own record') },
            by: (n) => beforeGrowth(n.G - n.less, n.g),
          });
    const pinched = values.pinchedMm;
    const last =
      pinched === undefined
        ? first
        : book.work('after', {
            label: 'after trying on',
            unit: 'mm',
            mark: 'own record',
            formula: 'basted - pinched',
            terms: { basted: first, pinched: leaf('pinched out', pinched, 'mm', 'own record') },
            by: (n) => afterPinching(n.basted, n.pinched),
          });
    if (last.value <= 0) return notYet('More is pinched out than there is: measure the pinch again.');
    const under = book.work('under', {
      label: 'under the body',
      unit: 'share',
      mark: 'D',
      formula: '1 - B / G',
      terms: { B: last, G },
      by: (n) => shorterBy(n.B, n.G),
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [last.id, under.id, ...(last === first ? [] : [first.id])],
      rule: { restMm: last.value, wornMm: v.underbustMm },
      says: 'Butt the ends and zigzag them: nothing is added. Short breath or marks that stay: too tight.',
      result: { kind: 'length', mm: last.value },
    };
  },
};

const exposed: Sum = {
  label: 'Plush waistband',
  about:
    'Exposed waist elastic by what the pattern has: an inch off as cut, the ring two allowances less again.',
  fields: {
    waistMm: girth('The pattern’s waist'),
    offMm: lengthMm('Taken off', 0, 200, [10, 60]),
    allowanceMm: lengthMm('Allowance of its seam', 0, 40, [4, 16]),
  },
  optional: [],
  usual: { waistMm: 28 * MM_PER_INCH, offMm: MM_PER_INCH, allowanceMm: MM_PER_INCH / 4 },
  work(values) {
    const v = whole(values, ['waistMm', 'offMm', 'allowanceMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const cut = book.work('cut', {
      label: 'cut length',
      unit: 'mm',
      mark: 'T',
      formula: 'W - off',
      terms: {
        W: leaf('the pattern’s waist', v.waistMm, 'mm', 'measured'),
        off: leaf('taken off', v.offMm, 'mm', 'T'),
      },
      by: (n) => n.W - n.off,
    });
    const ring = book.work('ring', {
      label: 'the ring, once joined',
      unit: 'mm',
      mark: 'D',
      formula: 'cut - 2 * a',
      terms: { cut, a: leaf('allowance of its seam', v.allowanceMm, 'mm', 'measured') },
      by: (n) => n.cut - 2 * n.a,
    });
    if (ring.value <= 0) return notYet('That leaves nothing: take off less.');
    return {
      ok: true,
      numbers: book.numbers,
      shown: [cut.id, ring.id],
      rule: { restMm: ring.value, wornMm: v.waistMm },
      result: { kind: 'length', mm: ring.value },
    };
  },
};

const strap: Sum = {
  label: 'Adjustable strap',
  about: 'Comfortable length as worn, room to adjust, and what is turned at the ends.',
  fields: {
    wornMm: lengthMm('Comfortable, as worn', 50, 900, [250, 500]),
    roomMm: lengthMm('Room to adjust', 0, 300, [50, 150]),
    tailMm: lengthMm('Turned at each end', 0, 150, [10, 50]),
  },
  optional: [],
  usual: { wornMm: 380, roomMm: ADJUST_MM, tailMm: 25 },
  work(values) {
    const v = whole(values, ['wornMm', 'roomMm', 'tailMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const cut = book.work('cut', {
      label: 'strap elastic, each',
      unit: 'mm',
      mark: 'T',
      formula: 'W + room + 2 * tail',
      terms: {
        W: leaf('comfortable, as worn', v.wornMm, 'mm', 'measured'),
        room: leaf('room to adjust', v.roomMm, 'mm', 'T'),
        tail: leaf('turned at each end', v.tailMm, 'mm', 'T'),
      },
      by: (n) => n.W + n.room + 2 * n.tail,
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [cut.id],
      says: 'A usual start is 42 cm (16 ½ in), and a tab of 2 to 2.5 cm (1 in) for each ring.',
      result: { kind: 'length', mm: v.wornMm + v.roomMm },
    };
  },
};

const sideStraps: Sum = {
  label: 'Side strap of panties',
  about: 'What the panels leave open round the hip, shared by both sides, and what is sewn round the rings.',
  fields: {
    hipMm: girth('Hip where it is worn'),
    frontMm: lengthMm('Front, ring to ring', 20, 1500, [150, 700]),
    backMm: lengthMm('Back, ring to ring', 20, 1500, [150, 700]),
    tailsMm: lengthMm('Round the ring, in all', 0, 150, [20, 60]),
  },
  optional: [],
  usual: { hipMm: 940, frontMm: 380, backMm: 360, tailsMm: RING_TAIL_MM },
  work(values) {
    const v = whole(values, ['hipMm', 'frontMm', 'backMm', 'tailsMm']);
    if (!v) return notYet(FILL_IN);
    if (v.frontMm + v.backMm >= v.hipMm)
      return notYet('The panels already reach round the hip: nothing is left for straps.');
    const book = createLedger();
    const open = book.work('open', {
      label: 'ring to ring, each side',
      unit: 'mm',
      mark: 'T',
      formula: '(G - F - B) / 2',
      terms: {
        G: leaf('hip where it is worn', v.hipMm, 'mm', 'measured'),
        F: leaf('front', v.frontMm, 'mm', 'measured'),
        B: leaf('back', v.backMm, 'mm', 'measured'),
      },
      by: (n) => sideStrap(n.G, n.F, n.B),
    });
    const cut = book.work('cut', {
      label: 'cut length, each side',
      unit: 'mm',
      mark: 'T',
      formula: 'open + tails',
      terms: { open, tails: leaf('round the ring', v.tailsMm, 'mm', 'T') },
      by: (n) => n.open + n.tails,
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [cut.id, open.id],
      says: 'Four rings and two sliders. The slider’s loop needs nothing more: edges and elastic give.',
      result: { kind: 'length', mm: open.value },
    };
  },
};

const hold: Sum = {
  label: 'Hold of an elastic',
  about: 'What a ring of elastic pulls and presses with on the body. This is never medical compression.',
  fields: {
    ringMm: girth('The ring at rest'),
    bodyMm: girth('The body'),
    widthMm: lengthMm('Its width', 2, 150, [4, 60]),
    tS: numberOf('nPerM', 'Tension at its comfortable stretch', 1, 50_000),
    S: numberOf('share', 'Comfortable stretch', 0.01, 4),
    k: numberOf('ratio', 'How steeply it stiffens, 1 to 3', 0.5, 6),
  },
  optional: [],
  usual: { ringMm: 650, bodyMm: 800, widthMm: 20, tS: 480, S: 0.8, k: 1.4 },
  work(values) {
    const v = whole(values, ['ringMm', 'bodyMm', 'widthMm', 'tS', 'S', 'k']);
    if (!v) return notYet(FILL_IN);
    if (v.bodyMm <= v.ringMm) return notYet('The ring is no smaller than the body: it does not hold.');
    const book = createLedger();
    const e = workWornExtension(book, 'worn', 'stretched on the body', {
      G: leaf('the body', v.bodyMm, 'mm', 'measured'),
      g: leaf('the ring at rest', v.ringMm, 'mm', 'measured'),
    });
    const T = book.work('tension', {
      label: 'tension for each width',
      unit: 'nPerM',
      mark: 'D',
      formula: 'TS * (e / S) ^ k',
      terms: {
        TS: leaf('tension at its comfortable stretch', v.tS, 'nPerM', 'measured'),
        e,
        S: leaf('comfortable stretch', v.S, 'share', 'measured'),
        k: leaf('how steeply it stiffens', v.k, 'ratio', 'measured'),
      },
      by: (n) => n.TS * (n.e / n.S) ** n.k,
    });
    const force = book.work('force', {
      label: 'force it pulls with',
      unit: 'newton',
      mark: 'D',
      formula: 'T * w / mm',
      terms: {
        T,
        w: leaf('its width, mm', v.widthMm, 'dialMm', 'measured'),
        mm: leaf('millimetres in a metre', 1000, 'count', 'D'),
      },
      by: (n) => (n.T * n.w) / n.mm,
    });
    const p = workPressure(book, 'pressure', T, leaf('body, mm', v.bodyMm, 'dialMm', 'measured'));
    const says =
      p.value >= COMFORT_PA.from
        ? 'Too tight: comfort falls off from about 6 kPa. Marks that stay, numbness or short breath: loosen it.'
        : 'Under 6 kPa, where comfort falls off. After surgery, with poor circulation, swelling, diabetes or pregnancy ask a clinician.';
    return {
      ok: true,
      numbers: book.numbers,
      shown: [force.id, p.id, e.id],
      rule: { restMm: v.ringMm, wornMm: v.bodyMm, limitMm: v.ringMm * (1 + v.S) },
      says,
      result: { kind: 'length', mm: v.ringMm },
    };
  },
};

const lettuce: Sum = {
  label: 'Lettuce edge',
  about: 'How full an edge ripples that is stretched while it is overcast.',
  fields: {
    edgeMm: length('The edge at rest'),
    stretched: numberOf('share', 'Stretched under the needle', 0, 2),
    S: numberOf('share', 'The cloth’s stretch along that edge', 0.01, 4),
  },
  optional: [],
  usual: { edgeMm: 800, stretched: 0.3, S: 0.6 },
  work(values) {
    const v = whole(values, ['edgeMm', 'stretched', 'S']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const limit = book.work('most', {
      label: 'most it should be stretched',
      unit: 'share',
      mark: 'T',
      formula: 'u * S',
      terms: {
        u: leaf('share usable while sewing', LIMITS.sewn, 'share', 'T'),
        S: leaf('the cloth’s stretch', v.S, 'share', 'measured'),
      },
      by: (n) => n.u * n.S,
    });
    const line = book.work('line', {
      label: 'edge once overcast',
      unit: 'mm',
      mark: 'D',
      formula: 'L * (min(s, most) + 1)',
      terms: {
        L: leaf('the edge at rest', v.edgeMm, 'mm', 'measured'),
        s: leaf('stretched under the needle', v.stretched, 'share', 'chosen'),
        most: limit,
      },
      by: (n) => n.L * (Math.min(n.s, n.most) + 1),
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [line.id, limit.id],
      rule: { restMm: v.edgeMm, wornMm: line.value, limitMm: v.edgeMm * (1 + v.S) },
      says: 'It ripples best along the greatest stretch, and least along the other way.',
    };
  },
};

/** Sums of elastics and straps. */
export const elasticSums = { edgeElastic, shelfBra, exposed, strap, sideStraps, hold, lettuce } as const;
