import { newGarment, type Garment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import { MM_PER_INCH, type UnitSystem } from '../units/constants';
import { catalogue } from './catalogue';

/** A neckband’s finished width in the round figure of an inch tape (T). */
const INCH_BAND_MM = (MM_PER_INCH * 3) / 4;

/** An edge of a garment that is made is turned by so much: 13 mm, half an inch (T). */
const TURNED_MM = { cm: 13, in: MM_PER_INCH / 2 } as const;

/** A garment that is made already, to be changed: nothing of it changes yet, and hems are turned no deeper than they must be. */
export function startRefashion(name: string, kind: KindId, unit: UnitSystem): Garment {
  const start = startGarment(name, kind, unit);
  const turned = TURNED_MM[unit];
  const neck = catalogue[kind].edges.some(({ id }) => id === 'neckline');
  return {
    ...start,
    // Its neckline is a ring already: the tape goes round it once.
    ...(neck
      ? {
          edges: {
            ...start.edges,
            neckline: { ...start.edges?.neckline, measured: { as: 'ring' as const } },
          },
        }
      : {}),
    pattern: { ...start.pattern, hemAllowanceMm: turned, sleeveHemAllowanceMm: turned },
    refashion: { edges: {} },
  };
}

/** A garment as a person starts it: all that is usual in the round figures of their own tape. */
export function startGarment(name: string, kind: KindId, unit: UnitSystem): Garment {
  const start = newGarment(name, kind, unit);
  const hasNeckband = catalogue[kind].edges.some(({ use }) => use === 'neckband');
  return unit === 'in' && hasNeckband
    ? { ...start, edges: { neckline: { finishedMm: INCH_BAND_MM } } }
    : start;
}
