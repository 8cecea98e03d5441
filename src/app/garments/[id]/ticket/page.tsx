import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getDatabase } from '@/server/database';
import { PrintedTicket } from '@/features/garment/cut/PrintedTicket';
import { garmentView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Ticket' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = garmentView(getDatabase(), (await params).id);
  if (!view) notFound();
  return <PrintedTicket view={view} />;
}
