import { grown } from '../geometry/clip';
import { BESIDE, contactMap, type ContactMap, type Peak } from './contact';
import { depthMap } from './depth';
import { maskOf, type Cover, type Mask } from './mask';
import { allOffsets, reversed, valueAt, type OffsetMap } from './offsets';
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

/** Shapes on a grid of cells of one size, and what is known of each two of them, worked out when it is first asked for. */
export class Level {
  private readonly turns: Turn[];
  private readonly deep: (OffsetMap | undefined)[] = [];
  private readonly kept: (ContactMap | undefined)[] = [];
  private readonly pairs: (Known | undefined)[] = [];

  /** `wideMm` is the cloth’s width with the room for gaps at its edges. */
  constructor(
    shapes: readonly Shape[],
    readonly wideMm: number,
    readonly cellMm: number,
    readonly cover: Cover,
  ) {
    this.turns = shapes.map((shape) => this.turnOf(shape));
  }

  private turnOf(shape: Shape): Turn {
    const { cellMm } = this;
    const { pinnedAt } = shape;
    const pad = (mm: number): number => (Math.max(1, Math.ceil(mm / cellMm - HAIR)) * cellMm - mm) / 2;
    const cellOf = (mm: number): number => Math.floor(mm / cellMm + HAIR);
    const padX = pinnedAt ? pinnedAt.x - cellOf(pinnedAt.x) * cellMm : pad(shape.widthMm);
    const padY = pinnedAt ? pinnedAt.y - cellOf(pinnedAt.y) * cellMm : pad(shape.heightMm);
    const mask = maskOf(
      shape.ring.map(({ x, y }) => ({ x: x + padX, y: y + padY })),
      cellMm,
      this.cover,
    );
    const pinnedRow = pinnedAt && cellOf(pinnedAt.y);
    if (pinnedAt) {
      const column = cellOf(pinnedAt.x);
      return { shape, mask, padX, padY, minColumn: column, maxColumn: column, pinnedRow };
    }
    const room = (this.wideMm - shape.widthMm - padX) / cellMm;
    const most = this.cover === 'whole' ? Math.floor(room + HAIR) : Math.round(room);
    const maxColumn = shape.onFold ? Math.min(0, most) : most;
    // Exactly it is put that far off when it is settled.
    const minColumn = Math.max(0, Math.min(Math.floor(shape.fromLeftMm / cellMm + HAIR), maxColumn));
    return { shape, mask, padX, padY, minColumn, maxColumn, pinnedRow };
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
      const ring = grown(moving.ring, by, this.cellMm / 10).map(({ x, y }) => ({
        x: x + by + padX,
        y: y + by + padY,
      }));
      round = maskOf(ring, this.cellMm, this.cover);
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
