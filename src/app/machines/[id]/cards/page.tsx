import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { PrintedCards } from '@/features/machines/PrintedCards';
import { getDatabase } from '@/server/database';
import { choices, recordView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Setup cards' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const machine = recordView(db, 'machine', (await params).id);
  if (!machine) notFound();
  const cloths = Object.fromEntries(choices(db, 'cloth').map(({ id, name }) => [id, name]));
  return <PrintedCards machine={machine} cloths={cloths} />;
}
