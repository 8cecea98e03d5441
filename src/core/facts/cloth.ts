import {
  choice,
  date,
  flag,
  helped,
  id,
  lengthMm,
  list,
  map,
  numberOf,
  optional,
  record,
  text,
  thinMm,
  type FactsOf,
} from './spec';

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

/** One reading of a pull curve: what hung on the strip or what the gauge showed, and the length then. */
export const pullPointSpec = record('Reading', {
  lengthMm: lengthMm('Length', 1, 5000, [50, 900]),
  massG: optional(numberOf('gram', 'Weight hung on it', 0, 50_000)),
  tensionNPerM: optional(numberOf('nPerM', 'Tension', 0, 50_000)),
  branch: choice('Branch', ['loading', 'unloading']),
});
export type PullPoint = FactsOf<typeof pullPointSpec>;

/** A strip pulled by weights or by a gauge, reading by reading. */
export const pullSpec = record('Pull curve', {
  direction: choice('Direction', ['across', 'along']),
  pulledOn: date('Pulled on'),
  by: choice('By', ['weights', 'gauge']),
  widthMm: lengthMm('Width of the strip', 2, 300, [20, 100]),
  restMm: lengthMm('Length at rest', 20, 1000, [50, 300]),
  points: map('Readings', pullPointSpec, 400),
});
export type Pull = FactsOf<typeof pullSpec>;

/** A layer of a stack: another cloth, laid with its greatest stretch around unless it is turned. */
const layerSpec = record('Layer', { clothId: id('the cloth'), turned: flag('Turned a quarter') });
export type Layer = FactsOf<typeof layerSpec>;

/** Square, weighed and measured, before and after washing. */
const washSpec = record('Wash', {
  beforeAlongMm: lengthMm('Lengthwise before', 50, 5000, [100, 1000]),
  afterAlongMm: lengthMm('Lengthwise after', 20, 5000, [100, 1000]),
  beforeAcrossMm: lengthMm('Crosswise before', 50, 5000, [100, 1000]),
  afterAcrossMm: lengthMm('Crosswise after', 20, 5000, [100, 1000]),
});

/** A zone of a garment of it, measured as it was sewn and again after it was worn and washed. */
export const inWearSpec = record('Measured after wear', {
  measuredOn: date('Measured on'),
  of: text('Garment and place', 1, 120),
  direction: choice('Direction', ['across', 'along']),
  wears: optional(numberOf('count', 'Worn', 0, 2000)),
  washes: optional(numberOf('count', 'Washed', 0, 2000)),
  beforeMm: lengthMm('As it was sewn', 20, 4000, [100, 2000]),
  afterMm: lengthMm('As it measures now', 20, 4000, [100, 2000]),
});
export type MeasuredInWear = FactsOf<typeof inWearSpec>;

const edgePointSpec = record('Point', {
  x: lengthMm('Across', 0, 4000),
  y: lengthMm('Along', 0, 100_000),
});
/** What is left of a cloth that was cut into: rings round it clockwise, round what is gone the other way; mm from its upper left corner. */
const leftoverRing = record('Ring', { points: list('Points', edgePointSpec, 1, 1000) });

/**
 * A fabric on the shelf, or, where it has `layers`, a stack of them. `across` is the course direction, `along`
 * the selvedge.
 */
export const clothSpec = record('Cloth', {
  name: text('Name', 1, 60),
  photo: optional(id('the photo')),
  fibre: optional(text('Fibre', 0, 120)),
  washed: choice('Washed before cutting', ['yes', 'no']),
  widthMm: optional(lengthMm('Width', 50, 4000, [300, 2000])),
  onHandMm: optional(lengthMm('Length on hand', 0, 100000)),
  weightGsm: optional(numberOf('gsm', 'Weight', 20, 1200)),
  weighedSideMm: optional(
    helped(lengthMm('Side of the square', 20, 500, [50, 200]), 'A 10 × 10 cm square of 2 g is 200 g/m².'),
  ),
  weighedG: optional(numberOf('gram', 'A square weighs', 0.05, 500)),
  thicknessMm: optional(
    helped(thinMm('Thickness of one layer', 0.05, 20), 'Two layers under a light finger, halved.'),
  ),
  wash: optional(washSpec),
  feel: optional(choice('How it pulls', ['soft', 'medium', 'firm'])),
  drape: optional(choice('How it hangs', ['sturdy', 'medium', 'slinky'])),
  ravels: optional(choice('When a corner is snipped and tugged', ['holds', 'sheds', 'runs'])),
  curl: optional(choice('Cut edge curls', ['no', 'a little', 'strongly'])),
  dry: optional(choice('Held to the light, dry', ['opaque', 'a little', 'see-through'])),
  wet: optional(choice('Held to the light, wet', ['opaque', 'a little', 'see-through'])),
  nap: optional(choice('Nap or print with a direction', ['none', 'one way'])),
  repeatAlongMm: optional(
    helped(
      lengthMm('Stripes or print repeat along', 3, 2000),
      'From one to where the next begins, along the selvedge; pieces are matched to it. Empty where nothing repeats.',
    ),
  ),
  repeatAcrossMm: optional(lengthMm('Print repeats across', 3, 2000)),
  repeatFromMm: optional(lengthMm('First repeat from the left edge', 0, 2000)),
  scallop: optional(choice('Lace with a scalloped edge', ['none', 'one edge', 'both edges'])),
  pile: optional(choice('Pile, such as velvet or terry', ['yes', 'no'])),
  swim: optional(choice('Stands chlorine and salt', ['yes', 'no'])),
  stable: optional(flag('Does not stretch: interfacing, tape, net', ['it stretches', 'stable'])),
  rightSide: optional(
    helped(
      text('Right side', 0, 200),
      'Columns of V stitches are the face of a jersey, bumps the back. Either may be used, always the same.',
    ),
  ),
  statedAcross: optional(
    helped(numberOf('share', 'Stretch across, as stated', 0, 4), 'Used only until it is tested.'),
  ),
  statedAlong: optional(numberOf('share', 'Stretch along, as stated', 0, 4)),
  notes: optional(text('Notes', 0, 2000)),
  tests: map('Tests', clothTestSpec, 200),
  pulls: optional(map('Pull curves', pullSpec, 40)),
  inWear: optional(map('What wear did', inWearSpec, 100)),
  layers: optional(map('Layers', layerSpec, 8)),
  outline: optional(list('Outline of a leftover', leftoverRing, 1, 60)),
});
export type Cloth = FactsOf<typeof clothSpec>;

/** Whether it is a lace, by its edges. */
export const isScalloped = ({ scallop = 'none' }: Cloth): boolean => scallop !== 'none';

export const newCloth = (name: string): Cloth => ({ name, washed: 'no', tests: {} });
