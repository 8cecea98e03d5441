'use client';
import type { Phrase } from '@/core/explain/explained';
import { ExplainedNumber } from './ExplainedNumber';

/** A sentence of the plan, its numbers live. */
export function PhraseText({ phrase }: { phrase: Phrase }) {
  return (
    <>
      {phrase.map((part, at) => {
        if (typeof part === 'string') return <span key={at}>{part}</span>;
        return 'name' in part ? <span key={at}>{part.name}</span> : <ExplainedNumber key={at} id={part.n} />;
      })}
    </>
  );
}
