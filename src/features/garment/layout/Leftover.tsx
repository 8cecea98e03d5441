import Button from '@mui/material/Button';
import { createLedger } from '@/core/explain/ledger';
import type { Cloth } from '@/core/facts/cloth';
import type { ClothRole, KeptLayout } from '@/core/facts/layout';
import { leftOnShelf } from '@/core/onCloth/buy';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useGarment } from '../page/useGarment';

interface Props {
  readonly role: ClothRole;
  readonly cloth: Cloth;
  readonly kept: KeptLayout;
}

/** Once all is cut: what is left of the cloth goes back on the shelf, once. */
export function Leftover({ role, cloth, kept }: Props) {
  const { garment, set, today } = useGarment();
  const records = useRecords();
  const clothId = garment[`${role}ClothId`];
  if (kept.shelvedOn !== undefined)
    return <p>What was left over is back on the shelf, since {kept.shelvedOn}.</p>;
  const book = createLedger();
  const left = leftOnShelf(book, cloth, kept.lengthMm);
  if (!left || clothId === undefined) return null;
  const shelve = () => {
    records.set('cloth', clothId, `${cloth.name} left over`, { onHandMm: Math.round(left.value) });
    set('What was left over is on the shelf', { [`layouts.${role}.shelvedOn`]: today });
  };
  return (
    <NumbersProvider numbers={book.numbers}>
      <p>
        <ExplainedNumber id={left.id} /> of {cloth.name} is left.{' '}
        <Button variant="contained" onClick={shelve}>
          Back on the shelf
        </Button>
      </p>
    </NumbersProvider>
  );
}
