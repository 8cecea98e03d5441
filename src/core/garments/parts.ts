import type { BodyMeasure } from '../facts/wearer';
import type { Edge, NeededMeasure, Opening, Piece, Seam, Zone } from './garmentKind';

/** Parts that many garments share, so that each garment's file says only what is its own. */

export const need = (measure: BodyMeasure, why: string, required = true): NeededMeasure => ({
  measure,
  why,
  required,
});

/** Measured only to know how much cloth it takes. */
export const clothNeeds = (...measures: readonly BodyMeasure[]): readonly NeededMeasure[] =>
  measures.map((measure) => need(measure, 'the length of cloth it takes', false));

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

export const edge = (id: string, label: string, finish: Edge['finish'], zone?: string): Edge => ({
  id,
  label,
  finish,
  ...(zone ? { zone } : {}),
});

export const seam = (
  id: string,
  label: string,
  direction: Seam['direction'],
  demand: Seam['demand'],
  opening?: string,
): Seam => ({ id, label, direction, demand, ...(opening ? { opening } : {}) });

export const shoulderSeam = seam('shoulder', 'Shoulder', 'across', 'stay');
export const armholeSeam = seam('armhole', 'Sleeve seam', 'round', 'stretch');
export const sideSeam = seam('side', 'Side and underarm', 'along', 'still');

export const neckOpening: Opening = {
  id: 'neckline',
  label: 'Neckline',
  edge: 'neckline',
  passes: 'head',
  passesWhat: 'the head',
  at: 'neckline',
  stitch: 'seam',
};
export const hemOpening: Opening = {
  id: 'hem',
  label: 'Hem',
  edge: 'hem',
  passes: 'bust',
  passesWhat: 'the chest with arms raised',
  at: { zone: 'hip' },
  stitch: 'hem',
  easedOntoBand: true,
};
export const sleeveOpening: Opening = {
  id: 'sleeve-hem',
  label: 'Sleeve hem',
  edge: 'sleeve-hem',
  passes: 'hand',
  passesWhat: 'the hand',
  at: 'sleeve-hem',
  stitch: 'hem',
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
  stitch: 'seam',
});
/** The lower opening of a garment worn under the bust or over it, put on over the head. */
export const topOpening = (zone: string, edgeId: string): Opening => ({
  id: 'lower-edge',
  label: 'Lower edge',
  edge: edgeId,
  passes: 'bust',
  passesWhat: 'shoulders and bust with arms raised',
  at: { zone },
  stitch: 'seam',
});
/** A leg opening, as wide as a zone of the leg; without one it has to be measured on the pattern. */
export const legOpening = (zone?: string, edgeId = 'leg'): Opening => ({
  id: 'leg',
  label: 'Leg opening',
  edge: edgeId,
  passes: 'foot',
  passesWhat: 'heel and instep',
  at: zone === undefined ? 'pattern' : { zone },
  stitch: 'hem',
});

export const cuffOpening: Opening = {
  id: 'cuff',
  label: 'Cuff',
  edge: 'cuff',
  passes: 'hand',
  passesWhat: 'the hand',
  at: { zone: 'wrist' },
  stitch: 'seam',
  easedOntoBand: true,
};
