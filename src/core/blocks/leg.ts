import type { Explained } from '../explain/explained';
import { say } from '../explain/ledger';
import type { ZoneId } from '../facts/garment';
import type { Operation } from '../fit/drafting';
import { backwards, endOf, lengthOf, mapped, pathOf, polyline, startOf, type Path } from '../geometry/path';
import { mirrored, plus, point } from '../geometry/point';
import {
  USUAL_LEG,
  backCrotch,
  extensionsOf,
  frontCrotch,
  noSuchWaist,
  raiseOf,
  riseOf,
  type CrotchFrame,
} from './crotch';
import type { DraftedBlock, DraftedPiece } from './drafted';
import type { Drafter } from './drafter';
import { find } from './find';
import { downThrough, setsOut, squareBetween } from './lines';

/** The back’s crotch point is lowered by no more, mm. */
const MOST_LOWERED_MM = 30;
/** The thigh is measured this far below the crotch, where the inside leg is plumb still, mm. */
export const PLUMB_MM = 15;

/** Both crotch extensions together: under the first the thigh asks for a gusset; under the second it cannot be sewn, mm. */
const EXTENSION = { gusset: 40, least: 12 } as const;
/** A height of the leg below the crotch, with the garment’s girth there. */
interface LegLevel {
  readonly zone: ZoneId;
  readonly y: number;
  readonly girth: number;
}

interface LegFrame extends CrotchFrame {
  readonly hipY: number;
  /** A quarter of the garment at the hip. */
  readonly hipX: number;
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
  const inseam = d.body('inseam');
  const extensions = extensionsOf(Math.max(extension.value, EXTENSION.least));
  const crotchY = riseOf(d, extensions);
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
  const below = [at('knee', USUAL_LEG.knee), at('calf', USUAL_LEG.calf), at('ankle', 1)];
  const hemY = crotchY + long;
  return {
    crotchY,
    hipY: USUAL_LEG.hipShare * crotchY,
    hipX: hip.value / 4,
    ...extensions,
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
    2,
  );
  const inside = (ext: number, lowered: number): Path =>
    downThrough(
      [
        point(-ext, crotchY + lowered),
        point(-ext, crotchY + lowered + PLUMB_MM),
        ...lower.map(({ y, girth }) => point(outsideAt(girth) - girth / 2, y)),
      ],
      'both',
      1,
    );
  const frontInside = inside(frame.front, 0);
  const wanted = d.drawn('inseam.front', 'inside leg of the front', lengthOf(frontInside));
  const lowered = loweredFor(d, (mm) => inside(frame.back, mm), wanted);
  if (lowered === undefined)
    d.cannot(
      say`The inside legs of front and back cannot be made as long as each other: measure the thigh and the hip again.`,
    );
  return { outside, frontInside, backInside: inside(frame.back, lowered ?? 0), lowered: lowered ?? 0 };
}

/** How much lower the back’s crotch point is, so that its inside leg is as long as the front’s; nothing where it cannot be. */
export const loweredFor = (
  d: Drafter,
  inside: (lowered: number) => Path,
  wanted: Explained,
): number | undefined =>
  d.solve('inseam', {
    label: 'the back’s crotch point is lower by',
    equation: 'the inside legs of front and back are as long as each other',
    low: -MOST_LOWERED_MM,
    high: MOST_LOWERED_MM,
    drawn: (mm) => lengthOf(inside(mm)),
    drawnLabel: 'inside leg of the back',
    wanted,
  });

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
    low: USUAL_LEG.backLean + 8,
    high: frame.hipX * 2.5,
    drawn: around,
    drawnLabel: 'waist edge, all round',
    wanted: waist,
  });
  if (x === undefined) noSuchWaist(d, waist);
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
  const over = (path: Path): Path => backwards(mapped(path, mirrored));
  return { ...rest, edges: [...(first ? [over(first)] : []), ...others.toReversed().map(over)] };
}
