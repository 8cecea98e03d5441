import type { Explained, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import { negativeEase, wornExtension } from './ease';
import { pressureUnder } from './pressure';

/** A body's girth and a garment's at rest, mm. */
export interface Girths {
  readonly G: Explained | Term;
  readonly g: Explained | Term;
}

/** How far the cloth is stretched: a share of the garment (D). */
export const workWornExtension = (book: Ledger, id: string, label: string, terms: Girths): Explained =>
  book.work(id, {
    label,
    unit: 'share',
    mark: 'D',
    formula: '(G - g) / g',
    terms: { G: terms.G, g: terms.g },
    by: ({ G, g }) => wornExtension(G, g),
  });

/** How much smaller the garment is: a share of the body (D). */
export const workNegativeEase = (book: Ledger, id: string, label: string, terms: Girths): Explained =>
  book.work(id, {
    label,
    unit: 'share',
    mark: 'D',
    formula: '(G - g) / G',
    terms: { G: terms.G, g: terms.g },
    by: ({ G, g }) => negativeEase(G, g),
  });

/** What cloth under a tension presses with on a girth; `girth` counts millimetres on either tape (D). */
export const workPressure = (book: Ledger, id: string, tension: Explained | Term, girth: Term): Explained =>
  book.work(id, {
    label: 'pressure on the body',
    unit: 'pa',
    mark: 'D',
    note: 'Laplace’s law for a cylinder; the girth is in millimetres.',
    formula: 'T * mm / (G / (2 * pi))',
    terms: { T: tension, mm: leaf('millimetres in a metre', 1000, 'count', 'D'), G: girth },
    by: ({ T, G }) => pressureUnder(T, G),
  });
