import { MM_PER_M } from '../units/constants';
import { pressureUnder } from './pressure';
import { negativeEase, wornExtension } from './ease';
import type { Explained, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';

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
    formula: wornExtension.text,
    terms: { G: terms.G, g: terms.g },
  });

/** How much smaller the garment is: a share of the body (D). */
export const workNegativeEase = (book: Ledger, id: string, label: string, terms: Girths): Explained =>
  book.work(id, {
    label,
    unit: 'share',
    mark: 'D',
    formula: negativeEase.text,
    terms: { G: terms.G, g: terms.g },
  });

/** Pressure on the body by Laplace’s law, with its terms `T`, `G` in millimetres and `mm` to the metre (D). */
export const PRESSURE = {
  label: 'pressure on the body',
  unit: 'pa',
  mark: 'D',
  note: 'Laplace’s law for a cylinder; the girth is in millimetres.',
  formula: pressureUnder.text,
} as const;
export const MM_IN_M = leaf('millimetres in a metre', MM_PER_M, 'count', 'D');

/** What cloth under a tension presses with on a girth; `girth` counts millimetres on either tape (D). */
export const workPressure = (book: Ledger, id: string, tension: Explained | Term, girth: Term): Explained =>
  book.work(id, {
    ...PRESSURE,
    terms: { T: tension, mm: MM_IN_M, G: girth },
  });
