import { createLedger, leaf } from '../explain/ledger';
import { lengthMm, numberOf } from '../facts/spec';
import { DIFFERENTIAL_RANGE, SWATCH_TOLERANCE, nextDifferential } from '../machines/swatch';
import { PLANNED_SHARE, lockstitchStretch } from '../seams/stitchStretch';
import { THREAD_WASTE } from '../seams/threadUse';
import { FILL_IN, notYet, whole, type Sum } from './sum';

const differential: Sum = {
  label: 'Differential feed',
  about: 'From a sewn swatch: which ratio undoes its waves or puckers.',
  fields: {
    ratio: numberOf('ratio', 'Ratio it was sewn with', 0.5, 2.5),
    beforeMm: lengthMm('Seam before', 20, 500, [80, 250]),
    afterMm: lengthMm('Seam after, lying', 15, 700, [70, 300]),
  },
  optional: [],
  usual: { ratio: 1.3, beforeMm: 100, afterMm: 108 },
  work(values) {
    const v = whole(values, ['ratio', 'beforeMm', 'afterMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const [least, most] = DIFFERENTIAL_RANGE;
    const next = book.work('next', {
      label: 'ratio to set',
      unit: 'ratio',
      mark: 'D',
      note: 'Within what ordinary machines have, 0.6 to 2.0.',
      formula: 'max(least, most - max(most - d * after / before, 0))',
      terms: {
        d: leaf('ratio it was sewn with', v.ratio, 'ratio', 'chosen'),
        before: leaf('before', v.beforeMm, 'mm', 'measured'),
        after: leaf('after', v.afterMm, 'mm', 'measured'),
        least: leaf('least', least, 'ratio', 'T'),
        most: leaf('most', most, 'ratio', 'T'),
      },
      by: (n) => nextDifferential(n.d, n.before, n.after, [n.least, n.most]),
    });
    const grew = v.afterMm / v.beforeMm - 1;
    const says =
      Math.abs(grew) <= SWATCH_TOLERANCE
        ? 'It lies as long as it was: keep it.'
        : grew > 0
          ? 'It waved. A lighter foot helps, too; never pull.'
          : 'It puckered. Loosen the needle tension by one, too.';
    return { ok: true, numbers: book.numbers, shown: [next.id], says };
  },
};

const stitch: Sum = {
  label: 'What a zigzag stretches',
  about: 'A straight row or zigzag goes no further than the path of its thread.',
  fields: {
    lengthMm: numberOf('ratio', 'Stitch length, mm', 0.2, 9),
    widthMm: numberOf('ratio', 'Zigzag width, mm (0 for straight)', 0, 12),
    pliesMm: numberOf('ratio', 'Thickness of all layers, mm', 0.1, 20),
  },
  optional: [],
  usual: { lengthMm: 1.5, widthMm: 1.5, pliesMm: 1 },
  work(values) {
    const v = whole(values, ['lengthMm', 'widthMm', 'pliesMm']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const bound = book.work('bound', {
      label: 'at the very most',
      unit: 'share',
      mark: 'D',
      formula: '(sqrt(L ^ 2 + W ^ 2) + t) / L - 1',
      terms: {
        L: leaf('stitch length', v.lengthMm, 'dialMm', 'chosen'),
        W: leaf('zigzag width', v.widthMm, 'dialMm', 'chosen'),
        t: leaf('thickness of all layers', v.pliesMm, 'dialMm', 'measured'),
      },
      by: (n) => lockstitchStretch(n.L, n.W, n.t),
    });
    const planned = book.work('planned', {
      label: 'to plan on',
      unit: 'share',
      mark: 'T',
      formula: 'planned * bound',
      terms: { planned: leaf('share of the bound that is planned on', PLANNED_SHARE, 'ratio', 'T'), bound },
      by: (n) => n.planned * n.bound,
    });
    return { ok: true, numbers: book.numbers, shown: [planned.id, bound.id] };
  },
};

const thread: Sum = {
  label: 'Thread',
  about:
    'Thread for a length of seam: four-thread overlock takes 18 times it, three-thread 14, a coverstitch 18.',
  fields: {
    seamMm: lengthMm('Seams in all', 50, 100_000),
    ratio: numberOf('ratio', 'Thread for each length of seam', 1, 40),
    spools: numberOf('count', 'Spools', 1, 5),
  },
  optional: [],
  usual: { seamMm: 5000, ratio: 18, spools: 4 },
  work(values) {
    const v = whole(values, ['seamMm', 'ratio', 'spools']);
    if (!v) return notYet(FILL_IN);
    const book = createLedger();
    const total = book.work('total', {
      label: 'thread in all',
      unit: 'mm',
      mark: 'S, from memory',
      note: 'industrial thread-consumption tables; waste 15 to 25 %',
      formula: 'L * r * (1 + waste)',
      terms: {
        L: leaf('seams in all', v.seamMm, 'mm', 'measured'),
        r: leaf('thread for each length of seam', v.ratio, 'ratio', 'S, from memory'),
        waste: leaf('waste', THREAD_WASTE, 'share', 'T'),
      },
      by: (n) => n.L * n.r * (1 + n.waste),
    });
    const each = book.work('each', {
      label: 'on each spool, were they even',
      unit: 'mm',
      mark: 'D',
      formula: 'T / n',
      terms: { T: total, n: leaf('spools', v.spools, 'count', 'chosen') },
      by: (n) => n.T / n.n,
    });
    return { ok: true, numbers: book.numbers, shown: [total.id, each.id] };
  },
};

/** Sums of seams and machines. */
export const stitchSums = { differential, stitch, thread } as const;
