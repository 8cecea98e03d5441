import Alert from '@mui/material/Alert';
import Link from 'next/link';
import { useMemo, useState, type ReactNode } from 'react';
import type { CutWith } from '@/core/facts/layout';
import { lengthMm } from '@/core/facts/spec';
import type { OnShelf } from '@/core/onCloth/changedWays';
import { directionFaults } from '@/core/onCloth/directions';
import { hasRepeat, type OnCloth } from '@/core/onCloth/garmentPieces';
import { GAPS_MM } from '@/core/onCloth/toLayOut';
import { joinedPieces } from '@/core/onCloth/together';
import { formatLength } from '@/core/units/formatLength';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';
import { useGarment } from '../page/useGarment';
import { Desk } from './Desk';
import styles from './Layout.module.css';
import { StandIns } from './StandIns';
import { Together } from './Together';
import { useOthers } from './useOthers';

const TOOLS = [
  { id: 'rotary', name: 'Rotary cutter' },
  { id: 'scissors', name: 'Scissors' },
] as const;
const PRINTS = [
  { id: 'matched', name: 'Runs on over the seams' },
  { id: 'unmatched', name: 'Left as it falls' },
] as const;
const widthSpec = lengthMm('Width of the cloth', 50, 4000);

const NONE: readonly string[] = [];

interface Props {
  readonly on: OnCloth;
  /** The cloths of the household. */
  readonly shelf: readonly OnShelf[];
  /** Which of the garment’s cloths it is. */
  readonly children: ReactNode;
}

/** One cloth of a garment: how it is used, and its layout. */
export function OneCloth({ on, shelf, children }: Props) {
  const { id, garment, plan } = useGarment();
  const { unit } = useUnit();
  const [typedMm, setTyped] = useState<number | undefined>(undefined);
  const [tool, setTool] = useState<CutWith | undefined>(undefined);
  const [match, setMatch] = useState<boolean | undefined>(undefined);
  const [chosen, setChosen] = useState<readonly string[] | undefined>(undefined);
  const kept = garment.layouts?.[on.role];
  const widthMm = typedMm ?? kept?.widthMm ?? on.cloth?.widthMm;
  const cutWith = tool ?? kept?.cutWith ?? 'rotary';
  const unmatched = match === undefined ? (kept?.unmatched ?? false) : !match;
  const shelved = kept?.shelvedOn !== undefined;
  const together = chosen ?? kept?.with?.map(({ garmentId }) => garmentId) ?? NONE;
  const others = useOthers(garment[`${on.role}ClothId`], id, together);
  const { beside } = others;
  const pieces = useMemo(() => joinedPieces(on.pieces, beside), [on.pieces, beside]);
  const faults = directionFaults(on, plan);
  return (
    <div className={styles.page} style={{ marginTop: 18 }}>
      <div className={styles.choices}>
        {children}
        <LengthField
          spec={widthSpec}
          valueMm={widthMm}
          help="Between the selvedges, as it is sold. Washing is taken off."
          onChange={setTyped}
        />
        <PickField
          label="Cut with"
          value={cutWith}
          options={TOOLS.map(({ id: one, name }) => ({
            id: one,
            name: `${name}, ${formatLength(GAPS_MM[one], unit)} apart`,
          }))}
          onChange={(next) => setTool(next === 'scissors' ? 'scissors' : 'rotary')}
        />
        {on.cloth && hasRepeat(on.cloth) && (
          <PickField
            label="Its print"
            value={unmatched ? 'unmatched' : 'matched'}
            options={PRINTS}
            onChange={(next) => setMatch(next !== 'unmatched')}
          />
        )}
        <p className="soft small">
          One flat layer, face up. Every piece runs as its stretch needs it; turned by half only where the
          cloth has no nap.
        </p>
        {faults.map((sentence) => (
          <Alert key={sentence} severity="warning">
            {sentence}
          </Alert>
        ))}
        <StandIns on={on} />
        {kept?.within !== undefined && (
          <Alert severity="info">
            It was laid out together with another garment.{' '}
            <Link href={`/garments/${kept.within}/layout`}>Open them together</Link> to move its pieces or to
            cut.
          </Alert>
        )}
      </div>
      {together.length > 0 && !others.known ? (
        <p aria-busy={others.trouble === undefined}>{others.trouble ?? 'Looking up the other garments…'}</p>
      ) : (
        <Desk
          on={{ ...on, pieces }}
          beside={beside}
          shelf={shelf}
          using={{ widthMm, cutWith, unmatched, shelved }}
          onRotary={() => setTool('rotary')}
          together={(laidMm, problem) => (
            <Together
              own={on.pieces}
              problem={problem}
              laidMm={laidMm}
              others={others}
              chosen={together}
              onChoose={setChosen}
            />
          )}
        />
      )}
    </div>
  );
}
