import type { Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { Explained } from './explained';
import { createLedger, type Ledger } from './ledger';
import { createMemory } from './remember';

type RecordName = Exclude<keyof GarmentFacts, 'garment'>;

/** The records, and the garment's own facts, that a stage looks at. */
export interface Sees<R extends RecordName = RecordName, G extends keyof Garment = keyof Garment> {
  readonly records: readonly R[];
  readonly garment: readonly G[];
}

/** Some records, and some of the garment's own facts. */
export type Seen<R extends RecordName, G extends keyof Garment> = Pick<GarmentFacts, R> & {
  readonly garment: Pick<Garment, G>;
};

/** The facts as a stage sees them: what it did not name is not there. */
export type SeenBy<S extends Sees> = Seen<S['records'][number], S['garment'][number]>;

interface Given<F> {
  readonly book: Ledger;
  readonly facts: F;
}

/**
 * One stage of a plan: a function of the facts it names and of what earlier stages handed on. It enters its numbers in
 * the ledger and may refer to those of earlier stages, by ids that were handed on to it. While all that is the same
 * object, it hands back the same object and enters the same numbers.
 */
export function stage<const S extends Sees, I extends Given<SeenBy<S>>, O>(
  sees: S,
  work: (inputs: I) => O,
): (inputs: Omit<I, 'facts'> & Given<SeenBy<S>>) => O {
  const recall = createMemory<{ readonly result: O; readonly entries: readonly Explained[] }>();
  return (inputs) => {
    const { book, facts, ...handedOn } = inputs;
    const key = [
      ...sees.records.map((name) => facts[name as keyof typeof facts]),
      ...sees.garment.map((name) => facts.garment[name as keyof typeof facts.garment]),
      ...Object.values(handedOn),
    ];
    const { result, entries } = recall(key, () => {
      const own = createLedger(book.numbers);
      const seen = { ...only(facts, sees.records), garment: only(facts.garment, sees.garment) };
      return {
        result: work({ ...handedOn, book: own, facts: seen } as unknown as I),
        entries: Object.values(own.numbers),
      };
    });
    book.adopt(entries);
    return result;
  };
}

const only = (whole: object, names: readonly string[]): object =>
  Object.fromEntries(Object.entries(whole).filter(([name]) => names.includes(name)));
