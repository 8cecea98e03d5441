import { USUAL_TURN } from '../edges/turns';
import { usualUse } from '../edges/useOf';
import { edgeUses } from '../edges/elastics/uses';
import { finishIds, type Finish, type UseId } from '../facts/edgeUses';
import type { KindId } from '../facts/kindIds';
import type { StitchId } from '../facts/stitchIds';
import type { Edge, GarmentKind } from '../fit/garmentKind';
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
export const FORMER_FIELDS = [
  'finishes',
  'machines',
  'sleeveHems',
  'topstitch',
  'neckband',
  'pattern.neckline',
] as const;

/**
 * A garment as version 1 of the file and the databases of that time have it, as it is now. What it does not know it
 * leaves as it is, for the reader to find fault with.
 *
 * - `finishes` went into the use at each edge: a use that did not finish its edge so counted for nothing.
 * - `neckband`, and the neckline that `pattern` had, went into the neckline’s edge, where they differ from what is usual.
 * - `machines` went into `machineSetId`, whose name now also stands for usual machines.
 * - `sleeveHems` went into `ways`.
 * - `topstitch` went into whether there is one, and the stitch that is picked for its step.
 */
export function fromFormerGarment(former: Loose): Loose {
  const { finishes, machines, sleeveHems, topstitch, neckband, pattern, ...garment } = former;
  const { machineSetId, ways, picks } = garment;
  const { neckline, ...otherPattern } = recordOf(pattern);
  const edges = edgesNow(former, recordOf(finishes), {
    neckband: recordOf(neckband),
    neckline: recordOf(neckline),
    pattern: otherPattern,
  });
  const stitch = typeof topstitch === 'string' ? TOPSTITCHES[topstitch] : undefined;
  return {
    ...garment,
    ...(isRecord(pattern) ? { pattern: otherPattern } : { pattern }),
    ...(isRecord(former.edges) || Object.keys(edges).length > 0 ? { edges } : {}),
    ...(machineSetId === undefined && machines === 'sewing-only' ? { machineSetId: machines } : {}),
    ...(sleeveHems === 'flat' || sleeveHems === 'round'
      ? { ways: { 'sleeve-hems': sleeveHems, ...recordOf(ways) } }
      : {}),
    ...(stitch ? { topstitched: true, picks: { 'neckline-topstitch': { stitch }, ...recordOf(picks) } } : {}),
  };
}

/** What stood about the neck elsewhere than at its edge. */
type NeckFacts = Readonly<Record<'neckband' | 'neckline' | 'pattern', Loose>>;

function edgesNow(former: Loose, finishes: Loose, facts: NeckFacts): Loose {
  const before = recordOf(former.edges);
  const edges = usesAtEdges(former.kind, before, finishes);
  const neck = edgeAtNeck(former.kind);
  if (!neck) return edges;
  const now = neckEdge(neck, recordOf(edges[neck.id]), facts);
  return Object.keys(now).length > 0 || neck.id in before ? { ...edges, [neck.id]: now } : edges;
}

function usesAtEdges(kindId: unknown, edges: Loose, finishes: Loose): Loose {
  const known = edgesOf(kindId);
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

/** What a strip’s length and cut are chosen by: a neckband’s own stood elsewhere, and these counted for nothing. */
const OF_A_BAND: ReadonlySet<string> = new Set(['finishedMm', 'school', 'ownMm', 'marks', 'direction']);

/** What the edge at the neck has to say, in place of what stood about it elsewhere. */
function neckEdge(edge: Edge, choice: Loose, { neckband, neckline, pattern }: NeckFacts): Loose {
  const use = (choice.use as UseId | undefined) ?? usualUse(edge, edge.finish);
  const others = Object.fromEntries(Object.entries(choice).filter(([field]) => !OF_A_BAND.has(field)));
  if (use === 'neckband')
    return { ...others, ...bandAtNeck(neckband), ...neckMeasured(edge, neckline, pattern) };
  // Anything else was cut to what stood at its edge.
  const measured = edge.id === 'neckline' ? neckline : inOne(neckline);
  return recordOf(choice.measured).wholeMm === undefined
    ? { ...choice, ...neckMeasured(edge, measured, pattern) }
    : choice;
}

/** A neckline whose front and back were measured apart, as one: a collar’s edge is measured all along. */
function inOne({ frontMm, ...neckline }: Loose): Loose {
  const { measuredAs, backMm } = neckline;
  const both = measuredAs === 'pieces' && typeof frontMm === 'number' && typeof backMm === 'number';
  return both ? { ...neckline, wholeMm: frontMm + backMm } : neckline;
}

/** What a neckband was where nothing else was said. */
const FORMER_NECKBAND = {
  finishedMm: 20,
  direction: 'across',
  school: 'flat',
  easeIn: 0.84,
  marks: 'auto',
  joinAt: 'centre-back',
  makeUpNarrowing: false,
} as const;

/** The neckline as it was measured; nothing where it was not. */
function neckMeasured({ curve }: Edge, neckline: Loose, { seamAllowanceMm }: Loose): Loose {
  const { measuredAs: as, shoulderAllowanceMm: crossingAllowanceMm, ...rest } = neckline;
  if (['wholeMm', 'frontMm', 'backMm'].every((field) => rest[field] === undefined)) return {};
  const measured = unless(
    { as, ...rest, crossingAllowanceMm },
    {
      allowanceMm: seamAllowanceMm,
      crossingAllowanceMm: seamAllowanceMm,
      turnRad: curve && USUAL_TURN[curve],
    },
  );
  return { measured };
}

function bandAtNeck({ join: joinAt, ...neckband }: Loose): Loose {
  return unless({ ...neckband, ...(joinAt === undefined ? {} : { joinAt }) }, FORMER_NECKBAND);
}

/** The edge that the head, or the whole body, passes at the neck. */
function edgeAtNeck(kindId: unknown): Edge | undefined {
  const kind = kindOf(kindId);
  const opening = kind?.openings.find(({ at }) => at === 'neckline');
  return kind?.edges.find(({ id }) => id === (opening?.edge ?? 'neckline'));
}

/** The fields that are otherwise than usual. */
const unless = (fields: Loose, usual: Loose): Loose =>
  Object.fromEntries(
    Object.entries(fields).filter(([key, value]) => value !== undefined && value !== usual[key]),
  );

const kindOf = (kindId: unknown): GarmentKind | undefined =>
  typeof kindId === 'string' ? catalogue[kindId as KindId] : undefined;

const edgesOf = (kindId: unknown): ReadonlyMap<string, Edge> =>
  new Map(kindOf(kindId)?.edges.map((edge) => [edge.id, edge]));

function finishAt(entry: unknown): Finish | undefined {
  const { finish } = recordOf(entry);
  return finishIds.find((id) => id === finish);
}
