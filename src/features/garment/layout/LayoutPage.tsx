'use client';
import Link from 'next/link';
import { useState } from 'react';
import type { ClothRole } from '@/core/facts/layout';
import type { StoredRecord } from '@/core/facts/records';
import { piecesOnCloth } from '@/core/onCloth/garmentPieces';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider } from '@/features/records/RecordsProvider';
import { PickField } from '@/ui/PickField';
import { GarmentProvider, useGarment } from '../page/useGarment';
import { OneCloth } from './OneCloth';

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

function Inside({ shelf }: Pick<Props, 'shelf'>) {
  const { id, garment, facts, kind, plan, today } = useGarment();
  const cloths = piecesOnCloth({ facts, kind, plan, onDate: today });
  const [role, setRole] = useState<ClothRole | undefined>(undefined);
  const on = cloths.find((one) => one.role === role) ?? cloths[0];
  return (
    <>
      <p className="small">
        <Link href={`/garments/${id}?stage=cut`}>{garment.name}, Cut</Link>
      </p>
      <h1>Laid out on cloth</h1>
      {on === undefined ? (
        <p>Nothing of this garment is cut from cloth yet.</p>
      ) : (
        <OneCloth key={on.role} on={on} shelf={shelf}>
          {cloths.length > 1 && (
            <PickField
              label="Which cloth"
              value={on.role}
              options={cloths.map((one) => ({
                id: one.role,
                name: `${ROLES[one.role]}: ${one.cloth?.name ?? 'not chosen'}`,
              }))}
              onChange={(next) => setRole(next as ClothRole)}
            />
          )}
        </OneCloth>
      )}
    </>
  );
}
