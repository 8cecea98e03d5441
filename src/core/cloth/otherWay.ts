import type { ClothDirection } from '../facts/cloth';

/** The direction square to one; of a cloth whose greatest stretch is not known, across. */
export const otherWay = (way: ClothDirection | undefined): ClothDirection =>
  way === 'across' ? 'along' : 'across';
