import type { Explained } from '../../explain/explained';
import { createLedger, getNumber } from '../../explain/ledger';
import type { GarmentFacts } from '../../facts/garmentFacts';
import type { GarmentKind } from '../../fit/garmentKind';
import type { SizePlan, ZonePlan } from '../../fit/types';
import type { PieceShape } from '../../fit/pieceShape';
import { notchMarks, withNotchesCarried, type NotchMark } from '../notches';
import type { Outline } from '../outline';
import { planOutlines } from '../planOutlines';
import { planAltered } from './planAltered';

/** One piece as it was drawn and as it is cut: the same object where nothing alters it. */
export interface PieceAsCut {
  readonly shape: PieceShape;
  readonly drawn: Outline;
  readonly cut: Outline;
  /** Its notches where they are cut. */
  readonly notches: readonly NotchMark[];
}

/** The outlines behind a plan, for who draws them: the plan itself holds numbers only. */
export function piecesAsCut({
  facts,
  kind,
  plan,
}: {
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly plan: {
    readonly zones: readonly ZonePlan[];
    readonly size?: SizePlan;
    readonly numbers: Readonly<Record<string, Explained>>;
  };
}): readonly PieceAsCut[] {
  const book = createLedger();
  book.adopt(plan.zones.map(({ rest }) => getNumber(plan.numbers, rest)));
  const drawn = planOutlines({ book, facts, kind, size: plan.size?.cut });
  const { outlines } = planAltered({ book, facts, kind, drawn, zones: plan.zones, size: plan.size });
  return kind.shapes.flatMap((shape) => {
    const [was, is] = [drawn.outlines[shape.id], outlines[shape.id]];
    const said = drawn.facts[shape.id];
    const notches = was && is && said ? notchMarks(is, withNotchesCarried(said, was, is)) : [];
    return was && is ? [{ shape, drawn: was, cut: is, notches }] : [];
  });
}
