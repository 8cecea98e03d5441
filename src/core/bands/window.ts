import { SLACK } from './neckband';

/** What the window depends on. Lengths mm, `turnRad` radians, the rest shares. */
export interface WindowInputs {
  readonly necklineMm: number;
  readonly headMm: number;
  readonly finishedMm: number;
  readonly turnRad: number;
  readonly bandStretch: number;
  /** Share of the stretch usable while sewing. */
  readonly sewnLimit: number;
  /** Longest band that lies flat, against its fold edge. */
  readonly flat: number;
}

/** A band that lies flat may be this much longer than its fold edge. */
export const FLAT = 1 + SLACK.liesFlat;

/** What would open an empty window, each taken alone; absent where that alone cannot help. Lengths mm. */
export interface WindowRemedies {
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

/** The band's stretch at which the shortest that works just lies flat (D: the limits of `neckband.ts`, solved). */
export function stretchToOpen({
  necklineMm: N,
  headMm,
  finishedMm,
  turnRad,
  sewnLimit,
  flat,
}: WindowInputs): number {
  const longest = flat * (N - turnRad * finishedMm);
  return Math.max((N / longest - 1) / sewnLimit, headMm / longest - 1);
}

/** The finished width at which the shortest that works just lies flat (D). */
export function widthToOpen({
  necklineMm: N,
  headMm,
  turnRad,
  bandStretch: S,
  sewnLimit,
  flat,
}: WindowInputs): number {
  return (N - Math.max(N / (1 + sewnLimit * S), headMm / (1 + S)) / flat) / turnRad;
}

/** The neckline at which the shortest that works just lies flat (D). */
export function necklineToOpen({
  headMm,
  finishedMm: w,
  turnRad,
  bandStretch: S,
  sewnLimit,
  flat,
}: WindowInputs): number {
  return Math.max(
    (flat * turnRad * w) / (flat - 1 / (1 + sewnLimit * S)),
    headMm / ((1 + S) * flat) + turnRad * w,
  );
}

/** The remedies that are possible and would change something. */
export function windowRemedies(inputs: WindowInputs): WindowRemedies {
  const { necklineMm, finishedMm, turnRad, bandStretch } = inputs;
  const canLie = necklineMm > turnRad * finishedMm;
  const stretch = canLie ? stretchToOpen(inputs) : Number.POSITIVE_INFINITY;
  const finished = turnRad > 0 ? widthToOpen(inputs) : finishedMm;
  const neckline = necklineToOpen(inputs);
  return {
    ...(stretch > bandStretch && stretch <= MAX_REMEDY_STRETCH ? { bandStretch: stretch } : {}),
    ...(finished >= NARROWEST_MM && finished < finishedMm ? { finishedMm: finished } : {}),
    ...(neckline > necklineMm ? { necklineMm: neckline } : {}),
  };
}
