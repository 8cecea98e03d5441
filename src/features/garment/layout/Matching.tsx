import { useMemo } from 'react';
import { createLedger, leaf } from '@/core/explain/ledger';
import type { LayoutProblem } from '@/core/layout/problem';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useLengths } from './useLengths';

interface Props {
  readonly problem: LayoutProblem;
  readonly laidMm: number;
}

/** How much more cloth it takes that the print runs on over the seams. */
export function Matching({ problem, laidMm }: Props) {
  const free = useMemo((): readonly LayoutProblem[] => [{ ...problem, repeat: undefined }], [problem]);
  const freeMm = useLengths(free).get(free[0] as LayoutProblem)?.lengthMm;
  if (freeMm === undefined) return <p className="soft small">Working out what matching costs…</p>;
  const book = createLedger();
  const more = book.work('layout.matching', {
    label: 'more cloth for the print to run on over the seams',
    unit: 'mm',
    mark: 'D',
    formula: 'max(0, L - free)',
    terms: {
      L: leaf('length the pieces take, matched', laidMm, 'mm', 'D'),
      free: leaf('length they take as the print falls', freeMm, 'mm', 'D'),
    },
  });
  return (
    <NumbersProvider numbers={book.numbers}>
      <p>
        The print runs on over the seams: sides meet on the same stripe at their lower end, a sleeve at the
        front notch of the armhole, and the middle of each piece lies on a repeat. That takes{' '}
        <ExplainedNumber id={more.id} /> more than as it falls.
      </p>
    </NumbersProvider>
  );
}
