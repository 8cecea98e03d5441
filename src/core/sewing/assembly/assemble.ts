import { say } from '../../explain/ledger';
import { createMemory } from '../../explain/remember';
import type { Garment } from '../../facts/garment';
import type { KindId } from '../../facts/kindIds';
import type { GarmentKind } from '../../fit/garmentKind';
import { edgeUseOf, finishOf } from '../../edges/useOf';
import { cutOff, edge, mends, offId, recipes } from './recipes';
import { recipeFacts, type Alternative, type RecipeFacts, type Ways } from './recipe';
import type { StepSpec } from './step';

/** A garment's steps in written order, each with the ids of all that must come before it. */
export interface Assembly {
  readonly steps: readonly StepSpec[];
  /** What can be done in another way, and what was settled. */
  readonly alternatives: readonly Alternative[];
  readonly ways: Ways;
}

interface Inputs {
  /** The catalogue's kind whose recipe is followed. */
  readonly base: KindId;
  readonly kind: GarmentKind;
  readonly garment: RecipeFacts & Pick<Garment, 'ways'>;
  readonly lined: boolean;
  /** Ways to try instead of those chosen. */
  readonly ways?: Ways;
}

/** Steps as they were called before, so that what is ticked off stays so. */
const formerIds: Readonly<Record<string, string>> = {
  shoulder: 'shoulders',
  'length-try': 'hem-try',
  armhole: 'sleeves',
  side: 'sides',
  'sleeve-hem': 'sleeve-hems',
  'neckline-measure': 'measure-neck',
  'neckline-join': 'join-band',
  'neckline-mark': 'mark-neck',
  'neckline-sew': 'sew-band',
  'neckline-press': 'press-neck',
  'neckline-topstitch': 'topstitch',
};

/** What a step's fact is kept under: its id, or the id it had before. */
export const stepKey = (kept: Readonly<Record<string, unknown>>, id: string): string =>
  kept[id] === undefined ? (formerIds[id] ?? `seam-${id}`) : id;

/** The fact kept under a step's id, or under the id it had before. */
export const ofStep = <T>(kept: Readonly<Record<string, T>>, id: string): T | undefined =>
  kept[stepKey(kept, id)];

/** The alternatives of a kind that this garment has something for. */
function alternativesOf(
  base: KindId,
  kind: GarmentKind,
  garment: Pick<Garment, 'edges'>,
): readonly Alternative[] {
  const hemmed = (id: string) => kind.edges.some((one) => one.id === id && finishOf(one, garment) === 'hem');
  const neck = kind.edges.find(({ id }) => id === 'neckline');
  const neckUse = neck && edgeUseOf(neck, garment).id;
  const matters: Readonly<Record<string, () => boolean>> = {
    'sleeve-hems': () => hemmed('sleeve-hem') || hemmed('cuff'),
    'leg-hems': () => hemmed('leg-hem') || hemmed('leg'),
    sleeves: () => kind.seams.some(({ id }) => id === 'armhole'),
    binding: () => neckUse === 'flat-binding',
    neckband: () => neckUse === 'neckband',
    outseams: () => kind.seams.some(({ id }) => id === 'outseam'),
  };
  return recipes[base].alternatives.filter(({ id }) => matters[id]?.() ?? true);
}

const recall = createMemory<Assembly>();

/** The garment's steps: the same object again while nothing that they follow from changes. */
export function assemble(inputs: Inputs): Assembly {
  const { base, kind, lined, ways } = inputs;
  const garment = { ...recipeFacts(inputs.garment), ways: inputs.garment.ways };
  const read = JSON.stringify([base, lined, ways, garment]);
  return recall([kind, read], () => assembleAnew({ ...inputs, garment }));
}

/** Of each alternative the option that is wanted, else its first. */
const settle = (alternatives: readonly Alternative[], wanted: Ways): Ways =>
  Object.fromEntries(
    alternatives.map(({ id, options }) => [
      id,
      options.some((one) => one.id === wanted[id]) ? (wanted[id] as string) : (options[0]?.id ?? ''),
    ]),
  );

const CLOSED: ReadonlySet<string> = new Set(['round', 'ring']);

/** What is made already is a tube: nothing can be sewn flat any more. */
const inTheRound = (alternatives: readonly Alternative[]): Ways =>
  Object.fromEntries(
    alternatives.map(({ id, options }) => [
      id,
      (options.find((one) => CLOSED.has(one.id)) ?? options[0])?.id ?? '',
    ]),
  );

/** Whether the neckband goes on before the left shoulder is closed: its ends then lie in that seam. */
export const neckbandOpen = (kind: GarmentKind, garment: Pick<Garment, 'edges' | 'ways'>): boolean =>
  kind.made !== true &&
  settle(alternativesOf(kind.kind, kind, garment), garment.ways ?? {}).neckband === 'open';

function assembleAnew({ base, kind, garment, lined, ways = {} }: Inputs): Assembly {
  const found = alternativesOf(base, kind, garment);
  const alternatives = kind.made ? [] : found;
  const settled = kind.made ? inTheRound(found) : settle(found, { ...garment.ways, ...ways });
  const context = { kind, garment, ways: settled, lined };
  const written = recipes[base].steps(context);
  const covered = new Set(written.map((one) => one.edge));
  const seams = kind.seams.map(({ id }) => `seam:${id}`);
  const added = kind.edges
    .filter(({ id }) => !covered.has(id))
    .flatMap(({ id }) => edge(context, id, { after: seams }));
  const last = written.at(-1);
  const closes = last?.id === 'last-look';
  const begun = [...(closes ? written.slice(0, -1) : written), ...added];
  const sewn = kind.made ? changedOnly(kind, begun) : begun;
  const all = [...sewn, ...mends(context, begun), ...(closes ? [last] : [])];
  return { steps: resolve(all, begun), alternatives, ways: settled };
}

/** What is done at no one edge and is done all the same where a garment that is made gets new hems. */
const FOR_HEMS = 'press-hems';

/** The steps of a garment that is made already: each edge that changes loses its old end, then gets its new one. */
function changedOnly({ edges }: GarmentKind, begun: readonly StepSpec[]): readonly StepSpec[] {
  const added = new Set(edges.flatMap(({ adds }) => adds?.steps ?? []));
  const old = edges.filter(({ adds }) => adds === undefined);
  const hems = begun.filter(({ id }) => id === FOR_HEMS);
  return [
    ...old.map(cutOff),
    ...hems.map((one) => ({
      ...one,
      title: say`Press the new hem creases`,
      after: old.map(({ id }) => offId(id)),
    })),
    ...begun
      .filter((one) => one.edge !== undefined || added.has(one.id))
      .map((one) => (one.edge === undefined ? one : { ...one, after: [offId(one.edge), ...one.after] })),
  ];
}

/**
 * Names steps for `edge:X` and `seam:X`, as it was `begun` and not as it is changed since, drops what is not here, and
 * puts the front's mark first and the last look last.
 */
function resolve(steps: readonly StepSpec[], begun: readonly StepSpec[]): readonly StepSpec[] {
  const here = new Set(steps.map(({ id }) => id));
  const first = here.has('mark-front') ? 'mark-front' : undefined;
  return steps.map((one, at) => {
    const named = one.after.flatMap((token) => namedBy(token, begun)).filter((id) => here.has(id));
    const others = steps.slice(0, at).map(({ id }) => id);
    const after = one.id === 'last-look' ? others : named;
    const roots = first !== undefined && one.id !== first && after.length === 0 ? [first] : after;
    return { ...one, after: [...new Set(roots)].filter((id) => id !== one.id) };
  });
}

function namedBy(token: string, steps: readonly StepSpec[]): readonly string[] {
  const [what, name] = token.split(':');
  if (name === undefined) return [token];
  return steps.filter((one) => (what === 'edge' ? one.edge === name : one.seam === name)).map(({ id }) => id);
}

/**
 * A circle among `X before Y`, as the ids along it, the first again at its end; `undefined` where there is none.
 */
export function findCircle(
  steps: readonly { readonly id: string; readonly after: readonly string[] }[],
): readonly string[] | undefined {
  const before = new Map(steps.map(({ id, after }) => [id, after]));
  const done = new Set<string>();
  const walk = (id: string, path: readonly string[]): readonly string[] | undefined => {
    const at = path.indexOf(id);
    if (at >= 0) return [...path.slice(at), id].toReversed();
    if (done.has(id)) return undefined;
    for (const one of before.get(id) ?? []) {
      const circle = walk(one, [...path, id]);
      if (circle) return circle;
    }
    done.add(id);
    return undefined;
  };
  for (const { id } of steps) {
    const circle = walk(id, []);
    if (circle) return circle;
  }
  return undefined;
}
