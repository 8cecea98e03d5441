import { Assembly, ruined, type Laid } from './assembling';
import { layoutFaults, pinnedFaults } from './check';
import type { Lying } from './keeps';
import { Level, type Spot, type Turn } from './level';
import type { Cover } from './mask';
import { lengthOf, type Layout, type LayoutProblem, type Placement } from './problem';
import { randomFrom, type Random } from './random';
import { separating } from './separate';
import { drawnTogether, evened, settled } from './settle';
import { Shapes, type Copy, type Shape } from './shapes';
import { Strip } from './strip';

/** How many cells a piece of middling size is wide: for the first layout, and where pieces are put together like a jigsaw. */
const ROUGH_CELLS = 20;
const FINE_CELLS = 34;
/** The same where pieces are held to a repeat: what is rounded there to whole cells cannot be drawn together afterwards. */
const HELD_CELLS = 60;
/** Cells of all maps of two shapes together, at most: they are kept. */
const MOST_CELLS = 16e6;
/** No finer than this, mm: cloth is not cut more exactly. */
const FINEST_MM = 0.7;
/** A strip in which pieces may fit without anything left over is this much longer than they need, for rounding to cells. */
const ROOM = 1.012;
/** What is no longer than this many times the shortest there can be is not looked at again. */
const DONE = 1.001;
const NEARLY_DONE = 1.02;
/** How often pieces are put together anew, and how often a shorter strip is tried, before it is the other’s turn. */
const PUTS = 100;
const SHRINKS = 12;
/** Rounds without less overlap after which a strip counts as too short. */
const PATIENCE = 60;
const SHORTER = 0.99;
/** Lengths that are tried, one after the other, for pieces that do not come apart. */
const LENGTHENINGS = 10;
/** Of the length, what is tried next, as long as it can be done. */
const TIGHTER = [0.985, 0.996, 0.999];
/** What lies no deeper in each other may be a matter of rounding: an exact check tells, mm. */
const NEARLY_MM = 0.1;
/** Corners are kept off other pieces from so many cells on, and pieces that fit each other drawn together. */
const NEAR_CELLS = 1.5;
const DRAWN_CELLS = 1.2;

interface Grid {
  readonly level: Level;
  readonly turns: readonly (readonly Turn[])[];
}

type Steps<T = void> = Generator<Layout | undefined, T>;

/**
 * Looks for layouts, each step a few milliseconds long: gives the best so far after every one, and ends only where it can
 * be no better. The same for the same problem and seed. Nothing is given where a piece is wider than the cloth, or where
 * something is wrong with what is pinned.
 *
 * Three ways in turn: pieces stacked from the top; put together like a jigsaw by how long they lie along each other, with
 * some taken up again and again; a strip that is made shorter and shorter while guided local search separates what then
 * overlaps. What lies on cells is moved until it lies apart exactly. What is given is never longer than `start`, a layout
 * known before, where nothing is wrong with that.
 */
export function* searching(problem: LayoutProblem, seed: number, start?: Layout): Steps {
  yield* new Search(problem, randomFrom(seed), start).run();
}

class Search {
  private readonly copies: readonly Copy[];
  private readonly shapes: Shapes;
  /** The shapes of copies, and where there is no cloth. */
  private readonly items: readonly (readonly Shape[])[];
  /** Whether pieces are held to a repeat. */
  private readonly isHeld: boolean;
  /** The cloth’s width with half a gap at either edge, and the area of what is laid with its gaps. */
  private readonly wideMm: number;
  private readonly areaMm2: number;
  private readonly shortestMm: number;
  private best: Layout | undefined;
  /** The most that was put together so far. */
  private together: readonly Laid[] = [];
  private shrunk: Strip | undefined;

  constructor(
    private readonly problem: LayoutProblem,
    private readonly random: Random,
    start: Layout | undefined,
  ) {
    if (start && layoutFaults(problem, start).length === 0) this.best = start;
    this.shapes = new Shapes(problem);
    this.copies = this.shapes.copies;
    this.items = [
      ...this.copies.map(({ shapes }) => shapes),
      ...this.shapes.holes.map((hole): readonly Shape[] => [hole]),
    ];
    this.isHeld = this.shapes.all.some(({ held }) => held !== undefined);
    this.wideMm = problem.widthMm + this.shapes.edgeMm;
    this.areaMm2 = this.copies.reduce((sum, { shapes }) => sum + (shapes[0]?.areaMm2 ?? 0), 0);
    this.shortestMm = Math.max(
      this.areaMm2 / this.wideMm,
      ...this.copies.map(({ shapes }) =>
        Math.min(
          ...shapes.map(({ heightMm, pinnedAt, held }) => heightMm + (pinnedAt?.y ?? held?.y?.fromMm ?? 0)),
        ),
      ),
    );
  }

  *run(): Steps {
    const { copies } = this;
    const fits = copies.every(({ shapes }) =>
      shapes.some(
        ({ widthMm, fromLeftMm, held }) => widthMm + (held?.x?.fromMm ?? fromLeftMm) <= this.wideMm + 1e-9,
      ),
    );
    if (copies.length === 0 || !fits || pinnedFaults(this.problem).length > 0) return;
    if (this.best) yield this.best;
    const first = this.grid(ROUGH_CELLS, 'whole');
    const stack = this.stacked(first);
    yield* this.refining(first, stack, stack.end());
    yield this.best;
    // What is held to a repeat cannot be moved off another afterwards, and lies along nothing.
    const fine = this.isHeld ? undefined : this.grid(FINE_CELLS, 'middle');
    const rough = this.isHeld ? this.grid(HELD_CELLS, 'whole') : this.grid(ROUGH_CELLS, 'middle');
    while (!this.isWithin(DONE)) {
      if (fine && !this.isWithin(NEARLY_DONE)) yield* this.puzzling(fine);
      yield* this.shrinking(rough);
      yield this.best;
    }
  }

  private isWithin(times: number): boolean {
    return this.best !== undefined && this.best.lengthMm + this.shapes.edgeMm <= times * this.shortestMm;
  }

  private grid(cells: number, cover: Cover): Grid {
    const { all } = this.shapes;
    const side = Math.sqrt(this.areaMm2 / this.copies.length);
    const most = Math.sqrt(MOST_CELLS / (4 * all.length ** 2));
    const cellMm = Math.max(FINEST_MM, side / Math.min(cells, most));
    const repeat = this.isHeld ? this.problem.repeat : undefined;
    const level = new Level(all, this.wideMm, cellMm, cover, repeat);
    return { level, turns: this.items.map((shapes) => shapes.map((shape) => level.of(shape))) };
  }

  /** Largest first, each as far up as it goes. */
  private stacked({ level, turns }: Grid): Strip {
    const long = turns.reduce(
      (sum, own) => sum + Math.max(...own.map(({ mask, rowStep }) => mask.rows + rowStep - 1)),
      0,
    );
    const strip = new Strip(level, turns, long);
    const areaOf = (item: number): number => turns[item]![0]!.shape.areaMm2;
    for (const item of strip.free.toSorted((a, b) => areaOf(b) - areaOf(a))) {
      const found = strip.lowest(item);
      if (found) strip.lay(item, found);
    }
    return strip;
  }

  /** Puts pieces together in a strip that is just long enough, again and again with some of them taken up. */
  private *puzzling(grid: Grid): Steps {
    const { level, turns } = grid;
    const rows = Math.ceil((this.shortestMm * ROOM) / level.cellMm);
    const assembly = new Assembly(level, turns, rows, this.random);
    assembly.keep(this.together);
    assembly.fill();
    let [least, most] = [assembly.missing(), assembly.laid];
    for (let nth = 0; nth < PUTS && least > 0; nth += 1) {
      yield this.best;
      assembly.keep(nth % 10 === 9 ? [] : ruined(most, this.random));
      assembly.fill();
      const missing = assembly.missing();
      if (missing <= least) [least, most] = [missing, assembly.laid];
    }
    // What fits, but not exactly, is put together differently next time.
    this.together = least > 0 ? most : [];
    yield* this.completing(grid, rows, most);
  }

  /** What was put together, with the rest where it overlaps least, or below. */
  private *completing(grid: Grid, rows: number, laid: readonly Laid[]): Steps {
    const { level, turns } = grid;
    const known = new Set(laid.map(({ item }) => item));
    const left = turns.map((_, item) => item).filter((item) => !known.has(item));
    const before = this.best;
    for (const below of left.length > 0 ? [false, true] : [false]) {
      const strip = new Strip(level, turns, below ? 3 * rows : rows);
      for (const { item, turn, column, row } of laid) strip.lay(item, { turn, column, row });
      for (const item of left) {
        const found = below ? strip.lowest(item) : strip.best(item);
        if (!found) return;
        strip.lay(item, found);
      }
      strip.pushIn();
      yield* this.refining(grid, strip, below ? strip.end() : rows, true);
      if (this.best !== before) return;
    }
  }

  /** Makes a strip shorter and separates what overlaps then; where that fails two pieces change places. */
  private *shrinking(grid: Grid): Steps {
    const strip = this.shrunk ?? this.stacked(grid);
    this.shrunk = strip;
    const { cellMm } = grid.level;
    const least = Math.ceil(this.shortestMm / cellMm);
    if (strip.free.length === 0) return;
    for (let failed = 0; failed < SHRINKS && strip.rows > least;) {
      const now = this.best ? (this.best.lengthMm + this.shapes.edgeMm) / cellMm : strip.end();
      strip.rows = Math.max(least, Math.min(strip.rows, Math.floor(now * SHORTER)));
      strip.pushIn();
      const apart = yield* this.stepping(separating(strip, this.random, PATIENCE));
      if (apart) {
        yield* this.refining(grid, strip, strip.end());
        strip.rows = strip.end() - 1;
      } else {
        failed += 1;
        this.swap(strip);
      }
      yield this.best;
    }
    // Too short by now: it begins again from what is best.
    if (strip.rows <= least) this.shrunk = undefined;
  }

  private *stepping<T>(steps: Generator<void, T>): Steps<T> {
    for (;;) {
      const { done, value } = steps.next();
      if (done) return value;
      yield this.best;
    }
  }

  private swap(strip: Strip): void {
    const { free } = strip;
    const [a, b] = [0, 1].map(() => free[Math.floor(this.random() * free.length)]!) as [number, number];
    const [spotA, spotB] = [strip.spots[a]!, strip.spots[b]!];
    this.put(strip, a, spotB);
    this.put(strip, b, spotA);
  }

  private put(strip: Strip, item: number, spot: Spot): void {
    strip.lay(item, { turn: strip.spots[item]!.turn, ...strip.within(item, spot) });
  }

  /**
   * Moves what lies on cells until its pieces lie apart exactly, on as short a cloth as that can be done; `fits` where they
   * were put together as they fit each other.
   */
  private *refining({ level, turns }: Grid, { spots }: Strip, rows: number, fits = false): Steps {
    const { cellMm, cellAcrossMm } = level;
    const onCells = (): Lying[] =>
      spots.map(({ turn, column, row }, item) => {
        const { shape, padX, padY } = turns[item]![turn]!;
        return { shape, x: column * cellAcrossMm + padX, y: row * cellMm + padY };
      });
    let longMm = rows * cellMm;
    let lying: Lying[] = [];
    for (let tries = 0; tries < LENGTHENINGS; tries += 1) {
      if (this.best && longMm >= this.best.lengthMm + this.shapes.edgeMm) return;
      const room = { wideMm: this.wideMm, longMm };
      const anew = tries % 3 === 0;
      if (anew) lying = onCells();
      if (anew && fits) {
        drawnTogether(lying, room, DRAWN_CELLS * cellMm);
        evened(lying, room);
        if (this.take(lying, spots)) {
          yield* this.tightening(lying, spots, NEAR_CELLS * cellMm);
          return;
        }
      }
      const deep = settled(lying, room, { apartMm: this.shapes.apartMm, nearMm: NEAR_CELLS * cellMm });
      if (fits && deep < NEARLY_MM && deep > this.shapes.apartMm) evened(lying, room);
      yield this.best;
      if (deep < NEARLY_MM && this.take(lying, spots)) {
        yield* this.tightening(lying, spots, NEAR_CELLS * cellMm);
        return;
      }
      longMm *= 1.004 + 0.002 * tries;
    }
  }

  /** Pushes up what lies lowest, as long as the rest makes way. */
  private *tightening(from: readonly Lying[], spots: readonly Spot[], nearMm: number): Steps {
    let lying = from;
    for (const share of TIGHTER) {
      for (;;) {
        const before = this.best;
        if (!before || this.isWithin(1)) return;
        const longMm = Math.max(this.shortestMm, (before.lengthMm + this.shapes.edgeMm) * share);
        const pushed = lying.map((one) => ({ ...one }));
        const deep = settled(
          pushed,
          { wideMm: this.wideMm, longMm },
          { apartMm: this.shapes.apartMm, nearMm },
        );
        yield this.best;
        if (deep > this.shapes.apartMm || !this.take(pushed, spots) || this.best === before) break;
        lying = pushed;
      }
    }
  }

  /** Makes a layout the best where it is shorter and nothing is wrong with it; whether it is worth no further try. */
  private take(lying: readonly Lying[], spots: readonly Spot[]): boolean {
    const { edgeMm } = this.shapes;
    const ends = lying.map(({ y, shape }) => (shape.isHole ? 0 : y + shape.heightMm));
    const boxesMm = Math.max(...ends) - edgeMm;
    if (this.best && this.best.lengthMm <= boxesMm) return true;
    const placements = this.copies.map((copy, item): Placement => {
      const shape = copy.shapes[spots[item]!.turn]!;
      const { turn, mirrored } = shape;
      return {
        piece: copy.piece.id,
        copy: copy.copy,
        ...this.shapes.placeOf(shape, lying[item]!),
        turn,
        mirrored,
      };
    });
    const layout = { placements, lengthMm: Math.max(boxesMm, lengthOf(this.problem, placements)) };
    if (this.best && this.best.lengthMm <= layout.lengthMm) return true;
    if (layoutFaults(this.problem, layout).length > 0) return false;
    this.best = layout;
    return true;
  }
}
