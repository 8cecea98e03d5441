import Button from '@mui/material/Button';
import { createLedger } from '@/core/explain/ledger';
import type { Cloth } from '@/core/facts/cloth';
import type { ClothRole, KeptLayout } from '@/core/facts/layout';
import { areaOfRings } from '@/core/geometry/clip';
import type { Layout, LayoutProblem } from '@/core/layout/problem';
import { leftOnShelf } from '@/core/onCloth/buy';
import { leftoverOf } from '@/core/onCloth/leftover';
import { rolesWithin } from '@/core/onCloth/together';
import { formatArea } from '@/core/units/formatArea';
import { useUnit } from '@/ui/unit';
import { useRecords } from '@/features/records/RecordsProvider';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useGarment } from '../page/useGarment';
import styles from './Layout.module.css';

interface Props {
  readonly role: ClothRole;
  readonly cloth: Cloth;
  readonly kept: KeptLayout;
  readonly problem: LayoutProblem;
  readonly layout: Layout;
}

/** Once all is cut: what is left of the cloth goes back on the shelf, once, cut straight or with all that lies between the pieces. */
export function Leftover({ role, cloth, kept, problem, layout }: Props) {
  const { id, garment, set, today } = useGarment();
  const { unit } = useUnit();
  const records = useRecords();
  const clothId = garment[`${role}ClothId`];
  if (kept.shelvedOn !== undefined)
    return <p>What was left over is back on the shelf, since {kept.shelvedOn}.</p>;
  if (clothId === undefined) return null;
  const book = createLedger();
  const straight = leftOnShelf(book, cloth, kept.lengthMm);
  const whole = leftoverOf(cloth, { problem, layout });
  const shelve = (changes: Readonly<Record<string, unknown>>) => () => {
    records.set('cloth', clothId, `${cloth.name} left over`, changes);
    set('What was left over is on the shelf', { [`layouts.${role}.shelvedOn`]: today });
    for (const { garmentId } of kept.with ?? []) {
      const theirs = records.facts('garment', garmentId);
      const shelved = theirs ? rolesWithin(theirs, id).map((one) => [`layouts.${one}.shelvedOn`, today]) : [];
      records.set('garment', garmentId, 'What was left over is on the shelf', Object.fromEntries(shelved));
    }
  };
  if (!straight && !whole) return <p>What is left is no more than scraps.</p>;
  const areaMm2 = areaOfRings((whole?.outline ?? []).map(({ points }) => points));
  return (
    <NumbersProvider numbers={book.numbers}>
      <div className={styles.leftover}>
        {straight && (
          <p>
            <ExplainedNumber id={straight.id} /> of {cloth.name} is left, cut straight below the pieces.{' '}
            <Button
              variant="contained"
              onClick={shelve({ onHandMm: Math.round(straight.value), outline: null })}
            >
              Back on the shelf
            </Button>
          </p>
        )}
        {whole && (
          <p>
            With all that is worth keeping between the pieces it is {formatArea(areaMm2, unit)}: small pieces
            of other garments may fit there.{' '}
            <Button variant="outlined" onClick={shelve(whole)}>
              Keep its outline too
            </Button>
          </p>
        )}
      </div>
    </NumbersProvider>
  );
}
