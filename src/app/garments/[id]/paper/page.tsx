import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PaperPage } from '@/features/garment/paper/PaperPage';
import { getDatabase } from '@/server/database';
import { garmentView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Pieces at true scale' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = garmentView(getDatabase(), (await params).id);
  if (!view) notFound();
  return <PaperPage view={view} />;
}
