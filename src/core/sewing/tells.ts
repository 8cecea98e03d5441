import { jobOf } from '../machines/seams/jobs';
import type { Figures } from './assembly/step';
import type { Explained, Phrase } from '../explain/explained';
import { leaf, say, type Ledger } from '../explain/ledger';
import { MM_PER_INCH } from '../units/constants';
import { isAtMostMm } from '../units/tolerance';
import { stitches } from '../machines/seams/stitches';
import type { SetStep } from './ordering';

interface Inputs {
  readonly book: Ledger;
  readonly figures: Figures;
  readonly step: SetStep;
  /** All of the row, every time it is sewn. */
  readonly length: Explained | undefined;
  /** Width of the elastic the row goes through, mm. */
  readonly elasticMm: number | undefined;
  /** The cloth has a pile. */
  readonly pile: boolean;
}

/** Jobs that are guided by the cut edge. */
const GUIDED = new Set(['seam', 'ring', 'stay', 'still', 'enclosed', 'enclosed-ring', 'band-join']);

/** What words say best in one line each: how it lies, where it starts, what guides it, how it ends, how it is pressed. */
export function tellsOf(inputs: Inputs): readonly { readonly label: string; readonly text: Phrase }[] {
  const { spec } = inputs.step;
  const line = (label: string, text: string | undefined) =>
    text === undefined ? [] : [{ label, text: say`${text}` }];
  return [
    ...line('Layers', spec.sides),
    ...line('On top', spec.up),
    ...line('Start at', startOf(inputs)),
    ...guide(inputs),
    ...knife(inputs),
    ...rows(inputs),
    ...ends(inputs),
    ...line('Press', pressOf(inputs)),
    ...lengthSewn(inputs),
  ];
}

/** All of the row, and each run of it where it is sewn more than once. A swatch says its own. */
function lengthSewn({ step, length }: Inputs): readonly { readonly label: string; readonly text: Phrase }[] {
  if (!length || step.swatch) return [];
  const { L, n } = (step.spec.times ?? 1) > 1 ? length.terms : {};
  const [times, each] = [n?.of, L?.of];
  const text =
    times === undefined || each === undefined
      ? say`${length}`
      : say`${{ n: times }} of ${{ n: each }}, ${length} altogether`;
  return [{ label: 'Length', text }];
}

/** Pile lies smooth downwards: on such cloth every row that has two ends runs from the upper one. */
const startOf = ({ step: { spec }, pile }: Inputs): string | undefined =>
  pile && spec.start !== undefined && !spec.ring
    ? 'the upper end: down the pile, every row the same way'
    : spec.start;

/** What is serged lies to one side: its loops hold both allowances together. */
const pressOf = ({ step: { spec, choice } }: Inputs): string | undefined =>
  spec.press?.startsWith('open') && choice && stitches[choice.stitch].machine === 'serger'
    ? 'to one side'
    : spec.press;

function guide({ book, figures, step }: Inputs) {
  const { spec } = step;
  if (!spec.job || !GUIDED.has(spec.job)) return [];
  const neck = spec.edge === 'neckline';
  const allowance = neck ? figures.neckAllowance : figures.allowance;
  const id = `${allowance.id}.plate`;
  const plate =
    book.numbers[id] ??
    book.work(id, {
      label: 'eighths of an inch on the plate',
      unit: 'count',
      mark: 'D',
      formula: 'a / eighth',
      terms: { a: allowance, eighth: leaf('an eighth of an inch', MM_PER_INCH / 8, 'mm', 'S') },
    });
  return [
    {
      label: 'Guide',
      text: say`${allowance}, needle to cut edge; about line ${plate} on a plate in eighths`,
    },
  ];
}

function knife({ book, figures, step }: Inputs) {
  const { spec, choice, setup } = step;
  if (!choice || stitches[choice.stitch].machine !== 'serger') return [];
  if (setup?.knife === 'up') return [{ label: 'Knife', text: say`up: it takes nothing` }];
  if (!spec.job || !GUIDED.has(spec.job) || spec.job === 'band-join')
    return [{ label: 'Knife', text: say`takes nothing but whiskers` }];
  const neck = spec.edge === 'neckline';
  const allowance = neck ? figures.neckAllowance : figures.allowance;
  const id = `${allowance.id}.knife`;
  const taken =
    book.numbers[id] ??
    book.work(id, {
      label: 'what the knife takes',
      unit: 'mm',
      mark: 'D',
      formula: 'max(a - w, 0)',
      terms: { a: allowance, w: leaf('width of the stitch', setup?.width ?? 6, 'mm', 'T') },
    });
  return [
    {
      label: 'Knife',
      text: taken.value < 0.5 ? say`takes nothing but whiskers` : say`takes ${taken}`,
    },
  ];
}

/** A zigzag meant to be as wide as the elastic, on an elastic that is wider than the machine goes. */
function rows({ step: { choice, setup }, elasticMm = 0 }: Inputs) {
  if (choice?.stitch !== 'zigzag-elastic' || isAtMostMm(elasticMm, setup?.width ?? 0)) return [];
  return [
    { label: 'Rows', text: say`two: the machine goes no wider, so one along each edge of the elastic` },
  ];
}

function ends({ figures, step }: Inputs) {
  const { spec, choice } = step;
  if (!choice || !spec.job) return [];
  const job = jobOf(spec.job);
  const label = 'Ends';
  if (spec.ring) {
    const over = spec.job === 'serger-hem' ? figures.longOverlap : figures.overlap;
    return [{ label, text: say`overlap the start by ${over}` }];
  }
  if (job.temporary || spec.job === 'gather') return [{ label, text: say`long tails, no backtack` }];
  switch (stitches[choice.stitch].machine) {
    case 'serger':
      return [{ label, text: say`thread the tail back under the loops before pressing` }];
    case 'coverstitch':
      return [{ label, text: say`needles up, draw their threads forward, cut, and pull the work back` }];
    case 'sewing machine':
      return [{ label, text: say`backtack, a few stitches` }];
    case 'hand':
      return [{ label, text: say`two stitches on the spot` }];
    default:
      throw new Error('expected a machine, got none; add it to ends');
  }
}
