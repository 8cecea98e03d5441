import type { ClothReading } from '../cloth/reading';
import type { Explained } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { SeenBy } from '../explain/stage';
import type { Edge, GarmentKind } from '../fit/garmentKind';
import type { Body } from '../explain/body';

/** More than any garment of the catalogue has: what is typed at one leaves the others as they are. */
export const MOST_EDGES = 12;

export const edgeSees = {
  records: ['wearer', 'outer', 'band', 'pattern', 'elastics', 'findings', 'tried'],
  garment: ['kind', 'style', 'edges', 'closures', 'pattern', 'stay', 'cuts', 'fittings'],
} as const;

/** What an edge and its strips are planned from. */
export type EdgeFacts = SeenBy<typeof edgeSees>;

export interface EdgeInputs {
  readonly book: Ledger;
  readonly facts: EdgeFacts;
  readonly kind: GarmentKind;
  readonly edge: Edge;
  /** Its seamline, where it is known. */
  readonly length: Explained | undefined;
  /** The body with marked defaults for what was not measured. */
  readonly body: Body;
  readonly band: ClothReading | undefined;
  readonly outer: ClothReading | undefined;
  /** Its band goes on while a seam that crosses it is open: its ends lie in that seam. */
  readonly endsInSeam: boolean;
  readonly size: string | undefined;
}
