import { readingFault, growthOf, recoveryOf, stretchOf } from '../../cloth/handTest';
import { recoveryVerdict, verdictSentences } from '../../cloth/recoveryVerdict';
import { classLabels, stretchClass } from '../../cloth/stretchClass';
import { workExtension, workLeast, workTension, type TensionPart } from '../../cloth/tensionNumbers';
import { createLedger, leaf, type Ledger } from '../../explain/ledger';
import { lengthMm, numberOf } from '../../facts/spec';
import { easeFromExtension, extensionFromEase, negativeEase, restGirth, wornExtension } from '../../fit/ease';
import { bandSums } from './bandSums';
import { elasticSums } from './elasticSums';
import { BODY_MM, CURVE, PRESSURE, TENSION, UNDER_COMFORT, WORN, pressureRules, tooTight } from './holdSteps';
import { stitchSums } from './stitchSums';
import { FILL_IN, notYet, sumOf, type Sum, type SumValues, type Worked } from './sum';

const girth = lengthMm('Body', 80, 2500, [140, 1500]);
const garment = lengthMm('Garment at rest', 80, 2500, [120, 1500]);
const share = (label: string, max: number) => numberOf('share', label, 0, max);
const layer = (label: string) => numberOf('share', label, 0.01, 4);
const stiffens = numberOf('ratio', 'How steeply the cloth stiffens, 1 to 3', 0.5, 6);

const missing = (values: SumValues, needed: readonly string[]): boolean =>
  needed.some((key) => values[key] === undefined);
/** Layers are drawn as a piece of this length, mm. */
const SHOWN_MM = 100;

const stretch = sumOf({
  label: 'Stretch',
  about: 'From one pull of a swatch: how far it stretches, what stays, what comes back.',
  given: {
    restMm: { as: 'A', field: lengthMm('At rest', 1, 1000, [50, 300]), mark: 'measured', usual: 100 },
    pulledMm: {
      as: 'B',
      field: lengthMm('Pulled, still easy', 1, 5000, [50, 900]),
      said: 'pulled',
      mark: 'measured',
      usual: 150,
    },
    releasedMm: {
      as: 'C',
      field: lengthMm('Let go, one minute', 1, 5000, [50, 400]),
      said: 'let go',
      mark: 'measured',
      usual: 102,
      optional: true,
    },
  },
  steps: [
    {
      refused: ({ A = 0, B = 0, C }) =>
        readingFault({ restMm: A, pulledMm: B, ...(C === undefined ? {} : { releasedMm: C }) })?.sentence,
    },
    {
      as: 'S',
      id: 'stretch',
      label: 'stretch',
      unit: 'share',
      mark: 'S',
      note: 'ASTM D2594',
      formula: stretchOf.text,
    },
    {
      given: 'C',
      then: {
        as: 'grew',
        id: 'growth',
        label: 'stays longer',
        unit: 'share',
        mark: 'S',
        note: 'ASTM D2594',
        formula: growthOf.text,
      },
    },
    {
      given: 'C',
      over0: 'B - A',
      then: {
        as: 'back',
        id: 'recovery',
        label: 'comes back',
        unit: 'share',
        mark: 'D',
        formula: recoveryOf.text,
      },
    },
  ],
  shown: ['S', 'grew', 'back'],
  rule: { rest: 'A', limit: 'B' },
  says: ({ S = 0, back }) =>
    `Class: ${classLabels[stretchClass(S, undefined)]}, as far as one direction tells. ${verdictSentences[recoveryVerdict(back)]}`,
  result: { kind: 'stretch', of: 'S' },
});

const BODY = { as: 'G', field: girth, mark: 'measured', usual: 940 } as const;
const WORN_CLOTH = { ...WORN, id: 'extension', label: 'worn extension, of the cloth' } as const;

const ease = sumOf({
  label: 'Ease of a garment',
  about: 'Body and garment known: how much smaller it is, and what the cloth really does.',
  given: { bodyMm: BODY, garmentMm: { as: 'g', field: garment, mark: 'measured', usual: 846 } },
  steps: [
    {
      as: 'n',
      id: 'ease',
      label: 'negative ease, of the body',
      unit: 'share',
      mark: 'D',
      formula: negativeEase.text,
    },
    { ...WORN_CLOTH, formula: wornExtension.text },
  ],
  shown: ['n', 'e'],
  rule: { rest: 'g', worn: 'G' },
  says: ({ G = 0, g = 0 }) =>
    g > G ? 'It is larger than the body: nothing is asked of the cloth.' : undefined,
  result: { kind: 'extension', of: 'e' },
});

/** The garment at rest for a body and a worn extension. */
const GARMENT = {
  as: 'g',
  id: 'garment',
  label: 'garment at rest',
  unit: 'mm',
  mark: 'D',
  formula: restGirth.text,
} as const;

const girthSum = sumOf({
  label: 'Garment for an ease',
  about: 'Body and negative ease known: the garment at rest, and what the cloth really does.',
  given: {
    bodyMm: BODY,
    ease: { as: 'n', field: share('Negative ease', 0.6), mark: 'chosen', usual: 0.1 },
  },
  steps: [{ ...WORN_CLOTH, formula: extensionFromEase.text }, GARMENT],
  shown: ['g', 'e'],
  rule: { rest: 'g', worn: 'G' },
  result: { kind: 'extension', of: 'e' },
});

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
      formula: extensionFromEase.text,
      terms: { n: leaf('negative ease as drafted', values.ease as number, 'share', 'measured') },
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
      formula: easeFromExtension.text,
      terms: { e },
    });
    const result = { kind: 'extension', value: e.value } as const;
    const { bodyMm } = values;
    if (bodyMm === undefined) return { ok: true, numbers: book.numbers, shown: [n.id, e.id], result };
    const { id, label, unit, mark, formula } = GARMENT;
    const garment = book.work(id, {
      label,
      unit,
      mark,
      formula,
      terms: { G: leaf('body', bodyMm, 'mm', 'measured'), e },
    });
    return {
      ok: true,
      numbers: book.numbers,
      shown: [n.id, e.id, garment.id],
      rule: { restMm: garment.value, wornMm: bodyMm },
      result,
    };
  },
};

const { tS, S, k } = CURVE(5000, { tS: 150, S: 0.78, k: 1.6 });

const pressure = sumOf({
  label: 'Pressure',
  about: 'From a pull curve: what a close garment presses with. This is never medical compression.',
  given: {
    tS,
    S,
    k: { ...k, field: stiffens },
    extension: { as: 'e', field: share('Worn extension', 1), mark: 'chosen', usual: 0.15 },
    bodyMm: { ...BODY, inMm: BODY_MM },
  },
  rules: pressureRules,
  steps: [{ ...TENSION, label: 'tension as worn' }, PRESSURE],
  shown: ['P', 'T'],
  rule: { rest: restGirth.text, worn: 'G', limit: `${restGirth.text} * (1 + S)` },
  says: ({ P = 0 }) =>
    tooTight(P)
      ? 'Too much: comfort falls off from about 6 kPa. Marks that stay, numbness or tingling mean too tight.'
      : UNDER_COMFORT,
  result: { kind: 'extension', of: 'e' },
});

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
