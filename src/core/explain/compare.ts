import type { Explained } from './explained';
import type { Ledger } from './ledger';

/** How much is missing of what is asked, in the unit of what is asked. */
export const shortfall = (book: Ledger, id: string, needs: Explained, has: Explained): Explained =>
  book.work(id, {
    label: 'what is missing',
    unit: needs.unit,
    mark: 'D',
    formula: 'needs - has',
    terms: { needs, has },
  });

/** How many times over what is asked is there. */
export const timesOver = (book: Ledger, id: string, has: Explained, needs: Explained): Explained =>
  book.work(id, {
    label: 'times over that it is there',
    unit: 'ratio',
    mark: 'D',
    formula: 'has / needs',
    terms: { has, needs },
  });
