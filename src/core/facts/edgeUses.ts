/** How an edge is finished. */
export const finishIds = [
  'band',
  'binding',
  'elastic',
  'facing',
  'hem',
  'lettuce',
  'left as it is',
  'stay',
] as const;
export type Finish = (typeof finishIds)[number];

/** What is sewn to an edge and how: the rule row it follows. Their data is `elastics/uses.ts`. */
export const useIds = [
  'neckband',
  'cuff',
  'hem-band',
  'waistband',
  'waistband-elastic',
  'front-band',
  'sports-band',
  'flat-binding',
  'turned',
  'concealed',
  'lingerie',
  'shelf-bra',
  'casing',
  'exposed',
  'stretch-waistband',
  'strap',
  'side-strap',
  'extra-strap',
  'hook-and-eye',
  'facing',
  'hem',
  'lettuce',
  'left',
  'stay',
] as const;
export type UseId = (typeof useIds)[number];
