import { grown } from '../geometry/clip';
import type { Point } from '../geometry/point';
import { BESIDE, contactMap, type ContactMap, type Peak } from './contact';
import { depthMap } from './depth';
import { maskOf, type Cover, type Mask } from './mask';
import { allOffsets, reversed, valueAt, type OffsetMap } from './offsets';
import type { Repeat } from './problem';
import type { Every } from './repeat';
import type { Shape } from './shapes';

/** A shape on a grid of cells, and between which columns its corner may lie. */
export interface Turn {
  readonly shape: Shape;
  readonly mask: Mask;
  /** From the corner of its cells to that of its box, mm: it lies in their middle, so that turned by half it takes the same cells. */
  readonly padX: number;
  readonly padY: number;
  readonly minColumn: number;
  readonly maxColumn: number;
  /** From the first column on, every so manyth; and the same of rows: where it is held to a repeat. */
  readonly columnStep: number;
  readonly rowFrom: number;
  readonly rowStep: number;
  /** The only row, of a copy that is pinned. */
  readonly pinnedRow: number | undefined;
}

/** Where a copy lies: which of its shapes, and the cell of its corner. */
export interface Spot {
  readonly turn: number;
  readonly column: number;
  readonly row: number;
}

/** A share of a cell that is rounding. */
const HAIR = 1e-9;

/** The column, or row, that is nearest above another, or that, among those a copy may lie at. */
export const stepDown = (at: number, from: number, step: number): number =>
  from + Math.max(0, Math.floor((at - from) / step)) * step;

/** About so large that a repeat is so many cells, or a cell so many repeats. */
function fitting(everyMm: number | undefined, cellMm: number): number {
  if (!everyMm) return cellMm;
  return everyMm < cellMm ? everyMm * Math.floor(cellMm / everyMm) : everyMm / Math.ceil(everyMm / cellMm);
}

const cellOf = (mm: number, cellMm: number): number => Math.floor(mm / cellMm + HAIR);

/** How a shape lies in its cells one way, and at which of them it may begin. */
function onCells(
  cellMm: number,
  longMm: number,
  pinnedMm: number | undefined,
  held: Every | undefined,
): { readonly padMm: number; readonly from: number; readonly step: number } {
  const atMm = pinnedMm ?? held?.fromMm;
  if (atMm === undefined) {
    const cells = Math.max(1, Math.ceil(longMm / cellMm - HAIR));
    return { padMm: (cells * cellMm - longMm) / 2, from: 0, step: 1 };
  }
  const from = cellOf(atMm, cellMm);
  const step = pinnedMm === undefined && held ? Math.max(1, Math.round(held.everyMm / cellMm)) : 1;
  return { padMm: atMm - from * cellMm, from, step };
}

/** Shapes on a grid of cells of one size, and what is known of each two of them, worked out when it is first asked for. */
export class Level {
  private readonly turns: Turn[];
  private readonly deep: (OffsetMap | undefined)[] = [];
  private readonly kept: (ContactMap | undefined)[] = [];
  private readonly pairs: (Known | undefined)[] = [];

  /** How long a cell is, and how wide: nearly as much. */
  readonly cellMm: number;
  readonly cellAcrossMm: number;

  /** `wideMm` is the cloth’s width with the room for gaps at its edges; cells are about `aboutMm`, as a repeat has it. */
  constructor(
    shapes: readonly Shape[],
    readonly wideMm: number,
    aboutMm: number,
    readonly cover: Cover,
    repeat: Repeat = {},
  ) {
    this.cellMm = fitting(repeat.alongMm, aboutMm);
    this.cellAcrossMm = fitting(repeat.acrossMm, aboutMm);
    this.turns = shapes.map((shape) => this.turnOf(shape));
  }

  private turnOf(shape: Shape): Turn {
    const { pinnedAt, held } = shape;
    const across = onCells(this.cellAcrossMm, shape.widthMm, pinnedAt?.x, held?.x);
    const along = onCells(this.cellMm, shape.heightMm, pinnedAt?.y, held?.y);
    const [padX, padY] = [across.padMm, along.padMm];
    const mask = this.maskOf(shape.ring, padX, padY);
    const common = { shape, mask, padX, padY, columnStep: across.step, rowStep: along.step };
    if (pinnedAt) {
      const [minColumn, pinnedRow] = [across.from, along.from];
      return { ...common, minColumn, maxColumn: minColumn, rowFrom: pinnedRow, pinnedRow };
    }
    const rows = { rowFrom: along.from, pinnedRow: undefined };
    const room = (this.wideMm - shape.widthMm - padX) / this.cellAcrossMm;
    const most = this.cover === 'whole' || held ? Math.floor(room + HAIR) : Math.round(room);
    if (held?.x) {
      const { from, step } = across;
      return {
        ...common,
        ...rows,
        minColumn: from,
        maxColumn: most < from ? most : stepDown(most, from, step),
      };
    }
    if (shape.side === 'right') return { ...common, ...rows, minColumn: Math.max(0, most), maxColumn: most };
    const maxColumn = shape.side === 'left' ? Math.min(0, most) : most;
    // Exactly it is put that far off when it is settled.
    const minColumn = Math.max(0, Math.min(cellOf(shape.fromLeftMm, this.cellAcrossMm), maxColumn));
    return { ...common, ...rows, minColumn, maxColumn };
  }

  private maskOf(ring: readonly Point[], x: number, y: number): Mask {
    const wider = this.cellMm / this.cellAcrossMm;
    return maskOf(
      ring.map((corner) => ({ x: (corner.x + x) * wider, y: corner.y + y })),
      this.cellMm,
      this.cover,
    );
  }

  of(shape: Shape): Turn {
    return this.turns[shape.id]!;
  }

  /** How deep one lies in the other at every offset. */
  depths({ shape: moving }: Turn, { shape: still }: Turn): OffsetMap {
    const key = moving.id * this.turns.length + still.id;
    const known = this.deep[key];
    if (known) return known;
    const pair = this.pairOf(moving, still);
    const map =
      pair.moving === moving && pair.still === still
        ? this.depthsOf(moving, still)
        : this.asSeen(this.depths(this.of(pair.moving), this.of(pair.still)), pair);
    this.deep[key] = map;
    return map;
  }

  private asSeen(map: OffsetMap, { sign, across, along }: Known): OffsetMap {
    return sign === -1 ? reversed(map, across, along) : { ...map, x0: map.x0 + across, y0: map.y0 + along };
  }

  /** For how long one lies along the other at an offset, cells; `BLOCKED` where they overlap. */
  alongAt({ shape: moving }: Turn, { shape: still }: Turn, x: number, y: number): number {
    const { sign, across, along, ...pair } = this.pairOf(moving, still);
    return valueAt(this.contacts(pair.moving, pair.still), sign * (x - across), sign * (y - along));
  }

  /** The offsets at which one lies along the other for long. */
  peaks({ shape: moving }: Turn, { shape: still }: Turn): readonly Peak[] {
    const { sign, across, along, ...pair } = this.pairOf(moving, still);
    const { peaks } = this.contacts(pair.moving, pair.still);
    return peaks.map(({ x, y }) => ({ x: across + sign * x, y: along + sign * y }));
  }

  private pairOf(moving: Shape, still: Shape): Known {
    const key = moving.id * this.turns.length + still.id;
    const known = this.pairs[key] ?? knownPair(moving, still, (shape) => this.of(shape).mask);
    this.pairs[key] = known;
    return known;
  }

  private contacts(moving: Shape, still: Shape): ContactMap {
    const key = moving.id * this.turns.length + still.id;
    const map = this.kept[key] ?? this.contactsOf(moving, still);
    this.kept[key] = map;
    return map;
  }

  private depthsOf(moving: Shape, still: Shape): OffsetMap {
    const [a, b] = [this.of(moving).mask, this.of(still).mask];
    return depthMap(a, b, allOffsets(a, b));
  }

  private readonly grownMasks = new Map<number, Mask>();

  private contactsOf(moving: Shape, still: Shape): ContactMap {
    const { mask: a, padX, padY } = this.of(moving);
    const b = this.of(still).mask;
    let round = this.grownMasks.get(moving.id);
    if (!round) {
      const by = BESIDE * this.cellMm;
      round = this.maskOf(grown(moving.ring, by, this.cellMm / 10), by + padX, by + padY);
      this.grownMasks.set(moving.id, round);
    }
    return contactMap({ moving: a, grown: round, still: b }, allOffsets(a, b));
  }
}

/** A pair of shapes as it is worked out: the one that is kept, and how its offsets come from those asked for. */
interface Known {
  readonly moving: Shape;
  readonly still: Shape;
  readonly sign: 1 | -1;
  readonly across: number;
  readonly along: number;
}

/** What is known of each two shapes is the same both ways round, and with both turned by half, but for the offsets. */
function knownPair(moving: Shape, still: Shape, maskOfShape: (shape: Shape) => Mask): Known {
  if (moving.half && still.half && moving.half.id < moving.id) {
    const { sign, across, along, ...pair } = knownPair(moving.half, still.half, maskOfShape);
    const [a, b] = [maskOfShape(moving), maskOfShape(still)];
    return {
      ...pair,
      sign: sign === 1 ? -1 : 1,
      across: b.columns - a.columns - across,
      along: b.rows - a.rows - along,
    };
  }
  return moving.id > still.id
    ? { moving: still, still: moving, sign: -1, across: 0, along: 0 }
    : { moving, still, sign: 1, across: 0, along: 0 };
}
