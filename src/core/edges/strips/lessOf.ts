import type { Explained, Mark, Term } from '../../explain/explained';
import type { Ledger } from '../../explain/ledger';
import { lessShare } from '../elastics/lengths';

interface Named {
  readonly name: string;
  readonly label: string;
  readonly mark: Mark;
}

/** A length shorter by a share of what it is taken of, mm; never under the shortest that works, where that is given. */
export const lessOf = (
  book: Ledger,
  { name, label, mark }: Named,
  L: Explained,
  s: Explained | Term,
  shortest?: Explained,
): Explained =>
  book.work(name, {
    label,
    unit: 'mm',
    mark,
    ...(shortest
      ? {
          note: 'Never under the shortest that works.',
          formula: `max(${lessShare.text}, shortest)`,
          terms: { L, s, shortest },
        }
      : { formula: lessShare.text, terms: { L, s } }),
  });
