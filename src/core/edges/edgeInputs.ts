import type { ClothReading } from '../cloth/reading';
import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { GarmentKind } from '../fit/garmentKind';
import type { Body } from '../explain/body';
import type { GarmentFacts } from '../facts/garmentFacts';

/** What every edge is planned from. */
export interface EdgesInputs {
  readonly book: Ledger;
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  /** The body with marked defaults for what was not measured. */
  readonly body: Body;
  readonly band: ClothReading | undefined;
  readonly outer: ClothReading | undefined;
  readonly lengths: Readonly<Record<string, Explained>>;
  /** The edge whose band goes on while a seam that crosses it is open: its ends lie in that seam. */
  readonly sewnOpen: string | undefined;
  readonly size: string | undefined;
}
