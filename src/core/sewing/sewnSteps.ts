import type { ClothReading } from '../cloth/reading';
import type { OpeningPlan } from '../edges/types';
import type { ZonePlan } from '../fit/types';
import type { GarmentFacts } from '../facts/garmentFacts';
import { machinesFor, machinesSee } from './machinesFor';
import { planHandling, wearingOf } from './wearing';
import { assemble, findCircle, ofStep, type Assembly } from './assembly/assemble';
import { jobOf, type JobId } from '../machines/seams/jobs';
import type { RecipeFacts, Ways } from './assembly/recipe';
import type { StepSpec } from './assembly/step';
import { say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { Garment } from '../facts/garment';
import type { Machine } from '../facts/machine';
import type { StitchId } from '../facts/stitchIds';
import type { GarmentKind } from '../fit/garmentKind';
import { askedOf, asSewn, chooseStitch, type StitchChoice } from '../machines/seams/chooseStitch';
import { demandOf, type Demand, type Wearing } from '../machines/seams/demand';
import { DEFAULT_PLIES_MM } from '../machines/seams/stitchStretch';
import { stitches } from '../machines/seams/stitches';

/** A step with the stitch and machine that were chosen for it, and what its row has to reach. */
export interface SewnStep {
  readonly spec: StepSpec;
  readonly choice?: StitchChoice;
  readonly demand?: Demand;
  /** It holds a setup's swatch, of this stitch. */
  readonly swatch?: true;
}

export interface SewnSteps {
  readonly assembly: Assembly;
  readonly steps: readonly SewnStep[];
  readonly machines: Readonly<Record<string, Machine>>;
  /** The person's own `this before that` that cannot be kept: they make this circle of step ids. */
  readonly circle?: readonly string[];
}

const sewnSee = {
  records: ['outer', 'lining', 'ownKind', ...machinesSee.records],
  garment: [
    ...(['kind', 'outerClothId', 'picks', 'sewn', 'befores', 'seams'] as const),
    ...(['stay', 'topstitched', 'ways', 'edges', 'mends'] as const),
    ...machinesSee.garment,
  ],
} as const;

/** Of its edges no more than recipes read: what is typed at one does not touch the steps. */
type SewnFacts = Omit<SeenBy<typeof sewnSee>, 'garment'> & {
  readonly garment: Omit<SeenBy<typeof sewnSee>['garment'], 'edges'> & RecipeFacts;
};

interface SewnInputs {
  readonly facts: SewnFacts;
  readonly kind: GarmentKind;
  readonly wearing: Wearing;
  readonly ways?: Ways;
}

/** How much two plies of the cloth take up in a stitch, mm. */
export const pliesMm = ({ outer }: Pick<GarmentFacts, 'outer'>): number =>
  outer?.thicknessMm === undefined ? DEFAULT_PLIES_MM : 2 * outer.thicknessMm;

interface PlannedInputs {
  readonly book: Ledger;
  readonly facts: SewnFacts;
  readonly kind: GarmentKind;
  readonly cloth: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly openings: readonly OpeningPlan[];
}

/** The steps of a garment that is being planned: how it is worn and pulled on, and what sews each. */
export const planSewn = stage(sewnSee, ({ book, facts, kind, cloth, zones, openings }: PlannedInputs) => {
  planHandling(book, cloth);
  return sewnSteps({ facts, kind, wearing: wearingOf(kind, facts.garment, zones, openings, book.numbers) });
});

/** The garment's steps in written order, each with its stitch: finishing passes by themselves, a swatch of each setup first. */
export function sewnSteps({ facts, kind, wearing, ways }: SewnInputs): SewnSteps {
  const { garment, ownKind, lining } = facts;
  const base = ownKind?.base ?? garment.kind;
  const lined = lining !== undefined && !kind.liningIsPart;
  const assembly = assemble({ base, kind, garment, lined, ...(ways ? { ways } : {}) });
  const machines = machinesFor(facts);
  const inputs = { machines, clothId: garment.outerClothId, pliesMm: pliesMm(facts) };
  const seams = new Map(kind.seams.map((one) => [one.id, one]));
  const edges = new Map(kind.edges.map((one) => [one.id, one]));
  const demands = new Map<string, Demand | undefined>();
  const demandAlong = ({ seam, edge }: StepSpec): Demand | undefined => {
    const key = `${seam ?? ''}/${edge ?? ''}`;
    if (!demands.has(key))
      demands.set(key, demandOf(wearing, { seam: seams.get(seam ?? ''), edge: edges.get(edge ?? '') }));
    return demands.get(key);
  };
  const demandOn = (spec: StepSpec, job: JobId): Demand | undefined =>
    jobOf(job).across || (spec.seam === undefined && spec.edge === undefined) ? undefined : demandAlong(spec);
  // The hems of one garment are sewn alike: with a stitch that does for the one that is asked most.
  const hems = Math.max(
    ...assembly.steps
      .filter(({ id, job }) => job === 'hem' && garment.picks?.[id] === undefined)
      .map((spec) => askedOf('hem', demandOn(spec, 'hem')?.share)),
  );
  const choose = (spec: StepSpec): SewnStep => {
    if (!spec.job) return { spec };
    const demand = demandOn(spec, spec.job);
    const alike = spec.job === 'hem' ? hems : 0;
    const before = ofStep(garment.sewn, spec.id);
    const choice = before
      ? asSewn(inputs, spec.job, demand?.share, before.stitch)
      : chooseStitch(inputs, spec.job, demand?.share, garment.picks?.[spec.id], alike);
    if (spec.otherwise && choice.stitch !== jobOf(spec.job).ways[0]) return choose(spec.otherwise);
    return { spec, choice, ...(demand ? { demand } : {}) };
  };
  const sewn = assembly.steps.map(choose);
  const nameOf = ({ seam, edge }: StepSpec): string | undefined =>
    (seams.get(seam ?? '') ?? edges.get(edge ?? ''))?.label;
  const split = withFinishes(sewn, choose, nameOf);
  const swatched = withSwatches(split, (id) => ofStep(garment.sewn, id) !== undefined);
  return { assembly, machines, ...withBefores(swatched, garment.befores) };
}

/** A seam whose stitch does not finish the edge gets a pass of its own, before whatever crosses it. */
function withFinishes(
  steps: readonly SewnStep[],
  choose: (spec: StepSpec) => SewnStep,
  nameOf: (spec: StepSpec) => string | undefined,
): readonly SewnStep[] {
  const split = new Map<string, string>();
  const out = steps.flatMap((one): SewnStep[] => {
    if (!one.choice?.extraPass) return [one];
    const { spec } = one;
    const id = `${spec.id}-finish`;
    split.set(spec.id, id);
    const isFinish = (pass: string) => pass.endsWith('/finish');
    return [
      { ...one, spec: { ...spec, passes: spec.passes.filter((pass) => !isFinish(pass)) } },
      choose(finishStep(spec, id, nameOf(spec), spec.passes.filter(isFinish))),
    ];
  });
  if (split.size === 0) return out;
  return out.map((one) => ({
    ...one,
    spec: {
      ...one.spec,
      after: one.spec.after.flatMap((before) => {
        const also = split.get(before);
        return also === undefined || also === one.spec.id ? [before] : [before, also];
      }),
    },
  }));
}

function finishStep(
  spec: StepSpec,
  id: string,
  name: string | undefined,
  passes: readonly string[],
): StepSpec {
  const finish: JobId = 'finish';
  return {
    id,
    title: (f) => {
      const title = typeof spec.title === 'function' ? spec.title(f) : spec.title;
      return name === undefined
        ? say`${title ?? say`The seam`}: trim and overcast`
        : say`${name}: trim and overcast`;
    },
    place: 'machine',
    job: finish,
    ...(spec.seam ? { seam: spec.seam } : {}),
    ...(spec.edge ? { edge: spec.edge } : {}),
    after: [spec.id],
    passes,
    lines: [
      (f) =>
        f.trimmed
          ? say`Trim the allowance to ${f.trimmed}, both layers together.`
          : say`The allowance is narrow enough: trim only what sticks out.`,
      say`Overcast them as one, the swing falling off the cut edge.`,
    ],
    check: say`No whisker of cloth hangs free; the seam still stretches.`,
    cautions: [],
    minutes: Math.ceil(spec.minutes / 2),
    sides: 'both allowances as one',
    up: 'either side',
    start: 'one end',
    ...(spec.press ? { press: spec.press } : {}),
    ...(spec.times ? { times: spec.times } : {}),
    ...(spec.ring ? { ring: true } : {}),
  };
}

/** A swatch of every setup on this cloth comes before its first seam; where a card has one, that is it. */
function withSwatches(steps: readonly SewnStep[], done: (id: string) => boolean): readonly SewnStep[] {
  const swatches = new Map<string, SewnStep>();
  const open = new Set<string>();
  const twice = onTwoMachines(steps);
  const out = steps.map((one) => {
    const { choice, spec } = one;
    if (!choice || choice.cardId !== undefined || !spec.job || jobOf(spec.job).noSwatch) return one;
    const id = twice.has(choice.stitch)
      ? `swatch-${choice.stitch}-${choice.machineId ?? 'hand'}`.slice(0, 40)
      : `swatch-${choice.stitch}`;
    if (!swatches.has(id)) swatches.set(id, swatchStep(id, one));
    if (!done(spec.id)) open.add(id);
    return { ...one, spec: { ...spec, after: [...spec.after, id] } };
  });
  const front = out[0]?.spec.id === 'mark-front' ? 1 : 0;
  const first = front === 1 ? ['mark-front'] : [];
  // A setup whose seams are all sewn wants no swatch any more.
  const gone = [...swatches.keys()].filter((id) => !open.has(id) && !done(id));
  for (const id of gone) swatches.delete(id);
  const made = [...swatches.values()].map((one) => ({ ...one, spec: { ...one.spec, after: first } }));
  const last = out.at(-1);
  if (last?.spec.id === 'last-look') {
    const after = [...new Set([...last.spec.after, ...swatches.keys()])];
    out[out.length - 1] = { ...last, spec: { ...last.spec, after } };
  }
  const all = [...out.slice(0, front), ...made, ...out.slice(front)];
  if (gone.length === 0) return all;
  return all.map((one) => ({
    ...one,
    spec: { ...one.spec, after: one.spec.after.filter((id) => !gone.includes(id)) },
  }));
}

/** Stitches that are sewn on two machines here: they want a swatch on each. */
function onTwoMachines(steps: readonly SewnStep[]): ReadonlySet<StitchId> {
  const on = new Map<StitchId, string | undefined>();
  const twice = new Set<StitchId>();
  for (const { choice } of steps) {
    if (!choice) continue;
    if (on.has(choice.stitch) && on.get(choice.stitch) !== choice.machineId) twice.add(choice.stitch);
    on.set(choice.stitch, choice.machineId);
  }
  return twice;
}

function swatchStep(id: string, { choice, spec }: SewnStep): SewnStep {
  const stitch = stitches[(choice as StitchChoice).stitch];
  const made: StepSpec = {
    id,
    title: say`Swatch: ${stitch.name}`,
    place: 'machine',
    ...(spec.job ? { job: spec.job } : {}),
    after: [],
    passes: [],
    lines: [
      (f) =>
        say`Sew ${f.swatch} through the same layers on a scrap of ${f.names.outer}, along its greatest stretch, and mark both ends.`,
      say`Measure it as it lies, then stretch it until it resists or pops. Keep it as a card: from then on your own figure counts.`,
      ...(stitch.note ? [say`${stitch.note}`] : []),
    ],
    check: jobOf(spec.job ?? 'seam').swatchCheck ?? say`Flat, as long as it was, and no thread broken.`,
    cautions: ['power'],
    minutes: 5,
    sides: 'right sides facing',
    up: 'either side',
    start: 'one end',
  };
  return { spec: made, swatch: true, ...(choice ? { choice } : {}) };
}

/** The person's own `this before that`, unless they make a circle. */
function withBefores(
  steps: readonly SewnStep[],
  befores: Garment['befores'] = {},
): Pick<SewnSteps, 'steps' | 'circle'> {
  const here = new Set(steps.map(({ spec }) => spec.id));
  const own = Object.values(befores).filter(({ first, then }) => here.has(first) && here.has(then));
  if (own.length === 0) return { steps };
  const bound = steps.map((one) => ({
    ...one,
    spec: {
      ...one.spec,
      after: [
        ...new Set([
          ...one.spec.after,
          ...own.filter(({ then }) => then === one.spec.id).map(({ first }) => first),
        ]),
      ],
    },
  }));
  const circle = findCircle(bound.map(({ spec }) => spec));
  return circle ? { steps, circle } : { steps: bound };
}
