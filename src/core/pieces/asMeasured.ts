import { createMemory } from '../explain/remember';
import type { EdgeChoice, EdgeMeasured, Garment } from '../facts/garment';
import { openingAt, type Edge, type GarmentKind } from '../fit/garmentKind';
import type { OutlineRun, PiecesPlan } from './types';

/** Whether a person typed how long an edge is; then that counts, whatever its outline says. */
export function isTyped(kind: Pick<GarmentKind, 'openings'>, { id }: Edge, garment: Garment): boolean {
  const { wholeMm, frontMm, backMm } = garment.edges?.[id]?.measured ?? {};
  if (wholeMm !== undefined || (frontMm !== undefined && backMm !== undefined)) return true;
  const opening = openingAt(kind, id);
  const { openings, sleeveHemMm, shoulderMm } = garment.pattern;
  if (opening && openings?.[opening.id] !== undefined) return true;
  if (opening?.at === 'sleeve-hem') return sleeveHemMm !== undefined;
  return id === 'shoulder' && shoulderMm !== undefined;
}

const recallEdge = createMemory<EdgeChoice>();
const recallEdges = createMemory<Garment>();

/**
 * The garment as if what its outlines tell of its edges had been typed: how far they turn, how they are shared out between
 * its pieces. What was typed counts first. The same object while it is the same.
 */
export function asMeasured(garment: Garment, kind: GarmentKind, { runs }: Pick<PiecesPlan, 'runs'>): Garment {
  if (Object.keys(runs).length === 0) return garment;
  return recallEdges([garment, kind, runs], () => {
    const edges = kind.edges.flatMap((edge) => {
      const run = runs[edge.id];
      return run ? [[edge.id, edgeAsMeasured(garment, kind, edge, run)] as const] : [];
    });
    return { ...garment, edges: { ...garment.edges, ...Object.fromEntries(edges) } };
  });
}

function edgeAsMeasured(garment: Garment, kind: GarmentKind, edge: Edge, run: OutlineRun): EdgeChoice {
  const choice = garment.edges?.[edge.id];
  const typed = isTyped(kind, edge, garment);
  return recallEdge([choice, edge, run, typed], () => {
    const { turnRad, backMm, onPieces } = run;
    const measured: EdgeMeasured = {
      as: 'seamline',
      ...(turnRad === undefined ? {} : { turnRad }),
      ...(backMm === undefined || typed ? {} : { backMm }),
      ...choice?.measured,
      ...(typed ? {} : { as: 'seamline' }),
    };
    const sections = edge.sections?.every(({ id }) => onPieces[id] !== undefined)
      ? Object.fromEntries(edge.sections.map(({ id }) => [id, onPieces[id] as number]))
      : undefined;
    return {
      ...choice,
      measured,
      ...(sections && !typed ? { sections: { ...sections, ...choice?.sections } } : {}),
    };
  });
}
