import type { TimedStep } from './assembly/schedule';
import type { SewingPlan } from './types';

/** What is left to sew, in its order, each step with its minutes and the changing over before it. */
export const timedSteps = ({ steps, numbers }: Pick<SewingPlan, 'steps' | 'numbers'>): readonly TimedStep[] =>
  steps
    .filter((step) => !step.done)
    .map(({ id, minutes, changeMinutes }) => ({
      id,
      minutes: (numbers[minutes]?.value ?? 0) + changeMinutes,
    }));
