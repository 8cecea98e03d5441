import type { ReactNode } from 'react';
import type { ClothRole } from '@/core/facts/layout';
import { nameOf, type Placement } from '@/core/layout/problem';
import { labelOf } from '@/core/onCloth/cutCopies';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import type { TicketRow } from '@/core/ticket/types';
import { formatLength } from '@/core/units/formatLength';
import { PhraseText } from '@/ui/PhraseText';
import { Tick } from '@/ui/Tick';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import styles from './Layout.module.css';

interface Props {
  readonly role: ClothRole;
  readonly pieces: readonly ClothPiece[];
  /** What to cut with, how to hold and mark it. */
  readonly advice: readonly string[];
  /** Where the cloth is folded, from its left selvedge. */
  readonly foldMm: number | undefined;
  /** In the order they are cut. */
  readonly order: readonly Placement[];
  readonly rows: ReadonlyMap<string, TicketRow>;
  /** The numbers of pieces in the picture. */
  readonly numbers: ReadonlyMap<string, number>;
  readonly cut: ReadonlySet<string>;
  readonly onTick: (one: Placement) => void;
  /** What becomes of the rest of the cloth. */
  readonly leftover: ReactNode;
}

/** What is cut one after the other, each ticked here or by a tap on the picture. */
export function Cutting({
  role,
  pieces,
  advice,
  foldMm,
  order,
  rows,
  numbers,
  cut,
  onTick,
  leftover,
}: Props) {
  const { id } = useGarment();
  const { unit } = useUnit();
  const href = `/api/garments/${id}/layout?role=${role}&unit=${unit}`;
  const next = order.find((one) => !cut.has(nameOf(one)));
  const row = next && rows.get(nameOf(next));
  return (
    <section aria-label="Cutting" className={styles.cutting}>
      <h2>{next ? `Next: ${labelOf(next, { pieces, rows })}` : 'All is cut'}</h2>
      {row && row.details.length > 0 && (
        <ul>
          {row.details.map((detail, nth) => (
            <li key={nth}>
              <PhraseText phrase={detail} />
            </li>
          ))}
        </ul>
      )}
      {foldMm !== undefined && (
        <p>
          Fold the cloth {formatLength(foldMm, unit)} from the left selvedge, faces together, and lay on it
          what is right of the fold: both layers are cut at once.
        </p>
      )}
      <ul className="soft">
        {advice.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <p>
        On paper:{' '}
        <a href={`${href}&as=pdf&paper=${unit === 'in' ? 'letter' : 'a4'}`}>cutting sheet, one page</a>
        {' · '}
        <a href={`${href}&as=svg`}>SVG at true scale</a>
        {' · '}
        <a href={`${href}&as=dxf`}>DXF at true scale</a>
      </p>
      {!next && leftover}
      <ol className={styles.order}>
        {order.map((one) => (
          <li key={nameOf(one)}>
            <Tick checked={cut.has(nameOf(one))} onChange={() => onTick(one)}>
              <strong>
                {numbers.get(one.piece)}
                {one.mirrored && '′'}
              </strong>{' '}
              {labelOf(one, { pieces, rows })}
            </Tick>
          </li>
        ))}
      </ol>
    </section>
  );
}
