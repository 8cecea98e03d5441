import { Searching, type Progress } from '@/core/layout/progress';
import type { Layout, LayoutProblem } from '@/core/layout/problem';

/** What a layout worker is told: a problem to begin with, to pause, to go on. It is ended by whoever began it. */
export type LayoutRequest =
  | {
      readonly ask: 'lay out';
      readonly problem: LayoutProblem;
      readonly seed: number;
      /** A layout known before. */
      readonly start?: Layout | undefined;
    }
  | { readonly ask: 'pause' | 'go on' };

/** It works for so long at a time, ms, and listens in between. */
const SLICE_MS = 40;
/** It says so often how far it has come though nothing is better, ms. */
const SAY_EVERY_MS = 500;

interface Surroundings {
  readonly now: () => number;
  /** Does something once messages were listened to. */
  readonly later: (next: () => void) => void;
  readonly say: (progress: Progress) => void;
}

/** Answers requests: goes on by slices, and says what is better at once. */
export class LayoutWork {
  private search: Searching | undefined;
  private paused = false;
  private waiting = false;
  private said: { readonly best: Progress['best']; readonly at: number } | undefined;

  constructor(private readonly around: Surroundings) {}

  take(request: LayoutRequest): void {
    switch (request.ask) {
      case 'lay out':
        this.search = new Searching(request.problem, request.seed, request.start);
        this.said = undefined;
        this.paused = false;
        break;
      case 'pause':
        this.paused = true;
        break;
      case 'go on':
        this.paused = false;
        break;
      default:
        throw new Error(`expected a known request, got ${JSON.stringify(request satisfies never)}`);
    }
    this.plan();
  }

  private plan(): void {
    if (this.waiting || this.paused || !this.search || this.search.progress.ended) return;
    this.waiting = true;
    this.around.later(() => {
      this.waiting = false;
      this.slice();
      this.plan();
    });
  }

  private slice(): void {
    const { search, around } = this;
    if (!search || this.paused) return;
    const until = around.now() + SLICE_MS;
    const progress = search.goOn(() => around.now() < until);
    const fresh = progress.best !== this.said?.best || progress.ended;
    if (!fresh && this.said && around.now() < this.said.at + SAY_EVERY_MS) return;
    this.said = { best: progress.best, at: around.now() };
    around.say(progress);
  }
}
