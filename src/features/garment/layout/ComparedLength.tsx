import type { ReactNode } from 'react';
import { createLedger } from '@/core/explain/ledger';
import type { Cloth } from '@/core/facts/cloth';
import { planBuying, type Buying } from '@/core/onCloth/buy';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';

interface Props {
  readonly laidMm: number | undefined;
  readonly cloth: Cloth;
  /** What is said of it beside the length it takes. */
  readonly says: (buying: Buying) => ReactNode;
}

/** Two cells of a table: the length a layout takes once that is known, and what it means. */
export function ComparedLength({ laidMm, cloth, says }: Props) {
  const { unit } = useUnit();
  if (laidMm === undefined)
    return (
      <td colSpan={2} aria-busy="true">
        laying out…
      </td>
    );
  const book = createLedger();
  const buying = planBuying(book, { cloth, laidMm, unit });
  return (
    <NumbersProvider numbers={book.numbers}>
      <td>
        <ExplainedNumber id={buying.laid.id} />
      </td>
      <td>{says(buying)}</td>
    </NumbersProvider>
  );
}
