'use client';
import Alert from '@mui/material/Alert';
import Link from 'next/link';
import { useState } from 'react';
import type { ClothRole, CutWith } from '@/core/facts/layout';
import type { StoredRecord } from '@/core/facts/records';
import { lengthMm } from '@/core/facts/spec';
import { hasRepeat, piecesOnCloth, type ClothPiece, type OnCloth } from '@/core/onCloth/garmentPieces';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import { GarmentProvider, useGarment } from '../page/useGarment';
import { Desk } from './Desk';
import styles from './Layout.module.css';

interface Props {
  readonly view: GarmentView;
  /** The cloths of the household. */
  readonly shelf: readonly StoredRecord<'cloth'>[];
}

/** The pieces of a garment on each of its cloths, laid out to be short, and how much of it to buy. */
export const LayoutPage = ({ view, shelf }: Props) => (
  <RecordsProvider records={[view.garment, ...view.records]}>
    <GarmentProvider view={view}>
      <Inside shelf={shelf} />
    </GarmentProvider>
  </RecordsProvider>
);

const ROLES: Readonly<Record<ClothRole, string>> = {
  outer: 'Outer cloth',
  lining: 'Lining',
  band: 'Band cloth',
};
const TOOLS = [
  { id: 'rotary', name: 'Rotary cutter, 3 mm apart' },
  { id: 'scissors', name: 'Scissors, 6 mm apart' },
] as const;
const PRINTS = [
  { id: 'matched', name: 'Runs on over the seams' },
  { id: 'unmatched', name: 'Left as it falls' },
] as const;
const widthSpec = lengthMm('Width of the cloth', 50, 4000);

function Inside({ shelf }: Pick<Props, 'shelf'>) {
  const { id, garment, facts, kind, plan, today } = useGarment();
  const cloths = piecesOnCloth({ facts, kind, plan, onDate: today });
  const [role, setRole] = useState<ClothRole | undefined>(undefined);
  const [typed, setTyped] = useState<Partial<Record<ClothRole, number>>>({});
  const [tool, setTool] = useState<CutWith | undefined>(undefined);
  const [match, setMatch] = useState<boolean | undefined>(undefined);
  const on = cloths.find((one) => one.role === role) ?? cloths[0];
  const kept = on && garment.layouts?.[on.role];
  const widthMm = on && (typed[on.role] ?? kept?.widthMm ?? on.cloth?.widthMm);
  const cutWith = tool ?? kept?.cutWith ?? 'rotary';
  const unmatched = match === undefined ? (kept?.unmatched ?? false) : !match;
  const shelved = kept?.shelvedOn !== undefined;
  return (
    <>
      <p className="small">
        <Link href={`/garments/${id}?stage=cut`}>{garment.name}, Cut</Link>
      </p>
      <h1>Laid out on cloth</h1>
      {on === undefined ? (
        <p>Nothing of this garment is cut from cloth yet.</p>
      ) : (
        <div className={styles.page} style={{ marginTop: 18 }}>
          <div className={styles.choices}>
            {cloths.length > 1 && (
              <PickField
                label="Which cloth"
                value={on.role}
                options={cloths.map((one) => ({
                  id: one.role,
                  name: `${ROLES[one.role]}: ${one.cloth?.name ?? 'not chosen'}`,
                }))}
                empty="The first"
                onChange={(next) => setRole(next === '' ? undefined : (next as ClothRole))}
              />
            )}
            <LengthField
              key={on.role}
              spec={widthSpec}
              valueMm={widthMm}
              help="Between the selvedges, as it is sold. Washing is taken off."
              onChange={(mm) => setTyped({ ...typed, [on.role]: mm })}
            />
            <PickField
              label="Cut with"
              value={cutWith}
              options={TOOLS}
              empty="Rotary cutter, 3 mm apart"
              onChange={(next) => setTool(next === 'scissors' ? 'scissors' : 'rotary')}
            />
            {on.cloth && hasRepeat(on.cloth) && (
              <PickField
                label="Its print"
                value={unmatched ? 'unmatched' : 'matched'}
                options={PRINTS}
                empty="Runs on over the seams"
                onChange={(next) => setMatch(next !== 'unmatched')}
              />
            )}
            <p className="soft small">
              One flat layer, face up. Every piece runs as its stretch needs it; turned by half only where the
              cloth has no nap.
            </p>
            <StandIns on={on} />
          </div>
          <Desk
            key={on.role}
            on={on}
            shelf={shelf}
            using={{ widthMm, cutWith, unmatched, shelved }}
            onRotary={() => setTool('rotary')}
          />
        </div>
      )}
    </>
  );
}

function StandIns({ on }: { on: OnCloth }) {
  const named = (pieces: readonly ClothPiece[]) => pieces.map(({ label }) => label.toLowerCase()).join(', ');
  const standing = on.pieces.filter(({ standsIn }) => standsIn);
  return (
    <>
      {standing.length > 0 && (
        <Alert severity="info">
          No outline yet: {named(standing)}.{' '}
          {standing.length === 1 ? 'A rectangle stands' : 'Rectangles stand'} in, as large as the plan says.
          Draft or trace the pieces, and the layout becomes exact.
        </Alert>
      )}
      {on.unknown.length > 0 && (
        <Alert severity="warning">
          Not laid: {named(on.unknown)}. Nobody drew {on.unknown.length === 1 ? 'it' : 'them'}, and the plan
          has no size for {on.unknown.length === 1 ? 'it' : 'them'}: leave room, or draft or trace the pieces
          first.
        </Alert>
      )}
    </>
  );
}
