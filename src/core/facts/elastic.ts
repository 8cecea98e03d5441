import { pullSpec } from './cloth';
import {
  choice,
  date,
  flag,
  helped,
  lengthMm,
  map,
  numberOf,
  optional,
  record,
  text,
  type FactsOf,
} from './spec';

export const elasticKinds = [
  'braided',
  'knitted',
  'woven',
  'plush',
  'picot',
  'fold-over',
  'clear',
  'swim rubber',
  'swim knit',
  'firm band',
  'stretch waistband',
  'strap',
] as const;
export type ElasticKind = (typeof elasticKinds)[number];

/** One pull of an elastic along its length; see `cloth/handTest.ts` for which readings are refused. */
export const elasticTestSpec = record('Test', {
  testedOn: date('Tested on'),
  restMm: lengthMm('At rest', 1, 1000, [50, 300]),
  pulledMm: lengthMm('Pulled, still easy', 1, 5000, [50, 900]),
  releasedMm: optional(lengthMm('Let go, one minute', 1, 5000, [50, 400])),
});

/** A piece sewn on as it will be: how much longer it lies afterwards. */
export const sewnSampleSpec = record('Sewn sample', {
  sewnOn: date('Sewn on'),
  beforeMm: lengthMm('Before sewing', 20, 3000, [80, 900]),
  afterMm: lengthMm('Sewn, lying loose', 20, 4000, [80, 1000]),
});
export type SewnSample = FactsOf<typeof sewnSampleSpec>;

/** An elastic in the drawer: a roll, its tests, and what it may be used for. */
export const elasticSpec = record('Elastic', {
  name: text('Name', 1, 60),
  kind: choice('Kind', elasticKinds),
  widthMm: lengthMm('Width', 2, 150, [4, 60]),
  cuttable: optional(flag('May be cut narrower', ['no', 'yes'])),
  swim: optional(choice('Stands chlorine and salt', ['yes', 'no'])),
  latex: optional(choice('Latex in it', ['yes', 'no'])),
  skin: optional(choice('Side to the skin', ['soft', 'plain'])),
  onHandMm: optional(
    helped(lengthMm('Length on hand', 0, 200_000), 'Measure the roll; what is cut later comes off it.'),
  ),
  countedOn: optional(
    helped(date('Measured off the roll on'), 'Cuts made before that day are off it already.'),
  ),
  statedStretch: optional(
    helped(numberOf('share', 'Stretch, as stated', 0, 4), 'From its label; a pull beats it.'),
  ),
  tests: map('Tests', elasticTestSpec, 100),
  sewn: map('Sewn samples', sewnSampleSpec, 100),
  pulls: optional(map('Pull curves', pullSpec, 40)),
  notes: optional(text('Notes', 0, 2000)),
});
export type Elastic = FactsOf<typeof elasticSpec>;

export const newElastic = (name: string, kind: ElasticKind = 'braided', widthMm = 10): Elastic => ({
  name,
  kind,
  widthMm,
  tests: {},
  sewn: {},
});
