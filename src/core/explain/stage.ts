import type { Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { Explained } from './explained';
import { recording, type Ledger } from './ledger';
import { createRecent } from './remember';

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
 * object, it hands back the same object and enters the same numbers. The last `most` are kept.
 */
export function stage<const S extends Sees, I extends Given<SeenBy<S>>, O>(
  sees: S,
  work: (inputs: I) => O,
  most = USUALLY_KEPT,
): (inputs: Omit<I, 'facts'> & Given<SeenBy<S>>) => O {
  const recall = createRecent<{ readonly result: O; readonly entries: readonly Explained[] }>(most);
  return (inputs) => {
    const { book, facts, ...handedOn } = inputs;
    const key = [
      ...sees.records.map((name) => facts[name as keyof typeof facts]),
      ...sees.garment.map((name) => facts.garment[name as keyof typeof facts.garment]),
      ...Object.values(handedOn),
    ];
    let anew = false;
    const { result, entries } = recall(key, () => {
      anew = true;
      const own = recording(book);
      const seen = { ...only(facts, sees.records), garment: only(facts.garment, sees.garment) };
      const result = work({ ...handedOn, book: own.book, facts: seen } as unknown as I);
      return { result, entries: own.entries };
    });
    if (!anew) book.adopt(entries);
    return result;
  };
}

/** How the garment is and how it was: more would only be carried about. */
const USUALLY_KEPT = 2;

const only = (whole: object, names: readonly string[]): object =>
  Object.fromEntries(Object.entries(whole).filter(([name]) => names.includes(name)));
