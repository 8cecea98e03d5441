import type { BodyMeasure } from '../../facts/wearer';

/** What a drawing is drawn for: measurements in mm, as many as are known. */
export type DrawnBody = Partial<Readonly<Record<BodyMeasure, number>>>;

/** A body's outline in drawing units of 1 cm: half widths seen from the front, and heights below the neck. */
export interface Figure {
  readonly neck: number;
  readonly shoulder: number;
  readonly shoulderDrop: number;
  readonly bust: number;
  readonly underbust: number;
  readonly waist: number;
  readonly hip: number;
  readonly lowHip: number;
  readonly thigh: number;
  readonly knee: number;
  readonly calf: number;
  readonly ankle: number;
  readonly arm: number;
  readonly wrist: number;
  readonly pouch: number;
  readonly armLength: number;
  readonly armY: number;
  readonly bustY: number;
  readonly underbustY: number;
  readonly waistY: number;
  readonly hipY: number;
  readonly crotchY: number;
  readonly kneeY: number;
  readonly calfY: number;
  readonly ankleY: number;
}

/** An adult of middle size: stands in for what was not measured, in proportion to what was. */
const USUAL = {
  bust: 920,
  underbust: 800,
  waist: 760,
  hip: 980,
  lowHip: 940,
  thigh: 570,
  legTop: 600,
  knee: 380,
  calf: 360,
  ankle: 230,
  biceps: 290,
  wrist: 165,
  neck: 360,
  shoulder: 122,
  backLength: 405,
  armLength: 590,
  rise: 680,
  inseam: 760,
  pouch: 150,
} as const satisfies DrawnBody;

/** Half the width seen from the front, as a part of a girth: a body is wider than deep (drawing only). */
const SEEN = 0.18;
const MM_PER_UNIT = 10;

/** The figure of a body; girths that are missing follow bust or hip, lengths the back. */
export function figureOf(body: DrawnBody): Figure {
  const scale =
    (body.bust ?? body.hip ?? USUAL.bust) / (body.bust === undefined && body.hip ? USUAL.hip : USUAL.bust);
  const tall = body.backLength === undefined ? Math.sqrt(scale) : body.backLength / USUAL.backLength;
  const girth = (measure: keyof typeof USUAL) =>
    ((body[measure] ?? USUAL[measure] * scale) * SEEN) / MM_PER_UNIT;
  const length = (measure: keyof typeof USUAL) => (body[measure] ?? USUAL[measure] * tall) / MM_PER_UNIT;
  const waistY = length('backLength');
  const crotchY = waistY + length('rise') * 0.4;
  const inseam = length('inseam');
  const neck = girth('neck');
  return {
    neck,
    shoulder: neck + length('shoulder') * 0.95,
    shoulderDrop: length('shoulder') * 0.34,
    bust: girth('bust'),
    underbust: girth('underbust'),
    waist: girth('waist'),
    hip: girth('hip'),
    lowHip: girth('lowHip'),
    thigh: girth('thigh') * 0.86,
    knee: girth('knee') * 0.86,
    calf: girth('calf') * 0.86,
    ankle: girth('ankle') * 0.86,
    arm: girth('biceps') * 0.95,
    wrist: girth('wrist') * 0.95,
    pouch: (length('pouch') / 2) * 0.9,
    armLength: length('armLength'),
    armY: waistY * 0.44,
    bustY: waistY * 0.58,
    underbustY: waistY * 0.74,
    waistY,
    hipY: waistY + (crotchY - waistY) * 0.72,
    crotchY,
    kneeY: crotchY + inseam * 0.48,
    calfY: crotchY + inseam * 0.62,
    ankleY: crotchY + inseam,
  };
}
