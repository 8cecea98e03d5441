import { readClothOnce } from '../cloth/readClothOnce';
import type { Explained, Phrase } from '../explain/explained';
import { getNumber, createLedger, say } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import { bandsFollow, newGarment, type Garment } from '../facts/garment';
import { kindIds, type KindId } from '../facts/kindIds';
import type { Wearer } from '../facts/wearer';
import { catalogue } from '../garments/catalogue';
import { usualUse } from '../edges/useOf';
import { kindOf } from '../garments/kindOf';
import { AMOUNT_CHECK } from '../cloth/amount';
import { planGarment } from '../plan/planGarment';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { GarmentPlan } from '../plan/types';
import type { Problem } from '../explain/problem';

/** Whether a cloth can become a garment. Every sentence's numbers come with it. */
export interface Verdict {
  readonly answer: 'yes' | 'yes if' | 'test first' | 'no';
  /** What has to be done for it; empty unless the answer is `yes if`. */
  readonly ifs: readonly Phrase[];
  /** The checks that failed as it stands, with their shortfall. */
  readonly because: readonly Phrase[];
  /** What works but wants care. */
  readonly mind: readonly Phrase[];
  /** How many times over the scarcest thing is there, for a *yes if* once it is mended; absent where nothing was measured. */
  readonly margin?: number;
  /** Numbers the sentences speak of. */
  readonly numbers: Readonly<Record<string, Explained>>;
}

/** A cloth on the shelf by its id. */
interface Shelved {
  readonly id: string;
  readonly cloth: Cloth;
}

export interface JudgeOptions {
  readonly onDate: string;
  /** Cloths that may line it or make its body. */
  readonly shelf: readonly Shelved[];
}

/** What a cloth can become: every garment of the catalogue, best first. */
export function becomings(
  { id, cloth }: Shelved,
  layerCloths: Readonly<Record<string, Cloth>>,
  wearer: Wearer | undefined,
  options: JudgeOptions,
): readonly { readonly kind: KindId; readonly label: string; readonly verdict: Verdict }[] {
  return kindIds
    .map((kind) => {
      const garment: Garment = { ...newGarment('', kind), outerClothId: id };
      const facts: GarmentFacts = {
        garment: { ...garment, style: catalogue[kind].styles[0].id },
        outer: cloth,
        band: cloth,
        layerCloths,
        ...(wearer ? { wearer } : {}),
      };
      return { kind, label: catalogue[kind].label, verdict: judge(facts, options) };
    })
    .toSorted((a, b) => compare(a.verdict, b.verdict));
}

/** Which cloths could make a garment, best first. */
export function clothsFor(
  facts: GarmentFacts,
  options: JudgeOptions,
): readonly { readonly id: string; readonly name: string; readonly verdict: Verdict }[] {
  const follows = bandsFollow(facts.garment);
  const layerCloths = { ...facts.layerCloths };
  for (const { id, cloth } of options.shelf) layerCloths[id] = cloth;
  return options.shelf
    .map(({ id, cloth }) => ({
      id,
      name: cloth.name,
      verdict: judge(
        {
          ...facts,
          layerCloths,
          outer: cloth,
          ...(follows ? { band: cloth } : {}),
        },
        options,
      ),
    }))
    .toSorted((a, b) => compare(a.verdict, b.verdict));
}

/**
 * Plans a garment as it stands, and where it cannot work again with each way out applied, alone and two
 * together. A `yes if` is only given when the plan with its remedies passes.
 */
export function judge(facts: GarmentFacts, options: JudgeOptions): Verdict {
  const plan = planGarment(facts, options);
  if (!facts.outer || !isTested(facts)) {
    return verdict('test first', plan, [], [say`Pull a swatch of it first: two minutes with a ruler.`], []);
  }
  const stops = stopsOf(plan);
  const mind = plan.checks
    .filter(
      ({ id, state, severity }) =>
        (state === 'short' && severity === 'look' && !SETTLED.has(id)) ||
        (state === 'unknown' && ASKED.has(id)),
    )
    .map(({ sentence }) => sentence);
  if (stops.length === 0) return verdict('yes', plan, [], [], mind);
  const because = stops.map(({ sentence }) => sentence);
  const more = moreCloth(plan);
  for (const way of waysOut(facts, plan, options)) {
    const changed = way.reduce((to, remedy) => remedy.apply(to), facts);
    const remedies = changed.outer === facts.outer ? [...way, ...more] : way;
    if (!canMend(remedies, stops)) continue;
    const mended = planGarment(
      remedies.reduce((to, remedy) => remedy.apply(to), facts),
      options,
    );
    if (stopsOf(mended).length > 0) continue;
    const words = remedies.map((remedy) => remedy.words);
    return { ...verdict('yes if', plan, words, because, mind), ...marginOf(mended) };
  }
  return verdict('no', plan, [], because, mind);
}

/** Checks that are a stop here, not a thing to mind: a cloth short of its length, or that would bag. */
const SETTLED: ReadonlySet<string> = new Set([AMOUNT_CHECK, 'check.recovery']);

/** Linings that are tried together with another way out. */
const PAIRED_LININGS = 4;

/** Checks that could turn a yes into a no once somebody says how the cloth is. */
const ASKED: ReadonlySet<string> = new Set(['check.opaque', 'check.swim']);

interface Remedy {
  readonly words: Phrase;
  /** Beginnings of the ids of the problems it can mend; ways that leave one out are not planned at all. */
  readonly mends: readonly string[];
  readonly apply: (facts: GarmentFacts) => GarmentFacts;
}

const canMend = (remedies: readonly Remedy[], stops: readonly Problem[]): boolean =>
  stops.every(({ id }) => remedies.some(({ mends }) => mends.some((start) => id.startsWith(start))));

/** Every way out that fits what failed: none but what is bought, single ones, then two together. */
function waysOut(
  facts: GarmentFacts,
  plan: GarmentPlan,
  options: JudgeOptions,
): readonly (readonly Remedy[])[] {
  const base = [...wearLarger(facts), ...otherStyles(facts), ...openings(plan), ...otherEdges(plan)];
  const lined = linings(facts, options);
  const single = [...base, ...lined, ...otherBands(facts, options), ...bandOnly(facts, options)];
  const pairable = [...base, ...lined.slice(0, PAIRED_LININGS)];
  const pairs = pairable.flatMap((a, at) => pairable.slice(at + 1).map((b) => [a, b]));
  return [[], ...single.map((remedy) => [remedy]), ...pairs];
}

/** Buying what is missing of its length, where it is too short. */
function moreCloth(plan: GarmentPlan): readonly Remedy[] {
  const short = plan.checks.find(({ id, state }) => id === AMOUNT_CHECK && state === 'short');
  const needs = short?.needs === undefined ? undefined : plan.numbers[short.needs]?.value;
  if (!short || needs === undefined) return [];
  return short.remedies.map((words) => ({
    words,
    mends: ['check-amount'],
    apply: (to) => (to.outer ? { ...to, outer: { ...to.outer, onHandMm: needs } } : to),
  }));
}

const change = (facts: GarmentFacts, garment: Partial<Garment>): GarmentFacts => ({
  ...facts,
  garment: { ...facts.garment, ...garment },
});

function wearLarger(facts: GarmentFacts): Remedy[] {
  const kind = kindOf(facts.garment, facts.ownKind);
  const fit = Object.fromEntries(kind.zones.map(({ id }) => [id, { school: 'share', share: 0 } as const]));
  return [
    {
      words: say`size up, so that it skims the body everywhere`,
      mends: ['zone-', 'opening-', 'outer-recovery', 'check-recovery'],
      apply: (to) => change(to, { fit }),
    },
  ];
}

const otherStyles = (facts: GarmentFacts): Remedy[] =>
  kindOf(facts.garment, facts.ownKind)
    .styles.filter(({ id }) => id !== facts.garment.style)
    .map(({ id, label }) => ({
      words: say`make it otherwise: ${label.toLowerCase()}`,
      mends: ['zone-', 'opening-', 'outer-recovery', 'check-recovery', 'check-swim', 'check-edge'],
      apply: (to) => change(to, { style: id, fit: {} }),
    }));

function openings(plan: GarmentPlan): Remedy[] {
  const failing = plan.openings.filter(({ ok }) => !ok);
  if (failing.length === 0) return [];
  const closures = Object.fromEntries(failing.map(({ id }) => [id, true]));
  const names = failing.map(({ label }) => label.toLowerCase()).join(' and ');
  return [
    {
      words: say`give it a closure at the ${names}`,
      mends: ['opening-'],
      apply: (to) => change(to, { closures: { ...to.garment.closures, ...closures } }),
    },
  ];
}

function otherEdges(plan: GarmentPlan): Remedy[] {
  const failing = plan.checks
    .filter(({ id, state }) => id.startsWith('check.edge.') && state === 'short')
    .map(({ id }) => id.slice('check.edge.'.length));
  if (failing.length === 0) return [];
  return [
    {
      words: say`finish the cut edges with elastic instead`,
      mends: ['check-edge'],
      apply: (to) => {
        const { edges = {} } = to.garment;
        const kind = kindOf(to.garment, to.ownKind);
        const elastics = kind.edges
          .filter(({ id }) => failing.includes(id))
          .map((edge) => [edge.id, { ...edges[edge.id], use: usualUse(edge, 'elastic') }] as const);
        return change(to, { edges: { ...edges, ...Object.fromEntries(elastics) } });
      },
    },
  ];
}

function linings(facts: GarmentFacts, { shelf }: JudgeOptions): Remedy[] {
  if (facts.lining) return [];
  return shelf
    .filter(({ cloth }) => cloth !== facts.outer && !cloth.layers && isTestedCloth(cloth))
    .map(({ id, cloth }) => ({
      words: say`line it with ${{ name: cloth.name }}`,
      mends: ['check-opaque', 'check-recovery'],
      apply: (to) => ({ ...change(to, { liningClothId: id }), lining: cloth }),
    }));
}

/** Bands cut from another cloth of the shelf. */
function otherBands(facts: GarmentFacts, { shelf }: JudgeOptions): Remedy[] {
  const kind = kindOf(facts.garment, facts.ownKind);
  const banded =
    kind.edges.some(({ finish }) => finish === 'band') || kind.pieces.some(({ cloth }) => cloth === 'band');
  if (!banded) return [];
  return shelf
    .filter(({ cloth }) => cloth !== facts.band && !cloth.layers && isTestedCloth(cloth))
    .map(({ id, cloth }) => ({
      words: say`cut its bands from ${{ name: cloth.name }}`,
      mends: ['band-', 'opening-'],
      apply: (to) => ({ ...change(to, { bandClothId: id }), band: cloth }),
    }));
}

/** The cloth as the band of a body cut from another cloth of the shelf. */
function bandOnly(facts: GarmentFacts, { shelf }: JudgeOptions): Remedy[] {
  const kind = kindOf(facts.garment, facts.ownKind);
  const banded = kind.edges.some(({ finish }) => finish === 'band');
  const { outer } = facts;
  if (!banded || !outer || kind.pieces.length === 0) return [];
  return shelf
    .filter(({ cloth }) => cloth !== outer && !cloth.layers && isTestedCloth(cloth))
    .map(({ id, cloth }) => ({
      words: say`use it for the band only, on a body of ${{ name: cloth.name }}`,
      mends: [''],
      apply: (to) => ({ ...change(to, { outerClothId: id }), outer: cloth, band: outer }),
    }));
}

/**
 * What cannot work at the cloth or the fit, a recovery under which it would bag, and too little of it; seams and
 * bands are settled later.
 */
const stopsOf = (plan: GarmentPlan): readonly Problem[] =>
  plan.problems.filter(
    ({ id, severity, stage }) =>
      id === 'check-recovery' ||
      id === 'check-amount' ||
      (severity === 'stop' && (stage === 'stretch' || stage === 'fit')),
  );

const isTested = ({ outer, layerCloths }: GarmentFacts): boolean =>
  outer !== undefined && isTestedCloth(outer, layerCloths);

const isTestedCloth = (cloth: Cloth, layerCloths: Readonly<Record<string, Cloth>> = {}): boolean =>
  readClothOnce(createLedger(), 'cloth', cloth, (id) => layerCloths[id]).around !== undefined;

function verdict(
  answer: Verdict['answer'],
  plan: GarmentPlan,
  ifs: readonly Phrase[],
  because: readonly Phrase[],
  mind: readonly Phrase[],
): Verdict {
  const named = [...ifs, ...because, ...mind].flatMap((phrase) =>
    phrase.flatMap((part) => (typeof part === 'object' && 'n' in part ? [part.n] : [])),
  );
  return {
    answer,
    ifs,
    because,
    mind,
    ...marginOf(plan),
    numbers: Object.fromEntries(named.map((id) => [id, getNumber(plan.numbers, id)])),
  };
}

/** The smallest of: checks, zones against their limit, openings against what they give; elastics come later. */
function marginOf(plan: GarmentPlan): Pick<Verdict, 'margin'> {
  const get = (id: string) => plan.numbers[id]?.value ?? 0;
  const margins = [
    ...plan.checks.flatMap(({ margin }) => (margin === undefined ? [] : [get(margin)])),
    ...plan.zones.flatMap(({ extension, limit }) =>
      get(extension) > 1e-6 ? [get(limit) / get(extension)] : [],
    ),
    ...plan.openings.flatMap(({ parts }) =>
      parts.flatMap(({ label, needs, gives }) =>
        label !== 'elastic' && get(needs) > 1e-6 ? [get(gives) / get(needs)] : [],
      ),
    ),
  ];
  return margins.length === 0 ? {} : { margin: Math.min(...margins) };
}

const RANK = { yes: 0, 'yes if': 1, 'test first': 2, no: 3 } as const;

/** Best answer first; of equals the one with the larger smallest margin. */
const compare = (a: Verdict, b: Verdict): number =>
  RANK[a.answer] - RANK[b.answer] || (b.margin ?? 0) - (a.margin ?? 0);
