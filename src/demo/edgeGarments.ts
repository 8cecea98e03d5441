import { newGarment, type EdgeChoice, type EdgeMeasured, type Garment } from '@/core/facts/garment';
import type { KindId } from '@/core/facts/kindIds';
import { before } from './before';
import type { Household } from './householdType';

type Edges = Readonly<Record<string, EdgeChoice>>;

/** An edge measured on its cut pieces, on its joined ring, or along the seamline itself. */
export const pieces = (wholeMm: number, backMm?: number): EdgeMeasured => ({
  as: 'pieces',
  wholeMm,
  ...(backMm === undefined ? {} : { backMm }),
});
export const ring = (wholeMm: number, backMm?: number): EdgeMeasured => ({
  ...pieces(wholeMm, backMm),
  as: 'ring',
});
export const seamline = (wholeMm: number): EdgeMeasured => ({ as: 'seamline', wholeMm });

/** A pattern, and the neckline as it is drawn on it. */
export type Drawn = Partial<Garment['pattern']> & { readonly neckline?: EdgeMeasured };
/** A neckline measured on its cut pieces, front and back. */
export const neck = (frontMm: number, backMm: number): EdgeMeasured => ({ as: 'pieces', frontMm, backMm });
/** The neckline's edge as it was measured, with what was chosen for it. */
export const atNeck = (measured?: EdgeMeasured, choice: EdgeChoice = {}): Edges =>
  measured || Object.keys(choice).length > 0
    ? { neckline: { ...choice, ...(measured ? { measured } : {}) } }
    : {};

/** Garments whose edges are the work: one of every kind that has none elsewhere, each edge measured and chosen. */
export function demoEdgeGarments(today: string): Household['garments'] {
  const made = (
    name: string,
    kind: KindId,
    rest: Partial<Garment>,
    edges: Edges,
    { neckline, ...pattern }: Drawn = {},
  ): Garment => {
    const start = newGarment(name, kind);
    const neckEdge = atNeck(neckline, edges.neckline);
    return { ...start, ...rest, edges: { ...edges, ...neckEdge }, pattern: { ...start.pattern, ...pattern } };
  };
  return {
    lakeside: made(
      'Lakeside tank',
      'shelf-bra-top',
      {
        style: 'fitted',
        wearerId: 'odile',
        outerClothId: 'pike-sport',
        liningClothId: 'pike-sport',
      },
      {
        neckline: { elasticId: 'quay-narrow' },
        armhole: { elasticId: 'quay-narrow', measured: pieces(455, 210) },
        'shelf-hem': {
          elasticId: 'down-plush',
          cupsId: 'cups-oval',
          gatheredFromMm: 860,
          gatheredAt: 'under each bust',
          rounds: {
            one: {
              triedOn: before(today, 3),
              bastedMm: 700,
              pinchedMm: 35,
              note: 'Rides up when she reaches.',
            },
            two: { triedOn: before(today, 2), bastedMm: 665, pinchedMm: 15 },
          },
        },
      },
      { neckline: neck(380, 260) },
    ),
    skipping: made(
      'Skipping-rope dress',
      'bound-tee',
      { wearerId: 'odile', outerClothId: 'heron-jersey', bandClothId: 'marsh-rib' },
      { neckline: {}, 'sleeve-hem': { measured: ring(330) } },
      { neckline: neck(340, 200) },
    ),
    confetti: made(
      'Confetti crop',
      'lettuce-top',
      {
        wearerId: 'tansy',
        outerClothId: 'heron-jersey',
        bandClothId: 'heron-jersey',
        patternId: 'confetti-crop',
      },
      { 'sleeve-edge': { rippleShare: 0.3 } },
    ),
    finale: made(
      'Finale blouse',
      'shaped-blouse',
      { wearerId: 'odile', outerClothId: 'heron-jersey', liningClothId: 'minnow-lining' },
      {
        collar: { measured: { ...ring(560, 240), turnRad: -4.2 } },
        flounce: { measured: ring(320), gatheredFromMm: 520 },
        shoulder: { elasticId: 'reed-clear' },
      },
      { neckline: neck(330, 190), shoulderMm: 118 },
    ),
    interval: made(
      'Interval pullover',
      'collar-pullover',
      { wearerId: 'odile', outerClothId: 'eel-slinky' },
      { 'sleeve-hem': { measured: ring(280) } },
      { neckline: neck(420, 200) },
    ),
    backstage: made(
      'Backstage cardigan',
      'cardigan',
      { style: 'loose', wearerId: 'odile', outerClothId: 'boulder-firm', bandClothId: 'marsh-rib' },
      {
        'front-band': { measured: pieces(1760), parts: 3 },
        hem: { measured: pieces(1120, 560), parts: 2 },
        shoulder: { elasticId: 'reed-clear' },
      },
      { shoulderMm: 124 },
    ),
    'warm-up': made(
      'Warm-up trousers',
      'foldover-trousers',
      {
        wearerId: 'tansy',
        outerClothId: 'pike-sport',
        bandClothId: 'pike-sport',
        patternId: 'warm-up-leg',
      },
      {},
    ),
    trinket: made(
      'Trinket panties',
      'lace-panties',
      { wearerId: 'odile', outerClothId: 'reed-lace', liningClothId: 'heron-jersey' },
      {
        leg: { elasticId: 'fern-picot', sections: { front: 215, gusset: 80 } },
        'back-top': { elasticId: 'fern-picot' },
        'side-strap': {
          elasticId: 'tide-strap',
          ringId: 'ring-12',
          sliderId: 'slider-12',
          frontRingsMm: 370,
          backRingsMm: 350,
        },
      },
    ),
    spotlight: made(
      'Spotlight top',
      'one-shoulder-top',
      {
        wearerId: 'tansy',
        outerClothId: 'loon-swim',
        liningClothId: 'minnow-lining',
        bandClothId: 'loon-swim',
      },
      {
        'upper-edge': { elasticId: 'reed-clear', measured: pieces(690) },
        armhole: { elasticId: 'reed-clear', measured: pieces(430) },
        strap: { elasticId: 'quay-narrow', measured: seamline(330) },
        band: { elasticId: 'down-plush' },
      },
    ),
    'dressing-room': made(
      'Dressing-room bralette',
      'bralette',
      { wearerId: 'odile', outerClothId: 'reed-lace', bandClothId: 'kettle-mesh' },
      {
        band: { elasticId: 'down-plush' },
        strap: { elasticId: 'tide-strap', ringId: 'ring-12', sliderId: 'slider-12' },
        closure: { hookId: 'hook-19' },
      },
    ),
    'first-bra': made(
      'First test bra',
      'bra',
      {
        wearerId: 'odile',
        outerClothId: 'reed-lace',
        liningClothId: 'kettle-mesh',
        bandClothId: 'kettle-mesh',
      },
      {
        'upper-cup': { elasticId: 'fern-picot', measured: seamline(230) },
        underarm: { elasticId: 'fern-picot', measured: seamline(290) },
        band: { elasticId: 'fern-picot' },
        strap: { elasticId: 'tide-strap', ringId: 'ring-15', sliderId: 'slider-12' },
        closure: { finishedMm: 38, hookId: 'hook-38' },
      },
    ),
    twirl: made(
      'Twirl skirt',
      'stretch-waist',
      { style: 'loose', wearerId: 'odile', outerClothId: 'heron-jersey', patternId: 'twirl-skirt' },
      { waist: { elasticId: 'jetty-waistband', gatheredFromMm: 1120 } },
    ),
    mended: made(
      'Mended fisherman’s neck',
      'knit-band',
      { wearerId: 'bram', outerClothId: 'boulder-firm', bandClothId: 'marsh-rib' },
      {},
      {
        neckline: ring(520, 210),
      },
    ),
  };
}
