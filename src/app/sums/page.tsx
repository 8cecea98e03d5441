import type { Metadata } from 'next';
import { SumsPage } from '@/features/sums/SumsPage';
import { getDatabase } from '@/server/database';
import { latestGarments, recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Sums' };

export default function Page() {
  const db = getDatabase();
  const garments = latestGarments(db);
  return (
    <SumsPage garments={garments} patterns={recordList(db, 'pattern')} wearers={recordList(db, 'wearer')} />
  );
}
