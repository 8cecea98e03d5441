import type { Layout, LayoutProblem } from './problem';
import { searching } from './search';

/** How far a search has come. */
export interface Progress {
  readonly best: Layout | undefined;
  readonly steps: number;
  /** It can be no better. */
  readonly ended: boolean;
}

/** A search that goes on for as long, or for as many steps, as it is told, and can be told again. */
export class Searching {
  private readonly steps: Generator<Layout | undefined, void>;
  private now: Progress = { best: undefined, steps: 0, ended: false };

  /** It begins from a layout known before, where there is one. */
  constructor(problem: LayoutProblem, seed: number, start?: Layout) {
    this.steps = searching(problem, seed, start);
  }

  get progress(): Progress {
    return this.now;
  }

  /** Goes on while `more` says so, which is asked before every step. */
  goOn(more: (progress: Progress) => boolean): Progress {
    while (!this.now.ended && more(this.now)) {
      const { done, value } = this.steps.next();
      this.now = { best: value ?? this.now.best, steps: this.now.steps + 1, ended: done === true };
    }
    return this.now;
  }
}

/** The shortest of several layouts, the first where some are as short. */
export const shortest = (layouts: readonly (Layout | undefined)[]): Layout | undefined =>
  layouts.reduce((best, one) => (one && (!best || one.lengthMm < best.lengthMm) ? one : best), undefined);
