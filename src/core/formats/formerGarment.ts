import { usualUse } from '../edges/useOf';
import { edgeUses } from '../edges/elastics/uses';
import { finishIds, type Finish, type UseId } from '../facts/edgeUses';
import type { StitchId } from '../facts/stitchIds';
import type { Edge } from '../fit/garmentKind';
import { catalogue } from '../garments/catalogue';

type Loose = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const recordOf = (value: unknown): Loose => (isRecord(value) ? value : {});

const TOPSTITCHES: Readonly<Record<string, StitchId>> = {
  cover: 'cover2-narrow',
  zigzag: 'zigzag-neck',
  straight: 'straight-top',
};

/** The fields that version 1 had and version 2 has not: each said what another field says too. */
export const FORMER_FIELDS = ['finishes', 'machines', 'sleeveHems', 'topstitch'] as const;

/**
 * A garment as version 1 of the file and the databases of that time have it, as it is now. What it does not know it
 * leaves as it is, for the reader to find fault with.
 *
 * - `finishes` went into the use at each edge: a use that did not finish its edge so counted for nothing.
 * - `machines` went into `machineSetId`, whose name now also stands for usual machines.
 * - `sleeveHems` went into `ways`.
 * - `topstitch` went into whether there is one, and the stitch that is picked for its step.
 */
export function fromFormerGarment(former: Loose): Loose {
  const { finishes, machines, sleeveHems, topstitch, ...garment } = former;
  const { edges, machineSetId, ways, picks } = garment;
  const stitch = typeof topstitch === 'string' ? TOPSTITCHES[topstitch] : undefined;
  return {
    ...garment,
    ...(isRecord(edges) || isRecord(finishes)
      ? { edges: usesAtEdges(former.kind, recordOf(edges), recordOf(finishes)) }
      : {}),
    ...(machineSetId === undefined && machines === 'sewing-only' ? { machineSetId: machines } : {}),
    ...(sleeveHems === 'flat' || sleeveHems === 'round'
      ? { ways: { 'sleeve-hems': sleeveHems, ...recordOf(ways) } }
      : {}),
    ...(stitch ? { topstitched: true, picks: { 'neckline-topstitch': { stitch }, ...recordOf(picks) } } : {}),
  };
}

function usesAtEdges(kindId: unknown, edges: Loose, finishes: Loose): Loose {
  const kind = typeof kindId === 'string' ? catalogue[kindId as keyof typeof catalogue] : undefined;
  const known = new Map<string, Edge>(kind?.edges.map((edge) => [edge.id, edge]));
  const ids = new Set([...Object.keys(edges), ...Object.keys(finishes)]);
  return Object.fromEntries(
    [...ids].map((id) => {
      const edge = known.get(id);
      const { use, ...choice } = recordOf(edges[id]);
      if (!edge) return [id, edges[id] ?? {}];
      const chosen = use as UseId | undefined;
      const finish = finishAt(finishes[id]) ?? edge.finish;
      const holds = chosen !== undefined && edgeUses[chosen]?.finish === finish;
      const now = holds ? chosen : finish === edge.finish ? undefined : usualUse(edge, finish);
      return [id, { ...choice, ...(now === undefined ? {} : { use: now }) }];
    }),
  );
}

function finishAt(entry: unknown): Finish | undefined {
  const { finish } = recordOf(entry);
  return finishIds.find((id) => id === finish);
}
