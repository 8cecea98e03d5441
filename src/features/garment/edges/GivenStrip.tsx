'use client';
import { lengthMm } from '@/core/facts/spec';
import { roundToStep, tapeStepMm } from '@/core/units/roundForTape';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { Fold } from '@/ui/Fold';

const LENGTH = lengthMm('Its length as cut', 30, 4000);
const WIDTH = lengthMm('Its width as cut', 6, 800);

interface Props {
  /** What the strip is called in a sentence. */
  readonly name: string;
  readonly cutLengthMm: number;
  readonly cutWidthMm: number;
  /** The person has a strip of that length: what is sewn follows from it. */
  readonly onLength: (cutMm: number) => void;
  readonly onWidth: (cutMm: number) => void;
}

/** A strip that is there already, or is always cut so wide: typed as it is cut, what it finishes to follows. */
export function GivenStrip({ name, cutLengthMm, cutWidthMm, onLength, onWidth }: Props) {
  const { unit } = useUnit();
  const onTape = (mm: number) => roundToStep(mm, tapeStepMm(mm, unit));
  return (
    <Fold summary={<>You have the {name} cut already</>}>
      <div className={styles.fields}>
        <LengthField
          spec={LENGTH}
          valueMm={onTape(cutLengthMm)}
          help="With its joins. Whether it holds and reaches is worked out again."
          onChange={(mm) => mm !== undefined && onLength(mm)}
        />
        <LengthField
          spec={WIDTH}
          valueMm={onTape(cutWidthMm)}
          help="With its allowances. What it finishes to follows."
          onChange={(mm) => mm !== undefined && onWidth(mm)}
        />
      </div>
    </Fold>
  );
}
