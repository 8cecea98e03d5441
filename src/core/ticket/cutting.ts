import { edgeUses } from '../edges/elastics/uses';
import type { Explained, Phrase } from '../explain/explained';
import { getNumber, say, type Ledger } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import { planSegments } from '../edges/marks/bandMarks';
import type { EdgeCutting } from './types';
import type { EdgePlan, NeckbandPlan, StripPlan } from '../edges/types';

interface Inputs {
  readonly book: Ledger;
  readonly garment: Garment;
  readonly edges: readonly EdgePlan[];
  readonly neckband: NeckbandPlan | undefined;
}

/**
 * What was settled at the bands and has to be known at the cutting table: for every edge what is added to it or trimmed
 * off, how deep it is turned, what is folded to what width, and where strip and edge are marked.
 */
export function planCutting(inputs: Inputs): readonly EdgeCutting[] {
  return inputs.edges.flatMap((edge) => {
    const lines = [
      ...allowanceLines(inputs, edge),
      ...hemLines(inputs, edge),
      ...(edge.use === 'neckband'
        ? neckbandLines(inputs)
        : edge.strips.flatMap((strip) => stripLines(inputs, edge, strip))),
    ];
    return lines.length === 0 ? [] : [{ edge: edge.id, label: edge.label, lines }];
  });
}

function allowanceLines({ book }: Inputs, { id, allowance, use }: EdgePlan): Phrase[] {
  const none = edgeUses[use].allowance === 'none';
  if (!allowance) return none ? [say`left as it is: no allowance here`] : [];
  const add = getNumber(book.numbers, allowance.add);
  if (add.value > 0) return [say`add ${add} to this edge before cutting`];
  const off = book.work(`cut.${id}.trim`, {
    label: 'to trim off this edge',
    unit: 'mm',
    mark: 'D',
    formula: '0 - add',
    terms: { add },
  });
  return [say`trim ${off} off this edge`, ...(none ? [say`left as it is`] : [])];
}

function hemLines({ book }: Inputs, { hem, finish }: EdgePlan): Phrase[] {
  if (finish === 'lettuce') return [say`one layer, rippled: nothing is turned`];
  const depth = hem && book.numbers[hem.depth];
  return depth ? [say`turned up ${depth}: the allowance is in the piece`] : [];
}

function neckbandLines({ book, neckband }: Inputs): Phrase[] {
  if (!neckband) return [];
  const get = (id: string) => getNumber(book.numbers, id);
  const inside = get(neckband.openingInside);
  return [
    say`band folded along its length; it finishes ${get(neckband.finishedWidth)} wide`,
    ...(inside.value > 0 ? [say`the finished neck lies ${inside} inside the cut edge`] : []),
    ...(neckband.open ? [say`its ends are not joined: they lie in the left shoulder’s seam`] : []),
    neckMarksLine(neckband, get),
  ];
}

/** Where neckline and band are marked: both from centre back, the band from the shoulder where its ends meet there. */
function neckMarksLine({ marked, firstMark, open }: NeckbandPlan, get: (id: string) => Explained): Phrase {
  const count = get(marked.markCount);
  const band = get(marked.bandSegment);
  const neckline = get(marked.edgeSegment);
  if (!marked.even)
    return say`mark in ${count} from centre back: neckline every ${neckline}, band by its parts, as at Bands`;
  if (firstMark === undefined)
    return say`mark in ${count} from centre back: band every ${band}, neckline every ${neckline}`;
  const from = open ? 'its end at the left shoulder' : 'its join at the left shoulder';
  return say`mark in ${count}: band every ${band}, the first ${get(firstMark)} from ${from}; neckline every ${neckline} from centre back`;
}

function stripLines(inputs: Inputs, edge: EdgePlan, strip: StripPlan): Phrase[] {
  return [...foldLines(inputs, edge, strip), ...markLines(inputs, strip)];
}

const FOLDED = new Set(['folded', 'waistband', 'casing']);

/** What a strip of cloth finishes to, once it is folded. */
function foldLines({ book, garment }: Inputs, { id, use }: EdgePlan, strip: StripPlan): Phrase[] {
  const spec = edgeUses[use].strips.find(({ label }) => label === strip.label);
  const chosen = garment.edges?.[id]?.finishedMm;
  const mm = chosen ?? edgeUses[use].finishedMm;
  if (!spec || strip.of === 'elastic' || mm === undefined || !FOLDED.has(spec.width)) return [];
  const width = book.given(
    `cut.${strip.id}.finished`,
    `${strip.label.toLowerCase()}, finished width`,
    mm,
    'mm',
    chosen === undefined ? 'default' : 'chosen',
  );
  return [say`${strip.label.toLowerCase()} folded along its length; it finishes ${width} wide`];
}

/** How many marks, and how far apart they are on strip and edge; of uneven parts only how many. */
function markLines({ book }: Inputs, { id, label, marking, on, sewn, onWhat }: StripPlan): Phrase[] {
  if (!marking) return [];
  if (marking.parts)
    return [say`${label.toLowerCase()}: mark ${onWhat} and strip by their parts, as at Bands`];
  const { count, edgeSegment, bandSegment } = planSegments({
    book,
    id: `cut.${id}`,
    edge: getNumber(book.numbers, on),
    band: getNumber(book.numbers, sewn),
    choice: marking.choice,
  });
  return [
    say`${label.toLowerCase()}: mark in ${count} from ${marking.start}, every ${bandSegment}; ${onWhat} every ${edgeSegment}`,
  ];
}
