import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { createLedger, leaf } from '@/core/explain/ledger';
import type { LayoutProblem } from '@/core/layout/problem';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { Tick } from '@/ui/Tick';
import styles from './Layout.module.css';
import { useLengths } from './useLengths';
import type { Others } from './useOthers';

interface Props {
  readonly own: readonly ClothPiece[];
  /** Of all together, as they are laid out. */
  readonly problem: LayoutProblem;
  readonly laidMm: number;
  readonly others: Others;
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

/** Garments of the same cloth to lay out together, and what that saves. */
export function Together({ own, problem, laidMm, others, chosen, onChoose }: Props) {
  const { known, trouble, asked, ask, beside } = others;
  const apart = useMemo(
    (): readonly LayoutProblem[] | undefined =>
      beside.length === 0
        ? undefined
        : [own, ...beside.map(({ pieces }) => pieces)].map((pieces) => ({ ...problem, pieces })),
    [own, beside, problem],
  );
  const lengths = useLengths(apart);
  if (!asked && chosen.length === 0)
    return (
      <Button variant="text" onClick={ask}>
        Together with other garments
      </Button>
    );
  if (trouble !== undefined) return <p role="alert">{trouble}</p>;
  if (!known) return <p aria-busy="true">Looking up other garments of this cloth…</p>;
  if (known.length === 0)
    return <p className="soft">No other garment that is not cut yet is made of this cloth.</p>;
  const each = apart?.map((one) => lengths.get(one)?.lengthMm) ?? [];
  return (
    <section aria-label="Together">
      <h2>Together with</h2>
      <div className={styles.garments}>
        {known.map(({ record: { id, facts } }) => (
          <Tick
            key={id}
            checked={chosen.includes(id)}
            onChange={() =>
              onChoose(chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id])
            }
          >
            {facts.name}
          </Tick>
        ))}
      </div>
      {apart && <Saving laidMm={laidMm} each={each} />}
    </section>
  );
}

function Saving({ laidMm, each }: { laidMm: number; each: readonly (number | undefined)[] }) {
  const known = each.filter((mm) => mm !== undefined);
  if (known.length < each.length) return <p className="soft">Laying out each by itself, to compare…</p>;
  const book = createLedger();
  const parts = Object.fromEntries(
    known.map((mm, nth) => [`g${nth + 1}`, leaf(`garment ${nth + 1} by itself`, mm, 'mm', 'D')]),
  );
  const sum = Object.keys(parts).join(' + ');
  const apart = book.work('layout.apart', {
    label: 'length they take one after the other',
    unit: 'mm',
    mark: 'D',
    formula: sum,
    terms: parts,
  });
  const saved = book.work('layout.saved', {
    label: 'saved by laying them out together',
    unit: 'mm',
    mark: 'D',
    formula: 'apart - together',
    terms: { apart, together: leaf('length they take together', laidMm, 'mm', 'D') },
  });
  return (
    <NumbersProvider numbers={book.numbers}>
      <p>
        One after the other they take <ExplainedNumber id={apart.id} />
        {saved.value > 0 ? (
          <>
            ; together <ExplainedNumber id={saved.id} /> less.
          </>
        ) : (
          ': together they take no less so far.'
        )}
      </p>
    </NumbersProvider>
  );
}
