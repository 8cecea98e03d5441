import { ROUNDING } from '../units/tolerance';
import type { Explained, Mark, NumberPart, Phrase, Quantity, Term } from './explained';
import { namesIn, readFormula, type Formula } from './formula';

export type Input = Term | Explained;

export interface Working {
  readonly label: string;
  readonly unit: Quantity;
  readonly mark: Mark;
  /** The one place the number’s arithmetic is written: an expression over the names in `terms`. */
  readonly formula: string;
  readonly terms: Readonly<Record<string, Input>>;
  readonly note?: string;
}

/** Collects every number of a plan under its id, each with its derivation. */
export interface Ledger {
  readonly numbers: Readonly<Record<string, Explained>>;
  /** Computes a number from its terms. Throws on a repeated id or a result that is not finite (misuse). */
  work(id: string, working: Working): Explained;
  /** Takes in numbers worked out elsewhere; the same number may come twice. */
  adopt(entries: readonly Explained[]): void;
  /** Enters a fact, a rule of the trade or a choice as a number in its own right. */
  given(id: string, label: string, value: number, unit: Quantity, mark: Mark, note?: string): Explained;
}

/** The step, as a share, by which each term is moved to find what a number is most sensitive to. */
export const SENSITIVITY_STEP = 0.01;

export function createLedger(): Ledger {
  const numbers = Object.create(null) as Record<string, Explained>;
  const enter = (entry: Explained): Explained => {
    if (numbers[entry.id] !== undefined) {
      throw new Error(`expected a new number id, got "${entry.id}" twice; name each once`);
    }
    if (!Number.isFinite(entry.value)) {
      throw new Error(
        `expected a finite number for "${entry.id}", got ${entry.value}; guard its inputs first`,
      );
    }
    numbers[entry.id] = entry;
    return entry;
  };
  return {
    numbers,
    adopt(entries) {
      for (const entry of entries) if (numbers[entry.id] !== entry) enter(entry);
    },
    work(id, { label, unit, mark, formula, terms, note }) {
      const values: Record<string, number> = {};
      const named: Record<string, Term> = {};
      for (const key in terms) {
        const term = terms[key] as Input;
        values[key] = term.value;
        named[key] = isExplained(term) ? reference(term) : term;
      }
      const by = readFormula(formula);
      const value = by(values);
      if (Number.isNaN(value)) refuseUnknown(id, formula, values);
      const entry: Writable<Explained> = { id, label, value, unit, formula, terms: named, mark };
      if (note !== undefined) entry.note = note;
      const sensitivity = sensitivityOf(values, value, by);
      if (sensitivity) entry.sensitivity = sensitivity;
      return enter(entry);
    },
    given(id, label, value, unit, mark, note) {
      const terms = { x: { label, value, unit, mark } };
      const entry: Writable<Explained> = { id, label, value, unit, formula: 'x', terms, mark };
      if (note !== undefined) entry.note = note;
      return enter(entry);
    },
  };
}

/** The same ledger, and a list of all that is entered through it, which may have been there before. */
export function recording(book: Ledger): { readonly book: Ledger; readonly entries: readonly Explained[] } {
  const entries: Explained[] = [];
  const note = (entry: Explained): Explained => {
    entries.push(entry);
    return entry;
  };
  return {
    entries,
    book: {
      numbers: book.numbers,
      adopt(taken) {
        book.adopt(taken);
        entries.push(...taken);
      },
      work: (id, working) => note(book.work(id, working)),
      given: (...number) => note(book.given(...number)),
    },
  };
}

/** Says which of a formula’s names has no term, where that is why it has no value. */
function refuseUnknown(id: string, formula: string, values: Readonly<Record<string, number>>): void {
  const unknown = namesIn(formula).filter((name) => !(name in values));
  if (unknown.length > 0) {
    throw new Error(
      `expected a term for each name in "${formula}" of "${id}", got none for ${unknown.join(', ')}`,
    );
  }
}

type Writable<T> = { -readonly [K in keyof T]: T[K] };

/** The number with an id. Throws where a plan has none of that id (misuse). */
export function getNumber(numbers: Readonly<Record<string, Explained>>, id: string): Explained {
  const found = numbers[id];
  if (!found) throw new Error(`expected a number with id "${id}", got none; enter it in the ledger first`);
  return found;
}

/** A leaf input: a fact, a choice or a rule of the trade, with its mark. */
export const leaf = (label: string, value: number, unit: Quantity, mark: Mark): Term => ({
  label,
  value,
  unit,
  mark,
});

const isExplained = (input: Input): input is Explained => 'id' in input;

const reference = ({ id, label, value, unit }: Explained): Term => ({ label, value, unit, of: id });

/**
 * Moves each term in place and back: a plan has hundreds of numbers and must be done within a frame. Of terms that
 * move it alike the first named is told.
 */
function sensitivityOf(moved: Record<string, number>, value: number, by: Formula): Explained['sensitivity'] {
  let term: string | undefined;
  let most = 0;
  let count = 0;
  for (const key in moved) {
    count += 1;
    const old = moved[key] as number;
    moved[key] = old * (1 + SENSITIVITY_STEP);
    const change = by(moved) - value;
    moved[key] = old;
    if (Math.abs(change) > Math.abs(most) * (1 + ROUNDING) && Number.isFinite(change)) {
      term = key;
      most = change;
    }
  }
  return term === undefined || count < 2 ? undefined : { term, change: most };
}

/**
 * Builds a phrase from a template: numbers go in by reference, so that the page shows them in the reader's
 * unit; a `{ name }` is text a person typed; a phrase is taken in whole.
 */
export function say(
  words: TemplateStringsArray,
  ...parts: readonly (string | Explained | NumberPart | { readonly name: string } | Phrase)[]
): Phrase {
  const out: Phrase[number][] = [];
  words.forEach((word, at) => {
    if (word !== '') out.push(word);
    const part = parts[at];
    if (part === undefined) return;
    if (typeof part === 'string') out.push(part);
    else if (Array.isArray(part)) out.push(...(part as Phrase));
    else if ('id' in part) out.push({ n: part.id });
    else out.push(part as Phrase[number]);
  });
  return out;
}

/** The least that works, for a sentence that advises it: shown rounded up. */
export const atLeast = ({ id }: Explained): NumberPart => ({ n: id, side: 'up' });
/** The most that works: shown rounded down. */
export const atMost = ({ id }: Explained): NumberPart => ({ n: id, side: 'down' });
