import type { Metadata } from 'next';
import { AdaptPage } from '@/features/patterns/AdaptPage';
import { getDatabase } from '@/server/database';
import { recordList, today } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Adapt a pattern' };

export default function Page() {
  const db = getDatabase();
  return (
    <AdaptPage wearers={recordList(db, 'wearer')} patterns={recordList(db, 'pattern')} today={today()} />
  );
}
