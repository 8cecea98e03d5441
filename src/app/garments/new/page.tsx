import type { Metadata } from 'next';
import { getDatabase } from '@/server/database';
import { NewGarmentPage } from '@/features/garments/NewGarmentPage';
import { choices } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'New garment' };

export default function Page() {
  const db = getDatabase();
  return <NewGarmentPage wearers={choices(db, 'wearer')} cloths={choices(db, 'cloth')} />;
}
