import type { Operation } from '../fit/drafting';
import { draftBoxer } from './boxer';
import type { DraftedBlock } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { draftLeg } from './leg';
import { draftOnePiece } from './onePieceLeg';

/** A leg: fronts and backs, both in one, or a body that is open for a pouch. */
export function draftLegs(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  if (find(operations, 'pouch')) return draftBoxer(d, operations);
  if (find(operations, 'one-piece-leg')) return draftOnePiece(d, operations);
  return draftLeg(d, operations);
}
