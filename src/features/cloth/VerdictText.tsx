'use client';
import { lower } from '@/core/units/words';
import type { Verdict } from '@/core/answers/becoming';
import { phraseText } from '@/core/explain/display';
import { NumbersProvider } from '@/ui/numbers';
import { PhraseText } from '@/ui/PhraseText';
import { useUnit } from '@/ui/unit';

/** Why a cloth can or cannot become a garment: what has to be done, what fell short, what wants care. */
export function VerdictText({ verdict }: { verdict: Verdict }) {
  const { unit } = useUnit();
  const { answer, ifs, because, mind, numbers } = verdict;
  return (
    <NumbersProvider numbers={numbers}>
      {ifs.length > 0 && (
        <p>
          If you{' '}
          {ifs
            .map((phrase) => phraseText(phrase, numbers, unit).replace(/\.$/, ''))
            .map(lower)
            .join(', and ')}
          .
        </p>
      )}
      {because.map((phrase, at) => (
        <p key={at} className={answer === 'no' ? undefined : 'soft small'}>
          <PhraseText phrase={phrase} />
        </p>
      ))}
      {mind.map((phrase, at) => (
        <p key={at} className="soft small">
          Mind: <PhraseText phrase={phrase} />
        </p>
      ))}
    </NumbersProvider>
  );
}

/** The answer in a word, told apart by sign and weight as well as colour. */
export function Answer({ answer }: { answer: Verdict['answer'] }) {
  const [sign, colour] = {
    yes: ['✓', 'var(--capacity)'],
    'yes if': ['✓', 'var(--capacity)'],
    'test first': ['?', 'var(--soft)'],
    no: ['✕', 'var(--demand)'],
  }[answer] as [string, string];
  return (
    <strong style={{ color: colour, whiteSpace: 'nowrap' }}>
      <span aria-hidden="true">{sign} </span>
      {answer}
    </strong>
  );
}

/** How many times over the scarcest thing is there. */
export const marginText = ({ margin }: Verdict): string =>
  margin === undefined ? '' : `${margin.toFixed(2)}×`;
