/** The garments of the catalogue, in the order a sewist meets them. A garment's data is `garments/<id>.ts`. */
export const kindIds = [
  'tee',
  'bound-tee',
  'raglan',
  'lettuce-top',
  'shelf-bra-top',
  'shaped-blouse',
  'collar-pullover',
  'cardigan',
  'leggings',
  'foldover-trousers',
  'boxer-briefs',
  'lace-panties',
  'briefs',
  'crop-top',
  'one-shoulder-top',
  'bralette',
  'bra',
  'stretch-waist',
  'knit-band',
] as const;
export type KindId = (typeof kindIds)[number];
