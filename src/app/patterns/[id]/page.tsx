import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PatternPage } from '@/features/patterns/PatternPage';
import { nextTimeOf } from '@/server/log';
import { getDatabase } from '@/server/database';
import { recordView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Pattern' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const pattern = recordView(db, 'pattern', (await params).id);
  if (!pattern) notFound();
  return <PatternPage key={pattern.id} pattern={pattern} nextTime={nextTimeOf(db, 'pattern', pattern.id)} />;
}
