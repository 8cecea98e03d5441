import { isScalloped, type Cloth } from '../facts/cloth';
import type { CutWith } from '../facts/layout';

/** Lighter cloth than this creeps under the hand, g/m² (common practice, no source). */
const LIGHT_GSM = 120;

/** What to cut a cloth with and how to hold and mark it, a sentence each: by what it is cut with, and by what it is like. */
export function cuttingAdvice(cloth: Cloth, cutWith: CutWith): readonly string[] {
  const isOpen = cloth.dry === 'see-through' || cloth.ravels === 'runs' || isScalloped(cloth);
  const isLoose = isOpen || cloth.ravels === 'sheds' || cloth.drape === 'slinky';
  const isLight = cloth.weightGsm !== undefined && cloth.weightGsm < LIGHT_GSM;
  return [
    isOpen
      ? 'Lay it on a padded board and hold it by short pins, upright, within the pieces; then it does not creep.'
      : 'Weights on the pieces, the cloth flat on the table, nothing of it hanging over the edge.',
    cutWith === 'rotary'
      ? 'Cut away from yourself on a mat, and close the cutter when you put it down.'
      : 'Keep the lower blade on the table: what is lifted stretches while it is cut.',
    isLoose
      ? 'Chalk does not show on it: mark by pins or by clips of thread, before the paper comes off.'
      : 'Make notches and marks before the paper comes off, by chalk on the wrong side.',
    ...(isLight || cloth.drape === 'slinky'
      ? ['A sheet of thin paper under it keeps it square to the selvedge.']
      : []),
    ...(cloth.pile === 'yes'
      ? ['Single layer, the pile down: cut through the ground only, and brush off what comes loose.']
      : []),
    ...(cloth.curl === 'strongly'
      ? ['Its edges curl: press the allowances, or pin them down, before you cut.']
      : []),
    'A clip in the upper edge of every front tells it from a back.',
  ];
}
