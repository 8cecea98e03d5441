import type { Explained, Phrase, Term } from '../explain/explained';
import { getNumber, leaf, say, type Input, type Ledger } from '../explain/ledger';
import { createMemory } from '../explain/remember';
import { stage, type SeenBy } from '../explain/stage';
import type { Edge, GarmentKind, Zone } from '../fit/garmentKind';
import { edgesBeside, type PieceShape, type SewnEdges } from '../fit/pieceShape';
import type { AlteredPieces } from './alter/planAltered';
import { lengthOf } from '../geometry/path';
import { countOf, girthParts } from './girth';
import { edgeEachSide, lengthEachSide, sidesOf, type EdgeMeasure } from './measure';
import type { Outline } from './outline';
import type { DrawnPieces } from './planOutlines';
import type { OutlineRun, PiecePlan, PiecesPlan, SeamWalk } from './types';
import { notchesOn, walkNotches } from './notches';
import { crossingEnds, MOST_KINK_RAD, sideLength, stretchGoesOn, verdictOf } from './walk';

const piecesSee = { records: [], garment: [] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof piecesSee>;
  readonly kind: GarmentKind;
  /** The outlines as drawn, and as they are cut. */
  readonly drawn: DrawnPieces;
  readonly altered: AlteredPieces;
}

/** What the outlines of a garment’s pieces tell: every edge, seam and girth that they go round. */
export const planPieces = stage(piecesSee, workPieces);

function workPieces({ book, kind, drawn, altered }: Inputs): PiecesPlan {
  if ([drawn.facts, drawn.faults].every((one) => Object.keys(one).length === 0))
    return recallBare([kind], () => withoutOutlines(kind));
  const { outlines, alterations, drawnGirths } = altered;
  const on: OnOutlines = { book, kind, outlines, drawn };
  const edges = kind.edges.flatMap((edge) => edgeOnOutlines(on, edge) ?? []);
  const seams = kind.sewn.flatMap((sewn) => walkSeam(on, sewn) ?? []);
  return {
    pieces: kind.shapes.map((shape): PiecePlan => {
      const outline = outlines[shape.id];
      const fault = drawn.faults[shape.id];
      return {
        id: shape.id,
        label: shape.label,
        outlined: outline !== undefined,
        ...(fault ? { fault: fault.sentence } : {}),
        edges: outline ? edgesOfPiece(on, shape, outline) : [],
        notches: outline ? notchesOfPiece(on, shape) : [],
        unlike: outline ? unlikeSides(on, shape, outline) : [],
      };
    }),
    seams,
    edges: Object.fromEntries(edges.map(({ id, length }) => [id, length.id])),
    runs: Object.fromEntries(edges.map(({ id, run }) => [id, run])),
    girths: Object.fromEntries(
      kind.zones.flatMap((zone) => {
        const girth = girthOnOutlines(on, zone);
        return girth ? [[zone.id, girth.id] as const] : [];
      }),
    ),
    rows: rowsOf(on, seams),
    alterations,
    drawnGirths,
    ...(drawn.between ? { between: drawn.between } : {}),
  };
}

/** One row of each seam all of whose edges were walked: those sewn in one go together, of several rows their mean. */
function rowsOf({ book, kind }: OnOutlines, walked: readonly SeamWalk[]): PiecesPlan['rows'] {
  const all = new Set(kind.sewn.map(({ seam }) => seam));
  return Object.fromEntries(
    [...all].flatMap((seam) => {
      const sewn = kind.sewn.filter((one) => one.seam === seam);
      const lengths = walked.filter((one) => one.seam === seam);
      if (lengths.length < sewn.length) return [];
      const rows = sewn.filter(({ goesOn }) => !goesOn).length;
      const terms: Record<string, Input> = { n: leaf('rows', rows, 'count', 'D') };
      lengths.forEach(({ a }, nth) => (terms[`l${nth + 1}`] = getNumber(book.numbers, a)));
      const sum = lengths.map((_, nth) => `l${nth + 1}`).join(' + ');
      const row = book.work(`seam.${seam}.row`, {
        label: 'length of the seam',
        unit: 'mm',
        mark: 'measured',
        note: `${MEASURED}s.`,
        formula: `(${sum}) / n`,
        terms,
      });
      return [[seam, row.id] as const];
    }),
  );
}

const recallBare = createMemory<PiecesPlan>();
/** Most garments: their pieces are named, and nothing is measured. */
const withoutOutlines = ({ shapes }: GarmentKind): PiecesPlan => ({
  pieces: shapes.map(({ id, label }) => ({ id, label, outlined: false, edges: [], notches: [], unlike: [] })),
  seams: [],
  edges: {},
  runs: {},
  girths: {},
  rows: {},
  alterations: [],
  drawnGirths: {},
});

interface OnOutlines {
  readonly book: Ledger;
  readonly kind: GarmentKind;
  readonly outlines: Readonly<Record<string, Outline>>;
  readonly drawn: DrawnPieces;
}

const MEASURED = 'Measured on the outline';
/** Where a length comes from, and how good it is. */
function noteOf({ outlines, drawn }: OnOutlines, shape: string, edge: string): string {
  const { edges, from } = drawn.facts[shape] ?? {};
  const { between } = drawn;
  const altered = outlines[shape] === drawn.outlines[shape] ? '' : ', as altered';
  if (between?.pieces.includes(shape))
    return `${MEASURED} ${between.beyond ? 'drawn a step beyond' : 'drawn between'} sizes ${between.sizes.join(' and ')}${altered}.`;
  const goodTo = edges?.[edge]?.goodToMm;
  const good = goodTo === undefined ? '' : `, good to ${goodTo.toFixed(1)} mm in 95 cases of 100`;
  return `${MEASURED} taken from ${from}${good}${altered}.`;
}

function edgesOfPiece(on: OnOutlines, shape: PieceShape, outline: Outline): PiecePlan['edges'] {
  return shape.edges.flatMap(({ id, label }) => {
    const mm = lengthEachSide(outline, id);
    if (mm === undefined) return [];
    const entry = on.book.given(
      `piece.${shape.id}.${id}`,
      `${shape.label.toLowerCase()}, ${label}`,
      mm,
      'mm',
      'measured',
      noteOf(on, shape.id, id),
    );
    return [{ id, label, length: entry.id }];
  });
}

/** Where the notches of a piece are cut: along the seamline of each edge, from what it begins at. */
function notchesOfPiece({ book, outlines, drawn }: OnOutlines, shape: PieceShape): readonly Phrase[] {
  return shape.edges.flatMap(({ id, label }, nth) => {
    const [before] = edgesBeside(shape, nth);
    return notchesOn(`${shape.id}.${id}`, drawn, outlines).map(({ mm, double }, which) => {
      const at = book.given(
        `piece.${shape.id}.${id}.notch${which + 1}`,
        `${shape.label.toLowerCase()}, ${label}: its ${double ? 'double notch' : 'notch'}`,
        mm,
        'mm',
        'measured',
        'Along the seamline, as it was set.',
      );
      return say`${double ? 'double notch' : 'notch'} on the ${label}, ${at} from the ${before.label}`;
    });
  });
}

/** Edges that a piece drawn whole has on both its sides, as long as each other on none: its halves are no mirror images. */
function unlikeSides(on: OnOutlines, shape: PieceShape, outline: Outline): PiecePlan['unlike'] {
  return shape.edges.flatMap(({ id, label }) => {
    const [a, b] = outline.edges.filter(({ of }) => of.id === id).map(({ path }) => lengthOf(path));
    if (a === undefined || b === undefined || verdictOf('level', a, b) === 'agree') return [];
    const [one, other] = (
      [
        ['first', a],
        ['second', b],
      ] as const
    ).map(([side, mm]) =>
      on.book.given(
        `piece.${shape.id}.${id}.${side}`,
        `${shape.label.toLowerCase()}, ${label}, ${side} side`,
        mm,
        'mm',
        'measured',
        noteOf(on, shape.id, id),
      ),
    ) as [Explained, Explained];
    return [{ label, a: one.id, b: other.id }];
  });
}

/** Sums lengths, each with how often it counts; the derivation names each. */
function summed(
  book: Ledger,
  id: string,
  label: string,
  parts: readonly { readonly of: string; readonly mm: number; readonly times: number }[],
): Explained {
  const terms: Record<string, Term> = {};
  const formula = parts.map(({ of, mm, times }, nth) => {
    const name = `l${nth + 1}`;
    terms[name] = { label: of, value: mm, unit: 'mm', mark: 'measured' };
    if (times === 1) return name;
    terms[`n${nth + 1}`] = { label: `${of}: how often`, value: times, unit: 'count', mark: 'D' };
    return `n${nth + 1} * ${name}`;
  });
  return book.work(id, {
    label,
    unit: 'mm',
    mark: 'measured',
    note: `${MEASURED}s.`,
    formula: formula.join(' + '),
    terms,
  });
}

/** An edge of the garment along all the pieces it runs on; nothing while one of them has no outline. */
function edgeOnOutlines(
  on: OnOutlines,
  edge: Edge,
): { readonly id: string; readonly length: Explained; readonly run: OutlineRun } | undefined {
  const runs = on.kind.shapes.flatMap((shape) =>
    shape.edges.filter((one) => one.edge === edge.id).map((one) => ({ shape, one })),
  );
  const measured = runs.flatMap(({ shape, one }) => {
    const outline = on.outlines[shape.id];
    const measure = outline && edgeEachSide(outline, one.id);
    const times = (countOf(on.kind, shape) * sidesOf(shape, one)) / (edge.pair ? 2 : 1);
    return measure ? [{ shape, of: `${shape.label.toLowerCase()}, ${one.label}`, measure, times }] : [];
  });
  if (measured.length === 0 || measured.length < runs.length) return undefined;
  const { book } = on;
  const at = `edge.${edge.id}`;
  const label = edge.label.toLowerCase();
  const length = summed(
    book,
    `${at}.outline`,
    `${label}, at the seamline`,
    measured.map(({ of, measure, times }) => ({ of, mm: measure.lengthMm, times })),
  );
  const onPieces = Object.fromEntries(
    measured.map(({ shape, of, measure, times }) => [
      shape.id,
      summed(book, `${at}.on.${shape.id}`, of, [{ of, mm: measure.lengthMm, times }]).id,
    ]),
  );
  const twoHalves = onPieces.front !== undefined && edge.seams?.length === 2;
  return {
    id: edge.id,
    length,
    run: {
      onPieces,
      ...(edge.curve ? { turn: turnOfEdge(book, at, measured).id } : {}),
      ...(twoHalves && onPieces.back !== undefined ? { back: onPieces.back } : {}),
    },
  };
}

/** How far an edge turns in all: along each piece, and where pieces meet. */
function turnOfEdge(
  book: Ledger,
  at: string,
  measured: readonly {
    readonly of: string;
    readonly measure: EdgeMeasure;
    readonly times: number;
  }[],
): Explained {
  const terms: Record<string, Term> = {};
  const formula = measured.map(({ of, measure, times }, nth) => {
    terms[`t${nth + 1}`] = leaf(`${of}: its turn`, measure.turnRad, 'rad', 'measured');
    terms[`n${nth + 1}`] = leaf(`${of}: how often`, times, 'count', 'D');
    return `n${nth + 1} * t${nth + 1}`;
  });
  return book.work(`${at}.turn`, {
    label: 'total turn, measured on the outlines',
    unit: 'rad',
    mark: 'measured',
    note: 'Along the edge, and at the corners where its pieces meet.',
    formula: formula.join(' + '),
    terms,
  });
}

/** The pattern’s finished girth at a zone; nothing while a piece of it has no outline. */
function girthOnOutlines({ kind, outlines, book }: OnOutlines, zone: Zone): Explained | undefined {
  const parts = girthParts(kind, outlines, zone);
  const label = `pattern at the ${zone.label.toLowerCase()}, finished`;
  return parts && summed(book, `fit.${zone.id}.outline`, label, parts);
}

function walkSeam(on: OnOutlines, sewn: SewnEdges): SeamWalk | undefined {
  const { book, kind, outlines } = on;
  const sides = [sideLength(outlines, sewn.a), sideLength(outlines, sewn.b)] as const;
  if (!sides[0] || !sides[1]) return undefined;
  const labelOf = (name: string): string => {
    const [piece, id] = name.split('.');
    const shape = kind.shapes.find((one) => one.id === piece);
    return `${shape?.label.toLowerCase()}, ${shape?.edges.find((one) => one.id === id)?.label}`;
  };
  const at = `seam.${sewn.id}`;
  const [a, b] = (['a', 'b'] as const).map((which, nth) => {
    const parts = (sides[nth] ?? []).map(({ name, mm }) => ({ of: labelOf(name), mm, times: 1 }));
    return summed(book, `${at}.${which}`, parts.map(({ of }) => of).join(' and '), parts);
  }) as [Explained, Explained];
  const longer = book.work(`${at}.longer`, {
    label: `${b.label}: longer by`,
    unit: 'mm',
    mark: 'D',
    formula: 'b - a',
    terms: { b, a },
  });
  const verdict = verdictOf(sewn.meet, a.value, b.value);
  const crossings = crossingEnds(outlines, sewn).map(({ at: where, kinkRad }, nth) => ({
    at: where,
    kink: book.given(`${at}.kink${nth + 1}`, `kink of the ${where} there`, kinkRad, 'rad', 'D').id,
    smooth: Math.abs(kinkRad) <= MOST_KINK_RAD,
  }));
  const off = book.work(`${at}.off`, {
    label: 'how far apart the two sides are',
    unit: 'mm',
    mark: 'D',
    formula: 'max(longer, -longer)',
    terms: { longer },
  });
  const sentence = {
    agree: say`${sewn.label}: both sides agree`,
    eased: say`${sewn.label}: ${off} is eased in`,
    gathered: say`${sewn.label}: ${off} is gathered in`,
    stretched: say`${sewn.label}: stretched on by ${off}`,
    wrong: say`${sewn.label}: the ${longer.value > 0 ? b.label : a.label} is ${off} longer than it can go on: move a point, or ease it between notches`,
  }[verdict];
  const { id, seam, label, meet } = sewn;
  return {
    ...{ id, seam, label, meet, a: a.id, b: b.id, longer: longer.id, verdict, sentence, crossings },
    ...notchesOfSeam(on, sewn, [a.label, b.label]),
  };
}

/** A seam from notch to notch, where it has any. */
function notchesOfSeam(
  { book, outlines, drawn }: OnOutlines,
  sewn: SewnEdges,
  [a, b]: readonly [string, string],
): Pick<SeamWalk, 'stretches' | 'notchFault'> {
  const walk = walkNotches(outlines, sewn, (name) => notchesOn(name, drawn, outlines));
  if (!walk) return { stretches: [] };
  if ('counts' in walk) {
    const [onA, onB] = walk.counts;
    const many = (count: number): string => `${count} ${count === 1 ? 'notch' : 'notches'}`;
    return {
      stretches: [],
      notchFault: `The ${a} has ${many(onA)}, the ${b} ${many(onB)}: set those that are missing.`,
    };
  }
  const last = walk.stretches.length - 1;
  const stretches = walk.stretches.map((stretch, nth) => {
    const where = `${nth === 0 ? 'from its start' : `from notch ${nth}`} ${nth === last ? 'to its end' : `to notch ${nth + 1}`}`;
    const [onA, onB] = ([a, b] as const).map((label, side) =>
      book.given(
        `seam.${sewn.id}.stretch${nth + 1}.${side === 0 ? 'a' : 'b'}`,
        `${label}, ${where}`,
        side === 0 ? stretch.a : stretch.b,
        'mm',
        'measured',
        `${MEASURED}s.`,
      ),
    ) as [Explained, Explained];
    return { a: onA.id, b: onB.id, goesOn: stretchGoesOn(sewn.meet, stretch.a, stretch.b) };
  });
  return { stretches };
}
