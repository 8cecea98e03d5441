import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ProjectorPage } from '@/features/garment/paper/ProjectorPage';
import { getDatabase } from '@/server/database';
import { garmentView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Projector' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = garmentView(getDatabase(), (await params).id);
  if (!view) notFound();
  return <ProjectorPage view={view} />;
}
