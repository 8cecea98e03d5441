import { edgeUses } from '../edges/elastics/uses';
import type { NumberId, Phrase } from '../explain/explained';
import { getNumber, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { planSegments } from '../edges/marks/bandMarks';
import { firstMark, marksOf } from '../edges/marks/stripMarks';
import type { EdgeCutting } from './types';
import type { EdgePlan, StripPlan } from '../edges/types';

const cuttingSees = { records: ['pattern'], garment: ['edges'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof cuttingSees>;
  readonly edges: readonly EdgePlan[];
  /** Edges whose pieces have outlines: they can be printed, with the allowance that is wanted. */
  readonly outlined: Readonly<Record<string, NumberId>>;
  /** Of a garment that is made already: where each edge is cut, instead of what is added to a piece. */
  readonly changed?: readonly { readonly edge: string; readonly says: readonly Phrase[] }[] | undefined;
}

/**
 * What was settled at the bands and has to be known at the cutting table: for every edge what is added to it or trimmed
 * off, how deep it is turned, what is folded to what width, and where strip and edge are marked.
 */
export const planCutting = stage(cuttingSees, (inputs: Inputs): readonly EdgeCutting[] =>
  inputs.edges.flatMap((edge) => {
    const lines = [
      ...(inputs.changed?.find((one) => one.edge === edge.id)?.says ?? [
        ...allowanceLines(inputs, edge),
        ...hemLines(inputs, edge),
      ]),
      ...edge.strips.flatMap((strip) => [...foldLines(inputs, edge, strip), ...markLines(inputs, strip)]),
    ];
    return lines.length === 0 ? [] : [{ edge: edge.id, label: edge.label, lines }];
  }),
);

function allowanceLines({ book, facts, outlined }: Inputs, { id, allowance, use }: EdgePlan): Phrase[] {
  const none = edgeUses[use].allowance === 'none';
  if (!allowance) return none ? [say`left as it is: no allowance here`] : [];
  const add = getNumber(book.numbers, allowance.add);
  const off =
    add.value < 0 &&
    book.work(`cut.${id}.trim`, {
      label: 'to trim off this edge',
      unit: 'mm',
      mark: 'D',
      formula: '0 - add',
      terms: { add },
    });
  const change = off ? say`trim ${off} off this edge` : say`add ${add} to this edge before cutting`;
  if (outlined[id] === undefined) return [change, ...(none ? [say`left as it is`] : [])];
  const printed = none
    ? say`no allowance here: pieces printed from here have none`
    : say`${getNumber(book.numbers, allowance.wanted)} allowance here: pieces printed from here have it`;
  return facts.pattern ? [printed, say`on other paper: ${change}`] : [printed];
}

function hemLines({ book }: Inputs, { hem, finish }: EdgePlan): Phrase[] {
  if (finish === 'lettuce') return [say`one layer, rippled: nothing is turned`];
  const depth = hem && book.numbers[hem.depth];
  return depth ? [say`turned up ${depth}: the allowance is in the piece`] : [];
}

const FOLDED = new Set(['folded', 'waistband', 'casing']);
/** What is said in the catalogue of a strip that is cloth, folded along its length; nothing of others. */
export const foldedStrip = (use: EdgePlan['use'], { label, of }: Pick<StripPlan, 'label' | 'of'>) =>
  edgeUses[use].strips.find((spec) => of !== 'elastic' && spec.label === label && FOLDED.has(spec.width));

/** What a strip of cloth finishes to, once it is folded. */
function foldLines({ book, facts }: Inputs, { id, use }: EdgePlan, strip: StripPlan): Phrase[] {
  const spec = foldedStrip(use, strip);
  const chosen = facts.garment.edges?.[id]?.finishedMm;
  const mm = chosen ?? edgeUses[use].finishedMm;
  if (!spec || mm === undefined) return [];
  const width = book.given(
    `cut.${strip.id}.finished`,
    `${strip.label.toLowerCase()}, finished width`,
    mm,
    'mm',
    chosen === undefined ? 'default' : 'chosen',
  );
  const inside = strip.byFold && strip.fold && getNumber(book.numbers, strip.fold.inside);
  return [
    say`${strip.label.toLowerCase()} folded along its length; it finishes ${width} wide`,
    ...(inside && inside.value > 0 ? [say`the finished edge lies ${inside} inside the cut edge`] : []),
    ...(strip.endsInSeam
      ? [say`its ends are not joined: they lie in the ${strip.meetsAt ?? ''}’s seam`]
      : []),
  ];
}

/** How many marks, and how far apart they are on strip and edge; of uneven parts only how many. */
function markLines({ book }: Inputs, strip: StripPlan): Phrase[] {
  const { id, label, marking, on, sewn, onWhat } = strip;
  if (!marking) return [];
  const name = label.toLowerCase();
  const { count, edgeSegment, bandSegment } = planSegments({
    book,
    id: `cut.${id}`,
    edge: getNumber(book.numbers, on),
    band: getNumber(book.numbers, sewn),
    choice: marking.choice,
  });
  if (marking.parts) return [say`${name}: mark ${onWhat} and strip in ${count}, by their parts, as at Bands`];
  const marks = marking.join === undefined ? undefined : marksOf(book, strip);
  const first = marks && firstMark(marks);
  if (!first)
    return [
      say`${name}: mark in ${count} from ${marking.start}, every ${bandSegment}; ${onWhat} every ${edgeSegment}`,
    ];
  book.adopt(Object.values(marks.numbers));
  const from = strip.endsInSeam ? 'its end' : 'its join';
  return [
    say`${name}: mark in ${count}, every ${bandSegment}, the first ${first} from ${from} at the ${strip.meetsAt ?? ''}; ${onWhat} every ${edgeSegment} from ${marking.start}`,
  ];
}
