import { numberOf } from '../../facts/spec';
import { MM_IN_M, PRESSURE as PRESSURE_NUMBER } from '../../fit/fitNumbers';
import { COMFORT_PA } from '../../fit/pressure';

/** What sums of hold and pressure share: a power-law curve, its tension, and what that presses with. */
export const CURVE = (mostNPerM: number, usual: Readonly<Record<'tS' | 'S' | 'k', number>>) =>
  ({
    tS: {
      as: 'TS',
      field: numberOf('nPerM', 'Tension at its comfortable stretch', 1, mostNPerM),
      mark: 'measured',
      usual: usual.tS,
    },
    S: {
      as: 'S',
      field: numberOf('share', 'Comfortable stretch', 0.01, 4),
      mark: 'measured',
      usual: usual.S,
    },
    k: {
      as: 'k',
      field: numberOf('ratio', 'How steeply it stiffens, 1 to 3', 0.5, 6),
      said: 'how steeply it stiffens',
      mark: 'measured',
      usual: usual.k,
    },
  }) as const;

/** The body’s girth, counted in millimetres for the pressure. */
export const BODY_MM = { as: 'Gmm', said: 'body, mm' } as const;

export const pressureRules = { mm: MM_IN_M } as const;

export const WORN = { as: 'e', unit: 'share', mark: 'D' } as const;
export const TENSION = {
  as: 'T',
  id: 'tension',
  unit: 'nPerM',
  mark: 'D',
  formula: 'TS * (e / S) ^ k',
} as const;
export const PRESSURE = {
  as: 'P',
  id: 'pressure',
  ...PRESSURE_NUMBER,
  where: { G: 'Gmm' },
} as const;

export const tooTight = (pressurePa: number): boolean => pressurePa >= COMFORT_PA.from;
export const UNDER_COMFORT =
  'Under 6 kPa, where comfort falls off. After surgery, with poor circulation, swelling, diabetes or pregnancy ask a clinician.';
