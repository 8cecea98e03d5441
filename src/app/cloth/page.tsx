import type { Metadata } from 'next';
import { getDatabase } from '@/server/database';
import { ListUndo } from '@/features/records/ListUndo';
import { ClothsPage } from '@/features/cloth/ClothsPage';
import { recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Cloth' };

export default function Page() {
  return (
    <>
      <ClothsPage cloths={recordList(getDatabase(), 'cloth')} />
      <ListUndo />
    </>
  );
}
