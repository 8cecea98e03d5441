import type { Metadata } from 'next';
import { getDatabase } from '@/server/database';
import { NewGarmentPage } from '@/features/garments/NewGarmentPage';
import { choices, recordList } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'New garment' };

interface Props {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}

export default async function Page({ searchParams }: Props) {
  const db = getDatabase();
  const asked = await searchParams;
  const one = (key: string) => (typeof asked[key] === 'string' ? { [key]: asked[key] } : {});
  return (
    <NewGarmentPage
      wearers={choices(db, 'wearer')}
      cloths={choices(db, 'cloth')}
      ownKinds={recordList(db, 'ownKind')}
      start={{ ...one('kind'), ...one('cloth'), ...one('wearer') }}
    />
  );
}
