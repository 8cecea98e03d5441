import type { Metadata } from 'next';
import { MachinesPage } from '@/features/machines/MachinesPage';
import { ListUndo } from '@/features/records/ListUndo';
import { getDatabase } from '@/server/database';
import { recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Machines' };

export default function Page() {
  const db = getDatabase();
  return (
    <>
      <MachinesPage machines={recordList(db, 'machine')} sets={recordList(db, 'machineSet')} />
      <ListUndo />
    </>
  );
}
