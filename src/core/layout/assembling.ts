import { BLOCKED } from './contact';
import type { Level, Spot, Turn } from './level';
import type { Random } from './random';

/** A copy that was laid. */
export interface Laid extends Spot {
  readonly item: number;
  readonly at: Turn;
}

/** Where a copy could be laid, and for how long it lies along others and the cloth’s edges there, cells. */
interface Candidate extends Laid {
  along: number;
}

/** A copy that touches others along less than this share of its edge is not laid: it would be in the way. */
const LEAST_SHARE = 0.22;
/** How much chance has a say in what is laid next. */
const NOISE = 0.15;
/** A copy that lies against an edge may be off by rounding, cells. */
const AT_EDGE = 1;

/**
 * Puts pieces together like a jigsaw: each time the copy that lies along others, and along the edges of a strip of given
 * length, for the largest share of its own edge. What fits nowhere is left.
 */
export class Assembly {
  laid: Laid[] = [];
  private candidates: Candidate[] = [];
  private readonly areas: readonly number[];
  private readonly edges: readonly Edges[][];
  private readonly pinned: readonly Laid[];

  constructor(
    private readonly level: Level,
    private readonly turns: readonly (readonly Turn[])[],
    readonly rows: number,
    private readonly random: Random,
  ) {
    this.areas = turns.map(([first]) => first!.shape.areaMm2);
    this.edges = turns.map((own) => own.map((turn) => edgesOf(turn)));
    this.pinned = turns.flatMap(([at], item): readonly Laid[] =>
      at?.pinnedRow === undefined ? [] : [{ item, at, turn: 0, column: at.minColumn, row: at.pinnedRow }],
    );
  }

  /** The area of what is not laid. */
  missing(): number {
    const laid = new Set(this.laid.map(({ item }) => item));
    return this.areas.reduce((sum, area, item) => (laid.has(item) ? sum : sum + area), 0);
  }

  /** Lays these, those that are pinned, and nothing else. */
  keep(laid: readonly Laid[]): void {
    this.laid = [...this.pinned, ...laid.filter(({ at }) => at.pinnedRow === undefined)];
    this.candidates = [];
    const known = new Set(this.laid.map(({ item }) => item));
    this.turns.forEach((own, item) => {
      if (known.has(item)) return;
      own.forEach((at, turn) => {
        for (const column of [at.minColumn, at.maxColumn])
          for (const row of [0, this.lastRow(at)]) this.propose(item, turn, at, column, row);
        for (const other of this.laid) this.beside(item, turn, at, other);
      });
    });
  }

  /** Lays what fits. */
  fill(): void {
    for (let next = this.pick(); next; next = this.pick()) this.layDown(next);
  }

  private layDown(next: Laid): void {
    this.laid.push(next);
    this.candidates = this.candidates.filter((one) => one.item !== next.item && this.meets(one, next));
    const known = new Set(this.laid.map(({ item }) => item));
    this.turns.forEach((own, item) => {
      if (!known.has(item)) own.forEach((at, turn) => this.beside(item, turn, at, next));
    });
  }

  private pick(): Candidate | undefined {
    let found: Candidate | undefined;
    let most = 0;
    for (const one of this.candidates) {
      const share = (one.along * this.level.cellMm) / one.at.shape.roundMm;
      if (share < LEAST_SHARE && this.laid.length > 0) continue;
      const worth = share * (1 + NOISE * this.random());
      if (worth <= most) continue;
      most = worth;
      found = one;
    }
    return found;
  }

  private lastRow({ shape, padY }: Turn): number {
    return Math.round(this.rows - (shape.heightMm + padY) / this.level.cellMm);
  }

  /** Whether a candidate still fits beside what was laid; counts along which it lies now. */
  private meets(one: Candidate, { at, column, row }: Laid): boolean {
    const along = this.level.alongAt(one.at, at, one.column - column, one.row - row);
    one.along += along;
    return along !== BLOCKED;
  }

  /** Where a copy lies along another that is laid. */
  private beside(item: number, turn: number, at: Turn, other: Laid): void {
    for (const { x, y } of this.level.peaks(at, other.at))
      this.propose(item, turn, at, other.column + x, other.row + y);
  }

  private propose(item: number, turn: number, at: Turn, column: number, row: number): void {
    const last = this.lastRow(at);
    if (
      column < at.minColumn - AT_EDGE ||
      column > at.maxColumn + AT_EDGE ||
      row < -AT_EDGE ||
      row > last + AT_EDGE
    )
      return;
    const edges = this.edges[item]![turn]!;
    let along = 0;
    if (column <= at.minColumn + AT_EDGE) along += edges.left;
    if (column >= at.maxColumn - AT_EDGE) along += edges.right;
    if (row <= AT_EDGE) along += edges.top;
    if (row >= last - AT_EDGE) along += edges.bottom;
    for (const other of this.laid) {
      const one = this.level.alongAt(at, other.at, column - other.column, row - other.row);
      if (one === BLOCKED) return;
      along += one;
    }
    this.candidates.push({
      item,
      turn,
      at,
      column: Math.min(Math.max(column, at.minColumn), at.maxColumn),
      row: Math.min(Math.max(row, 0), last),
      along,
    });
  }
}

/** For how long a piece lies along each side of its box, cells. */
interface Edges {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function edgesOf({ mask }: Turn): Edges {
  let [left, right] = [0, 0];
  for (let row = 0; row < mask.rows; row += 1) {
    const [first, end] = [mask.starts[row]!, mask.starts[row + 1]!];
    if (end === first) continue;
    if (mask.from[first]! <= AT_EDGE) left += 1;
    if (mask.to[end - 1]! >= mask.columns - AT_EDGE) right += 1;
  }
  return { left, right, top: widest(mask, [0, 1]), bottom: widest(mask, [mask.rows - 2, mask.rows - 1]) };
}

function widest({ rows, starts, from, to }: Turn['mask'], among: readonly number[]): number {
  return among.reduce((most, row) => {
    if (row < 0 || row >= rows) return most;
    let sum = 0;
    for (let at = starts[row]!; at < starts[row + 1]!; at += 1) sum += to[at]! - from[at]!;
    return Math.max(most, sum);
  }, 0);
}

/** Takes up a copy and those nearest to it. */
export function ruined(laid: readonly Laid[], random: Random): readonly Laid[] {
  if (laid.length < 2) return [];
  const middle = laid[Math.floor(random() * laid.length)]!;
  const many = 2 + Math.floor(random() * Math.max(1, laid.length * 0.4));
  const far = ({ column, row, at }: Laid): number =>
    Math.hypot(
      column + at.mask.columns / 2 - middle.column - middle.at.mask.columns / 2,
      row + at.mask.rows / 2 - middle.row - middle.at.mask.rows / 2,
    );
  return laid.toSorted((a, b) => far(a) - far(b)).slice(many);
}
