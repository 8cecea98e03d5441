import type { Metadata } from 'next';
import { ElasticsPage } from '@/features/elastics/ElasticsPage';
import { ListUndo } from '@/features/records/ListUndo';
import { getDatabase } from '@/server/database';
import { shortCount } from '@/server/rolls';
import { recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Elastics & findings' };

export default function Page() {
  const db = getDatabase();
  return (
    <>
      <ElasticsPage
        elastics={recordList(db, 'elastic')}
        findings={recordList(db, 'finding')}
        shortCount={shortCount(db)}
      />
      <ListUndo />
    </>
  );
}
