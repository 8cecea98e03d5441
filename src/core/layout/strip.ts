import { stepDown, type Level, type Spot, type Turn } from './level';
import { valueAt, type OffsetMap } from './offsets';

/** Where a copy overlaps the others least, by their weights. */
export interface Found extends Spot {
  readonly cost: number;
}

/** What is less than this is no overlap: sums of weighed depths are not exact. */
const NONE = 1e-4;
/** So many of the best places looked at are gone downhill from. */
const STARTS = 3;

/**
 * Copies of pieces on a strip of cells, and how deep each two lie in each other. What a copy costs is the sum of its
 * depths in the others, each times the weight of the two.
 */
export class Strip {
  readonly spots: Spot[];
  /** For each two copies. */
  readonly weights: Float64Array;
  readonly overlaps: Float64Array;
  private readonly laid: Uint8Array;
  /** Those that may be moved: pinned ones are laid from the beginning. */
  readonly free: readonly number[];
  private costs = new Float32Array(0);
  private readonly near: Near;

  constructor(
    private readonly level: Level,
    /** The turns of every copy. */
    readonly turns: readonly (readonly Turn[])[],
    /** How many cells long. */
    public rows: number,
  ) {
    const count = turns.length;
    this.spots = turns.map(() => ({ turn: 0, column: 0, row: 0 }));
    this.weights = new Float64Array(count * count).fill(1);
    this.overlaps = new Float64Array(count * count);
    this.laid = new Uint8Array(count);
    this.near = {
      count: 0,
      maps: [],
      x: new Int32Array(count),
      y: new Int32Array(count),
      weights: new Float64Array(count),
    };
    const items = turns.map((_, item) => item);
    this.free = items.filter((item) => !this.isPinned(item));
    for (const item of items) {
      const { pinnedRow, minColumn } = turns[item]![0]!;
      if (pinnedRow !== undefined) this.lay(item, { turn: 0, column: minColumn, row: pinnedRow });
    }
  }

  private isPinned(item: number): boolean {
    return this.turns[item]![0]!.pinnedRow !== undefined;
  }

  get count(): number {
    return this.turns.length;
  }

  turnOf(item: number): Turn {
    return this.turns[item]![this.spots[item]!.turn]!;
  }

  endOf(item: number): number {
    return this.spots[item]!.row + this.turnOf(item).mask.rows;
  }

  /** The row below all pieces that are laid. */
  end(): number {
    return this.turns.reduce(
      (most, [turn], item) =>
        this.laid[item] && !turn!.shape.isHole ? Math.max(most, this.endOf(item)) : most,
      0,
    );
  }

  /** The nearest place to one that a copy may have within the rows, as it is turned. */
  within(item: number, { column, row }: Pick<Spot, 'column' | 'row'>): Pick<Spot, 'column' | 'row'> {
    const { mask, minColumn, maxColumn, columnStep, rowFrom, rowStep } = this.turnOf(item);
    return {
      column: stepDown(Math.min(column, maxColumn), minColumn, columnStep),
      row: stepDown(Math.min(row, this.rows - mask.rows), rowFrom, rowStep),
    };
  }

  /** Lays a copy, or moves it. */
  lay(item: number, { turn, column, row }: Spot): void {
    this.spots[item] = { turn, column, row };
    this.laid[item] = 1;
    for (let other = 0; other < this.count; other += 1) {
      if (other === item || !this.laid[other]) continue;
      // How two pinned ones lie is nobody’s to mend here.
      const deep = this.isPinned(item) && this.isPinned(other) ? 0 : this.depthOf(item, other);
      this.overlaps[item * this.count + other] = deep;
      this.overlaps[other * this.count + item] = deep;
    }
  }

  /** Moved up to lie within the rows. */
  pushIn(): void {
    this.free.forEach((item) => {
      const spot = this.spots[item]!;
      const { row } = this.within(item, spot);
      if (spot.row > row) this.lay(item, { ...spot, row });
    });
  }

  private depthOf(item: number, other: number): number {
    const [here, there] = [this.spots[item]!, this.spots[other]!];
    const [x, y] = [here.column - there.column, here.row - there.row];
    const [own, theirs] = [this.turnOf(item), this.turnOf(other)];
    if (x <= -own.mask.columns || x >= theirs.mask.columns || y <= -own.mask.rows || y >= theirs.mask.rows)
      return 0;
    return valueAt(this.level.depths(own, theirs), x, y);
  }

  /** Overlap of a copy with all others; by weights where `weighed`. */
  costOf(item: number, weighed: boolean): number {
    let sum = 0;
    const at = item * this.count;
    for (let other = 0; other < this.count; other += 1) {
      const deep = this.overlaps[at + other]!;
      if (deep > 0) sum += weighed ? deep * this.weights[at + other]! : deep;
    }
    return sum;
  }

  /** Overlap of every two together. */
  total(): number {
    let sum = 0;
    for (const deep of this.overlaps) sum += deep;
    return sum / 2;
  }

  /** Where a copy costs least; nothing where it has no room in the strip at all. */
  best(item: number): Found | undefined {
    let found: Found | undefined;
    for (let turn = 0; turn < this.turns[item]!.length; turn += 1) {
      found = this.bestAt(item, turn, found?.cost ?? Infinity) ?? found;
      if (found && found.cost <= NONE) break;
    }
    return found;
  }

  /** The place that ends lowest of those where a copy overlaps nothing; nothing where there is none. */
  lowest(item: number): Found | undefined {
    let found: Found | undefined;
    let least = Infinity;
    this.turns[item]!.forEach(({ mask }, turn) => {
      const one = this.firstFree(item, turn);
      if (!one || one.row + mask.rows >= least) return;
      found = one;
      least = one.row + mask.rows;
    });
    return found;
  }

  private firstFree(item: number, turn: number): Found | undefined {
    const own = this.turns[item]![turn]!;
    const box = this.placesOf(own);
    if (!box) return undefined;
    const stride = stridesOf(own, 1);
    const size = this.sumUp(item, own, box, stride);
    const at = this.costs.subarray(0, size.wide * size.high).indexOf(0);
    return at < 0 ? undefined : { turn, ...placeAt(at, box, size, stride), cost: 0 };
  }

  /** A place of a turn that costs less than all others looked at, and than `below`. */
  private bestAt(item: number, turn: number, below: number): Found | undefined {
    const own = this.turns[item]![turn]!;
    const box = this.placesOf(own);
    if (!box) return undefined;
    const step = stepOf(own);
    const stride = stridesOf(own, step);
    const size = this.sumUp(item, own, box, stride);
    let found: Found | undefined;
    let least = below - NONE;
    for (const at of leastFew(this.costs, size.wide * size.high)) {
      const from = { ...placeAt(at, box, size, stride), cost: this.costs[at]! };
      const one = this.downhill(from, box, own, step);
      if (one.cost >= least) continue;
      least = one.cost;
      found = { turn, ...one };
    }
    return found;
  }

  /** Where its corner may lie. */
  private placesOf({ mask, minColumn, maxColumn, rowFrom }: Turn): Box | undefined {
    const most = this.rows - mask.rows;
    if (maxColumn < minColumn || most < rowFrom) return undefined;
    return { x0: minColumn, x1: maxColumn, y0: rowFrom, y1: most };
  }

  /** Costs of every so manyth place of a box, row by row. */
  private sumUp(item: number, own: Turn, box: Box, stride: Stride) {
    const { near, spots } = this;
    const wide = Math.floor((box.x1 - box.x0) / stride.across) + 1;
    const high = Math.floor((box.y1 - box.y0) / stride.along) + 1;
    if (this.costs.length < wide * high) this.costs = new Float32Array(2 * wide * high);
    this.costs.fill(0, 0, wide * high);
    near.count = 0;
    for (let other = 0; other < this.count; other += 1) {
      if (other === item || !this.laid[other]) continue;
      const there = spots[other]!;
      const theirs = this.turnOf(other);
      if (
        box.x1 <= there.column - own.mask.columns ||
        box.x0 >= there.column + theirs.mask.columns ||
        box.y1 <= there.row - own.mask.rows ||
        box.y0 >= there.row + theirs.mask.rows
      )
        continue;
      const map = this.level.depths(own, theirs);
      const weight = this.weights[item * this.count + other]!;
      const at = near.count;
      near.maps[at] = map;
      near.x[at] = there.column + map.x0;
      near.y[at] = there.row + map.y0;
      near.weights[at] = weight;
      near.count += 1;
      addDepths(
        this.costs,
        { wide, high, ...stride, x: box.x0 - near.x[at]!, y: box.y0 - near.y[at]! },
        map,
        weight,
      );
    }
    return { wide, high };
  }

  private downhill(
    from: Omit<Found, 'turn'>,
    { x0, x1, y0, y1 }: Box,
    own: Turn,
    step: number,
  ): Omit<Found, 'turn'> {
    let { column, row, cost } = from;
    let stride = step >> 1;
    while (cost > 0 && stride > 0) {
      let [bestColumn, bestRow] = [column, row];
      const across = strideOf(own.columnStep, stride);
      const along = strideOf(own.rowStep, stride);
      for (let way = 0; way < 8; way += 1) {
        const x = column + WAYS_X[way]! * across;
        const y = row + WAYS_Y[way]! * along;
        if (x < x0 || x > x1 || y < y0 || y > y1) continue;
        const one = this.costAt(x, y, cost);
        if (one >= cost) continue;
        cost = one;
        [bestColumn, bestRow] = [x, y];
      }
      if (bestColumn === column && bestRow === row) stride >>= 1;
      [column, row] = [bestColumn, bestRow];
    }
    return { column, row, cost };
  }

  /** What a place costs, of the copies that were last summed up; no further than `enough`. */
  private costAt(x: number, y: number, enough: number): number {
    const { near } = this;
    let sum = 0;
    for (let at = 0; at < near.count; at += 1) {
      const { wide, high, values } = near.maps[at]!;
      const [column, row] = [x - near.x[at]!, y - near.y[at]!];
      if (column < 0 || row < 0 || column >= wide || row >= high) continue;
      sum += values[row * wide + column]! * near.weights[at]!;
      if (sum >= enough) return sum;
    }
    return sum;
  }
}

/** Places of a corner, ends included. */
interface Box {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
}

/** Places that are looked at lie so many cells apart. */
interface Stride {
  readonly across: number;
  readonly along: number;
}

/** By steps of so many cells, or as its repeat has it. */
const strideOf = (own: number, step: number): number => (own > 1 ? own : step);
const stridesOf = ({ columnStep, rowStep }: Turn, step: number): Stride => ({
  across: strideOf(columnStep, step),
  along: strideOf(rowStep, step),
});

const placeAt = (
  at: number,
  { x0, y0 }: Box,
  { wide }: { readonly wide: number },
  { across, along }: Stride,
): Pick<Spot, 'column' | 'row'> => ({
  column: x0 + (at % wide) * across,
  row: y0 + Math.floor(at / wide) * along,
});

/** Copies that can be met from a box of places, by lists: where their maps begin on the strip, and their weights. */
interface Near {
  count: number;
  readonly maps: OffsetMap[];
  readonly x: Int32Array;
  readonly y: Int32Array;
  readonly weights: Float64Array;
}

const WAYS_X = [1, -1, 0, 0, 1, -1, 1, -1];
const WAYS_Y = [0, 0, 1, -1, 1, -1, -1, 1];

/** Places are first looked at so far apart, cells: a tenth of the piece, which no hollow it fits into is smaller than. */
const stepOf = ({ mask }: Turn): number =>
  Math.max(1, Math.min(4, Math.round(Math.min(mask.rows, mask.columns) / 10)));

function addDepths(
  costs: Float32Array,
  grid: {
    readonly wide: number;
    readonly high: number;
    readonly x: number;
    readonly y: number;
  } & Stride,
  map: OffsetMap,
  weight: number,
): void {
  const { wide, high, across, along, x, y } = grid;
  const { values, rowFrom, rowTo } = map;
  for (let v = Math.max(0, Math.ceil(-y / along)); v < high; v += 1) {
    const row = y + v * along;
    if (row >= map.high) break;
    const first = Math.max(0, Math.ceil((rowFrom[row]! - x) / across));
    const end = Math.min(wide - 1, Math.floor((rowTo[row]! - 1 - x) / across));
    let at = row * map.wide + x + first * across;
    for (let to = v * wide + first; to <= v * wide + end; to += 1) {
      costs[to]! += weight * values[at]!;
      at += across;
    }
  }
}

/** Where the least few costs are, the least first. */
function leastFew(costs: Float32Array, count: number): readonly number[] {
  const found: number[] = [];
  let most = Infinity;
  for (let at = 0; at < count; at += 1) {
    const cost = costs[at]!;
    if (cost >= most) continue;
    let place = found.length;
    while (place > 0 && costs[found[place - 1]!]! > cost) place -= 1;
    found.splice(place, 0, at);
    if (found.length > STARTS) found.length = STARTS;
    if (found.length === STARTS) most = costs[found[STARTS - 1]!]!;
    if (cost === 0) break;
  }
  return found;
}
