import type { Explained, Mark, Term } from '../../explain/explained';
import type { Ledger } from '../../explain/ledger';
import { lessShare } from '../elastics/lengths';

interface Named {
  readonly name: string;
  readonly label: string;
  readonly mark: Mark;
}

/** Between which lengths a strip works; no limits where a length is the person's own to choose. */
interface Limits {
  readonly shortest?: Explained | undefined;
  readonly longest?: Explained | undefined;
}

/** A length shorter by a share of what it is taken of, mm; held to the longest and then to the shortest that works. */
export function lessOf(
  book: Ledger,
  { name, label, mark }: Named,
  L: Explained,
  s: Explained | Term,
  { shortest, longest }: Limits = {},
): Explained {
  const most = longest ? `min(${lessShare.text}, longest)` : lessShare.text;
  return book.work(name, {
    label,
    unit: 'mm',
    mark,
    ...(shortest || longest ? { note: 'Held to the lengths that work.' } : {}),
    formula: shortest ? `max(${most}, shortest)` : most,
    terms: { L, s, ...(longest ? { longest } : {}), ...(shortest ? { shortest } : {}) },
  });
}
