import { chosenWays, ofStep } from '../../assembly/assemble';
import { brokenBy, orderCost, type Order, type OrderCost } from '../../assembly/order';
import { jobOf } from '../../assembly/jobs';
import { cautionTexts, type CautionId, type Figures, type Line } from '../../assembly/step';
import { createLedger, leaf, type Ledger } from '../../explain/ledger';
import type { Explained, Phrase, Term } from '../../explain/explained';
import type { Cloth } from '../../facts/cloth';
import type { Garment } from '../../facts/garment';
import type { Machine, SetupCard } from '../../facts/machine';
import { setupSpec, type Setup } from '../../facts/setup';
import { kindOf } from '../../garments/kindOf';
import { applySetup, changeMinutes, checklist, toPutBack } from '../../machines/changeover';
import { dialsOf, isTension, type DialField } from '../../machines/dials';
import { wholeSetup } from '../../machines/machineFields';
import { helpsFor, needleFor, needleText } from '../../machines/needles';
import { cardFor } from '../../machines/setupFor';
import type { StitchOption } from '../../seams/chooseStitch';
import { stitches } from '../../seams/stitches';
import type { GarmentFacts, GarmentPlan } from '../types';
import { figuresOf } from './figures';
import { elasticAt, bestPlan, type Ordering, type Plan, type SetStep } from './ordering';
import { isRow, rowDemand } from './popRows';
import { askedBy, capacityNumber, type RowNumbers } from './rowNumbers';
import { rowLength } from './seamLengths';
import { tellsOf } from './tells';
import { planThreads } from './threads';
import type { OrderPlan, OtherStitch, SetupPlan, SewingPlan, StepPlan } from './types';
import { wearingOf } from './wearing';

/** Runs after which the clock's own minutes count (T). */
const RUNS_TO_LEARN = 3;
/** What an extra pass takes of its seam's minutes (an estimate). */
const EXTRA_PASS = 0.5;

/**
 * Everything about sewing a planned garment: the order, each step in full, setups and changes, which rows hold,
 * thread. Pure; its numbers take those of the plan in.
 */
export function planSewing(facts: GarmentFacts, plan: GarmentPlan): SewingPlan {
  const { garment } = facts;
  const kind = kindOf(garment, facts.ownKind);
  const book = createLedger();
  const wearing = wearingOf(kind, garment, plan.zones, plan.openings, plan.numbers);
  const { best, ways } = bestPlan(facts, kind, wearing, chosenWays(garment));
  const rows: RowNumbers = { book, known: plan.numbers, facts, zones: plan.zones, openings: plan.openings };
  const figures = figuresOf(book, facts, plan);
  const done = (id: string) => ofStep(garment.sewn, id) !== undefined;
  const ids = orderOf(best, facts, done);
  const lengths = new Map(
    best.steps
      .filter(({ choice }) => choice)
      .map(({ spec, swatch }) => [
        spec.id,
        swatch ? (book.numbers[figures.swatch.n] as Explained) : rowLength({ book, facts, kind, plan }, spec),
      ]),
  );
  const setups = setupPlans(best, facts, rows);
  const walked = walk(best, ids, done);
  const byId = new Map(best.steps.map((step) => [step.spec.id, step]));
  const steps = ids.all.map((id) => {
    const step = byId.get(id) as SetStep;
    return stepPlan({ rows, figures, best, facts, step, lengths, kind, setups, done: done(id), walked });
  });
  const left = steps.filter((step) => !step.done);
  const machines = best.sewn.machines;
  const writtenIds = writtenOrder(best, facts);
  const bestIds = best.order.order.map((at) => best.ordering.ids[at] as string);
  const number = (id: string) => (book.numbers[id] ?? plan.numbers[id]) as Explained;
  const minutesLeft = book.work('sew.minutesLeft', {
    label: 'minutes left: the steps, and changing over',
    unit: 'minutes',
    mark: 'D',
    formula: left.length === 0 ? 'c' : `c + ${left.map((_, at) => `m${at}`).join(' + ')}`,
    terms: {
      c: leaf('changing over', walked.minutes, 'minutes', 'T'),
      ...Object.fromEntries(left.map((step, at) => [`m${at}`, number(step.minutes)])),
    } as Record<string, Term | Explained>,
    by: (v) => Object.values(v).reduce((sum, one) => sum + one, 0),
  });
  const margin = ({ row }: StepPlan) => (row ? number(row.margin).value : 0);
  const sewing = {
    steps,
    order: orderPlan(
      book,
      'order',
      'this order',
      ids.left,
      costOf(best.ordering, ids.left),
      ids.own ? undefined : best.order,
    ),
    best: orderPlan(book, 'best', 'the best order', bestIds, best.order, best.order),
    written: orderPlan(
      book,
      'written',
      'the written order',
      writtenIds,
      costOf(best.ordering, writtenIds),
      undefined,
    ),
    broken: broken(best.ordering, ids.left),
    own: ids.own,
    minutesLeft: minutesLeft.id,
    setups: [...setups.values()],
    pops: steps
      .filter(({ row }) => row)
      .sort((a, b) => margin(a) - margin(b))
      .map(({ id }) => id),
    threads: planThreads(
      book,
      facts,
      best.steps.flatMap((step) => {
        const length = lengths.get(step.spec.id);
        return length && !done(step.spec.id) ? [{ step, length }] : [];
      }),
    ),
    ways,
    putBack: partsToPutBack(best, walked, garment),
    helps: helpsFor(facts.outer),
    needle: needleWords(facts, setups),
    stations: stationNames(machines),
  };
  return { ...sewing, numbers: { ...plan.numbers, ...book.numbers } };
}

/** The needles its setups really want: through elastic another kind than the cloth alone. */
function needleWords({ outer }: GarmentFacts, setups: ReadonlyMap<string, SetupPlan>): string {
  const wanted = new Set(
    [...setups.values()].flatMap(({ setup: { needleKind, needleNm } }) =>
      needleKind === undefined || needleNm === undefined ? [] : [`${needleKind}, ${needleText(needleNm)}`],
    ),
  );
  const { kind, needleNm, why } = needleFor(outer);
  const own = `${kind}, ${needleText(needleNm)}`;
  const list = wanted.size === 0 ? own : [...wanted].join('; and ');
  return `New needles for each project: ${list}. ${wanted.size <= 1 && wanted.has(own) ? why : 'Each setup says which.'}`;
}

const stationNames = (machines: Readonly<Record<string, Machine>>): Readonly<Record<string, string>> => ({
  table: 'Table',
  iron: 'Iron',
  body: 'On the body',
  ...Object.fromEntries(Object.entries(machines).map(([id, { name }]) => [id, capital(name)])),
});
const capital = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);

interface Ids {
  /** All steps: done first, then what is left in its order. */
  readonly all: readonly string[];
  readonly left: readonly string[];
  readonly own: boolean;
}

/**
 * The order that is followed: the person's own where there is one, with what it does not name put in; else the one
 * that was begun, as long as none is better; else the best.
 */
function orderOf(
  { steps, ordering, order }: Plan,
  { garment }: GarmentFacts,
  done: (id: string) => boolean,
): Ids {
  const doneIds = steps.filter(({ spec }) => done(spec.id)).map(({ spec }) => spec.id);
  const best = order.order.map((at) => ordering.ids[at] as string);
  const own = garment.order;
  if (!own || Object.keys(own).length === 0) {
    const begun = garment.followed && placeNew(best, garment.followed);
    const left = begun && asGood(ordering, begun, order) ? begun : best;
    return { all: [...doneIds, ...left], left, own: false };
  }
  const left = placeNew(best, own);
  return { all: [...doneIds, ...left], left, own: true };
}

const asGood = (ordering: Ordering, ids: readonly string[], best: OrderCost): boolean => {
  const cost = costOf(ordering, ids);
  return (
    broken(ordering, ids).length === 0 &&
    cost.changeMinutes <= best.changeMinutes + 1e-9 &&
    cost.moves <= best.moves
  );
};

/** Steps the own order does not know go right after the step that precedes them in the best one. */
function placeNew(best: readonly string[], own: Readonly<Record<string, number>>): readonly string[] {
  const known = best.filter((id) => own[id] !== undefined).sort((a, b) => (own[a] ?? 0) - (own[b] ?? 0));
  const out = [...known];
  best.forEach((id, at) => {
    if (own[id] !== undefined) return;
    const before = best[at - 1];
    out.splice(before === undefined ? 0 : out.indexOf(before) + 1, 0, id);
  });
  return out;
}

/** The steps that are left as the pattern's own sheet has them, else as such patterns usually do. */
function writtenOrder({ ordering }: Plan, { pattern }: GarmentFacts): readonly string[] {
  const written = pattern?.order;
  return written && Object.keys(written).length > 0 ? placeNew(ordering.ids, written) : ordering.ids;
}

const numbersOf = ({ ids }: Ordering, order: readonly string[]): readonly number[] => {
  const at = new Map(ids.map((id, index) => [id, index]));
  return order.flatMap((id) => at.get(id) ?? []);
};

const costOf = (ordering: Ordering, order: readonly string[]): OrderCost =>
  orderCost(ordering.problem, numbersOf(ordering, order));

const broken = (ordering: Ordering, order: readonly string[]): readonly (readonly [string, string])[] =>
  brokenBy(ordering.problem, numbersOf(ordering, order)).map(
    ([a, b]) => [ordering.ids[a] as string, ordering.ids[b] as string] as const,
  );

function orderPlan(
  book: Ledger,
  id: string,
  label: string,
  ids: readonly string[],
  cost: OrderCost,
  order: Order | undefined,
): OrderPlan {
  const counted = (part: string, words: string, count: number) =>
    book.given(`${id}.${part}`, `${words}, ${label}`, count, 'count', 'measured', 'Counted along the steps.')
      .id;
  const minutes = Object.fromEntries(
    [0, ...cost.each].map((one, at) => [
      `c${at}`,
      leaf(at === 0 ? 'nothing to change over at the start' : `change ${at}`, one, 'minutes', 'T'),
    ]),
  );
  return {
    ids,
    changeMinutes: book.work(`${id}.changeMinutes`, {
      label: `changing over, ${label}`,
      unit: 'minutes',
      mark: 'D',
      note: 'Added up over the steps, one after the other.',
      formula: Object.keys(minutes).join(' + '),
      terms: minutes,
      by: (v) => Object.values(v).reduce((sum, one) => sum + one, 0),
    }).id,
    changes: counted('changes', 'changes of setup', cost.changes),
    moves: counted('moves', 'times the work is carried', cost.moves),
    provedChanges: order?.provedChanges ?? false,
    provedMoves: order?.provedMoves ?? false,
    leastMoves: order?.leastMoves ?? 0,
  };
}

interface Walked {
  /** What has to be changed before each step, and its minutes. */
  readonly changes: ReadonlyMap<string, Pick<StepPlan, 'change' | 'changeMinutes'>>;
  readonly minutes: number;
  readonly stands: Readonly<Record<string, Setup>>;
}

/** Goes through the order and notes what each machine has to be changed to. */
function walk({ steps, sewn }: Plan, ids: Ids, done: (id: string) => boolean): Walked {
  const byId = new Map(steps.map((step) => [step.spec.id, step]));
  const stands: Record<string, Setup> = {};
  const changes = new Map<string, Pick<StepPlan, 'change' | 'changeMinutes'>>();
  let minutes = 0;
  for (const id of ids.all) {
    const step = byId.get(id);
    const machine = step?.setup && sewn.machines[step.station];
    if (!step?.setup || !machine || done(id)) continue;
    const present = stands[step.station] ?? (machine.present && wholeSetup(machine.kind, machine.present));
    const cost = changeMinutes(machine.kind, present, step.setup);
    changes.set(id, { change: checklist(present ?? {}, step.setup), changeMinutes: cost });
    minutes += cost;
    stands[step.station] = applySetup(present ?? {}, step.setup);
  }
  return { changes, minutes, stands };
}

/** What goes back on each machine that is used, once all is sewn: to how it stood before this garment. */
function partsToPutBack(
  { steps, sewn }: Plan,
  { stands }: Walked,
  { stoodBefore = {} }: Garment,
): SewingPlan['putBack'] {
  const used = new Set(steps.flatMap(({ setup, station }) => (setup ? [station] : [])));
  return [...used].flatMap((machineId) => {
    const machine = sewn.machines[machineId];
    const last = stands[machineId] ?? machine?.present;
    if (!machine || !last) return [];
    const home = wholeSetup(machine.kind, stoodBefore[machineId] ?? machine.present);
    const changes = toPutBack(home, wholeSetup(machine.kind, last));
    return changes.length > 0 ? [{ machineId, machine: machine.name, changes }] : [];
  });
}

const setupKey = ({ station, setup }: SetStep): string => `${station} ${JSON.stringify(setup)}`;

/** Every setup that is wanted, once, by machine and what is set. */
function setupPlans(
  { steps, sewn }: Plan,
  { garment }: GarmentFacts,
  rows: RowNumbers,
): ReadonlyMap<string, SetupPlan> {
  const seen = new Map<string, SetupPlan>();
  for (const step of steps) {
    const { choice, setup, station } = step;
    const machine = sewn.machines[station];
    const key = setupKey(step);
    if (!choice || !setup || !machine || seen.has(key)) continue;
    const { name, iso, note } = stitches[choice.stitch];
    const card = cardFor(machine, choice.stitch, garment.outerClothId);
    const id = `setup-${seen.size + 1}`;
    seen.set(key, {
      id,
      machineId: station,
      machine: capital(machine.name),
      stitch: choice.stitch,
      name,
      ...(iso === undefined ? {} : { iso }),
      setup,
      dials: dialsOf(setup).map((field) => ({
        field,
        at: dialNumber(rows.book, id, setup, field, card?.card),
      })),
      gives: capacityNumber(rows, choice).id,
      ...(card ? { card: { id: card.id, sewnOn: card.card.sewnOn } } : {}),
      ...(note === undefined ? {} : { note }),
    });
  }
  return seen;
}

/** Where a dial stands: as the card has it that was kept, else as such a stitch usually starts. */
function dialNumber(book: Ledger, id: string, setup: Setup, field: DialField, card?: SetupCard): string {
  const own = card?.setup[field] === setup[field];
  return book.given(
    `${id}.${field}`,
    setupSpec.fields[field].label.toLowerCase(),
    setup[field] ?? 0,
    isTension(field) ? 'count' : field === 'differential' ? 'dial' : 'dialMm',
    own ? 'own record' : 'T',
    own ? `Your card of ${card?.sewnOn ?? ''}.` : 'A starting setting: your swatch decides.',
  ).id;
}

interface StepInputs {
  readonly rows: RowNumbers;
  readonly figures: Figures;
  readonly best: Plan;
  readonly facts: GarmentFacts;
  readonly step: SetStep;
  readonly lengths: ReadonlyMap<string, Explained | undefined>;
  readonly kind: ReturnType<typeof kindOf>;
  readonly setups: ReadonlyMap<string, SetupPlan>;
  readonly done: boolean;
  readonly walked: Walked;
}

function stepPlan(inputs: StepInputs): StepPlan {
  const { rows, figures, best, facts, step, lengths, setups, done, walked } = inputs;
  const { spec, choice, station } = step;
  const { book } = rows;
  const text = (line: Line): Phrase | undefined => (typeof line === 'function' ? line(figures) : line);
  const job = spec.job && jobOf(spec.job);
  const machine = best.sewn.machines[station];
  const minutes = minutesOf(book, facts, step);
  const used = setups.get(setupKey(step));
  return {
    id: spec.id,
    title: text(spec.title) ?? [],
    lines: spec.lines.flatMap((line) => {
      const said = text(line);
      return said && said.length > 0 ? [said] : [];
    }),
    tells: tellsOf({
      book,
      figures,
      step,
      length: lengths.get(spec.id),
      elasticMm: elasticAt(facts, spec.edge),
      pile: facts.outer?.pile === 'yes',
    }),
    check: text(spec.check) ?? [],
    cautions: cautionsOf(step, figures, facts.outer),
    ...minutes,
    place: spec.place,
    station,
    ...(spec.job ? { job: spec.job } : {}),
    ...(choice ? { stitch: choice.stitch } : {}),
    ...(machine && choice?.machineId !== undefined ? { machineId: choice.machineId } : {}),
    ...(used ? { setup: used.id } : {}),
    pinned: choice?.pinned ?? false,
    ...rowPlan(inputs),
    others: othersOf(inputs),
    ...(spec.diagram ? { diagram: spec.diagram } : {}),
    tryOn: spec.tryOn === true,
    after: spec.after,
    passes: spec.passes,
    ...(spec.takesOut ? { takesOut: spec.takesOut } : {}),
    temporary: job?.temporary === true,
    done,
    change: walked.changes.get(spec.id)?.change ?? [],
    changeMinutes: walked.changes.get(spec.id)?.changeMinutes ?? 0,
  };
}

/** A step's own cautions, and those of its machine and cloth. */
function cautionsOf(
  { spec, choice }: SetStep,
  { child }: Figures,
  outer: Cloth | undefined,
): readonly string[] {
  const role = choice && stitches[choice.stitch].machine;
  const forChildren = new Set<CautionId>(['under-tight-curves', 'sleepwear', 'cords']);
  const own = spec.cautions
    .filter((id) => child || !forChildren.has(id))
    .map((id): CautionId => (id === 'clips-knife' && role !== 'serger' ? 'clips-foot' : id));
  return [
    ...own,
    ...(role === 'coverstitch' ? (['hand-wheel'] as const) : []),
    ...(spec.place === 'iron' && outer?.pile === 'yes' ? (['velvet'] as const) : []),
  ].map((id) => cautionTexts[id]);
}

/** Minutes by the clock once it ran often enough, else as estimated. */
function minutesOf(
  book: Ledger,
  { runs = {} }: GarmentFacts,
  { spec }: SetStep,
): Pick<StepPlan, 'minutes' | 'learned'> {
  const id = `step.${spec.id}.minutes`;
  const own = [...(runs[spec.id] ?? [])].sort((a, b) => a - b);
  if (own.length < RUNS_TO_LEARN)
    return { minutes: book.given(id, 'minutes, estimated', spec.minutes, 'minutes', 'T').id };
  const middle = own.length >> 1;
  const median =
    own.length % 2 === 1
      ? (own[middle] as number)
      : ((own[middle - 1] as number) + (own[middle] as number)) / 2;
  const entry = (part: string, label: string, value: number, unit: 'minutes' | 'count') =>
    book.given(`step.${spec.id}.${part}`, label, value, unit, 'own record').id;
  return {
    minutes: entry('minutes', 'minutes, the median of your own', median, 'minutes'),
    learned: {
      runs: entry('runs', 'times the clock ran', own.length, 'count'),
      least: entry('least', 'shortest', own[0] as number, 'minutes'),
      most: entry('most', 'longest', own.at(-1) as number, 'minutes'),
    },
  };
}

/** How much further a stitch goes than its row must. */
const MARGIN = {
  label: 'more than it must reach',
  unit: 'share',
  mark: 'D',
  formula: 'gives - needs',
  by: (v: { readonly gives: number; readonly needs: number }) => v.gives - v.needs,
} as const;

function rowPlan({ rows, step, kind }: StepInputs): Pick<StepPlan, 'row'> {
  if (!isRow(step)) return {};
  const { spec, choice, demand } = step;
  const needs = rowDemand(rows, step);
  const gives = capacityNumber(rows, choice);
  const margin = rows.book.work(`row.${spec.id}.margin`, { ...MARGIN, terms: { gives, needs } });
  const why = kind.seams.find(({ id }) => id === spec.seam)?.why;
  return {
    row: {
      needs: needs.id,
      gives: gives.id,
      margin: margin.id,
      ok: choice.ok,
      measured: choice.cardId !== undefined,
      askedBy: askedBy(demand, why),
      asked: demand !== undefined,
    },
  };
}

/** The other stitches for a step: margin, and what they cost in minutes. */
function othersOf({ rows, best, step, setups }: StepInputs): readonly OtherStitch[] {
  const { choice, spec } = step;
  if (!choice || step.swatch) return [];
  const { book } = rows;
  const needs = isRow(step)
    ? rowDemand(rows, step)
    : leaf('a row that nothing stretches is asked', choice.needs, 'share', 'T');
  const extra = (one: StitchOption) => leaf('passes of finishing', one.extraPass ? 1 : 0, 'count', 'D');
  return choice.others.map((one): OtherStitch => {
    const machine = one.machineId === undefined ? undefined : best.sewn.machines[one.machineId];
    const inUse = [...setups.values()].some(
      ({ machineId, stitch }) => machineId === one.machineId && stitch === one.stitch,
    );
    const start = machine && wholeSetup(machine.kind, stitches[one.stitch].start);
    const change = machine && start && !inUse ? changeMinutes(machine.kind, undefined, start) : 0;
    const gives = capacityNumber(rows, one);
    const id = `row.${spec.id}.${one.stitch}.${one.machineId ?? 'hand'}`;
    return {
      stitch: one.stitch,
      name: stitches[one.stitch].name,
      ...(one.machineId === undefined ? {} : { machineId: one.machineId }),
      machine: machine ? capital(machine.name) : 'By hand',
      gives: gives.id,
      ok: one.ok,
      margin: book.work(`${id}.margin`, { ...MARGIN, terms: { gives, needs } }).id,
      minutes: book.work(`${id}.minutes`, {
        label: 'minutes more than with the stitch chosen',
        unit: 'minutes',
        mark: 'T',
        formula: '(its - own) * pass * m + c',
        terms: {
          its: extra(one),
          own: extra(choice),
          pass: leaf('of its minutes that a pass of finishing takes', EXTRA_PASS, 'ratio', 'T'),
          m: leaf('minutes of the step, estimated', spec.minutes, 'minutes', 'T'),
          c: leaf('changing over', change, 'minutes', 'T'),
        },
        by: (v) => (v.its - v.own) * v.pass * v.m + v.c,
      }).id,
    };
  });
}
