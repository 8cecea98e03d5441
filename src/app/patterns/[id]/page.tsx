import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PatternPage } from '@/features/patterns/PatternPage';
import { getDatabase } from '@/server/database';
import { recordView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Pattern' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const pattern = recordView(getDatabase(), 'pattern', (await params).id);
  if (!pattern) notFound();
  return <PatternPage key={pattern.id} pattern={pattern} />;
}
