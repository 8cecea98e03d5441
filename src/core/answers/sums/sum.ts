import { lower } from '../../units/words';
import type { Explained, Mark, Quantity, Term } from '../../explain/explained';
import { evaluate, namesIn, type Values } from '../../explain/formula';
import { createLedger, leaf } from '../../explain/ledger';
import type { NumberSpec } from '../../facts/spec';

/** What a sum hands on: a worn extension to a garment's zone, a stretch to its cloth, a length to one of its edges. */
export type SumResult =
  | { readonly kind: 'extension'; readonly value: number }
  | { readonly kind: 'stretch'; readonly value: number }
  | { readonly kind: 'length'; readonly mm: number };

/** The sum as the product's own picture: a length at rest, worn, and where its easy stretch ends, mm. */
export interface SumRule {
  readonly restMm: number;
  readonly wornMm?: number;
  readonly limitMm?: number;
}

export type Worked =
  | {
      readonly ok: true;
      readonly numbers: Readonly<Record<string, Explained>>;
      /** Ids in the order they are read out; the first is the answer. */
      readonly shown: readonly string[];
      readonly says?: string;
      readonly rule?: SumRule;
      /** Absent where the answer is no setting of a garment. */
      readonly result?: SumResult;
    }
  | { readonly ok: false; readonly sentence: string };

export type SumValues = Readonly<Record<string, number | undefined>>;

/** A single calculation without a garment. */
export interface Sum {
  readonly label: string;
  readonly about: string;
  readonly fields: Readonly<Record<string, NumberSpec>>;
  /** Fields that may be left empty. */
  readonly optional: readonly string[];
  readonly usual: SumValues;
  readonly work: (values: SumValues) => Worked;
}

/** A field of a sum, and the name it has in the sum's formulas. */
interface Given {
  readonly as: string;
  readonly field: NumberSpec;
  readonly mark: Mark;
  readonly usual?: number;
  readonly optional?: true;
  /** What it is called in a formula, where that is not its field's label. */
  readonly said?: string;
  /** What it counts in a formula, where that is not what its field takes. */
  readonly unit?: Quantity;
  /** Its name and label where a formula counts it in plain millimetres, whatever tape is read. */
  readonly inMm?: { readonly as: string; readonly said: string };
}

/** A number that is worked out; later formulas call it by `as`. */
interface Step {
  readonly as: string;
  readonly id: string;
  readonly label: string;
  readonly unit: Quantity;
  readonly mark: Mark;
  readonly formula: string;
  /** Names of the formula that stand for a number known by another one. */
  readonly where?: Readonly<Record<string, string>>;
  readonly note?: string;
}

/** A number that is looked up, not worked out. */
interface Found extends Omit<Step, 'formula' | 'where'> {
  readonly by: (values: Values) => number;
}

/** Another name for a number. */
interface Same {
  readonly as: string;
  readonly same: string;
}

/** Where the sum ends with a sentence: unless this comes to more than nothing. */
interface Needs {
  readonly over0: string;
  readonly says: string;
}

/** Where the sum ends with a sentence that something else says. */
interface Refusal {
  readonly refused: (values: Values) => string | undefined;
}

/** A number that is worked out one way where something was given, another way where it was not. */
interface Either {
  readonly given: string;
  /** Neither way unless this comes to more than nothing. */
  readonly over0?: string;
  readonly then?: Step;
  readonly otherwise?: Step | Same;
}

interface SumData {
  readonly label: string;
  readonly about: string;
  readonly given: Readonly<Record<string, Given>>;
  /** Rules of the trade that its formulas use, by name. */
  readonly rules?: Readonly<Record<string, Term>>;
  readonly steps: readonly (Step | Found | Needs | Refusal | Either)[];
  /** Names of what is read out, the answer first; what was not worked out is left out. */
  readonly shown: readonly string[];
  /** Its picture: what is at rest, worn, and where the stretch ends, as formulas of millimetres. */
  readonly rule?: { readonly rest: string; readonly worn?: string; readonly limit?: string };
  readonly says?: string | ((values: Values) => string | undefined);
  /** What it hands on, as a formula. */
  readonly result?: { readonly kind: SumResult['kind']; readonly of: string };
}

const quantityOf: Readonly<Record<NumberSpec['quantity'], Quantity>> = {
  lengthMm: 'mm',
  share: 'share',
  radians: 'rad',
  gsm: 'gsm',
  gram: 'gram',
  nPerM: 'nPerM',
  pa: 'pa',
  count: 'count',
  ratio: 'ratio',
};

export const FILL_IN = 'Fill in every field that is not marked as optional.';

export const notYet = (sentence: string): Worked => ({ ok: false, sentence });

/** A sum from its data. A field that is needed and empty gives a sentence; nothing throws. */
export function sumOf({ label, about, given, steps, ...rest }: SumData): Sum {
  const fields = Object.entries(given);
  return {
    label,
    about,
    fields: Object.fromEntries(fields.map(([key, { field }]) => [key, field])),
    optional: fields.flatMap(([key, { optional }]) => (optional ? [key] : [])),
    usual: Object.fromEntries(
      fields.flatMap(([key, { usual }]) => (usual === undefined ? [] : [[key, usual]])),
    ),
    work(values) {
      if (fields.some(([key, { optional }]) => !optional && values[key] === undefined))
        return notYet(FILL_IN);
      return workSteps({ given, steps, ...rest }, values);
    },
  };
}

function workSteps(
  { given, rules = {}, steps, shown, rule, says, result }: Omit<SumData, 'label' | 'about'>,
  typed: SumValues,
): Worked {
  const book = createLedger();
  const known: Record<string, Explained | Term> = { ...rules };
  for (const [key, { as, field, mark, said, unit, inMm }] of Object.entries(given)) {
    const value = typed[key];
    if (value === undefined) continue;
    known[as] = leaf(said ?? lower(field.label), value, unit ?? quantityOf[field.quantity], mark);
    if (inMm) known[inMm.as] = leaf(inMm.said, value, 'dialMm', mark);
  }
  const values = (): Values =>
    Object.fromEntries(Object.entries(known).map(([name, { value }]) => [name, value]));
  const isOver0 = (formula: string): boolean => evaluate(formula, values()) > 0;
  const work = ({ as, id, formula, where = {}, ...words }: Step): void => {
    const terms = Object.fromEntries(
      namesIn(formula).flatMap((name) => {
        const term = known[where[name] ?? name];
        return term ? [[name, term]] : [];
      }),
    );
    known[as] = book.work(id, { ...words, formula, terms });
  };
  for (const step of steps) {
    if ('refused' in step) {
      const sentence = step.refused(values());
      if (sentence !== undefined) return notYet(sentence);
    } else if ('says' in step) {
      if (!isOver0(step.over0)) return notYet(step.says);
    } else if ('given' in step) {
      if (step.over0 !== undefined && !isOver0(step.over0)) continue;
      const way = known[step.given] ? step.then : step.otherwise;
      if (way && 'same' in way) known[way.as] = known[way.same] as Explained;
      else if (way) work(way);
    } else if ('by' in step) {
      const { as, id, label, unit, mark, note } = step;
      known[as] = book.given(id, label, step.by(values()), unit, mark, note);
    } else work(step);
  }
  const all = values();
  const said = typeof says === 'function' ? says(all) : says;
  return {
    ok: true,
    numbers: book.numbers,
    shown: [
      ...new Set(
        shown.flatMap((name) => {
          const number = known[name];
          return number && 'id' in number ? [number.id] : [];
        }),
      ),
    ],
    ...(said === undefined ? {} : { says: said }),
    ...(rule
      ? {
          rule: {
            restMm: evaluate(rule.rest, all),
            ...(rule.worn ? { wornMm: evaluate(rule.worn, all) } : {}),
            ...(rule.limit ? { limitMm: evaluate(rule.limit, all) } : {}),
          },
        }
      : {}),
    ...(result ? { result: resultOf(result.kind, evaluate(result.of, all)) } : {}),
  };
}

const resultOf = (kind: SumResult['kind'], value: number): SumResult =>
  kind === 'length' ? { kind, mm: value } : { kind, value };
