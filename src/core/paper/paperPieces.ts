import type { GarmentFacts } from '../facts/garmentFacts';
import type { OutlineFacts } from '../facts/outline';
import type { GarmentKind } from '../fit/garmentKind';
import { isPaired } from '../fit/pieceShape';
import { endOf, mirroredIn, startOf, type Path } from '../geometry/path';
import { between, distance, minus, plus, point, times, type Point } from '../geometry/point';
import { areaOfRings, united } from '../geometry/clip';
import { flattened } from '../geometry/ring';
import { cutLine } from '../pieces/cutLine';
import { notchMarks, type NotchMark } from '../pieces/notches';
import { pathOfEdge, roundPiece, type Outline } from '../pieces/outline';
import { cornersAt, outlinesIn } from '../pieces/readOutlines';
import { piecesAsCut } from '../plan/asCut';
import type { GarmentPlan } from '../plan/types';
import { cutAllowance } from './allowances';
import { bandPieces } from './bandPieces';
import { arrows } from './arrows';
import { closedLine, type PaperLine, type PaperPiece, type PaperSize } from './paperPiece';
import { quarterMarks, type QuarterMark } from './quarterMarks';
import { roomForWords } from './roomForWords';
import { cutWords } from './words';

/** What is to be printed. */
export interface PaperChoices {
  /** All sizes of the pattern on each other as it has them, instead of the one that is cut with its alterations. */
  readonly nested: boolean;
  /** Bands, straps and ties too. */
  readonly bands: boolean;
  /** Pieces on the fold opened out, for cloth that lies in one layer. */
  readonly opened: boolean;
}

export interface PaperInputs {
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly plan: GarmentPlan;
  readonly onDate: string;
}

/** A piece in one size before it is drawn. */
interface Sized {
  readonly label: string;
  readonly outline: Outline;
  readonly said: OutlineFacts;
  readonly notches: readonly NotchMark[];
  readonly marks: readonly QuarterMark[];
}

/** The sizes of the garment’s pattern that have outlines, in the order of its size table; one or none where nothing nests. */
export const sizesOnPaper = ({ facts: { pattern } }: Pick<PaperInputs, 'facts'>): readonly string[] =>
  Object.keys(pattern?.shapes ?? {});

/** The pieces of a garment as they are printed: what has an outline, and its rectangles. Empty where nothing is drawn yet. */
export function paperPieces(
  inputs: PaperInputs,
  { nested, bands, opened }: PaperChoices,
): readonly PaperPiece[] {
  const { plan, kind } = inputs;
  const sized = nested ? nestedSizes(inputs) : ownSize(inputs);
  const drawn = kind.shapes.flatMap((shape): readonly PaperPiece[] => {
    const sizes = sized[shape.id];
    const [first] = sizes ?? [];
    if (!sizes || !first) return [];
    const onFold = first.outline.folded;
    const rows = [...shape.pieces, ...(shape.also ?? [])];
    const lines = sizes.map((one) => sizeLines(inputs, one, opened));
    const room = roomForWords(lines[0]?.ring ?? []);
    const [inner] = lines;
    return [
      {
        id: shape.id,
        label: shape.label,
        sizes: lines.map((one) =>
          one === inner ? { ...one, lines: [...one.lines, ...arrows(one.ring, room)] } : one,
        ),
        words: cutWords(plan, rows, isPaired(shape) ? 'pairs' : onFold && !opened ? 'fold' : 'flat'),
        room,
      },
    ];
  });
  return [...drawn, ...(bands ? bandPieces(plan) : [])];
}

/** The one size that is cut, with its alterations made. */
function ownSize({ facts, kind, plan, onDate }: PaperInputs): Readonly<Record<string, readonly Sized[]>> {
  const pieces = piecesAsCut({ facts, kind, onDate });
  const outlines = Object.fromEntries(pieces.map(({ shape, cut }) => [shape.id, cut]));
  const marks = quarterMarks(plan, kind, outlines);
  return Object.fromEntries(
    pieces.map(({ shape, cut, notches, said }) => [
      shape.id,
      [
        {
          label: plan.size?.label ?? '',
          outline: cut,
          said,
          notches,
          marks: marks.filter(({ piece }) => piece === shape.id),
        },
      ],
    ]),
  );
}

/** Every size as the pattern has it, smallest first, laid on each other where their first edge begins. */
function nestedSizes({ facts, kind }: PaperInputs): Readonly<Record<string, readonly Sized[]>> {
  const { pattern } = facts;
  if (!pattern) return {};
  const all = sizesOnPaper({ facts }).flatMap((size) =>
    Object.entries(outlinesIn(kind, pattern, size)).flatMap(([id, outline]): (readonly [string, Sized])[] => {
      const said = pattern.shapes?.[size]?.[id];
      if (!said) return [];
      const label = pattern.sizes?.[size]?.label ?? size;
      return [[id, { label, outline, said, notches: notchMarks(outline, said), marks: [] }]];
    }),
  );
  return Object.fromEntries(
    kind.shapes.map(({ id }) => [
      id,
      all
        .flatMap(([of, one]) => (of === id ? [one] : []))
        .toSorted((a, b) => areaOf(a.outline) - areaOf(b.outline)),
    ]),
  );
}

const areaOf = (outline: Outline): number => areaOfRings([flattened(roundPiece(outline))]);

/** How long a notch is drawn, from the cut edge inwards, and how far its two halves are apart, mm (common practice, no source). */
const NOTCH_MM = 5;
const DOUBLE_MM = 4;

function sizeLines({ kind, plan, facts }: PaperInputs, sized: Sized, opened: boolean): PaperSize {
  const { outline, said, notches, marks, label } = sized;
  const of = (edge: string) => outline.shape.edges.find(({ id }) => id === edge);
  const allowanceOf = (edge: string): number => {
    const found = of(edge);
    return found ? cutAllowance({ plan, garment: facts.garment }, found, said) : 0;
  };
  const seam = flattened(roundPiece(outline));
  const ring =
    cutLine(outline, {
      allowanceOf: ({ id }) => allowanceOf(id),
      cornersOf: (edge) => cornersAt(kind, edge, said),
    }) ?? seam;
  const fold = outline.edges.find((edge) => edge.of.fold)?.path;
  const across = (mark: NotchMark | QuarterMark) => notchLine(mark, allowanceOf(mark.edge));
  const lines: readonly PaperLine[] = [
    ...outline.edges
      .filter((edge) => !edge.of.fold && allowanceOf(edge.of.id) > 0)
      .map(({ path }): PaperLine => ({ kind: 'seam', points: flattened(path) })),
    ...notches.flatMap((mark) => notchLines(mark, across(mark))),
    ...marks.map((mark): PaperLine => ({ kind: 'mark', points: across(mark), text: mark.label })),
  ];
  const all = fold && opened ? openedOut(ring, lines, fold) : { ring, lines: [...lines, ...foldLine(fold)] };
  return atCorner(
    { label, ring: all.ring, lines: [{ kind: 'cut', points: closedLine(all.ring) }, ...all.lines] },
    outline,
  );
}

const foldLine = (fold: Path | undefined): readonly PaperLine[] =>
  fold ? [{ kind: 'fold', points: [startOf(fold), endOf(fold)], text: 'on the fold' }] : [];

/** From the cut edge inwards, square to the seamline. */
function notchLine({ at, out }: NotchMark | QuarterMark, allowanceMm: number): readonly Point[] {
  return [plus(at, times(out, allowanceMm)), plus(at, times(out, Math.min(0, allowanceMm - NOTCH_MM)))];
}

function notchLines({ out, double }: NotchMark, points: readonly Point[]): readonly PaperLine[] {
  if (!double) return [{ kind: 'notch', points }];
  const along = times(point(-out.y, out.x), DOUBLE_MM / 2);
  return [plus, minus].map((move) => ({ kind: 'notch', points: points.map((one) => move(one, along)) }));
}

/** A corner this near the fold lies on it, mm: an offset line ends there but for rounding. */
const ON_FOLD_MM = 0.05;

/** A half, and its mirror image beyond the fold. */
function openedOut(ring: readonly Point[], lines: readonly PaperLine[], fold: Path) {
  const over = mirroredIn(startOf(fold), endOf(fold));
  // The two halves share the corners on the fold exactly: else they would lie beside each other, unjoined.
  const half = ring.map((one) => {
    const beyond = over(one);
    return distance(one, beyond) < 2 * ON_FOLD_MM ? between(one, beyond, 0.5) : one;
  });
  const [whole] = united([
    half,
    half.map((one) => (distance(one, over(one)) < 1e-6 ? one : over(one))).toReversed(),
  ]);
  return {
    ring: whole ?? ring,
    lines: [
      ...lines,
      ...lines.map((one) => ({ ...one, points: one.points.map(over) })),
      { kind: 'inside' as const, points: [startOf(fold), endOf(fold)], text: 'centre' },
    ],
  };
}

/** Moved so that its first edge begins at (0, 0): so that sizes lie on each other there. */
function atCorner({ label, ring, lines }: PaperSize, outline: Outline): PaperSize {
  const first = pathOfEdge(outline, outline.shape.edges[0]?.id ?? '');
  const from = first ? startOf(first) : point(0, 0);
  const move = (points: readonly Point[]) => points.map((one) => minus(one, from));
  return { label, ring: move(ring), lines: lines.map((line) => ({ ...line, points: move(line.points) })) };
}
