import { draftedGarments } from './draftedGarments';
import { newGarment, newTee, type EdgeChoice, type Garment } from '@/core/facts/garment';
import { before } from './before';
import { atNeck, demoEdgeGarments, neck, pieces, type Drawn } from './edgeGarments';
import type { Household } from './householdType';

/** Garments at every stage: one finished with notes, and some that cannot work as planned and say why. */
export function demoGarments(today: string): Household['garments'] {
  const tee = (
    name: string,
    rest: Partial<Garment>,
    { neckline, ...pattern }: Drawn = {},
    band: EdgeChoice = {},
  ): Garment => {
    const start = newTee(name);
    return {
      ...start,
      ...rest,
      pattern: { ...start.pattern, ...pattern },
      edges: atNeck(neckline, band),
    };
  };
  const done = (ids: readonly (readonly [string, number])[], daysAgo: number): Garment['sewn'] =>
    Object.fromEntries(ids.map(([id, minutes]) => [id, { doneOn: before(today, daysAgo), minutes }]));
  const cut = (
    rows: Readonly<Record<string, readonly [number?, number?]>>,
    daysAgo: number,
  ): Garment['cuts'] =>
    Object.fromEntries(
      Object.entries(rows).map(([id, [lengthMm, widthMm]]) => [
        id,
        { cutOn: before(today, daysAgo), ...(lengthMm ? { lengthMm } : {}), ...(widthMm ? { widthMm } : {}) },
      ]),
    );
  const frontToBack = { front: [], back: [], 'sleeve-left': [], 'sleeve-right': [] } as const;
  const small: Drawn = {
    neckline: neck(220, 155),
    shoulderMm: 84,
    sleeveHemMm: 240,
    sleeveHemAllowanceMm: 13,
    hemAllowanceMm: 13,
    finished: { bust: 640, hip: 650 },
  };
  const agreed = { fit: true, bands: true } as const;
  const firstSteps = [
    ['mark-front', 2],
    ['press-hems', 8],
    ['shoulder', 9],
    ['armhole', 15],
  ] as const;
  const otherSteps = [
    ['swatch-zigzag-seam', 4],
    ['swatch-cover2', 6],
    ['swatch-overlock4', 5],
    ['side', 14],
    ['neckline-measure', 3],
    ['neckline-join', 6],
    ['neckline-mark', 6],
    ['neckline-sew', 16],
    ['neckline-press', 3],
    ['sleeve-hem', 15],
    ['length-try', 4],
    ['hem', 9],
    ['last-look', 10],
  ] as const;
  const allSteps = [...firstSteps, ...otherSteps];
  return {
    'ring-toss': tee(
      'Ring-toss tee',
      {
        wearerId: 'wren',
        outerClothId: 'heron-jersey',
        bandClothId: 'marsh-rib',
        agreed,
        cuts: cut({ ...frontToBack, neckband: [331, 42], 'stay-left': [84], 'stay-right': [84] }, 4),
        sewn: done(firstSteps, 2),
        machineSetId: 'corner',
        wrong: {
          waved: {
            on: before(today, 2),
            step: 'armhole',
            symptom: 'wavy',
            cause: 'differential-up',
          },
        },
        stepNotes: {
          armhole: { text: 'Left sleeve seam waved a little: put the differential to one point five.' },
        },
      },
      small,
      { finishedMm: 15 },
    ),
    matinee: tee(
      'Matinee tee',
      {
        wearerId: 'odile',
        outerClothId: 'pike-sport',
        bandClothId: 'pike-sport',
        style: 'fitted',
        agreed,
        cuts: cut({ front: [], back: [] }, 1),
      },
      { neckline: neck(330, 190), shoulderMm: 118, finished: { bust: 910, waist: 800, hip: 960 } },
    ),
    rehearsal: tee('Rehearsal tee', {
      wearerId: 'bram',
      outerClothId: 'heron-jersey',
      bandClothId: 'marsh-rib',
      patternId: 'rehearsal-tee',
      agreed: {},
      alterations: [
        { id: 'to-plan', change: 'girths' },
        { id: 'lower', change: 'edge', piece: 'front', edge: 'neckline', startMm: 10 },
      ],
    }),
    curtain: tee(
      'Curtain-call tee',
      {
        wearerId: 'odile',
        outerClothId: 'heron-jersey',
        bandClothId: 'heron-jersey',
        agreed,
        cuts: cut({ ...frontToBack, neckband: [455, 52], 'stay-left': [118], 'stay-right': [118] }, 9),
        sewn: done(allSteps, 3),
      },
      { neckline: neck(330, 190), shoulderMm: 118, finished: { bust: 970, hip: 1030 } },
    ),
    lantern: tee(
      'Lantern tee',
      {
        wearerId: 'tansy',
        outerClothId: 'eel-slinky',
        bandClothId: 'eel-slinky',
        style: 'fitted',
        agreed: { fit: true },
      },
      { neckline: neck(300, 175), shoulderMm: 105 },
    ),
    trapeze: tee(
      'Trapeze tee',
      {
        wearerId: 'tansy',
        outerClothId: 'loon-swim',
        bandClothId: 'loon-swim',
        style: 'fitted',
        machineSetId: 'tour',
      },
      { neckline: neck(310, 180), shoulderMm: 105 },
      { finishedMm: 15 },
    ),
    rigging: tee(
      'Rigging tee',
      { wearerId: 'bram', outerClothId: 'heron-jersey', bandClothId: 'marsh-rib', style: 'loose' },
      { neckline: neck(340, 200) },
    ),
    moth: tee('Understudy tee', { wearerId: 'odile', outerClothId: 'moth-jersey' }),
    buoy: tee(
      'Buoy tee',
      {
        wearerId: 'wren',
        outerClothId: 'boulder-firm',
        bandClothId: 'boulder-firm',
        machineSetId: 'sewing-only',
        topstitched: true,
        picks: { 'neckline-topstitch': { stitch: 'straight-top' } },
      },
      { ...small, neckline: neck(200, 140) },
      { finishedMm: 25 },
    ),
    driftwood: tee(
      'Driftwood tee',
      {
        wearerId: 'odile',
        outerClothId: 'driftwood-jersey',
        bandClothId: 'driftwood-jersey',
        style: 'fitted',
      },
      { neckline: neck(330, 190), shoulderMm: 118 },
    ),
    overture: tee(
      'Overture tee',
      {
        wearerId: 'wren',
        outerClothId: 'heron-jersey',
        bandClothId: 'pike-sport',
        agreed,
        cuts: cut({ ...frontToBack, neckband: [350, 42], 'stay-left': [82], 'stay-right': [82] }, 60),
        sewn: done(allSteps, 55),
        fittings: {
          first: {
            triedOn: before(today, 54),
            held: 'sewn',
            outcomes: { bust: 'right', hip: 'right', biceps: 'right', neckline: 'stands or gapes' },
            worn: {
              bust: { scale: 'looser', at: 0 },
              hip: { scale: 'looser', at: 0 },
              biceps: { scale: 'looser', at: 0 },
              neckline: { scale: 'curve', at: 0.58 },
            },
            note: 'Comfortable, but the neckband stands up at the front.',
            next: 'Band a centimetre shorter, and out of rib.',
          },
        },
      },
      { ...small, shoulderMm: 82 },
      { finishedMm: 15, school: 'tenth' },
    ),
    'otter-top': {
      ...newGarment('Otter swim top', 'crop-top'),
      wearerId: 'odile',
      outerClothId: 'loon-swim',
      liningClothId: 'minnow-lining',
      patternId: 'otter-top',
      edges: {
        neckline: { elasticId: 'cove-swim', measured: pieces(645, 270) },
        armhole: { elasticId: 'cove-swim', measured: pieces(430, 200) },
        'lower-edge': { elasticId: 'cove-swim' },
      },
    },
    'otter-bottoms': {
      ...newGarment('Otter swim bottoms', 'briefs'),
      wearerId: 'odile',
      outerClothId: 'loon-swim',
      liningClothId: 'minnow-lining',
      patternId: 'otter-bottoms',
      likeId: 'heirloom',
      fit: { hip: { school: 'transfer' } },
      edges: {
        waist: { elasticId: 'cove-swim' },
        leg: { elasticId: 'cove-swim', school: 'parts', sections: { front: 205, back: 262, gusset: 84 } },
      },
    },
    regatta: {
      ...newGarment('Regatta one-piece', 'shelf-bra-top'),
      wearerId: 'tansy',
      outerClothId: 'loon-swim',
      liningClothId: 'minnow-lining',
      edges: {
        neckline: { elasticId: 'cove-swim', measured: neck(430, 390) },
        armhole: { elasticId: 'cove-swim', measured: pieces(420, 190) },
        'shelf-hem': { elasticId: 'sound-swim' },
        leg: { elasticId: 'cove-swim' },
      },
    },
    tightrope: {
      ...newGarment('Tightrope leggings', 'leggings'),
      wearerId: 'tansy',
      outerClothId: 'heron-jersey',
      bandClothId: 'heron-jersey',
    },
    somersault: {
      ...newGarment('Somersault leggings', 'leggings'),
      wearerId: 'tansy',
      outerClothId: 'loon-swim',
      bandClothId: 'loon-swim',
      agreed: { fit: true },
      edges: { waist: { elasticId: 'quay-knitted' } },
    },
    ringmaster: {
      ...newGarment('Ringmaster sweatshirt', 'raglan'),
      style: 'loose',
      wearerId: 'bram',
      outerClothId: 'boulder-firm',
      bandClothId: 'marsh-rib',
      edges: { ...atNeck(neck(340, 200)), hem: { parts: 2 } },
    },
    anchor: {
      ...newGarment('Anchor boxer briefs', 'boxer-briefs'),
      wearerId: 'bram',
      outerClothId: 'pike-sport',
      edges: { waist: { elasticId: 'shore-waist' } },
    },
    ...demoEdgeGarments(today),
    ...draftedGarments(),
  };
}
