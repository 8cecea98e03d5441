import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { LayoutPage } from '@/features/garment/layout/LayoutPage';
import { getDatabase } from '@/server/database';
import { garmentView, recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Laid out on cloth' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const view = garmentView(db, (await params).id);
  if (!view) notFound();
  return <LayoutPage view={view} shelf={recordList(db, 'cloth')} />;
}
