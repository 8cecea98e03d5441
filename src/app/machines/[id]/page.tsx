import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { MachinePage } from '@/features/machines/MachinePage';
import { nextTimeOf } from '@/server/log';
import { getDatabase } from '@/server/database';
import { recordList, recordView, today } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Machine' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const machine = recordView(db, 'machine', (await params).id);
  if (!machine) notFound();
  return (
    <MachinePage
      key={machine.id}
      machine={machine}
      cloths={recordList(db, 'cloth')}
      nextTime={nextTimeOf(db, 'machine', machine.id)}
      today={today()}
    />
  );
}
