import type { KindId } from '../../facts/kindIds';
import { boxerBriefs, briefs, foldoverTrousers, lacePanties, leggings, stretchWaist } from './bottoms';
import { bra, bralette, cropTop, oneShoulderTop, shelfBraTop } from './closeTops';
import type { Recipe } from './recipe';
import { boundTee, cardigan, collarPullover, knitBand, lettuceTop, raglan, shapedBlouse, tee } from './tops';

/** How each kind of garment is put together. */
export const recipes: Readonly<Record<KindId, Recipe>> = {
  tee,
  'bound-tee': boundTee,
  raglan,
  'lettuce-top': lettuceTop,
  'shelf-bra-top': shelfBraTop,
  'shaped-blouse': shapedBlouse,
  'collar-pullover': collarPullover,
  cardigan,
  leggings,
  'foldover-trousers': foldoverTrousers,
  'boxer-briefs': boxerBriefs,
  'lace-panties': lacePanties,
  briefs,
  'crop-top': cropTop,
  'one-shoulder-top': oneShoulderTop,
  bralette,
  bra,
  'stretch-waist': stretchWaist,
  'knit-band': knitBand,
};
