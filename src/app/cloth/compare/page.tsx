import type { Metadata } from 'next';
import { ComparePage } from '@/features/cloth/ComparePage';
import { getDatabase } from '@/server/database';
import { choices, recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Compare cloths' };

export default function Page() {
  const db = getDatabase();
  return <ComparePage cloths={recordList(db, 'cloth')} wearers={choices(db, 'wearer')} />;
}
