import { choice, date, lengthMm, map, optional, record, text, type FactsOf } from './spec';

/** Body measurements the product knows, in mm. Ranges take in a newborn and the largest adult. */
export const bodyFields = {
  bust: optional(lengthMm('Bust or chest', 300, 2000, [450, 1400])),
  waist: optional(lengthMm('Waist', 300, 2000, [400, 1400])),
  hip: optional(lengthMm('Hip', 300, 2200, [450, 1500])),
  biceps: optional(lengthMm('Biceps', 80, 800, [140, 480])),
  head: optional(lengthMm('Head', 300, 750, [440, 640])),
  hand: optional(lengthMm('Hand, thumb tucked in', 80, 400, [130, 290])),
} as const;

export type BodyMeasure = keyof typeof bodyFields;
export const bodyMeasures = Object.keys(bodyFields) as readonly BodyMeasure[];

export const measurementSetSpec = record('Measurements', {
  measuredOn: date('Measured on'),
  how: choice('How', ['measured', 'guessed']),
  values: record('Values', bodyFields),
  note: optional(text('Note', 0, 500)),
});
export type MeasurementSet = FactsOf<typeof measurementSetSpec>;

/** A person garments are made for. */
export const wearerSpec = record('Wearer', {
  name: text('Name', 1, 60),
  grown: choice('Grown', ['child', 'adult']),
  bornOn: optional(date('Born on')),
  notes: optional(text('Notes', 0, 2000)),
  measurements: map('Measurements', measurementSetSpec, 200),
});
export type Wearer = FactsOf<typeof wearerSpec>;

export const newWearer = (name: string, grown: Wearer['grown']): Wearer => ({
  name,
  grown,
  measurements: {},
});
