import { evaluate } from 'mathjs';
import { bisect } from 'simple-statistics';
import { derivationOf } from '../explain/derivation';
import { formatQuantity } from '../explain/display';
import { SENSITIVITY_STEP } from '../explain/ledger';
import { planGarment } from './planGarment';
import { planSewing } from '../sewing/planSewing';
import { household } from '@/demo/household';
import type { Cloth } from '../facts/cloth';
import { newGarment } from '../facts/garment';
import { kindIds } from '../facts/kindIds';
import type { Wearer } from '../facts/wearer';
import { catalogue } from '../garments/catalogue';
import type { ZoneChoice } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from './types';
import { TODAY, demoFacts } from '../../../tests/demoFacts';
import { atNeckline, topstitchedWith } from '../../../tests/sewn';

/** Every demo garment, and each of its choices that leads to other formulas. */
const cases: (readonly [string, GarmentFacts])[] = demoFacts().flatMap(([id, facts]) => {
  const vary = (name: string, garment: Partial<GarmentFacts['garment']>): readonly [string, GarmentFacts] => [
    `${id}, ${name}`,
    { ...facts, garment: { ...facts.garment, ...garment } },
  ];
  const neck = (choice: Parameters<typeof atNeckline>[1]) => atNeckline(facts.garment, choice);
  if (facts.garment.kind !== 'tee') {
    const zones = catalogue[facts.garment.kind].zones.map(({ id: zone }) => zone);
    const all = (choice: ZoneChoice) => Object.fromEntries(zones.map((zone) => [zone, choice]));
    return [
      [id, facts] as const,
      vary('by pressure', { fit: all({ school: 'pressure', pressurePa: 450 }) }),
      vary('a number of one’s own, far too tight', { fit: all({ school: 'set', extension: 0.7 }) }),
    ];
  }
  return [
    [id, facts] as const,
    vary('loose, joined at the shoulder, cut wider', {
      style: 'loose',
      ...neck({ joinAt: 'left-shoulder', makeUpNarrowing: true, marks: 'eighths' }),
    }),
    vary('sewing machine, topstitched, in the round', {
      machineSetId: 'sewing-only',
      ...topstitchedWith('straight-top'),
      ways: { 'sleeve-hems': 'round' },
    }),
    vary('by class, own band, printed band', {
      fit: {
        bust: { school: 'class' },
        waist: { school: 'kind' },
        hip: { school: 'loose', looseMm: 30 },
        biceps: { school: 'share', share: 0.9 },
      },
      ...neck({ school: 'own', ownMm: 200, printedCutMm: 340 }),
    }),
    vary('a V-neck, marked by the curve', {
      ...neck({ shape: 'V', pointRad: 1.1, marks: 'curve', joinAt: 'left-shoulder' }),
    }),
    vary('ring without its back', {
      edges: { neckline: { measured: { as: 'ring', wholeMm: 380 } } },
    }),
    vary('band too wide to lie', neck({ finishedMm: 120 })),
  ];
});

/** Garments of a cloth measured again after wear (invented). */
const IN_WEAR = Object.fromEntries(
  (
    [
      ['across', 812, 837],
      ['across', 961, 975],
      ['along', 640, 633],
    ] as const
  ).map(([direction, beforeMm, afterMm], at) => [
    `m${at}`,
    { measuredOn: TODAY, of: `Garment ${at}, hip`, direction, beforeMm, afterMm },
  ]),
);

/** Every garment of the catalogue, lined, in cloths with pull curves, with a pattern and a garment that fits. */
const made = household(TODAY);
const everyKind = kindIds.map((kind): readonly [string, GarmentFacts] => {
  const pattern = Object.values(made.patterns).find((one) => one.kind === kind);
  return [
    `any ${kind}`,
    {
      garment: { ...newGarment('Any', kind), likeId: 'heirloom' },
      wearer: made.wearers.odile as Wearer,
      outer: { ...(made.cloths['loon-swim'] as Cloth), inWear: IN_WEAR },
      lining: made.cloths['minnow-lining'] as Cloth,
      band: made.cloths['marsh-rib'] as Cloth,
      ...(pattern ? { pattern } : {}),
    },
  ];
});

const plans = [...cases, ...everyKind].map(([name, facts]): readonly [string, GarmentPlan] => [
  name,
  planGarment(facts, { onDate: TODAY }),
]);

/** What sewing adds to a plan, on machines of the person's own and on a sewing machine alone. */
const sewing = [...cases, ...everyKind].map(
  ([name, facts]): readonly [string, Pick<GarmentPlan, 'numbers'>] => {
    const plan = planGarment(facts, { onDate: TODAY });
    const { numbers } = planSewing({ ...facts, runs: { side: [9, 11, 14] } }, plan);
    return [`sewing ${name}`, { numbers }];
  },
);

/** mathjs knows no `mod` of ours but its own; names and operators are plain arithmetic. */
const redo = (formula: string, values: Readonly<Record<string, number>>): number =>
  evaluate(formula, { ...values, extensionAt }) as number;

/** The stretch at which the layers' tensions add to T (reference library: simple-statistics, bisection). */
function extensionAt(tension: number, ...layers: readonly number[]): number {
  const excess = (e: number) => {
    let sum = -tension;
    for (let at = 0; at < layers.length; at += 3) {
      const [w, S, k] = layers.slice(at, at + 3) as [number, number, number];
      sum += w * (e / S) ** k;
    }
    return sum;
  };
  return tension <= 0 ? 0 : (bisect(excess, 0, 50, 200, 1e-14) as number);
}

/** Paths of numbers that stand outside the ledger. */
function bareNumbers(value: unknown, path: string): string[] {
  if (typeof value === 'number') return [path];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    path === '' && key === 'numbers' ? [] : bareNumbers(inner, path === '' ? key : `${path}.${key}`),
  );
}

test.each([...plans, ...sewing])(
  '%s: every number is redone from its stated inputs to 1e-9',
  (_name, plan) => {
    const numbers = Object.values(plan.numbers);
    expect(numbers.length).toBeGreaterThan(20);
    const wrong = numbers.flatMap(({ id, formula, terms, value }) => {
      const again = redo(
        formula,
        Object.fromEntries(Object.entries(terms).map(([key, term]) => [key, term.value])),
      );
      return Math.abs(again - value) <= 1e-9 * Math.max(1, Math.abs(value))
        ? []
        : [`${id}: ${formula} gives ${again}, the plan says ${value}`];
    });
    expect(wrong).toEqual([]);
  },
);

test.each([...plans, ...sewing])(
  '%s: every input is another number of the plan or has a mark',
  (_name, plan) => {
    const wrong = Object.values(plan.numbers).flatMap(({ id, terms }) =>
      Object.entries(terms).flatMap(([key, term]) => {
        if (term.of === undefined) return term.mark ? [] : [`${id}.${key} has no mark`];
        return plan.numbers[term.of]?.value === term.value ? [] : [`${id}.${key} is not ${term.of}`];
      }),
    );
    expect(wrong).toEqual([]);
  },
);

test.each(plans)('%s: no number stands without an explanation', (_name, plan) => {
  expect(bareNumbers(JSON.parse(JSON.stringify(plan)), '')).toEqual([]);
});

test('a number without an explanation is found by its path', () => {
  expect(bareNumbers({ numbers: { a: 1 }, zones: [{ rest: 'fit.bust.rest' }, { rest: 12 }] }, '')).toEqual([
    'zones.1.rest',
  ]);
});

test.each(plans)('%s: what it says it is most sensitive to moves it most', (_name, plan) => {
  for (const { id, formula, terms, value, sensitivity } of Object.values(plan.numbers)) {
    if (!sensitivity) continue;
    const values = Object.fromEntries(Object.entries(terms).map(([key, term]) => [key, term.value]));
    const moves = Object.keys(values).map(
      (key) =>
        [
          key,
          redo(formula, { ...values, [key]: (values[key] as number) * (1 + SENSITIVITY_STEP) }) - value,
        ] as const,
    );
    const most = Math.max(...moves.map(([, change]) => Math.abs(change)));
    expect([id, Math.abs(sensitivity.change)]).toEqual([id, expect.closeTo(most, 6)]);
  }
});

test.each(plans)('%s: every phrase names numbers that are there', (_name, plan) => {
  const named = [...JSON.stringify({ ...plan, numbers: {} }).matchAll(/"(?:n|inch)":"([^"]+)"/g)].map(
    (match) => match[1] as string,
  );
  expect(named.filter((id) => !plan.numbers[id])).toEqual([]);
});

describe('redone on a calculator from the lines shown', () => {
  test.each(['cm', 'in'] as const)(
    'in %s, from the printed figures alone, to the digit that is shown',
    (unit) => {
      const other = unit === 'cm' ? '.in' : '.cm';
      const seen = new Set<string>();
      for (const [, plan] of [...plans, ...sewing]) {
        for (const number of Object.values(plan.numbers)) {
          const key = `${number.id} ${number.value} ${number.formula}`;
          if (number.id.endsWith(other) || seen.has(key)) continue;
          seen.add(key);
          const { figures } = derivationOf(number, unit);
          const left = (figures.split(' = ')[0] as string)
            .replaceAll(/ (cm|in|min)\b(?!\()/g, '')
            .replaceAll(' × ', ' * ')
            .replaceAll(' ÷ ', ' / ')
            .replaceAll(' − ', ' - ');
          const per = number.unit === 'mm' ? (unit === 'cm' ? 10 : 25.4) : 1;
          const again = redo(left, {}) * per;
          // Metres of thread are read to the centimetre.
          const slack = number.unit === 'mm' ? Math.max(0.06, 2e-5 * number.value) : 0.001;
          expect([
            number.id,
            Math.abs(again - number.value) < slack ||
              formatQuantity(again, number.unit, unit) === formatQuantity(number.value, number.unit, unit),
          ]).toEqual([number.id, true]);
        }
      }
    },
  );
});
