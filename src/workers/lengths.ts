import { Searching } from '@/core/layout/progress';
import type { Layout, LayoutProblem } from '@/core/layout/problem';

/** Layouts that are compared: other widths, other ways to cut. */
export interface LengthsRequest {
  readonly problems: readonly LayoutProblem[];
  /** How long each is looked for. */
  readonly steps?: number;
}

/** One of them. */
export interface LengthReply {
  readonly nth: number;
  readonly layout: Layout;
}

/** Each is looked for this long where nothing else is asked: enough to compare, a second or so. */
const STEPS = 300;

/** A layout that others are compared with. */
export const comparedLayout = (problem: LayoutProblem, many = STEPS): Layout | undefined =>
  new Searching(problem, 1).goOn(({ steps }) => steps < many).best;

/** Lays out one after the other. */
export function* answerLengths({ problems, steps }: LengthsRequest): Generator<LengthReply> {
  for (const [nth, problem] of problems.entries()) {
    const layout = comparedLayout(problem, steps);
    if (layout) yield { nth, layout };
  }
}
