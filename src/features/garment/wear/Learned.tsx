'use client';
import { triesOf, type LearnedPlan } from '@/core/learn/learned';
import { likingScales } from '@/core/learn/scales';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useGarment } from '../page/useGarment';
import { Forget } from './Forget';

/** What was learned of a place, on what it rests, and how to have it forgotten. */
export function Learned({ place, plan }: { place: string; plan: LearnedPlan }) {
  const { facts } = useGarment();
  return (
    <p className="small">
      Learned from {triesOf(plan)}: {facts.wearer?.name ?? 'the wearer'} likes it at{' '}
      <ExplainedNumber id={plan.value} />, {likingScales[plan.scale].label}; most likely from{' '}
      <ExplainedNumber id={plan.low} /> to <ExplainedNumber id={plan.high} />. <Forget place={place} />
    </p>
  );
}
