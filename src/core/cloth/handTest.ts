import { formula } from '../explain/formula';
import type { ClothTest } from '../facts/cloth';
import type { Fault } from '../facts/faults';
import { READING_ERROR_MM } from '../units/constants';

/** The lengths of one pull, mm. */
export type Reading = Pick<ClothTest, 'restMm' | 'pulledMm' | 'releasedMm' | 'restWidthMm' | 'pulledWidthMm'>;

/** Shortest rest length that can be read, mm: under it a millimetre of error is ten points of stretch. */
const MIN_REST_MM = 10;
/** A stretch beyond this is a slip of the pen. */
const MAX_STRETCH = 4;
/** Repeats that differ by more than this make the lowest count (T). */
export const MAX_SPREAD = 0.1;

/** Stretch as a share of the rest length: (B − A) / A (S: ASTM D2594). */
export const stretchOf = formula('(B - A) / A', 'A', 'B');

/** Growth as a share of the rest length: (C − A) / A (S: ASTM D2594); within the reading error it is none. */
export const growthOf = formula('(max(C, A) - A) / A', 'A', 'C');

/** Share of the stretch that came back: (B − C) / (B − A) (D). Undefined by the caller where B = A. */
export const recoveryOf = formula('(B - max(C, A)) / (B - A)', 'A', 'B', 'C');

/** Neck-in (Poisson's ratio of the cloth): (1 − W1/W0) / (L1/L0 − 1) (D). */
export const neckInOf = formula('(1 - W1 / W0) / (B / A - 1)', 'A', 'B', 'W0', 'W1');

/** Why a reading is impossible and what to do, or `undefined` when it can be used. Paths are the reading's fields. */
export function readingFault(reading: Reading): Fault | undefined {
  const { restMm, pulledMm, releasedMm, restWidthMm, pulledWidthMm } = reading;
  const fault = (path: string, sentence: string): Fault => ({ code: 'rule', path, sentence });
  if (restMm < MIN_REST_MM)
    return fault('restMm', 'Mark at least 1 cm (⅜ in) at rest; 10 cm or 4 in reads best.');
  if (pulledMm < restMm) {
    return fault('pulledMm', 'Pulled is shorter than at rest: read the pulled length again.');
  }
  if (stretchOf(restMm, pulledMm) > MAX_STRETCH) {
    return fault('pulledMm', 'That is more than five times the rest length: read the pulled length again.');
  }
  if (releasedMm !== undefined && releasedMm < restMm - READING_ERROR_MM) {
    return fault('releasedMm', 'Let go it is shorter than it was at rest: read both again.');
  }
  if (releasedMm !== undefined && releasedMm > pulledMm) {
    return fault('releasedMm', 'Let go it is longer than while pulled: read both again.');
  }
  if ((restWidthMm === undefined) !== (pulledWidthMm === undefined)) {
    const path = restWidthMm === undefined ? 'restWidthMm' : 'pulledWidthMm';
    return fault(path, 'Give the width both at rest and while pulled, or neither.');
  }
  if (restWidthMm !== undefined && pulledWidthMm !== undefined && pulledWidthMm > restWidthMm) {
    return fault('pulledWidthMm', 'Wider while pulled than at rest: read both widths again.');
  }
  return undefined;
}
