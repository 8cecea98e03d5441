import { choice, date, lengthMm, map, numberOf, optional, record, text, type FactsOf } from './spec';

/** One pull of the hand test. Lengths in mm; see `cloth/handTest.ts` for which readings are refused. */
export const clothTestSpec = record('Test', {
  direction: choice('Direction', ['across', 'along']),
  testedOn: date('Tested on'),
  restMm: lengthMm('At rest', 1, 1000, [50, 300]),
  pulledMm: lengthMm('Pulled, still easy', 1, 5000, [50, 900]),
  releasedMm: optional(lengthMm('Let go, one minute', 1, 5000, [50, 400])),
  restWidthMm: optional(lengthMm('Width at rest', 1, 1000, [20, 300])),
  pulledWidthMm: optional(lengthMm('Width while pulled', 1, 1000, [10, 300])),
});
export type ClothTest = FactsOf<typeof clothTestSpec>;
export type ClothDirection = ClothTest['direction'];

/** A fabric on the shelf. `across` is the course direction, `along` the selvedge. */
export const clothSpec = record('Cloth', {
  name: text('Name', 1, 60),
  fibre: optional(text('Fibre', 0, 120)),
  weightGsm: optional(numberOf('gsm', 'Weight', 20, 1200)),
  widthMm: optional(lengthMm('Width', 50, 4000, [300, 2000])),
  onHandMm: optional(lengthMm('Length on hand', 0, 100000)),
  thicknessMm: optional(lengthMm('Thickness of one layer', 0.05, 20)),
  washed: choice('Washed before cutting', ['yes', 'no']),
  statedAcross: optional(numberOf('share', 'Stretch across, as stated', 0, 4)),
  statedAlong: optional(numberOf('share', 'Stretch along, as stated', 0, 4)),
  notes: optional(text('Notes', 0, 2000)),
  tests: map('Tests', clothTestSpec, 200),
});
export type Cloth = FactsOf<typeof clothSpec>;

export const newCloth = (name: string): Cloth => ({ name, washed: 'no', tests: {} });
