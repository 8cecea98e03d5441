import type { Explained } from './explained';
import { createLedger, type Ledger } from './ledger';

/** Gives again what was made for the same inputs, else makes it and keeps it. */
export type Recall<R> = (inputs: readonly unknown[], make: () => R) => R;

/** Where a chain of inputs has led: objects are held weakly, so that what was made for one goes with it. */
interface Node<R> {
  objects?: WeakMap<object, Node<R>>;
  values?: Map<unknown, Node<R>>;
  made?: { readonly result: R };
}

/** Plain inputs (words, numbers) after which a place forgets them all, so that what is typed cannot fill the memory. */
const MOST_VALUES = 500;

const forgetting: (() => void)[] = [];

/** Forgets everything, so that a test can compare what is remembered with what is made from scratch. */
export const forgetEverything = (): void => forgetting.forEach((forget) => forget());

/**
 * The one way the core remembers: by the identity of objects and by the value of the rest, in their order. Facts never
 * change in place, so the same object is the same fact. `make` must follow from `inputs` alone.
 */
export function createMemory<R>(): Recall<R> {
  let root: Node<R> = {};
  forgetting.push(() => {
    root = {};
  });
  return (inputs, make) => {
    let at = root;
    for (const input of inputs) at = after(at, input);
    at.made ??= { result: make() };
    return at.made.result;
  };
}

/**
 * Remembers no more than the last few: for what has many inputs and is asked for again and again with nearly the same.
 * Inputs are compared one by one, and what was made is held until others have taken its place.
 */
export function createRecent<R>(most: number): Recall<R> {
  let kept: { readonly inputs: readonly unknown[]; readonly result: R }[] = [];
  forgetting.push(() => {
    kept = [];
  });
  return (inputs, make) => {
    const at = kept.findIndex((one) => areSame(one.inputs, inputs));
    const found = at < 0 ? { inputs, result: make() } : (kept[at] as (typeof kept)[number]);
    if (at !== 0) kept = [found, ...kept.filter((one) => one !== found).slice(0, most - 1)];
    return found.result;
  };
}

const areSame = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((one, at) => one === b[at]);

function after<R>(at: Node<R>, input: unknown): Node<R> {
  if (typeof input === 'object' && input !== null) {
    at.objects ??= new WeakMap();
    let next = at.objects.get(input);
    if (!next) at.objects.set(input, (next = {}));
    return next;
  }
  at.values ??= new Map();
  let next = at.values.get(input);
  if (!next) {
    if (at.values.size >= MOST_VALUES) at.values.clear();
    at.values.set(input, (next = {}));
  }
  return next;
}

/** The same for what enters numbers: they are worked out once, and entered in every ledger that asks. */
export function workedOnce<A extends readonly unknown[], R>(
  make: (book: Ledger, ...inputs: A) => R,
): (book: Ledger, ...inputs: A) => R {
  const recall = createMemory<{ readonly result: R; readonly entries: readonly Explained[] }>();
  return (book, ...inputs) => {
    const { result, entries } = recall(inputs, () => {
      const own = createLedger();
      return { result: make(own, ...inputs), entries: Object.values(own.numbers) };
    });
    book.adopt(entries);
    return result;
  };
}
