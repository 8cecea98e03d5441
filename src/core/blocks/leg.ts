import { leaf, say } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { Operation } from '../fit/drafting';
import { backwards, endOf, lengthOf, mapped, pathOf, polyline, startOf, type Path } from '../geometry/path';
import { minus, plus, point, times, unitOf, type Point } from '../geometry/point';
import { cubic, line } from '../geometry/segment';
import { draftBoxer } from './boxer';
import { find } from './find';
import type { DraftedBlock, DraftedPiece } from './drafted';
import type { Drafter } from './drafter';
import { downThrough, setsOut, squareBetween } from './lines';
import { mirror } from './sleeve';
import { rootBetween } from './solve';

/** Usual measures of a leg (T, from memory). */
const USUAL = {
  frontIn: 10,
  backLean: 30,
  raise: 30,
  hipShare: 0.66,
  frontPart: 1 / 3,
  knee: 0.5,
  calf: 0.65,
} as const;
/** The back is raised by no more, and not lowered, mm. */
const RAISE = { least: 0, most: 70 } as const;
/** The back’s crotch point is lowered by no more, mm. */
const MOST_LOWERED_MM = 30;
/** Both crotch extensions together: under the first the thigh asks for a gusset; under the second it cannot be sewn, mm. */
const EXTENSION = { gusset: 40, least: 12 } as const;
/** The thigh is measured this far below the crotch, where the inside leg is plumb still, mm. */
const PLUMB_MM = 15;

/** A height of the leg below the crotch, with the garment’s girth there. */
interface LegLevel {
  readonly zone: ZoneId;
  readonly y: number;
  readonly girth: number;
}

interface LegFrame {
  readonly crotchY: number;
  readonly hipY: number;
  /** A quarter of the garment at the hip. */
  readonly hipX: number;
  readonly front: number;
  readonly back: number;
  readonly below: readonly LegLevel[];
  readonly hemY: number;
  readonly hemMm: number;
}

/** What front and back have to be alike in: where the outside leg runs, and the inside at every height but the crotch’s. */
function legFrame(d: Drafter, operations: readonly Operation[]): LegFrame {
  const hip = d.girth('hip', 'hip');
  const thigh = d.girth('thigh', 'thigh');
  const extension = d.work('extension', {
    label: 'both crotch extensions',
    unit: 'mm',
    formula: 'thigh - hip / 2',
    terms: { thigh, hip },
  });
  if (extension.value < EXTENSION.least)
    d.cannot(
      say`Half the hip, of ${hip}, is wider than the thigh, ${thigh}: nothing is left to pass between the legs. Measure both again.`,
    );
  else if (extension.value < EXTENSION.gusset)
    d.note(
      say`Only ${extension} passes between the legs: the thigh governs. Wear the thigh less close, or sew in a gusset.`,
    );
  const ext = Math.max(extension.value, EXTENSION.least);
  const inseam = d.body('inseam');
  const crotchY = riseOf(d, hip.value / 4, ext);
  const long = d.choose('leg-length', {
    label: 'inside leg, crotch to hem',
    usual: (find(operations, 'leg-length')?.share ?? 1) * inseam.value,
    least: PLUMB_MM + MOST_LOWERED_MM + 20,
    most: inseam.value * 1.15,
  });
  const at = (zone: ZoneId, share: number): LegLevel => ({
    zone,
    y: crotchY + share * inseam.value,
    girth: d.girth(zone, zone as 'knee').value,
  });
  const below = [at('knee', USUAL.knee), at('calf', USUAL.calf), at('ankle', 1)];
  const hemY = crotchY + long;
  return {
    crotchY,
    hipY: USUAL.hipShare * crotchY,
    hipX: hip.value / 4,
    front: USUAL.frontPart * ext,
    back: (1 - USUAL.frontPart) * ext,
    below: below.filter(({ y }) => y < hemY - 0.5),
    hemY,
    hemMm: girthAt([{ zone: 'thigh', y: crotchY + PLUMB_MM, girth: thigh.value }, ...below], hemY),
  };
}

function girthAt(levels: readonly LegLevel[], y: number): number {
  const nth = levels.findIndex((one) => one.y >= y - 0.5);
  if (nth === -1) return levels.at(-1)?.girth ?? 0;
  const [a, b] = [levels[nth - 1], levels[nth] as LegLevel];
  if (!a || Math.abs(b.y - y) <= 0.5) return b.girth;
  return a.girth + ((b.girth - a.girth) * (y - a.y)) / (b.y - a.y);
}

/**
 * The crotch below the waist: as it was measured sitting; else a part of the height, moved so far that the back’s raise comes out
 * as it may be. The crotch length it has to agree with is the better measure of the two.
 */
function riseOf(d: Drafter, hipX: number, ext: number): number {
  const rise = d.girth('rise', 'rise');
  const seated = d.body('bodyRise');
  if (d.measured('bodyRise')) return seated.value;
  const raiseAt = (y: number): number => raiseFor({ crotchY: y, hipX, ext, wanted: rise.value });
  const bound = (raise: number): number =>
    rootBetween((y) => raiseAt(y) - raise, 0.15 * rise.value, 0.75 * rise.value) ?? seated.value;
  const held = Math.min(Math.max(seated.value, bound(USUAL.raise * 1.6)), bound(USUAL.raise * 0.4));
  return d.book.given(
    'draft.rise',
    'crotch below the waist',
    held,
    'mm',
    'default',
    'As a part of the height, kept so that it agrees with the crotch length. Measuring the body rise beats it.',
  ).value;
}

const frontCrotch = (crotchY: number, ext: number, lean: number = USUAL.frontIn): Path =>
  crotchCurve(point(lean, 0), point(0, USUAL.hipShare * crotchY), point(-ext, crotchY));

/** The back’s, as seen with its centre on the left like the front’s: from the waist down. */
const backCrotch = (
  crotchY: number,
  ext: number,
  raise: number,
  lowered: number,
  lean: number = USUAL.backLean,
): Path =>
  crotchCurve(point(lean, -raise), point(0, USUAL.hipShare * crotchY), point(-ext, crotchY + lowered));

/** Straight from the waist to the hip, then round into the crotch, level there. */
function crotchCurve(top: Point, hip: Point, end: Point): Path {
  const down = unitOf(minus(hip, top)) ?? point(0, 1);
  const [dx, dy] = [hip.x - end.x, end.y - hip.y];
  return pathOf([
    line(top, hip),
    cubic(hip, plus(hip, times(down, 0.62 * dy)), plus(end, point(Math.min(0.72 * dx, 0.5 * dy), 0)), end),
  ]);
}

/** The raise of the back at the waist that makes both crotch curves as long as wanted, whatever it comes to. */
function raiseFor({
  crotchY,
  ext,
  wanted,
  lowered = 6,
}: {
  readonly crotchY: number;
  readonly hipX: number;
  readonly ext: number;
  readonly wanted: number;
  readonly lowered?: number;
}): number {
  const front = lengthOf(frontCrotch(crotchY, USUAL.frontPart * ext));
  const off = (raise: number): number =>
    front + lengthOf(backCrotch(crotchY, (1 - USUAL.frontPart) * ext, raise, lowered)) - wanted;
  return rootBetween(off, -crotchY * 0.55, 2000) ?? 0;
}

/** The outside leg, the same on front and back: plumb past the hip, then as half of what the girths leave beside the inside leg. */
function outsideX({ hipX, front, back }: LegFrame, girth: number): number {
  // The leg hangs from the middle between both crotch points and the side.
  const middle = (hipX - (front + back) / 2) / 2;
  return middle + girth / 4;
}

interface Leg {
  readonly outside: Path;
  readonly frontInside: Path;
  readonly backInside: Path;
  readonly lowered: number;
}

function legOf(d: Drafter, frame: LegFrame, waistX: number): Leg {
  const { crotchY, hipY, hipX, below, hemY, hemMm } = frame;
  const outsideAt = (girth: number): number => outsideX(frame, girth);
  const lower = [...below, { y: hemY, girth: hemMm }];
  const outside = downThrough(
    [
      point(waistX, 0),
      point(hipX, hipY),
      point(hipX, Math.min(crotchY + PLUMB_MM + MOST_LOWERED_MM, (crotchY + hemY) / 2)),
      ...lower.map(({ y, girth }) => point(outsideAt(girth), y)),
    ],
    'end',
  );
  const inside = (ext: number, lowered: number): Path =>
    downThrough(
      [
        point(-ext, crotchY + lowered),
        point(-ext, crotchY + lowered + PLUMB_MM),
        ...lower.map(({ y, girth }) => point(outsideAt(girth) - girth / 2, y)),
      ],
      'both',
    );
  const frontInside = inside(frame.front, 0);
  const wanted = d.drawn('inseam.front', 'inside leg of the front', lengthOf(frontInside));
  const lowered =
    d.solve('inseam', {
      label: 'the back’s crotch point is lower by',
      equation: 'the inside legs of front and back are as long as each other',
      low: -MOST_LOWERED_MM,
      high: MOST_LOWERED_MM,
      drawn: (mm) => lengthOf(inside(frame.back, mm)),
      drawnLabel: 'inside leg of the back',
      wanted,
    }) ?? undefined;
  if (lowered === undefined)
    d.cannot(
      say`The inside legs of front and back cannot be made as long as each other: measure the thigh and the hip again.`,
    );
  return { outside, frontInside, backInside: inside(frame.back, lowered ?? 0), lowered: lowered ?? 0 };
}

/** The back’s raise solved from the crotch length; a measure is doubted where it comes out of bounds. */
function raiseOf(d: Drafter, frame: LegFrame, lowered: number): number {
  const rise = d.girth('rise', 'rise');
  const front = lengthOf(frontCrotch(frame.crotchY, frame.front));
  const raise = d.solve('raise', {
    label: 'the back is raised at the waist by',
    equation: 'both crotch curves together are as long as the crotch length',
    low: -frame.crotchY * 0.55,
    high: 2000,
    drawn: (mm) => front + lengthOf(backCrotch(frame.crotchY, frame.back, mm, lowered)),
    drawnLabel: 'both crotch curves',
    wanted: rise,
  });
  if (raise === undefined || raise > RAISE.most + SLACK_MM || raise < RAISE.least - SLACK_MM) {
    d.cannot(
      say`The crotch length, ${rise}, and the body rise, ${d.body('bodyRise')}, do not agree: measure both again.`,
    );
    return USUAL.raise;
  }
  return raise;
}
const SLACK_MM = 0.5;

interface WaistEdges {
  readonly front: Path;
  readonly back: Path;
}

/** Both waist edges, from the centre to the side, square to both, with the outside legs’ tops at a place. */
function waistEdges(outside: Path, front: Path, back: Path): WaistEdges {
  const side = startOf(outside);
  const edge = (crotch: Path): Path =>
    backwards(squareBetween(side, setsOut(outside), startOf(crotch), setsOut(crotch)));
  return { front: edge(front), back: edge(back) };
}

/** Fronts and backs of leggings. */
export function draftLeg(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const pouch = find(operations, 'pouch');
  if (pouch) return draftBoxer(d, operations);
  if (find(operations, 'one-piece-leg')) return draftOnePiece(d, operations);
  const frame = legFrame(d, operations);
  const waist = d.girth('waist', 'waist');
  const first = legOf(d, frame, Math.min(waist.value / 4 + 12, frame.hipX));
  const raise = raiseOf(d, frame, first.lowered);
  const front = frontCrotch(frame.crotchY, frame.front);
  const back = backCrotch(frame.crotchY, frame.back, raise, first.lowered);
  const rest = (x: number): Path => withTopAt(first.outside, x);
  const around = (x: number): number => {
    const edges = waistEdges(rest(x), front, back);
    return 2 * (lengthOf(edges.front) + lengthOf(edges.back));
  };
  const x = d.solve('waist', {
    label: 'the side at the waist, from the centre line',
    equation: 'the waist edges of all pieces are as long together as the waist is round',
    low: USUAL.backLean + 8,
    high: frame.hipX * 2.5,
    drawn: around,
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (x === undefined)
    d.cannot(say`The waist, ${waist}, cannot be drawn onto these hips: measure waist and hip again.`);
  const outside = rest(x ?? waist.value / 4);
  const edges = waistEdges(outside, front, back);
  d.handle({
    choice: 'leg-length',
    piece: 'front',
    at: endOf(first.frontInside),
    way: point(0, 1),
  });
  return {
    pieces: {
      front: legPiece(frame, { waist: edges.front, outside, inside: first.frontInside, crotch: front }),
      back: turnedOver(
        legPiece(frame, { waist: edges.back, outside, inside: first.backInside, crotch: back }),
      ),
    },
  };
}

/** The outside leg with its top elsewhere: its first stretch runs from there to the hip. */
function withTopAt(outside: Path, x: number): Path {
  const [first, ...rest] = outside;
  const moved = x - first.from.x;
  const from = plus(first.from, point(moved, 0));
  return pathOf([
    first.kind === 'cubic'
      ? { ...first, from, c1: plus(first.c1, point((moved * 2) / 3, 0)) }
      : { ...first, from },
    ...rest,
  ]);
}

interface LegLines {
  readonly waist: Path;
  readonly outside: Path;
  readonly inside: Path;
  readonly crotch: Path;
}

/** A leg piece with its centre on the left: waist, outside, hem, inside, crotch. */
function legPiece(frame: LegFrame, { waist, outside, inside, crotch }: LegLines): DraftedPiece {
  const hem = polyline([endOf(outside), endOf(inside)]);
  const [top, foot] = [startOf(inside).y, endOf(inside).y];
  const [waistY, crotchEnd] = [startOf(crotch).y, endOf(crotch).y];
  const share = (y: number): number => (y - top) / (foot - top);
  const below = [...frame.below, ...hemZone(frame)];
  return {
    edges: [waist, outside, hem, backwards(inside), backwards(crotch)],
    levels: {
      hip: ['crotch', (frame.hipY - waistY) / (crotchEnd - waistY)],
      thigh: ['inseam', share(top + PLUMB_MM)],
      ...Object.fromEntries(below.map(({ zone, y }) => [zone, ['inseam', Math.min(share(y), 1)] as const])),
    },
  };
}

/** The ankle lies at the hem where the leg goes down to it. */
const hemZone = ({ below, hemY }: LegFrame): readonly { readonly zone: ZoneId; readonly y: number }[] =>
  below.length === 2 && below[1]?.zone === 'calf' ? [{ zone: 'ankle', y: hemY }] : [];

/** The same piece with its centre on the right: its edges the other way round, the first still first. */
function turnedOver({ edges, ...rest }: DraftedPiece): DraftedPiece {
  const [first, ...others] = edges;
  const over = (path: Path): Path => backwards(mapped(path, mirror));
  return { ...rest, edges: [...(first ? [over(first)] : []), ...others.toReversed().map(over)] };
}

/** Legs in one piece: fronts and backs joined along a straight side, which is x = 0; the front on the left. */
function draftOnePiece(d: Drafter, operations: readonly Operation[]): DraftedBlock {
  const hip = d.girth('hip', 'hip');
  const waist = d.girth('waist', 'waist');
  const inseam = d.girth('inseam', 'inseam');
  const extension = d.work('extension', {
    label: 'both crotch extensions',
    unit: 'mm',
    mark: 'T, from memory',
    formula: 'part * hip',
    terms: { part: leaf('of the hip', ONE_PIECE_EXTENSION, 'ratio', 'T, from memory'), hip },
  });
  const ext = extension.value;
  const quarter = hip.value / 4;
  const crotchY = riseOf(d, quarter, ext);
  const [front, back] = [USUAL.frontPart * ext, (1 - USUAL.frontPart) * ext];
  const flare = find(operations, 'flare');
  const hem = d.choose('hem-width', {
    label: 'leg hem, all round',
    usual: 0.5 * hip.value + d.usual(flare?.by ?? 0),
    least: 0.2 * hip.value,
    most: 1.1 * hip.value,
  });
  const thigh = hip.value / 2 + ext;
  const knee = KNEE_OF_THIGH * thigh;
  const kneeY = crotchY + 0.48 * inseam.value;
  // Beside the straight side each half takes half of what the leg is round.
  const inside = (from: number, lowered: number, hemY: number): Path =>
    downThrough(
      [
        point(-quarter - from, crotchY + lowered),
        point(-quarter - from, crotchY + lowered + PLUMB_MM),
        point(-knee / 2, kneeY),
        point(-hem / 2, hemY),
      ],
      'both',
    );
  const hemY =
    d.solve('hem', {
      label: 'the hem below the waist',
      equation: 'the inside leg of the front is as long as planned',
      low: kneeY + 30,
      high: crotchY + 1.2 * inseam.value,
      drawn: (y) => lengthOf(inside(front, 0, y)),
      drawnLabel: 'inside leg of the front',
      wanted: inseam,
    }) ?? crotchY + inseam.value;
  const lowered =
    d.solve('inseam', {
      label: 'the back’s crotch point is lower by',
      equation: 'the inside legs of front and back are as long as each other',
      low: -MOST_LOWERED_MM,
      high: MOST_LOWERED_MM,
      drawn: (mm) => lengthOf(inside(back, mm, hemY)),
      drawnLabel: 'inside leg of the back',
      wanted: d.drawn('inseam.front', 'inside leg of the front, as drawn', lengthOf(inside(front, 0, hemY))),
    }) ?? 0;
  const raise = onePieceRaise(d, { crotchY, hipX: quarter, front, back }, lowered);
  const shiftIn = (crotch: Path): Path => mapped(crotch, ({ x, y }) => point(x - quarter, y));
  const frontAt = (by: number): Path => shiftIn(frontCrotch(crotchY, front, USUAL.frontIn + by));
  const backAt = (by: number): Path =>
    shiftIn(backCrotch(crotchY, back, raise, lowered, USUAL.backLean + 2 * by));
  const top = (by: number): Path => {
    const [a, b] = [frontAt(by), mapped(backAt(by), mirror)];
    return backwards(squareBetween(startOf(b), setsOut(b), startOf(a), setsOut(a)));
  };
  const by = d.solve('waist', {
    label: 'the front leans in at the waist by more than usual; the back by twice that',
    equation: 'the waist edges of both legs are as long together as the waist is round',
    low: -quarter,
    high: quarter / 3,
    drawn: (mm) => 2 * lengthOf(top(mm)),
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (by === undefined)
    d.cannot(say`The waist, ${waist}, cannot be drawn onto these hips: measure waist and hip again.`);
  const [frontLine, backLine] = [frontAt(by ?? 0), mapped(backAt(by ?? 0), mirror)];
  const frontInside = inside(front, 0, hemY);
  const backInside = mapped(inside(back, lowered, hemY), mirror);
  d.handle({ choice: 'hem-width', piece: 'leg', at: endOf(backInside), way: point(0.5, 0) });
  const [frontTop, frontEnd] = [startOf(frontLine).y, endOf(frontLine).y];
  return {
    pieces: {
      leg: {
        edges: [
          top(by ?? 0),
          backLine,
          backInside,
          polyline([endOf(backInside), endOf(frontInside)]),
          backwards(frontInside),
          backwards(frontLine),
        ],
        levels: { hip: ['front-crotch', (USUAL.hipShare * crotchY - frontTop) / (frontEnd - frontTop)] },
      },
    },
  };
}
/** Loose legs are narrower at the knee than at the thigh (T, from memory). */
const KNEE_OF_THIGH = 0.82;
/** Both extensions of trousers that hang from the seat, as a part of the hip (T, from memory). */
const ONE_PIECE_EXTENSION = 0.12;

function onePieceRaise(
  d: Drafter,
  frame: Pick<LegFrame, 'crotchY' | 'hipX' | 'front' | 'back'>,
  lowered: number,
): number {
  return d.measured('rise')
    ? raiseOf(d, { ...frame, hipY: 0, below: [], hemY: 0, hemMm: 0 }, lowered)
    : USUAL.raise;
}
