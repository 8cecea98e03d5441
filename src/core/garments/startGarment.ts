import { newGarment, type Garment } from '../facts/garment';
import type { KindId } from '../facts/kindIds';
import { MM_PER_INCH, type UnitSystem } from '../units/constants';
import { catalogue } from './catalogue';

/** A neckband’s finished width in the round figure of an inch tape (T). */
const INCH_BAND_MM = (MM_PER_INCH * 3) / 4;

/** A garment as a person starts it: all that is usual in the round figures of their own tape. */
export function startGarment(name: string, kind: KindId, unit: UnitSystem): Garment {
  const start = newGarment(name, kind, unit);
  const hasNeckband = catalogue[kind].edges.some(({ use }) => use === 'neckband');
  return unit === 'in' && hasNeckband
    ? { ...start, edges: { neckline: { finishedMm: INCH_BAND_MM } } }
    : start;
}
