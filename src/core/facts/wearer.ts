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

/** Body measurements the product knows, in mm. Ranges take in a newborn and the largest adult. */
export const bodyFields = {
  bust: optional(lengthMm('Bust or chest', 300, 2000, [450, 1400])),
  highBust: optional(lengthMm('High bust', 300, 2000, [450, 1300])),
  underbust: optional(lengthMm('Underbust', 300, 1800, [450, 1300])),
  cup: optional(lengthMm('Over one breast', 60, 600, [120, 400])),
  waist: optional(lengthMm('Waist', 300, 2000, [400, 1400])),
  hip: optional(lengthMm('Hip', 300, 2200, [450, 1500])),
  lowHip: optional(lengthMm('Hip where it sits', 300, 2200, [450, 1500])),
  thigh: optional(lengthMm('Thigh', 150, 1200, [280, 850])),
  legTop: optional(lengthMm('Top of the leg', 150, 1300, [280, 900])),
  knee: optional(lengthMm('Knee', 120, 900, [210, 600])),
  calf: optional(lengthMm('Calf', 100, 800, [190, 550])),
  ankle: optional(lengthMm('Ankle', 80, 600, [130, 350])),
  foot: optional(lengthMm('Heel and instep', 100, 600, [190, 420])),
  biceps: optional(lengthMm('Biceps', 80, 800, [140, 480])),
  wrist: optional(lengthMm('Wrist', 70, 400, [110, 230])),
  hand: optional(lengthMm('Hand, thumb tucked in', 80, 400, [130, 290])),
  neck: optional(lengthMm('Neck', 150, 700, [230, 500])),
  head: optional(lengthMm('Head', 300, 750, [440, 640])),
  shoulder: optional(lengthMm('Shoulder', 40, 300, [70, 180])),
  backLength: optional(lengthMm('Back length', 100, 700, [220, 520])),
  armLength: optional(lengthMm('Arm length', 100, 1000, [250, 720])),
  rise: optional(lengthMm('Crotch length', 200, 1500, [400, 1000])),
  lowRise: optional(lengthMm('Crotch length, low', 120, 1300, [260, 800])),
  bodyRise: optional(lengthMm('Body rise, seated', 90, 500, [140, 360])),
  inseam: optional(lengthMm('Inside leg', 100, 1300, [300, 950])),
  loop: optional(lengthMm('Torso loop', 500, 2500, [850, 1900])),
  strap: optional(lengthMm('Strap', 50, 900, [150, 500])),
  stature: optional(lengthMm('Height', 450, 2300, [800, 2000])),
  pouch: optional(lengthMm('Across the front', 40, 500, [80, 260])),
} as const;

/** How a garment can be meant to sit. */
export const styleIds = ['loose', 'regular', 'fitted'] as const;
export type StyleId = (typeof styleIds)[number];

export type BodyMeasure = keyof typeof bodyFields;
export const bodyMeasures = Object.keys(bodyFields) as readonly BodyMeasure[];

export const isBodyMeasure = (key: string): key is BodyMeasure => Object.hasOwn(bodyFields, key);

export const measurementSetSpec = record('Measurements', {
  measuredOn: date('Measured on'),
  how: choice('How', ['measured', 'guessed']),
  values: record('Values', bodyFields),
  note: optional(text('Note', 0, 500)),
});
export type MeasurementSet = FactsOf<typeof measurementSetSpec>;

/** How close this person likes one zone of one kind of garment, by the stretch or, where it is larger, by the body; kept under `kind-zone`. */
const usualSpec = record('Usual', {
  kind: id('the kind of garment'),
  zone: id('the zone'),
  style: optional(choice('How it is meant to sit', styleIds)),
  share: optional(numberOf('share', 'Share of the stretch', 0, 1)),
  looser: optional(numberOf('share', 'Looser than the body, as a share of it', -0.5, 1)),
});
export type Usual = FactsOf<typeof usualSpec>;

/** The key a usual share or length is kept under. */
export const usualKey = (kind: string, zone: string): string => `${kind}-${zone}`.slice(0, 40);

/** The key of a usual closeness: a loose tee is no skimming one. */
export const closenessKey = (
  { kind, style }: { readonly kind: string; readonly style: StyleId },
  zone: string,
): string => usualKey(`${kind}-${style}`, zone);

/** This person's usual closeness at a zone: for garments that are meant to sit so, else for any of the kind. */
export const usualAt = (
  wearer: Pick<Wearer, 'usual'> | undefined,
  garment: { readonly kind: string; readonly style: StyleId },
  zone: string,
): Usual | undefined =>
  wearer?.usual?.[closenessKey(garment, zone)] ?? wearer?.usual?.[usualKey(garment.kind, zone)];

/** How long this person likes the elastic or band of one edge of one kind of garment, under what it lies on. */
const usualLengthSpec = record('Usual length', {
  kind: id('the kind of garment'),
  edge: id('the edge'),
  of: choice('A share of', ['body', 'edge', 'curve']),
  shorter: numberOf('share', 'Shorter by', -0.3, 2),
});

export type UsualLength = FactsOf<typeof usualLengthSpec>;

/** A garment that already fits, measured flat and doubled; its ease is one more school. */
export const fittingGarmentSpec = record('Garment that fits', {
  name: text('What it is', 1, 60),
  stretchAround: numberOf('share', 'Its cloth stretches around', 0.01, 4),
  stretchAlong: optional(numberOf('share', 'Its cloth stretches lengthwise', 0.01, 4)),
  girths: record('Girths at rest', bodyFields),
});
export type FittingGarment = FactsOf<typeof fittingGarmentSpec>;

/** A person garments are made for. */
export const wearerSpec = record('Wearer', {
  name: text('Name', 1, 60),
  grown: choice('Grown', ['child', 'adult']),
  bornOn: optional(helped(date('Born on'), 'For a head’s size where it is not measured.')),
  notes: optional(text('Notes', 0, 2000)),
  measurements: map('Measurements', measurementSetSpec, 200),
  usual: optional(map('Usual closeness', usualSpec, 200)),
  usualLengths: optional(map('Usual lengths of bands and elastics', usualLengthSpec, 200)),
  fits: optional(map('Garments that fit', fittingGarmentSpec, 40)),
  forgotten: optional(map('Try-ons that are not learned from', map('Places', flag('Forgotten'), 40), 400)),
});
export type Wearer = FactsOf<typeof wearerSpec>;

export const newWearer = (name: string, grown: Wearer['grown']): Wearer => ({
  name,
  grown,
  measurements: {},
});
