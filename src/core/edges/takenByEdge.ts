import type { NumberId } from '../explain/explained';
import type { EdgePlan } from './types';

/** What an edge's construction takes past where it ends, where the plan has that: of an elastic or binding, else its hem's depth. */
export const takenByEdge = ({ allowance, hem }: Pick<EdgePlan, 'allowance' | 'hem'>): NumberId | undefined =>
  allowance?.wanted ?? hem?.depth;
