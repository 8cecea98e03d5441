import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { ClothRole } from '@/core/facts/layout';
import type { Layout } from '@/core/layout/problem';
import { Searching } from '@/core/layout/progress';
import { laidChanged, type ChangedWay } from '@/core/onCloth/changedWays';
import type { Using } from '@/core/onCloth/laidOn';

/** Ways that change a garment, each planned and laid out anew. */
export interface WaysRequest {
  readonly facts: GarmentFacts;
  readonly ways: readonly ChangedWay[];
  readonly role: ClothRole;
  readonly using: Using;
  readonly onDate: string;
}

/** One of them; no layout where it changes nothing, or does not work. */
export interface WayReply {
  readonly nth: number;
  readonly layout: Layout | undefined;
}

/** As long as the lengths they are compared with. */
const STEPS = 300;

/** Plans and lays out one after the other. */
export function* answerWays({ facts, ways, ...asked }: WaysRequest): Generator<WayReply> {
  for (const [nth, way] of ways.entries()) {
    const problem = laidChanged(facts, { way, ...asked });
    const found = problem && new Searching(problem, 1).goOn(({ steps }) => steps < STEPS);
    yield { nth, layout: found?.best };
  }
}
