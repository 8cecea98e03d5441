import type { Metadata } from 'next';
import { ShoppingPage } from '@/features/elastics/ShoppingPage';
import { getDatabase } from '@/server/database';
import { shoppingView } from '@/server/rolls';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Shopping list' };

export default function Page() {
  return <ShoppingPage list={shoppingView(getDatabase())} />;
}
