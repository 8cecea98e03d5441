import { planGarment } from '@/core/plan/planGarment';
import { compareSets, type SetComparison, type SetWithMachines } from '@/core/answers/compareSets';
import { planSewing } from '@/core/sewing/planSewing';
import { planTogether, type Together } from '@/core/answers/together';
import type { SewingPlan } from '@/core/sewing/types';
import type { GarmentFacts } from '@/core/facts/garmentFacts';

/** What the worker can be asked; each request has its answer's shape. */
export interface SewingAnswers {
  readonly sew: SewingPlan;
  readonly sets: readonly SetComparison[];
  readonly together: Together;
}

export type SewingRequest = {
  readonly serial: number;
  readonly onDate: string;
  readonly facts: GarmentFacts;
} & (
  | { readonly ask: 'sew' }
  | { readonly ask: 'sets'; readonly sets: readonly SetWithMachines[] }
  | { readonly ask: 'together'; readonly other: GarmentFacts }
);

export type SewingReply =
  | { readonly serial: number; readonly ok: true; readonly answer: SewingAnswers[keyof SewingAnswers] }
  | { readonly serial: number; readonly ok: false; readonly sentence: string };

/** Answers a request. Pure; the worker's file only carries messages. */
export function answerSewing(request: SewingRequest): SewingReply {
  const { serial } = request;
  try {
    return { serial, ok: true, answer: work(request) };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { serial, ok: false, sentence: `The order could not be worked out: ${why}` };
  }
}

function work(request: SewingRequest): SewingAnswers[keyof SewingAnswers] {
  const { facts, onDate } = request;
  switch (request.ask) {
    case 'sew':
      return planSewing(facts, planGarment(facts, { onDate }));
    case 'sets':
      return compareSets(facts, request.sets, onDate, planSewing(facts, planGarment(facts, { onDate })));
    case 'together':
      return planTogether(facts, request.other, onDate);
    default:
      throw new Error(`expected a known request, got ${JSON.stringify(request satisfies never)}`);
  }
}
