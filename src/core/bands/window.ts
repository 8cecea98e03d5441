import { SLACK } from './neckband';

/** What would open an empty window, each taken alone; absent where that alone cannot help. Lengths mm. */
export interface WindowRemedies {
  /** A band whose cloth stretches at least this much (share). */
  readonly bandStretch?: number;
  /** A band no wider than this, finished. */
  readonly finishedMm?: number;
  /** A neckline seamline of at least this. */
  readonly necklineMm?: number;
}

/** A length that can be lengthened by no more than this factor is not worth offering as a remedy. */
const MAX_REMEDY_STRETCH = 2;

/**
 * Remedies that make the shortest workable band no longer than the longest that lies flat (D: the limits of
 * `neckband.ts` solved for each quantity). `sewnLimit` is the share of stretch usable while sewing.
 */
export function windowRemedies(
  necklineMm: number,
  headMm: number,
  finishedMm: number,
  turnRad: number,
  bandStretch: number,
  sewnLimit: number,
): WindowRemedies {
  const flat = 1 + SLACK.liesFlat;
  const longest = flat * (necklineMm - turnRad * finishedMm);
  const stretch =
    longest > 0 ? Math.max((necklineMm / longest - 1) / sewnLimit, headMm / longest - 1) : Number.POSITIVE_INFINITY;
  const shortest = Math.max(necklineMm / (1 + sewnLimit * bandStretch), headMm / (1 + bandStretch));
  const finished = turnRad > 0 ? (necklineMm - shortest / flat) / turnRad : finishedMm;
  const slope = flat - 1 / (1 + sewnLimit * bandStretch);
  const neckline = Math.max(
    (flat * turnRad * finishedMm) / slope,
    headMm / ((1 + bandStretch) * flat) + turnRad * finishedMm,
  );
  return {
    ...(stretch > bandStretch && stretch <= MAX_REMEDY_STRETCH ? { bandStretch: stretch } : {}),
    ...(finished > 0 && finished < finishedMm ? { finishedMm: finished } : {}),
    ...(neckline > necklineMm ? { necklineMm: neckline } : {}),
  };
}
