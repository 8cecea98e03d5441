import type { EdgePlan } from '../edges/types';
import { getNumber, type Ledger } from '../explain/ledger';
import type { NumberId } from '../explain/explained';
import type { ZonePlan } from '../fit/types';
import type { PiecesPlan } from './types';

/** What was measured on the outlines, with how far what was typed instead is from it, by edge and by zone. */
export interface PiecesAndTyped extends PiecesPlan {
  readonly apart: {
    readonly edges: Readonly<Record<string, NumberId>>;
    readonly zones: Readonly<Record<string, NumberId>>;
  };
}

export function withApart(
  book: Ledger,
  pieces: PiecesPlan,
  edges: readonly EdgePlan[],
  zones: readonly ZonePlan[],
): PiecesAndTyped {
  const apart = (id: string, typed: NumberId | undefined, outlined: NumberId | undefined) => {
    if (typed === undefined || outlined === undefined || typed === outlined) return [];
    const entry = book.work(id, {
      label: 'typed, less what the outlines say',
      unit: 'mm',
      mark: 'D',
      formula: 'typed - outline',
      terms: { typed: getNumber(book.numbers, typed), outline: getNumber(book.numbers, outlined) },
    });
    return [entry.id];
  };
  const by = <P>(all: readonly P[], of: (one: P) => readonly [string, readonly NumberId[]]) =>
    Object.fromEntries(
      all.flatMap((one) => {
        const [key, [id]] = of(one);
        return id === undefined ? [] : [[key, id] as const];
      }),
    );
  return {
    ...pieces,
    apart: {
      edges: by(edges, ({ id, length }) => [id, apart(`edge.${id}.apart`, length, pieces.edges[id])]),
      zones: by(zones, ({ zone, pattern }) => [
        zone,
        apart(`fit.${zone}.apart`, pattern?.girth, pieces.girths[zone]),
      ]),
    },
  };
}
