import { jobOf } from '../machines/seams/jobs';
import { cautionTexts, type CautionId, type Figures, type Line } from './assembly/step';
import { leaf, type Ledger } from '../explain/ledger';
import type { Explained, Phrase } from '../explain/explained';
import type { Cloth } from '../facts/cloth';
import { kindOf } from '../garments/kindOf';
import { changeMinutes } from '../machines/changeover';
import { wholeSetup } from '../machines/machineFields';
import type { StitchOption } from '../machines/seams/chooseStitch';
import { stitches } from '../machines/seams/stitches';
import type { GarmentFacts } from '../facts/garmentFacts';
import { elasticAt, type Plan, type SetStep } from './ordering';
import { isRow, rowDemand } from './popRows';
import { askedBy, capacityNumber, type RowNumbers } from './rowNumbers';
import { tellsOf } from './tells';
import type { OtherStitch, SetupPlan, StepPlan } from './types';
import { capital } from '../units/words';
import { type Walked } from './orderPlan';
import { setupKey } from './setupPlans';

/** Runs after which the clock's own minutes count (T). */
const RUNS_TO_LEARN = 3;
/** The newest of them: hands and machines change (T). */
const RUNS_THAT_COUNT = 5;

/** What an extra pass takes of its seam's minutes (an estimate). */
const EXTRA_PASS = 0.5;

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

export function stepPlan(inputs: StepInputs): StepPlan {
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
  const own = (runs[spec.id] ?? []).slice(-RUNS_THAT_COUNT).sort((a, b) => a - b);
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
      }).id,
    };
  });
}
