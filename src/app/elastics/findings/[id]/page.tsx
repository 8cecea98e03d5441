import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { FindingPage } from '@/features/elastics/FindingPage';
import { getDatabase } from '@/server/database';
import { recordView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Finding' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const finding = recordView(getDatabase(), 'finding', (await params).id);
  if (!finding) notFound();
  return <FindingPage key={finding.id} finding={finding} />;
}
