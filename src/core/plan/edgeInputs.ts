import type { ClothReading } from '../cloth/readCloth';
import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { GarmentKind } from '../garments/garmentKind';
import type { Body } from './measures';
import type { GarmentFacts, NeckbandPlan } from './types';

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
  readonly neckband: NeckbandPlan | undefined;
  readonly size: string | undefined;
}
