import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { getDatabase } from '@/server/database';
import { ClothPage } from '@/features/cloth/ClothPage';
import { nextTimeOf } from '@/server/log';
import { choices, recordList, recordView, today } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Cloth' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const db = getDatabase();
  const cloth = recordView(db, 'cloth', (await params).id);
  if (!cloth) notFound();
  return (
    <ClothPage
      key={cloth.id}
      cloth={cloth}
      others={recordList(db, 'cloth')}
      wearers={choices(db, 'wearer')}
      nextTime={nextTimeOf(db, 'cloth', cloth.id)}
      today={today()}
    />
  );
}
