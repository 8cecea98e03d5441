import { createMemory } from '../explain/remember';
import type { Garment } from '../facts/garment';
import type { OwnKind } from '../facts/ownKind';
import { catalogue } from './catalogue';
import type { GarmentKind } from '../fit/garmentKind';
import type { StyledPart } from '../fit/styledPart';
import type { PieceShape } from '../fit/pieceShape';

/**
 * The garment's kind: of the catalogue, or the person's own version of it, with the parts its style has; of one that is
 * made already, only what changes.
 */
export function kindOf(
  { kind, style, refashion }: Pick<Garment, 'kind'> & Partial<Pick<Garment, 'style' | 'refashion'>>,
  own?: OwnKind,
): GarmentKind {
  const whole = catalogue[own?.base ?? kind];
  const base = style === undefined ? whole : inStyle(whole, style);
  const wanted = own ? recall([base, own], () => changedKind(base, own)) : base;
  if (!refashion) return wanted;
  const changes = Object.keys(refashion.edges);
  return recall([wanted, JSON.stringify(changes.toSorted())], () => madeAlready(wanted, new Set(changes)));
}

/** A kind whose garment is made: the edges that change, what is cut for them, and its seams to be taken in. */
function madeAlready(
  { drafting: _drafting, ...kind }: GarmentKind,
  changes: ReadonlySet<string>,
): GarmentKind {
  const edges = kind.edges.filter(({ id }) => changes.has(id));
  const cut = new Set(edges.flatMap(({ piece, adds }) => [piece, ...(adds?.pieces ?? [])]));
  return {
    ...kind,
    made: true,
    edges,
    pieces: kind.pieces.filter(({ id }) => cut.has(id)),
    shapes: [],
    sewn: [],
    openings: kind.openings.filter(({ edge }) => changes.has(edge)),
    needs: kind.needs.map((need) => ({ ...need, required: false })),
    quirks: [],
  };
}

const recall = createMemory<GarmentKind>();

/** The kind in one of its styles: the same object each time. The same kind where its styles have the same parts. */
const inStyle = (kind: GarmentKind, style: Garment['style']): GarmentKind =>
  recall([kind, style], () => partsInStyle(kind, style));

function partsInStyle(kind: GarmentKind, style: Garment['style']): GarmentKind {
  const has = ({ only }: StyledPart) => only === undefined || only.includes(style);
  const { zones, edges: ends, seams, openings, shapes, drafting } = kind;
  const parts = [zones, ends, seams, openings, ...shapes.map(({ edges }) => edges), drafting?.does ?? []];
  if (parts.every((some) => some.every(has))) return kind;
  return {
    ...kind,
    zones: kind.zones.filter(has),
    edges: kind.edges.filter(has),
    seams: kind.seams.filter(has),
    openings: kind.openings.filter(has),
    shapes: kind.shapes.map((shape) => ({ ...shape, edges: shape.edges.filter(has) })),
    ...(kind.drafting ? { drafting: { ...kind.drafting, does: kind.drafting.does.filter(has) } } : {}),
  };
}

/** A kind with parts taken away, renamed and added. What lost its zone or edge is taken away with it. */
function changedKind(base: GarmentKind, own: OwnKind): GarmentKind {
  const named = <P extends { readonly id: string; readonly label: string }>(
    what: string,
    parts: readonly P[],
  ) =>
    parts
      .filter(({ id }) => own.without[`${what}-${id}`] !== true)
      .map((part) => {
        const label = own.renamed[`${what}-${part.id}`]?.label;
        return label === undefined ? part : { ...part, label };
      });
  const zones = [
    ...named('zone', base.zones),
    ...Object.entries(own.zones).map(([id, zone]) => ({
      id,
      label: zone.label,
      measure: zone.measure,
      axis: zone.axis,
      seamEdges: zone.seamEdges,
    })),
  ];
  const zoneIds = new Set(zones.map(({ id }) => id));
  const edges = [
    ...named('edge', base.edges),
    ...Object.entries(own.edges).map(([id, { label, finish }]) => ({ id, label, finish })),
  ];
  const edgeIds = new Set(edges.map(({ id }) => id));
  const openings = base.openings.filter(
    ({ edge, at }) => edgeIds.has(edge) && (typeof at === 'string' || zoneIds.has(at.zone)),
  );
  const openingIds = new Set(openings.map(({ id }) => id));
  const needed = new Set(base.needs.map(({ measure }) => measure));
  const added = Object.values(own.zones)
    .filter(({ measure }) => !needed.has(measure))
    .map(({ measure, label }) => ({ measure, required: false, why: `the ${label.toLowerCase()}` }));
  const pieceIds = new Set(named('piece', base.pieces).map(({ id }) => id));
  const shapes = [
    ...base.shapes
      .filter(({ pieces }) => pieces.some((id) => pieceIds.has(id)))
      .map((shape) => shapeLeft(shape, pieceIds, edgeIds, own)),
    ...Object.entries(own.pieces).map(([id, { label }]) => addedShape(id, label, own)),
  ];
  const shapeIds = new Set(shapes.map(({ id }) => id));
  return {
    ...base,
    label: own.name,
    shapes,
    sewn: base.sewn.filter(({ a, b }) =>
      [...a, ...b].every((edge) => shapeIds.has(edge.split('.')[0] ?? '')),
    ),
    zones,
    edges: edges.map(({ zone, ...rest }: (typeof base.edges)[number]) =>
      zone !== undefined && zoneIds.has(zone) ? { ...rest, zone } : rest,
    ),
    pieces: [
      ...named('piece', base.pieces),
      ...Object.entries(own.pieces).map(([id, { label, count, cloth }]) => ({
        id,
        label,
        count,
        cloth,
        zones: [],
        onFold: false,
      })),
    ],
    needs: [
      ...base.needs,
      ...added.filter((one, at) => added.findIndex((x) => x.measure === one.measure) === at),
    ],
    openings,
    seams: base.seams.map(({ opening, ...rest }) =>
      opening !== undefined && openingIds.has(opening) ? { ...rest, opening } : rest,
    ),
  };
}

/** The outline of a piece of the catalogue in a person's own version: fewer pieces, another name, edges taken away. */
function shapeLeft(
  shape: PieceShape,
  pieces: ReadonlySet<string>,
  edges: ReadonlySet<string>,
  own: OwnKind,
): PieceShape {
  const left = shape.pieces.filter((id) => pieces.has(id));
  const only = shape.pieces.length === 1 ? left[0] : undefined;
  return {
    ...shape,
    label: (only && own.renamed[`piece-${only}`]?.label) ?? shape.label,
    pieces: left,
    edges: shape.edges.map(({ edge, ...rest }) =>
      edge !== undefined && edges.has(edge) ? { ...rest, edge } : rest,
    ),
  };
}

/** The outline of an added piece: what is sewn to something, and the edges that were added with it. */
const addedShape = (id: string, label: string, own: OwnKind): PieceShape => ({
  id,
  label,
  pieces: [id],
  edges: [
    { id: 'sewn', label: 'sewn on' },
    ...Object.entries(own.edges).map(([edge, { label: words }]) => ({
      id: edge,
      label: words.toLowerCase(),
      edge,
    })),
    { id: 'other', label: 'the rest' },
  ],
});
