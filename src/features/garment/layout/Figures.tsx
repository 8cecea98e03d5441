import type { Ledger } from '@/core/explain/ledger';
import { areaOfRings, ringsWithin } from '@/core/geometry/clip';
import { areaOfPieces, type LayoutProblem } from '@/core/layout/problem';
import type { Buying } from '@/core/onCloth/buy';
import { formatLength } from '@/core/units/formatLength';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { NumbersProvider } from '@/ui/numbers';
import { useUnit } from '@/ui/unit';
import styles from './Layout.module.css';

interface FiguresProps {
  readonly book: Ledger;
  readonly buying: Buying;
  readonly problem: LayoutProblem;
  readonly widthMm: number;
}

/** How much a layout takes, what to buy for it, how well it uses the cloth, and what is on the shelf. */
export function Figures({ book, buying: { laid, buy, over, short }, problem, widthMm }: FiguresProps) {
  const { unit } = useUnit();
  const { widthMm: right, holes = [] } = problem;
  const goneMm2 = areaOfRings(ringsWithin({ left: 0, top: 0, right, bottom: laid.value }, holes));
  const use = book.work('layout.use', {
    label: 'use of the cloth',
    unit: 'share',
    mark: 'D',
    formula: 'A / (W * L - gone)',
    terms: {
      A: { label: 'area of the pieces, mm²', value: areaOfPieces(problem.pieces), unit: 'count', mark: 'D' },
      W: { label: 'width laid on', value: problem.widthMm, unit: 'mm', mark: 'D' },
      L: laid,
      gone: { label: 'cut from it before, mm²', value: goneMm2, unit: 'count', mark: 'D' },
    },
  });
  return (
    <NumbersProvider numbers={book.numbers}>
      <dl className={styles.figures}>
        <Figure label={problem.holes ? 'Reaches down to' : 'Length it takes'} number={laid.id} />
        {!problem.holes && <Figure label={`To buy, ${formatLength(widthMm, unit)} wide`} number={buy.id} />}
        <Figure label="Of the cloth used" number={use.id} />
        {over && <Figure label="Left over on the shelf" number={over.id} />}
        {short && <Figure label="Short on the shelf by" number={short.id} />}
      </dl>
    </NumbersProvider>
  );
}

const Figure = ({ label, number }: { label: string; number: string }) => (
  <div className={styles.figure}>
    <dt>{label}</dt>
    <dd>
      <ExplainedNumber id={number} />
    </dd>
  </div>
);
