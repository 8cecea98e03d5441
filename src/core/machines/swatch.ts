import { ROUNDING, isAtMost } from '../units/tolerance';
import { formula } from '../explain/formula';
import type { SetupCard } from '../facts/machine';

/** A seam counts as waved or puckered when it changed by more than this (an estimate: a millimetre in ten centimetres). */
export const SWATCH_TOLERANCE = 0.01;

/** Differential feeds of ordinary machines run from 0.6 to 2.0 (T). */
export const DIFFERENTIAL_RANGE = [0.6, 2] as const;

/** The ratio that undoes what a swatch did: waved, multiply by what it grew; puckered, divide (D). Clamped to the range. */
export const nextDifferential = formula(
  'min(most, max(least, d * after / before))',
  'd',
  'before',
  'after',
  'least',
  'most',
);

/** How far the sewn seam stretched before it resisted or popped, of its length as it lay; `undefined` where it was not pulled. */
export function measuredCapacity({ beforeMm, afterMm, reachedMm }: Partial<SetupCard>): number | undefined {
  const rest = afterMm ?? beforeMm;
  return rest === undefined || reachedMm === undefined ? undefined : reachedMm / rest - 1;
}

interface SwatchAdvice {
  readonly state: 'flat' | 'waved' | 'puckered' | 'not measured';
  /** How much longer it came out, under zero where shorter. */
  readonly grew?: number;
  readonly differential?: number;
  /** The ratio that was wanted lies beyond the machine: the rest is for foot and hands. */
  readonly clamped?: boolean;
  /** What else to do, in order. */
  readonly lines: readonly string[];
}

/** What a swatch says about differential feed, foot pressure and tension. */
export function swatchAdvice(
  card: Pick<SetupCard, 'beforeMm' | 'afterMm' | 'setup'>,
  range: readonly [number, number] | undefined,
): SwatchAdvice {
  const { beforeMm, afterMm, setup } = card;
  if (beforeMm === undefined || afterMm === undefined) return { state: 'not measured', lines: [] };
  const grew = afterMm / beforeMm - 1;
  if (isAtMost(Math.abs(grew), SWATCH_TOLERANCE))
    return { state: 'flat', grew, lines: ['It lies as long as it was: keep these settings.'] };
  const waved = grew > 0;
  const ratio = setup.differential;
  const next =
    range && ratio !== undefined ? nextDifferential(ratio, beforeMm, afterMm, ...range) : undefined;
  const wanted = ratio === undefined ? undefined : (ratio * afterMm) / beforeMm;
  const clamped = next !== undefined && wanted !== undefined && Math.abs(next - wanted) > ROUNDING;
  const lines = waved
    ? [
        'One step lighter on the foot.',
        'Let the feed take the cloth: no pulling.',
        'A walking foot or tissue under it.',
      ]
    : ['Loosen the needle tension by one.', 'A shorter stitch.', 'A finer needle.'];
  return {
    state: waved ? 'waved' : 'puckered',
    grew,
    ...(next === undefined ? {} : { differential: next }),
    ...(clamped ? { clamped } : {}),
    lines,
  };
}
