import type { Cloth, ClothTest } from '@/core/facts/cloth';
import { newTee, type Garment } from '@/core/facts/garment';
import type { Wearer } from '@/core/facts/wearer';

/** The made-up household of a small lakeside circus school's costume corner. Nothing here is anybody's. */
export interface Household {
  readonly wearers: Readonly<Record<string, Wearer>>;
  readonly cloths: Readonly<Record<string, Cloth>>;
  readonly garments: Readonly<Record<string, Garment>>;
}

/** A day this many days before another, both `YYYY-MM-DD`. */
const before = (day: string, days: number): string =>
  new Date(Date.parse(day) - days * 86_400_000).toISOString().slice(0, 10);

export function household(today: string): Household {
  return { wearers: wearers(today), cloths: cloths(today), garments: garments(today) };
}

function wearers(today: string): Household['wearers'] {
  const set = (daysAgo: number, values: Wearer['measurements'][string]['values'], note?: string) => ({
    measuredOn: before(today, daysAgo),
    how: 'measured' as const,
    values,
    ...(note ? { note } : {}),
  });
  return {
    wren: {
      name: 'Wren',
      grown: 'child',
      bornOn: before(today, 6 * 365 + 120),
      notes: 'Juggles. Pulls every neck over the ears at once.',
      measurements: {
        autumn: set(520, { bust: 570, waist: 540, hip: 590, biceps: 170, head: 508 }),
        now: set(212, { bust: 590, waist: 550, hip: 620, biceps: 180, head: 515, hand: 165 }),
      },
    },
    tansy: {
      name: 'Tansy',
      grown: 'child',
      bornOn: before(today, 15 * 365 + 40),
      notes: 'On the trapeze: nothing loose at the waist.',
      measurements: { now: set(30, { bust: 820, waist: 660, hip: 880, biceps: 260, head: 550 }) },
    },
    odile: {
      name: 'Odile',
      grown: 'adult',
      measurements: { now: set(90, { bust: 960, waist: 790, hip: 1020, biceps: 300, head: 560, hand: 215 }) },
    },
    bram: {
      name: 'Bram',
      grown: 'adult',
      measurements: {
        now: set(60, { bust: 1060, waist: 940, hip: 1040, head: 590 }, 'Biceps still to measure.'),
      },
    },
  };
}

type Pull = readonly [
  restCm: number,
  pulledCm: number,
  releasedCm: number,
  widths?: readonly [number, number],
];

function cloths(today: string): Household['cloths'] {
  const pulls = (across: readonly Pull[], along: readonly Pull[]): Cloth['tests'] => {
    const entries = (direction: ClothTest['direction'], list: readonly Pull[]) =>
      list.map(([rest, pulled, released, widths], at): [string, ClothTest] => [
        `${direction}-${at + 1}`,
        {
          direction,
          testedOn: before(today, 20),
          restMm: rest * 10,
          pulledMm: pulled * 10,
          releasedMm: released * 10,
          ...(widths ? { restWidthMm: widths[0] * 10, pulledWidthMm: widths[1] * 10 } : {}),
        },
      ]);
    return Object.fromEntries([...entries('across', across), ...entries('along', along)]);
  };
  const cloth = (name: string, fibre: string, weightGsm: number, rest: Partial<Cloth>): Cloth => ({
    name,
    fibre,
    weightGsm,
    widthMm: 1500,
    onHandMm: 1500,
    washed: 'yes',
    tests: {},
    ...rest,
  });
  return {
    'heron-jersey': cloth('Heron jersey', 'cotton and elastane', 200, {
      thicknessMm: 0.6,
      tests: pulls(
        [
          [10, 14.4, 10.2, [5, 4.2]],
          [10, 14.5, 10.2],
          [10, 14.7, 10.3],
        ],
        [
          [10, 12.6, 10.1],
          [10, 12.8, 10.1],
        ],
      ),
    }),
    'marsh-rib': cloth('Marsh rib', 'cotton and elastane rib', 240, {
      widthMm: 700,
      onHandMm: 600,
      washed: 'no',
      thicknessMm: 0.9,
      tests: pulls(
        [
          [10, 20.8, 10.3, [8, 6.6]],
          [10, 21, 10.4],
          [10, 21.4, 10.4],
        ],
        [[10, 13, 10.1]],
      ),
    }),
    'loon-swim': cloth('Loon swim', 'nylon and elastane', 190, {
      onHandMm: 1350,
      tests: pulls(
        [
          [10, 17.7, 10.1],
          [10, 17.8, 10.1],
          [10, 18, 10.1],
        ],
        [[10, 15.6, 10.1]],
      ),
    }),
    'minnow-lining': cloth('Minnow lining', 'nylon and elastane tricot', 110, {
      tests: pulls([[10, 20, 10.2]], [[10, 16, 10.1]]),
    }),
    'pike-sport': cloth('Pike sport knit', 'polyester and elastane', 230, {
      tests: pulls(
        [
          [10, 17, 10.2],
          [10, 17.1, 10.2],
        ],
        [[10, 15, 10.1]],
      ),
    }),
    'eel-slinky': cloth('Eel slinky', 'viscose and elastane', 260, {
      tests: pulls(
        [
          [10, 19, 10.6],
          [10, 19.2, 10.6],
        ],
        [[10, 17, 10.5]],
      ),
      notes: 'Hangs heavy, creeps while it is cut.',
    }),
    'boulder-firm': cloth('Boulder firm knit', 'viscose and polyamide', 320, {
      thicknessMm: 1.2,
      tests: pulls(
        [
          [10, 12.2, 10.1],
          [10, 12.3, 10.1],
        ],
        [[10, 11.4, 10]],
      ),
    }),
    'driftwood-jersey': cloth('Driftwood jersey', 'viscose', 180, {
      tests: pulls(
        [
          [10, 15, 11.1],
          [10, 15.2, 11.2],
        ],
        [[10, 13, 10.6]],
      ),
      notes: 'Soft, but it stays where it was pulled.',
    }),
    'reed-lace': cloth('Reed lace', 'nylon and elastane lace', 120, {
      widthMm: 180,
      onHandMm: 2400,
      statedAcross: 0.6,
    }),
    'kettle-mesh': cloth('Kettle mesh', 'nylon power mesh', 130, {
      tests: pulls([[10, 16, 10.1]], [[10, 14, 10.1]]),
    }),
    'moth-jersey': cloth('Moth jersey', 'cotton', 160, { washed: 'no' }),
  };
}

function garments(today: string): Household['garments'] {
  const tee = (
    name: string,
    rest: Partial<Garment>,
    pattern: Partial<Garment['pattern']> = {},
    band: Partial<Garment['neckband']> = {},
  ): Garment => {
    const start = newTee(name);
    return {
      ...start,
      ...rest,
      pattern: { ...start.pattern, ...pattern },
      neckband: { ...start.neckband, ...band },
    };
  };
  const neck = (frontMm: number, backMm: number): Garment['pattern']['neckline'] => ({
    ...newTee('').pattern.neckline,
    frontMm,
    backMm,
  });
  const done = (ids: readonly string[], daysAgo: number): Garment['sewn'] =>
    Object.fromEntries(ids.map((id) => [id, { doneOn: before(today, daysAgo) }]));
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
  const pieces = { front: [], back: [], 'sleeve-left': [], 'sleeve-right': [] } as const;
  const small: Partial<Garment['pattern']> = {
    neckline: neck(220, 155),
    shoulderMm: 84,
    sleeveHemMm: 240,
    sleeveHemAllowanceMm: 13,
    hemAllowanceMm: 13,
    finished: { bust: 640, hip: 650 },
  };
  const agreed = { fit: true, bands: true } as const;
  const firstSteps = ['mark-front', 'swatch', 'press-hems', 'shoulders', 'sleeve-hems', 'sleeves'];
  const allSteps = [
    ...firstSteps,
    'sides',
    'measure-neck',
    'join-band',
    'mark-neck',
    'sew-band',
    'press-neck',
    'hem',
    'last-look',
  ];
  return {
    'ring-toss': tee(
      'Ring-toss tee',
      {
        wearerId: 'wren',
        outerClothId: 'heron-jersey',
        bandClothId: 'marsh-rib',
        agreed,
        cuts: cut({ ...pieces, neckband: [331, 42], 'stay-left': [84], 'stay-right': [84] }, 4),
        sewn: done(firstSteps, 2),
        stepNotes: {
          sleeves: { text: 'Left sleeve seam waved a little: put the differential to one point five.' },
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
    curtain: tee(
      'Curtain-call tee',
      {
        wearerId: 'odile',
        outerClothId: 'heron-jersey',
        bandClothId: 'heron-jersey',
        agreed,
        cuts: cut({ ...pieces, neckband: [455, 52], 'stay-left': [118], 'stay-right': [118] }, 9),
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
        machines: 'sewing-only',
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
        machines: 'sewing-only',
        topstitch: 'straight',
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
        cuts: cut({ ...pieces, neckband: [350, 42], 'stay-left': [82], 'stay-right': [82] }, 60),
        sewn: done(allSteps, 55),
        fittings: {
          first: {
            triedOn: before(today, 54),
            outcomes: { bust: 'right', hip: 'right', biceps: 'right', neckline: 'stands or gapes' },
            note: 'Comfortable, but the neckband stands up at the front.',
            next: 'Band a centimetre shorter, and out of rib.',
          },
        },
      },
      { ...small, shoulderMm: 82 },
      { finishedMm: 15, school: 'tenth' },
    ),
  };
}
