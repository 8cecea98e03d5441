import type { Metadata } from 'next';
import { PatternsPage } from '@/features/patterns/PatternsPage';
import { getDatabase } from '@/server/database';
import { recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Patterns' };

export default function Page() {
  return <PatternsPage patterns={recordList(getDatabase(), 'pattern')} />;
}
