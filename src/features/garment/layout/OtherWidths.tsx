'use client';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { Cloth } from '@/core/facts/cloth';
import type { LayoutProblem } from '@/core/layout/problem';
import { SOLD_WIDTHS_MM } from '@/core/onCloth/buy';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import { laidOn, type Using } from '@/core/onCloth/laidOn';
import { toLayOut } from '@/core/onCloth/toLayOut';
import { formatLength } from '@/core/units/formatLength';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useUnit } from '@/ui/unit';
import { ComparedLength } from './ComparedLength';
import styles from './Layout.module.css';
import { useLengths } from './useLengths';

interface Props {
  readonly pieces: readonly ClothPiece[];
  readonly cloth: Cloth;
  readonly using: Using;
}

interface Sold {
  readonly widthMm: number;
  readonly problem: LayoutProblem | undefined;
}

/** How much to buy of the widths that cloth is usually sold in, once somebody asks. */
export function OtherWidths({ pieces, cloth, using: { cutWith, unmatched } }: Props) {
  const { unit } = useUnit();
  const sold = useMemo(
    () =>
      SOLD_WIDTHS_MM.map((widthMm): Sold => {
        // Bought anew it is whole.
        const on = laidOn(cloth, { widthMm, cutWith, unmatched, shelved: true });
        const asked = toLayOut(pieces, on);
        return { widthMm, problem: asked.ok ? asked.problem : undefined };
      }),
    [pieces, cloth, cutWith, unmatched],
  );
  const [asked, setAsked] = useState(false);
  const problems = useMemo(() => sold.flatMap(({ problem }) => (problem ? [problem] : [])), [sold]);
  const lengths = useLengths(asked ? problems : undefined);
  if (!asked)
    return (
      <Button variant="text" onClick={() => setAsked(true)}>
        How much of other widths
      </Button>
    );
  return (
    <table className={styles.compared}>
      <caption>To buy, by the width it is sold in</caption>
      <thead>
        <tr>
          <th scope="col">Width</th>
          <th scope="col">Takes</th>
          <th scope="col">To buy</th>
        </tr>
      </thead>
      <tbody>
        {sold.map(({ widthMm, problem }) => (
          <tr key={widthMm}>
            <th scope="row">{formatLength(widthMm, unit)}</th>
            {problem ? (
              <ComparedLength
                laidMm={lengths.get(problem)?.lengthMm}
                cloth={cloth}
                says={({ buy }) => <ExplainedNumber id={buy.id} />}
              />
            ) : (
              <td colSpan={2}>too narrow for a piece</td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
