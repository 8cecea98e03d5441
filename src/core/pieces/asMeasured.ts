import type { Explained, NumberId } from '../explain/explained';
import { getNumber } from '../explain/ledger';
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
const recallEdges = createMemory<Garment['edges']>();
const recallGarment = createMemory<Garment>();

/**
 * The garment as if what its outlines tell of its edges had been typed: how far they turn, how they are shared out between
 * its pieces. What was typed counts first. The same object, and the same edges, while they are the same.
 */
export function asMeasured(
  garment: Garment,
  kind: GarmentKind,
  { runs }: Pick<PiecesPlan, 'runs'>,
  numbers: Readonly<Record<NumberId, Explained>>,
): Garment {
  if (Object.keys(runs).length === 0) return garment;
  const edges = recallEdges([garment.edges, garment.pattern, kind, runs], () => ({
    ...garment.edges,
    ...Object.fromEntries(
      kind.edges.flatMap((edge) => {
        const run = runs[edge.id];
        return run ? [[edge.id, edgeAsMeasured(garment, kind, edge, run, numbers)] as const] : [];
      }),
    ),
  }));
  return recallGarment([garment, edges], () => ({ ...garment, edges }));
}

function edgeAsMeasured(
  garment: Garment,
  kind: GarmentKind,
  edge: Edge,
  run: OutlineRun,
  numbers: Readonly<Record<NumberId, Explained>>,
): EdgeChoice {
  const choice = garment.edges?.[edge.id];
  const typed = isTyped(kind, edge, garment);
  return recallEdge([choice, edge, run, typed], () => {
    const { turn, back, onPieces } = run;
    const of = (id: NumberId): number => getNumber(numbers, id).value;
    const measured: EdgeMeasured = {
      as: 'seamline',
      ...(turn === undefined ? {} : { turnRad: of(turn) }),
      ...(back === undefined || typed ? {} : { backMm: of(back) }),
      ...choice?.measured,
      ...(typed ? {} : { as: 'seamline' }),
    };
    const parts = edge.sections?.flatMap(({ id }) => {
      const on = onPieces[id];
      return on === undefined ? [] : [[id, of(on)] as const];
    });
    const sections =
      parts && !typed && parts.length === edge.sections?.length
        ? { ...Object.fromEntries(parts), ...choice?.sections }
        : undefined;
    return { ...choice, measured, ...(sections ? { sections } : {}) };
  });
}
