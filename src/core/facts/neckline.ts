import type { EdgeChoice, EdgeMeasured, Garment } from './garment';

/** The neck turns this far in all: four quarters of 90° less a 20° shoulder slope (D). */
export const DEFAULT_NECK_TURN_RAD = (280 * Math.PI) / 180;

/** The share of the curve a flat-lying band takes off: knit and steam absorb the rest (D). */
export const DEFAULT_EASE_IN = 0.84;
/** A neckband's finished width until one is chosen, mm (T). */
const DEFAULT_BAND_MM = 20;

export const bandSchools = ['flat', 'fixed', 'tenth', 'fifth', 'stretch', 'usual', 'pattern', 'own'] as const;
export type BandSchool = (typeof bandSchools)[number];

/** A neckline as it was measured, with what is usual where nothing was said, lengths mm. */
export type NecklineMeasured = Pick<EdgeMeasured, 'as' | 'wholeMm' | 'frontMm' | 'backMm'> &
  Readonly<Record<'allowanceMm' | 'shoulderAllowanceMm' | 'turnRad', number>>;

/** The neckline of a garment; see `edges/seamline.ts` for how it becomes a seamline. */
export function necklineOf({ edges, pattern }: Pick<Garment, 'edges' | 'pattern'>): NecklineMeasured {
  const measured: Partial<EdgeMeasured> = edges?.neckline?.measured ?? {};
  const { as = 'pieces', wholeMm, frontMm, backMm, ...more } = measured;
  return {
    as,
    ...(wholeMm === undefined ? {} : { wholeMm }),
    ...(frontMm === undefined ? {} : { frontMm }),
    ...(backMm === undefined ? {} : { backMm }),
    allowanceMm: more.allowanceMm ?? pattern.seamAllowanceMm,
    shoulderAllowanceMm: more.crossingAllowanceMm ?? pattern.seamAllowanceMm,
    turnRad: more.turnRad ?? DEFAULT_NECK_TURN_RAD,
  };
}

/** How a neckband is wished for, with what is usual where nothing was said. */
export type Neckband = Required<
  Pick<EdgeChoice, 'finishedMm' | 'direction' | 'easeIn' | 'marks' | 'joinAt'>
> &
  Pick<EdgeChoice, 'ownMm' | 'printedCutMm' | 'shape' | 'pointRad'> & {
    readonly school: BandSchool;
    readonly makeUpNarrowing: boolean;
  };

export function neckbandOf({ edges }: Pick<Garment, 'edges'>): Neckband {
  const { school, ...choice } = edges?.neckline ?? {};
  return {
    ...choice,
    finishedMm: choice.finishedMm ?? DEFAULT_BAND_MM,
    direction: choice.direction ?? 'across',
    school: bandSchools.find((one) => one === school) ?? 'flat',
    easeIn: choice.easeIn ?? DEFAULT_EASE_IN,
    marks: choice.marks ?? 'auto',
    joinAt: choice.joinAt ?? 'centre-back',
    makeUpNarrowing: choice.makeUpNarrowing ?? false,
  };
}
