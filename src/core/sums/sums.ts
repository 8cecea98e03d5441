import { readingFault, growthOf, recoveryOf, stretchOf } from '../cloth/handTest';
import { recoveryVerdict, verdictSentences } from '../cloth/recoveryVerdict';
import { classLabels, stretchClass } from '../cloth/stretchClass';
import { workExtension, workLeast, workTension, type TensionPart } from '../cloth/tensionNumbers';
import type { Explained } from '../explain/explained';
import { createLedger, leaf, type Ledger } from '../explain/ledger';
import { lengthMm, numberOf } from '../facts/spec';
import { easeFromExtension, extensionFromEase, restGirth } from '../fit/ease';
import { workNegativeEase, workPressure, workWornExtension } from '../fit/fitNumbers';
import { COMFORT_PA } from '../fit/pressure';
import { bandSums } from './bandSums';
import { elasticSums } from './elasticSums';
import { stitchSums } from './stitchSums';
import { FILL_IN, notYet, type Sum, type SumValues, type Worked } from './sum';

const girth = lengthMm('Body', 80, 2500, [140, 1500]);
const garment = lengthMm('Garment at rest', 80, 2500, [120, 1500]);
const share = (label: string, max: number) => numberOf('share', label, 0, max);
const layer = (label: string) => numberOf('share', label, 0.01, 4);
const stiffens = numberOf('ratio', 'How steeply the cloth stiffens, 1 to 3', 0.5, 6);

const missing = (values: SumValues, needed: readonly string[]): boolean =>
  needed.some((key) => values[key] === undefined);
/** Layers are drawn as a piece of this length, mm. */
const SHOWN_MM = 100;

const stretch: Sum = {
  label: 'Stretch',
  about: 'From one pull of a swatch: how far it stretches, what stays, what comes back.',
  fields: {
    restMm: lengthMm('At rest', 1, 1000, [50, 300]),
    pulledMm: lengthMm('Pulled, still easy', 1, 5000, [50, 900]),
    releasedMm: lengthMm('Let go, one minute', 1, 5000, [50, 400]),
  },
  optional: ['releasedMm'],
  usual: { restMm: 100, pulledMm: 150, releasedMm: 102 },
  work(values) {
    const { restMm, pulledMm, releasedMm } = values;
    if (restMm === undefined || pulledMm === undefined) return notYet(FILL_IN);
    const fault = readingFault({ restMm, pulledMm, ...(releasedMm === undefined ? {} : { releasedMm }) });
    if (fault) return notYet(fault.sentence);
    const book = createLedger();
    const A = leaf('at rest', restMm, 'mm', 'measured');
    const B = leaf('pulled', pulledMm, 'mm', 'measured');
    const first = book.work('stretch', {
      label: 'stretch',
      unit: 'share',
      mark: 'S',
      note: 'ASTM D2594',
      formula: '(B - A) / A',
      terms: { A, B },
      by: (v) => stretchOf(v.A, v.B),
    });
    const shown = [first.id];
    let recovery: number | undefined;
    if (releasedMm !== undefined) {
      const C = leaf('let go', releasedMm, 'mm', 'measured');
      shown.push(
        book.work('growth', {
          label: 'stays longer',
          unit: 'share',
          mark: 'S',
          note: 'ASTM D2594',
          formula: '(max(C, A) - A) / A',
          terms: { A, C },
          by: (v) => growthOf(v.A, v.C),
        }).id,
      );
      if (pulledMm > restMm) {
        const back = book.work('recovery', {
          label: 'comes back',
          unit: 'share',
          mark: 'D',
          formula: '(B - max(C, A)) / (B - A)',
          terms: { A, B, C },
          by: (v) => recoveryOf(v.A, v.B, v.C),
        });
        recovery = back.value;
        shown.push(back.id);
      }
    }
    const kind = classLabels[stretchClass(first.value, undefined)];
    return {
      ok: true,
      numbers: book.numbers,
      shown,
      rule: { restMm, limitMm: pulledMm },
      says: `Class: ${kind}, as far as one direction tells. ${verdictSentences[recoveryVerdict(recovery)]}`,
      result: { kind: 'stretch', value: first.value },
    };
  },
};

const ease: Sum = {
  label: 'Ease of a garment',
  about: 'Body and garment known: how much smaller it is, and what the cloth really does.',
  fields: { bodyMm: girth, garmentMm: garment },
  optional: [],
  usual: { bodyMm: 940, garmentMm: 846 },
  work({ bodyMm, garmentMm }) {
    if (bodyMm === undefined || garmentMm === undefined) return notYet(FILL_IN);
    const book = createLedger();
    const terms = {
      G: leaf('body', bodyMm, 'mm', 'measured'),
      g: leaf('garment at rest', garmentMm, 'mm', 'measured'),
    } as const;
    const n = workNegativeEase(book, 'ease', 'negative ease, of the body', terms);
    const e = workWornExtension(book, 'extension', 'worn extension, of the cloth', terms);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [n.id, e.id],
      rule: { restMm: garmentMm, wornMm: bodyMm },
      ...(garmentMm > bodyMm ? { says: 'It is larger than the body: nothing is asked of the cloth.' } : {}),
      result: { kind: 'extension', value: e.value },
    };
  },
};

/** The garment at rest for a body and a worn extension. */
const workGarment = (book: Ledger, bodyMm: number, e: Explained): Explained =>
  book.work('garment', {
    label: 'garment at rest',
    unit: 'mm',
    mark: 'D',
    formula: 'G / (1 + e)',
    terms: { G: leaf('body', bodyMm, 'mm', 'measured'), e },
    by: (v) => restGirth(v.G, v.e),
  });

const girthSum: Sum = {
  label: 'Garment for an ease',
  about: 'Body and negative ease known: the garment at rest, and what the cloth really does.',
  fields: { bodyMm: girth, ease: share('Negative ease', 0.6) },
  optional: [],
  usual: { bodyMm: 940, ease: 0.1 },
  work({ bodyMm, ease: n }) {
    if (bodyMm === undefined || n === undefined) return notYet(FILL_IN);
    const book = createLedger();
    const e = book.work('extension', {
      label: 'worn extension, of the cloth',
      unit: 'share',
      mark: 'D',
      formula: 'n / (1 - n)',
      terms: { n: leaf('negative ease', n, 'share', 'chosen') },
      by: (v) => extensionFromEase(v.n),
    });
    const g = workGarment(book, bodyMm, e);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [g.id, e.id],
      rule: { restMm: g.value, wornMm: bodyMm },
      result: { kind: 'extension', value: e.value },
    };
  },
};

/** Layers of a sum, each a medium cloth. */
const partsOf = (
  book: Ledger,
  id: string,
  stretches: readonly (number | undefined)[],
  k: number,
): readonly TensionPart[] =>
  stretches.flatMap((S, at) => {
    if (S === undefined) return [];
    const name = `layer ${at + 1}`;
    const entry = book.given(`${id}${at + 1}`, `stretch of ${name}`, S, 'share', 'measured');
    const steep = book.given(`${id}${at + 1}.k`, `how steeply ${name} stiffens`, k, 'ratio', 'chosen');
    const one = book.given(
      `${id}${at + 1}.pull`,
      `${name} at its limit`,
      1,
      'ratio',
      'D',
      'One comfortable pull.',
    );
    return [
      {
        name,
        S: entry,
        feel: 1,
        curve: { fit: { kind: 'power', S, tS: 1, k, residuals: [] }, tS: one, k: steep },
      } satisfies TensionPart,
    ];
  });

const layers: Sum = {
  label: 'Layers',
  about: 'Two or three layers sewn together stretch less than any of them alone.',
  fields: { one: layer('Outer layer'), two: layer('Second layer'), three: layer('Third layer'), k: stiffens },
  optional: ['three'],
  usual: { one: 0.75, two: 1, k: 2 },
  work(values) {
    if (missing(values, ['one', 'two', 'k'])) return notYet(FILL_IN);
    const book = createLedger();
    const parts = partsOf(book, 'layer', [values.one, values.two, values.three], values.k as number);
    const S = workExtension(
      book,
      { id: 'stack', label: 'stretch of the layers together', real: true },
      parts,
      leaf('the outer layer at its own limit', 1, 'ratio', 'D'),
    );
    const least = workLeast(book, 'least', parts);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [S.id, least.id],
      rule: { restMm: SHOWN_MM, limitMm: SHOWN_MM * (1 + S.value) },
      says: 'The crude rule always says more: tensions add.',
      result: { kind: 'stretch', value: S.value },
    };
  },
};

const transfer: Sum = {
  label: 'From one stack to another',
  about: 'A pattern drafted for some layers, made in others: the same tension, another size.',
  fields: {
    ease: share('Its negative ease', 0.5),
    from1: layer('Drafted for, first layer'),
    from2: layer('Drafted for, second layer'),
    to1: layer('Yours, first layer'),
    to2: layer('Yours, second layer'),
    k: stiffens,
    bodyMm: girth,
  },
  optional: ['from2', 'to2', 'bodyMm'],
  usual: { ease: 0.1, from1: 0.75, from2: 0.75, to1: 0.75, to2: 1, k: 2, bodyMm: 940 },
  work(values): Worked {
    if (missing(values, ['ease', 'from1', 'to1', 'k'])) return notYet(FILL_IN);
    const book = createLedger();
    const k = values.k as number;
    const was = book.work('was', {
      label: 'worn extension as drafted',
      unit: 'share',
      mark: 'D',
      formula: 'n / (1 - n)',
      terms: { n: leaf('negative ease as drafted', values.ease as number, 'share', 'measured') },
      by: (v) => extensionFromEase(v.n),
    });
    const tension = workTension(
      book,
      { id: 'tension', label: 'its tension, in comfortable pulls', real: true },
      partsOf(book, 'from', [values.from1, values.from2], k),
      was,
    );
    const e = workExtension(
      book,
      { id: 'extension', label: 'worn extension in yours', real: true },
      partsOf(book, 'to', [values.to1, values.to2], k),
      tension,
    );
    const n = book.work('ease', {
      label: 'negative ease in yours',
      unit: 'share',
      mark: 'D',
      formula: 'e / (1 + e)',
      terms: { e },
      by: (v) => easeFromExtension(v.e),
    });
    const result = { kind: 'extension', value: e.value } as const;
    const { bodyMm } = values;
    if (bodyMm === undefined) return { ok: true, numbers: book.numbers, shown: [n.id, e.id], result };
    const garment = workGarment(book, bodyMm, e);
    return {
      ok: true,
      numbers: book.numbers,
      shown: [n.id, e.id, garment.id],
      rule: { restMm: garment.value, wornMm: bodyMm },
      result,
    };
  },
};

const pressure: Sum = {
  label: 'Pressure',
  about: 'From a pull curve: what a close garment presses with. This is never medical compression.',
  fields: {
    tS: numberOf('nPerM', 'Tension at its comfortable stretch', 1, 5000),
    S: layer('Comfortable stretch'),
    k: stiffens,
    extension: share('Worn extension', 1),
    bodyMm: girth,
  },
  optional: [],
  usual: { tS: 150, S: 0.78, k: 1.6, extension: 0.15, bodyMm: 940 },
  work(values) {
    const { tS, S, k, extension, bodyMm } = values;
    if (
      tS === undefined ||
      S === undefined ||
      k === undefined ||
      extension === undefined ||
      bodyMm === undefined
    )
      return notYet(FILL_IN);
    const book = createLedger();
    const T = book.work('tension', {
      label: 'tension as worn',
      unit: 'nPerM',
      mark: 'D',
      formula: 'TS * (e / S) ^ k',
      terms: {
        TS: leaf('tension at its comfortable stretch', tS, 'nPerM', 'measured'),
        e: leaf('worn extension', extension, 'share', 'chosen'),
        S: leaf('comfortable stretch', S, 'share', 'measured'),
        k: leaf('how steeply it stiffens', k, 'ratio', 'measured'),
      },
      by: (v) => v.TS * (v.e / v.S) ** v.k,
    });
    const p = workPressure(book, 'pressure', T, leaf('body, mm', bodyMm, 'dialMm', 'measured'));
    const says =
      p.value >= COMFORT_PA.from
        ? 'Too much: comfort falls off from about 6 kPa. Marks that stay, numbness or tingling mean too tight.'
        : 'Under 6 kPa, where comfort falls off. After surgery, with poor circulation, swelling, diabetes or pregnancy ask a clinician.';
    return {
      ok: true,
      numbers: book.numbers,
      shown: [p.id, T.id],
      rule: {
        restMm: restGirth(bodyMm, extension),
        wornMm: bodyMm,
        limitMm: restGirth(bodyMm, extension) * (1 + S),
      },
      says,
      result: { kind: 'extension', value: extension },
    };
  },
};

/** Every sum that stands by itself; the pattern size has its own, with a size table. */
export const sums = {
  stretch,
  ease,
  girth: girthSum,
  layers,
  transfer,
  pressure,
  ...bandSums,
  ...elasticSums,
  ...stitchSums,
} as const;
export type SumId = keyof typeof sums;
export const sumIds = Object.keys(sums) as readonly SumId[];
