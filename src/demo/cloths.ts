import { tensionOfWeight } from '@/core/cloth/pullCurve';
import type { Cloth, ClothTest } from '@/core/facts/cloth';
import { before } from './before';
import type { Household } from './householdType';

type Pull = readonly [
  restCm: number,
  pulledCm: number,
  releasedCm: number,
  widths?: readonly [number, number],
];

/** Eleven cloths and a stack: one firm, one slinky, a lace, a mesh, a rib, and one that does not come back. */
export function demoCloths(today: string): Household['cloths'] {
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
  /** A strip with weights hung on it, one by one and off again: lengths to the millimetre. */
  const weights = (tS: number, S: number, k: number, lost: number): Cloth['pulls'] => {
    const [widthMm, restMm] = [50, 100];
    const grams = [50, 100, 200, 350, 500, 650];
    const reading = (massG: number, branch: 'loading' | 'unloading') => {
      const tension = tensionOfWeight(massG, widthMm) / (branch === 'loading' ? 1 : 1 - lost);
      return { massG, branch, lengthMm: Math.round(restMm * (1 + S * (tension / tS) ** (1 / k))) };
    };
    const points = [
      ...grams.map((massG) => reading(massG, 'loading')),
      ...grams
        .slice(0, -1)
        .toReversed()
        .map((massG) => reading(massG, 'unloading')),
    ];
    return {
      strip: {
        direction: 'across',
        pulledOn: before(today, 18),
        by: 'weights',
        widthMm,
        restMm,
        points: Object.fromEntries(points.map((point, at) => [`r${at + 1}`, point])),
      },
    };
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
      feel: 'medium',
      drape: 'medium',
      ravels: 'holds',
      curl: 'a little',
      dry: 'opaque',
      swim: 'no',
      nap: 'none',
      rightSide: 'Columns of V stitches are the face.',
      wash: { beforeAlongMm: 500, afterAlongMm: 480, beforeAcrossMm: 500, afterAcrossMm: 490 },
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
      feel: 'soft',
      drape: 'medium',
      ravels: 'holds',
      dry: 'opaque',
      swim: 'no',
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
      feel: 'medium',
      drape: 'medium',
      ravels: 'holds',
      curl: 'a little',
      dry: 'opaque',
      wet: 'a little',
      swim: 'yes',
      nap: 'none',
      thicknessMm: 0.6,
      pulls: weights(150, 0.78, 1.6, 0.2),
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
      feel: 'soft',
      drape: 'slinky',
      ravels: 'holds',
      dry: 'a little',
      wet: 'a little',
      swim: 'yes',
      nap: 'none',
      pulls: weights(70, 1, 1.8, 0.15),
      tests: pulls([[10, 20, 10.2]], [[10, 16, 10.1]]),
    }),
    'pike-sport': cloth('Pike sport knit', 'polyester and elastane', 230, {
      feel: 'firm',
      drape: 'sturdy',
      ravels: 'holds',
      dry: 'opaque',
      swim: 'no',
      nap: 'none',
      tests: pulls(
        [
          [10, 17, 10.2],
          [10, 17.1, 10.2],
        ],
        [[10, 15, 10.1]],
      ),
    }),
    'eel-slinky': cloth('Eel slinky', 'viscose and elastane', 260, {
      feel: 'soft',
      drape: 'slinky',
      ravels: 'sheds',
      dry: 'opaque',
      wet: 'a little',
      swim: 'no',
      nap: 'none',
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
      feel: 'firm',
      drape: 'sturdy',
      ravels: 'holds',
      dry: 'opaque',
      swim: 'no',
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
      feel: 'soft',
      drape: 'slinky',
      ravels: 'sheds',
      dry: 'opaque',
      swim: 'no',
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
      drape: 'medium',
      ravels: 'holds',
      dry: 'see-through',
      swim: 'no',
      nap: 'one way',
      widthMm: 180,
      onHandMm: 2400,
      statedAcross: 0.6,
    }),
    'kettle-mesh': cloth('Kettle mesh', 'nylon power mesh', 130, {
      feel: 'firm',
      drape: 'medium',
      ravels: 'holds',
      dry: 'see-through',
      wet: 'see-through',
      tests: pulls([[10, 16, 10.1]], [[10, 14, 10.1]]),
    }),
    'loon-minnow': {
      name: 'Loon over Minnow',
      washed: 'yes',
      tests: {},
      layers: {
        outer: { clothId: 'loon-swim', turned: false },
        lining: { clothId: 'minnow-lining', turned: false },
      },
      notes: 'Ordinary swim lining, for pieces that are not reversible.',
    },
    'moth-jersey': cloth('Moth jersey', 'cotton', 160, { washed: 'no' }),
  };
}
