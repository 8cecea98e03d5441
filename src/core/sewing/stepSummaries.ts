import { ofStep } from './assembly/assemble';
import type { Garment } from '../facts/garment';
import type { StepSummary } from './types';
import type { SewnSteps } from './sewnSteps';

/** Each step with whether it is done. */
export const stepSummaries = (
  { steps }: SewnSteps,
  { sewn }: Pick<Garment, 'sewn'>,
): readonly StepSummary[] => steps.map(({ spec: { id } }) => ({ id, done: ofStep(sewn, id) !== undefined }));
