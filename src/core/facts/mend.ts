import { choice, date, id, lengthMm, map, optional, record, type FactsOf } from './spec';

/** What is done to something that is sewn already. */
export const mendIds = ['take-in', 'let-out', 'cut-again', 'spread-again', 'stay', 'move-strap'] as const;
export type MendId = (typeof mendIds)[number];

/** A change to a garment that is sewn, or basted: it joins the sewing order. */
export const mendSpec = record('Change to what is sewn', {
  on: date('Decided on'),
  what: choice('What is done', mendIds),
  at: id('the place'),
  byMm: optional(lengthMm('By, all round', 0, 1000)),
  wasMm: optional(lengthMm('It was cut', 1, 5000)),
  wasSchool: optional(id('the rule before')),
  fittingId: optional(id('the try-on')),
});
export type Mend = FactsOf<typeof mendSpec>;

export const mendsSpec = map('Changes to what is sewn', mendSpec, 40);
export type Mends = FactsOf<typeof mendsSpec>;
