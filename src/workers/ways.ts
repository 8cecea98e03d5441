import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { ClothRole } from '@/core/facts/layout';
import type { Layout } from '@/core/layout/problem';
import { laidChanged, planned, type ChangedWay } from '@/core/onCloth/changedWays';
import type { Using } from '@/core/onCloth/laidOn';
import { comparedLayout } from './lengths';

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

/** Plans and lays out one after the other. */
export function* answerWays({ facts, ways, ...asked }: WaysRequest): Generator<WayReply> {
  const before = planned(facts, asked.onDate);
  for (const [nth, way] of ways.entries()) {
    const problem = laidChanged(before, way, asked);
    yield { nth, layout: problem && comparedLayout(problem) };
  }
}
