import { isAtMost } from '../../units/tolerance';
import { markCount, pastSeam, fromCentrePoint } from './marks';
import type { Explained, Term } from '../../explain/explained';
import { leaf, type Ledger } from '../../explain/ledger';
import type { MarkChoice } from '../../facts/garment';
import type { BandMark, MarksPlan } from '../types';

/** A seam that crosses an edge, by its place along it. */
export interface CrossingSeam {
  readonly label: string;
  readonly at: Explained;
}

/** A part of an edge and the band that goes on it. */
export interface MarkedPart {
  readonly edge: Explained;
  readonly band: Explained;
}

interface MarksInputs {
  readonly book: Ledger;
  /** Prefix of the ids. */
  readonly id: string;
  readonly edge: Explained;
  readonly band: Explained;
  readonly choice: MarkChoice;
  readonly start: string;
  readonly middle: string;
  readonly seams: readonly CrossingSeam[];
  /** Absent: the band is spread evenly. */
  readonly parts?: readonly MarkedPart[] | undefined;
  /** Where the band's join lies on the edge, where that is not its start. */
  readonly join?: Explained | undefined;
  /** It has two ends. */
  readonly open?: boolean;
}

/** How many marks an edge and its band have, and how far apart they are on each. */
export function planSegments({
  book,
  id,
  edge,
  band,
  choice,
}: Pick<MarksInputs, 'book' | 'id' | 'edge' | 'band' | 'choice'>) {
  const count = book.given(`${id}.marks`, 'marks', markCount(choice, edge.value), 'count', 'T');
  const segment = (which: 'edge' | 'band', length: Explained) =>
    book.work(`${id}.${which}Segment`, {
      label: `from mark to mark on the ${which}`,
      unit: 'mm',
      mark: 'D',
      formula: 'L / n',
      terms: { L: length, n: count },
    });
  return { count, edgeSegment: segment('edge', edge), bandSegment: segment('band', band) };
}

/** Marks on an edge and its band, counted from the edge's start, with their distances from seams and centres. */
export function planMarks(inputs: MarksInputs): MarksPlan {
  const { book, id, edge, seams, open = false } = inputs;
  const { count, edgeSegment, bandSegment } = planSegments(inputs);
  const division = count.value;
  const mapped = bandPlaces(inputs);
  const marks = Array.from({ length: open ? division + 1 : division }, (_, at): BandMark => {
    const mark = `${id}.mark${at}`;
    const along = book.work(`${mark}.edge`, {
      label: 'mark, along the edge from its start',
      unit: 'mm',
      mark: 'D',
      formula: 'N * k / n',
      terms: { N: edge, k: leaf('marks from the start', at, 'count', 'D'), n: count },
    });
    const placed = mapped(mark, along);
    const fromSeams = seams.map((seam, nth) => ({
      label: seam.label,
      mm: pastNumber(inputs, `${mark}.seam${nth + 1}`, along, seam).id,
    }));
    const fromCentre = book.work(`${mark}.centre`, {
      label: `mark, from the nearer of start and half`,
      unit: 'mm',
      mark: 'D',
      formula: fromCentrePoint.text,
      terms: { x: along, N: edge },
    });
    return {
      ...nameMark(at, division, inputs),
      alongEdge: along.id,
      alongBand: placed.id,
      fromSeams,
      fromCentre: fromCentre.id,
    };
  });
  return {
    marks,
    markCount: count.id,
    edgeSegment: edgeSegment.id,
    bandSegment: bandSegment.id,
    even: inputs.parts === undefined,
    start: inputs.start,
    middle: inputs.middle,
    open,
    seams: seams.map(({ label, at }) => ({ label, at: at.id })),
  };
}

/** How far a mark lies past a seam: on a ring the shorter way round, whole turns being taken off before. */
function pastNumber(
  { book, edge, open = false }: MarksInputs,
  id: string,
  x: Explained,
  { label, at: s }: CrossingSeam,
): Explained {
  const common = { label: `mark, past the ${label}`, unit: 'mm', mark: 'D' } as const;
  const plain = x.value - s.value;
  const turns = open ? 0 : Math.round((pastSeam(x.value, s.value, edge.value) - plain) / edge.value);
  if (turns === 0) {
    return book.work(id, { ...common, formula: 'x - s', terms: { x, s } });
  }
  return book.work(id, {
    ...common,
    formula: 'x - s + turns * N',
    terms: { x, s, turns: leaf('times round', turns, 'count', 'D'), N: edge },
  });
}

/** Where points of the edge lie on the band, counted from the band's join. */
function bandPlaces({
  book,
  id,
  edge,
  band,
  parts,
  join,
}: MarksInputs): (id: string, along: Explained) => Explained {
  const none = leaf('start of the edge', 0, 'mm', 'D');
  const spans = parts ?? [{ edge, band }];
  const stretches = spans.map((part) => ({
    lengthMm: part.edge.value,
    ratio: part.edge.value > 0 ? part.band.value / part.edge.value : 0,
  }));
  const before = (at: number, which: 'edge' | 'band'): Explained | Term =>
    at === 0
      ? none
      : (book.numbers[`${id}.before${at}.${which}`] ??
        book.work(`${id}.before${at}.${which}`, {
          label: which === 'edge' ? 'edge before this part' : 'band before this part',
          unit: 'mm',
          mark: 'D',
          formula: spans
            .slice(0, at)
            .map((_, nth) => `p${nth}`)
            .join(' + '),
          terms: Object.fromEntries(spans.slice(0, at).map((part, nth) => [`p${nth}`, part[which]])),
        }));
  const partOf = (mm: number): number => {
    let passed = 0;
    const found = stretches.findIndex(({ lengthMm }) => isAtMost(mm, (passed += lengthMm)));
    return found === -1 ? stretches.length - 1 : found;
  };
  const place = (name: string, label: string, along: Explained, offset: Explained | undefined) => {
    const at = partOf(along.value);
    const part = spans[at] as MarkedPart;
    const terms = {
      x: along,
      from: before(at, 'edge'),
      passed: before(at, 'band'),
      b: part.band,
      l: part.edge,
    };
    const plain = 'passed + (x - from) * b / l';
    return offset
      ? book.work(name, {
          label,
          unit: 'mm',
          mark: 'D',
          formula: `mod(${plain} - j + B, B)`,
          terms: { ...terms, j: offset, B: band },
        })
      : book.work(name, { label, unit: 'mm', mark: 'D', formula: plain, terms });
  };
  const offset = join && place(`${id}.join`, 'join, along the band', join, undefined);
  return (name, along) => place(`${name}.band`, 'mark, along the band from its join', along, offset);
}

function nameMark(
  at: number,
  count: number,
  { start, middle, open }: MarksInputs,
): Pick<BandMark, 'label' | 'side'> {
  if (at === 0) return { label: start, side: 'middle' };
  if (at === count) return { label: 'other end', side: 'middle' };
  if (at * 2 === count) return { label: middle, side: 'middle' };
  const side = open ? 'middle' : at * 2 < count ? 'left' : 'right';
  return { label: partName(at, count), side };
}

/** What a mark is called by the parts that it divides an edge into. */
export function partName(at: number, count: number): 'half' | 'quarter' | 'eighth' | 'sixteenth' {
  if ((at * 2) % count === 0) return 'half';
  if ((at * 4) % count === 0) return 'quarter';
  return (at * 8) % count === 0 ? 'eighth' : 'sixteenth';
}
