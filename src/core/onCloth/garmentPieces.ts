import { estimateOf } from '../blocks/estimates';
import type { Explained } from '../explain/explained';
import { createLedger, getNumber } from '../explain/ledger';
import { createRecent } from '../explain/remember';
import { isScalloped, type Cloth } from '../facts/cloth';
import { bandsFollow, type Garment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { clothRoles, type ClothRole } from '../facts/layout';
import { layoutBasis } from '../facts/layoutBasis';
import type { GarmentKind, Piece } from '../fit/garmentKind';
import { ageOn, latestMeasures } from '../fit/latestMeasures';
import { isPaired } from '../fit/pieceShape';
import { bodyFields, type BodyMeasure } from '../facts/wearer';
import type { Point } from '../geometry/point';
import { boundsOfPoints, rectangle } from '../geometry/ring';
import type { LayoutPiece } from '../layout/problem';
import { stripOf } from '../paper/bandPieces';
import { paperPieces } from '../paper/paperPieces';
import { ringsOf } from '../paper/paperPiece';
import { piecesAsCut, type PieceAsCut } from '../plan/asCut';
import type { GarmentPlan } from '../plan/types';
import { scallopAtLeft } from './lace';
import { matchedPoints } from './matching';
import { rectanglesOf, type Rectangle } from '../ticket/rectangles';
import type { TicketRow } from '../ticket/types';

export interface LaidInputs {
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly plan: GarmentPlan;
  readonly onDate: string;
}

/** A piece to lay on a cloth, and what is said of it. */
export interface ClothPiece extends LayoutPiece {
  readonly label: string;
  /** The ticket’s rows it is cut for. */
  readonly rows: readonly string[];
  /** A band, casing, strap or tie: a rectangle that the ticket has. */
  readonly isBand: boolean;
  /** Nobody drew it: a rectangle as large as the plan’s sizes say. */
  readonly standsIn: boolean;
}

/** What is cut from one cloth of a garment. */
export interface OnCloth {
  readonly role: ClothRole;
  readonly cloth: Cloth | undefined;
  readonly pieces: readonly ClothPiece[];
  /** What is cut from it too, but has neither an outline nor a size in the plan. */
  readonly unknown: readonly ClothPiece[];
}

/**
 * The pieces of a garment by the cloth they are cut from, opened out: what is drawn by its cut line, bands as the ticket has
 * them, the rest by stand-ins. The same pieces while nothing that they depend on has changed.
 */
export function piecesOnCloth(inputs: LaidInputs): readonly OnCloth[] {
  const { facts, onDate } = inputs;
  const known = recall([layoutBasis(facts), JSON.stringify(facts.garment.cuts), onDate], () =>
    workedOut(inputs),
  );
  // How much of a cloth there is may have changed.
  return known.map((one) => ({ ...one, cloth: facts[one.role] }));
}

const recall = createRecent<readonly OnCloth[]>(2);

function workedOut(inputs: LaidInputs): readonly OnCloth[] {
  const { plan, facts } = inputs;
  const drawn = paperPieces(inputs, { nested: false, bands: false, opened: true });
  const rings = new Map(drawn.map((piece) => [piece.id, ringsOf(piece)[0] as readonly Point[]]));
  const rectangles = rectanglesOf(plan.ticket, plan.numbers);
  const bands = new Set(rectangles.map(({ id }) => id));
  // Planned once more: only for cloths that want to know how outlines lie.
  const isAsked = clothRoles.some((role) => {
    const cloth = facts[role];
    return cloth !== undefined && (isScalloped(cloth) || hasRepeat(cloth));
  });
  const cut = isAsked ? piecesAsCut(inputs) : [];
  return clothRoles.flatMap((role): readonly OnCloth[] => {
    const ticketRows = plan.ticket
      .filter((group) => clothRoles.some((one) => one === group.role && laidAs(facts.garment, one) === role))
      .flatMap((group) => group.rows);
    if (ticketRows.length === 0) return [];
    const cloth = facts[role];
    const turns = cloth?.nap === 'one way' ? [0] : [0, 180];
    const pieces = [
      ...shapedPieces(
        inputs,
        ticketRows.filter(({ id }) => !bands.has(id)),
        rings,
      ),
      ...rectangles.flatMap((one) =>
        ticketRows.some(({ id }) => id === one.id) ? [rectanglePiece(inputs, one)] : [],
      ),
    ];
    const turned = turnedCloth(inputs, role);
    const edges = cloth && isScalloped(cloth) ? lacedIn(cut, plan) : undefined;
    const matches = cloth && hasRepeat(cloth) ? matchedIn(cut, inputs.kind) : undefined;
    const known = pieces.filter(({ ring }) => ring.length > 0);
    return [
      {
        role,
        cloth,
        unknown: pieces.filter((piece) => !known.includes(piece)),
        pieces: known.map((piece) => ({
          ...piece,
          turns: piece.turns ?? (turned ? turns.map((turn) => turn + 90) : turns),
          ...onEdge(edges?.get(piece.id)),
          ...(matches && !piece.isBand ? { held: matches.get(piece.id) ?? lowerMiddle(piece.ring) } : {}),
        })),
      },
    ];
  });
}

/** As which of a garment’s cloths a role is laid out: bands, or a lining, out of a cloth that is there already lie on it together with the rest. */
export function laidAs(garment: Garment, role: ClothRole): ClothRole {
  if (role === 'band' && bandsFollow(garment)) return 'outer';
  const own = garment[`${role}ClothId`];
  return clothRoles.find((one) => own !== undefined && garment[`${one}ClothId`] === own) ?? role;
}

/** Whether a cloth has stripes or a print that pieces can be matched to. */
export const hasRepeat = ({ repeatAcrossMm, repeatAlongMm }: Cloth): boolean =>
  repeatAcrossMm !== undefined || repeatAlongMm !== undefined;

/** The turns by which scallops of drawn pieces come to lie on the left edge of a lace, by piece. */
function lacedIn(pieces: readonly PieceAsCut[], plan: GarmentPlan): ReadonlyMap<string, number> {
  return new Map(
    pieces.flatMap(({ shape, cut }): (readonly [string, number])[] => {
      const turn = scallopAtLeft(cut, plan);
      return turn === undefined ? [] : [[shape.id, turn]];
    }),
  );
}

/** With an edge on the cloth’s left one, or, turned by half, on its right one; the same of a mirror image. */
const onEdge = (turn: number | undefined): Partial<ClothPiece> =>
  turn === undefined ? {} : { edgeAtLeft: turn, turns: [turn, turn + 180, -turn, 180 - turn] };

/** The points of drawn pieces that lie on a repeat, by piece. */
function matchedIn(pieces: readonly PieceAsCut[], kind: GarmentKind): ReadonlyMap<string, Point> {
  const outlines = Object.fromEntries(pieces.map(({ shape, cut }) => [shape.id, cut]));
  const notches = Object.fromEntries(pieces.map(({ shape, notches: own }) => [shape.id, own]));
  return matchedPoints(kind, outlines, notches);
}

/** Of a piece that nobody drew: the middle of its lower edge. */
function lowerMiddle(ring: readonly Point[]): Point {
  const { left, right, bottom } = boundsOfPoints(ring);
  return { x: (left + right) / 2, y: bottom };
}

/** Whether this cloth’s greatest stretch runs along the selvedge, so that every piece lies across. */
const turnedCloth = ({ plan }: LaidInputs, role: ClothRole): boolean =>
  role === 'outer' && plan.cloths.outer?.around === 'along';

function shapedPieces(
  inputs: LaidInputs,
  ticketRows: readonly TicketRow[],
  rings: ReadonlyMap<string, readonly Point[]>,
): readonly ClothPiece[] {
  const { kind, plan } = inputs;
  const rows = ticketRows.filter(({ id }) => kind.pieces.some((piece) => piece.id === id));
  const count = (id: string): number => {
    const row = rows.find((one) => one.id === id);
    return row ? getNumber(plan.numbers, row.count).value : 0;
  };
  const byShape = kind.shapes.flatMap((shape): readonly ClothPiece[] => {
    const mine = [...shape.pieces, ...(shape.also ?? [])].filter((id) => count(id) > 0);
    if (mine.length === 0) return [];
    const ring = rings.get(shape.id);
    const cut = mine.reduce((sum, id) => sum + count(id), 0);
    return [
      {
        id: shape.id,
        label: shape.label,
        rows: mine,
        ring: ring ?? shapeStandIn(inputs, [...mine, ...shape.pieces]),
        count: cut,
        mirrored: cut % 2 === 0 && isPaired(shape) ? 'half' : 'no',
        isBand: false,
        standsIn: ring === undefined,
      },
    ];
  });
  const shaped = new Set(byShape.flatMap((piece) => piece.rows));
  const loose = rows.flatMap(({ id, label }): readonly ClothPiece[] => {
    const piece = kind.pieces.find((one) => one.id === id) as Piece;
    if (shaped.has(id)) return [];
    return [
      {
        id,
        label,
        rows: [id],
        ring: standIn(inputs, piece),
        count: count(id),
        isBand: false,
        standsIn: true,
      },
    ];
  });
  return [...byShape, ...loose];
}

/** The stand-in of a shape: of the first of its pieces that has a size. A lining is as large as what it lies under. */
function shapeStandIn(inputs: LaidInputs, ids: readonly string[]): readonly Point[] {
  const pieces = ids.flatMap((id) => inputs.kind.pieces.filter((piece) => piece.id === id));
  return pieces.map((piece) => standIn(inputs, piece)).find((ring) => ring.length > 0) ?? [];
}

/** A band: its length across the cloth, or along it where the plan says so. */
function rectanglePiece(inputs: LaidInputs, { id, label, longMm, wideMm, count }: Rectangle): ClothPiece {
  const way = stripOf(inputs.plan, id)?.strip.way;
  const [across, along] = way === 'along' ? [wideMm, longMm] : [longMm, wideMm];
  return {
    id,
    label,
    rows: [id],
    ring: rectangle(across, along),
    count: Math.max(1, Math.round(count)),
    // A rectangle turned by half is itself; one that need not stretch in its length may lie either way.
    turns: way === undefined ? [0, 90] : [0],
    isBand: true,
    standsIn: false,
  };
}

/** A measure of the wearer, mm, or what drafting estimates for it; 0 where there is nothing to go by. */
function measured({ facts: { wearer }, onDate }: LaidInputs, measure: BodyMeasure): number {
  if (!wearer) return 0;
  const latest = latestMeasures(wearer);
  const has = (one: BodyMeasure): boolean => latest[one] !== undefined;
  if (!has(measure) && !has('bust') && !has('hip')) return 0;
  const book = createLedger();
  const body = (one: BodyMeasure): Explained => {
    const mm = latest[one]?.mm;
    const { label } = bodyFields[one];
    if (mm !== undefined) return book.given(one, label, mm, 'mm', 'measured');
    const estimate = estimateOf(one, {
      body,
      child: wearer.grown === 'child',
      ageYears: ageOn(wearer, onDate),
      has,
    });
    return book.work(one, { label, unit: 'mm', mark: 'T, from memory', ...estimate });
  };
  return body(measure).value;
}

/** Measures along the body and its limbs tell how long a piece is; girths, by which a bra’s cloth is estimated, tell no piece’s length. */
const ALONG: ReadonlySet<BodyMeasure> = new Set<BodyMeasure>([
  'backLength',
  'inseam',
  'rise',
  'lowRise',
  'loop',
  'armLength',
]);

/** Measures of length that belong to limbs: a sleeve is as long as an arm, not as the back. */
const SLEEVES: ReadonlySet<BodyMeasure> = new Set<BodyMeasure>(['armLength']);
/** A rectangle for a piece that nobody drew: as wide as its share of the girths it makes, as long as the first estimate of cloth counts it. Empty where neither is known: a facing, a tie, the bridge of a bra. */
function standIn(inputs: LaidInputs, piece: Piece): readonly Point[] {
  const { kind, plan, facts } = inputs;
  const allowance = 2 * facts.garment.pattern.seamAllowanceMm;
  const widths = plan.zones.flatMap((zone) => {
    if (zone.axis !== 'around' || !piece.zones.includes(zone.zone)) return [];
    const sharing = kind.pieces.filter(
      ({ zones, cloth }) => cloth === piece.cloth && zones.includes(zone.zone),
    );
    const girth = getNumber(plan.numbers, zone.rest).value;
    const limbs = sharing.some(({ side }) => side === 'left') && sharing.length === 2;
    return [limbs ? girth : girth / Math.max(1, sharing.length)];
  });
  const isSleeve = kind.zones.some(
    ({ id, measure }) => piece.zones.includes(id) && (measure === 'biceps' || measure === 'wrist'),
  );
  const lengths = kind.amount.lengths.filter(([measure]) => SLEEVES.has(measure) === isSleeve);
  const long = lengths.reduce((sum, [measure, times]) => sum + times * measured(inputs, measure), 0);
  if (widths.length === 0 || long === 0 || !lengths.some(([measure]) => ALONG.has(measure))) return [];
  return rectangle(Math.max(...widths) + allowance, long + allowance);
}
