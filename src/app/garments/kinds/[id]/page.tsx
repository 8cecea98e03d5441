import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { OwnKindPage } from '@/features/garments/OwnKindPage';
import { getDatabase } from '@/server/database';
import { recordView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Your own kind of garment' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const ownKind = recordView(getDatabase(), 'ownKind', (await params).id);
  if (!ownKind) notFound();
  return <OwnKindPage key={ownKind.id} ownKind={ownKind} />;
}
