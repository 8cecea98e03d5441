import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ElasticPage } from '@/features/elastics/ElasticPage';
import { getDatabase } from '@/server/database';
import { usesOfElastic } from '@/server/rolls';
import { recordView, today } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Elastic' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const elastic = recordView(db, 'elastic', (await params).id);
  if (!elastic) notFound();
  return (
    <ElasticPage key={elastic.id} elastic={elastic} uses={usesOfElastic(db, elastic.id)} today={today()} />
  );
}
