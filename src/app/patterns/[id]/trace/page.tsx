import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { TracePage } from '@/features/trace/TracePage';
import { getDatabase } from '@/server/database';
import { recordView, tracedFor } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Tracing table' };

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ for?: string | string[] }>;
}

export default async function Page({ params, searchParams }: Props) {
  const db = getDatabase();
  const pattern = recordView(db, 'pattern', (await params).id);
  if (!pattern) notFound();
  const { for: garmentId } = await searchParams;
  const garment = typeof garmentId === 'string' ? tracedFor(db, garmentId) : undefined;
  return <TracePage key={pattern.id} pattern={pattern} garment={garment} />;
}
