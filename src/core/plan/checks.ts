import type { ClothReading } from '../cloth/readCloth';
import { lengthToBuy, dimensionalChange } from '../cloth/preWash';
import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import { bodyFields } from '../facts/wearer';
import { styleOf, type GarmentKind } from '../garments/garmentKind';
import { finishOf } from './edges';
import type { Body } from './measures';
import type { CheckPlan, GarmentFacts, ZonePlan } from './types';

interface Inputs {
  readonly book: Ledger;
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly outer: ClothReading | undefined;
  readonly lining: ClothReading | undefined;
  readonly body: Body;
  readonly zones: readonly ZonePlan[];
}

/** A one-way print or pile takes this much more cloth: ¼ yard (T). */
export const NAP_MM = 230;
/** Recovery matters where a zone is smaller than the body by more than this. */
const CLOSE_FROM = 0.005;

/** What this garment asks of its cloth, and whether the cloth has it: each check with its numbers. */
export function planChecks(inputs: Inputs): readonly CheckPlan[] {
  const { facts, outer } = inputs;
  if (!facts.outer || !outer) return [];
  return [
    ...stretchChecks(inputs, 'outer', facts.outer.name, outer),
    ...(facts.lining && inputs.lining
      ? stretchChecks(inputs, 'lining', facts.lining.name, inputs.lining)
      : []),
    ...recoveryCheck(inputs, facts.outer, outer),
    ...weightCheck(inputs, facts.outer),
    ...hangCheck(inputs, facts.outer),
    ...opaqueCheck(inputs, facts.outer),
    ...swimCheck(inputs, facts.outer),
    ...liningCheck(inputs),
    ...edgeChecks(inputs, facts.outer),
    ...amountCheck(inputs, facts.outer),
  ];
}

/** The stretch asked for is a demand on each layer by itself; the pattern's own demand beats the kind's. */
function stretchChecks(
  { book, facts, kind }: Inputs,
  role: 'outer' | 'lining',
  name: string,
  reading: ClothReading,
): CheckPlan[] {
  const { pattern } = facts;
  const asked = [
    ['around', pattern?.statedAround, kind.asks.around] as const,
    ['along', pattern?.statedAlong, kind.asks.along] as const,
  ];
  return asked.flatMap(([axis, stated, usual]): CheckPlan[] => {
    const share = stated ?? usual;
    if (share <= 0) return [];
    const way = axis === 'around' ? reading.around : reading.around === 'across' ? 'along' : 'across';
    const has = way && reading[way]?.stretch;
    const words = axis === 'around' ? 'around' : 'lengthwise';
    const label = role === 'outer' ? `Stretch ${words}` : `Stretch of the lining ${words}`;
    const id = `check.${role}.${axis}`;
    const needs = book.given(
      id,
      `stretch ${kind.label.toLowerCase()} asks for ${words}`,
      share,
      'share',
      stated === undefined ? 'T' : 'own record',
      stated === undefined ? undefined : 'As the pattern states it.',
    );
    if (!has) {
      return [
        {
          id,
          label,
          state: 'unknown',
          severity: 'stop',
          needs: needs.id,
          sentence: say`Pull a swatch of ${{ name }} ${axis === 'along' ? 'the other way' : 'both ways'}.`,
          remedies: [],
        },
      ];
    }
    const ok = has.value >= needs.value - 1e-9;
    return [
      {
        id,
        label,
        state: ok ? 'ok' : 'short',
        severity: 'stop',
        needs: needs.id,
        has: has.id,
        margin: ratio(book, `${id}.margin`, has, needs).id,
        sentence: ok
          ? say`${{ name }} stretches ${has} ${words}; ${needs} is asked.`
          : say`${{ name }} stretches ${has} ${words}, and ${needs} is asked: not suitable.`,
        remedies: ok ? [] : [say`Choose a cloth that stretches ${needs} or more ${words}.`],
      },
    ];
  });
}

/** A lining that comes back holds an outer cloth that does so less. */
function recoveryCheck(
  { book, kind, zones, facts, lining }: Inputs,
  cloth: Cloth,
  reading: ClothReading,
): CheckPlan[] {
  const close =
    zones.length === 0
      ? (styleOf(kind, facts.garment.style).share ?? 0) > 0
      : zones.some((zone) => (book.numbers[zone.extension] as Explained).value > CLOSE_FROM);
  if (!close || kind.asks.recovery <= 0) return [];
  const label = 'Comes back';
  const own = lowestRecovery(reading);
  const under = lining && lowestRecovery(lining);
  const has = own && under && under.value > own.value ? under : own;
  const common = { id: 'check.recovery', label, severity: 'look' as const };
  const name = { name: cloth.name };
  if (!has) {
    return [
      {
        ...common,
        state: 'unknown',
        sentence: say`Let a swatch of ${name} go and read it again after a minute.`,
        remedies: [],
      },
    ];
  }
  const needs = book.given(
    'check.recovery',
    'recovery asked where it is close',
    kind.asks.recovery,
    'share',
    'T',
  );
  const ok = has.value >= needs.value - 1e-9;
  return [
    {
      ...common,
      state: ok ? 'ok' : 'short',
      needs: needs.id,
      has: has.id,
      margin: ratio(book, 'check.recovery.margin', has, needs).id,
      sentence: ok
        ? say`${name} comes back ${has}.`
        : say`${name} comes back ${has}; ${needs} keeps this garment from bagging.`,
      remedies: ok ? [] : [say`Line it with a cloth that comes back, or choose another.`],
    },
  ];
}

const lowestRecovery = (reading: ClothReading): Explained | undefined =>
  [reading.across?.recovery, reading.along?.recovery]
    .filter((one) => one !== undefined)
    .toSorted((a, b) => a.value - b.value)[0];

function weightCheck({ book, kind }: Inputs, cloth: Cloth): CheckPlan[] {
  const range = kind.asks.weightGsm;
  if (!range || cloth.weightGsm === undefined) return [];
  const [least, most] = range;
  const has = book.given('check.weight.has', `weight of ${cloth.name}`, cloth.weightGsm, 'gsm', 'measured');
  const low = book.given('check.weight.least', 'usual weight, least', least, 'gsm', 'T');
  const high = book.given('check.weight.most', 'usual weight, most', most, 'gsm', 'T');
  const light = has.value < low.value;
  const ok = !light && has.value <= high.value;
  return [
    {
      id: 'check.weight',
      label: 'Weight',
      state: ok ? 'ok' : 'short',
      severity: 'look',
      ...(ok ? {} : { needs: light ? low.id : high.id }),
      has: has.id,
      sentence: ok
        ? say`${has} is usual for it.`
        : say`${has} is ${light ? 'lighter' : 'heavier'} than usual here: ${low} to ${high}.`,
      remedies: ok ? [] : [light ? say`Line it.` : say`Expect it to hang more heavily.`],
    },
  ];
}

function hangCheck({ kind }: Inputs, cloth: Cloth): CheckPlan[] {
  const { hang } = kind.asks;
  if (!hang || cloth.drape === undefined) return [];
  const ok = cloth.drape === hang || cloth.drape === 'medium';
  return [
    {
      id: 'check.hang',
      label: 'How it hangs',
      state: ok ? 'ok' : 'short',
      severity: 'look',
      sentence: ok
        ? say`It hangs as this garment wants it.`
        : say`${{ name: cloth.name }} is ${cloth.drape}; this garment is made for ${hang} cloth.`,
      remedies: [],
    },
  ];
}

const SEEN = { opaque: 0, 'a little': 1, 'see-through': 2 } as const;

function opaqueCheck({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  const { opaque } = kind.asks;
  const seen = opaque && cloth[opaque];
  if (!opaque || !seen) return [];
  const under = facts.lining?.[opaque];
  const through = under === undefined ? SEEN[seen] : Math.min(SEEN[seen], SEEN[under]);
  const covered = through === 0 || (under !== undefined && through === 1);
  const wet = opaque === 'wet' ? ' when wet' : '';
  return [
    {
      id: 'check.opaque',
      label: opaque === 'wet' ? 'Seen through, wet' : 'Seen through',
      state: covered ? 'ok' : 'short',
      severity: through === 2 ? 'stop' : 'look',
      sentence: covered ? say`It covers${wet}.` : say`${{ name: cloth.name }} can be seen through${wet}.`,
      remedies: covered ? [] : [say`Line it with a cloth that covers${wet}.`],
    },
  ];
}

function swimCheck({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  const swims = kind.asks.swim && facts.garment.style === 'regular';
  if (!swims || cloth.swim === undefined) return [];
  const ok = cloth.swim === 'yes';
  return [
    {
      id: 'check.swim',
      label: 'Chlorine and salt',
      state: ok ? 'ok' : 'short',
      severity: 'stop',
      sentence: ok
        ? say`It stands chlorine and salt.`
        : say`${{ name: cloth.name }} does not stand chlorine and salt: it would fade and slacken.`,
      remedies: ok ? [] : [say`Choose a swim cloth, or make it for dry land.`],
    },
  ];
}

function liningCheck({ kind, facts }: Inputs): CheckPlan[] {
  if (!kind.asks.lined) return [];
  const ok = facts.lining !== undefined;
  return [
    {
      id: 'check.lined',
      label: 'Lining',
      state: ok ? 'ok' : 'unknown',
      severity: 'look',
      sentence: ok
        ? say`It is lined.`
        : say`This garment is usually lined: choose the lining with the cloth.`,
      remedies: [],
    },
  ];
}

function edgeChecks({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  if (cloth.ravels === undefined || cloth.ravels === 'holds') return [];
  return kind.edges.flatMap((edge): CheckPlan[] => {
    const finish = finishOf(edge, facts.garment);
    if (finish !== 'left as it is' && finish !== 'lettuce') return [];
    const runs = cloth.ravels === 'runs';
    return [
      {
        id: `check.edge.${edge.id}`,
        label: `${edge.label}, ${finish}`,
        state: 'short',
        severity: runs ? 'stop' : 'look',
        sentence: say`${{ name: cloth.name }} ${runs ? 'runs' : 'sheds'} from a cut edge, and the ${edge.label.toLowerCase()} is ${finish === 'lettuce' ? 'only overcast' : finish}.`,
        remedies: [say`Finish that edge with elastic, a band or a hem.`],
      },
    ];
  });
}

/** A first estimate of the length it takes, with its shrinking, against what is on hand. */
function amountCheck({ book, kind, body }: Inputs, cloth: Cloth): CheckPlan[] {
  const { lengths, extraMm, across } = kind.amount;
  const measures = lengths.map(([measure, times]) => ({ measure, times, mm: body[measure] }));
  const girth = body[across];
  if (measures.some(({ mm }) => !mm) || !girth || cloth.widthMm === undefined) return [];
  const rows = book.work('amount.rows', {
    label: 'times the pieces lie below each other',
    unit: 'count',
    mark: 'D',
    formula: 'ceil(G / W)',
    terms: { G: girth, W: leaf('width of the cloth', cloth.widthMm, 'mm', 'measured') },
    by: ({ G, W }) => Math.ceil(G / W),
  });
  const change = cloth.wash
    ? book.work('amount.change', {
        label: 'change in length when washed',
        unit: 'share',
        mark: 'S',
        note: 'the form of ISO 5077',
        formula: '(B - A) / A',
        terms: {
          A: leaf('before', cloth.wash.beforeAlongMm, 'mm', 'measured'),
          B: leaf('after', cloth.wash.afterAlongMm, 'mm', 'measured'),
        },
        by: ({ A, B }) => dimensionalChange(A, B),
      })
    : book.given('amount.change', 'change in length when washed', 0, 'share', 'default', 'Not tested.');
  const nap = leaf('more for a nap or one-way print', cloth.nap === 'one way' ? NAP_MM : 0, 'mm', 'T');
  const named = Object.fromEntries(measures.map(({ mm }, at) => [`m${at + 1}`, mm as Explained]));
  const times = Object.fromEntries(
    measures.map(({ measure, times: n }, at) => [
      `t${at + 1}`,
      leaf(`times the ${bodyFields[measure].label.toLowerCase()}`, n, 'ratio', 'default'),
    ]),
  );
  const sum = measures.map((_, at) => `t${at + 1} * m${at + 1}`).join(' + ');
  const needs = book.work('amount.length', {
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
      change: cloth.washed === 'yes' ? leaf('washed already', 0, 'share', 'own record') : change,
    },
    by: (v) => {
      const all = v as Record<string, number>;
      const added = measures.reduce(
        (total, _, at) => total + (all[`t${at + 1}`] as number) * (all[`m${at + 1}`] as number),
        0,
      );
      return lengthToBuy(
        (all.rows as number) * added + (all.extra as number) + (all.nap as number),
        all.change as number,
      );
    },
  });
  const common = { id: 'check.amount', label: 'Length of cloth', severity: 'look' as const, needs: needs.id };
  if (cloth.onHandMm === undefined) {
    return [{ ...common, state: 'unknown', sentence: say`It takes about ${needs}.`, remedies: [] }];
  }
  const has = book.given('amount.onHand', `${cloth.name} on hand`, cloth.onHandMm, 'mm', 'measured');
  const ok = has.value >= needs.value;
  const short: Phrase[] = ok
    ? []
    : [
        say`Get ${book.work('amount.short', {
          label: 'cloth that is missing',
          unit: 'mm',
          mark: 'D',
          formula: 'L - has',
          terms: { L: needs, has },
          by: (v) => v.L - v.has,
        })} more, or piece what hides.`,
      ];
  return [
    {
      ...common,
      state: ok ? 'ok' : 'short',
      has: has.id,
      margin: ratio(book, 'check.amount.margin', has, needs).id,
      sentence: ok
        ? say`It takes about ${needs}, and ${has} is on hand.`
        : say`It takes about ${needs}, and only ${has} is on hand.`,
      remedies: short,
    },
  ];
}

const ratio = (book: Ledger, id: string, has: Explained, needs: Explained): Explained =>
  book.work(id, {
    label: 'times over that it is there',
    unit: 'ratio',
    mark: 'D',
    formula: 'has / needs',
    terms: { has, needs },
    by: (v) => v.has / v.needs,
  });
