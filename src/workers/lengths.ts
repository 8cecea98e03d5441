import { Searching } from '@/core/layout/progress';
import type { Layout, LayoutProblem } from '@/core/layout/problem';

/** Layouts that are compared: other widths, other ways to cut. */
export interface LengthsRequest {
  readonly problems: readonly LayoutProblem[];
}

/** One of them. */
export interface LengthReply {
  readonly nth: number;
  readonly layout: Layout;
}

/** Each is looked for this long: enough to compare, a second or so. */
const STEPS = 300;

/** Lays out one after the other. */
export function* answerLengths({ problems }: LengthsRequest): Generator<LengthReply> {
  for (const [nth, problem] of problems.entries()) {
    const { best } = new Searching(problem, 1).goOn(({ steps }) => steps < STEPS);
    if (best) yield { nth, layout: best };
  }
}
