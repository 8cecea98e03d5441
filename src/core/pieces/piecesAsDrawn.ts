import type { Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentKind } from '../fit/garmentKind';
import { planAltered } from './alter/planAltered';
import { planOutlines } from './planOutlines';
import { planPieces } from './planPieces';
import type { PiecesPlan } from './types';

/** What a pattern’s outlines tell before anything is altered. */
export function piecesAsDrawn(inputs: {
  readonly book: Ledger;
  readonly facts: Pick<GarmentFacts, 'pattern'> & { readonly garment: Pick<Garment, 'pattern'> };
  readonly kind: GarmentKind;
  readonly size: string | undefined;
}): PiecesPlan {
  const { book, kind } = inputs;
  const drawn = planOutlines(inputs);
  const garment = { pattern: inputs.facts.garment.pattern };
  const altered = planAltered({ book, facts: { garment }, kind, drawn, zones: [], size: undefined });
  return planPieces({ book, facts: { garment }, kind, drawn, altered });
}
