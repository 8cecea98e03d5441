import { RING_TAIL_MM } from '../facts/finding';
import type { BodyMeasure } from '../facts/wearer';
import type { OperationOf } from '../fit/drafting';
import type { Edge, EdgeRun, NeededMeasure, Opening, Piece, Seam, Zone } from '../fit/garmentKind';

/** Parts that many garments share, so that each garment's file says only what is its own. */

export const need = (measure: BodyMeasure, why: string, required = true): NeededMeasure => ({
  measure,
  why,
  required,
});

/** Measured only to know how long it is drafted, and how much cloth it takes. */
export const clothNeeds = (...measures: readonly BodyMeasure[]): readonly NeededMeasure[] =>
  measures.map((measure) => need(measure, 'how long it is drafted, and the cloth it takes', false));

export const headNeed = need('head', 'whether the neckline goes over it');
export const handNeed = need('hand', 'whether it goes through the sleeve hem', false);

export const bustZone: Zone = {
  id: 'bust',
  label: 'Bust or chest',
  measure: 'bust',
  axis: 'around',
  seamEdges: 4,
  skin: 'back',
};
export const waistZone: Zone = {
  id: 'waist',
  label: 'Waist',
  measure: 'waist',
  axis: 'around',
  seamEdges: 4,
};
export const hipZone: Zone = {
  id: 'hip',
  label: 'Hip',
  measure: 'hip',
  axis: 'around',
  seamEdges: 4,
  skin: 'seat',
};
export const bicepsZone: Zone = {
  id: 'biceps',
  label: 'Biceps',
  measure: 'biceps',
  axis: 'around',
  seamEdges: 2,
};
export const wristZone: Zone = {
  id: 'wrist',
  label: 'Wrist',
  measure: 'wrist',
  axis: 'around',
  seamEdges: 2,
};
export const underbustZone: Zone = {
  id: 'underbust',
  label: 'Underbust',
  measure: 'underbust',
  axis: 'around',
  seamEdges: 4,
};

export const piece = (
  id: string,
  label: string,
  zones: readonly string[] = [],
  { onFold = false, cloth = 'outer' as Piece['cloth'], count = 1 } = {},
): Piece => ({ id, label, zones, onFold, cloth, ...(count > 1 ? { count } : {}) });

/** The same piece for the left and the right. */
export const pair = (
  id: string,
  label: string,
  zones: readonly string[] = [],
  cloth: Piece['cloth'] = 'outer',
): readonly Piece[] =>
  (['left', 'right'] as const).map((side) => ({
    id: `${id}-${side}`,
    label: `${label}, ${side}`,
    side,
    cloth,
    zones,
    onFold: false,
  }));

export const edge = (
  id: string,
  label: string,
  finish: Edge['finish'],
  rest: Partial<Omit<Edge, 'id' | 'label' | 'finish'>> = {},
): Edge => ({ id, label, finish, ...rest });

/** How edges run: shares are where seams usually lie until the pattern is measured (estimates, from memory). */
const sides = [
  { label: 'left side seam', at: 0.25 },
  { label: 'right side seam', at: 0.75 },
] as const;
/** Round the body, from centre back. */
export const aroundBody: EdgeRun = { start: 'centre back', middle: 'centre front', seams: sides };
/** A neckline, from centre back. */
export const aroundNeck: EdgeRun = {
  curve: 'neck',
  start: 'centre back',
  middle: 'centre front',
  seams: [
    { label: 'left shoulder seam', at: 0.2 },
    { label: 'right shoulder seam', at: 0.8 },
  ],
};
/** The end of a sleeve, from its seam. */
export const aroundArm: EdgeRun = {
  pair: true,
  start: 'underarm seam',
  startsAt: 'side',
  middle: 'top of the sleeve',
  seams: [{ label: 'underarm seam', at: 0 }],
};
/** An armhole without a sleeve, from the side seam. */
export const aroundArmhole: EdgeRun = {
  pair: true,
  curve: 'armhole',
  start: 'side seam',
  startsAt: 'side',
  middle: 'half way',
  seams: [
    { label: 'side seam', at: 0 },
    { label: 'shoulder seam', at: 0.48 },
  ],
};
/** The end of a leg, from its inside seam. */
export const aroundLeg: EdgeRun = {
  pair: true,
  start: 'inside leg seam',
  startsAt: 'inseam',
  middle: 'outside of the leg',
  seams: [{ label: 'inside leg seam', at: 0 }],
};
/** The leg edge of briefs, from the gusset's front seam up the front, down the back, and under the gusset. */
export const legEdge: EdgeRun = {
  pair: true,
  curve: 'leg',
  start: 'gusset, front',
  startsAt: 'crotch',
  middle: 'half way',
  seams: [
    { label: 'front gusset seam', at: 0 },
    { label: 'side seam', at: 0.37 },
    { label: 'back gusset seam', at: 0.84 },
  ],
  sections: [
    { id: 'front', label: 'front leg', share: 0.37 },
    { id: 'back', label: 'back leg', share: 0.47 },
    { id: 'gusset', label: 'gusset', share: 0.16 },
  ],
};
/** The leg edge of panties, from the ring down the front and round the gusset: the back's lace scallop has none. */
export const frontLegEdge: EdgeRun = {
  pair: true,
  open: true,
  curve: 'leg',
  tailMm: RING_TAIL_MM,
  start: 'front ring',
  middle: 'half way',
  seams: [{ label: 'front gusset seam', at: 0.7 }],
  sections: [
    { id: 'front', label: 'front leg', share: 0.7 },
    { id: 'gusset', label: 'gusset', share: 0.3 },
  ],
};
/** A band that closes with hooks at centre back. */
export const openBand: EdgeRun = {
  open: true,
  start: 'left end',
  middle: 'centre front',
  seams: [
    { label: 'left side', at: 0.25 },
    { label: 'right side', at: 0.75 },
  ],
};
/** A seam or strap with two ends, one on each side. */
export const oneEachSide: EdgeRun = { pair: true, open: true, start: 'one end', middle: 'middle' };

export const neckbandEdge = edge('neckline', 'Neckline', 'band', { use: 'neckband', ...aroundNeck });
export const sleeveHemEdge = edge('sleeve-hem', 'Sleeve hems', 'hem', {
  sleeveHem: true,
  ...aroundArm,
});
export const hemEdge = (zone: string): Edge => edge('hem', 'Hem', 'hem', { zone, ...aroundBody });
export const shoulderStay = edge('shoulder', 'Shoulders', 'stay', { use: 'stay', ...oneEachSide });

/** A seam, by the zones it runs through: only what happens there is asked of it. */
export const seam = (
  id: string,
  near: readonly string[],
  label: string,
  direction: Seam['direction'],
  demand: Exclude<Seam['demand'], 'still'>,
  opening?: string,
  rest: Pick<Seam, 'angleRad'> = {},
): Seam => ({ id, near, label, direction, demand, ...(opening ? { opening } : {}), ...rest });

/** A seam that hardly stretches, and why. */
export const stillSeam = (
  id: string,
  near: readonly string[],
  label: string,
  direction: Seam['direction'],
  why: string,
  opening?: string,
): Seam => ({ id, near, label, direction, demand: 'still', why, ...(opening ? { opening } : {}) });

/** Half way between along and across: a seam on the slant, or one that turns through both (an estimate). */
export const SLANT_RAD = Math.PI / 4;

export const shoulderSeam = seam('shoulder', [], 'Shoulder', 'across', 'stay');
export const armholeSeam = seam('armhole', ['bust', 'biceps'], 'Sleeve seam', 'round', 'stretch', undefined, {
  angleRad: SLANT_RAD,
});
export const sideSeam = seam('side', ['bust', 'waist', 'hip'], 'Side and underarm', 'along', 'stretch');

export const neckOpening: Opening = {
  id: 'neckline',
  label: 'Neckline',
  edge: 'neckline',
  passes: 'head',
  passesWhat: 'the head',
  at: 'neckline',
};
export const hemOpening: Opening = {
  id: 'hem',
  label: 'Hem',
  edge: 'hem',
  passes: 'bust',
  passesWhat: 'the chest with arms raised',
  at: { zone: 'hip' },
  easedOntoBand: true,
};
export const sleeveOpening: Opening = {
  id: 'sleeve-hem',
  label: 'Sleeve hem',
  edge: 'sleeve-hem',
  passes: 'hand',
  passesWhat: 'the hand',
  at: 'sleeve-hem',
};
/** A sleeve hem whose width only the pattern tells: no zone of the body gives it. */
export const drawnSleeveOpening = (edgeId = 'sleeve-hem', label = 'Sleeve hem'): Opening => ({
  ...sleeveOpening,
  label,
  edge: edgeId,
  at: 'pattern',
});
/** A neckline with no band of its own here, over the head: measured on the pattern. */
export const drawnNeckOpening = (edgeId: string, label: string): Opening => ({
  ...neckOpening,
  id: edgeId,
  label,
  edge: edgeId,
  at: 'pattern',
});
export const waistOpening = (zone: string, edgeId = 'waist'): Opening => ({
  id: 'waist-edge',
  label: 'Waist',
  edge: edgeId,
  passes: 'hip',
  passesWhat: 'the hips',
  at: { zone },
});
/** The lower opening of a garment worn under the bust or over it, put on over the head. */
export const topOpening = (zone: string, edgeId: string): Opening => ({
  id: 'lower-edge',
  label: 'Lower edge',
  edge: edgeId,
  passes: 'bust',
  passesWhat: 'shoulders and bust with arms raised',
  at: { zone },
});
/** A leg opening, as wide as a zone of the leg; without one it has to be measured on the pattern. */
export const legOpening = (zone?: string, edgeId = 'leg'): Opening => ({
  id: 'leg',
  label: 'Leg opening',
  edge: edgeId,
  passes: 'foot',
  passesWhat: 'heel and instep',
  at: zone === undefined ? 'pattern' : { zone },
});

export const cuffOpening: Opening = {
  id: 'cuff',
  label: 'Cuff',
  edge: 'cuff',
  passes: 'hand',
  passesWhat: 'the hand',
  at: { zone: 'wrist' },
  easedOntoBand: true,
};

/** A gusset as it is usually drafted, mm (T, from memory). */
export const usualGusset: OperationOf<'gusset'> = {
  does: 'gusset',
  long: { adult: 115, child: 90 },
  front: { adult: 65, child: 50 },
  back: { adult: 75, child: 56 },
};
