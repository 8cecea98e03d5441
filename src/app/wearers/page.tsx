import type { Metadata } from 'next';
import { getDatabase } from '@/server/database';
import { ListUndo } from '@/features/records/ListUndo';
import { WearersPage } from '@/features/wearers/WearersPage';
import { recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Wearers' };

export default function Page() {
  return (
    <>
      <WearersPage wearers={recordList(getDatabase(), 'wearer')} />
      <ListUndo />
    </>
  );
}
