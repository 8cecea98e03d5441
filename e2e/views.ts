/** Every view of the product, by name. */
export const views: readonly (readonly [name: string, path: string])[] = [
  ['On the table', '/'],
  ['Garments', '/garments'],
  ['New garment', '/garments/new'],
  ['Cloth', '/cloth'],
  ['A cloth', '/cloth/heron-jersey'],
  ['Wearers', '/wearers'],
  ['A wearer', '/wearers/wren'],
  ...(['measure', 'stretch', 'fit', 'bands', 'cut', 'sew', 'wear'] as const).map(
    (stage) => [`A garment, ${stage}`, `/garments/ring-toss?stage=${stage}`] as const,
  ),
  ['A garment that cannot work', '/garments/buoy?stage=bands'],
  ['A ticket for paper', '/garments/ring-toss/ticket'],
  ['Nothing there', '/garments/nobody'],
];
