import type { Metadata } from 'next';
import { getDatabase } from '@/server/database';
import { ListUndo } from '@/features/records/ListUndo';
import { GarmentsPage } from '@/features/garments/GarmentsPage';
import { GARMENTS_A_PAGE, garmentLines } from '@/server/views';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Garments' };

interface Props {
  searchParams: Promise<{ q?: string | string[]; offset?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { q, offset } = await searchParams;
  const query = (typeof q === 'string' ? q : '').slice(0, 60);
  const from = Math.min(
    Math.max(Math.trunc(Number(typeof offset === 'string' ? offset : 0)) || 0, 0),
    1_000_000,
  );
  const { lines, more } = garmentLines(getDatabase(), { query, offset: from });
  return (
    <>
      <GarmentsPage lines={lines} more={more} query={query} offset={from} pageSize={GARMENTS_A_PAGE} />
      <ListUndo />
    </>
  );
}
