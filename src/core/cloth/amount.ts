import { dimensionalChange } from './preWash';
import type { Explained, Phrase, Term } from '../explain/explained';
import { atLeast, leaf, say, type Ledger } from '../explain/ledger';
import type { Cloth, ClothDirection } from '../facts/cloth';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import { isAtLeastMm } from '../units/tolerance';
import { shortfall, timesOver } from '../explain/compare';
import type { KeptLayout } from '../facts/layout';
import type { Body } from '../explain/body';
import type { CheckPlan } from './types';

/** A one-way print or pile takes this much more cloth: ¼ yard (T). */
export const NAP_MM = 230;

/** The check of the length on hand: what is short of it can be bought. */
export const AMOUNT_CHECK = 'check.amount';

const COMMON = { id: AMOUNT_CHECK, label: 'Length of cloth', severity: 'look' } as const;
const unknown = (sentence: Phrase): CheckPlan => ({ ...COMMON, state: 'unknown', sentence, remedies: [] });

/** A first estimate of the length of cloth it takes: measures times counts, plus turnings. */
export interface Amount {
  readonly lengths: readonly (readonly [BodyMeasure, number])[];
  readonly extraMm: number;
  /** The girth that must fit across the cloth, or the pieces go one below the other. */
  readonly across: BodyMeasure;
}

interface AmountInputs {
  readonly book: Ledger;
  readonly amount: Amount;
  readonly body: Body;
  /** The layout that was kept, where it still holds. */
  readonly laidOut: KeptLayout | undefined;
}

/** The length it takes, as it was laid out or by a first estimate, with its shrinking, against what is on hand. */
export function amountCheck(inputs: AmountInputs, cloth: Cloth): CheckPlan[] {
  const { book, laidOut } = inputs;
  if (laidOut) return compared(book, laidLength(book, laidOut, cloth), cloth, 'as it is laid out');
  if (cloth.outline)
    return [
      unknown(
        say`${{ name: cloth.name }} is what was left of a cloth: lay the pieces out on it, and it is known whether they fit.`,
      ),
    ];
  const needs = estimated(inputs, cloth);
  return 'state' in needs ? [needs] : compared(book, needs, cloth, undefined);
}

/** The length of the kept layout, unwashed. */
const laidLength = (book: Ledger, { keptOn, lengthMm, shareMm }: KeptLayout, cloth: Cloth): Explained =>
  book.work('amount.length', {
    label: 'length of cloth it takes, as it is laid out',
    unit: 'mm',
    mark: 'D',
    note:
      shareMm === undefined
        ? `Laid out on ${keptOn}.`
        : `Laid out with other garments on ${keptOn}: its share, by area.`,
    formula: 'L / (1 + change)',
    terms: {
      L: leaf('length the pieces take, laid out', shareMm ?? lengthMm, 'mm', 'own record'),
      change: washChange(book, cloth, 'along'),
    },
  });

/** A first estimate, or the check that says what to measure for it. */
function estimated({ book, amount, body }: AmountInputs, cloth: Cloth): Explained | CheckPlan {
  const { lengths, extraMm, across } = amount;
  const measures = lengths.map(([measure, times]) => ({ measure, times, mm: body[measure] }));
  const girth = body[across];
  const missing = [...measures, { measure: across, mm: girth }].filter(({ mm }) => !mm);
  if (cloth.widthMm === undefined) {
    return unknown(say`Measure the width of ${{ name: cloth.name }}: then the length it takes is known.`);
  }
  if (missing.length > 0 || !girth) {
    const names = [...new Set(missing.map(({ measure }) => bodyFields[measure].label.toLowerCase()))];
    return unknown(say`Measure ${names.join(' and ')}: then the length of cloth it takes is known.`);
  }
  const rows = book.work('amount.rows', {
    label: 'times the pieces lie below each other',
    unit: 'count',
    mark: 'D',
    formula: 'ceil(G / (W * (1 + change)))',
    terms: {
      G: girth,
      W: leaf('width of the cloth', cloth.widthMm, 'mm', 'measured'),
      change: washChange(book, cloth, 'across'),
    },
  });
  const nap = leaf('more for a nap or one-way print', cloth.nap === 'one way' ? NAP_MM : 0, 'mm', 'T');
  const named = Object.fromEntries(measures.map(({ mm }, at) => [`m${at + 1}`, mm as Explained]));
  const times = Object.fromEntries(
    measures.map(({ measure, times: n }, at) => [
      `t${at + 1}`,
      leaf(`times the ${bodyFields[measure].label.toLowerCase()}`, n, 'ratio', 'default'),
    ]),
  );
  const sum = measures.map((_, at) => `t${at + 1} * m${at + 1}`).join(' + ');
  return book.work('amount.length', {
    label: 'length of cloth it takes, a first estimate',
    unit: 'mm',
    mark: 'default',
    note: 'Rough, before any layout: measures of the body, turnings, shrinking.',
    formula: `(rows * (${sum}) + extra + nap) / (1 + change)`,
    terms: {
      rows,
      ...named,
      ...times,
      extra: leaf('turnings and small pieces', extraMm, 'mm', 'default'),
      nap,
      change: washChange(book, cloth, 'along'),
    },
  });
}

/** The length it takes against what is on hand. */
function compared(book: Ledger, needs: Explained, cloth: Cloth, how: string | undefined): CheckPlan[] {
  const common = { ...COMMON, needs: needs.id };
  const takes = how === undefined ? say`It takes about ${needs}` : say`It takes ${needs}, ${how}`;
  if (cloth.onHandMm === undefined) {
    return [{ ...common, state: 'unknown', sentence: [...takes, '.'], remedies: [] }];
  }
  const has = book.given('amount.onHand', `${cloth.name} on hand`, cloth.onHandMm, 'mm', 'measured');
  const ok = isAtLeastMm(has.value, needs.value);
  const short: Phrase[] = ok
    ? []
    : [say`Get ${atLeast(shortfall(book, 'amount.short', needs, has))} more, or piece what hides.`];
  return [
    {
      ...common,
      state: ok ? 'ok' : 'short',
      has: has.id,
      margin: timesOver(book, 'check.amount.margin', has, needs).id,
      sentence: [...takes, ...(ok ? say`, and ${has} is on hand.` : say`, and only ${has} is on hand.`)],
      remedies: short,
    },
  ];
}

/** How a cloth that is still to be washed changes: the piece washed beside its measure, or none where it was washed. */
export function washChange(book: Ledger, cloth: Cloth, way: ClothDirection): Explained | Term {
  const words = way === 'along' ? 'in length' : 'in width';
  if (cloth.washed === 'yes')
    return leaf(`washed already: no more change ${words}`, 0, 'share', 'own record');
  const id = `amount.change.${way}`;
  const label = `change ${words} when washed`;
  if (!cloth.wash) return book.given(id, label, 0, 'share', 'default', 'Not tested.');
  const { beforeAlongMm, afterAlongMm, beforeAcrossMm, afterAcrossMm } = cloth.wash;
  const [before, after] = way === 'along' ? [beforeAlongMm, afterAlongMm] : [beforeAcrossMm, afterAcrossMm];
  return book.work(id, {
    label,
    unit: 'share',
    mark: 'S',
    note: 'the form of ISO 5077',
    formula: dimensionalChange.text,
    terms: { A: leaf('before', before, 'mm', 'measured'), B: leaf('after', after, 'mm', 'measured') },
  });
}
