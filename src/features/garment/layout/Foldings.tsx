import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { Cloth } from '@/core/facts/cloth';
import type { CutWith } from '@/core/facts/layout';
import type { Placement } from '@/core/layout/problem';
import { foldings, unfolded, type Folding } from '@/core/onCloth/folding';
import type { ClothPiece } from '@/core/onCloth/garmentPieces';
import { ComparedLength } from './ComparedLength';
import styles from './Layout.module.css';
import { useLengths } from './useLengths';

interface Props {
  readonly pieces: readonly ClothPiece[];
  readonly cloth: Cloth;
  /** Usable, washed. */
  readonly widthMm: number;
  readonly cutWith: CutWith;
  /** Of the layout that is shown, where that is on one flat layer. */
  readonly flatMm: number | undefined;
  readonly onTake: (label: string, placements: readonly Placement[], foldMm: number) => void;
}

/** How much cloth takes that is folded before it is cut, each way laid out for real once somebody asks; and taken as it is. */
export function Foldings({ pieces, cloth, widthMm, cutWith, flatMm, onTake }: Props) {
  const [asked, setAsked] = useState(false);
  const ways = useMemo(
    () => (asked ? foldings(pieces, { widthMm, cutWith }) : []),
    [asked, pieces, widthMm, cutWith],
  );
  const problems = useMemo(
    () => ways.flatMap(({ doubled, single }) => (single ? [doubled, single] : [doubled])),
    [ways],
  );
  const layouts = useLengths(asked ? problems : undefined);
  if (!asked)
    return (
      <Button variant="text" onClick={() => setAsked(true)}>
        Flat or folded
      </Button>
    );
  if (ways.length === 0)
    return <p className="soft">None of these pieces gains by a second layer: cut them flat.</p>;
  const foundOf = ({ doubled, single }: Folding) => {
    const [two, one] = [layouts.get(doubled), single && layouts.get(single)];
    return two && (!single || one) ? { doubled: two, single: one } : undefined;
  };
  return (
    <table className={styles.compared}>
      <caption>Flat or folded</caption>
      <thead>
        <tr>
          <th scope="col">How it lies</th>
          <th scope="col">Takes</th>
          <th scope="col" aria-label="Take it" />
        </tr>
      </thead>
      <tbody>
        {flatMm !== undefined && (
          <tr>
            <th scope="row">
              Flat, one layer
              <p className="soft small">The most exact: for slippery, piled or precise pieces.</p>
            </th>
            <ComparedLength laidMm={flatMm} cloth={cloth} says={() => null} />
          </tr>
        )}
        {ways.map((way) => {
          const found = foundOf(way);
          const laidMm = found && Math.max(found.doubled.lengthMm, found.single?.lengthMm ?? 0);
          return (
            <tr key={way.id}>
              <th scope="row">
                {way.label}
                <p className="soft small">{way.caution}</p>
              </th>
              <ComparedLength
                laidMm={laidMm}
                cloth={cloth}
                says={() =>
                  found && (
                    <Button
                      size="small"
                      variant="outlined"
                      onClick={() => onTake(way.label, unfolded(pieces, way, found), way.foldMm)}
                    >
                      Cut it so
                    </Button>
                  )
                }
              />
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
