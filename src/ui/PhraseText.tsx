'use client';
import { idFor } from '@/core/explain/display';
import type { Phrase } from '@/core/explain/explained';
import { ExplainedNumber } from './ExplainedNumber';
import { useUnit } from './unit';

/** A sentence of the plan, its numbers live. */
export function PhraseText({ phrase }: { phrase: Phrase }) {
  const { unit } = useUnit();
  return (
    <>
      {phrase.map((part, at) => {
        if (typeof part === 'string') return <span key={at}>{part}</span>;
        if ('name' in part) return <span key={at}>{part.name}</span>;
        return <ExplainedNumber key={at} id={idFor(part, unit)} side={part.side} />;
      })}
    </>
  );
}
