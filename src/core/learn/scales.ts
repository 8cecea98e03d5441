import type { LikingScaleId, Outcome } from '../facts/fitting';

/** A scale that what somebody likes is told on: its ends are never reached. */
export interface LikingScale {
  readonly label: string;
  readonly low: number;
  readonly high: number;
  /** 1 where more of it is tighter, -1 where less is. */
  readonly tighter: 1 | -1;
}

/** The share of the stretch is a share; the others are held between what anybody has sewn (common practice, no source). */
export const likingScales: Readonly<Record<LikingScaleId, LikingScale>> = {
  share: { label: 'share of the stretch', low: 0, high: 1, tighter: 1 },
  looser: { label: 'looser than the body, as a share of it', low: -0.2, high: 0.6, tighter: -1 },
  curve: { label: 'share of the curve taken off', low: 0, high: 2, tighter: 1 },
  'under-body': { label: 'shorter than the body by', low: -0.3, high: 0.6, tighter: 1 },
  'under-edge': { label: 'shorter than the edge by', low: -0.3, high: 0.6, tighter: 1 },
};

/** So near an end a logit says more than anybody felt; also what a share of nothing counts as. */
const NEAREST = 0.02;

/** The value moved inside its scale, where it lies at an end or past it. */
export function within({ low, high }: LikingScale, value: number): number {
  const edge = (high - low) * NEAREST;
  return Math.min(Math.max(value, low + edge), high - edge);
}

/** What an answer says of the value it was given at: shifted towards tighter, and how sure that is (D). */
interface Answer {
  /** Towards tighter, on the logit. */
  readonly shift: number;
  readonly sd: number;
}

const RIGHT: Answer = { shift: 0, sd: 0.35 };
export const answers: Readonly<Record<Outcome, Answer>> = {
  'too tight': { shift: -0.6, sd: 0.6 },
  'a little tight': { shift: -0.25, sd: 0.5 },
  right: RIGHT,
  'lies flat': RIGHT,
  'a little loose': { shift: 0.25, sd: 0.5 },
  'too loose': { shift: 0.6, sd: 0.6 },
  'stands or gapes': { shift: 0.6, sd: 0.6 },
};

/** Whether it was as it should be. */
export const isRight = (outcome: Outcome): boolean => answers[outcome].shift === 0;

/** What is pinched says the value itself (D). */
export const PINCHED: Answer = { shift: 0, sd: 0.25 };

/** How sure the usual value is before anybody tried anything on: on the logit (D). */
export const USUAL_SD = 0.5;
