import type { KindId } from '../../../facts/kindIds';
import { boundTee } from './boundTee';
import { boxerBriefs } from './boxerBriefs';
import { bra } from './bra';
import { bralette } from './bralette';
import { briefs } from './briefs';
import { cardigan } from './cardigan';
import { collarPullover } from './collarPullover';
import { cropTop } from './cropTop';
import { foldoverTrousers } from './foldoverTrousers';
import { knitBand } from './knitBand';
import { lacePanties } from './lacePanties';
import { leggings } from './leggings';
import { lettuceTop } from './lettuceTop';
import { oneShoulderTop } from './oneShoulderTop';
import { raglan } from './raglan';
import { shapedBlouse } from './shapedBlouse';
import { shelfBraTop } from './shelfBraTop';
import { stretchWaist } from './stretchWaist';
import { tee } from './tee';
import type { Recipe } from '../recipe';

/** How each kind of garment is put together. Constraints are the trade's (T); each order is a usual written one. */
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

export { cutOff, offId } from './cutOff';
export { edge } from './edges';
export { mends } from './mends';
export { seamToTake } from './seamToTake';
