import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { AtMachine } from '@/features/garment/machine/AtMachine';
import { getDatabase } from '@/server/database';
import { garmentView } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'At the machine' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const view = garmentView(getDatabase(), (await params).id);
  if (!view) notFound();
  return <AtMachine view={view} />;
}
