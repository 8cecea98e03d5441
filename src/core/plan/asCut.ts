import type { Draft } from '../blocks/planDraft';
import { createLedger } from '../explain/ledger';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { OutlineFacts } from '../facts/outline';
import type { GarmentKind } from '../fit/garmentKind';
import type { PieceShape } from '../fit/pieceShape';
import { notchMarks, withNotchesCarried, type NotchMark } from '../pieces/notches';
import type { Outline } from '../pieces/outline';
import { planFitted } from './planFitted';

/** One piece as it was drawn and as it is cut: the same object where nothing alters it. */
export interface PieceAsCut {
  readonly shape: PieceShape;
  readonly drawn: Outline;
  readonly cut: Outline;
  /** Its notches where they are cut. */
  readonly notches: readonly NotchMark[];
  /** What its outline says of its edges. */
  readonly said: OutlineFacts;
}

interface Inputs {
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly onDate: string;
}

/** The outlines behind a plan, for who draws them: the plan itself holds numbers and sentences only. */
export function piecesAsCut({ facts, kind, onDate }: Inputs): readonly PieceAsCut[] {
  const { drawn, altered } = planFitted(createLedger(), facts, kind, onDate);
  return kind.shapes.flatMap((shape) => {
    const [was, is] = [drawn.outlines[shape.id], altered.outlines[shape.id]];
    const said = drawn.facts[shape.id];
    if (!was || !is || !said) return [];
    return [{ shape, drawn: was, cut: is, notches: notchMarks(is, withNotchesCarried(said, was, is)), said }];
  });
}

/** The draft behind a plan: its pieces, and the points by which they are shaped. */
export const draftOf = ({ facts, kind, onDate }: Inputs): Draft | undefined =>
  planFitted(createLedger(), facts, kind, onDate).draft;
