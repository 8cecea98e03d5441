import type { SetupPlan, SewingPlan, StepPlan } from './types';

/** The setup a step is sewn with; `undefined` for work by hand. */
export const stepSetup = (
  { setups }: Pick<SewingPlan, 'setups'>,
  { setup }: StepPlan,
): SetupPlan | undefined => setups.find(({ id }) => id === setup);
