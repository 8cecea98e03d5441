import { kindIds } from './kindIds';
import { choice, flag, map, numberOf, optional, record, text, type FactsOf } from './spec';
import { bodyMeasures } from './wearer';

/** Where an added part is drawn, from the top of the drawing (0) to its foot (1). */
const place = numberOf('share', 'Height on the drawing, from the top', 0, 1);

/**
 * A person's own version of a garment: a kind of the catalogue with zones, edges and pieces taken away, renamed
 * or added. `without` is keyed `zone-<id>`, `edge-<id>` or `piece-<id>`, as are the names in `renamed`.
 */
export const ownKindSpec = record('Own garment', {
  name: text('Name', 1, 60),
  base: choice('Made from', kindIds),
  without: map('Taken away', flag('Taken away'), 60),
  renamed: map('Renamed', record('New name', { label: text('Name', 1, 60) }), 60),
  zones: map(
    'Added zones',
    record('Zone', {
      label: text('Zone', 1, 60),
      measure: choice('Measured at', bodyMeasures),
      axis: choice('Runs', ['around', 'along']),
      seamEdges: numberOf('count', 'Seam edges it is spread over', 1, 24),
      at: place,
    }),
    20,
  ),
  edges: map(
    'Added edges',
    record('Edge', {
      label: text('Edge', 1, 60),
      finish: choice('Finished with', [
        'band',
        'binding',
        'elastic',
        'facing',
        'hem',
        'lettuce',
        'left as it is',
      ]),
      at: place,
    }),
    20,
  ),
  pieces: map(
    'Added pieces',
    record('Piece', {
      label: text('Piece', 1, 60),
      count: numberOf('count', 'How many', 1, 20),
      cloth: choice('Cut from', ['outer', 'lining', 'band']),
    }),
    20,
  ),
  notes: optional(text('Notes', 0, 2000)),
});
export type OwnKind = FactsOf<typeof ownKindSpec>;

export const newOwnKind = (name: string, base: OwnKind['base']): OwnKind => ({
  name,
  base,
  without: {},
  renamed: {},
  zones: {},
  edges: {},
  pieces: {},
});
