import { leaf, type Working } from '../explain/ledger';
import type { Explained } from '../explain/explained';
import type { BodyMeasure } from '../facts/wearer';
import { curveThrough } from '../geometry/monotone';

interface Estimating {
  readonly body: (measure: BodyMeasure) => Explained;
  readonly child: boolean;
  readonly ageYears: number | undefined;
  readonly has: (measure: BodyMeasure) => boolean;
}

type Estimate = Pick<Working, 'formula' | 'terms'>;

/** Medians of height by age in years, mm, of girls and boys together (S, from memory: WHO child growth standards, and reference from 5 years). */
const HEIGHT_BY_AGE = [
  [2, 864],
  [3, 956],
  [4, 1030],
  [5, 1097],
  [8, 1270],
  [10, 1382],
  [12, 1500],
  [14, 1610],
  [18, 1680],
] as const;
const heightAt = curveThrough(HEIGHT_BY_AGE.map(([x, y]) => ({ x, y })));
/** An adult of middle height, mm (from memory). */
const ADULT_HEIGHT_MM = 1650;
/** A child’s height where its age is not told: so many times the chest (from memory, unchecked). */
const HEIGHT_OF_CHEST = 1.85;

/** A part of another measure (T, from memory: lengths as shares of the height are those usual in home drafting; girths unchecked). */
const PART_OF: Partial<Readonly<Record<BodyMeasure, readonly [BodyMeasure, number]>>> = {
  backLength: ['stature', 0.25],
  bodyRise: ['stature', 0.16],
  inseam: ['stature', 0.45],
  armLength: ['stature', 0.33],
  underbust: ['bust', 0.86],
  highBust: ['bust', 0.96],
  waist: ['hip', 0.78],
  lowHip: ['hip', 0.95],
  biceps: ['bust', 0.32],
  wrist: ['biceps', 0.56],
  thigh: ['hip', 0.6],
  legTop: ['hip', 0.61],
  knee: ['thigh', 0.65],
  calf: ['thigh', 0.63],
  ankle: ['thigh', 0.4],
  rise: ['hip', 0.7],
  neck: ['bust', 0.39],
  strap: ['bust', 0.36],
  pouch: ['hip', 0.16],
  cup: ['bust', 0.22],
};

/** How a measure that nobody took is estimated, marked as such. Bust and hip stand for each other where only one is known. */
export function estimateOf(measure: BodyMeasure, { body, child, ageYears, has }: Estimating): Estimate {
  const part = (of: BodyMeasure, share: number): Estimate => ({
    formula: 'share * G',
    terms: { share: leaf('its usual part', share, 'ratio', 'T, from memory'), G: body(of) },
  });
  switch (measure) {
    case 'stature': {
      if (child && ageYears === undefined && (has('bust') || has('hip')))
        return part('bust', HEIGHT_OF_CHEST);
      const mm = child ? heightAt(ageYears ?? UNTOLD_AGE) : ADULT_HEIGHT_MM;
      return {
        formula: 'x',
        terms: {
          x: leaf(child ? 'median of the age' : 'an adult of middle height', mm, 'mm', 'S, from memory'),
        },
      };
    }
    case 'lowRise':
      return {
        formula: 'rise - 2 * down * H',
        terms: {
          rise: body('rise'),
          down: leaf(
            'sits below the waist by, as a part of the height',
            LOW_OF_HEIGHT,
            'ratio',
            'T, from memory',
          ),
          H: body('stature'),
        },
      };
    case 'loop':
      return {
        formula: 'times * back + rise',
        terms: {
          times: leaf('from shoulder to waist, front and back', 2.18, 'ratio', 'T, from memory'),
          back: body('backLength'),
          rise: body('rise'),
        },
      };
    case 'bust':
      if (has('hip')) return part('hip', 0.95);
      return has('underbust') ? part('underbust', 1.16) : middle(child ? 600 : 920);
    case 'hip':
      if (has('bust')) return part('bust', 1.05);
      return has('waist') ? part('waist', 1.28) : middle(child ? 630 : 970);
    default: {
      const [of, share] = PART_OF[measure] ?? ['bust', 0.3];
      return part(of, share);
    }
  }
}
const middle = (mm: number): Estimate => ({
  formula: 'x',
  terms: { x: leaf('somebody of middle size', mm, 'mm', 'T, from memory') },
});
const UNTOLD_AGE = 6;
/** Where a low top edge sits: from the waist two thirds of the way to the hip, which lies 0.12 of the height down (T, from memory). */
const LOW_OF_HEIGHT = 0.08;
