import { evaluate } from '../../explain/formula';
import { SLACK } from './formulas';

/**
 * What the window depends on: neckline `N`, head `H` and finished width `w` in mm, its `turn` in radians, the band's
 * stretch `S`, the share of it usable while sewing (`limit`), and the longest band that lies flat against its fold
 * edge (`flat`).
 */
export type WindowInputs = Readonly<Record<'N' | 'H' | 'w' | 'turn' | 'S' | 'limit' | 'flat', number>>;

/** A band that lies flat may be this much longer than its fold edge. */
export const FLAT = 1 + SLACK.liesFlat;

/** What would open an empty window, each taken alone; absent where that alone cannot help. Lengths mm. */
interface WindowRemedies {
  /** A band whose cloth stretches at least this much (share). */
  readonly bandStretch?: number;
  /** A band no wider than this, finished. */
  readonly finishedMm?: number;
  /** A neckline seamline of at least this. */
  readonly necklineMm?: number;
}

/** A band of more stretch than this is not worth offering: rib ends about here (common practice, no source). */
const MAX_REMEDY_STRETCH = 2;

/** A folded band narrower than this cannot be sewn on and turned, mm (common practice, no source). */
const NARROWEST_MM = 6;

const SHORTEST = 'max(N / (1 + limit * S), H / (1 + S))';

/** The band's stretch at which the shortest that works just lies flat (D: the limits of `neckband.ts`, solved). */
export const STRETCH_TO_OPEN =
  'max((N / (flat * (N - turn * w)) - 1) / limit, H / (flat * (N - turn * w)) - 1)';
/** The finished width at which the shortest that works just lies flat (D). */
export const WIDTH_TO_OPEN = `(N - ${SHORTEST} / flat) / turn`;
/** The neckline at which the shortest that works just lies flat (D). */
export const NECKLINE_TO_OPEN =
  'max(flat * turn * w / (flat - 1 / (1 + limit * S)), H / ((1 + S) * flat) + turn * w)';

/** The remedies that are possible and would change something. */
export function windowRemedies(inputs: WindowInputs): WindowRemedies {
  const { N, w, turn, S } = inputs;
  const stretch = N > turn * w ? evaluate(STRETCH_TO_OPEN, inputs) : Number.POSITIVE_INFINITY;
  const finished = turn > 0 ? evaluate(WIDTH_TO_OPEN, inputs) : w;
  const neckline = evaluate(NECKLINE_TO_OPEN, inputs);
  return {
    ...(stretch > S && stretch <= MAX_REMEDY_STRETCH ? { bandStretch: stretch } : {}),
    ...(finished >= NARROWEST_MM && finished < w ? { finishedMm: finished } : {}),
    ...(neckline > N ? { necklineMm: neckline } : {}),
  };
}
