import { newGarment, type Garment } from '@/core/facts/garment';

/** Garments without a pattern: their pieces are drafted from the wearer's measures and the cloth. */
export const draftedGarments = (): Readonly<Record<string, Garment>> => ({
  cartwheel: {
    ...newGarment('Cartwheel tee', 'tee'),
    wearerId: 'wren',
    outerClothId: 'heron-jersey',
    bandClothId: 'marsh-rib',
    edges: { neckline: { finishedMm: 15 } },
    draft: { shaped: { length: 400 } },
  },
  springboard: {
    ...newGarment('Springboard leggings', 'leggings'),
    wearerId: 'tansy',
    outerClothId: 'loon-swim',
    bandClothId: 'loon-swim',
    edges: { waist: { elasticId: 'quay-knitted' } },
    draft: {},
  },
  ripple: {
    ...newGarment('Ripple briefs', 'briefs'),
    style: 'fitted',
    wearerId: 'odile',
    outerClothId: 'pike-sport',
    draft: {},
  },
  encore: {
    ...newGarment('Encore raglan', 'raglan'),
    style: 'loose',
    wearerId: 'bram',
    outerClothId: 'boulder-firm',
    bandClothId: 'marsh-rib',
    draft: { shaped: { 'neck-front': 120, 'neck-width': 20 } },
  },
});
