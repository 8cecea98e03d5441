import { kindIds } from './kindIds';
import { shapesSpec } from './outline';
import {
  choice,
  date,
  flag,
  helped,
  id,
  lengthMm,
  map,
  numberOf,
  optional,
  record,
  text,
  type FactsOf,
} from './spec';
import { bodyFields } from './wearer';

/** One row of a pattern's size table; `order` keeps the sizes from small to large. */
const sizeSpec = record('Size', {
  label: text('Size', 1, 20),
  order: numberOf('count', 'Place in the table', 0, 200),
  values: record('Values', bodyFields),
});
export type PatternSize = FactsOf<typeof sizeSpec>;

/** A layer a pattern was drafted for. */
export const draftedLayerSpec = record('Drafted for', {
  label: text('Layer', 1, 40),
  around: numberOf('share', 'Stretch around', 0.01, 4),
  along: optional(numberOf('share', 'Stretch lengthwise', 0.01, 4)),
  feel: choice('How it pulls', ['soft', 'medium', 'firm']),
});

/** A pattern: its size table, what it was drafted for, its own printed lengths, and what was learned about it. */
export const patternSpec = record('Pattern', {
  name: text('Name', 1, 60),
  source: choice('Where it comes from', ['bought', 'traced', 'adapted', 'drafted here']),
  kind: choice('Kind of garment', kindIds),
  tableOf: choice('The table gives', ['body', 'finished garment']),
  sizes: map('Sizes', sizeSpec, 60),
  layers: map('Drafted for', draftedLayerSpec, 8),
  easeAround: optional(
    helped(
      numberOf('share', 'Negative ease, around', -0.5, 0.6),
      'How much smaller than the body it is drawn.',
    ),
  ),
  easeAlong: optional(numberOf('share', 'Negative ease, lengthwise', -0.5, 0.6)),
  statedAround: optional(
    helped(numberOf('share', 'Stretch asked, around', 0, 4), 'As its envelope asks for.'),
  ),
  statedAlong: optional(numberOf('share', 'Stretch asked, along', 0, 4)),
  seamAllowanceMm: optional(lengthMm('Seam allowance', 0, 40, [4, 16])),
  hemAllowanceMm: optional(lengthMm('Hem, turned up', 0, 120, [8, 65])),
  cupDifferenceMm: optional(
    helped(
      lengthMm('Bust less high bust', 0, 300, [20, 150]),
      'The cup it was drafted for: often 5 cm (2 in).',
    ),
  ),
  cupStepMm: optional(
    helped(lengthMm('Each cup size adds', 5, 60, [15, 35]), 'Only where it has cups: usually 2.5 cm (1 in).'),
  ),
  assumesFoam: optional(flag('Cup sizes assume foam', ['no, or no cups', 'yes'])),
  printed: map(
    'Printed lengths',
    record('Printed length', {
      label: text('Band or elastic', 1, 60),
      mm: lengthMm('Length', 5, 3000),
      edge: optional(id('the edge it is for')),
      sizeId: optional(id('the size it is for')),
    }),
    60,
  ),
  order: optional(map('Order as its sheet has it', numberOf('count', 'Place', 0, 500), 300)),
  adapted: optional(
    map(
      'Adaptations kept',
      record('Adaptation', {
        what: choice('Adaptation', ['raglan', 'leg-line', 'shorts', 'widen']),
        keptOn: date('Kept on'),
        values: map('Its measures, mm or radians', numberOf('ratio', 'Measure', 0, 5000), 20),
      }),
      40,
    ),
  ),
  shapes: optional(map('Outlines by size', shapesSpec, 60)),
  unclear: optional(text('What was unclear', 0, 2000)),
  better: optional(text('A better way', 0, 2000)),
  sizing: optional(text('Sizing', 0, 2000)),
  liked: optional(text('What was liked', 0, 2000)),
  next: optional(text('Next time', 0, 2000)),
});
export type Pattern = FactsOf<typeof patternSpec>;

export const newPattern = (name: string, kind: Pattern['kind']): Pattern => ({
  name,
  source: 'bought',
  kind,
  tableOf: 'body',
  sizes: {},
  layers: {},
  printed: {},
});
