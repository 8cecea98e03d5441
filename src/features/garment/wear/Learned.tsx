'use client';
import type { LearnedAt } from '@/core/learn/learned';
import { likingScales } from '@/core/learn/scales';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useGarment } from '../page/useGarment';
import { Forget } from './Forget';

/** What was learned of a place, on what it rests, and how to have it forgotten. */
export function Learned({ place, plan }: { place: string; plan: LearnedAt }) {
  const { facts } = useGarment();
  return (
    <p className="small">
      Learned from {plan.rests}: {facts.wearer?.name ?? 'the wearer'} likes it at{' '}
      <ExplainedNumber id={plan.value} />, {likingScales[plan.scale].label}; here most likely from{' '}
      <ExplainedNumber id={plan.between[0]} /> to <ExplainedNumber id={plan.between[1]} />.{' '}
      <Forget place={place} />
    </p>
  );
}
