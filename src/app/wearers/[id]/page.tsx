import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { nextTimeOf } from '@/server/log';
import { getDatabase } from '@/server/database';
import { WearerPage } from '@/features/wearers/WearerPage';
import { recordView, today } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Wearer' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const wearer = recordView(db, 'wearer', (await params).id);
  if (!wearer) notFound();
  return (
    <WearerPage
      key={wearer.id}
      wearer={wearer}
      nextTime={nextTimeOf(db, 'wearer', wearer.id)}
      today={today()}
    />
  );
}
