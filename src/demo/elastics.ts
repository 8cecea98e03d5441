import { tensionOfWeight } from '@/core/cloth/pullCurve';
import type { Elastic } from '@/core/facts/elastic';
import { before } from './before';
import type { Household } from './householdType';

type Pull = readonly [restCm: number, pulledCm: number, releasedCm: number];

/** Elastics of every use, tested but for one; three of them sewn on as a sample, three pulled with weights. */
export function demoElastics(today: string): Household['elastics'] {
  const tests = (list: readonly Pull[]): Elastic['tests'] =>
    Object.fromEntries(
      list.map(([rest, pulled, released], at) => [
        `pull-${at + 1}`,
        { testedOn: before(today, 25), restMm: rest * 10, pulledMm: pulled * 10, releasedMm: released * 10 },
      ]),
    );
  const sewn = (beforeMm: number, afterMm: number): Elastic['sewn'] => ({
    sample: { sewnOn: before(today, 21), beforeMm, afterMm },
  });
  /** Weights hung on a length of it, one by one: lengths to the millimetre. */
  const weights = (widthMm: number, tS: number, S: number, k: number): NonNullable<Elastic['pulls']> => ({
    strip: {
      direction: 'along',
      pulledOn: before(today, 24),
      by: 'weights',
      widthMm,
      restMm: 200,
      points: Object.fromEntries(
        [100, 200, 400, 700, 1000].map((massG, at) => [
          `r${at + 1}`,
          {
            massG,
            branch: 'loading' as const,
            lengthMm: Math.round(200 * (1 + S * (tensionOfWeight(massG, widthMm) / tS) ** (1 / k))),
          },
        ]),
      ),
    },
  });
  return {
    'cove-swim': {
      name: 'Cove swim rubber',
      kind: 'swim rubber',
      widthMm: 8,
      swim: 'yes',
      latex: 'yes',
      skin: 'plain',
      onHandMm: 9000,
      countedOn: before(today, 40),
      tests: tests([
        [10, 20.4, 10.1],
        [10, 20.6, 10.1],
      ]),
      sewn: sewn(200, 204),
      pulls: weights(8, 620, 1.05, 1.3),
      notes: 'Dust it off before sewing, and use a longer stitch.',
    },
    'down-plush': {
      name: 'Down plush',
      kind: 'plush',
      widthMm: 19,
      swim: 'no',
      latex: 'no',
      skin: 'soft',
      onHandMm: 1500,
      countedOn: before(today, 12),
      tests: tests([
        [10, 18.2, 10.2],
        [10, 18.4, 10.2],
      ]),
      sewn: sewn(200, 208),
      pulls: weights(19, 480, 0.83, 1.4),
    },
    'shore-waist': {
      name: 'Shore waist plush',
      kind: 'plush',
      widthMm: 38,
      swim: 'no',
      latex: 'no',
      skin: 'soft',
      onHandMm: 1200,
      countedOn: before(today, 12),
      tests: tests([[10, 17.5, 10.2]]),
      sewn: {},
    },
    'fern-picot': {
      name: 'Fern picot',
      kind: 'picot',
      widthMm: 10,
      swim: 'no',
      latex: 'no',
      skin: 'soft',
      onHandMm: 4000,
      countedOn: before(today, 60),
      tests: tests([
        [10, 16.8, 10.1],
        [10, 17, 10.2],
      ]),
      sewn: {},
    },
    'quay-knitted': {
      name: 'Quay knitted',
      kind: 'knitted',
      widthMm: 38,
      cuttable: true,
      swim: 'no',
      latex: 'no',
      skin: 'plain',
      onHandMm: 3500,
      tests: tests([[10, 18.8, 10.2]]),
      sewn: {},
      pulls: weights(38, 390, 0.88, 1.3),
    },
    'quay-narrow': {
      name: 'Quay narrow',
      kind: 'knitted',
      widthMm: 10,
      swim: 'no',
      latex: 'no',
      skin: 'plain',
      onHandMm: 6000,
      tests: tests([
        [10, 19, 10.2],
        [10, 19.3, 10.2],
      ]),
      sewn: {},
    },
    'sound-swim': {
      name: 'Sound swim knit',
      kind: 'swim knit',
      widthMm: 19,
      swim: 'yes',
      latex: 'no',
      skin: 'soft',
      onHandMm: 2500,
      countedOn: before(today, 33),
      tests: tests([[10, 18.6, 10.1]]),
      sewn: sewn(200, 205),
    },
    'reed-clear': {
      name: 'Reed clear',
      kind: 'clear',
      widthMm: 6,
      swim: 'yes',
      latex: 'no',
      skin: 'plain',
      onHandMm: 6000,
      tests: {},
      sewn: {},
      notes: 'Not pulled yet.',
    },
    'tide-strap': {
      name: 'Tide strap',
      kind: 'strap',
      widthMm: 12,
      swim: 'no',
      latex: 'no',
      skin: 'soft',
      onHandMm: 2000,
      tests: tests([[10, 14.4, 10.1]]),
      sewn: {},
    },
    'jetty-waistband': {
      name: 'Jetty stretch waistband',
      kind: 'stretch waistband',
      widthMm: 50,
      swim: 'no',
      latex: 'no',
      skin: 'soft',
      onHandMm: 850,
      tests: tests([[10, 16, 10.2]]),
      sewn: {},
    },
  };
}

/** Rings and sliders of two sizes, a hook-and-eye, cups, tape, thread and needles. */
export function demoFindings(): Household['findings'] {
  return {
    'ring-12': { name: 'Rings 12', kind: 'ring', sizeMm: 12, onHand: 10, nickel: 'no' },
    'ring-15': { name: 'Rings 15', kind: 'ring', sizeMm: 15, onHand: 4, nickel: 'yes' },
    'slider-12': { name: 'Sliders 12', kind: 'slider', sizeMm: 12, onHand: 3, nickel: 'no' },
    'hook-19': { name: 'Hook-and-eye 19', kind: 'hook-and-eye', sizeMm: 19, onHand: 2 },
    'hook-38': { name: 'Hook-and-eye 38', kind: 'hook-and-eye', sizeMm: 38, onHand: 1 },
    'cups-oval': { name: 'Small oval cups', kind: 'cups', sizeMm: 130, onHand: 2, shape: 'small oval' },
    'shoulder-tape': { name: 'Knit stay tape', kind: 'tape', sizeMm: 10, lengthMm: 5000 },
    'grey-thread': { name: 'Grey polyester thread', kind: 'thread', lengthMm: 1_800_000, swim: 'yes' },
    'stretch-needles': { name: 'Stretch needles', kind: 'needles', needleNm: 75, onHand: 5 },
  };
}
